#include "words/sentences.h"

namespace words {

using namespace lobe;

QString progressName(Progress progress) {
    switch (progress) {
    case Progress::NotBegun:
        return QStringLiteral("not begun");
    case Progress::InHand:
        return QStringLiteral("in hand");
    case Progress::Done:
        return QStringLiteral("done");
    case Progress::LookAgain:
        break;
    }
    return QStringLiteral("look again");
}

} // namespace words
