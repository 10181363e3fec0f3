#include "check/checks.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::check {
namespace {

using process::reason;

constexpr std::array<AboutKind, findingKinds> kinds{{
    {FindingKind::stepFailed, "stepFailed", Station::lettering, Told::nothing, false,
     reason("Nothing could be made"), ""},
    {FindingKind::typefaceProblem, "typefaceProblem", Station::lettering, Told::nothing, false,
     reason("Typeface cannot be used"), ""},
    {FindingKind::fieldUnknown, "fieldUnknown", Station::output, Told::count, false,
     reason("No value for {%1}"),
     reason("The rows in Output have no such field. Add it there, or double the braces to set them.")},
    {FindingKind::ornamentEmpty, "ornamentEmpty", Station::lettering, Told::nothing, false,
     reason("Ornament without a shape"),
     reason("There is nothing for it to go round or along, or its artwork holds no shape.")},
    {FindingKind::baselineShort, "baselineShort", Station::placing, Told::limit, false,
     reason("Words longer than their line"),
     reason("The words run beyond the end of the line they stand on, or round it into themselves.")},
    {FindingKind::characterMissing, "characterMissing", Station::lettering, Told::count, false,
     reason("Character missing in the typeface"),
     reason("%1 has no such character, so nothing is made of it. Choose another typeface or sign.")},
    {FindingKind::characterBlank, "characterBlank", Station::lettering, Told::count, false,
     reason("Character draws nothing"),
     reason("%1 knows the character but has no outline for it, so nothing is made of it.")},
    {FindingKind::sizeMissed, "sizeMissed", Station::lettering, Told::limit, false, "",
     reason("No size of these letters gives that measure; this is the nearest. Change the size, the weight "
            "or the spaces.")},
    {FindingKind::weightHeavy, "weightHeavy", Station::lettering, Told::nothing, false,
     reason("All letters close up"),
     reason("Strokes grown on both sides would be higher than the letters. Lower the weight or make the "
            "letters larger.")},
    {FindingKind::beyondGrid, "beyondGrid", Station::lettering, Told::count, false,
     reason("Letters too large or too far out"),
     reason("Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or "
            "move them nearer.")},
    {FindingKind::strokeNarrow, "strokeNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::gapNarrow, "gapNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::counterNarrow, "counterNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::openingNarrow, "openingNarrow", Station::lettering, Told::limit, true, "", ""},
    {FindingKind::neckNarrow, "neckNarrow", Station::lettering, Told::limit, true, reason("Neck too narrow"),
     ""},
    {FindingKind::strokeLost, "strokeLost", Station::lettering, Told::limit, false, reason("Strokes vanish"),
     reason("The weight change takes more off these strokes than they are wide.")},
    {FindingKind::counterLost, "counterLost", Station::lettering, Told::limit, false,
     reason("Counters fill up"),
     reason("The strokes grow towards each other by more than these holes are wide.")},
    {FindingKind::readingSide, "readingSide", Station::placing, Told::limit, false, "", ""},
    {FindingKind::counterLoose, "counterLoose", Station::working, Told::count, false,
     reason("Counters fall out"), reason("Cut right through, these are held by nothing.")},
    {FindingKind::letterLoose, "letterLoose", Station::working, Told::count, false,
     reason("Letters joined to nothing"), reason("Nothing holds these letters to the rest.")},
    {FindingKind::pieceLoose, "pieceLoose", Station::working, Told::count, false, "", ""},
    {FindingKind::floorThin, "floorThin", Station::working, Told::limit, true, "", ""},
    {FindingKind::heightLow, "heightLow", Station::working, Told::limit, false, reason("Relief too low"), ""},
    {FindingKind::heightTall, "heightTall", Station::working, Told::limit, false,
     reason("Letters tall for their strokes"), ""},
    {FindingKind::heightWorn, "heightWorn", Station::working, Told::limit, false,
     reason("Letters high for something worn"), ""},
    {FindingKind::beddingThin, "beddingThin", Station::working, Told::limit, false,
     reason("Bedding too shallow"), ""},
    {FindingKind::outsideBlank, "outsideBlank", Station::placing, Told::count, false,
     reason("Words beyond the blank"), reason("Part of the words lies off the blank or over a hole.")},
    {FindingKind::insideMargin, "insideMargin", Station::placing, Told::limit, false,
     reason("Too near the edge"), reason("Nearer to an edge than the margin set for this blank.")},
    {FindingKind::blankTooThin, "blankTooThin", Station::blank, Told::limit, false,
     reason("The blank has no size"), reason("Give the blank a width, a height and a thickness above 0.")},
    {FindingKind::profileCrossed, "profileCrossed", Station::blank, Told::nothing, false,
     reason("The profile crosses itself"),
     reason("Between its points the profile runs through itself or beyond its ends. Move its points apart.")},
    {FindingKind::turnExceeded, "turnExceeded", Station::placing, Told::limit, false,
     reason("Longer than once round"),
     reason("The words run into themselves. Make them smaller or narrower, or the blank larger.")},
    {FindingKind::facetCrossed, "facetCrossed", Station::placing, Told::count, false,
     reason("Letters across the border of facets"),
     reason(
         "These bend over the edge between two facets. Give the letters out one to a facet, or move them.")},
    {FindingKind::latitudeUneven, "latitudeUneven", Station::placing, Told::share, false,
     reason("Letters narrow towards a pole"),
     reason(
         "They are as wide as drawn where they are placed, and so much of that where the blank is thinner.")},
    {FindingKind::topsUneven, "topsUneven", Station::working, Told::excess, false,
     reason("Flat tops are uneven"),
     reason("At their ends letters stand so much farther off the side, or nearer, than in their middle.")},
    {FindingKind::lettersMeet, "lettersMeet", Station::working, Told::nothing, false,
     reason("Letters of two sides meet"),
     reason("They reach into each other inside the blank. Make them less deep, or move them apart.")},
    {FindingKind::partProblem, "partProblem", Station::blank, Told::nothing, false,
     reason("The part cannot be had"), ""},
    {FindingKind::partMended, "partMended", Station::blank, Told::count, false, reason("The part was mended"),
     reason("Triangles of its file that were there twice or faced the other way, or small holes, were put "
            "right. The file stays as it is.")},
    {FindingKind::sideUnfound, "sideUnfound", Station::blank, Told::nothing, false, reason("No side there"),
     ""},
    {FindingKind::sideMissing, "sideMissing", Station::placing, Told::nothing, false,
     reason("The blank has no such side"), ""},
    {FindingKind::holeOutside, "holeOutside", Station::blank, Told::count, false,
     reason("Hole beyond the blank"), reason("The hole cuts into the blank's edge or misses the blank.")},
    {FindingKind::landNarrow, "landNarrow", Station::blank, Told::limit, true,
     reason("Narrow land beside a hole"), ""},
    {FindingKind::thicknessBeyond, "thicknessBeyond", Station::blank, Told::limit, false,
     reason("Too thick to cut through"), ""},
    {FindingKind::thicknessBelow, "thicknessBelow", Station::blank, Told::limit, false, reason("Thin to cut"),
     ""},
    {FindingKind::edgeSharp, "edgeSharp", Station::working, Told::limit, false, reason("Sharp edges"), ""},
    {FindingKind::draftLow, "draftLow", Station::working, Told::angle, false, reason("Walls lean too little"),
     ""},
    {FindingKind::strokeFlat, "strokeFlat", Station::working, Told::limit, false,
     reason("Wide strokes with a flat floor"),
     reason("The depth ends before the flanks meet in the middle of these strokes. A greater depth carves "
            "them to "
            "a point.")},
    {FindingKind::cornerRounded, "cornerRounded", Station::process, Told::area, false,
     reason("Corners stay round"), ""},
    {FindingKind::beginsInAir, "beginsInAir", Station::process, Told::count, false,
     reason("Parts that begin in the air"),
     reason("Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.")},
    {FindingKind::overhangSteep, "overhangSteep", Station::process, Told::area, false,
     reason("Overhangs too far"),
     reason("Lying so, so much leans out farther than a print holds. Let the part lie otherwise.")},
    {FindingKind::layersUneven, "layersUneven", Station::working, Told::limit, false,
     reason("Not a whole number of layers"),
     reason("The printer makes it a layer higher or lower than it is drawn.")},
    {FindingKind::layerMissing, "layerMissing", Station::working, Told::limit, false,
     reason("Letters lose a layer"),
     reason("As the print lies, letters come out in fewer layers than they are high, or in none.")},
    {FindingKind::beyondBed, "beyondBed", Station::process, Told::limit, false,
     reason("Larger than the printer's bed"),
     reason("Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.")},
    {FindingKind::solidFailed, "solidFailed", Station::working, Told::nothing, false,
     reason("The solid could not be built"), ""},
    {FindingKind::tieLost, "tieLost", Station::working, Told::count, false, reason("Ties without a stroke"),
     reason("These were put by hand where their letter is not cut any more. Drag them back, or take them "
            "away.")},
    {FindingKind::tiesIdle, "tiesIdle", Station::working, Told::nothing, false, reason("No ties needed"),
     reason("No letter of these words encloses anything, so %1 gets none.")},
    {FindingKind::partOutsideStock, "partOutsideStock", Station::process, Told::excess, false,
     reason("Part beyond the stock"),
     reason("The blank does not lie within the stock. Make the stock larger, or move it.")},
    {FindingKind::cutOutsideStock, "cutOutsideStock", Station::process, Told::excess, false,
     reason("Cuts beside the stock"), reason("Some of what is cut lies where there is no stock.")},
    {FindingKind::deeperThanStock, "deeperThanStock", Station::process, Told::limit, false,
     reason("Deeper than the stock"), reason("%1 goes through the stock into what lies below.")},
    {FindingKind::deeperThanFlutes, "deeperThanFlutes", Station::process, Told::limit, false,
     reason("Deeper than the tool cuts"),
     reason("%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.")},
    {FindingKind::beyondTravel, "beyondTravel", Station::process, Told::limit, false,
     reason("Beyond the machine's travel"), reason("The machine cannot reach so far along %1.")},
    {FindingKind::toolWide, "toolWide", Station::process, Told::count, false,
     reason("Tool too wide for strokes"),
     reason("%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger "
            "letters.")},
    {FindingKind::marginNarrow, "marginNarrow", Station::process, Told::limit, false,
     reason("Little stock round the part"),
     reason("The tool runs along the stock's edge or beside it. Leave a margin of its width.")},
    {FindingKind::stockThicker, "stockThicker", Station::process, Told::limit, false,
     reason("Stock thicker than the blank"), reason("What is cut out comes as thick as the stock.")},
    {FindingKind::leadNoRoom, "leadNoRoom", Station::process, Told::count, false,
     reason("No room for a lead"),
     reason("%1: there is no place in the waste to begin from, so the cut begins on the line.")},
    {FindingKind::depthTwice, "depthTwice", Station::process, Told::limit, false,
     reason("Another depth than its working"),
     reason("%1 tells a depth of its own, and the letters are designed with another.")},
    {FindingKind::dialectUnknown, "dialectUnknown", Station::process, Told::nothing, false,
     reason("Unknown dialect"), reason("There is no description of “%1”, so no file can be written.")},
    {FindingKind::looseBefore, "looseBefore", Station::process, Told::nothing, false,
     reason("Cut free too early"),
     reason("%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.")},
    {FindingKind::innerLoose, "innerLoose", Station::process, Told::count, false,
     reason("Pieces come loose inside"),
     reason("%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take "
            "the "
            "pieces out as they fall.")},
    {FindingKind::speedBeyond, "speedBeyond", Station::process, Told::nothing, false,
     reason("Beyond the spindle's speeds"),
     reason("%1 asks for a speed that the machine's spindle does not turn at.")},
    {FindingKind::machineLacks, "machineLacks", Station::process, Told::nothing, false,
     reason("Not for this machine"),
     reason("%1 needs a spindle where the machine carries a torch, or the other way round.")},
    {FindingKind::zeroMoved, "zeroMoved", Station::process, Told::nothing, false,
     reason("Zero elsewhere than last time"),
     reason("The last file for this process had its zero at another place of the stock.")},
    {FindingKind::outlineMended, "outlineMended", Station::lettering, Told::count, false,
     reason("Outlines were mended"),
     reason("Contours overlapped or crossed; they were united and come out filled.")},
    {FindingKind::stockProud, "stockProud", Station::process, Told::excess, false,
     reason("The stock stands above the blank"),
     reason(
         "Depths count from the blank's surface, which lies so far below the stock's, and nothing takes that "
         "off before. Take thinner stock, or put a raster first.")},
    {FindingKind::inChuck, "inChuck", Station::process, Told::excess, false,
     reason("The tool meets the chuck"),
     reason(
         "%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other "
         "end.")},
    {FindingKind::placeSteep, "placeSteep", Station::process, Told::angle, false, "",
     reason("%1: the side leans too far there for this tool, whose flank would run into it. Place the words "
            "nearer "
            "to the top, or let the bar turn on an axis.")},
    {FindingKind::notRound, "notRound", Station::process, Told::nothing, false,
     reason("Not cut on a side like this"),
     reason("%1 is not done there. On sides that go round the blank words are scribed, V-carved and "
            "pocketed, and "
            "where the bar turns a raster takes the ground off.")},
    {FindingKind::sideNotCut, "sideNotCut", Station::placing, Told::nothing, false,
     reason("Nothing is cut of these words"), ""},
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
