// What cuts: its shape, and what it is good for.
#pragma once
#include "quantity/fields_of.hpp"
#include <string>
#include <string_view>
#include <vector>

namespace bollard::cut {

enum class ToolKind {
    none, ///< of the rack, by its name; without one the usual one of the operation
    flat,
    ball,
    vBit,
    engraving, ///< a cone with a small flat tip
    drill,
    drag, ///< a point that is drawn through the material and does not turn
    torch,
    laser
};
constexpr int toolKinds = 9;

/// How a tool goes down into full material.
enum class Entry { ramp, helix, plunge };

/// Lengths in mm, angles in degrees. Numbers of other kinds are kept.
struct Tool {
    ToolKind kind = ToolKind::none;
    std::string name{};  ///< of one of the rack; of others what it is called
    double diameter = 3; ///< flat, ball, drill; v-bit, engraving, drag: of the shank
    double angle = 60;   ///< v-bit, engraving, drag: included
    double tip = 0;      ///< v-bit, engraving, drag: across the flat, from 0
    double flute = 20;   ///< how deep it can cut
    int flutes = 2;      ///< how many edges
    double kerf = 1;     ///< torch, laser
    double pierce = 0;   ///< torch, laser: seconds it stands before it moves
    Entry entry = Entry::ramp;
    bool operator==(const Tool&) const = default;

    bool burns() const { return kind == ToolKind::torch || kind == ToolKind::laser; }
    /// Narrower towards its tip.
    bool tapers() const {
        return kind == ToolKind::vBit || kind == ToolKind::engraving || kind == ToolKind::drag;
    }
    /// Whether something turns that must be told how fast.
    bool turns() const { return !burns() && kind != ToolKind::drag; }
    /// How far to each side it cuts at most, mm.
    double radius() const { return (burns() ? kerf : diameter) / 2; }
    /// How wide it is at its lowest, mm: it goes into nothing narrower.
    double narrowest() const { return tapers() ? tip : 2 * radius(); }
    /// Tangent of half the angle: how much wider it becomes a mm up. 0 where it does not taper.
    double spread() const;
    /// How high above its lowest point it is at that distance from its axis, mm; infinite beyond its radius.
    double heightAt(double distance) const;
};

/// What is known of each kind.
struct ToolRow {
    ToolKind kind{};
    std::string_view name{}; ///< in cards
};
const ToolRow& rowOf(ToolKind kind);

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Tool>();
