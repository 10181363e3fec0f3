// Levels that slope: where they bend, how high they lie at each point, and where they run through each other.
#pragma once
#include "plane/gap.hpp"
#include "plane/point_hash.hpp"
#include "working/columns.hpp"
#include <map>
#include <memory>
#include <unordered_map>

namespace bollard::working {

/// The levels of changes, two each: its floor and its roof.
class Slopes {
  public:
    /// `turn`: how far it is round a side that closes, grid units; else 0.
    Slopes(std::span<const Change> changes, std::int32_t turn);

    /// Adds the lines along which the profiles bend, as creases.
    void addBends(std::vector<plane::LayerEdge>& edges);
    /// Gives the columns the floor and roof of every change over the points of their plan.
    void findLevels(Columns& columns);

    /// Finds where levels run through each other within triangles or along borders of cells; from then on
    /// both have one height there. False when nowhere.
    bool cross(const Columns& columns);
    std::span<const plane::Split> splits() const { return splits_; }
    std::span<const plane::LayerEdge> creases() const { return creases_; }

    /// Takes out what rounding left of wrong order. False when more than rounding is wrong.
    bool settle(Columns& columns) const;

  private:
    /// What is known of one change whose profiles slope.
    struct Sloping {
        std::vector<std::int32_t> insets{}; ///< where a profile bends, ascending, without 0
        plane::Region region{};             ///< within which insets are measured, not yet stretched
        plane::Stretch stretch{};
        std::unordered_map<plane::Point, double, plane::PointHash> known{};
        mutable std::unique_ptr<const plane::BoundaryIndex> boundary{}; ///< when first asked for
    };

    double insetAt(const Sloping& sloping, plane::Point p) const;
    void crossIn(const Columns& columns, const plane::Triangle& triangle, int one, int other);
    void crossAlong(const Columns& columns, int a, int b, int one, int other);
    plane::Point meeting(const Columns& columns, int a, int b, int one, int other);
    bool isEdge(const Columns& columns, int a, int b) const;

    std::span<const Change> changes_;
    std::int32_t turn_;
    std::map<size_t, Sloping> sloping_; ///< by change
    std::map<std::pair<plane::Point, int>, std::int32_t>
        met_; ///< heights at places where levels meet, by level
    std::vector<plane::Split> splits_;
    std::vector<plane::LayerEdge> creases_;
};

} // namespace bollard::working
