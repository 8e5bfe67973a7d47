// What is still to be taken, in words.
#include "words/sentences.h"

namespace words {

using namespace lobe;

QString taskTitle(const Task& task, const Style& style) {
    const QString who =
        QStringLiteral("Cylinder %1 %2").arg(task.cylinder).arg(sideName(task.side));
    switch (task.kind) {
    case TaskKind::FindTdc:
        return QStringLiteral("True TDC: a contact each side of the top");
    case TaskKind::ProveTdc:
        return QStringLiteral("True TDC: a second pass");
    case TaskKind::SayTop:
        return QStringLiteral("Overlap or firing?");
    case TaskKind::AnswerTdc:
        return QStringLiteral("TDC moved: shift the readings, or keep them");
    case TaskKind::TakeLobe:
        return who + QStringLiteral(": the whole lobe");
    case TaskKind::Finish:
        return task.left == 1 ? who + QStringLiteral(": about 1 more reading")
               : task.left > 1
                   ? QStringLiteral("%1: about %2 more readings").arg(who).arg(task.left)
                   : who + QStringLiteral(": the rest of it");
    case TaskKind::MeasureAgain:
        return who + QStringLiteral(": measure again");
    case TaskKind::ContactAgain:
        return QStringLiteral("One TDC contact once more");
    case TaskKind::ReadAgain:
        break;
    }
    return QStringLiteral("%1: read %2 again").arg(who, readingAngle(*task.at, style));
}

QString taskReason(const Task& task) {
    switch (task.kind) {
    case TaskKind::FindTdc:
        return QStringLiteral("every angle hangs on it");
    case TaskKind::ProveTdc:
        return QStringLiteral("set is not proved");
    case TaskKind::SayTop:
        return QStringLiteral("look at the valves of cylinder 1");
    case TaskKind::AnswerTdc:
        return QStringLiteral("runs were recorded before it was found off");
    case TaskKind::TakeLobe:
        return task.optional ? QStringLiteral("against cylinder 1 it shows a twisted cam")
                             : QStringLiteral("no reading yet");
    case TaskKind::Finish:
        return QStringLiteral("begun and not through");
    case TaskKind::MeasureAgain:
        return QStringLiteral("the cam was moved since");
    case TaskKind::ContactAgain:
        return QStringLiteral("a pointer knocked in between shows only there");
    case TaskKind::ReadAgain:
        break;
    }
    return QStringLiteral("it does not fit its neighbours");
}

} // namespace words
