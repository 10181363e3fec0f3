// What holds letters that stand free together, from behind.
#pragma once
#include "setting/ornament.hpp"

namespace bollard::setting {

/// A bar that stands clear of the side.
struct OnPosts {
    plane::Region posts{};
    plane::Region bar{};
};

struct Backing {
    plane::Region shape{};
    std::vector<OnPosts> onPosts{};
};

/// The backing of words in their own frame; empty for words without ink. Of pierced words it holds what they
/// enclose, and reaches `distance` beyond them onto the blank.
/// Bars: the fewest level ones so that each loose part of the words leaves one of them by a joint at least
/// `reach` wide; with an upright one where they do not hang together by the words themselves. They end within
/// the outermost letters. Plates: the box of the words, or an oval round it, `distance` beyond. Outline: the
/// words grown by `distance`; holes, and gaps between letters, are closed where they are narrower than
/// `closes`. Links: see links.hpp; the words' frames are linked too. Pins: posts in the counters and at both
/// ends of bars that lie over them.
Backing backingOf(const Ornament& ornament, const Belonging& belongs, const std::stop_token& stop);

} // namespace bollard::setting
