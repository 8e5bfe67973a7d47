// A bench without hardware: a made-up engine (truth.h), a crank that is turned, an indicator or two
// and an encoder, which say in bytes what such tools say. Whatever can go wrong at a bench can be
// switched on by name while it runs. Degrees of crank, mm, seconds; time is whoever's who advances
// it.
#pragma once

#include "simulated/truth.h"

#include <optional>
#include <random>
#include <string>
#include <string_view>
#include <vector>

namespace simulated {

/// What a tool is fitted to: the dial to the valve or piston at hand, a second one to the exhaust
/// valve for good, the encoder to the crank.
enum class Tool { Dial, Second, Encoder };
constexpr int kTools = 3;
/// Where the dial stands.
enum class On { Intake, Exhaust, Piston };

struct Fault {
    const char *name, *does;
};

class Bench {
public:
    /// `rate_hz`: what each tool says in a second, 1 to 4000.
    explicit Bench(Truth truth, unsigned seed = 1, double rate_hz = 200.0);

    /// The hand at the crank: degrees a second in the engine's running direction; below 0
    /// backwards.
    void turn(double deg_per_s) { turning_ = deg_per_s; }
    double turning() const { return turning_; }
    /// At once, wherever it stood.
    void put(double deg) { crank_ = cam_ = encoder_ = deg; }
    void dialOn(On on);
    On dialIsOn() const { return on_; }
    /// At the valve or the tappet; the tappet at first.
    void readAt(lobe::Place place) { place_ = place; }
    /// The dial is set to zero where it stands.
    void zeroDial();
    /// The valve at hand is pressed by hand until it touches the piston, or let go.
    void press(bool on) { pressed_ = on; }
    /// A stop in the plug hole: the crank goes no nearer to the top than that, on either side.
    /// Empty: none.
    void stop(std::optional<double> halfSpan_deg) { stop_ = halfSpan_deg; }

    /// Time goes on: the crank turns, and the tools say what they see.
    void advance(double dt_s);
    /// The bytes a tool has said since they were taken last.
    std::string take(Tool tool);
    /// It hangs on no wire now.
    bool unplugged(Tool tool) const;

    /// False for a name nobody knows.
    bool setFault(std::string_view name, bool on);
    bool fault(std::string_view name) const;
    static const std::vector<Fault>& faults();

    /// Where the crank truly stands, over all turns, and the engine nobody sees.
    double crank_deg() const { return crank_; }
    const Truth& truth() const { return truth_; }
    double rate_hz() const { return rate_hz_; }
    /// How often each tool has spoken.
    long long samples() const { return samples_; }
    /// As the dial would show it without fault or noise.
    double trueLift(Tool tool) const;

    static constexpr double kCountsPerTurn = 7200.0;

private:
    void sample();
    void say(Tool tool, std::string bytes);
    double shown(Tool tool);
    double gauss(double sigma);

    Truth truth_;
    std::mt19937 random_;
    double rate_hz_;
    double turning_ = 0.0, crank_ = 0.0, cam_ = 0.0, encoder_ = 0.0;
    double owed_s_ = 0.0, time_s_ = 0.0, quietUntil_s_ = -1.0;
    double zero_[2] = {0.0, 0.0}, slipped_mm_ = 0.0, pointer_deg_ = 0.0;
    lobe::Place place_ = lobe::Place::Tappet;
    On on_ = On::Intake;
    bool pressed_ = false;
    std::optional<double> indexed_; ///< turns of the encoder, whole ones
    std::optional<double> stop_;
    std::vector<bool> faults_;
    std::string said_[kTools];
    long long samples_ = 0;
};

} // namespace simulated
