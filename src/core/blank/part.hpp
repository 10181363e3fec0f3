// A part that was given as a file, and the sides of it that words lie on.
#pragma once
#include "blank/panel.hpp"
#include "plane/outline.hpp"
#include "quantity/fields_of.hpp"
#include "quantity/shared.hpp"
#include <array>
#include <string>

namespace bollard::blank {

/// The surface round a place of the part, as it was found (body/find_side). Vectors of the part's
/// coordinates, mm.
struct FoundSide {
    enum class Kind { none, flat, cylinder, cone };
    Kind kind = Kind::none;
    /// Flat: its lower left. Round: on its axis, where it begins.
    std::array<double, 3> origin{};
    /// Flat: which way x runs; round: away from the axis in the middle of the side, where it faces.
    std::array<double, 3> facing{0, 0, 1};
    std::array<double, 3> up{0, 1, 0}; ///< which way y runs; round: along its axis
    /// What of it is there, mm on the side, with holes; of round ones empty where all is.
    quantity::Shared<plane::Outline> outline{};
    double radius = 0;    ///< round, at y = 0
    double endRadius = 0; ///< at its other end
    double length = 0;    ///< along the axis
    double arc = 360;     ///< how far round it goes, degrees
    bool hollow = false;  ///< it faces its axis
    double depth = 0;     ///< how thick the part is behind it, in its thinnest place
    double error = 0;     ///< how far the part's corners lie off it at most
    bool operator==(const FoundSide&) const = default;

    bool closed() const { return kind != Kind::flat && arc >= 360; }
    /// Where it is widest, which its drawings count by.
    double widest() const { return std::max(radius, endRadius); }
    double slant() const { return std::hypot(length, endRadius - radius); }
};

/// A side that was pointed at.
struct PartSide {
    std::string name{};
    std::array<double, 3> at{}; ///< a place on it
    double turn = 0;            ///< of what is up on it, degrees; of round ones 0 or 180
    FoundSide found{};          ///< kept, so that the card tells it without its file
    bool operator==(const PartSide&) const = default;
};

enum class PartUnit { mm, cm, m, inch };
double millimetresOf(PartUnit unit);

struct PartFile {
    std::string file{}; ///< where it is; relative to the card's folder
    std::string digest{};
    PartUnit unit = PartUnit::mm; ///< of files that do not tell
    double scale = 1;             ///< times as large
    std::vector<PartSide> sides{};
    /// The file itself, where the card takes it along; read where there is none of that name.
    quantity::Shared<std::string> carried{};
    bool operator==(const PartFile&) const = default;
};

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::FoundSide>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::PartSide>();
