#include "check/checks.hpp"
#include "quantity/sentence.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::check {
namespace {

constexpr std::array<AboutKind, findingKinds> kinds{{
    {FindingKind::stepFailed, "stepFailed", Station::lettering, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Nothing could be made"), ""},
    {FindingKind::typefaceProblem, "typefaceProblem", Station::lettering, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Typeface cannot be used"), ""},
    {FindingKind::fieldUnknown, "fieldUnknown", Station::output, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "No value for {%1}"),
     QT_TRANSLATE_NOOP(
         "Rules", "The rows in Output have no such field. Add it there, or double the braces to set them.")},
    {FindingKind::ornamentEmpty, "ornamentEmpty", Station::lettering, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Ornament without a shape"),
     QT_TRANSLATE_NOOP("Rules",
                       "There is nothing for it to go round or along, or its artwork holds no shape.")},
    {FindingKind::baselineShort, "baselineShort", Station::placing, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Words longer than their line"),
     QT_TRANSLATE_NOOP(
         "Rules", "The words run beyond the end of the line they stand on, or round it into themselves.")},
    {FindingKind::characterMissing, "characterMissing", Station::lettering, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Character missing in the typeface"),
     QT_TRANSLATE_NOOP(
         "Rules", "%1 has no such character, so nothing is made of it. Choose another typeface or sign.")},
    {FindingKind::characterBlank, "characterBlank", Station::lettering, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Character draws nothing"),
     QT_TRANSLATE_NOOP("Rules",
                       "%1 knows the character but has no outline for it, so nothing is made of it.")},
    {FindingKind::sizeMissed, "sizeMissed", Station::lettering, Told::limit, false, "",
     QT_TRANSLATE_NOOP(
         "Rules",
         "No size of these letters gives that measure; this is the nearest. Change the size, the weight "
         "or the spaces.")},
    {FindingKind::weightHeavy, "weightHeavy", Station::lettering, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "All letters close up"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Strokes grown on both sides would be higher than the letters. Lower the weight or make the "
         "letters larger.")},
    {FindingKind::beyondGrid, "beyondGrid", Station::lettering, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Letters too large or too far out"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or "
         "move them nearer.")},
    {FindingKind::strokeNarrow, "strokeNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::gapNarrow, "gapNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::counterNarrow, "counterNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::openingNarrow, "openingNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::neckNarrow, "neckNarrow", Station::lettering, Told::limit, true,
     QT_TRANSLATE_NOOP("Rules", "Neck too narrow"), ""},
    {FindingKind::strokeLost, "strokeLost", Station::lettering, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Strokes vanish"),
     QT_TRANSLATE_NOOP("Rules", "The weight change takes more off these strokes than they are wide.")},
    {FindingKind::counterLost, "counterLost", Station::lettering, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Counters fill up"),
     QT_TRANSLATE_NOOP("Rules", "The strokes grow towards each other by more than these holes are wide.")},
    {FindingKind::readingSide, "readingSide", Station::placing, Told::limit, false, "", ""},
    {FindingKind::counterLoose, "counterLoose", Station::working, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Counters fall out"),
     QT_TRANSLATE_NOOP("Rules", "Cut right through, these are held by nothing.")},
    {FindingKind::letterLoose, "letterLoose", Station::working, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Letters joined to nothing"),
     QT_TRANSLATE_NOOP("Rules", "Nothing holds these letters to the rest.")},
    {FindingKind::pieceLoose, "pieceLoose", Station::working, Told::count, false, "", ""},
    {FindingKind::floorThin, "floorThin", Station::working, Told::limit, true, "", ""},
    {FindingKind::heightLow, "heightLow", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Relief too low"), ""},
    {FindingKind::heightTall, "heightTall", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Letters tall for their strokes"), ""},
    {FindingKind::heightWorn, "heightWorn", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Letters high for something worn"), ""},
    {FindingKind::beddingThin, "beddingThin", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Bedding too shallow"), ""},
    {FindingKind::outsideBlank, "outsideBlank", Station::placing, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Words beyond the blank"),
     QT_TRANSLATE_NOOP("Rules", "Part of the words lies off the blank or over a hole.")},
    {FindingKind::insideMargin, "insideMargin", Station::placing, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Too near the edge"),
     QT_TRANSLATE_NOOP("Rules", "Nearer to an edge than the margin set for this blank.")},
    {FindingKind::blankTooThin, "blankTooThin", Station::blank, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "The blank has no size"),
     QT_TRANSLATE_NOOP("Rules", "Give the blank a width, a height and a thickness above 0.")},
    {FindingKind::profileCrossed, "profileCrossed", Station::blank, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "The profile crosses itself"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Between its points the profile runs through itself or beyond its ends. Move its points apart.")},
    {FindingKind::turnExceeded, "turnExceeded", Station::placing, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Longer than once round"),
     QT_TRANSLATE_NOOP("Rules",
                       "The words run into themselves. Make them smaller or narrower, or the blank larger.")},
    {FindingKind::facetCrossed, "facetCrossed", Station::placing, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Letters across the border of facets"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "These bend over the edge between two facets. Give the letters out one to a facet, or move them.")},
    {FindingKind::latitudeUneven, "latitudeUneven", Station::placing, Told::share, false,
     QT_TRANSLATE_NOOP("Rules", "Letters narrow towards a pole"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "They are as wide as drawn where they are placed, and so much of that where the blank is thinner.")},
    {FindingKind::topsUneven, "topsUneven", Station::working, Told::excess, false,
     QT_TRANSLATE_NOOP("Rules", "Flat tops are uneven"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "At their ends letters stand so much farther off the side, or nearer, than in their middle.")},
    {FindingKind::lettersMeet, "lettersMeet", Station::working, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Letters of two sides meet"),
     QT_TRANSLATE_NOOP(
         "Rules", "They reach into each other inside the blank. Make them less deep, or move them apart.")},
    {FindingKind::partProblem, "partProblem", Station::blank, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "The part cannot be had"), ""},
    {FindingKind::partMended, "partMended", Station::blank, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "The part was mended"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Triangles of its file that were there twice or faced the other way, or small holes, were put "
         "right. The file stays as it is.")},
    {FindingKind::sideUnfound, "sideUnfound", Station::blank, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "No side there"), ""},
    {FindingKind::sideMissing, "sideMissing", Station::placing, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "The blank has no such side"), ""},
    {FindingKind::holeOutside, "holeOutside", Station::blank, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Hole beyond the blank"),
     QT_TRANSLATE_NOOP("Rules", "The hole cuts into the blank's edge or misses the blank.")},
    {FindingKind::landNarrow, "landNarrow", Station::blank, Told::limit, true,
     QT_TRANSLATE_NOOP("Rules", "Narrow land beside a hole"), ""},
    {FindingKind::thicknessBeyond, "thicknessBeyond", Station::blank, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Too thick to cut through"), ""},
    {FindingKind::thicknessBelow, "thicknessBelow", Station::blank, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Thin to cut"), ""},
    {FindingKind::edgeSharp, "edgeSharp", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Sharp edges"), ""},
    {FindingKind::draftLow, "draftLow", Station::working, Told::angle, false,
     QT_TRANSLATE_NOOP("Rules", "Walls lean too little"), ""},
    {FindingKind::strokeFlat, "strokeFlat", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Wide strokes with a flat floor"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "The depth ends before the flanks meet in the middle of these strokes. A greater depth carves "
         "them to "
         "a point.")},
    {FindingKind::cornerRounded, "cornerRounded", Station::process, Told::area, false,
     QT_TRANSLATE_NOOP("Rules", "Corners stay round"), ""},
    {FindingKind::beginsInAir, "beginsInAir", Station::process, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Parts that begin in the air"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.")},
    {FindingKind::overhangSteep, "overhangSteep", Station::process, Told::area, false,
     QT_TRANSLATE_NOOP("Rules", "Overhangs too far"),
     QT_TRANSLATE_NOOP(
         "Rules", "Lying so, so much leans out farther than a print holds. Let the part lie otherwise.")},
    {FindingKind::layersUneven, "layersUneven", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Not a whole number of layers"),
     QT_TRANSLATE_NOOP("Rules", "The printer makes it a layer higher or lower than it is drawn.")},
    {FindingKind::layerMissing, "layerMissing", Station::working, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Letters lose a layer"),
     QT_TRANSLATE_NOOP(
         "Rules", "As the print lies, letters come out in fewer layers than they are high, or in none.")},
    {FindingKind::beyondBed, "beyondBed", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Larger than the printer's bed"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.")},
    {FindingKind::solidFailed, "solidFailed", Station::working, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "The solid could not be built"), ""},
    {FindingKind::tieLost, "tieLost", Station::working, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Ties without a stroke"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "These were put by hand where their letter is not cut any more. Drag them back, or take them "
         "away.")},
    {FindingKind::tiesIdle, "tiesIdle", Station::working, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "No ties needed"),
     QT_TRANSLATE_NOOP("Rules", "No letter of these words encloses anything, so %1 gets none.")},
    {FindingKind::partOutsideStock, "partOutsideStock", Station::process, Told::excess, false,
     QT_TRANSLATE_NOOP("Rules", "Part beyond the stock"),
     QT_TRANSLATE_NOOP("Rules",
                       "The blank does not lie within the stock. Make the stock larger, or move it.")},
    {FindingKind::cutOutsideStock, "cutOutsideStock", Station::process, Told::excess, false,
     QT_TRANSLATE_NOOP("Rules", "Cuts beside the stock"),
     QT_TRANSLATE_NOOP("Rules", "Some of what is cut lies where there is no stock.")},
    {FindingKind::deeperThanStock, "deeperThanStock", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Deeper than the stock"),
     QT_TRANSLATE_NOOP("Rules", "%1 goes through the stock into what lies below.")},
    {FindingKind::deeperThanFlutes, "deeperThanFlutes", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Deeper than the tool cuts"),
     QT_TRANSLATE_NOOP(
         "Rules", "%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.")},
    {FindingKind::beyondTravel, "beyondTravel", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Beyond the machine's travel"),
     QT_TRANSLATE_NOOP("Rules", "The machine cannot reach so far along %1.")},
    {FindingKind::toolWide, "toolWide", Station::process, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Tool too wide for strokes"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger "
         "letters.")},
    {FindingKind::marginNarrow, "marginNarrow", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Little stock round the part"),
     QT_TRANSLATE_NOOP("Rules",
                       "The tool runs along the stock's edge or beside it. Leave a margin of its width.")},
    {FindingKind::stockThicker, "stockThicker", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Stock thicker than the blank"),
     QT_TRANSLATE_NOOP("Rules", "What is cut out comes as thick as the stock.")},
    {FindingKind::leadNoRoom, "leadNoRoom", Station::process, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "No room for a lead"),
     QT_TRANSLATE_NOOP("Rules",
                       "%1: there is no place in the waste to begin from, so the cut begins on the line.")},
    {FindingKind::depthTwice, "depthTwice", Station::process, Told::limit, false,
     QT_TRANSLATE_NOOP("Rules", "Another depth than its working"),
     QT_TRANSLATE_NOOP("Rules", "%1 tells a depth of its own, and the letters are designed with another.")},
    {FindingKind::dialectUnknown, "dialectUnknown", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Unknown dialect"),
     QT_TRANSLATE_NOOP("Rules", "There is no description of “%1”, so no file can be written.")},
    {FindingKind::looseBefore, "looseBefore", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Cut free too early"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.")},
    {FindingKind::innerLoose, "innerLoose", Station::process, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Pieces come loose inside"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take "
         "the "
         "pieces out as they fall.")},
    {FindingKind::speedBeyond, "speedBeyond", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Beyond the spindle's speeds"),
     QT_TRANSLATE_NOOP("Rules", "%1 asks for a speed that the machine's spindle does not turn at.")},
    {FindingKind::machineLacks, "machineLacks", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Not for this machine"),
     QT_TRANSLATE_NOOP("Rules",
                       "%1 needs a spindle where the machine carries a torch, or the other way round.")},
    {FindingKind::zeroMoved, "zeroMoved", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Zero elsewhere than last time"),
     QT_TRANSLATE_NOOP("Rules",
                       "The last file for this process had its zero at another place of the stock.")},
    {FindingKind::outlineMended, "outlineMended", Station::lettering, Told::count, false,
     QT_TRANSLATE_NOOP("Rules", "Outlines were mended"),
     QT_TRANSLATE_NOOP("Rules", "Contours overlapped or crossed; they were united and come out filled.")},
    {FindingKind::stockProud, "stockProud", Station::process, Told::excess, false,
     QT_TRANSLATE_NOOP("Rules", "The stock stands above the blank"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "Depths count from the blank's surface, which lies so far below the stock's, and nothing takes that "
         "off before. Take thinner stock, or put a raster first.")},
    {FindingKind::inChuck, "inChuck", Station::process, Told::excess, false,
     QT_TRANSLATE_NOOP("Rules", "The tool meets the chuck"),
     QT_TRANSLATE_NOOP(
         "Rules",
         "%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other "
         "end.")},
    {FindingKind::placeSteep, "placeSteep", Station::process, Told::angle, false, "",
     QT_TRANSLATE_NOOP(
         "Rules",
         "%1: the side leans too far there for this tool, whose flank would run into it. Place the words "
         "nearer "
         "to the top, or let the bar turn on an axis.")},
    {FindingKind::notRound, "notRound", Station::process, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Not cut on a side like this"),
     QT_TRANSLATE_NOOP(
         "Rules", "%1 is not done there. On sides that go round the blank words are scribed, V-carved and "
                  "pocketed, and "
                  "where the bar turns a raster takes the ground off.")},
    {FindingKind::sideNotCut, "sideNotCut", Station::placing, Told::nothing, false,
     QT_TRANSLATE_NOOP("Rules", "Nothing is cut of these words"), ""},
}};
static_assert([] {
    for (size_t i = 0; i < kinds.size(); ++i)
        if (size_t(kinds[i].kind) != i)
            return false; // they are found by their place
    return true;
}());

} // namespace

