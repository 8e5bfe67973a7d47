#include "sheet/structure.h"
#include "sheet/sheet.h"

#include <QPainter>
#include <QRegularExpression>

#define POINTERHOLDER_TRANSITION 4 // its own pointers are the standard ones
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFPageObjectHelper.hh>
#include <qpdf/QPDFWriter.hh>

#include <map>
#include <string>

namespace sheet {

namespace {

/// Far off every paper: rectangles of one by one, whose place says which mark they are.
constexpr int kRow = -777000, kFirst = -100000, kEnd = -99999;

void leave(QPainter& p, int column) {
    p.save();
    p.setClipping(false);
    p.resetTransform();
    p.fillRect(QRectF(column, kRow, 1, 1), Qt::black);
    p.restore();
}

using Handle = QPDFObjectHandle;

Handle name(const char* n) {
    return Handle::newName(n);
}

Handle text(const QString& t) {
    return Handle::newUnicodeString(t.toStdString());
}

class Tagger {
public:
    Tagger(QPDF& pdf, const Structure& structure) : pdf_(pdf), structure_(structure) {}

    void tag(const QByteArray& language) {
        pages_ = QPDFPageDocumentHelper(pdf_).getAllPages();
        root_ = pdf_.makeIndirectObject(Handle::newDictionary());
        document_ = pdf_.makeIndirectObject(Handle::newDictionary());
        makeElements();
        for (std::size_t page = 0; page < pages_.size(); ++page)
            rewrite(static_cast<int>(page));
        document_.replaceKey("/Type", name("/StructElem"));
        document_.replaceKey("/S", name("/Document"));
        document_.replaceKey("/P", root_);
        root_.replaceKey("/Type", name("/StructTreeRoot"));
        root_.replaceKey("/K", document_);
        Handle parents = Handle::newDictionary();
        parents.replaceKey("/Nums", numbers_);
        root_.replaceKey("/ParentTree", pdf_.makeIndirectObject(parents));
        root_.replaceKey("/ParentTreeNextKey",
                         Handle::newInteger(static_cast<long long>(pages_.size())));
        Handle catalog = pdf_.getRoot();
        Handle marked = Handle::newDictionary();
        marked.replaceKey("/Marked", Handle::newBool(true));
        catalog.replaceKey("/MarkInfo", marked);
        catalog.replaceKey("/StructTreeRoot", root_);
        catalog.replaceKey("/Lang", Handle::newString(language.toStdString()));
        Handle seen = Handle::newDictionary();
        seen.replaceKey("/DisplayDocTitle", Handle::newBool(true));
        catalog.replaceKey("/ViewerPreferences", seen);
        bookmark(catalog);
        // By this a sheet is known again as ours, in letters that can be searched for.
        if (Handle info = pdf_.getTrailer().getKey("/Info"); info.isDictionary())
            info.replaceKey("/Creator", Handle::newString(kMadeBy));
    }

private:
    void makeElements() {
        for (const Structure::Element& e : structure_.elements()) {
            Handle made = pdf_.makeIndirectObject(Handle::newDictionary());
            Handle parent = e.parent < 0 ? document_ : made_[static_cast<std::size_t>(e.parent)];
            made.replaceKey("/Type", name("/StructElem"));
            made.replaceKey("/S", name(("/" + e.kind).constData()));
            made.replaceKey("/P", parent);
            if (e.kind == "Figure") made.replaceKey("/Alt", text(e.words));
            append(parent, made);
            made_.push_back(made);
        }
    }

    static void append(Handle& to, const Handle& kid) {
        if (!to.hasKey("/K")) to.replaceKey("/K", Handle::newArray());
        to.getKey("/K").appendItem(kid);
    }

    /// The marks of a page in the PDF's own words; what belongs to whom.
    void rewrite(int page) {
        Handle object = pages_[static_cast<std::size_t>(page)].getObjectHandle();
        Handle contents = object.getKey("/Contents");
        Handle owners = Handle::newArray();
        int number = 0;
        std::string out;
        // Each mark is one rectangle, filled.
        static const QRegularExpression rectangle(
            QStringLiteral("(-\\d+)\\.?\\d* %1\\.?\\d* 1\\.?\\d* 1\\.?\\d* re\\s+f\\*?\\s")
                .arg(kRow));
        const QString stream = streamOf(contents);
        qsizetype at = 0;
        for (auto it = rectangle.globalMatch(stream); it.hasNext();) {
            const auto match = it.next();
            out += stream.mid(at, match.capturedStart() - at).toLatin1().toStdString();
            at = match.capturedEnd();
            const int column = match.captured(1).toInt();
            if (column == kEnd) {
                out += "EMC\n";
                continue;
            }
            const Structure::Mark& mark =
                structure_.marks().at(static_cast<std::size_t>(kFirst - column));
            if (mark.element < 0) {
                out += "/Artifact BMC\n";
                continue;
            }
            const auto element = static_cast<std::size_t>(mark.element);
            out += "/" + structure_.elements()[element].kind.toStdString() + " <</MCID " +
                   std::to_string(number) + ">> BDC\n";
            Handle piece = Handle::newDictionary();
            piece.replaceKey("/Type", name("/MCR"));
            piece.replaceKey("/Pg", object);
            piece.replaceKey("/MCID", Handle::newInteger(number));
            append(made_[element], piece);
            owners.appendItem(made_[element]);
            ++number;
        }
        out += stream.mid(at).toLatin1().toStdString();
        contents.replaceStreamData(out, Handle::newNull(), Handle::newNull());
        object.replaceKey("/StructParents", Handle::newInteger(page));
        object.replaceKey("/Tabs", name("/S"));
        numbers_.appendItem(Handle::newInteger(page));
        numbers_.appendItem(pdf_.makeIndirectObject(owners));
    }

