// What the window remembers between starts. The file is named by whoever makes it.
#pragma once

#include "app/style/look.h"
#include "core/angle/angles.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLocale>
#include <QPalette>
#include <QSettings>
#include <QString>
#include <QStringList>

namespace app {

/// Where the work was left in a book.
struct LeftOff {
    qint64 job = 0;
    int cylinder = 1;
    lobe::Side side = lobe::Side::Intake;
    QString station; ///< its key; empty: not known
    bool operator==(const LeftOff&) const = default;
};

class Preferences {
public:
    /// Nobody else's to read: books and what was done in them are named there.
    explicit Preferences(const QString& file) : settings_(own(file), QSettings::IniFormat) {}

    /// Inches at first where the country has them.
    bool inches() const {
        const bool usual = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
        return settings_.value(QStringLiteral("inches"), usual).toBool();
    }
    void setInches(bool v) { settings_.setValue(QStringLiteral("inches"), v); }
    /// As the desktop has it, until it was chosen here.
    bool dark() const { return settings_.value(QStringLiteral("dark"), systemDark_).toBool(); }
    void setDark(bool v) { settings_.setValue(QStringLiteral("dark"), v); }
    /// High contrast: as the desktop has it, until it was chosen here.
    bool sharp() const { return settings_.value(QStringLiteral("sharp"), systemSharp_).toBool(); }
    void setSharp(bool v) { settings_.setValue(QStringLiteral("sharp"), v); }
    /// Paper of a sheet: Letter where the country has it.
    bool letter() const {
        const bool usual = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
        return settings_.value(QStringLiteral("letter"), usual).toBool();
    }
    void setLetter(bool v) { settings_.setValue(QStringLiteral("letter"), v); }
    /// Who measures, in jobs begun from now on; empty: not said.
    QString by() const { return settings_.value(QStringLiteral("by")).toString(); }
    void setBy(const QString& v) { settings_.setValue(QStringLiteral("by"), v.trimmed()); }
    /// After so many days without a copy elsewhere one is reminded of it; 0: never.
    int remindDays() const {
        return std::max(0, settings_.value(QStringLiteral("remind-days"), 30).toInt());
    }
    void setRemindDays(int v) { settings_.setValue(QStringLiteral("remind-days"), v); }
    /// When a copy of a book was saved last, or it was opened first; ms since the epoch, 0 never.
    qint64 copied(const QString& book) const {
        return settings_.value(groupOf(book) + QStringLiteral("copied")).toLongLong();
    }
    void setCopied(const QString& book, qint64 at_ms) {
        settings_.setValue(groupOf(book) + QStringLiteral("copied"), at_ms);
    }
    /// Its code; empty: as the system has it.
    QString language() const { return settings_.value(QStringLiteral("language")).toString(); }
    void setLanguage(const QString& v) { settings_.setValue(QStringLiteral("language"), v); }
    bool tick() const { return settings_.value(QStringLiteral("tick"), true).toBool(); }
    void setTick(bool v) { settings_.setValue(QStringLiteral("tick"), v); }
    bool atStand() const { return settings_.value(QStringLiteral("stand"), false).toBool(); }
    void setAtStand(bool v) { settings_.setValue(QStringLiteral("stand"), v); }
    /// Where the window stood and how large, by screen; `screen` is a word for one. Empty: never.
    QByteArray geometry(const QString& screen) const {
        const auto of = settings_.value(QStringLiteral("window-") + wordOf(screen));
        return (of.isValid() ? of : settings_.value(QStringLiteral("geometry"))).toByteArray();
    }
    void setGeometry(const QString& screen, const QByteArray& v) {
        settings_.setValue(QStringLiteral("window-") + wordOf(screen), v);
        settings_.setValue(QStringLiteral("screen"), screen);
    }
    /// The screen it stood on last; empty: none yet.
    QString screen() const { return settings_.value(QStringLiteral("screen")).toString(); }
    /// How large everything is shown, percent.
    int zoom() const {
        return std::clamp(settings_.value(QStringLiteral("zoom"), 100).toInt(), 80, 200);
    }
    void setZoom(int percent) {
        settings_.setValue(QStringLiteral("zoom"), percent);
        settings_.sync();
    }
    /// Whether a size was ever chosen.
    bool hasZoom() const { return settings_.contains(QStringLiteral("zoom")); }
    /// The same of a file, before there is an application; 100 where it cannot be read.
    static int zoomIn(const QString& file) {
        const QFileInfo there(file);
        if (!there.isFile()) return 100;
        const QSettings kept(file, QSettings::IniFormat);
        return std::clamp(kept.value(QStringLiteral("zoom"), 100).toInt(), 80, 200);
    }
    /// What stood half typed in the line when the program started itself anew; once.
    QString takeHalfTyped() {
        const QString text = settings_.value(QStringLiteral("half-typed")).toString();
        settings_.remove(QStringLiteral("half-typed"));
        return text;
    }
    void setHalfTyped(const QString& text) {
        if (!text.isEmpty()) settings_.setValue(QStringLiteral("half-typed"), text);
    }

