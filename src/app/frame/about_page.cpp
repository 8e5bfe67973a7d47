#include "app/frame/about_page.h"

#include "app/style/label.h"
#include "words/say.h"

#include <QCoreApplication>
#include <QLabel>

namespace app {

AboutPage::AboutPage(const Look& look, QWidget* parent)
    : Overlay(look, parent), text_(new PlainLabel(this)) {
    setObjectName(QStringLiteral("aboutPage"));
    setAccessibleName(Say::tr("About Amber Lobe"));
    text_->setObjectName(QStringLiteral("aboutText"));
    text_->setTextFormat(Qt::RichText);
    text_->setWordWrap(true);
    text_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
}

QRect AboutPage::box() const {
    const int w = std::min(640, width() - 40), h = std::min(430, height() - 30);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void AboutPage::place() {
    text_->setGeometry(box().adjusted(26, 22, -26, -18));
}

void AboutPage::open(const QString& book) {
    const auto line = [](const QString& text) {
        return QStringLiteral("<p>%1</p>").arg(text.toHtmlEscaped());
    };
    text_->setText(
        QStringLiteral("<p style='font-size:24px;'><b>Amber Lobe %1</b></p>")
            .arg(QCoreApplication::applicationVersion().toHtmlEscaped()) +
        line(
            Say::tr("Measures, sets, compares and chooses camshafts. Copyright 2026 the Amber Lobe "
                    "authors; free software under the GNU General Public License, version 3 or "
                    "later, without any warranty. The maker's manual and licensed practice go "
                    "before any figure of it.")) +
        line(
            Say::tr("It stands on Qt %1 (LGPL 3), QCustomPlot (GPL 3), SQLite (public domain), "
                    "Eigen (MPL 2), Boost (BSL 1), CLI11 (BSD), JSON for Modern C++ (MIT), and the "
                    "B612 type (OFL 1.1).")
                .arg(QString::fromLatin1(qVersion()))) +
        line(Say::tr("Your data: %1").arg(book)) + line(Say::tr("Esc leads back.")));
    show();
    place();
    setFocus();
}

} // namespace app
