// Compression in words.
#include "words/sentences.h"

namespace words {

using namespace lobe;

QString sentence(const CompressionError& e, const Style& style) {
    const QString length = dimension(e.value, style) + QLatin1Char(' ') + unitName(style);
    switch (e.fault) {
    case CompressionFault::BoreNotPositive:
        return QStringLiteral("bore %1: expected more than nothing").arg(length);
    case CompressionFault::StrokeNotPositive:
        return QStringLiteral("stroke %1: expected more than nothing").arg(length);
    case CompressionFault::RodTooShort:
        return QStringLiteral("rod %1: too short to span the crank throw and the pin offset")
            .arg(length);
    case CompressionFault::VolumeNotPositive:
        return QStringLiteral("clearance volume %1 cc: chamber, gasket, deck, crown and crevice "
                              "must leave more than nothing")
            .arg(fixed(e.value, 2, style));
    case CompressionFault::ClosingOutside:
        break;
    }
    return QStringLiteral("intake closing %1 after BDC: beyond the stroke; expected -60 to 180")
        .arg(degrees(e.value, style));
}

QString closingName(ClosingSchool school) {
    switch (school) {
    case ClosingSchool::SeatMeasured:
        return QStringLiteral("seat, measured here");
    case ClosingSchool::SeatMaker:
        return QStringLiteral("seat, by the maker");
    case ClosingSchool::Plus15:
        return QStringLiteral("1.27 mm and 15") + QChar(0xB0);
    case ClosingSchool::OwnHeight:
        break;
    }
    return QStringLiteral("own height");
}

QString quantityName(Quantity quantity) {
    switch (quantity) {
    case Quantity::Advance:
        return QStringLiteral("advance");
    case Quantity::Chamber:
        return QStringLiteral("chamber");
    case Quantity::Gasket:
        return QStringLiteral("gasket");
    case Quantity::Deck:
        return QStringLiteral("deck");
    case Quantity::Crown:
        break;
    }
    return QStringLiteral("crown");
}

} // namespace words
