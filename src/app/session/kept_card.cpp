#include "app/session/kept_card.hpp"
#include <algorithm>

namespace bollard::app {

KeptCard::KeptCard() : head_(std::make_shared<const card::Card>()) {}

KeptCard::KeptCard(const card::Card& card, const KeptCard* from) {
    auto head = std::make_shared<card::Card>(card);
    head->inscriptions.clear();
    head_ = from && *from->head_ == *head ? from->head_ : head;
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        const card::Inscription& inscription = card.inscriptions[i];
        const Part* known = from ? from->equalPart(i, card.inscriptions.size(), inscription) : nullptr;
        inscriptions_.push_back(known ? *known : std::make_shared<const card::Inscription>(inscription));
    }
}

card::Card KeptCard::card() const {
    card::Card whole = *head_;
    for (const Part& part : inscriptions_)
        whole.inscriptions.push_back(*part);
    return whole;
}

bool KeptCard::operator==(const KeptCard& other) const {
    const auto same = [](const auto& a, const auto& b) { return a == b || *a == *b; };
    return same(head_, other.head_) && std::ranges::equal(inscriptions_, other.inscriptions_, same);
}

/// At its own place, or at that from the end: what stands before or after a change.
const KeptCard::Part* KeptCard::equalPart(size_t at, size_t count,
                                          const card::Inscription& inscription) const {
    const size_t fromEnd = inscriptions_.size() + at - count;
    for (const size_t i : {at, fromEnd})
        if (i < inscriptions_.size() && *inscriptions_[i] == inscription)
            return &inscriptions_[i];
    return nullptr;
}

} // namespace bollard::app
