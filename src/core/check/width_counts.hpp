// How much of the letters is how wide, for the gauge.
#pragma once
#include "check/measures.hpp"
#include <array>

namespace bollard::check {

/// Widths counted in bars of equal width over one of several spans.
struct WidthCounts {
    static constexpr int bars = 96;
    static constexpr std::array spans{1.0,  2.0,  4.0,  6.0,   8.0,   12.0, 16.0,
                                      24.0, 40.0, 80.0, 160.0, 320.0, 640.0}; ///< mm
    struct Bar {
        double stroke = 0, gap = 0; ///< mm of letter that wide; the last bar has all wider ones too
    };
    std::array<std::array<Bar, bars>, spans.size()> ofSpan{};
    double usual = 0;                           ///< mm; nine in ten widths are below it
    double thinnest = -1;                       ///< stroke, mm; -1 when there is none
    std::shared_ptr<const Measures> measures{}; ///< that were counted
};

/// O(readings).
WidthCounts countsOf(std::shared_ptr<const Measures> measures);

/// The narrowest span that holds widths up to `wanted` mm, or the widest: its place in `spans`.
std::size_t spanFor(double wanted);

} // namespace bollard::check
