// What the newest action of a job did, so that undo can say what it takes back.
#include "book/book.h"
#include "book/codec.h"
#include "book/statement.h"

namespace book {

using namespace lobe;

namespace {

const QString kReadingOfAction = QStringLiteral(
    "SELECT run.cylinder, run.side, reading.crank_deg, reading.lift_mm, reading.of, run.kind FROM "
    "reading "
    "JOIN run ON run.id = reading.run_id WHERE reading.%1 ORDER BY reading.id LIMIT 1");

void lobeOf(Deed& d, const QVariant& cylinder, const QVariant& side) {
    d.cylinder = cylinder.toInt();
    d.side = sideFrom(side.toString());
}

bool readingFrom(Statement& s, Deed& d) {
    if (!s.next()) return false;
    lobeOf(d, s[0], s[1]);
    Reading r;
    r.at = {s[2].toDouble()};
    r.value_mm = s[3].toDouble();
    r.of = readingOfFrom(s[4].toString()).value_or(ReadingOf::Lift);
    d.clearance = s[5].toString() == QLatin1String("clearance");
    if (d.clearance) r.of = ReadingOf::Press;
    d.reading = r;
    return true;
}

/// Down a patch to every value it changes: "settings.lash.margin_deg".
void changedIn(const Json& patch, const QString& path, QStringList& out) {
    for (const auto& [key, value] : patch.items()) {
        const QString at = path + QLatin1Char('.') + QString::fromStdString(key);
        if (value.is_object() && !value.empty())
            changedIn(value, at, out);
        else
            out << at;
    }
}

/// What a fact's or a series' row changed, where it is a patch.
void patchFrom(const QByteArray& text, bool patch, const QString& part, Deed& d) {
    const auto body = parsed(text);
    if (!patch || !body || !body->is_object() || body->empty()) return;
    d.field = QString::fromStdString(body->begin().key());
    changedIn(*body, part, d.paths);
}

void contactFrom(const QSqlDatabase& db, const QString& where, qint64 id, Deed& d) {
    Statement s(db, QStringLiteral("SELECT pass, after_top, typed, wheel_deg FROM contact WHERE ") +
                        where + QStringLiteral(" LIMIT 1"));
    if (!s.run(id).next()) return;
    Contact c;
    c.pass = s[0].toInt();
    c.afterTop = s[1].toInt() != 0;
    c.typed = s[2].toString().toStdString();
    c.at = {s[3].toDouble()};
    d.contact = c;
}

} // namespace

Result<std::optional<Deed>> Book::deed(std::int64_t job, const char* state, bool newest) const {
    try {
        const auto action = actionOf(job, state, newest);
        if (!action) return std::optional<Deed>();
        Deed d;
        {
            Statement kind(db(), QStringLiteral("SELECT kind FROM action WHERE id = ?"));
            if (kind.run(*action).next()) d.kind = kind[0].toString();
        }
        const QString& kind = d.kind;
        if (kind == QLatin1String("reading") || kind == QLatin1String("import") ||
            kind == QLatin1String("readings")) {
            Statement s(db(), kReadingOfAction.arg(QStringLiteral("action_id = ?")));
            readingFrom(s.run(*action), d);
        } else if (kind == QLatin1String("strike")) {
            Statement strike(db(), QStringLiteral("SELECT reading_id, contact_id FROM strike WHERE "
                                                  "action_id = ? LIMIT 1"));
            if (strike.run(*action).next()) {
                if (strike[0].isNull()) {
                    contactFrom(db(), QStringLiteral("id = ?"), strike[1].toLongLong(), d);
                } else {
                    Statement s(db(), kReadingOfAction.arg(QStringLiteral("id = ?")));
                    readingFrom(s.run(strike[0].toLongLong()), d);
                }
            }
        } else if (kind == QLatin1String("contact")) {
            contactFrom(db(), QStringLiteral("action_id = ?"), *action, d);
        } else if (kind == QLatin1String("run") || kind == QLatin1String("run terms") ||
                   kind == QLatin1String("map") || kind == QLatin1String("shift")) {
            Statement s(db(), QStringLiteral(
                                  "SELECT run.cylinder, run.side, run_terms.body, "
                                  "run_terms.patch, run.kind FROM run_terms JOIN run ON run.id = "
                                  "run_terms.run_id WHERE run_terms.action_id = ? ORDER "
                                  "BY run_terms.id LIMIT 1"));
            if (s.run(*action).next()) {
                lobeOf(d, s[0], s[1]);
                d.clearance = s[4].toString() == QLatin1String("clearance");
                d.subject = QStringLiteral("terms");
                patchFrom(s[2].toByteArray(), s[3].toInt() == 1,
                          d.clearance ? QStringLiteral("mock_up") : d.subject, d);
            }
        } else if (kind == QLatin1String("cam setting")) {
            Statement s(db(), QStringLiteral("SELECT number FROM setting WHERE action_id = ?"));
            if (s.run(*action).next()) d.number = s[0].toInt();
        } else if (kind == QLatin1String("entry")) {
            Statement s(db(), QStringLiteral("SELECT number FROM entry WHERE action_id = ?"));
            if (s.run(*action).next()) d.number = s[0].toInt();
        } else {
            Statement s(db(), QStringLiteral("SELECT subject, body, patch FROM fact WHERE "
                                             "action_id = ? ORDER BY id LIMIT 1"));
            if (s.run(*action).next()) {
                d.subject = s[0].toString();
                patchFrom(s[1].toByteArray(), s[2].toInt() == 1, d.subject, d);
            }
        }
        return std::optional(std::move(d));
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

} // namespace book
