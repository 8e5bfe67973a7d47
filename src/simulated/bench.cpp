#include "simulated/bench.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace simulated {

using namespace lobe;

namespace {

enum Kind {
    Noise,
    Steps,
    Backlash,
    Slack,
    Base,
    Hanging,
    Wrap,
    Pointer,
    Direction,
    Dropped,
    Garbled,
    Silence,
    Unplugged
};

constexpr double kBacklash_deg = 1.5, kSlack_deg = 2.0, kSlip_mm = 0.15, kHang_mm = 0.4,
                 kTurn_mm = 5.0, kPointer_deg = 7.0, kNoise_mm = 0.02, kStep_mm = 0.05,
                 kSilence_s = 1.0;

std::size_t index(Tool tool) {
    return static_cast<std::size_t>(tool);
}

/// A packet as small tools send it: written here anew, so that whoever reads it is tried by
/// another's hand. Lead, sign and unit, six digits, point and sum (docs/formats/instruments.md).
std::string packet(double mm) {
    constexpr int kDecimals = 3;
    const long long all = std::min(999999LL, std::llround(std::abs(mm) * 1000.0));
    std::array<int, 10> n{mm < 0.0 ? 1 : 0, 0};
    long long rest = all;
    for (int i = 7; i >= 2; --i) {
        n[static_cast<std::size_t>(i)] = static_cast<int>(rest % 10);
        rest /= 10;
    }
    n[8] = kDecimals;
    int sum = 0;
    for (int i = 0; i < 9; ++i)
        sum += n[static_cast<std::size_t>(i)];
    n[9] = sum % 16;
    std::string bytes = "\xFA";
    for (std::size_t i = 0; i < 10; i += 2)
        bytes.push_back(static_cast<char>(n[i] * 16 + n[i + 1]));
    return bytes;
}

} // namespace

const std::vector<Fault>& Bench::faults() {
    static const std::vector<Fault> all{
        {"noise", "the dial trembles by some hundredths of a millimetre"},
        {"steps", "the dial shows twentieths of a millimetre and no more"},
        {"backlash", "the encoder's coupling has play: going back it follows late"},
        {"slack", "the chain hangs: going back the cam follows late"},
        {"base", "the dial's base slips each time the valve is wide open"},
        {"hanging", "the follower hangs before the base circle and falls late"},
        {"wrap", "the dial begins anew after every turn of its needle"},
        {"pointer", "the encoder's coupling slips: its zero is off by 7 degrees"},
        {"direction", "the encoder counts the other way round"},
        {"dropped", "one in fifty of what is said is lost"},
        {"garbled", "one in twenty of what is said arrives changed"},
        {"silence", "nothing is said for a full second, once"},
        {"unplugged", "the dial's plug is out"},
    };
    return all;
}

Bench::Bench(Truth truth, unsigned seed, double rate_hz)
    : truth_(std::move(truth)),
      random_(seed),
      rate_hz_(std::clamp(rate_hz, 1.0, 4000.0)),
      faults_(faults().size(), false) {}

bool Bench::setFault(std::string_view name, bool on) {
    for (std::size_t i = 0; i < faults().size(); ++i) {
        if (name != faults()[i].name) continue;
        if (i == Silence && on) {
            quietUntil_s_ = time_s_ + kSilence_s;
            return true;
        }
        if (i == Pointer) pointer_deg_ = on ? kPointer_deg : 0.0;
        if (i == Base && !on) slipped_mm_ = 0.0;
        faults_[i] = on;
        return true;
    }
    return false;
}

bool Bench::fault(std::string_view name) const {
    for (std::size_t i = 0; i < faults().size(); ++i)
        if (name == faults()[i].name) return i == Silence ? time_s_ < quietUntil_s_ : faults_[i];
    return false;
}

bool Bench::unplugged(Tool tool) const {
    return tool != Tool::Encoder && faults_[Unplugged];
}

double Bench::gauss(double sigma) {
    return std::normal_distribution<double>(0.0, sigma)(random_);
}

void Bench::dialOn(On on) {
    on_ = on;
    zero_[0] = slipped_mm_ = 0.0;
    zeroDial();
}

