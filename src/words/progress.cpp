#include "words/sentences.h"

#include "words/say.h"

namespace words {

using namespace lobe;

QString progressName(Progress progress) {
    switch (progress) {
    case Progress::NotBegun:
        return Say::tr("not begun");
    case Progress::InHand:
        return Say::tr("in hand");
    case Progress::Done:
        return Say::tr("done");
    case Progress::LookAgain:
        break;
    }
    return Say::tr("look again");
}

} // namespace words
