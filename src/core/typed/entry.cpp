#include "core/typed/entry.h"

#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/typed/lower.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>

namespace lobe {
namespace {

bool isSpace(char c) {
    return c == ' ' || c == '\t' || c == '\n' || c == '\r';
}
bool isDigit(char c) {
    return c >= '0' && c <= '9';
}
bool isLetter(char c) {
    return std::isalpha(static_cast<unsigned char>(c)) != 0;
}

std::string_view trimmed(std::string_view s) {
    while (!s.empty() && isSpace(s.front()))
        s.remove_prefix(1);
    while (!s.empty() && isSpace(s.back()))
        s.remove_suffix(1);
    return s;
}

/// A hand-held scanner over one line of typing.
class Scanner {
public:
    explicit Scanner(std::string_view text) : text_(text) {}

    void skipSpace() {
        while (!atEnd() && isSpace(text_[pos_]))
            ++pos_;
    }
    bool atEnd() const { return pos_ >= text_.size(); }
    char peek() const { return atEnd() ? '\0' : text_[pos_]; }
    void next() { ++pos_; }
    int column() const { return static_cast<int>(pos_); }
    std::string_view rest() const { return text_.substr(std::min(pos_, text_.size())); }

    /// An unsigned number with a point or a comma.
    std::optional<double> number() {
        std::string digits;
        std::size_t p = pos_;
        bool point = false, any = false;
        for (; p < text_.size(); ++p) {
            const char c = text_[p];
            if (isDigit(c)) {
                any = true;
                digits += c;
            } else if ((c == '.' || c == ',') && !point) {
                point = true;
                digits += '.';
            } else {
                break;
            }
        }
        if (!any || digits.size() > 24) return std::nullopt;
        whole_ = !point;
        double value = 0.0;
        if (std::from_chars(digits.data(), digits.data() + digits.size(), value).ec != std::errc())
            return std::nullopt;
        pos_ = p;
        return value;
    }
    /// Into a bracket; false where they are too deep.
    bool enter(int most) {
        whole_ = false;
        return ++depth_ <= most;
    }
    void leave() {
        --depth_;
        whole_ = false; // no plain number any more
    }
    /// Whether the last number had no point.
    bool whole() const { return whole_; }

    /// A length: numbers may be a whole and a fraction, as a rule has them.
    void asOnARule() { rule_ = true; }
    bool onARule() const { return rule_; }
    void fractionRead() { fraction_ = true; }
    bool fraction() const { return fraction_; }

