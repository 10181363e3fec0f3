// The lying position: how a print lies on the bed.
#pragma once
#include "blank/panel.hpp"
#include "body/mesh.hpp"
#include "quantity/fields_of.hpp"
#include "space/pose.hpp"
#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace bollard::card {

/// On one of the blank's sides (of a part from a file as the card names it), by its middle, or on what faces
/// that way: `back`, `front`, `left`, `right`, `top`, `bottom`, `start`, `end` of the card's coordinates;
/// or on the face of the part nearest to a place (`face`); then turned counter-clockwise as seen from above,
/// degrees. Empty: the card says nothing, and files keep its coordinates.
struct Lying {
    std::string on{};
    double turn = 0;
    std::array<double, 3> at{}; ///< of `face`, mm
    bool operator==(const Lying&) const = default;
};

/// Whether any blank may lie on what is called so; empty: it is not said.
bool isLyingOn(const std::string& side);
/// What it may be called, for messages.
constexpr std::string_view lyingNames =
    "back | front | left | right | top | bottom | start | end | outside | inside | face";

/// How a body lies so: at z = 0, its low corner at x = y = 0. Nothing where the card says
/// nothing, or names a side that the blank lacks.
std::optional<space::Pose> poseOf(const Lying& lying, std::span<const blank::Panel> panels,
                                  const body::Mesh& body);

/// On the face nearest to a place: by the name of what faces that way, where there is one.
Lying lyingOnFaceAt(const space::Vertex& place, const body::Mesh& body);

body::Mesh posed(body::Mesh mesh, const space::Pose& pose);

} // namespace bollard::card

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::card::Lying>();
