#include "core/choose/shelf.h"

#include "core/typed/entry.h"
#include "core/typed/lower.h"

#include <algorithm>
#include <sstream>

namespace lobe {
namespace {

constexpr double kNear_deg = 1.0, kLift_mm = 0.25;

struct Word {
    const char* name;
    Sought what;
};
/// The longer ones first.
constexpr Word kWords[] = {{"duration", Sought::Duration},     {"dur", Sought::Duration},
                           {"separation", Sought::Separation}, {"lsa", Sought::Separation},
                           {"overlap", Sought::Overlap},       {"lift", Sought::Lift}};

bool within(const SearchTerm& term, const std::optional<double>& value) {
    return value && (!term.least || *value >= *term.least) && (!term.most || *value <= *term.most);
}

} // namespace

ShelfFigures shelfFigures(const Card& card) {
    const CompleteCard all = complete(card);
    const auto value = [](const std::optional<CardFigure>& f) {
        return f ? std::optional(f->value) : std::nullopt;
    };
    ShelfFigures out;
    out.duration = {value(all.duration.intake), value(all.duration.exhaust)};
    out.lift_mm = card.lift_mm;
    out.separation = value(all.separation);
    if (all.events.ivo && all.events.evc)
        out.overlap = all.events.ivo->value + all.events.evc->value;
    return out;
}

std::vector<SearchTerm> searchTerms(const std::string& search) {
    std::vector<SearchTerm> out;
    std::istringstream words(lower(search));
    for (std::string word; words >> word;) {
        SearchTerm term;
        term.text = word;
        for (const Word& w : kWords) {
            const std::string name = w.name;
            if (word.rfind(name, 0) != 0) continue;
            std::string rest = word.substr(name.size());
            const char sign = rest.empty() ? ' ' : rest[0];
            if (sign == '>' || sign == '<' || sign == '=') rest = rest.substr(1);
            const auto read = readNumber(rest);
            const auto* number = std::get_if<double>(&read);
            if (!number) continue;
            term.what = w.what;
            const double near = w.what == Sought::Lift ? kLift_mm : kNear_deg;
            if (sign != '<') term.least = sign == '>' ? *number : *number - near;
            if (sign != '>') term.most = sign == '<' ? *number : *number + near;
            break;
        }
        out.push_back(std::move(term));
    }
    return out;
}

bool matches(const std::vector<SearchTerm>& terms, const ShelfFigures& f,
             const std::string& words) {
    return std::all_of(terms.begin(), terms.end(), [&](const SearchTerm& t) {
        switch (t.what) {
        case Sought::Text:
            return words.find(t.text) != std::string::npos;
        case Sought::Duration:
            return within(t, f.duration.intake) || within(t, f.duration.exhaust);
        case Sought::Separation:
            return within(t, f.separation);
        case Sought::Lift:
            return within(t, f.lift_mm.intake) || within(t, f.lift_mm.exhaust);
        case Sought::Overlap:
            break;
        }
        return within(t, f.overlap);
    });
}

} // namespace lobe
