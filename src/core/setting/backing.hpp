// What holds letters that stand free together, from behind.
#pragma once
#include "setting/ornament.hpp"

namespace bollard::setting {

/// The backing of words in their own frame; empty for words without ink.
/// Bars: the fewest level ones so that each loose part of the words leaves one of them by a joint at least
/// `reach` wide; with an upright one where they do not hang together by the words themselves. They end within
/// the outermost letters. Plates: the box of the words, or an oval round it, `distance` beyond. Outline: the
/// words grown by `distance`; holes, and gaps between letters, are closed where they are narrower than
/// `closes`.
plane::Region backingOf(const Ornament& ornament, const Setting& words, const std::stop_token& stop);

} // namespace bollard::setting