    static QString streamOf(Handle contents) {
        const auto data = contents.getStreamData(qpdf_dl_generalized);
        // One byte, one letter: what is no text of ours passes through unchanged.
        return QString::fromLatin1(reinterpret_cast<const char*>(data->getBuffer()),
                                   static_cast<qsizetype>(data->getSize()));
    }

    /// Headings as bookmarks, those of the second order under the first that is before them.
    void bookmark(Handle& catalog) {
        struct Entry {
            Handle object;
            std::vector<Handle> under;
        };
        std::vector<Entry> first;
        Handle outlines = pdf_.makeIndirectObject(Handle::newDictionary());
        const auto entry = [&](const Structure::Element& e) {
            Handle made = pdf_.makeIndirectObject(Handle::newDictionary());
            made.replaceKey("/Title", text(e.words));
            auto page = pages_[static_cast<std::size_t>(e.page)];
            Handle to = Handle::newArray();
            to.appendItem(page.getObjectHandle());
            to.appendItem(name("/XYZ"));
            const double high =
                page.getObjectHandle().getKey("/MediaBox").getArrayItem(3).getNumericValue();
            for (const double v : {0.0, high - e.top_pt, 0.0})
                to.appendItem(Handle::newReal(v, 2));
            made.replaceKey("/Dest", to);
            return made;
        };
        for (const Structure::Element& e : structure_.elements()) {
            if (!e.kind.startsWith('H') || e.page < 0) continue;
            if (e.kind == "H1" || first.empty())
                first.push_back({entry(e), {}});
            else
                first.back().under.push_back(entry(e));
        }
        if (first.empty()) return;
        const auto chain = [](Handle parent, std::vector<Handle>& all) {
            for (std::size_t i = 0; i < all.size(); ++i) {
                all[i].replaceKey("/Parent", parent);
                if (i > 0) all[i].replaceKey("/Prev", all[i - 1]);
                if (i + 1 < all.size()) all[i].replaceKey("/Next", all[i + 1]);
            }
            if (all.empty()) return;
            parent.replaceKey("/First", all.front());
            parent.replaceKey("/Last", all.back());
            parent.replaceKey("/Count", Handle::newInteger(static_cast<long long>(all.size())));
        };
        std::vector<Handle> top;
        long long all = 0;
        for (Entry& e : first) {
            chain(e.object, e.under);
            top.push_back(e.object);
            all += 1 + static_cast<long long>(e.under.size());
        }
        outlines.replaceKey("/Type", name("/Outlines"));
        chain(outlines, top);
        outlines.replaceKey("/Count", Handle::newInteger(all)); // all of them shown
        catalog.replaceKey("/Outlines", outlines);
    }

    QPDF& pdf_;
    const Structure& structure_;
    std::vector<QPDFPageObjectHelper> pages_;
    Handle root_, document_, numbers_ = Handle::newArray();
    std::vector<Handle> made_;
};

} // namespace

int Structure::add(const QByteArray& kind, int parent, const QString& words) {
    elements_.push_back({kind, parent, words});
    return static_cast<int>(elements_.size()) - 1;
}

void Structure::begin(QPainter& painter, int element, int page, double top_pt) {
    if (element >= 0) {
        Element& e = elements_[static_cast<std::size_t>(element)];
        if (e.page < 0) {
            e.page = page;
            e.top_pt = top_pt;
        }
    }
    leave(painter, kFirst - static_cast<int>(marks_.size()));
    marks_.push_back({element, page});
}

void Structure::end(QPainter& painter) const {
    leave(painter, kEnd);
}

QByteArray withStructure(const QByteArray& pdf, const Structure& structure,
                         const QByteArray& language) {
    try {
        QPDF file;
        file.setSuppressWarnings(true);
        file.processMemoryFile("sheet", pdf.constData(), static_cast<std::size_t>(pdf.size()));
        Tagger(file, structure).tag(language);
        QPDFWriter writer(file);
        writer.setOutputMemory();
        writer.setDeterministicID(true);
        writer.setObjectStreamMode(qpdf_o_disable); // what reads sheets knows old files too
        writer.write();
        const auto out = writer.getBufferSharedPointer();
        return {reinterpret_cast<const char*>(out->getBuffer()),
                static_cast<qsizetype>(out->getSize())};
    } catch (const std::exception&) {
        return pdf;
    }
}

} // namespace sheet
