// Pictures beside a book, a stranger's among them: what is read for one, what is carried out in a
// job file, and what a kill leaves.
#include "book/codec.h"
#include "book/files.h"
#include "book/job_file.h"
#include "book/loaded.h"
#include "book/pictures.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDir>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <sys/stat.h>

namespace test_pictures {

using namespace lobe;
using namespace support;

namespace {

/// The beginning of a PNG, which is all that is asked of one here, and what follows.
QByteArray png(const QByteArray& rest = "picture") {
    return QByteArray("\x89PNG\r\n\x1a\n") + rest;
}

void put(const QString& path, const QByteArray& bytes) {
    QFile f(path);
    QVERIFY(QDir().mkpath(QFileInfo(path).path()));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(bytes);
}

} // namespace

class TestPictures : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    QString path_;

    QString in(const char* name) const { return dir_->filePath(QLatin1String(name)); }
    QStringList photos() const {
        return QDir(in("photos")).entryList(QDir::Files | QDir::Hidden, QDir::Name);
    }
    static Job jobWith(const std::vector<std::string>& pictures) {
        Job job;
        job.name = "with pictures";
        int n = 0;
        for (const std::string& picture : pictures) {
            LogEntry e;
            e.number = ++n;
            e.text = "a note";
            e.picture = picture;
            job.log.push_back(e);
        }
        return job;
    }

private slots:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        path_ = in("shop.amber");
    }

    /// A stranger's book may call anything its picture.
    void onlyTheBooksOwnPicturesAreRead() {
        put(in("photos/ours.png"), png());
        put(in("secret.png"), png("secret"));
        put(in("elsewhere/secret.png"), png("secret"));
        put(in("photos/words.png"), "not a picture at all");
        QVERIFY(QFile::link(in("secret.png"), in("photos/link.png")));
        QVERIFY(QFile::link(in("photos/ours.png"), in("photos/inside.png")));
        QCOMPARE(::mkfifo(QFile::encodeName(in("photos/pipe.png")).constData(), 0600), 0);
        QCOMPARE(book::pictureAt(path_, QStringLiteral("photos/ours.png")),
                 QFileInfo(in("photos/ours.png")).canonicalFilePath());
        // A link that stays inside is the picture it leads to.
        QVERIFY(!book::pictureAt(path_, QStringLiteral("photos/inside.png")).isEmpty());
        for (const char* odd :
             {"secret.png", "elsewhere/secret.png", "photos/../secret.png", "photos/link.png",
              "photos/pipe.png", "photos/words.png", "photos", "", "/etc/passwd", ":/demo", "../x"})
            QVERIFY2(!book::pictureOf(path_, QLatin1String(odd)), odd);
        // Nor by a folder of pictures that is a link to another.
        QTemporaryDir other;
        put(other.filePath(QStringLiteral("secret.png")), png("secret"));
        QDir(in("photos")).removeRecursively();
        QVERIFY(QFile::link(other.path(), in("photos")));
        QVERIFY(!book::pictureOf(path_, QStringLiteral("photos/secret.png")));
    }

    void nothingOfTheReadersGoesOutInAJobFile() {
        put(in("photos/ours.png"), png("ours"));
        put(in("secret.png"), png("secret"));
        const QByteArray file = book::jobFile(
            jobWith({"photos/ours.png", "secret.png", "photos/../secret.png"}), path_);
        QVERIFY(file.contains(png("ours").toBase64()));
        QVERIFY(!file.contains(png("secret").toBase64()));
    }

    void oneThatIsNamedOftenIsKeptOnce() {
        put(in("photos/ours.png"), png(QByteArray(20000, 'x')));
        const std::vector<std::string> often(1000, "photos/ours.png");
        const QByteArray file = book::jobFile(jobWith(often), path_);
        QVERIFY2(file.size() < 400000, qPrintable(QString::number(file.size())));
        auto read = book::readJobFile(file);
        QVERIFY(std::holds_alternative<book::JobFile>(read));
        QCOMPARE(std::get<book::JobFile>(read).pictures.size(), std::size_t(1));
        put(in("often.json"), file);
        auto b = opened(in("other/shop.amber"));
        const auto made = book::importJobFile(*b, in("often.json"));
        QVERIFY(std::holds_alternative<std::int64_t>(made));
        QCOMPARE(QDir(in("other/photos")).entryList(QDir::Files | QDir::Hidden).size(), 1);
        const Job job = std::get<Job>(b->load(std::get<std::int64_t>(made)));
        QCOMPARE(job.log.size(), std::size_t(1000));
        for (const LogEntry& e : job.log)
            QCOMPARE(e.picture, job.log.front().picture);
        QVERIFY(
            book::pictureOf(in("other/shop.amber"), QString::fromStdString(job.log[0].picture)));
    }

    void whatIsNoPictureIsNotTaken() {
        QCOMPARE(::mkfifo(QFile::encodeName(in("pipe.png")).constData(), 0600), 0);
        put(in("words.png"), "not a picture");
        put(in("drawing.svgz"), QByteArray("\x1f\x8b\x08\x00", 4) + "packed");
        for (const char* odd : {"pipe.png", "words.png", "drawing.svgz", "nothing.png", "."})
            QVERIFY2(!book::refusesPicture(in(odd)).isEmpty(), odd);
        put(in("photo.jpg"), QByteArray("\xff\xd8\xff\xe0") + "x");
        put(in("drawing.svg"), "<?xml version='1.0'?>\n<svg xmlns='http://www.w3.org/2000/svg'/>");
        for (const char* good : {"photo.jpg", "drawing.svg"})
            QVERIFY2(book::refusesPicture(in(good)).isEmpty(), good);
        QFile large(in("large.png"));
        QVERIFY(large.open(QIODevice::WriteOnly));
        large.write(png());
        QVERIFY(large.resize(book::kMostPicture_bytes + 1));
        QVERIFY(!book::refusesPicture(in("large.png")).isEmpty());
        // What a job file calls its picture is one too.
        Job job = jobWith({"a"});
        QByteArray file = book::jobFile(job, path_);
        book::Json json = *book::parsed(file);
        json["log"][0]["picture"] = "a";
        json["pictures"]["a"] = QByteArray("#!/bin/sh").toBase64().toStdString();
        QVERIFY(std::holds_alternative<QString>(
            book::readJobFile(QByteArray::fromStdString(json.dump()))));
    }

    void theFolderIsNobodyElses() {
        book::Keeping keeping(path_);
        put(in("in.png"), png());
        const QString kept = keeping.add(QStringLiteral("job-1"), in("in.png"));
        QVERIFY(!kept.isEmpty());
        keeping.done();
        const auto others = QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup |
                            QFile::WriteOther | QFile::ExeGroup | QFile::ExeOther;
        QVERIFY(!(QFile::permissions(in("photos")) & others));
        QVERIFY(!(QFile::permissions(dir_->filePath(kept)) & others));
        QCOMPARE(photos().size(), 1);
    }

    void whatIsNotDoneIsTakenAway() {
        put(in("in.png"), png());
        {
            book::Keeping keeping(path_);
            QVERIFY(!keeping.add(QStringLiteral("job-1"), in("in.png")).isEmpty());
            QVERIFY(
                !keeping.add(QStringLiteral("job-1"), QStringLiteral("x.png"), png()).isEmpty());
            QCOMPARE(photos().size(), 3); // two, and the note of them
        }
        QCOMPARE(photos(), QStringList());
    }

    /// A process that is no more left a note: what no action names goes, what one names stays.
    void whatAKillLeftIsSweptAtTheNextOpening() {
        const QString gone = QStringLiteral("photos/job-1-1-gone.png"),
                      named = QStringLiteral("photos/job-1-2-\xC3\xBC \"q\".png");
        {
            auto b = opened(path_);
            const auto job = id(b->addJob(QStringLiteral("x")));
            LogEntry e;
            e.text = "note";
            e.picture = named.toStdString();
            b->record(job, book::KeepEntry{e});
            b->undo(job); // what was undone still points at its own
        }
        QProcess dead;
        dead.start(QStringLiteral("true"), QStringList());
        QVERIFY(dead.waitForStarted());
        const qint64 process = dead.processId();
        QVERIFY(dead.waitForFinished());
        put(dir_->filePath(gone), png());
        put(dir_->filePath(named), png());
        put(in("photos/stays.png"), png());
        put(dir_->filePath(QStringLiteral("photos/.keeping-%1-abcd").arg(process)),
            ("shop.amber\n" + gone + '\n' + named + "\nphotos/../shop.amber\n").toUtf8());
        put(dir_->filePath(QStringLiteral("photos/.keeping-%1-ef01").arg(process)),
            "another.amber\nphotos/stays.png\n");
        for (const char* half : {"shop.amber.new-%1-0123abcd", "shop.amber.new-%1-0123abcd-wal"})
            put(dir_->filePath(QString::fromLatin1(half).arg(process)), "half");
        put(dir_->filePath(QStringLiteral("shop.amber.new-%1-89abcdef")
                               .arg(QCoreApplication::applicationPid())),
            "still at it");
        put(in("shop.amber.new-letter.txt"), "a person's own");
        opened(path_);
        QCOMPARE(photos(), (QStringList{QStringLiteral(".keeping-%1-ef01").arg(process),
                                        named.section('/', 1), QStringLiteral("stays.png")}));
        QVERIFY(QFileInfo(path_).size() > 0);
        QCOMPARE(QDir(dir_->path()).entryList({QStringLiteral("*.new-*")}, QDir::Files),
                 (QStringList{QStringLiteral("shop.amber.new-%1-89abcdef")
                                  .arg(QCoreApplication::applicationPid()),
                              QStringLiteral("shop.amber.new-letter.txt")}));
    }
};

AMBER_TEST(TestPictures)

} // namespace test_pictures

#include "test_pictures.moc"
