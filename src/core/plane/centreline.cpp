#include "plane/centreline.hpp"
#include "plane/medial_axis.hpp"
#include <algorithm>
#include <map>
#include <optional>
#include <set>

namespace bollard::plane {
namespace {

struct Place {
    Vector at;
    double radius;
};

/// A chain of the axis between two nodes that are no mere passage.
struct Branch {
    int from = 0, to = 0;
    std::vector<Place> places{}; ///< both ends included
    bool gone = false;

    double length() const {
        double sum = 0;
        for (size_t i = 1; i < places.size(); ++i)
            sum += plane::length(places[i].at - places[i - 1].at);
        return sum;
    }
};

/// Evenly along the branch, so that lengths can be cut off and curves are fitted to the whole of it alike.
std::vector<Place> evenly(const std::vector<Place>& places, double step) {
    std::vector<Place> points{places.front()};
    double left = step;
    for (size_t i = 1; i < places.size(); ++i) {
        const Place &a = places[i - 1], &b = places[i];
        const double size = length(b.at - a.at);
        double at = 0;
        while (size - at >= left) {
            at += left;
            const double t = at / size;
            points.push_back({a.at + t * (b.at - a.at), a.radius + t * (b.radius - a.radius)});
            left = step;
        }
        left -= size - at;
    }
    if (length(points.back().at - places.back().at) < step / 2 && points.size() > 1)
        points.back() = places.back();
    else
        points.push_back(places.back());
    return points;
}

/// The axis within the region as branches between ends and junctions.
class Skeleton {
  public:
    explicit Skeleton(const MedialAxis& axis) {
        std::map<int, std::vector<Step>> steps;
        for (const MedialEdge& edge : axis.edges) {
            if (!edge.inside || edge.fromNode == edge.toNode)
                continue;
            steps[edge.fromNode].push_back(
                {edge.toNode, {edge.from, edge.radiusFrom}, {edge.to, edge.radiusTo}});
            steps[edge.toNode].push_back(
                {edge.fromNode, {edge.to, edge.radiusTo}, {edge.from, edge.radiusFrom}});
        }
        std::set<std::pair<int, int>> walked;
        for (const auto& [node, out] : steps)
            if (out.size() != 2)
                for (const Step& step : out)
                    if (!walked.contains({node, step.to}))
                        walk(node, step, steps, walked);
        for (const auto& [node, out] : steps) // rings without a junction
            if (out.size() == 2 && !walked.contains({node, out.front().to}))
                walk(node, out.front(), steps, walked);
    }

    std::vector<Branch>& branches() { return branches_; }

    int degree(int node) const {
        int count = 0;
        for (const Branch& branch : branches_)
            if (!branch.gone)
                count += (branch.from == node ? 1 : 0) + (branch.to == node ? 1 : 0);
        return count;
    }

    /// Branches that lead into a corner only: they end at the boundary, and are hardly longer than the stroke
    /// is wide where they begin or shrink all the way.
    void dropCorners() {
        for (bool any = true; any;) {
            any = false;
            std::vector<Branch*> corners;
            for (Branch& branch : branches_) {
                if (branch.gone || branch.from == branch.to)
                    continue;
                const bool freeFrom = degree(branch.from) == 1, freeTo = degree(branch.to) == 1;
                if (freeFrom == freeTo)
                    continue;
                const Place& tip = freeFrom ? branch.places.front() : branch.places.back();
                const Place& root = freeFrom ? branch.places.back() : branch.places.front();
                // Into a corner of more than 40 degrees the radius shrinks by a third of the way and more.
                constexpr double longest = 1.5, steepest = 0.34;
                const double way = branch.length(), shrinks = root.radius - tip.radius;
                if (tip.radius >= 0.5 * root.radius ||
                    (way >= longest * root.radius && shrinks <= steepest * way))
                    continue;
                corners.push_back(&branch);
                constexpr double blunt = 0.9; // corners of flattened curves: more than 128 degrees
                if (shrinks < blunt * way)
                    bends_.push_back(root);
            }
            for (Branch* branch : corners) {
                branch->gone = any = true;
            }
            mergePassages();
        }
    }

