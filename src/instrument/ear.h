// Listens to one instrument: from pieces of bytes and when they came to what was said when.
#pragma once

#include "instrument/parse.h"
#include "instrument/stream.h"

#include <functional>

namespace instrument {

/// One thing said, and when.
struct Timed {
    Said said;
    double t_s = 0.0;
};

class Ear {
public:
    explicit Ear(const Format& format) : parser_(format) {}

    /// What is complete with these bytes, the last of which came at `at_s`. What comes in one piece
    /// was said one after the other since the piece before, where that is not long ago.
    std::vector<Timed> hear(std::string_view bytes, double at_s) {
        std::vector<Said> said;
        parser_.feed(bytes, said);
        constexpr double kTogether_s = 0.1;
        const double from = before_s_ >= 0.0 && at_s - before_s_ < kTogether_s ? before_s_ : at_s;
        before_s_ = at_s;
        std::vector<Timed> out;
        for (std::size_t i = 0; i < said.size(); ++i) {
            const double share = static_cast<double>(i + 1) / static_cast<double>(said.size());
            out.push_back({std::move(said[i]), from + (at_s - from) * share});
        }
        return out;
    }
    void forget() {
        parser_.forget();
        before_s_ = -1.0;
    }

private:
    Parser parser_;
    double before_s_ = -1.0;
};

/// A recorded stream as it was said, at once; instruments in the order of the stream.
void replay(const Stream& stream,
            const std::function<void(const Instrument& by, const Timed& said)>& heard);

/// An angle as its counter has it, degrees of crank over all turns; of another as said.
double degreesOf(const Instrument& instrument, double value);

} // namespace instrument
