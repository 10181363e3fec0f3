#include "card/tying.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::card {
namespace {

using working::OwnTie, working::PlacedTie, working::TiePlace;

/// Where a letter as made comes from in the words as they are typed.
void nameOrigin(OwnTie& own, const Card& card, const Inscription& inscription) {
    if (!setting::hasFields(inscription.words))
        return;
    const auto origins = setting::filled(inscription.words, *card.rows, card.row).origins;
    if (size_t(own.letter) < origins.size()) {
        own.within = origins[size_t(own.letter)].within;
        own.letter = origins[size_t(own.letter)].letter;
    }
}

class Changing {
  public:
    explicit Changing(const Tied& tied)
        : tied_(tied), inscription_(tied.card.inscriptions[size_t(tied.inscription)]) {}

    OwnTie ownOf(int letter, const TiePlace& place) const {
        OwnTie own = working::ownTieAt(tied_.letters, letter, place);
        constexpr double fine = 1e4; // of an em, and degrees
        for (double* number : {&own.x, &own.y, &own.turn})
            *number = std::round(*number * fine) / fine;
        nameOrigin(own, tied_.card, inscription_);
        return own;
    }

    /// The letter's ties as its own from now on, in the order in which they are placed.
    void takeOver(int letter) {
        const OwnTie named = ownOf(letter, {});
        std::vector<OwnTie>& own = inscription_.ties.own;
        std::erase_if(own, [&](const OwnTie& one) { return isOf(one, named); });
        for (const PlacedTie& tie : tied_.letters.placedTies)
            if (tie.letter == letter)
                own.push_back(ownOf(letter, tie.place));
        if (inscription_.ties.kind == working::TieKind::none)
            inscription_.ties.kind = working::TieKind::own;
    }
    /// Which of its letter's ties it is.
    int placeAmongItsOwn(int tie) const {
        const int letter = tied_.letters.placedTies[size_t(tie)].letter;
        int place = 0;
        for (int i = 0; i < tie; ++i)
            place += tied_.letters.placedTies[size_t(i)].letter == letter ? 1 : 0;
        return place;
    }
    std::vector<OwnTie>::iterator find(int tie) {
        const int letter = tied_.letters.placedTies[size_t(tie)].letter;
        const OwnTie named = ownOf(letter, {});
        int left = placeAmongItsOwn(tie);
        return std::ranges::find_if(inscription_.ties.own,
                                    [&](const OwnTie& one) { return isOf(one, named) && left-- == 0; });
    }
    bool has(int tie) const { return tie >= 0 && size_t(tie) < tied_.letters.placedTies.size(); }
    const PlacedTie& tie(int tie) const { return tied_.letters.placedTies[size_t(tie)]; }
    Inscription& inscription() { return inscription_; }

    static bool isOf(const OwnTie& one, const OwnTie& other) {
        return one.letter == other.letter && one.within == other.within;
    }

  private:
    const Tied& tied_;
    Inscription& inscription_;
};

} // namespace

void moveTie(const Tied& tied, int tie, plane::Vector to, double turn) {
    Changing changing(tied);
    if (!changing.has(tie))
        return;
    const int letter = changing.tie(tie).letter;
    changing.takeOver(letter);
    *changing.find(tie) = changing.ownOf(letter, {to, turn, 0});
}

void removeTie(const Tied& tied, int tie) {
    Changing changing(tied);
    if (!changing.has(tie))
        return;
    const int letter = changing.tie(tie).letter;
    changing.takeOver(letter);
    std::vector<OwnTie>& own = changing.inscription().ties.own;
    const auto gone = changing.find(tie);
    OwnTie none = *gone;
    own.erase(gone);
    if (std::ranges::none_of(own, [&](const OwnTie& one) { return Changing::isOf(one, none); })) {
        none.none = true;
        own.push_back(none);
    }
}

bool addTie(const Tied& tied, plane::Vector at) {
    const working::PlacedLetters& letters = tied.letters;
    Changing changing(tied);
    for (size_t letter = 0; letter < letters.onSide.size(); ++letter) {
        // As it is cut without its ties.
        const plane::Region cut = letters.beyond[letter] || letters.isAltered(letter)
                                      ? letters.place.onSide(letters.setting->letters[letter])
                                      : letters.onSide[letter];
        if (!plane::contains(cut, plane::onGrid(at)))
            continue;
        const working::TieStyle style = working::tieStyleOf(letters, letter);
        TiePlace best;
        constexpr int directions = 36;
        const auto lengthAt = [&](double turn) {
            const plane::Region strip = working::stripOf(cut, {at, turn, 0}, style);
            return strip.empty() || style.width <= 0 ? std::numeric_limits<double>::infinity()
                                                     : plane::areaOf(strip) / style.width;
        };
        double least = std::numeric_limits<double>::infinity();
        for (int i = 0; i < directions; ++i) {
            const double turn = style.baseline + i * 180.0 / directions;
            constexpr double asLetter = 0.9; // upright and level count for less
            const double length = lengthAt(turn) * (i % (directions / 2) == 0 ? asLetter : 1);
            if (length < least) {
                least = length;
                best = {at, turn, 0};
            }
        }
        if (!std::isfinite(least))
            return false;
        changing.takeOver(int(letter));
        std::vector<OwnTie>& own = changing.inscription().ties.own;
        OwnTie added = changing.ownOf(int(letter), best);
        std::erase_if(own, [&](const OwnTie& one) { return one.none && Changing::isOf(one, added); });
        own.push_back(std::move(added));
        return true;
    }
    return false;
}

void clearOwnTies(Card& card, int inscription) {
    working::Ties& ties = card.inscriptions[size_t(inscription)].ties;
    ties.own.clear();
    if (ties.kind == working::TieKind::own)
        ties.kind = working::TieKind::automatic;
}

} // namespace bollard::card
