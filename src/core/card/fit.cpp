#include "card/fit.hpp"
#include "plane/gap.hpp"

namespace bollard::card {
namespace {

bool liesWithin(const plane::Region& letter, const plane::Region& allowed) {
    if (letter.empty())
        return true;
    return plane::contains(allowed, letter.rings.front().front()) &&
           plane::boundaryGap(letter, allowed, 1).kind != plane::Gap::Kind::overlapping;
}

bool fits(const Inscription& inscription, double size, const plane::Region& allowed,
          const std::shared_ptr<const type::Typeface>& typeface) {
    setting::TextStyle style = inscription.style;
    style.size = size;
    const setting::Setting set = setting::set(inscription.words, typeface, style);
    const setting::Place place(set, inscription.placing);
    return std::ranges::all_of(set.letters, [&](const setting::Letter& letter) {
        return liesWithin(place.onSide(letter), allowed);
    });
}

} // namespace

std::optional<double> largestThatFits(const Inscription& inscription, const blank::Blank& blank,
                                      double margin, const std::shared_ptr<const type::Typeface>& typeface,
                                      const std::stop_token& stop) {
    const plane::Region allowed = plane::grown(blank::regionOf(blank), -margin * plane::unitsPerMillimetre);
    const plane::Vector size = blank::sizeOf(blank);
    double low = ranges::size.least;
    double high = std::min(std::max(size.x, size.y) * 2, ranges::size.most);
    if (allowed.empty() || !(high > low) || !fits(inscription, low, allowed, typeface))
        return std::nullopt;
    while (high - low > 0.004) {
        if (stop.stop_requested())
            return std::nullopt;
        const double middle = (low + high) / 2;
        (fits(inscription, middle, allowed, typeface) ? low : high) = middle;
    }
    const double rounded = std::floor(low * 100) / 100;
    return rounded >= ranges::size.least ? std::optional(rounded) : std::nullopt;
}

} // namespace bollard::card
