// From bytes to what an instrument said: pure, whatever comes and in whatever pieces. Bytes that
// make no sense are told as such, once for each run of them, and never as a value.
#pragma once

#include "instrument/format.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace instrument {

/// What is wrong with a piece of what came.
enum class Odd {
    NoNumber, ///< a line without the number that is meant
    Checksum, ///< a packet whose sum does not fit: bytes were lost or changed
    Framing,  ///< bytes that belong to no packet
    TooLong,  ///< no line ends: hardly an instrument, or another speed
    Range,    ///< a number no tool shows
};

/// One thing said.
struct Said {
    std::optional<double> value{}; ///< mm, degrees, or a count; empty for a pedal or what is odd
    Unit unit = Unit::Millimetre;  ///< as it was said: Millimetre, Inch (the value is in mm all the
                                   ///< same) or Degree; of a count Said
    bool index = false;            ///< of a count: the index mark was passed with it
    bool takeIt = false;           ///< a key, a pedal
    std::optional<Odd> odd{};
    std::string raw; ///< legible: text as it came, bytes as hexadecimal digits
};

class Parser {
public:
    explicit Parser(Format format) : format_(format) {}
    /// Appends what is complete with these bytes.
    void feed(std::string_view bytes, std::vector<Said>& out);
    void forget() { held_.clear(), skipped_.clear(); }
    const Format& format() const { return format_; }

private:
    void lines(std::vector<Said>& out);
    void packets(std::vector<Said>& out);
    Said line(std::string_view text);
    void flushSkipped(std::vector<Said>& out);

    Format format_;
    std::string held_, skipped_;
    bool tooLong_ = false;
    bool indexed_ = false; ///< its lines have an index mark: one without is cut off
};

/// The packet of six bytes that `Way::Digits` reads (docs/formats/instruments.md): for whoever
/// sends. `value` in its unit, as many as six digits; `decimals` 0 to 5.
std::string digitsPacket(double value, int decimals, Unit unit);
constexpr int kPacketBytes = 6;

} // namespace instrument
