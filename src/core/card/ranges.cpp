#include "card/ranges.hpp"
#include "card/card_fields.hpp"
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

void eachNumber(Card& card, const std::function<void(double&, const quantity::Field&)>& onNumber,
                const std::function<void(int&, const quantity::Field&)>& onWhole) {
    quantity::eachNumber(&card, quantity::fieldsOf<Card>(), onNumber, onWhole);
    for (Inscription& inscription : card.inscriptions)
        quantity::eachNumber(&inscription, quantity::fieldsOf<Inscription>(), onNumber, onWhole);
}

void keepWithinRanges(Card& card) {
    const auto keep = [](auto& number, const quantity::Field& field) {
        using Number = std::remove_reference_t<decltype(number)>;
        if (!field.range.holds(double(number)))
            number = static_cast<Number>(kept(double(number), field.range));
    };
    std::erase_if(card.process.own, [](const auto& limit) { return !std::isfinite(limit.second); });
    eachNumber(card, keep, keep);
}

} // namespace bollard::card