void Bench::zeroDial() {
    zero_[0] += trueLift(Tool::Dial);
    zero_[1] += trueLift(Tool::Second);
}

double Bench::trueLift(Tool tool) const {
    const bool dial = tool == Tool::Dial;
    if (dial && on_ == On::Piston) return -truth_.pistonDown_mm(crank_) - zero_[0];
    const Side side = dial && on_ == On::Intake ? Side::Intake : Side::Exhaust;
    const double lift = truth_.at(place_, side, cam_);
    // Pressed by hand from where it stands, it goes down by what is free.
    const double down = dial && pressed_ ? std::max(0.0, truth_.clearance(side, crank_)) : 0.0;
    return lift + down - zero_[dial ? 0 : 1];
}

double Bench::shown(Tool tool) {
    double mm = trueLift(tool);
    if (tool == Tool::Dial && on_ != On::Piston) {
        const Side side = on_ == On::Exhaust ? Side::Exhaust : Side::Intake;
        const double centre = truth_.nose(side);
        const double behind = std::remainder(cam_ - centre, 720.0);
        if (faults_[Hanging] && behind > 0.0 && behind < 170.0) mm = std::max(mm, kHang_mm);
        if (faults_[Base] && std::abs(behind) < 0.5 && turning_ != 0.0)
            slipped_mm_ += kSlip_mm * std::abs(turning_) / rate_hz_; // over one degree
    }
    mm += slipped_mm_ + gauss(faults_[Noise] ? kNoise_mm : 0.0008);
    if (faults_[Wrap]) mm -= kTurn_mm * std::floor(mm / kTurn_mm + 0.02);
    const double step = faults_[Steps] ? kStep_mm : 0.001;
    return step * std::round(mm / step);
}

void Bench::advance(double dt_s) {
    owed_s_ += dt_s;
    const double each = 1.0 / rate_hz_;
    while (owed_s_ >= each) {
        owed_s_ -= each;
        time_s_ += each;
        double to = crank_ + turning_ * each;
        if (stop_) {
            // The piston meets it on the way up, and holds.
            const double top = 360.0 * std::round(crank_ / 360.0);
            if (crank_ <= top - *stop_) to = std::min(to, top - *stop_);
            if (crank_ >= top + *stop_) to = std::max(to, top + *stop_);
        }
        crank_ = to;
        // What is driven forward is driven at once; back only when the play is taken up.
        const double slack = faults_[Slack] ? kSlack_deg : 0.0;
        cam_ = std::clamp(cam_, crank_, crank_ + slack);
        const double play = faults_[Backlash] ? kBacklash_deg : 0.0;
        encoder_ = std::clamp(encoder_, crank_, crank_ + play);
        sample();
    }
}

void Bench::say(Tool tool, std::string bytes) {
    if (time_s_ < quietUntil_s_ || unplugged(tool)) return;
    const auto one = [this](int in) { return random_() % static_cast<unsigned>(in) == 0; };
    if (faults_[Dropped] && one(50)) return;
    if (faults_[Garbled] && one(20))
        bytes[random_() % bytes.size()] ^= static_cast<char>(1 + random_() % 127);
    said_[index(tool)] += bytes;
}

void Bench::sample() {
    ++samples_;
    say(Tool::Dial, packet(shown(Tool::Dial)));
    say(Tool::Second, packet(shown(Tool::Second)));
    const double deg = encoder_ + truth_.pointer_deg + pointer_deg_;
    const long long count =
        std::llround((faults_[Direction] ? -1.0 : 1.0) * deg * kCountsPerTurn / 360.0);
    // The index mark is passed once a turn of the encoder's own.
    const double turns = std::floor(deg / 360.0);
    const bool index = indexed_ && turns != *indexed_;
    indexed_ = turns;
    say(Tool::Encoder, std::to_string(count) + (index ? ";1\n" : ";0\n"));
}

std::string Bench::take(Tool tool) {
    std::string out;
    out.swap(said_[index(tool)]);
    return out;
}

} // namespace simulated
