// One job on paper, as a builder would hand it over. What the window previews, prints and saves is
// this, painted on whatever paper there is.
#pragma once

#include "core/result/findings.h"
#include "words/numbers.h"

#include <QPicture>
#include <QRect>
#include <QString>
#include <QStringList>

#include <memory>
#include <vector>

class QPagedPaintDevice;
class QTextDocument;

namespace sheet {

/// What every picture and sheet says it was made by.
inline constexpr const char* kMadeBy = "Amber Lobe";

/// A part that can be left out, by its stable word.
struct Part {
    const char* key;
    QString name;
    bool appendix = false; ///< behind the first page
};
/// In the order they are printed.
QList<Part> parts();

struct Options {
    QStringList leftOut;   ///< by their words
    bool letter = false;   ///< US Letter instead of A4
    bool cardOnly = false; ///< one page for the measured cam
    QString by;            ///< who measured
    words::Style style{};
    QString language = QStringLiteral("en"); ///< of the texts, as a tag
    std::int64_t now_ms = 0;
};

/// The pages to be looked at, in dots of 600 to the inch.
struct Shown {
    QSize paper;   ///< of each
    QRect printed; ///< within its margins: where the pictures go
    std::vector<QPicture> pages;
};

class Sheet {
public:
    Sheet(const lobe::Job& job, const lobe::Findings& findings, Options options);
    ~Sheet();

    /// Lays it out for a device, whose page size it sets, and paints every page; how many there
    /// were.
    int paint(QPagedPaintDevice& device) const { return paint(device, nullptr); }
    /// The same pages as they are saved.
    Shown shown() const;
    /// As it stands on paper, without the pictures.
    QString plainText() const;
    /// A PDF with real text, vector pictures, embedded type, its title and language; whole or not
    /// at all. Empty on success, else why not.
    QString savePdf(const QString& path) const;

private:
    class Pages;
    /// What stands on it, for a device so fine; and the same for pages so many dots wide.
    std::unique_ptr<QTextDocument> content(double dotsPerInch) const;
    std::unique_ptr<QTextDocument> documentFor(double dotsPerInch, double width) const;
    QString title() const;
    /// The same, with marks of what is what left on the pages where somebody wants them.
    int paint(QPagedPaintDevice& device, class Structure* structure) const;

    const lobe::Job& job_;
    const lobe::Findings& findings_;
    Options options_;
};

} // namespace sheet
