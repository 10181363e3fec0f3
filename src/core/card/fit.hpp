// The largest size at which words still fit.
#pragma once
#include "card/card.hpp"
#include "type/typeface.hpp"
#include <memory>
#include <optional>
#include <stop_token>

namespace bollard::card {

struct Fit {
    double size = 0;    ///< mm, by the inscription's own measure, rounded down to 0.01
    double width = 100; ///< percent
};

/// The largest size at which the inscription, straight or along its curve, lies on the card's blank within
/// the margin of its edges and holes, held at its anchor. Below its own width the letters may be squeezed to
/// `leastWidth` percent where that lets them be larger; then they are as wide as that size allows. Nothing
/// when no size fits, when there is no blank or no ink, or when stopped.
std::optional<Fit> largestThatFits(const Card& card, const Inscription& inscription,
                                   const std::shared_ptr<const type::Typeface>& typeface,
                                   double leastWidth = ranges::width.most, const std::stop_token& stop = {});

} // namespace bollard::card
