// The card: everything that decides one part, as a value.
#pragma once
#include "blank/blank.hpp"
#include "card/lying.hpp"
#include "cut/shop.hpp"
#include "process/process.hpp"
#include "quantity/quantity.hpp"
#include "quantity/ranges.hpp"
#include "setting/ornament.hpp"
#include "setting/placing.hpp"
#include "setting/rows.hpp"
#include "type/carried.hpp"
#include "type/catalogue.hpp"
#include "working/counters.hpp"
#include "working/ties.hpp"
#include "working/working.hpp"
#include <string>
#include <vector>

namespace bollard::card {

/// One piece of text, or an ornament, with its own typeface, size, placing and working.
struct Inscription {
    std::string id{};             ///< what the card calls it, where it does; see idsOf()
    std::string words{};          ///< UTF-8, lines parted by \n
    setting::Ornament ornament{}; ///< of a kind: this is worked instead of words
    type::TypefaceChoice typeface{"League Spartan", "Bold", {}, 0};
    setting::TextStyle style{};
    setting::Baseline baseline{};
    std::vector<setting::Nudge> nudges{};
    setting::Placing placing{};
    setting::GiveOut giveOut{}; ///< on sides that go all the way round: one by one to their facets
    working::Working working{};
    working::Ties ties{}; ///< of pierced letters
    working::Counters counters{};
    std::string side{};     ///< of the blank, by name; empty for its first
    std::string language{}; ///< whose spelling is checked: a dictionary's name (en_GB); empty for none
    bool cutsOut =
        false;           ///< its shape is taken away from the inscriptions before it, instead of being worked
    int group = 0;       ///< inscriptions of one group move together; 0 for none
    bool hidden = false; ///< kept on the card, left out of the part
    quantity::Shared<std::string> unread{}; ///< the JSON it was read from: unknown fields are written back
    bool isOrnament() const { return ornament.kind != setting::OrnamentKind::none; }
    bool operator==(const Inscription&) const = default;
};

/// A finding that the person lets stand until it gets worse.
struct Accepted {
    std::string finding{}; ///< its id
    std::string reason{};
    double measured = 0; ///< what it measured then
    bool operator==(const Accepted&) const = default;
};

/// All lengths in mm. `unit` is what the window shows and types lengths in.
struct Card {
    quantity::Unit unit = quantity::Unit::millimetre;
    blank::Blank blank{};
    std::vector<Inscription> inscriptions{};
    process::Process process{};
    double seam = 0; ///< where sides that go all the way round are shown cut open, degrees from x = 0
    Lying lying{};   ///< of what is printed
    quantity::Shared<setting::Rows> rows{}; ///< what fields in the words stand for
    int row = 0;                            ///< the row that is made; no part of the file
    cut::Stock stock{};
    cut::Zero zero{};
    cut::Machine machine{};
    std::vector<cut::Clamp> clamps{};
    std::vector<cut::Operation> operations{}; ///< none: the usual ones of the process
    std::vector<Accepted> accepted{};
    bool travels = false; ///< when it is saved it takes its typefaces along, where their licences allow it
    std::vector<type::CarriedTypeface> typefaces{}; ///< that it took along; they come before installed ones
    quantity::Shared<std::string> unread{};         ///< as in Inscription, for the card's own fields
    bool operator==(const Card&) const = default;
};

/// What each inscription is called in findings: its own id, or one by its place (i0, i1, …). No two are
/// alike.
std::vector<std::string> idsOf(const Card& card);

/// The same of operations: o0, o1, …
std::vector<std::string> operationIdsOf(const Card& card);

/// The number of the inscription with that id, or that is called so by its place; -1: there is none.
int inscriptionCalled(const Card& card, const std::string& id);

/// What one without an id of its own is called at that place.
std::string idAtPlace(int place);

/// The place of the operation with the finest tool of those on an inscription; -1: there is none.
int finestOperation(const Card& card, const Inscription& inscription,
                    const cut::Shop& shop = cut::shippedShop());

/// How an inscription is held to be made: by the finest tool of the operations on it; where there are none,
/// by the card's process.
process::Process processFor(const Card& card, const Inscription* inscription,
                            const cut::Shop& shop = cut::shippedShop());

/// The limits in force for an inscription of the card; for raised words where there is none.
std::vector<process::Rule> rulesFor(const Card& card, const Inscription* inscription,
                                    const cut::Shop& shop = cut::shippedShop());

/// The nudges of the letters that the card's row makes of an inscription's words; by code point of those.
std::vector<setting::Nudge> nudgesAsMade(const Card& card, const Inscription& inscription);

/// The same of its ties put by hand.
working::Ties tiesAsMade(const Card& card, const Inscription& inscription);

/// What decides, besides its style, how an inscription of the card is laid out.
setting::Laying layingOf(const Card& card, const Inscription& inscription);
/// How much room each of its letters or words has where they are given out to facets, mm; else 0.
double roomOf(const Card& card, const Inscription& inscription);
/// Its placing; where it is given out, on the middle of the facet that it is placed on.
setting::Placing placingOf(const Card& card, const Inscription& inscription);

/// Makes the words bold, or regular, with the family's own face; where it has none, strokes are grown by 3 %
/// of the size on each side instead. The same for italic, by a slant of 12 degrees.
void setBold(Inscription& inscription, const type::Catalogue& catalogue, bool bold);
void setItalic(Inscription& inscription, const type::Catalogue& catalogue, bool italic);
/// How bold and italic come about.
struct Emphasis {
    bool bold = false, italic = false;
    bool boldMade = false, italicMade = false; ///< not the family's own face
};
Emphasis emphasisOf(const Inscription& inscription, const type::Catalogue& catalogue);

// When places change, what was called by its place keeps that name as its own from then on, so that what
// findings and frames speak of stays the same.

/// Takes the inscription at `from` off the card, and what was let stand of it. Frames around it keep their
/// size from then on.
void removeInscription(Card& card, int from);
/// Puts the inscription at `from` where the one at `to` was.
void moveInscription(Card& card, int from, int to);
/// Puts an inscription before the one at `at`, or last; with an id of its own where another has that.
void insertInscription(Card& card, int at, Inscription inscription);

using quantity::Range;
namespace ranges = quantity::ranges;

} // namespace bollard::card
