#include "setting/nudges.hpp"
#include "type/shaping.hpp"
#include <algorithm>

namespace bollard::setting {

const Nudge* nudgeOf(const std::vector<Nudge>& nudges, int letter, int within) {
    const auto found = std::ranges::find_if(
        nudges, [&](const Nudge& nudge) { return nudge.letter == letter && nudge.within == within; });
    return found == nudges.end() ? nullptr : &*found;
}

std::vector<Nudge> followed(std::vector<Nudge> nudges, const std::string& before, const std::string& after) {
    if (nudges.empty() || before == after)
        return nudges;
    const std::u32string old = type::codePoints(before), now = type::codePoints(after);
    const size_t shorter = std::min(old.size(), now.size());
    size_t head = 0, tail = 0;
    while (head < shorter && old[head] == now[head])
        ++head;
    while (tail < shorter - head && old[old.size() - 1 - tail] == now[now.size() - 1 - tail])
        ++tail;
    std::erase_if(nudges, [&](const Nudge& nudge) {
        return nudge.letter >= int(head) && nudge.letter < int(old.size() - tail);
    });
    for (Nudge& nudge : nudges)
        if (nudge.letter >= int(old.size() - tail))
            nudge.letter += int(now.size()) - int(old.size());
    return nudges;
}

} // namespace bollard::setting
