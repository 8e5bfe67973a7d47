#include "app/benches/sheet/sheet_station.h"

#include "app/style/flow.h"
#include "app/style/label.h"
#include "app/style/shrinking.h"
#include "book/files.h"
#include "book/job_file.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QFileInfo>
#include <QLabel>
#include <QPrinter>
#include <QPushButton>
#include <QVBoxLayout>

namespace app {

using namespace lobe;

SheetStation::SheetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      dialogs_(dialogs),
      preview_(new PagesView(look, this)),
      said_(new ShrinkingLabel(this)),
      letter_(new QPushButton(Say::tr("Letter"), this)),
      card_(new QPushButton(Say::tr("cam alone"), this)) {
    setObjectName(QStringLiteral("sheetStation"));
    preview_->setObjectName(QStringLiteral("sheetPreview"));
    preview_->setAccessibleName(Say::tr("The pages"));
    said_->setProperty("role", "quiet");
    said_->setObjectName(QStringLiteral("sheetSaid"));
    said_->setWordWrap(true);
    desk_->setLetter(look.letter());
    auto* chips = new FlowLayout(6);
    auto* leaveOut = new PlainLabel(Say::tr("leave out:"), this);
    leaveOut->setProperty("role", "quiet");
    chips->addWidget(leaveOut);
    const auto chip = [&](QPushButton* button, const QString& name) {
        button->setObjectName(name);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        chips->addWidget(button);
    };
    for (const sheet::Part& part : sheet::parts()) {
        const QString key = QLatin1String(part.key);
        auto* button = new QPushButton(part.name, this);
        chip(button, QStringLiteral("part-") + key);
        parts_[key] = button;
        tip(button, Say::tr("Leave this part out, or put it in again"));
        connect(button, &QPushButton::clicked, this, [this, key] { desk_->toggle(key); });
    }
    chips->addSpacing(10);
    chip(letter_, QStringLiteral("sheetLetter"));
    chip(card_, QStringLiteral("sheetCard"));
    tip(letter_, Say::tr("Paper of Letter size; else A4"));
    tip(card_, Say::tr("One page of the cam alone, for whoever grinds it"));
    tip(preview_, Say::tr("The pages as they are printed"), QStringLiteral("Ctrl+P"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->addLayout(chips);
    column->addWidget(said_);
    column->addWidget(preview_, 1);
    connect(letter_, &QPushButton::clicked, desk_, &SheetDesk::setLetter);
    connect(card_, &QPushButton::clicked, desk_, &SheetDesk::setCardOnly);
    connect(desk_, &SheetDesk::pdfWanted, this, &SheetStation::savePdf);
    connect(desk_, &SheetDesk::printWanted, this, &SheetStation::print);
}

sheet::Options SheetStation::options() const {
    sheet::Options o;
    o.leftOut = desk_->leftOut();
    o.letter = desk_->letter();
    o.cardOnly = desk_->cardOnly();
    o.by = QString::fromStdString(job().by);
    o.style = look().style();
    o.language = Say::tr("en", "the language of this translation, as a tag");
    o.now_ms = session().now();
    return o;
}

void SheetStation::refresh() {
    const sheet::Options o = options();
    for (auto& [key, button] : parts_) {
        const bool onCard = key == QLatin1String("pictures") || key == QLatin1String("figures");
        button->setChecked(o.cardOnly ? !onCard : o.leftOut.contains(key));
        button->setEnabled(!o.cardOnly);
    }
    letter_->setChecked(o.letter);
    card_->setChecked(o.cardOnly);
    const QString by = o.leftOut.join(QLatin1Char(',')) + o.by + QString::number(o.letter) +
                       QString::number(o.cardOnly) + QString::number(o.style.inches()) +
                       QLocale().name() + look().theme().plate.name();
    if (!isVisible() || (painted_ == session().snapshot() && by == paintedBy_)) return;
    painted_ = session().snapshot();
    paintedBy_ = by;
    if (session().snapshot()->pending) { // a sheet of what is not found yet would be believed
        preview_->setPages({});
        said_->setText(Say::tr("Being worked out; everything typed is kept."));
        return;
    }
    preview_->setPages(sheet::Sheet(job(), findings(), o).shown());
    desk_->setPages(preview_->pageCount());
    said_->setText(Say::tr("%n pages as they will be printed", nullptr, preview_->pageCount()) +
                   (o.by.isEmpty() ? Say::tr("; by NAME says who measured") : QString()));
}

void SheetStation::showEvent(QShowEvent* event) {
    Bench::showEvent(event);
    refresh();
}

void SheetStation::savePdf() {
    const QString path = dialogs_.saveFile(this, Say::tr("Save the sheet"),
                                           book::fileName(QString::fromStdString(job().name)) +
                                               QStringLiteral(".pdf"),
                                           Say::tr("PDF (*.pdf)"));
    if (path.isEmpty()) return;
    session().settle(); // the book may have been written to behind the question
    QString why = book::refusesExport(path, session().book().path());
    if (why.isEmpty()) why = sheet::Sheet(job(), findings(), options()).savePdf(path);
    said_->setText(why.isEmpty() ? Say::tr("%1 is written.").arg(QFileInfo(path).fileName())
                                 : path + QStringLiteral(": ") + why);
}

void SheetStation::print() {
    QPrinter printer(QPrinter::HighResolution);
    if (!dialogs_.setUpPrinter(this, printer)) return;
    session().settle();
    sheet::Sheet(job(), findings(), options()).paint(printer);
    said_->setText(Say::tr("sent to the printer"));
}

} // namespace app
