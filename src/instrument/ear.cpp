#include "instrument/ear.h"

namespace instrument {

double degreesOf(const Instrument& i, double value) {
    return i.format.way == Way::Count ? i.counter.degrees(value) : value - i.counter.zero;
}

void replay(const Stream& stream,
            const std::function<void(const Instrument& by, const Timed& said)>& heard) {
    std::vector<std::pair<QString, Ear>> ears;
    for (const Instrument& i : stream.instruments)
        ears.emplace_back(roleWord(i.role), Ear(i.format));
    for (const StreamPiece& piece : stream.pieces)
        for (std::size_t i = 0; i < ears.size(); ++i)
            if (ears[i].first == piece.role)
                for (const Timed& said : ears[i].second.hear(
                         std::string_view(piece.bytes.constData(),
                                          static_cast<std::size_t>(piece.bytes.size())),
                         piece.t_s))
                    heard(stream.instruments[i], said);
}

} // namespace instrument
