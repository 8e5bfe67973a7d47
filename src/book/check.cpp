#include "book/check.h"

#include <QFile>

#include <sqlite3.h>

namespace book {

namespace {

/// So many steps of the virtual machine from one look at whether to leave off to the next.
constexpr int kSteps = 20000;

/// Empty for a book that is whole, one that cannot be opened, and when it was left off.
QString wrongIn(const QByteArray& path, std::atomic<bool>& leave) {
    sqlite3* db = nullptr;
    QString out;
    if (sqlite3_open_v2(path.constData(), &db, SQLITE_OPEN_READONLY, nullptr) == SQLITE_OK) {
        sqlite3_progress_handler(
            db, kSteps,
            [](void* stop) { return static_cast<std::atomic<bool>*>(stop)->load() ? 1 : 0; },
            &leave);
        sqlite3_stmt* statement = nullptr;
        if (sqlite3_prepare_v2(db, "PRAGMA quick_check(1)", -1, &statement, nullptr) == SQLITE_OK) {
            const int step = sqlite3_step(statement);
            if (step == SQLITE_ROW) {
                const auto* text = reinterpret_cast<const char*>(sqlite3_column_text(statement, 0));
                if (qstrcmp(text, "ok") != 0) out = QString::fromUtf8(text);
            } else if (step == SQLITE_CORRUPT || step == SQLITE_NOTADB) {
                out = QString::fromUtf8(sqlite3_errmsg(db));
            }
        }
        sqlite3_finalize(statement);
    }
    sqlite3_close(db);
    return out;
}

} // namespace

void Check::start(const QString& path, std::function<void(const QString& what)> wrong) {
    stop();
    thread_ = std::thread([this, name = QFile::encodeName(path), told = std::move(wrong)] {
        const QString what = wrongIn(name, leave_);
        if (!what.isEmpty() && !leave_) told(what);
    });
}

void Check::stop() {
    leave_ = true;
    if (thread_.joinable()) thread_.join();
    leave_ = false;
}

} // namespace book