    bool word(std::string_view w) {
        if (lower(text_.substr(pos_, w.size())) != w) return false;
        pos_ += w.size();
        return true;
    }

private:
    std::string_view text_;
    std::size_t pos_ = 0;
    bool whole_ = false, rule_ = false, fraction_ = false;
    int depth_ = 0;
};

struct Sum {
    double value = 0.0;
    bool plainWhole = false; ///< one whole number, no sum
};

Understood<Sum> sum(Scanner& s);
std::optional<double> mixedFraction(Scanner& s, bool dashed);

/// A bracket in a bracket is deep enough for a bench; what is pasted may be deeper.
constexpr int kDeepest = 8;

Understood<double> signedNumber(Scanner& s) {
    s.skipSpace();
    double sign = 1.0;
    if (s.peek() == '-' || s.peek() == '+') {
        sign = s.peek() == '-' ? -1.0 : 1.0;
        s.next();
        s.skipSpace();
    }
    if (s.peek() == '(') {
        const int at = s.column();
        if (!s.enter(kDeepest)) return EntryError{EntryFault::NotANumber, at};
        s.next();
        const auto inside = sum(s);
        if (const auto* e = std::get_if<EntryError>(&inside)) return *e;
        s.skipSpace();
        if (s.peek() != ')') return EntryError{EntryFault::NotANumber, s.column()};
        s.next();
        s.leave();
        return sign * std::get<Sum>(inside).value;
    }
    if (s.onARule())
        if (const auto mixed = mixedFraction(s, false)) return sign * *mixed;
    const auto value = s.number();
    if (!value)
        return EntryError{s.atEnd() ? EntryFault::Empty : EntryFault::NotANumber, s.column()};
    return sign * *value;
}

Understood<double> product(Scanner& s, int& terms) {
    auto left = signedNumber(s);
    while (std::holds_alternative<double>(left)) {
        s.skipSpace();
        const char op = s.peek();
        if (op != '*' && op != '/') break;
        s.next();
        const int at = s.column();
        const auto right = signedNumber(s);
        if (const auto* e = std::get_if<EntryError>(&right)) return *e;
        const double r = std::get<double>(right);
        if (op == '/' && r == 0.0) return EntryError{EntryFault::DivideByZero, at};
        left = op == '*' ? std::get<double>(left) * r : std::get<double>(left) / r;
        ++terms;
    }
    return left;
}

Understood<Sum> sum(Scanner& s) {
    s.skipSpace();
    bool half = false;
    int terms = 0;
    if (s.word("half")) {
        half = true;
        s.skipSpace();
        s.word("of");
        ++terms;
    }
    auto total = product(s, terms);
    while (std::holds_alternative<double>(total)) {
        s.skipSpace();
        const char op = s.peek();
        if (op != '+' && op != '-') break;
        s.next();
        const auto right = product(s, terms);
        if (const auto* e = std::get_if<EntryError>(&right)) return *e;
        total = std::get<double>(total) + (op == '+' ? 1.0 : -1.0) * std::get<double>(right);
        ++terms;
    }
    if (const auto* e = std::get_if<EntryError>(&total)) return *e;
    const double value = std::get<double>(total) * (half ? 0.5 : 1.0);
    if (!std::isfinite(value)) return EntryError{EntryFault::OutOfRange, 0};
    return Sum{value, terms == 0 && s.whole()};
}

EntryError leftover(const Scanner& s) {
    return {isLetter(s.peek()) || s.peek() == '"' ? EntryFault::UnknownSuffix
                                                  : EntryFault::NotANumber,
            s.column()};
}

/// The letters the scanner stands on, as one word.
std::string_view letters(const Scanner& s) {
    const std::string_view rest = s.rest();
    std::size_t n = 0;
    while (n < rest.size() && isLetter(rest[n]))
        ++n;
    return rest.substr(0, n);
}

void skip(Scanner& s, std::size_t n) {
    while (n-- > 0)
        s.next();
}

/// A degree sign or its word, which say nothing that is not known.
void skipDegrees(Scanner& s) {
    s.skipSpace();
    if (s.rest().substr(0, 2) == "\xC2\xB0") {
        skip(s, 2);
        s.skipSpace();
    }
    const std::string word = lower(letters(s));
    if (word == "deg" || word == "degs" || word == "degree" || word == "degrees") {
        skip(s, word.size());
        if (s.peek() == '.') s.next();
        s.skipSpace();
    }
}

/// The side of a dead centre, if the scanner stands on one: a, b, ab, bb, as the trade writes it
/// (ATDC, BBDC) or as it is said (after, before TDC).
std::optional<FromDeadCentre> side(Scanner& s) {
    skipDegrees(s);
    Scanner trial = s;
    std::string word = lower(letters(trial));
    skip(trial, word.size());
    if (word == "after" || word == "before") {
        trial.skipSpace();
        const std::string centre = lower(letters(trial));
        const bool said =
            centre == "tdc" || centre == "bdc" || centre == "top" || centre == "bottom";
        if (said) skip(trial, centre.size());
        const bool bottom = centre == "bdc" || centre == "bottom";
        word = (word == "after" ? std::string("a") : std::string("b")) + (bottom ? "b" : "t");
    }
    FromDeadCentre out;
    if (word == "a" || word == "at" || word == "atdc")
        out = {0.0, true, DeadCentre::Top};
    else if (word == "b" || word == "bt" || word == "btdc")
        out = {0.0, false, DeadCentre::Top};
    else if (word == "ab" || word == "abdc")
        out = {0.0, true, DeadCentre::Bottom};
    else if (word == "bb" || word == "bbdc")
        out = {0.0, false, DeadCentre::Bottom};
    else
        return std::nullopt;
    s = trial;
    return out;
}

/// A whole number and a fraction, as a rule for inches has them: 3 5/32; and dashed, 3-5/32, which
/// within a sum takes away.
std::optional<double> mixedFraction(Scanner& s, bool dashed) {
    Scanner trial = s;
    trial.skipSpace();
    const auto whole = trial.number();
    if (!whole || !trial.whole()) return std::nullopt;
    if (dashed && trial.peek() == '-')
        trial.next();
    else if (!isSpace(trial.peek()))
        return std::nullopt;
    trial.skipSpace();
    const auto over = trial.number();
    if (!over || !trial.whole() || trial.peek() != '/') return std::nullopt;
    trial.next();
    const auto under = trial.number();
    // A rule is divided in halves, and halves of those.
    if (!under || !trial.whole() || *under < 2.0 || *under > 128.0 || *over >= *under ||
        std::exp2(std::round(std::log2(*under))) != *under)
        return std::nullopt;
    s = trial;
    s.fractionRead();
    return *whole + *over / *under;
}

/// A rule's fraction alone, or a sum in which numbers may be such: 3 5/32 + 1/16.
Understood<Sum> onARule(Scanner& s) {
    Scanner trial = s;
    if (const auto alone = mixedFraction(trial, true)) {
        Scanner behind = trial;
        behind.skipSpace();
        constexpr std::string_view kGoesOn = "+-*/";
        if (kGoesOn.find(behind.peek()) == std::string_view::npos) {
            s = trial;
            return Sum{*alone, false};
        }
    }
    s.asOnARule();
    return sum(s);
}

Understood<double> lengthFrom(Scanner& s, LengthUnit shown, double most_mm) {
    const auto read = onARule(s);
    if (const auto* e = std::get_if<EntryError>(&read)) return *e;
    const Sum value = std::get<Sum>(read);
    s.skipSpace();
    double mm = 0.0;
    if (s.word("mm"))
        mm = value.value;
    else if (s.word("thou") || s.word("th"))
        mm = value.value / 1000.0 * kMmPerInch;
    else if (s.word("inches") || s.word("inch") || s.word("in.") || s.word("in") || s.word("\""))
        mm = value.value * kMmPerInch;
    else if (s.fraction() && shown == LengthUnit::Millimetre)
        return EntryError{EntryFault::Fraction, 0};
    else if (shown == LengthUnit::Millimetre)
        mm = value.value;
    else
        mm = value.value * kMmPerInch / (value.plainWhole ? 1000.0 : 1.0);
    if (std::abs(mm) > most_mm) return EntryError{EntryFault::OutOfRange, 0, most_mm, true};
    return mm;
}

} // namespace

CrankDeg nearLobe(CrankDeg at, Side lobeSide) {
    const double home = usualCentre_deg(lobeSide);
    return {home + wrapTurn({at.deg - home}).deg};
}

Understood<double> readNumber(std::string_view text,
                              std::initializer_list<std::string_view> units) {
    Scanner s(trimmed(text));
    const auto read = sum(s);
    if (const auto* e = std::get_if<EntryError>(&read)) return *e;
    skipDegrees(s);
    for (const std::string_view unit : units)
        if (s.word(unit)) break;
    s.skipSpace();
    if (!s.atEnd()) return leftover(s);
    return std::get<Sum>(read).value;
}

Understood<double> readLength(std::string_view text, LengthUnit shown, double most_mm) {
    Scanner s(trimmed(text));
    const auto mm = lengthFrom(s, shown, most_mm);
    if (std::holds_alternative<EntryError>(mm)) return mm;
    s.skipSpace();
    if (!s.atEnd()) return leftover(s);
    return mm;
}

namespace {

/// The scale named before a colon.
std::optional<WheelScale> scaleNamed(std::string_view name) {
    static constexpr std::pair<std::string_view, WheelScale> kScales[] = {
        {"360", WheelScale::Full360With}, {"against", WheelScale::Full360Against},
        {"180", WheelScale::Half180},     {"90", WheelScale::Quarter90},
        {"signed", WheelScale::Signed},   {"twice", WheelScale::Twice180},
        {"tape", WheelScale::Tape}};
    for (const auto& [word, scale] : kScales)
        if (lower(name) == word) return scale;
    return std::nullopt;
}

Understood<double> plain(Scanner& s) {
    const auto read = sum(s);
    if (const auto* e = std::get_if<EntryError>(&read)) return *e;
    return std::get<Sum>(read).value;
}

/// A length on a tape, mm: a rule's fraction or a number, in its own unit or the one shown. Inches
/// on a tape are inches, never thousandths.
Understood<double> onTape(Scanner& s, LengthUnit shown) {
    const auto read = onARule(s);
    if (const auto* e = std::get_if<EntryError>(&read)) return *e;
    const double value = std::get<Sum>(read).value;
    s.skipSpace();
    if (s.word("mm")) return value;
    for (const char* unit : {"inches", "inch", "in", "\""})
        if (s.word(unit)) return value * kMmPerInch;
    if (shown == LengthUnit::Inch) return value * kMmPerInch;
    if (s.fraction()) return EntryError{EntryFault::Fraction, 0};
    return value;
}

/// Whether a scale says by itself on which side of a dead centre a number lies.
bool tellsSides(WheelScale scale) {
    return scale == WheelScale::Full360With || scale == WheelScale::Full360Against ||
           scale == WheelScale::Signed;
}

/// A number counted from the top where the event lies about the bottom: no intake closes 37 degrees
/// from the top, but many 37 after the bottom. What the wheel shows there, before the bottom
/// negative; empty where the number may be meant.
std::optional<double> fromTheBottom(double number, const WheelExpectation& expected) {
    if (expected.centre != DeadCentre::Bottom || expected.wheel.scale == WheelScale::Quarter90 ||
        expected.wheel.scale == WheelScale::Twice180 || expected.wheel.scale == WheelScale::Tape)
        return std::nullopt;
    const auto at = fromWheel(number, expected.wheel, {expected.after, expected.centre});
    constexpr double kNearTop_deg = 90.0;
    if (!at || std::abs(at->at.deg) >= kNearTop_deg) return std::nullopt;
    const CrankDeg meant = wrapTurn({180.0 + (expected.after ? 1.0 : -1.0) * std::abs(number)});
    return (expected.after ? 1.0 : -1.0) * std::abs(wheelNumber(meant, expected.wheel));
}

} // namespace

Understood<WheelReading> readWheel(std::string_view text, const WheelExpectation& fitted) {
    WheelExpectation expected = fitted;
    if (const auto colon = text.find(':'); colon != std::string_view::npos) {
        const auto scale = scaleNamed(trimmed(text.substr(0, colon)));
        if (!scale) return EntryError{EntryFault::UnknownScale, 0};
        if (*scale == WheelScale::Tape && !(expected.wheel.tape_mm > 0.0))
            return EntryError{EntryFault::UnknownScale, 0};
        expected.wheel.scale = *scale;
        text.remove_prefix(colon + 1);
    }
    Scanner s(trimmed(text));
    const bool tape = expected.wheel.scale == WheelScale::Tape && expected.wheel.tape_mm > 0.0;
    const auto read = tape ? onTape(s, expected.shown) : plain(s);
    if (const auto* e = std::get_if<EntryError>(&read)) return *e;
    double number = std::get<double>(read);
    if (const auto said = side(s)) {
        s.skipSpace();
        if (!s.atEnd()) return leftover(s);
        const double deg = tape ? 360.0 * number / expected.wheel.tape_mm : number;
        if (deg < 0.0 || deg > 180.0)
            return EntryError{EntryFault::OutOfRange, 0, tape ? wheelTop(expected.wheel) : 180.0};
        // A quadrant's numbers end at 90, whatever side is said.
        if (expected.wheel.scale == WheelScale::Quarter90 && deg > wheelTop(expected.wheel))
            return EntryError{EntryFault::OffTheScale, 0, wheelTop(expected.wheel)};
        FromDeadCentre from = *said;
        from.deg = deg;
        return WheelReading{number, wrapTurn(resolve(from, Side::Intake)), false,
                            expected.wheel.scale};
    }
    s.skipSpace();
    bool other = s.word("x");
    s.skipSpace();
    if (!s.atEnd()) return leftover(s);
    if (expected.event) {
        if (number < 0.0 && !tellsSides(expected.wheel.scale)) {
            // As on a card: the other side of the dead centre it usually falls on.
            number = -number;
            other = !other;
        }
        if (const auto would = fromTheBottom(number, expected))
            return EntryError{EntryFault::WhichCentre, 0, *would};
    }
    // A minus on a wheel that has none: so far before its zero.
    if (number < 0.0 && expected.wheel.scale != WheelScale::Signed && !other) {
        const double deg = tape ? 360.0 * number / expected.wheel.tape_mm : number;
        if (deg < -180.0) return EntryError{EntryFault::OffTheScale, 0, wheelTop(expected.wheel)};
        return WheelReading{number, CrankDeg{deg}, false, expected.wheel.scale};
    }
    const auto at = fromWheel(number, expected.wheel, {expected.after != other, expected.centre});
    if (!at) return EntryError{EntryFault::OffTheScale, 0, wheelTop(expected.wheel)};
    return WheelReading{number, at->at, at->ambiguous && !other, expected.wheel.scale};
}

Understood<RunEntry> readRunEntry(std::string_view text, Side lobeSide, LengthUnit shown) {
    const std::string_view line = trimmed(text);
    if (line.empty()) return EntryError{EntryFault::Empty, 0};
    Scanner s(line);
    RunEntry entry;
    if (s.word("zero")) {
        s.skipSpace();
        entry.zeroed = true;
        if (s.atEnd()) return entry;
        const auto mm = readLength(s.rest(), shown, kMostLift_mm);
        if (const auto* e = std::get_if<EntryError>(&mm)) return *e;
        entry.zeroAt_mm = std::get<double>(mm);
        return entry;
    }
    if (s.word("step")) {
        const auto step = readNumber(s.rest());
        if (const auto* e = std::get_if<EntryError>(&step)) return *e;
        const double deg = std::get<double>(step);
        if (deg < 0.1) return EntryError{EntryFault::OutOfRange, 0, 0.1, false, true};
        if (deg > 30.0) return EntryError{EntryFault::OutOfRange, 0, 30.0};
        entry.step_deg = deg;
        return entry;
    }
    const bool cycle = s.peek() == '@';
    if (cycle) s.next();
    // Try an angle with its side first; a lift never carries one.
    Scanner trial = s;
    const auto number = sum(trial);
    if (const auto* value = std::get_if<Sum>(&number)) {
        if (cycle) {
            if (std::abs(value->value) > 720.0) return EntryError{EntryFault::OutOfRange, 1, 720.0};
            entry.goTo = CrankDeg{value->value};
            s = trial;
        } else if (const auto said = side(trial)) {
            FromDeadCentre from = *said;
            from.deg = value->value;
            if (from.deg < 0.0 || from.deg > 180.0)
                return EntryError{EntryFault::OutOfRange, 0, 180.0};
            entry.goTo = nearLobe(resolve(from, lobeSide), lobeSide);
            s = trial;
        }
    } else if (cycle) {
        return std::get<EntryError>(number);
    }
    s.skipSpace();
    if (entry.goTo && s.atEnd()) return entry;
    const auto mm = lengthFrom(s, shown, kMostLift_mm);
    if (const auto* e = std::get_if<EntryError>(&mm)) return *e;
    s.skipSpace();
    if (!s.atEnd()) return leftover(s);
    entry.lift_mm = std::get<double>(mm);
    return entry;
}

Understood<Height> readHeight(std::string_view text, LengthUnit shown, Place otherwise) {
    Scanner s(trimmed(text));
    const auto mm = lengthFrom(s, shown, 20.0);
    if (const auto* e = std::get_if<EntryError>(&mm)) return *e;
    Height height{std::get<double>(mm), otherwise};
    s.skipSpace();
    if (s.word("valve") || s.word("v"))
        height.at = Place::Valve;
    else if (s.word("tappet") || s.word("t"))
        height.at = Place::Tappet;
    s.skipSpace();
    if (!s.atEnd()) return leftover(s);
    // Nought is where it just opens: the least that can be seen on a dial.
    if (height.mm == 0.0) height.mm = 0.01;
    if (height.mm < 0.01) return EntryError{EntryFault::OutOfRange, 0, 0.01, true, true};
    return height;
}

} // namespace lobe