    /// Whole parts that have no direction: all their branches are corners. Told as their widest place.
    std::vector<Vector> dots() const {
        std::vector<Vector> found;
        for (const auto& [root, place] : widest_)
            if (std::ranges::none_of(branches_,
                                     [&](const Branch& b) { return !b.gone && part_.at(b.from) == root; }))
                found.push_back(place.at);
        return found;
    }

    /// Remembers which part each node belongs to and where it is widest; before anything is dropped.
    void noteParts() {
        for (const Branch& branch : branches_) {
            part_.try_emplace(branch.from, branch.from);
            part_.try_emplace(branch.to, branch.to);
        }
        for (bool any = true; any;) {
            any = false;
            for (const Branch& branch : branches_) {
                const int low = std::min(part_[branch.from], part_[branch.to]);
                any = any || part_[branch.from] != low || part_[branch.to] != low;
                part_[branch.from] = part_[branch.to] = low;
            }
        }
        for (const Branch& branch : branches_)
            for (const Place& place : branch.places) {
                Place& kept = widest_.try_emplace(part_[branch.from], place).first->second;
                if (place.radius > kept.radius)
                    kept = place;
            }
    }

    /// Joins two branches where nothing else meets.
    void mergePassages() {
        for (bool any = true; any;) {
            any = false;
            for (size_t i = 0; i < branches_.size() && !any; ++i)
                for (size_t j = i + 1; j < branches_.size() && !any; ++j) {
                    Branch &a = branches_[i], &b = branches_[j];
                    if (a.gone || b.gone || a.from == a.to || b.from == b.to)
                        continue;
                    for (const int node : {b.from, b.to})
                        if ((node == a.from || node == a.to) && degree(node) == 2 && !any) {
                            join(a, b, node);
                            any = true;
                        }
                }
        }
        std::erase_if(branches_, [](const Branch& branch) { return branch.gone; });
    }

    /// Two junctions nearer to each other than the stroke is wide are one (X drawn as two Y).
    void mergeJunctions() {
        for (bool any = true; any;) {
            any = false;
            for (Branch& branch : branches_) {
                if (branch.gone || branch.from == branch.to || degree(branch.from) < 3 ||
                    degree(branch.to) < 3)
                    continue;
                const double radius = std::min(branch.places.front().radius, branch.places.back().radius);
                if (branch.length() > 1.1 * radius)
                    continue;
                const Vector middle = 0.5 * (branch.places.front().at + branch.places.back().at);
                const int stays = branch.from, goes = branch.to;
                branch.gone = true;
                for (Branch& other : branches_) {
                    if (other.gone)
                        continue;
                    if (other.from == goes)
                        other.from = stays;
                    if (other.to == goes)
                        other.to = stays;
                    if (other.from == stays)
                        other.places.front().at = middle;
                    if (other.to == stays)
                        other.places.back().at = middle;
                }
                any = true;
            }
        }
        std::erase_if(branches_, [](const Branch& branch) { return branch.gone; });
    }

    /// Near a junction the axis swerves towards the open side. Branches are cut back to where they run true;
    /// two that go on into each other are joined straight and the others end on them.
    void straightenJunctions() {
        std::set<int> nodes;
        for (const Branch& branch : branches_) {
            nodes.insert(branch.from);
            nodes.insert(branch.to);
        }
        for (const int node : nodes)
            if (degree(node) >= 3)
                straighten(node);
        mergePassages();
    }

    /// Where a stroke turns a corner the axis cuts it short: its two sides are led on until they meet.
    void sharpenBends() {
        for (const Place& bend : bends_)
            for (Branch& branch : branches_)
                sharpen(branch.places, bend);
    }

  private:
    struct Step {
        int to;
        Place here, there;
    };
    struct Arm {
        Branch* branch;
        bool atEnd;  ///< of the branch; else at its front
        Vector cut;  ///< where it still runs true
        Vector away; ///< its direction there, from the junction outwards
    };

    void walk(int node, Step step, const std::map<int, std::vector<Step>>& steps,
              std::set<std::pair<int, int>>& walked) {
        Branch branch;
        branch.from = node;
        branch.places.push_back(step.here);
        int last = node;
        while (true) {
            walked.insert({last, step.to});
            walked.insert({step.to, last});
            branch.places.push_back(step.there);
            const auto& out = steps.at(step.to);
            if (out.size() != 2 || step.to == node)
                break;
            const Step next = out[0].to == last ? out[1] : out[0];
            last = step.to;
            step = next;
        }
        branch.to = step.to;
        branches_.push_back(std::move(branch));
    }

