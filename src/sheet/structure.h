// What stands on the pages of a PDF, in the order it is read: headings, paragraphs, tables with
// their rows and cells, pictures with words for them. Readers that say a page aloud, or show it
// anew on a small screen, go by it, and the headings are its bookmarks (ISO 32000-1, 12.3 and 14.7
// to 14.8).
//
// Qt's writer knows nothing of that. While it paints, marks are left among what is painted, far off
// the page; afterwards they are put into the PDF's own words.
#pragma once

#include <QByteArray>
#include <QString>

#include <vector>

class QPainter;

namespace sheet {

class Structure {
public:
    struct Element {
        QByteArray kind;     ///< a standard structure type: H1, P, Table, TR, TH, TD, Figure
        int parent = -1;     ///< into elements(); -1: the document
        QString words;       ///< of a heading its text, of a figure what it shows
        int page = -1;       ///< on which it begins, from 0; -1: not painted
        double top_pt = 0.0; ///< from the upper edge of that page
    };
    /// A stretch of a page's content that belongs to an element; -1 is decoration.
    struct Mark {
        int element = -1, page = 0;
    };

    int add(const QByteArray& kind, int parent, const QString& words = {});
    /// What is painted from now to the next end() is the element's; `top_pt` is where it begins.
    void begin(QPainter& painter, int element, int page, double top_pt);
    /// Lines, page numbers: nothing to be read out.
    void beginDecoration(QPainter& painter, int page) { begin(painter, -1, page, 0.0); }
    void end(QPainter& painter) const;

    const std::vector<Element>& elements() const { return elements_; }
    const std::vector<Mark>& marks() const { return marks_; }

private:
    std::vector<Element> elements_;
    std::vector<Mark> marks_;
};

/// The file with its structure, bookmarks and language, which is a tag such as "en". Comes back as
/// it was where it is no PDF that can be read.
QByteArray withStructure(const QByteArray& pdf, const Structure& structure,
                         const QByteArray& language);

} // namespace sheet