    /// Instruments of this machine, a line each (instrument/instrument.h).
    QStringList instruments() const {
        return settings_.value(QStringLiteral("instruments")).toStringList();
    }
    void setInstruments(const QStringList& v) {
        settings_.setValue(QStringLiteral("instruments"), v);
    }
    /// Whether what is asked and taken is spoken.
    bool spoken() const { return settings_.value(QStringLiteral("spoken"), false).toBool(); }
    void setSpoken(bool v) { settings_.setValue(QStringLiteral("spoken"), v); }

    /// Books opened before, the last first.
    QStringList recentBooks() const {
        return settings_.value(QStringLiteral("recent")).toStringList();
    }
    void addRecentBook(const QString& path) {
        constexpr qsizetype kMost = 8;
        QStringList all = recentBooks();
        const QString whole = QFileInfo(path).absoluteFilePath();
        if (all.value(0) == whole) return;
        all.removeAll(whole);
        all.prepend(whole);
        settings_.setValue(QStringLiteral("recent"), all.mid(0, kMost));
    }

    /// How a table of somebody else's was taken, by its shape; empty: never.
    QString tableReading(const QString& shape) const {
        return settings_.value(keyOf(shape)).toString();
    }
    void setTableReading(const QString& shape, const QString& how) {
        if (how != tableReading(shape)) settings_.setValue(keyOf(shape), how);
    }

    LeftOff leftOff(const QString& book) const {
        const QString group = groupOf(book);
        LeftOff p;
        p.job = settings_.value(group + QStringLiteral("job")).toLongLong();
        p.cylinder = std::max(1, settings_.value(group + QStringLiteral("cylinder"), 1).toInt());
        p.side =
            settings_.value(group + QStringLiteral("side")).toString() == QLatin1String("exhaust")
                ? lobe::Side::Exhaust
                : lobe::Side::Intake;
        p.station = settings_.value(group + QStringLiteral("station")).toString();
        return p;
    }
    void setLeftOff(const QString& book, const LeftOff& p) {
        if (p == leftOff(book)) return;
        const QString group = groupOf(book);
        settings_.setValue(group + QStringLiteral("job"), p.job);
        settings_.setValue(group + QStringLiteral("cylinder"), p.cylinder);
        settings_.setValue(group + QStringLiteral("side"), p.side == lobe::Side::Exhaust
                                                               ? QStringLiteral("exhaust")
                                                               : QStringLiteral("intake"));
        settings_.setValue(group + QStringLiteral("station"), p.station);
    }

    /// Writes down that a job is about to be shown; how often that was begun before and not ended.
    int beginOpening(const QString& book, qint64 job) {
        const QByteArray what = groupOf(book).toLatin1() + QByteArray::number(job);
        QFile file(opening());
        int before = 0;
        if (file.open(QIODevice::ReadOnly)) {
            const QList<QByteArray> was = file.readAll().split(' ');
            if (was.size() == 2 && was[0] == what) before = was[1].toInt();
            file.close();
        }
        // Beside the preferences and not in them: it is there at once, and costs no flush.
        QDir().mkpath(QFileInfo(opening()).path());
        if (file.open(QIODevice::WriteOnly))
            file.write(what + ' ' + QByteArray::number(before + 1));
        return before;
    }
    void endOpening() { QFile::remove(opening()); }

private:
    static bool systemIsDark() {
        static const bool dark = [] {
            const QPalette palette;
            return palette.color(QPalette::Window).lightness() <
                   palette.color(QPalette::WindowText).lightness();
        }();
        return dark;
    }
    /// Themes made for it are black on white, or the other way round.
    static bool systemIsSharp() {
        static const bool sharp = [] {
            const QPalette palette;
            return contrast(palette.color(QPalette::Window), palette.color(QPalette::WindowText)) >=
                   20.0;
        }();
        return sharp;
    }
    /// The file, made where it is not there; what is written into it later keeps its rights.
    static QString own(const QString& file) {
        if (file.isEmpty()) return file;
        QDir().mkpath(QFileInfo(file).path());
        QFile there(file);
        if (!there.exists() && !there.open(QIODevice::WriteOnly)) return file;
        there.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        return file;
    }
    QString opening() const { return settings_.fileName() + QStringLiteral(".opening"); }
    /// A word for any text.
    static QString wordOf(const QString& text) {
        return QString::fromLatin1(
            QCryptographicHash::hash(text.toUtf8(), QCryptographicHash::Sha1).toHex().left(12));
    }
    /// One place per book, whatever it is called by.
    static QString groupOf(const QString& book) {
        return QStringLiteral("place-%1/").arg(wordOf(QFileInfo(book).absoluteFilePath()));
    }
    static QString keyOf(const QString& shape) { return QStringLiteral("tables/") + wordOf(shape); }

    QSettings settings_;
    bool systemSharp_ = systemIsSharp();
    bool systemDark_ = systemIsDark(); ///< before anything is dressed
};

} // namespace app
