// The piece that carries the words.
#pragma once
#include "plane/region.hpp"
#include "quantity/fields_of.hpp"
#include <vector>

namespace bollard::blank {

enum class Kind { none, plate, disc };

/// A round hole through the blank; mm from the blank's lower left.
struct Hole {
    double x = 0;
    double y = 0;
    double diameter = 4;
    bool operator==(const Hole&) const = default;
};

/// Sizes in mm. Fields of other kinds are kept, so that changing the kind and back loses nothing.
struct Blank {
    Kind kind = Kind::plate;
    double width = 120;    ///< plate
    double height = 45;    ///< plate
    double corner = 0;     ///< plate: corner radius
    double diameter = 60;  ///< disc
    double centreHole = 0; ///< disc: diameter; 0 for none
    double thickness = 3;
    double margin = 3; ///< how near the words may come to the edges
    std::vector<Hole> holes{};
    bool operator==(const Blank&) const = default;
};

/// How wide and high the blank is, mm; 0 by 0 for none.
plane::Vector sizeOf(const Blank& blank);

/// The blank's outline without its holes, with true curves, mm; empty for none.
plane::Outline outlineOf(const Blank& blank);
/// The holes, mm, counter-clockwise.
plane::Outline holesOf(const Blank& blank);

/// The front side, flattened within 0.01 mm, on the grid; empty for none.
plane::Region regionOf(const Blank& blank);

/// What is left between two holes, or between a hole and the blank's edge; mm, the place in its middle.
struct Land {
    plane::Vector at{};
    double width = 0;
};
/// The lands narrower than `below` mm. Holes that meet, or lie across the edge, have none between. O(n log
/// n).
std::vector<Land> landsOf(const Blank& blank, double below);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Hole>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Blank>();
