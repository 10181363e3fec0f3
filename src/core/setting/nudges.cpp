#include "setting/nudges.hpp"
#include "type/shaping.hpp"
#include <algorithm>

namespace bollard::setting {

const Nudge* nudgeOf(const std::vector<Nudge>& nudges, int letter, int within) {
    const auto found = std::ranges::find_if(
        nudges, [&](const Nudge& nudge) { return nudge.letter == letter && nudge.within == within; });
    return found == nudges.end() ? nullptr : &*found;
}

WordChange::WordChange(const std::string& before, const std::string& after) {
    const std::u32string old = type::codePoints(before), now = type::codePoints(after);
    const size_t shorter = std::min(old.size(), now.size());
    size_t head = 0, tail = 0;
    while (head < shorter && old[head] == now[head])
        ++head;
    while (tail < shorter - head && old[old.size() - 1 - tail] == now[now.size() - 1 - tail])
        ++tail;
    head_ = int(head);
    tail_ = int(old.size() - tail);
    longer_ = int(now.size()) - int(old.size());
}

int WordChange::placeOf(int letter) const {
    if (letter < head_)
        return letter;
    return letter < tail_ ? -1 : letter + longer_;
}

} // namespace bollard::setting
