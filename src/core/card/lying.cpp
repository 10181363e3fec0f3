#include "card/lying.hpp"
#include "body/probe.hpp"
#include "quantity/field.hpp"
#include "quantity/ranges.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::card {
namespace {

using space::Vertex;

/// What faces one way, and which way is up on it as it is seen from outside.
struct Facing {
    std::string_view name;
    Vertex outwards, up;
};
constexpr std::array<Facing, 8> facings{{{"back", {0, 0, -1}, {0, 1, 0}},
                                         {"front", {0, 0, 1}, {0, 1, 0}},
                                         {"left", {-1, 0, 0}, {0, 1, 0}},
                                         {"right", {1, 0, 0}, {0, 1, 0}},
                                         {"top", {0, 1, 0}, {0, 0, -1}},
                                         {"bottom", {0, -1, 0}, {0, 0, 1}},
                                         {"start", {0, -1, 0}, {0, 0, 1}},
                                         {"end", {0, 1, 0}, {0, 0, -1}}}};

Vertex unit(const Vertex& v) {
    return 1 / space::length(v) * v;
}

/// Upright as far as the face rises, else as the front has it.
Facing facingOfFace(const body::Mesh& body, const std::array<double, 3>& place) {
    Facing facing{"face", {0, 0, -1}, {0, 1, 0}};
    const int face = body::nearestTriangle(body, {place[0], place[1], place[2]});
    const auto& [a, b, c] = body.triangles[size_t(face)];
    const Vertex at = body.vertices[size_t(a)];
    const Vertex normal = space::cross(body.vertices[size_t(b)] - at, body.vertices[size_t(c)] - at);
    if (!(space::length(normal) > 0))
        return facing;
    facing.outwards = unit(normal);
    constexpr double level = 0.9;
    const Vertex wanted = std::fabs(facing.outwards.z) > level ? Vertex{0, 1, 0} : Vertex{0, 0, 1};
    facing.up = unit(wanted - space::dot(wanted, facing.outwards) * facing.outwards);
    return facing;
}

std::optional<Facing> facingOf(const Lying& lying, std::span<const blank::Panel> panels,
                               const body::Mesh& body) {
    const std::string& on = lying.on;
    if (on == "face")
        return facingOfFace(body, lying.at);
    const Facing* const known = std::ranges::find(facings, on, &Facing::name);
    std::optional<Facing> found;
    if (known != facings.end())
        found = *known;
    for (const blank::Panel& panel : panels) {
        const bool behind = panel.wall() && panel.back == on;
        if (panel.front != on && !behind)
            continue;
        const plane::Box box = plane::boxOf(panel.outline);
        plane::Point middle = plane::onGrid(0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)));
        if (panel.cuts.around) // its plan may begin anywhere; half a turn from x = 0 it faces the front
            middle.x = panel.cuts.turn() / 2;
        const auto across = [&](std::int32_t by) {
            return blank::standOn(panel, behind, {middle.x, middle.y + by}).foot;
        };
        constexpr std::int32_t aLittle = 100; // grid units
        Facing& facing = found ? *found : found.emplace();
        facing.outwards = unit(blank::standOn(panel, behind, middle).along);
        const Vertex up = across(aLittle) - across(-aLittle);
        facing.up = unit(up - space::dot(up, facing.outwards) * facing.outwards);
    }
    return found;
}

} // namespace

bool isLyingOn(const std::string& side) {
    return side.empty() || side == "face" || side == "outside" || side == "inside" ||
           std::ranges::find(facings, side, &Facing::name) != facings.end();
}

std::optional<space::Pose> poseOf(const Lying& lying, std::span<const blank::Panel> panels,
                                  const body::Mesh& body) {
    if (lying.on.empty() || body.empty())
        return std::nullopt;
    const std::optional<Facing> facing = facingOf(lying, panels, body);
    if (!facing)
        return std::nullopt;
    // What faced outwards faces down; what was up on it stays up as the bed is seen from above.
    const Vertex right = space::cross(facing->up, facing->outwards);
    const double angle = lying.turn * M_PI / 180;
    // Quarter turns are exact.
    const auto exact = [](double v) {
        return std::fabs(v) < 1e-15 ? 0 : std::fabs(v) > 1 - 1e-15 ? std::copysign(1, v) : v;
    };
    const double c = exact(std::cos(angle)), s = exact(std::sin(angle));
    const Vertex x = -1 * right, y = facing->up;
    space::Pose pose{c * x - s * y, s * x + c * y, -1 * facing->outwards, {}};
    Vertex low = pose.turned(body.vertices.front());
    for (const Vertex& v : body.vertices) {
        const Vertex at = pose.turned(v);
        low = {std::min(low.x, at.x), std::min(low.y, at.y), std::min(low.z, at.z)};
    }
    pose.shift = -1 * low;
    return pose;
}

Lying lyingOnFaceAt(const space::Vertex& place, const body::Mesh& body) {
    Lying lying{"face", 0, {place.x, place.y, place.z}};
    const Vertex outwards = facingOfFace(body, lying.at).outwards;
    constexpr double alike = 1e-6;
    for (const Facing& facing : facings)
        if (space::length(facing.outwards - outwards) < alike)
            return {std::string(facing.name), 0, {}};
    return lying;
}

body::Mesh posed(body::Mesh mesh, const space::Pose& pose) {
    for (Vertex& v : mesh.vertices)
        v = pose.at(v);
    mesh.blocks.clear(); // they are where they were made
    return mesh;
}

} // namespace bollard::card

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::card::Lying>() {
    using card::Lying;
    static const PartFields fields =
        std::move(Describing<Lying>()
                      .coded(
                          "on", [](const Lying& lying) { return lying.on; },
                          [](Lying& lying, const std::string& on) -> std::string {
                              lying.on =
                                  on; // a part's sides have names of their own: looked at with the card
                              return {};
                          })
                      .about("the side that it lies on")
                      .asks("`back`, `front`, `left`, `right`, `top`, `bottom`, `start`, `end`, `outside`, "
                            "`inside`, `face`, a side of a part")
                      .triple("at", &Lying::at, Dimension::length, ranges::position)
                      .when([](const Lying& lying) { return lying.on == "face"; })
                      .quiet()
                      .about("a place on that face, [x, y, z] of the part, mm")
                      .number("turn", &Lying::turn, Dimension::angle, ranges::turn)
                      .about("then turned, seen from above, degrees"));
    return fields;
}