    void join(Branch& a, Branch& b, int node) {
        if (a.from == node) {
            std::ranges::reverse(a.places);
            std::swap(a.from, a.to);
        }
        if (b.to == node) {
            std::ranges::reverse(b.places);
            std::swap(b.from, b.to);
        }
        a.places.insert(a.places.end(), b.places.begin() + 1, b.places.end());
        a.to = b.to;
        b.gone = true;
    }

    std::vector<Arm> armsAt(int node) {
        std::vector<Arm> arms;
        for (Branch& branch : branches_) {
            if (branch.from == node)
                arms.push_back({&branch, false, {}, {}});
            if (branch.to == node)
                arms.push_back({&branch, true, {}, {}});
        }
        for (Arm& arm : arms)
            cutBack(arm);
        return arms;
    }

    /// Takes off what lies within the junction's own circle, and a little more, but never all.
    static void cutBack(Arm& arm) {
        std::vector<Place>& places = arm.branch->places;
        if (arm.atEnd)
            std::ranges::reverse(places);
        const Vector from = places.front().at;
        const double whole = arm.branch->length();
        const double reach = std::min(1.25 * places.front().radius, 0.45 * whole);
        double gone = 0;
        size_t keep = 0;
        while (keep + 2 < places.size() && gone < reach) {
            gone += length(places[keep + 1].at - places[keep].at);
            ++keep;
        }
        places.erase(places.begin(), places.begin() + std::ptrdiff_t(keep));
        arm.cut = places.front().at;
        size_t ahead = 1;
        double felt = 0;
        const double far = std::max(0.6 * places.front().radius, 1.0);
        while (ahead + 1 < places.size() && felt < far) {
            felt += length(places[ahead].at - places[ahead - 1].at);
            ++ahead;
        }
        arm.away = places[ahead].at - places.front().at;
        if (places.size() < 2 || length(arm.away) == 0)
            arm.away = arm.cut - from;
        arm.away = (1 / std::max(length(arm.away), 1e-9)) * arm.away;
        if (arm.atEnd)
            std::ranges::reverse(places);
    }

    static void end(const Arm& arm, Vector at) {
        const double radius = (arm.atEnd ? arm.branch->places.back() : arm.branch->places.front()).radius;
        if (arm.atEnd)
            arm.branch->places.push_back({at, radius});
        else
            arm.branch->places.insert(arm.branch->places.begin(), {at, radius});
    }

    static std::optional<Vector> crossing(Vector p, Vector u, Vector q, Vector v) {
        const double below = cross(u, v);
        if (std::fabs(below) < 0.05)
            return std::nullopt;
        return p + (cross(q - p, v) / below) * u;
    }

    void straighten(int node) {
        std::vector<Arm> arms = armsAt(node);
        // The two that go on into each other best.
        size_t first = 0, second = 1;
        double straightest = 2;
        for (size_t i = 0; i < arms.size(); ++i)
            for (size_t j = i + 1; j < arms.size(); ++j)
                if (const double c = dot(arms[i].away, arms[j].away); c < straightest) {
                    straightest = c;
                    first = i;
                    second = j;
                }
        const double through = std::cos(35 * M_PI / 180);
        Vector at{};
        if (straightest < -through) {
            const Vector a = arms[first].cut, b = arms[second].cut;
            const Vector along = (1 / std::max(length(b - a), 1e-9)) * (b - a);
            double sum = 0;
            int count = 0;
            for (size_t i = 0; i < arms.size(); ++i)
                if (i != first && i != second)
                    if (const auto met = crossing(a, along, arms[i].cut, arms[i].away)) {
                        sum += std::clamp(dot(*met - a, along), 0.0, length(b - a));
                        ++count;
                    }
            at = a + (count > 0 ? sum / count : length(b - a) / 2) * along;
        } else {
            // Where all of them point: the mean of their crossings, else of their cuts.
            Vector sum{};
            int count = 0;
            for (size_t i = 0; i < arms.size(); ++i)
                for (size_t j = i + 1; j < arms.size(); ++j)
                    if (const auto met = crossing(arms[i].cut, arms[i].away, arms[j].cut, arms[j].away)) {
                        sum = sum + *met;
                        ++count;
                    }
            Vector mean{};
            for (const Arm& arm : arms)
                mean = mean + (1.0 / double(arms.size())) * arm.cut;
            at = count > 0 ? (1.0 / count) * sum : mean;
            double reach = 0;
            for (const Arm& arm : arms)
                reach = std::max(reach, length(arm.cut - mean));
            if (length(at - mean) > reach)
                at = mean;
        }
        for (const Arm& arm : arms)
            end(arm, at);
    }

