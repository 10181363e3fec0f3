#include "working/counters.hpp"
#include "quantity/field.hpp"
#include "working/changes.hpp"
#include "working/placed_letters.hpp"

namespace bollard::working {
namespace {

bool hasCounters(const plane::Region& letter) {
    return std::ranges::any_of(letter.rings, [](const plane::Ring& ring) { return plane::areaOf(ring) < 0; });
}

plane::Region withoutCounters(const plane::Region& letter) {
    std::vector<plane::Region> outer; // what stands within a counter goes with it
    for (const plane::Ring& ring : letter.rings)
        if (plane::areaOf(ring) > 0)
            outer.push_back({{ring}});
    return plane::united(outer);
}

} // namespace

plane::Region countersOf(const plane::Region& letter) {
    return hasCounters(letter) ? plane::without(withoutCounters(letter), letter) : plane::Region{};
}

void workCounters(PlacedLetters& letters, const Counters& counters, const std::stop_token& stop) {
    if (counters.kind == CounterKind::kept)
        return;
    const bool tiedWithin = isTied(letters) && letters.ties.depth != TieDepth::through;
    if (tiedWithin && counters.kind != CounterKind::dropped)
        return; // they hang on ties lower than they are
    for (size_t i = 0; i < letters.onSide.size() && !stop.stop_requested(); ++i) {
        if (!hasCounters(letters.onSide[i]))
            continue;
        if (counters.kind == CounterKind::dropped) {
            letters.onSide[i] = withoutCounters(letters.onSide[i]);
            letters.altered.resize(letters.onSide.size());
            letters.altered[i] = true;
            continue;
        }
        letters.strips.resize(letters.onSide.size());
        letters.strips[i] = countersOf(letters.onSide[i]);
        letters.slab = {counters.kind == CounterKind::pierced ? endless : counters.depth,
                        Slab::Does::takesOff, 0};
    }
}

} // namespace bollard::working

namespace bollard::quantity {

using namespace working;

template<> const PartFields& fieldsOf<Counters>() {
    static constexpr std::array kinds{
        Named{CounterKind::kept, "kept"}, Named{CounterKind::lowered, "lowered"},
        Named{CounterKind::pierced, "pierced"}, Named{CounterKind::dropped, "dropped"}};
    static const PartFields fields = std::move(
        Describing<Counters>()
            .choice("kind", &Counters::kind, kinds)
            .about(
                "`lowered`: taken off to `depth`; `pierced`: cut through; `dropped`: the letters have none")
            .number("depth", &Counters::depth, Dimension::length, ranges::height)
            .when([](const Counters& counters) { return counters.kind == CounterKind::lowered; })
            .about("of lowered ones, below the side, mm"));
    return fields;
}

} // namespace bollard::quantity