const AboutKind& aboutOf(FindingKind kind) {
    return kinds[size_t(kind)];
}

std::string_view nameOf(FindingKind kind) {
    return aboutOf(kind).name;
}

std::vector<Finding> findingsOf(const FindingInput& input) {
    Looking looking(input);
    const std::span<const Check> all = checks();
    for (auto check = all.begin(); check != all.end();) {
        if (check->ofPart) {
            (check++)->ofPart(looking);
            continue;
        }
        const auto next = std::find_if(check, all.end(), [](const Check& c) { return c.ofPart != nullptr; });
        for (int slot = 0; slot < int(input.inscriptions.size()); ++slot)
            for (auto one = check; one != next; ++one)
                one->ofInscription(looking, slot);
        check = next;
    }
    sortBySeverity(looking.found);
    return std::move(looking.found);
}

void sortBySeverity(std::vector<Finding>& findings) {
    std::ranges::stable_sort(findings, std::ranges::greater{}, &Finding::severity);
}

bool worseThan(const Finding& finding, double measured) {
    const double hair = 1e-9 * std::max(1.0, std::fabs(measured));
    return finding.whenAbove ? finding.measured > measured + hair : finding.measured < measured - hair;
}

Severity worstOf(const std::vector<Finding>& findings) {
    Severity worst = Severity::note;
    for (const Finding& f : findings)
        if (!f.accepted)
            worst = std::max(worst, f.severity);
    return worst;
}

} // namespace bollard::check
