// What is still to be taken, in words.
#include "words/sentences.h"

#include "words/say.h"

namespace words {

using namespace lobe;

QString taskTitle(const Task& task, const Style& style) {
    const QString who = Say::tr("Cylinder %1 %2").arg(task.cylinder).arg(sideName(task.side));
    switch (task.kind) {
    case TaskKind::FindTdc:
        return Say::tr("True TDC: a contact each side of the top");
    case TaskKind::ProveTdc:
        return Say::tr("True TDC: a second pass");
    case TaskKind::SayTop:
        return Say::tr("Overlap or firing?");
    case TaskKind::AnswerTdc:
        return Say::tr("TDC moved: shift the readings, or keep them");
    case TaskKind::TakeLobe:
        return who + Say::tr(": the whole lobe");
    case TaskKind::Finish:
        return task.left == 1  ? who + Say::tr(": about 1 more reading")
               : task.left > 1 ? Say::tr("%1: about %n more readings", nullptr, task.left).arg(who)
                               : who + Say::tr(": the rest of it");
    case TaskKind::MeasureAgain:
        return who + Say::tr(": measure again");
    case TaskKind::ContactAgain:
        return Say::tr("One TDC contact once more");
    case TaskKind::ReadAgain:
        break;
    }
    return Say::tr("%1: read %2 again").arg(who, readingAngle(*task.at, style));
}

QString taskReason(const Task& task) {
    switch (task.kind) {
    case TaskKind::FindTdc:
        return Say::tr("every angle hangs on it");
    case TaskKind::ProveTdc:
        return Say::tr("set is not proved");
    case TaskKind::SayTop:
        return Say::tr("look at the valves of cylinder 1");
    case TaskKind::AnswerTdc:
        return Say::tr("runs were recorded before it was found off");
    case TaskKind::TakeLobe:
        return task.optional ? Say::tr("against cylinder 1 it shows a twisted cam")
                             : Say::tr("no reading yet");
    case TaskKind::Finish:
        return Say::tr("begun and not through");
    case TaskKind::MeasureAgain:
        return Say::tr("the cam was moved since");
    case TaskKind::ContactAgain:
        return Say::tr("a pointer knocked in between shows only there");
    case TaskKind::ReadAgain:
        break;
    }
    return Say::tr("it does not fit its neighbours");
}

} // namespace words
