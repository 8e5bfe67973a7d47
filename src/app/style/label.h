// Labels and tooltips that show what they are given letter by letter. A job, a cam or a file may
// have any name, also one that looks like markup; what is markup says so itself (setTextFormat),
// and what stands in it is escaped.
#pragma once

#include <QLabel>

namespace app {

/// As plain text, unless it is told otherwise.
class PlainLabel : public QLabel {
    Q_OBJECT
public:
    explicit PlainLabel(QWidget* parent = nullptr) : QLabel(parent) {
        setTextFormat(Qt::PlainText);
    }
    explicit PlainLabel(const QString& text, QWidget* parent = nullptr) : PlainLabel(parent) {
        setText(text);
    }
    /// A verdict, or what else says so by its property "announced", is read out as it changes.
    void setText(const QString& said);
};

/// What a tooltip is given so that it shows `text` as it is: a tooltip takes what looks like markup
/// for it.
inline QString tipOf(const QString& text) {
    return Qt::mightBeRichText(text)
               ? QStringLiteral("<qt>") +
                     text.toHtmlEscaped().replace(QLatin1Char('\n'), QStringLiteral("<br>")) +
                     QStringLiteral("</qt>")
               : text;
}

/// What a control does, and its key: shown where the pointer rests and read aloud.
inline void tip(QWidget* control, const QString& does, const QString& key = {}) {
    control->setToolTip(tipOf(key.isEmpty() ? does : QStringLiteral("%1 (%2)").arg(does, key)));
}

} // namespace app
