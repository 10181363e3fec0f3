#include "blank/ready.hpp"
#include <array>

namespace bollard::blank {
namespace {

Blank turnedWith(Blank b, std::vector<ProfilePoint> profile, double wall = 0) {
    b.kind = Kind::turned;
    b.profile = std::move(profile);
    b.wall = wall;
    return b;
}

constexpr std::array all{
    ReadyBlank{"dome",
               [](Blank b) {
                   return turnedWith(b, {{25, 0}, {25, 1}, {21, 13, true}, {0, 22, true}});
               }},
    ReadyBlank{"egg",
               [](Blank b) {
                   return turnedWith(b, {{0, 0, true}, {17, 17, true}, {0, 46, true}});
               }},
    ReadyBlank{"bead",
               [](Blank b) {
                   return turnedWith(b, {{3, 0}, {8, 4, true}, {8, 8, true}, {3, 12}});
               }},
    ReadyBlank{"roller",
               [](Blank b) {
                   b.kind = Kind::tube;
                   b.diameter = 32;
                   b.bore = 10;
                   b.length = 60;
                   return b;
               }},
    ReadyBlank{"cap",
               [](Blank b) {
                   return turnedWith(b, {{20, 0}, {20, 12}, {17, 17, true}, {0, 20, true}}, 2);
               }},
    ReadyBlank{"spindle",
               [](Blank b) {
                   return turnedWith(b, {{6, 0}, {6, 8}, {13, 22, true}, {5, 46, true}, {9, 58}, {9, 64}});
               }},
    ReadyBlank{"finger ring",
               [](Blank b) {
                   b.kind = Kind::ring;
                   b.bore = 18;
                   b.thickness = 2;
                   b.width = 8;
                   b.inside = Inside::comfort;
                   b.edge.kind = EdgeKind::round;
                   b.edge.size = 0.3;
                   return b;
               }},
    ReadyBlank{"signet",
               [](Blank b) {
                   b.kind = Kind::ring;
                   b.bore = 18;
                   b.thickness = 1.8;
                   b.width = 9;
                   b.flat = 12;
                   b.flatThickness = 2.8;
                   b.edge.kind = EdgeKind::round;
                   b.edge.size = 0.4;
                   return b;
               }},
    ReadyBlank{"key ring", [](Blank b) {
                   b.kind = Kind::faceted;
                   b.facets = 10;
                   b.across = 30;
                   b.bore = 22;
                   b.length = 9;
                   return b;
               }}};

} // namespace

std::span<const ReadyBlank> readyBlanks() {
    return all;
}

Blank asKind(Blank b, Kind kind) {
    b.kind = kind;
    constexpr double widest = 3; // of its bore, that a ring is along its axis
    if (kind == Kind::ring && b.width > widest * b.bore)
        b.width = 8;
    if (kind == Kind::tube && b.bore >= b.diameter)
        b.bore = 0.8 * b.diameter;
    if (kind == Kind::faceted && b.bore >= b.across)
        b.bore = 0.8 * b.across;
    return b;
}

} // namespace bollard::blank
