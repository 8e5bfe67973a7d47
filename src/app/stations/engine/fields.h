// The facts of an engine and its cam card, one at a time: what each is called, what it holds now
// and how a typed answer changes the job. No widget: the station shows them.
#pragma once

#include "book/change.h"
#include "core/job.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

#include <functional>
#include <variant>
#include <vector>

namespace app {

/// Part of the job a field belongs to.
struct Facts {
    lobe::Engine engine;
    std::optional<lobe::Card> card;
};

struct Field {
    QString heading; ///< set on the first field of a group
    QString name;
    QString asks; ///< what to type, "mm" or the choices
    std::function<QString(const Facts&, const words::Style&)> shown;
    /// Changes the facts, or returns why not.
    std::function<QString(Facts&, const QString& typed, const words::Style&)> take;
    bool inCard = false;
};

/// All fields in asking order.
const std::vector<Field>& engineFields();

} // namespace app
