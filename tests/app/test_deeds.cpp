// What undo and redo are called: as the station asks what was changed, in every language, for every
// value the book keeps.
#include "app/frame/deeds.h"
#include "app_fixture.h"
#include "book/stored.h"
#include "core/job/job.h"
#include "desk/field.h"
#include "stations/asked.h"
#include "stations/list.h"
#include "support/program.h"

#include <QTranslator>

namespace test_deeds {

using namespace lobe;
using app::Facts;
using app::Field;
using fixture::Rig;

namespace {

/// One with a run and a map of clearance.
bool openMeasured(app::Session& session) {
    for (const auto& job : session.book().jobs())
        if (session.openJob(job.id) && !session.job().runs.empty() && !session.job().maps.empty())
            return true;
    return false;
}

/// As a station keeps what was typed: facts, and the conditions of a run or a map.
bool keep(app::Session& session, const Facts& facts, const LiftRun& run, const ClearanceMap& map) {
    if (!facts.keepIn(session)) return false;
    if (facts.conditions != run.terms && !session.keep(book::SetTerms{run.id, facts.conditions}))
        return false;
    return facts.mockUp == map.terms || session.keep(book::SetTerms{map.id, facts.mockUp});
}

} // namespace

class TestDeeds : public QObject {
    Q_OBJECT
private slots:
    // Every field of every station, changed by something that can be typed, is what the book says
    // was changed, and what is undone is called as it is asked.
    void whatIsUndoneIsCalledAsAsked() {
        Rig rig(true);
        auto& session = rig.session();
        QVERIFY(openMeasured(session));
        const words::Style style = rig.look().style();
        int named = 0;
        for (const stations::Station* s : stations::all()) {
            if (!s->fields) continue;
            for (const Field& f : s->fields()) {
                bool changed = false;
                for (const char* typed :
                     {"2",      "1",    "3",          "101",         "0.5",     "200",
                      "0.06",   "11",   "24",         "320 40",      "5000",    "38.5 410",
                      "0.25x8", "1 2",  "intake 104", "ivc 62",      "1 3 4 2", "1 2 4 3",
                      "2 1",    "0 90", "1.27 v",     "10 7",        "25 cam",  "0 180 180 0",
                      "2 4",    "0.7",  "9",          "methanol 11", "40"}) {
                    Facts facts = Facts::of(session.job());
                    const LiftRun run = session.job().runs.back();
                    const ClearanceMap map = session.job().maps.back();
                    facts.conditions = run.terms;
                    facts.mockUp = map.terms;
                    facts.cylinder = run.cylinder;
                    const QString was = f.shown(facts, style);
                    if (!f.take(facts, QLatin1String(typed), style).isEmpty()) continue;
                    if (f.shown(facts, style) == was) continue;
                    QVERIFY(keep(session, facts, run, map));
                    changed = true;
                    break;
                }
                if (f.name == QLatin1String("The wheel is")) continue; // of cylinder 1 it is
                QVERIFY2(changed, qPrintable(s->id() + QLatin1Char(' ') + f.name));
                const auto deed = *session.undoable();
                const QStringList stored = app::storedNames(f);
                for (const QString& path : deed.paths)
                    QVERIFY2(stored.contains(path), qPrintable(f.name + QLatin1Char(' ') + path));
                const QString said = app::deedName(deed, style);
                const auto asked = stations::asked(deed.paths);
                const bool here = asked && asked->station == s;
                if (deed.kind != QLatin1String("name")) QVERIFY2(here || asked, qPrintable(said));
                if (here && !asked->names.isEmpty())
                    QVERIFY2(said.contains(words::midSentence(f.name)),
                             qPrintable(f.name + QStringLiteral(" / ") + said));
                ++named;
                // Each is tried on the same job.
                session.undo();
            }
        }
        QVERIFY2(named >= 150, qPrintable(QString::number(named)));
    }

    // Nothing the book keeps is undone without a word for it.
    void everyValueHasAName() {
        Rig rig(true);
        Job job;
        job.card = Card{};
        QStringList nameless;
        for (const auto& each :
             book::storedValues({&job, &job.engine, &*job.card, nullptr, nullptr})) {
            book::Deed deed;
            deed.subject = deed.kind = each.path.section(QLatin1Char('.'), 0, 0);
            deed.field = each.path.section(QLatin1Char('.'), 1, 1);
            deed.paths = QStringList{each.path};
            const QString said = app::deedName(deed, rig.look().style());
            // A port of the intake has no edge to be measured, and no duration to be filed to.
            if (each.path == QLatin1String("settings.ports.intake.edge_mm") ||
                each.path == QLatin1String("settings.ports.intake.wanted_deg"))
                continue;
            if ((said == deed.kind && !stations::asked(deed.paths)) || said.isEmpty())
                nameless << each.path;
        }
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(QLatin1Char('\n'))));
    }
};

AMBER_TEST(TestDeeds)

} // namespace test_deeds

#include "test_deeds.moc"
