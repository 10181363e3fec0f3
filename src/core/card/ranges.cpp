#include "card/ranges.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::card {
namespace {

double kept(double value, const Range& range) {
    if (range.holds(value))
        return value;
    if (range.least == ranges::turn.least && range.most == ranges::turn.most && std::isfinite(value))
        return std::fmod(value, ranges::turn.most);
    return std::isnan(value) ? range.least : std::clamp(value, range.least, range.most);
}

} // namespace

void keepWithinRanges(Card& card) {
    eachNumber(card, [](auto& number, const Range& range) {
        using Number = std::remove_reference_t<decltype(number)>;
        if (!range.holds(double(number)))
            number = static_cast<Number>(kept(double(number), range));
    });
    std::erase_if(card.process.own, [](const auto& limit) { return !std::isfinite(limit.second); });
}

} // namespace bollard::card
