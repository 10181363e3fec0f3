// What becomes of the counters of letters.
#pragma once
#include "plane/region.hpp"
#include "quantity/fields_of.hpp"
#include <stop_token>

namespace bollard::working {

struct PlacedLetters;

enum class CounterKind {
    kept,
    lowered, ///< taken off to `depth` below the side
    pierced, ///< cut through
    dropped  ///< the letters have none: they are filled, or what they enclose falls out and is meant to
};
constexpr int counterKinds = 4;

struct Counters {
    CounterKind kind = CounterKind::kept;
    double depth = 0.8; ///< of lowered ones, mm
    bool operator==(const Counters&) const = default;
};

/// What the letter's outline encloses without being of it, with what stands in there taken off.
plane::Region countersOf(const plane::Region& letter);

/// Drops the counters of the letters, or tells them as strips to be taken off.
void workCounters(PlacedLetters& letters, const Counters& counters, const std::stop_token& stop = {});

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Counters>();