    static void sharpen(std::vector<Place>& places, const Place& bend) {
        const auto nearest = std::ranges::min_element(
            places, {}, [&](const Place& place) { return plane::length(place.at - bend.at); });
        if (plane::length(nearest->at - bend.at) > 0.3 * bend.radius)
            return;
        // From the bend both ways: where the sides run true again, and their direction there.
        struct Side {
            std::ptrdiff_t cut, beyond;
        };
        const auto side = [&](std::ptrdiff_t step) -> std::optional<Side> {
            std::ptrdiff_t i = nearest - places.begin();
            const auto last = std::ptrdiff_t(places.size()) - 1;
            const auto go = [&](double way) {
                for (double gone = 0; gone < way; i += step) {
                    if (i + step < 0 || i + step > last)
                        return false;
                    gone += plane::length(places[size_t(i + step)].at - places[size_t(i)].at);
                }
                return true;
            };
            if (!go(1.3 * bend.radius))
                return std::nullopt;
            const std::ptrdiff_t cut = i;
            if (!go(0.5 * bend.radius))
                return std::nullopt;
            return Side{cut, i};
        };
        const auto before = side(-1), after = side(1);
        if (!before || !after)
            return;
        const Vector a = places[size_t(before->cut)].at, b = places[size_t(after->cut)].at;
        const Vector u = a - places[size_t(before->beyond)].at, v = places[size_t(after->beyond)].at - b;
        constexpr double least = 35 * M_PI / 180;
        if (std::fabs(std::atan2(cross(u, v), dot(u, v))) < least)
            return;
        const auto met = crossing(a, (1 / plane::length(u)) * u, b, (1 / plane::length(v)) * v);
        if (!met)
            return;
        // Sides at an acute angle would meet far beyond the letter's own corner.
        const double far = plane::length(*met - bend.at), most = 0.8 * bend.radius;
        const Vector corner = far > most ? bend.at + (most / far) * (*met - bend.at) : *met;
        places[size_t(before->cut) + 1] = {corner, bend.radius};
        places.erase(places.begin() + before->cut + 2, places.begin() + after->cut);
    }

    std::vector<Branch> branches_;
    std::vector<Place> bends_;
    std::map<int, int> part_;
    std::map<int, Place> widest_;
};

} // namespace

Outline centrelineOf(const Region& region, double tolerance) {
    Outline outline;
    if (region.empty())
        return outline;
    Skeleton skeleton(medialAxis(region));
    skeleton.noteParts();
    skeleton.dropCorners();
    skeleton.mergeJunctions();
    skeleton.mergePassages();
    for (Branch& branch : skeleton.branches())
        branch.places = evenly(branch.places, 2 * tolerance);
    skeleton.straightenJunctions();
    skeleton.sharpenBends();
    constexpr double corner = 40;
    for (const Branch& branch : skeleton.branches()) {
        const bool ring = branch.from == branch.to && skeleton.degree(branch.from) == 2;
        std::vector<Vector> points;
        for (const Place& place : evenly(branch.places, 2 * tolerance))
            points.push_back(place.at);
        if (ring && points.size() > 1)
            points.pop_back();
        outline.contours.push_back(curveThrough(points, ring, tolerance, corner));
    }
    for (const Vector dot : skeleton.dots())
        outline.contours.push_back({dot, {{Segment::Kind::line, {}, {}, dot}}, true});
    return outline;
}

} // namespace bollard::plane
