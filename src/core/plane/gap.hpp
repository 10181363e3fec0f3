// The clear distance between two shapes, found directly from their boundaries.
#pragma once
#include "plane/region.hpp"
#include <memory>
#include <utility>
#include <vector>

namespace bollard::plane {

/// How near one boundary segment of the first shape comes to the second shape. Grid units.
struct GapSample {
    Vector at{};
    double distance = 0;
    double length = 0; ///< of the segment
};

/// Where two shapes overlap, or share a piece of edge: one connected place.
struct Meeting {
    Box box{};
    double across = 0; ///< the longest way across it
};

struct Gap {
    enum class Kind { apart, touching, overlapping };
    Kind kind = Kind::apart;
    double least = 0;     ///< smallest clear distance; 0 unless apart
    Vector at{};          ///< middle of the narrowest place, or of the largest common part
    bool inReach = false; ///< false: farther apart than the reach, and nothing below holds
    /// Apart: segments of the first shape within reach. Else the crevices beside where they meet: segments of
    /// the two that face each other across what is outside both.
    std::vector<GapSample> samples{};
    std::vector<Meeting> meetings{}; ///< where they overlap; empty when they touch in points only
};

/// The gap between `a` and `b` shifted by `offset`, looking no farther than `reach`. Exact to rounding.
/// O(n m) over the segments near the other's box. `meetings` false leaves those out, for who need not know.
Gap gapBetween(const Region& a, const Region& b, Point offset, double reach, bool meetings = true);

/// The longest distance between two points of the ring. O(n log n) for rings of few corners outwards.
std::pair<Point, Point> farthestApart(const Ring& ring);

/// The boundary of a region that many shapes are held against. O(log n) to find what is near.
class BoundaryIndex {
  public:
    /// `about`: where shapes will lie and what comes near them; empty for anywhere. Boundaries elsewhere are
    /// not looked at one by one.
    explicit BoundaryIndex(const Region& region, const Box& about = {});
    ~BoundaryIndex();
    BoundaryIndex(const BoundaryIndex&) = delete;
    BoundaryIndex& operator=(const BoundaryIndex&) = delete;

    enum class Lies { inside, across, outside };
    /// Where a shape lies, whatever boundaries cross or holes it covers. What is narrower than a grid unit
    /// does not count as lying outside.
    Lies lies(const Region& shape) const;
    /// No boundary passes the box.
    bool clearOf(const Box& box) const;
    /// A point that lies on no boundary lies inside.
    bool holds(Point point) const;
    /// A boundary passes the point, but for rounding to the grid.
    bool passes(Vector point) const;
    /// The distances between the boundaries alone: the shape may lie inside. Where they cross, the kind is
    /// overlapping, and where is not told.
    Gap gapTo(const Region& shape, double reach) const;
    /// How far the point is from the nearest boundary; `reach` when that is no nearer.
    double distanceTo(Vector point, double reach) const;

  private:
    struct Index;
    std::unique_ptr<const Index> index_;
};

} // namespace bollard::plane
