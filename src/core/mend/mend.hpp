// Changes to a card that clear a finding, each made and found to do so before it is offered.
#pragma once
#include "card/pipeline.hpp"
#include <functional>
#include <map>
#include <optional>
#include <stop_token>
#include <string_view>

namespace bollard::mend {

/// What a mend goes by: the card as it was tried last, and the finding it has then.
struct Matter {
    const card::Made& made;
    const check::Finding& finding;
    const type::Catalogue* catalogue = nullptr;

    /// The limits in force of what is measured, for the inscription that the finding is about; the worst
    /// first.
    std::vector<process::Rule> rules(process::Measured what) const;
    /// The largest of those limits that lies above `measured`; nothing when there is none.
    std::optional<double> least(process::Measured what) const;
};

/// One kind of mend. One function in one of this folder's files and one line in the table each.
struct Mend {
    std::string_view name{}; ///< to find its words: "largerSize"
    /// Whether it can help, without making anything.
    std::function<bool(const check::Finding&, const card::Card&)> mayClear{};
    /// Changes the card one step towards it; false when nothing more can be tried. Called again as long as
    /// the finding stays: what does not grow in proportion takes more than one step.
    std::function<bool(card::Card&, const Matter&)> step{};
    /// The number that it changes, as its button tells it; null where it changes none.
    std::function<double(const card::Card&, const check::Finding&)> number{};
    /// What it comes to, where that is no number: a typeface, a process; null where nothing is to be told.
    std::function<std::string(const card::Card&, const check::Finding&)> subject{};
    bool isAngle = false; ///< of the number: degrees, not mm
};

// How strokes and letters grow.
Mend heavierStrokes();
Mend lighterStrokes();
Mend largerSize();
Mend heavierFace();
Mend thickerTypeface();
// What lies between letters.
Mend pairSpace();
Mend letterSpace();
Mend closingUp();
// Where words lie.
Mend inwards();
Mend smallerWords();
Mend largerBlank();
Mend firstSide();
Mend readOnPart();
// Parts from files.
Mend sidesAnew();
Mend withoutSide();
// How a print lies.
Mend lieOtherwise();
Mend turnOnBed();
// On sides that go round, and where sides meet.
Mend onceRound();
Mend oneByOne();
Mend shallower();
Mend offTheRim();
// Heights and depths.
Mend height();
Mend depth();
Mend bedding();
Mend thickerBlank();
Mend wholeLayers();
Mend thinnerBlank();
// What is cut through.
Mend ties();
Mend floor();
// What stands free, and would come apart.
Mend barsBehind();
Mend linksBetween();
Mend plateBehind();
// Edges.
Mend brokenEdge();
Mend draft();
Mend smallerEdges();
Mend crispEdges();
// What cuts it.
Mend anotherTool();
Mend depthOfWorking();
Mend lessDeep();
Mend stockAsBlank();
Mend stockMargin();
Mend holdOtherEnd();
Mend cutOutLast();
Mend spindleSpeed();
Mend plainDialect();
// How it is made.
Mend anotherProcess();

/// All there are, the smaller change first: in this order they are tried and offered.
const std::vector<Mend>& mends();

/// A mend that was tried: with it the finding is gone, and nothing new stops.
struct Offer {
    const Mend* mend = nullptr;
    int inscription = -1;               ///< that the finding is about; -1 for the whole part
    std::optional<double> from{}, to{}; ///< the number before and after
    std::string subject{};
    card::Card card{};                        ///< with it
    std::vector<std::string> clears{};        ///< ids of all findings that are gone with it
    std::vector<check::FindingKind> brings{}; ///< what is new with it, and does not stop
};

/// The card that a person has, and what was made of it: its blank may follow the words.
struct Subject {
    const card::Card& card;
    const card::Made& made;
    const std::string& folder;
};

constexpr int mostOffers = 3;

/// Whether any mend may clear it, by what is known without trying.
bool mayBeMended(const check::Finding& finding, const card::Card& card);

/// What clears the finding, up to `most`; nothing when none does, or stopped. Makes the card a few times over
/// with `trial`, which remembers from one to the next.
std::vector<Offer> offersFor(const Subject& subject, const check::Finding& finding, card::Pipeline& trial,
                             const type::Catalogue* catalogue, const std::stop_token& stop = {},
                             int most = mostOffers);

/// Mends that together clear every stop finding, in the order they are made.
struct Plan {
    std::vector<Offer> steps{};
    card::Card card{};                  ///< with all of them
    card::Made made{};                  ///< of it
    std::vector<check::Finding> left{}; ///< that stop still
    /// What was tried for each of those, by id: names of mends.
    std::map<std::string, std::vector<std::string_view>> tried{};
};
Plan planFor(const Subject& subject, card::Pipeline& trial, const type::Catalogue* catalogue,
             const std::stop_token& stop = {});

/// How wide ties are at best: wide enough not to be told, as far as that is no more than an eighth of the
/// letters' height, but never so narrow that they would stop.
double tieWidthFor(const card::Card& card, const card::Inscription& inscription,
                   const std::vector<process::Rule>& rules);

/// What turns the text of a card's file into the mended card: RFC 6902, as JSON text. "[]" for a text that is
/// no JSON.
std::string patchOf(const std::string& cardText, const card::Card& mended);

} // namespace bollard::mend
