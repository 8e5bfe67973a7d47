// A fact of the job that is asked in the entry line: what it is called, what it holds now, and how
// a typed answer changes it. No widget: stations show them and keep what changed.
#pragma once

#include "desk/session.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

#include <functional>
#include <vector>

namespace app {

/// The parts of a job that are stated and not measured.
struct Facts : lobe::Stated {
    std::string name;
    lobe::Engine engine;
    std::optional<lobe::Card> card;
    std::vector<lobe::Card> otherCards;
    lobe::RunConditions conditions{}; ///< of the run at hand, where a station asks for them
    lobe::MockUp mockUp{};            ///< of the clearance map at hand, likewise
    int cylinder = 1;                 ///< that run's

    static Facts of(const lobe::Job& job);
    /// Keeps whatever differs from the session's job, one action for each part; run conditions are
    /// the station's to keep.
    bool keepIn(Session& session) const;
};

struct Field {
    QString heading; ///< set on the first field of a group
    QString name;
    QString asks; ///< what to type: the choices, the reference
    std::function<QString(const Facts&, const words::Style&)> shown;
    /// Changes the facts, or returns why not.
    std::function<QString(Facts&, const QString& typed, const words::Style&)> take;
    QString subject;  ///< "engine", "cam card"
    QString question; ///< what is asked, where it is more than the name
    /// Something that could be typed, in the unit shown; used where what was typed is refused.
    std::function<QString(const words::Style&)> example{};
    /// Where a line may answer the fields behind it as well: how many, and what of all that it
    /// said.
    std::function<int(const QString& typed)> also{};
    std::function<QString(const Facts&, const words::Style&)> allSaid{};
    /// Takes the angle an instrument counted, degrees on the wheel from TDC, or returns why not;
    /// empty where it is typed alone.
    std::function<QString(Facts&, double wheel_deg)> angle{};
    QString part{};      ///< of the picture beside it: "gasket"; empty where none shows it
    bool seldom = false; ///< passed by, going from field to field; chosen with Up and Down
    /// The values of the facts that an answer changes. The book knows how it calls each of them
    /// (storedNames); what is undone is called as it is asked here.
    std::function<std::vector<const void*>(Facts&)> values{};
};

template <class T> using Part = std::function<T&(Facts&)>;

/// A field that has no Part of its own, with what it changes: one function to each value.
template <class... Get> Field changing(Field f, Get... get) {
    f.values = [get...](Facts& facts) {
        return std::vector<const void*>{static_cast<const void*>(&get(facts))...};
    };
    return f;
}
/// How the book calls what a field changes: "engine.bore_mm"; the job's name is "name". Empty for
/// what it does not keep.
QStringList storedNames(const Field& field);

/// Any text, as typed.
Field textField(const QString& name, Part<std::string> part);
/// A length between bounds in mm; 0 is shown as a dash, unless none is a value as lash has it.
/// `usual_mm` is the example.
Field lengthField(const QString& name, double least_mm, double most_mm, Part<double> part,
                  double usual_mm = 0.0, bool noneIsValue = false);
/// Units that may stand behind the number change nothing.
Field numberField(const QString& name, const QString& asks, double least, double most, int places,
                  Part<double> part, double usual = 0.0);
/// May be missing; "-" takes it away. Lengths in mm, else degrees.
Field optionalField(const QString& name, const QString& asks, double least, double most,
                    bool isLength, Part<std::optional<double>> part);
/// Several lengths, typed one after the other; "-" clears them.
Field lengthsField(const QString& name, const QString& asks, std::size_t most,
                   Part<std::vector<lobe::Height>> part);
/// The bore, or bore and stroke as they are said together: 90x78.
Field boreField();
/// Another word for one of a choice's values.
using Synonyms = std::vector<std::pair<const char*, int>>;
/// `say` names each of the `count` values of an enum; the number, or the first letters of one of
/// its words where they are no other's, choose.
Field choiceField(const QString& name, int count, QString (*say)(int),
                  std::function<int(const Facts&)> get, std::function<void(Facts&, int)> set,
                  Synonyms synonyms = {});
/// Of two values, false and true.
Field flagField(const QString& name, QString (*say)(int), Part<bool> part);
/// Whole numbers in inches are inches for what is longer than a lift, as for a bore.
QString asDimension(const QString& typed, double most_mm, const words::Style& style);
/// What is wrong with what was typed, in terms of what was asked.
QString refusal(const Field& field, const lobe::EntryError& error, const words::Style& style);
/// The words of a line, each a value with its unit: one behind a space belongs to its number, and
/// so does a fraction to its inches.
QStringList valuesIn(const QString& typed);
/// What stands for a fact not stated.
QString noValue();

/// A choice among an enum's values, from 0.
template <class E>
Field enumField(const QString& name, int count, QString (*say)(int), Part<E> part,
                Synonyms synonyms = {}) {
    return changing(choiceField(
                        name, count, say,
                        [part](const Facts& facts) {
                            Facts copy = facts;
                            return static_cast<int>(part(copy));
                        },
                        [part](Facts& facts, int i) { part(facts) = static_cast<E>(i); },
                        std::move(synonyms)),
                    part);
}

} // namespace app
