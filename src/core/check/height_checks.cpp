#include "check/checks.hpp"
#include <cmath>
#include <functional>

namespace bollard::check {

using process::Measured, process::Rule;
using working::Kind;

namespace {

/// The stroke that comes first by width; null when there is none.
template<class Order> const Reading* firstStroke(const Looking& looking, int slot, Order before) {
    const Reading* first = nullptr;
    for (const Reading* reading : looking.readings(slot))
        if (reading->kind == ReadingKind::stroke && (!first || before(reading->width, first->width)))
            first = reading;
    return first;
}

/// Letters that are high for their narrowest stroke.
void checkTall(Looking& looking, int slot) {
    const Reading* const stroke = firstStroke(looking, slot, std::ranges::less{});
    if (!stroke || !(stroke->width > 0)) // that it is too thin is told elsewhere
        return;
    std::vector<Rule> limits = looking.rules(slot, Measured::heightPerStroke);
    for (Rule& rule : limits)
        rule.value *= stroke->width;
    if (Finding* f =
            looking.addBroken(slot, FindingKind::heightTall, limits, looking.letters(slot).working.height))
        f->places.push_back(looking.place(slot, stroke->letter, stroke->at, stroke->width));
}

} // namespace

void checkBrokenEdges(Looking& looking, int slot) {
    const working::Working& w = looking.letters(slot).working;
    if (looking.letters(slot).setting->letters.empty() || !working::hasEdge(w.kind))
        return;
    const working::Edge edge =
        working::edgeOf(w, blank::depthBehind(looking.in.blank, looking.letters(slot).side));
    if (edge.kind == working::EdgeKind::draft)
        looking.addBroken(slot, FindingKind::draftLow, looking.rules(slot, Measured::draft), edge.leaning);
    else
        looking.addBroken(slot, FindingKind::edgeSharp, looking.rules(slot, Measured::edge),
                          edge.kind == working::EdgeKind::crisp ? 0 : edge.size);
}

void checkHeights(Looking& looking, int slot) {
    const working::Working& w = looking.letters(slot).working;
    if (looking.letters(slot).setting->letters.empty() || !looking.stands(slot))
        return;
    std::vector<Rule> least, most;
    for (const Rule& rule : looking.rules(slot, Measured::height))
        (rule.bound == process::Bound::least ? least : most).push_back(rule);
    looking.addBroken(slot, FindingKind::heightLow, least, w.height);
    looking.addBroken(slot, FindingKind::heightWorn, most, w.height);
    checkTall(looking, slot);
    if (looking.in.blank.kind != blank::Kind::none)
        looking.addBroken(slot, FindingKind::beddingThin,
                          looking.rules(w, Kind::raised, Measured::bedding, looking.letters(slot).side),
                          w.kind == Kind::raised ? w.bedding : 0);
}

void checkDepths(Looking& looking, int slot) {
    const working::Working& w = looking.letters(slot).working;
    if (looking.letters(slot).setting->letters.empty())
        return;
    const bool onBlank = looking.in.blank.kind != blank::Kind::none;
    const double behind = looking.behind(slot);
    double deepest = w.depth;
    if (w.kind == Kind::carved) {
        const Reading* const widest = firstStroke(looking, slot, std::ranges::greater{});
        const double cap = 2 * w.depth * std::tan(w.angle / 2 * M_PI / 180); // figure: 2 D tan(a/2)
        deepest = widest ? w.depth * std::min(1.0, widest->width / cap) : 0;
        if (widest && widest->width > cap) {
            looking.addNumber(FindingKind::strokeFlat, Severity::note, slot, widest->width, cap);
            looking.found.back().whenAbove = true;
            looking.found.back().places.push_back(
                looking.place(slot, widest->letter, widest->at, widest->width));
        }
    }
    if (working::leavesFloor(w.kind) && onBlank)
        if (Finding* f = looking.addBroken(slot, FindingKind::floorThin, looking.rules(slot, Measured::floor),
                                           behind - deepest))
            f->measured = std::max(f->measured, 0.0);
    const double through = onBlank ? behind : w.height;
    for (const Rule& rule : looking.rules(slot, Measured::thickness))
        looking.addBroken(slot,
                          rule.bound == process::Bound::most ? FindingKind::thicknessBeyond
                                                             : FindingKind::thicknessBelow,
                          {rule}, through);
}

} // namespace bollard::check
