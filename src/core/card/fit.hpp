// The largest size at which words still fit.
#pragma once
#include "card/card.hpp"
#include "type/typeface.hpp"
#include <memory>
#include <optional>
#include <stop_token>

namespace bollard::card {

/// The largest size in mm, by the inscription's own measure, rounded down to 0.01, at which the inscription
/// lies on the blank with `margin` mm to its edges and holes, held at its anchor. Nothing when no size fits,
/// when there is no blank, or when stopped.
std::optional<double> largestThatFits(const Inscription& inscription, const blank::Blank& blank,
                                      double margin, const std::shared_ptr<const type::Typeface>& typeface,
                                      const std::stop_token& stop = {});

} // namespace bollard::card
