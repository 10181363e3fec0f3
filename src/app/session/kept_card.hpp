// Cards as history keeps them: what two states have in common is there once.
#pragma once
#include "card/card.hpp"
#include <memory>
#include <vector>

namespace bollard::app {

/// A state of the card. Parts that are equal to those of the state it came from are shared with it.
class KeptCard {
  public:
    KeptCard();
    explicit KeptCard(const card::Card& card, const KeptCard* from = nullptr);

    card::Card card() const;
    bool operator==(const KeptCard& other) const;

  private:
    using Part = std::shared_ptr<const card::Inscription>;
    const Part* equalPart(size_t at, size_t count, const card::Inscription& inscription) const;

    std::shared_ptr<const card::Card> head_; ///< without inscriptions
    std::vector<Part> inscriptions_;
};

} // namespace bollard::app
