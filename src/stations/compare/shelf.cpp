#include "stations/compare/shelf.h"

#include "words/numbers.h"

namespace app {

QString Shelf::load(const book::Book& book) {
    items_.clear();
    auto read = book.shelf();
    if (const auto* e = std::get_if<book::Error>(&read)) return book::sentence(*e, book.path());
    for (book::ShelfCam& cam : std::get<std::vector<book::ShelfCam>>(read)) {
        ShelfItem item;
        item.figures = lobe::shelfFigures(cam.card);
        item.words = (QString::fromStdString(cam.card.name) + QLatin1Char(' ') + cam.jobName +
                      QLatin1Char(' ') + words::followerName(cam.follower) +
                      (cam.measured ? QStringLiteral(" measured") : QStringLiteral(" card")))
                         .toLower()
                         .toStdString();
        item.cam = std::move(cam);
        items_.push_back(std::move(item));
    }
    return {};
}

std::vector<std::size_t> Shelf::search(const QString& text) const {
    const auto terms = lobe::searchTerms(text.toLower().toStdString());
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < items_.size(); ++i)
        if (lobe::matches(terms, items_[i].figures, items_[i].words)) out.push_back(i);
    return out;
}

} // namespace app
