// Measures against limits.
#pragma once
#include "blank/blank.hpp"
#include "check/drop_outs.hpp"
#include "check/measures.hpp"
#include "process/process.hpp"
#include "space/vertex.hpp"
#include <optional>
#include <string>
#include <vector>

namespace bollard::check {

using process::Severity;

enum class FindingKind {
    stepFailed,       ///< a step gave up; problem: what it met
    typefaceProblem,  ///< subject: what could not be opened; nothing of the inscription is made
    fieldUnknown,     ///< a {field} in the words has no value; subject: the first
    ornamentEmpty,    ///< there is nothing to frame, no edge to follow, or no artwork
    baselineShort,    ///< the words are longer than the curve; measured: by how much, limit: its length
    characterMissing, ///< the typeface has no such character
    characterBlank,   ///< the typeface has it, but draws nothing
    sizeMissed,       ///< the words cannot be as large as asked; measured: as large as they are, limit: asked
    weightHeavy,      ///< strokes grow by more than letters are high, so there are none; limit: the height
    beyondGrid,       ///< letters larger or farther out than can be worked
    strokeNarrow,
    gapNarrow, ///< between letters (raised), or land between cuts
    counterNarrow,
    openingNarrow,
    neckNarrow,
    strokeLost,  ///< the weight change takes all of it; limit: what it takes
    counterLost, ///< the weight change fills it
    readingSide, ///< the working does not go with the side the words are read from
    counterLoose,
    letterLoose,
    pieceLoose,
    floorThin,
    heightLow,
    heightTall,
    heightWorn, ///< too high for something worn
    beddingThin,
    outsideBlank,
    insideMargin,
    blankTooThin,   ///< the blank has no size or thickness
    profileCrossed, ///< the profile of a turned blank runs through itself
    turnExceeded, ///< words are longer than it is round their side; measured: so long, limit: the turn there
    facetCrossed, ///< letters lie across the border of two facets
    latitudeUneven, ///< of letters whose top and bottom lie at other latitudes; measured: the narrowest share
    topsUneven,     ///< flat tops are not as far off the side everywhere; measured: by so much
    lettersMeet,    ///< letters of several sides reach into each other inside the blank
    partProblem,    ///< the part of a file cannot be had; problem
    partMended,     ///< what its file has was mended as it was read; count: in so many places
    sideUnfound,    ///< there is no side where one was pointed at; subject: its name, problem
    sideMissing,    ///< the blank lacks the side that the words are for; subject: the side
    holeOutside,
    landNarrow,      ///< between two holes, or a hole and the edge
    thicknessBeyond, ///< thicker than can be cut through
    thicknessBelow,  ///< thinner than can be cut well
    edgeSharp,       ///< edges are hardly broken, or not at all
    draftLow,        ///< walls lean too little; degrees
    strokeFlat,    ///< a carved stroke is wider than its depth allows, so its floor is flat; limit: how wide
    cornerRounded, ///< the cutter leaves material in corners; measured: mm² of all letters, limit: its radius
    beginsInAir,   ///< of the lying position: parts begin above the bed with nothing below them
    overhangSteep, ///< the same: walls lean out too far; measured: mm², limit: degrees
    layersUneven,  ///< the same: a height or depth is no whole layers; limit: the nearest that is
    layerMissing,  ///< the same: letters come out in fewer layers than they are high; measured: a height,
                   ///< limit: one that has all; count: so many layers, 0: none at all
    beyondBed,     ///< the same: larger than the printer's bed, or higher; measured, limit: the worst of both
    solidFailed,   ///< the solid could not be built; subject: where
    tieLost,       ///< a tie put by hand lies where its letter is not cut
    tiesIdle,      ///< ties are asked for, and nothing needs one; subject: the typeface
    // Of cards with operations; subject: what the operation is called.
    partOutsideStock, ///< measured: by how much
    cutOutsideStock,  ///< what is cut lies beside the stock; measured: by how much
    deeperThanStock,
    deeperThanFlutes, ///< than the tool can cut
    beyondTravel,     ///< of the machine; subject: the axis
    toolWide,         ///< a tool or tip is wider than strokes, so nothing is cut of them
    marginNarrow,     ///< of the stock round the part, for the tool outside
    stockThicker,     ///< the blank is thinner than the stock that it is cut out of
    leadNoRoom,       ///< a lead found no room in the waste
    depthTwice,       ///< the operation goes to another depth than its working
    dialectUnknown,   ///< subject: what the machine asks for
    looseBefore,      ///< the part is cut free before this is done to it; subject: what frees it
    innerLoose,       ///< pieces within the part come loose, and nothing holds them
    speedBeyond,      ///< of the spindle; measured and limit: 1/min
    machineLacks,     ///< what the operation's tool needs
    zeroMoved,        ///< it was elsewhere when a file was last written for this process
    outlineMended,
    // Of sides that go round.
    stockProud, ///< the stock stands above the blank; measured: by so much, mm
    inChuck,    ///< the tool comes so far over the chuck, mm
    placeSteep, ///< what is cut lies steeper than the tool can; degrees
    notRound,   ///< an operation that is not done there
    sideNotCut  ///< the words lie where nothing is cut: in a hollow, on facets that turn; subject: the side
};
constexpr int findingKinds = 77;

/// Where a finding is mended by hand.
enum class Station { blank, lettering, placing, working, process, output };
/// What of a finding is told beside its words.
enum class Told { nothing, limit, angle, count, area, excess, share };

/// All that is known of the findings of one kind. English texts are marked for translation; %1 is the
/// subject.
struct AboutKind {
    FindingKind kind{};
    std::string_view name{}; ///< fixed, in JSON: "strokeNarrow"
    Station station = Station::lettering;
    Told told = Told::limit;
    bool twice = false;     ///< has two limits, and broken each is a matter of its own
    const char* title = ""; ///< empty: it depends on more, see wording
    const char* why = "";   ///< empty: it is the rule's, the problem's, or depends on more
};
const AboutKind& aboutOf(FindingKind kind);
/// The fixed name of a kind in JSON.
std::string_view nameOf(FindingKind kind);

/// Where a finding is seen: on the side, grid units.
struct FindingPlace {
    plane::Vector at{};
    double width = 0;                      ///< mm; 0 when it is no width
    int inscription = -1;                  ///< number on the card
    int letter = -1;                       ///< in Setting::letters
    std::string text{};                    ///< what the letter says
    plane::Region shape{};                 ///< what falls out; may be empty
    std::optional<space::Vertex> onPart{}; ///< mm, where it is on no side; `at` is nothing then
};

/// One thing measured against a limit.
struct Finding {
    std::string id{}; ///< the kind and what it is about; the same as long as the matter is the same
    FindingKind kind{};
    Severity severity = Severity::note;
    bool accepted = false; ///< the person lets it stand
    int inscription = -1;  ///< number on the card; -1 for the whole part
    int operation = -1;    ///< the same; -1: it is not about one
    working::Kind working = working::Kind::raised;
    double measured = 0;    ///< mm unless the kind counts
    double limit = 0;       ///< mm; 0 when there is none
    bool ownLimit = false;  ///< the limit was set by hand
    const char* why = "";   ///< the rule's reason in English; empty when there is none
    bool whenAbove = false; ///< it is a finding because it is above the limit, not below
    int count = 0;          ///< of letters or pieces
    std::string subject{};
    std::vector<FindingPlace> places{};
    quantity::Problem problem{}; ///< for typefaceProblem and solidFailed
};

struct FindingInput {
    const blank::Blank& blank;
    const process::Process& process;
    std::span<const working::PlacedLetters> inscriptions;
    const Measures& measures;
    const DropOuts* dropOuts; ///< null when there is no body
    /// How each of the inscriptions is made; none: all by `process`.
    std::span<const process::Process> processes{};
};

/// All findings of all checks, worst first, then in the order of the checks. Ids are left empty. O(readings).
std::vector<Finding> findingsOf(const FindingInput& input);

/// Worst first; order within a severity stays.
void sortBySeverity(std::vector<Finding>& findings);

/// Whether a finding has grown worse than it was when it measured so.
bool worseThan(const Finding& finding, double measured);

/// The worst severity of those that are not accepted; nothing wrong is a note.
Severity worstOf(const std::vector<Finding>& findings);

} // namespace bollard::check
