// Compression in words.
#include "words/sentences.h"

#include "words/say.h"

namespace words {

using namespace lobe;

QString sentence(const CompressionError& e, const Style& style) {
    const QString length = dimension(e.value, style) + QLatin1Char(' ') + unitName(style);
    switch (e.fault) {
    case CompressionFault::BoreNotPositive:
        return Say::tr("bore %1: expected more than nothing").arg(length);
    case CompressionFault::StrokeNotPositive:
        return Say::tr("stroke %1: expected more than nothing").arg(length);
    case CompressionFault::RodTooShort:
        return Say::tr("rod %1: too short to span the crank throw and the pin offset").arg(length);
    case CompressionFault::VolumeNotPositive:
        return Say::tr("clearance volume %1 cc: chamber, gasket, deck, crown and crevice "
                       "must leave more than nothing")
            .arg(fixed(e.value, 2, style));
    case CompressionFault::ClosingOutside:
        break;
    }
    return Say::tr("intake closing %1 after BDC: beyond the stroke; expected -60 to 180")
        .arg(degrees(e.value, style));
}

QString withoutParts(bool gasket, bool deck) {
    return gasket && deck ? Say::tr(" without gasket and deck")
           : gasket       ? Say::tr(" without the gasket")
           : deck         ? Say::tr(" without the deck")
                          : QString();
}

QString closingName(ClosingSchool school) {
    switch (school) {
    case ClosingSchool::SeatMeasured:
        return Say::tr("seat, measured here");
    case ClosingSchool::SeatMaker:
        return Say::tr("seat, by the maker");
    case ClosingSchool::Plus15:
        return Say::tr("1.27 mm and 15") + QChar(0xB0);
    case ClosingSchool::OwnHeight:
        break;
    }
    return Say::tr("own height");
}

QString quantityName(Quantity quantity) {
    switch (quantity) {
    case Quantity::Advance:
        return Say::tr("advance");
    case Quantity::Chamber:
        return Say::tr("chamber");
    case Quantity::Gasket:
        return Say::tr("gasket");
    case Quantity::Deck:
        return Say::tr("deck");
    case Quantity::Crown:
        break;
    }
    return Say::tr("crown");
}

} // namespace words
