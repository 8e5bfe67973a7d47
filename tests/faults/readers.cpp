#include "faults/faults.h"

#include "book/codec.h"
#include "book/files.h"
#include "book/side_file.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/lobe.h"
#include "core/typed/entry.h"
#include "core/typed/lift_table.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QTemporaryDir>

#include <cstdio>
#include <functional>
#include <random>

namespace faults {

using namespace lobe;

namespace {

using Random = std::mt19937;

/// A reader by name; its corpus is the folder of that name.
struct Reader {
    const char* name;
    std::function<void(const QByteArray&)> read;
};

std::string_view view(const QByteArray& bytes) {
    return {bytes.constData(), static_cast<std::size_t>(bytes.size())};
}

void readTable(const QByteArray& bytes) {
    const auto read = readLiftTable(view(bytes));
    const auto* table = std::get_if<LiftTable>(&read);
    if (!table || table->points.size() > 2000) return;
    // What was read is analysed, and written and read back.
    analyseLobe(table->points, LobeRequest{});
    const auto again = readLiftTable(writeLiftTable(table->points, {"a note"}));
    must(std::holds_alternative<LiftTable>(again) &&
             std::get<LiftTable>(again).points.size() == table->points.size(),
         QStringLiteral("a table that was read is not read back"));
}

void readTyped(const QByteArray& bytes) {
    const std::string_view text = view(bytes);
    for (LengthUnit unit : {LengthUnit::Millimetre, LengthUnit::Inch}) {
        readRunEntry(text, Side::Intake, unit);
        readLength(text, unit, 30.0);
        readHeight(text, unit, Place::Valve);
    }
    readNumber(text, {"cc"});
    for (WheelScale scale : {WheelScale::Full360With, WheelScale::Half180, WheelScale::Tape}) {
        const auto read = readWheel(text, {DegreeWheel{scale, 600.0}, true, DeadCentre::Top});
        if (const auto* wheel = std::get_if<WheelReading>(&read))
            must(std::abs(wheel->at.deg) <= 3600.0, QStringLiteral("a wheel reads too far"));
    }
}

void readJson(const QByteArray& bytes) {
    const auto json = book::parsed(bytes);
    if (!json) return;
    book::Misread misread;
    Job job;
    job.engine = book::engineFrom(*json, misread);
    book::cardFrom(*json, misread);
    book::cardsFrom(*json, misread);
    static_cast<Stated&>(job) = book::statedFrom(*json, misread);
    book::conditionsFrom(*json, misread);
    book::mockUpFrom(*json, misread);
    job.changes.push_back(book::camMoveFrom(*json, misread));
    job.engine.gaps_deg();
    lobe::examine(job);
    // What was understood says the same again.
    book::Misread again;
    must(book::engineFrom(book::toJson(job.engine), again) == job.engine && again.none(),
         QStringLiteral("an engine is not read as it was written"));
}

void readFolder(const QByteArray& bytes) {
    static const QTemporaryDir folder;
    QFile file(folder.filePath(QStringLiteral("job.json")));
    if (!file.open(QIODevice::WriteOnly | QIODevice::Truncate)) return;
    file.write(bytes);
    file.close();
    static const auto book =
        std::get<std::unique_ptr<book::Book>>(book::Book::open(folder.filePath("b.amber")));
    book::importJobFolder(*book, folder.path());
}

void readLog(const QByteArray& bytes) {
    book::pageInLog(bytes, 1);
}

const Reader kReaders[] = {
    {"table", readTable},   {"clearance", [](const QByteArray& b) { readClearanceTable(view(b)); }},
    {"typed", readTyped},   {"json", readJson},
    {"folder", readFolder}, {"log", readLog}};

QList<QByteArray> corpusOf(const char* name) {
    QList<QByteArray> out;
    const QDir folder(QStringLiteral(CORPUS "/") + QLatin1String(name));
    for (const QString& each : folder.entryList(QDir::Files, QDir::Name)) {
        QFile file(folder.filePath(each));
        if (file.open(QIODevice::ReadOnly)) out << file.readAll();
    }
    must(!out.isEmpty(), QStringLiteral("no corpus of ") + QLatin1String(name));
    return out;
}

/// Pieces that parsers trip over.
const QByteArray kPieces[] = {"0",
                              "-",
                              "1e308",
                              "nan",
                              "inf",
                              "0x10",
                              ",",
                              ";",
                              "\t",
                              "\r",
                              "\"",
                              "{",
                              "[",
                              "}",
                              "]",
                              ":",
                              "null",
                              "-1",
                              "99999999999999999999",
                              "@",
                              QByteArray("\0", 1),
                              "\xff\xfe",
                              "\xed\xa0\x80",
                              "/",
                              "half of ",
                              "360:",
                              "crank_deg",
                              "lift_mm",
                              "1,5",
                              "#"};

QByteArray changed(QByteArray bytes, const QList<QByteArray>& corpus, Random& random) {
    const auto upTo = [&](qsizetype n) {
        return n <= 0 ? 0 : std::uniform_int_distribution<qsizetype>(0, n - 1)(random);
    };
    for (qsizetype n = 1 + upTo(6); n > 0; --n)
        switch (upTo(6)) {
        case 0:
            if (!bytes.isEmpty()) bytes[upTo(bytes.size())] = static_cast<char>(upTo(256));
            break;
        case 1:
            bytes.insert(upTo(bytes.size() + 1),
                         kPieces[upTo(static_cast<qsizetype>(std::size(kPieces)))]);
            break;
        case 2:
            bytes.remove(upTo(bytes.size()), 1 + upTo(20));
            break;
        case 3: { // a piece of itself once more
            const QByteArray piece = bytes.mid(upTo(bytes.size()), 1 + upTo(40));
            bytes.insert(upTo(bytes.size() + 1), piece);
            break;
        }
        case 4: { // half of another
            const QByteArray& other = corpus[upTo(corpus.size())];
            bytes = bytes.left(upTo(bytes.size())) + other.mid(upTo(other.size()));
            break;
        }
        default: // a number turned into another
            for (qsizetype i = upTo(bytes.size()); i < bytes.size(); ++i)
                if (bytes[i] >= '0' && bytes[i] <= '9') {
                    bytes.replace(i, 1, kPieces[upTo(9)]);
                    break;
                }
        }
    return bytes;
}

} // namespace

void readers(double seconds, unsigned seed) {
    const double each_ms = 1000.0 * seconds / static_cast<double>(std::size(kReaders));
    for (const Reader& reader : kReaders) {
        const QList<QByteArray> corpus = corpusOf(reader.name);
        for (const QByteArray& input : corpus)
            reader.read(input);
        Random random(seed);
        long count = 0;
        QElapsedTimer t;
        t.start();
        while (static_cast<double>(t.elapsed()) < each_ms) {
            const auto at = std::uniform_int_distribution<qsizetype>(0, corpus.size() - 1)(random);
            reader.read(changed(corpus[at], corpus, random));
            ++count;
        }
        std::printf("%-9s %ld inputs from a corpus of %lld\n", reader.name, count,
                    static_cast<long long>(corpus.size()));
    }
}

} // namespace faults
