// The medial axis within a region as a graph of branches: what centrelines are made from.
#pragma once
#include "plane/medial_axis.hpp"
#include <map>
#include <optional>
#include <set>
#include <vector>

namespace bollard::plane {

/// A point of the axis and its distance to the nearest boundary, grid units.
struct Place {
    Vector at{};
    double radius = 0;
};

/// A chain of the axis between two nodes that are no mere passage.
struct Branch {
    int from = 0, to = 0;        ///< nodes; the same one for a ring
    std::vector<Place> places{}; ///< both ends included
    bool gone = false;

    double length() const;
    void turn(); ///< the other way round
    /// Takes on `next`, which begins where this one ends; that is gone then.
    void append(Branch& next);
};

/// Evenly along a chain, so that lengths can be cut off and curves are fitted to the whole of it alike. Both
/// ends stay where they are.
std::vector<Place> evenly(const std::vector<Place>& places, double step);

class Skeleton {
  public:
    explicit Skeleton(const MedialAxis& axis);

    std::vector<Branch>& branches() { return branches_; }
    const std::vector<Branch>& branches() const { return branches_; }
    int degree(int node) const;
    int anotherNode(int beside);        ///< a new node of the same part, where nothing ends yet
    std::vector<int> junctions() const; ///< nodes where three or more branches end

    /// Takes out branches that lead into a corner only: they end at the boundary, and are hardly longer than
    /// the stroke is wide where they begin or shrink all the way.
    void dropCorners();

    /// Cuts off what is left of corners at the ends of strokes: where the radius falls steeply.
    void trimEnds();

    /// Takes out ends much shorter than the stroke is wide: unevenness of a cap, not a stroke.
    void dropSpurs();

    /// Joins two branches where nothing else meets.
    void mergePassages();

    /// Two junctions nearer to each other than the stroke is wide are one (X drawn as two Y).
    void mergeJunctions();

    void eraseGone();

    /// Where a stroke turns a corner: the places that dropped corners began at.
    std::vector<Place> bends{};

    /// Whole parts that have no direction: all their branches were corners. Told as their widest place.
    std::vector<Vector> dots() const;

  private:
    struct Step {
        int to;
        Place here, there;
    };
    void walk(int node, Step step, const std::map<int, std::vector<Step>>& steps,
              std::set<std::pair<int, int>>& walked);
    void noteParts();
    /// Of a branch with one end where nothing else ends.
    struct Free {
        const Place& tip;
        const Place& root;
        int rootNode;
    };
    std::optional<Free> freeEndOf(const Branch& branch) const;

    std::vector<Branch> branches_;
    std::map<int, int> part_;     ///< of each node
    std::map<int, Place> widest_; ///< of each part
};

} // namespace bollard::plane
