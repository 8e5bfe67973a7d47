#include "sheet/pdf_language.h"

#include <QList>

namespace sheet {

QByteArray withLanguage(const QByteArray& pdf, const QByteArray& tag) {
    const qsizetype mark = pdf.indexOf("/Type /Catalog");
    const qsizetype begin = mark < 0 ? -1 : pdf.lastIndexOf(" 0 obj", mark);
    const qsizetype end = mark < 0 ? -1 : pdf.indexOf("endobj", mark);
    const qsizetype start = pdf.lastIndexOf("startxref"), trailer = pdf.lastIndexOf("trailer");
    if (begin < 0 || end < 0 || start < 0 || trailer < 0) return pdf;
    const qsizetype line = pdf.lastIndexOf('\n', begin) + 1;
    const QByteArray number = pdf.mid(line, begin - line).trimmed();
    const qsizetype open = pdf.indexOf("<<", begin), close = pdf.indexOf("<<", trailer),
                    closed = pdf.lastIndexOf(">>", start);
    if (open < 0 || open > mark || close < 0 || closed < close) return pdf;
    const QByteArray previous = pdf.mid(start + 9).trimmed().split('\n').value(0).trimmed();
    QByteArray out = pdf;
    if (!out.endsWith('\n')) out += '\n';
    const qsizetype object = out.size();
    QByteArray catalog = pdf.mid(open, end - open).trimmed();
    catalog.insert(2, "\n/Lang (" + tag + ")");
    out += number + " 0 obj\n" + catalog + "\nendobj\n";
    const qsizetype table = out.size();
    out += "xref\n" + number + " 1\n" + QByteArray::number(object).rightJustified(10, '0') +
           " 00000 n \ntrailer\n" + pdf.mid(close, closed - close) + "/Prev " + previous +
           "\n>>\nstartxref\n" + QByteArray::number(table) + "\n%%EOF\n";
    return out;
}

} // namespace sheet
