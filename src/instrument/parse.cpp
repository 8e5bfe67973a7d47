#include "instrument/parse.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

namespace instrument {

namespace {

constexpr double kMmPerInch = 25.4;
constexpr std::size_t kLongest = 256; ///< bytes of a line; no tool says more
constexpr double kMost = 1e9;         ///< of a value or count
constexpr unsigned kLead = 0xFA;      ///< begins a packet; no other byte of it can be this one

bool digit(char c) {
    return c >= '0' && c <= '9';
}

std::string legible(std::string_view bytes) {
    std::string out;
    for (const char c : bytes) {
        const auto u = static_cast<unsigned char>(c);
        if (u >= 32 && u < 127)
            out += c;
        else if (u != '\r' && u != '\n') {
            constexpr const char* kHex = "0123456789ABCDEF";
            out += "\\x";
            out += kHex[u >> 4];
            out += kHex[u & 15];
        }
    }
    return out;
}

std::string hex(std::string_view bytes) {
    constexpr const char* kHex = "0123456789ABCDEF";
    std::string out;
    for (const char c : bytes) {
        const auto u = static_cast<unsigned char>(c);
        if (!out.empty()) out += ' ';
        out += kHex[u >> 4];
        out += kHex[u & 15];
    }
    return out;
}

/// A number of a line, and what stands behind it.
struct Number {
    double value = 0.0;
    std::string_view behind;
};

/// The n-th number: digits with a point or comma, a sign before it, perhaps with spaces between.
std::optional<Number> numberIn(std::string_view text, int which) {
    for (std::size_t i = 0; i < text.size();) {
        if (!digit(text[i]) && !(text[i] == '.' && i + 1 < text.size() && digit(text[i + 1]))) {
            ++i;
            continue;
        }
        std::size_t sign = i;
        while (sign > 0 && text[sign - 1] == ' ')
            --sign;
        const bool minus = sign > 0 && text[sign - 1] == '-';
        std::string digits;
        bool point = false;
        for (; i < text.size(); ++i) {
            const bool mark = text[i] == '.' || text[i] == ',';
            // A comma between two values of a line is none of a number.
            if (mark && (point || i + 1 >= text.size() || !digit(text[i + 1]))) break;
            if (!digit(text[i]) && !mark) break;
            point = point || mark;
            digits += mark ? '.' : text[i];
        }
        if (--which > 0) continue;
        double value = 0.0;
        const auto [end, error] =
            std::from_chars(digits.data(), digits.data() + digits.size(), value);
        if (error != std::errc() || end != digits.data() + digits.size()) return std::nullopt;
        return Number{minus ? -value : value, text.substr(i)};
    }
    return std::nullopt;
}

std::optional<Unit> unitIn(std::string_view behind) {
    while (!behind.empty() && behind.front() == ' ')
        behind.remove_prefix(1);
    const auto starts = [&](std::string_view word) {
        if (behind.size() < word.size()) return false;
        return std::equal(word.begin(), word.end(), behind.begin(), [](char a, char b) {
            return a == (b >= 'A' && b <= 'Z' ? static_cast<char>(b + 32) : b);
        });
    };
    if (starts("mm")) return Unit::Millimetre;
    if (starts("in") || starts("\"")) return Unit::Inch;
    if (starts("deg") || starts("\xC2\xB0") || starts("\xB0")) return Unit::Degree;
    return std::nullopt;
}

} // namespace

void Parser::feed(std::string_view bytes, std::vector<Said>& out) {
    if (bytes.empty()) return;
    if (format_.way == Way::Pedal) {
        // A pedal bounces, and a key sends its code and its release: what comes at once is one.
        Said s;
        s.takeIt = true;
        s.unit = Unit::Said;
        s.raw = legible(bytes.substr(0, 16));
        out.push_back(std::move(s));
        return;
    }
    held_ += bytes;
    if (format_.way == Way::Digits)
        packets(out);
    else
        lines(out);
}

void Parser::lines(std::vector<Said>& out) {
    const auto ends = [this](char c) {
        return c == format_.ending || (format_.ending == '\n' && c == '\r') ||
               (format_.ending == '\r' && c == '\n');
    };
    std::size_t from = 0;
    for (std::size_t i = 0; i < held_.size(); ++i) {
        if (!ends(held_[i])) continue;
        const std::string_view text = std::string_view(held_).substr(from, i - from);
        from = i + 1;
        // The rest of what was too long already.
        if (std::exchange(tooLong_, false)) continue;
        if (std::any_of(text.begin(), text.end(), [](char c) { return c != ' '; }))
            out.push_back(line(text));
    }
    held_.erase(0, from);
    if (held_.size() <= kLongest) return;
    if (!tooLong_) {
        Said s;
        s.odd = Odd::TooLong;
        s.raw = legible(std::string_view(held_).substr(0, 40));
        out.push_back(std::move(s));
    }
    tooLong_ = true;
    held_.clear();
}

Said Parser::line(std::string_view text) {
    Said s;
    s.raw = legible(text.substr(0, 80));
    const bool binary = std::any_of(text.begin(), text.end(), [](char c) {
        const auto u = static_cast<unsigned char>(c);
        return (u < 32 && c != '\t') || u == 127;
    });
    const auto found = binary ? std::nullopt : numberIn(text, format_.number);
    if (!found) {
        s.odd = Odd::NoNumber;
        return s;
    }
    double value = format_.reversed ? -found->value : found->value;
    if (!(std::abs(value) <= kMost)) {
        s.odd = Odd::Range;
        return s;
    }
    if (format_.way == Way::Count) {
        s.unit = Unit::Said;
        const auto mark = format_.index > 0 ? numberIn(text, format_.index) : std::nullopt;
        if (indexed_ && !mark) {
            s.odd = Odd::NoNumber;
            return s;
        }
        indexed_ = mark.has_value();
        s.index = mark && mark->value != 0.0;
    } else {
        s.unit = format_.unit != Unit::Said ? format_.unit
                                            : unitIn(found->behind).value_or(Unit::Millimetre);
        if (s.unit == Unit::Inch) value *= kMmPerInch;
    }
    s.value = value;
    return s;
}

void Parser::flushSkipped(std::vector<Said>& out) {
    if (skipped_.empty()) return;
    Said s;
    s.odd = Odd::Framing;
    s.raw = hex(std::string_view(skipped_).substr(0, 16));
    skipped_.clear();
    out.push_back(std::move(s));
}

void Parser::packets(std::vector<Said>& out) {
    std::size_t at = 0;
    while (at < held_.size()) {
        const auto byte = [&](std::size_t i) {
            return static_cast<unsigned>(static_cast<unsigned char>(held_[at + i]));
        };
        if (byte(0) != kLead) {
            if (skipped_.size() < kLongest) skipped_ += held_[at];
            ++at;
            continue;
        }
        if (held_.size() - at < kPacketBytes) break;
        std::array<unsigned, 10> nibble{};
        bool whole = true;
        for (std::size_t i = 0; i < 5; ++i) {
            // A packet that was cut off: the next begins inside it.
            if (byte(i + 1) == kLead) whole = false;
            nibble[2 * i] = byte(i + 1) >> 4;
            nibble[2 * i + 1] = byte(i + 1) & 15;
        }
        unsigned sum = 0;
        for (std::size_t i = 0; i < 9; ++i)
            sum += nibble[i];
        const auto isDigit = [](unsigned n) { return n <= 9; };
        const bool fits = whole && (sum & 15) == nibble[9] && nibble[0] <= 1 && nibble[1] <= 2 &&
                          nibble[8] <= 5 &&
                          std::all_of(nibble.begin() + 2, nibble.begin() + 8, isDigit);
        if (!fits) {
            flushSkipped(out);
            Said s;
            s.odd = Odd::Checksum;
            s.raw = hex(std::string_view(held_).substr(at, kPacketBytes));
            out.push_back(std::move(s));
            // The next lead may stand inside what was taken for a packet.
            std::size_t next = at + 1;
            while (next < held_.size() && static_cast<unsigned char>(held_[next]) != kLead &&
                   next < at + kPacketBytes)
                ++next;
            at = next;
            continue;
        }
        flushSkipped(out);
        double value = 0.0;
        for (std::size_t i = 2; i < 8; ++i)
            value = value * 10.0 + nibble[i];
        // One division: the same as the number itself when it is typed.
        constexpr double kTens[] = {1.0, 10.0, 100.0, 1000.0, 10000.0, 100000.0};
        value /= kTens[nibble[8]];
        if ((nibble[0] == 1) != format_.reversed) value = -value;
        Said s;
        s.unit = format_.unit != Unit::Said ? format_.unit
                 : nibble[1] == 0           ? Unit::Millimetre
                 : nibble[1] == 1           ? Unit::Inch
                                            : Unit::Degree;
        s.value = s.unit == Unit::Inch ? value * kMmPerInch : value;
        s.raw = hex(std::string_view(held_).substr(at, kPacketBytes));
        out.push_back(std::move(s));
        at += kPacketBytes;
    }
    held_.erase(0, at);
    if (skipped_.size() >= kPacketBytes * 4) flushSkipped(out);
}

std::string digitsPacket(double value, int decimals, Unit unit) {
    long long whole = std::llround(std::abs(value) * std::pow(10.0, decimals));
    whole = std::min(whole, 999999LL);
    std::array<unsigned, 10> nibble{};
    nibble[0] = value < 0.0 ? 1u : 0u;
    nibble[1] = unit == Unit::Inch ? 1u : unit == Unit::Degree ? 2u : 0u;
    for (std::size_t i = 8; i-- > 2; whole /= 10)
        nibble[i] = static_cast<unsigned>(whole % 10);
    nibble[8] = static_cast<unsigned>(decimals);
    unsigned sum = 0;
    for (std::size_t i = 0; i < 9; ++i)
        sum += nibble[i];
    nibble[9] = sum & 15;
    std::string out(1, static_cast<char>(kLead));
    for (std::size_t i = 0; i < 5; ++i)
        out += static_cast<char>(nibble[2 * i] << 4 | nibble[2 * i + 1]);
    return out;
}

} // namespace instrument
