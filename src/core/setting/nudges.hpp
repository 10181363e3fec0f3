// Changes made by hand to single letters, which stay with them when the words change.
#pragma once
#include <string>
#include <vector>

namespace bollard::setting {

struct Nudge {
    int letter = 0;    ///< its first code point in the words, line breaks counted; of a field: its brace
    double x = 0;      ///< moved along the line, mm
    double y = 0;      ///< moved off the line, mm
    double turn = 0;   ///< about its own middle, degrees
    double size = 100; ///< percent, on the baseline
    double space = 0;  ///< extra space after it, mm
    int within = 0;    ///< of a field's letter: its first code point in what the field stands for
    bool none() const { return x == 0 && y == 0 && turn == 0 && size == 100 && space == 0; }
    bool operator==(const Nudge&) const = default;
};

/// The nudge of the letter at that code point; null when it has none.
const Nudge* nudgeOf(const std::vector<Nudge>& nudges, int letter, int within = 0);

/// Where letters (their first code points) stand after a change of the words. Both texts are UTF-8.
class WordChange {
  public:
    WordChange(const std::string& before, const std::string& after);
    /// -1 for one that was taken out.
    int placeOf(int letter) const;

  private:
    int head_ = 0, tail_ = 0, longer_ = 0;
};

/// What belongs to letters after the words were changed: what stands before and after the change keeps its
/// own, what was taken out loses it. Both texts are UTF-8.
template<class OfLetter>
std::vector<OfLetter> followed(std::vector<OfLetter> all, const std::string& before,
                               const std::string& after) {
    if (all.empty() || before == after)
        return all;
    const WordChange change(before, after);
    for (OfLetter& one : all)
        one.letter = change.placeOf(one.letter);
    std::erase_if(all, [](const OfLetter& one) { return one.letter < 0; });
    return all;
}

} // namespace bollard::setting
