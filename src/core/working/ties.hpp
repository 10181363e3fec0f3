// Strips left standing across the strokes of pierced letters, so that what they enclose does not fall out.
#pragma once
#include "plane/region.hpp"
#include "quantity/fields_of.hpp"
#include <cstdint>
#include <memory>
#include <stop_token>
#include <string>
#include <vector>

namespace bollard::working {

struct PlacedLetters;

enum class TieKind {
    none,
    automatic, ///< on letters without ties of their own as few as hold everything, where they cost least
    own        ///< only those put by hand
};
enum class TieCount {
    asNeeded, ///< small counters get one, wide ones a pair on opposite sides
    one,
    two
};
enum class TieDirection {
    asLetter, ///< upright or level, as the letter stands
    upright,  ///< up the letter
    level,    ///< along its baseline
    angle     ///< at `angle` to its baseline
};
enum class TieDepth {
    through, ///< of the whole thickness
    back,    ///< flush with the back, so thick
    middle   ///< halfway, so thick
};
constexpr int tieKinds = 3, tieCounts = 3, tieDirections = 4, tieDepths = 3;

/// A tie that was put, moved or turned by hand. It stays with its letter when the words change.
struct OwnTie {
    std::string id{};
    int letter = 0; ///< its first code point in the words, as of setting::Nudge
    int within = 0; ///< of a field's letter, as there
    double x = 0;   ///< its middle, from the letter's origin and turned with it, in em; of ornaments in mm
    double y = 0;
    double turn = 90;  ///< which way it runs, degrees from the letter's baseline
    bool none = false; ///< no tie, but a letter that has none
    bool operator==(const OwnTie&) const = default;
};

/// How letters are tied. Lengths in mm.
struct Ties {
    TieKind kind = TieKind::none;
    double width = 1; ///< where it is narrowest
    TieCount count = TieCount::asNeeded;
    TieDirection direction = TieDirection::asLetter;
    double angle = 45;    ///< degrees
    bool tapered = false; ///< half as wide again at both ends
    TieDepth depth = TieDepth::through;
    double thickness = 1;      ///< of those at the back and in the middle
    std::vector<OwnTie> own{}; ///< put by hand; letters that have some get no automatic ones
    bool operator==(const Ties&) const = default;
};

/// Where a tie lies. Grid units.
struct TiePlace {
    plane::Vector at{}; ///< halfway between its ends
    double turn = 0;    ///< which way it runs, degrees
    double length = 0;  ///< from wall to wall
    double width = 0;   ///< 0: the style's; less where that cannot land
};

/// What decides where ties go. Grid units.
struct TieStyle {
    double width = 0;
    TieCount count = TieCount::asNeeded;
    TieDirection direction = TieDirection::asLetter;
    double angle = 0;
    bool tapered = false;
    double baseline = 0; ///< which way the letter's baseline runs, degrees
    bool operator==(const TieStyle&) const = default;
};

/// The fewest ties that hold everything the cut encloses, where they cost least: they are short, land wholly
/// on material at both ends, run as the style says, and keep away from corners; more where counters are wide.
/// What is too small for that width is held by three quarters or half of it; what no such strip can hold
/// stays loose. One medial axis, and O(n) for each place tried.
std::vector<TiePlace> tiesOf(const plane::Region& cut, const TieStyle& style);

/// What of the cut a tie leaves standing: from wall to wall through that place, the ends a hair's breadth
/// within the material. Empty where the place is not within the cut, or the strip ends nowhere.
plane::Region stripOf(const plane::Region& cut, const TiePlace& place, const TieStyle& style);

/// A tie on a letter.
struct PlacedTie {
    int letter = 0;        ///< in Setting::letters; the first where it ties letters that run into each other
    TiePlace place{};      ///< on the side
    plane::Region strip{}; ///< on the side
    int own = -1;          ///< in Ties::own; -1 for automatic ones
};

/// Remembers where ties go on shapes that come again.
class TieMemory {
  public:
    TieMemory();
    ~TieMemory();
    TieMemory(const TieMemory&) = delete;
    TieMemory& operator=(const TieMemory&) = delete;

    struct State;
    State& state() { return *state_; }

  private:
    std::unique_ptr<State> state_;
};

/// Whether letters have ties: pierced ones whose card says so.
bool isTied(const PlacedLetters& letters);

/// How a letter is tied where it lies.
TieStyle tieStyleOf(const PlacedLetters& letters, size_t letter);

/// The tie of a letter (its place in Setting::letters) as a card keeps one put by hand.
OwnTie ownTieAt(const PlacedLetters& letters, int letter, const TiePlace& place);

/// Puts the ties of pierced letters in their places: strips through the whole thickness are taken out of the
/// letters, others are told beside them.
void tie(std::vector<PlacedLetters>& inscriptions, TieMemory& memory, const std::stop_token& stop = {});

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::OwnTie>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Ties>();
