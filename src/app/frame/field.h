// A fact of the job that is asked in the entry line: what it is called, what it holds now, and how
// a typed answer changes it. No widget: stations show them and keep what changed.
#pragma once

#include "app/frame/session.h"
#include "words/numbers.h"

#include <QString>

#include <functional>
#include <vector>

namespace app {

/// The parts of a job that are stated and not measured.
struct Facts {
    std::string name;
    lobe::Engine engine;
    std::optional<lobe::Card> card;
    std::vector<lobe::Card> otherCards;
    lobe::Settings settings;
    lobe::RunTerms terms{}; ///< of the run at hand, where a station asks for them

    static Facts of(const lobe::Job& job) {
        return {job.name, job.engine, job.card, job.otherCards, job.settings, {}};
    }
    /// Keeps whatever differs from the session's job, one action for each part; run terms are the
    /// station's to keep.
    bool keepIn(Session& session) const;
};

struct Field {
    QString heading; ///< set on the first field of a group
    QString name;
    QString asks; ///< what to type: the choices, the reference
    std::function<QString(const Facts&, const words::Style&)> shown;
    /// Changes the facts, or returns why not.
    std::function<QString(Facts&, const QString& typed, const words::Style&)> take;
    QString subject; ///< "engine", "cam card"
};

template <class T> using Part = std::function<T&(Facts&)>;

Field textField(const QString& name, Part<std::string> part);
/// A length between bounds in mm; 0 is shown as a dash.
Field lengthField(const QString& name, double least_mm, double most_mm, Part<double> part);
Field numberField(const QString& name, const QString& asks, double least, double most, int places,
                  Part<double> part);
/// May be missing; "-" takes it away. Lengths in mm, else degrees.
Field optionalField(const QString& name, const QString& asks, double least, double most,
                    bool isLength, Part<std::optional<double>> part);
/// Several lengths, typed one after the other; "-" clears them.
Field lengthsField(const QString& name, const QString& asks, std::size_t most,
                   Part<std::vector<lobe::Height>> part);
/// `say` names each of the `count` values of an enum; the number or the first letters choose.
Field choiceField(const QString& name, int count, QString (*say)(int),
                  std::function<int(const Facts&)> get, std::function<void(Facts&, int)> set);
/// What stands for a fact not stated.
QString noValue();

/// A choice among an enum's values, from 0.
template <class E>
Field enumField(const QString& name, int count, QString (*say)(int), Part<E> part) {
    return choiceField(
        name, count, say,
        [part](const Facts& facts) {
            Facts copy = facts;
            return static_cast<int>(part(copy));
        },
        [part](Facts& facts, int i) { part(facts) = static_cast<E>(i); });
}

} // namespace app
