// Round what stays, through the stock.
#include "cut/chains.hpp"
#include "plane/gap.hpp"
#include <optional>

namespace bollard::cut {

namespace {

using plane::Vector;

/// A closed way with the part on its right.
class Loop {
  public:
    explicit Loop(const plane::Ring& ring) {
        for (const plane::Point p : ring)
            points_.push_back(inMm(p));
        along_.push_back(0);
        for (size_t i = 0; i < points_.size(); ++i)
            along_.push_back(along_.back() + plane::length(next(i) - points_[i]));
    }
    double length() const { return along_.back(); }
    size_t size() const { return points_.size(); }
    double startOf(size_t side) const { return along_[side]; }
    double sideLength(size_t side) const { return along_[side + 1] - along_[side]; }

    Vector at(double way) const {
        const size_t side = sideAt(way);
        const double within = wrapped(way) - along_[side];
        return points_[side] + (within / std::max(sideLength(side), 1e-12)) * (next(side) - points_[side]);
    }
    Vector along(double way) const {
        const size_t side = sideAt(way);
        return plane::unit(next(side) - points_[side]);
    }
    /// All points from one place to another farther on, both included.
    std::vector<Vector> between(double from, double to) const {
        std::vector<Vector> points{at(from)};
        const double first = wrapped(from), offset = from - first;
        for (double round = offset; round < to; round += length())
            for (size_t i = 0; i < points_.size(); ++i)
                if (const double way = round + along_[i]; way > from + 1e-9 && way < to - 1e-9)
                    points.push_back(points_[i]);
        points.push_back(at(to));
        return points;
    }
    /// How far off the place is, and the way at which the loop is nearest to it.
    std::pair<double, double> nearestTo(Vector place) const {
        std::pair<double, double> best{1e9, 0};
        for (size_t i = 0; i < points_.size(); ++i) {
            const Vector side = next(i) - points_[i];
            const double squared = plane::dot(side, side);
            const double share =
                squared > 0 ? std::clamp(plane::dot(place - points_[i], side) / squared, 0.0, 1.0) : 0;
            const double far = plane::length(points_[i] + share * side - place);
            if (far < best.first)
                best = {far, along_[i] + share * sideLength(i)};
        }
        return best;
    }
    /// How much it turns within that far on both sides, radians.
    double turnAround(double way, double far) const {
        double turn = 0;
        for (size_t i = 0; i < points_.size(); ++i)
            for (const double round : {-length(), 0.0, length()})
                if (std::fabs(along_[i] + round - way) <= far) {
                    const Vector a =
                        plane::unit(points_[i] - points_[(i + points_.size() - 1) % points_.size()]);
                    const Vector b = plane::unit(next(i) - points_[i]);
                    turn += std::fabs(std::atan2(plane::cross(a, b), plane::dot(a, b)));
                }
        return turn;
    }

  private:
    Vector next(size_t i) const { return points_[(i + 1) % points_.size()]; }
    double wrapped(double way) const {
        const double rest = std::fmod(way, length());
        return rest < 0 ? rest + length() : rest;
    }
    size_t sideAt(double way) const {
        const auto found = std::ranges::upper_bound(along_, wrapped(way));
        return std::clamp<size_t>(size_t(found - along_.begin()), 1, points_.size()) - 1;
    }

    std::vector<Vector> points_;
    std::vector<double> along_; ///< of each point, and of the first once more
};

/// The way in (to the loop's place) and out, in the waste on the left.
struct Leads {
    std::vector<Vector> in{}, out{};
};

Leads leadsAt(const Loop& loop, double way, double end, const Lead& lead, double length) {
    Leads leads;
    const auto build = [&](double place, double side) { // side: -1 in, +1 out
        const Vector at = loop.at(place), along = side * loop.along(place),
                     left = Vector{-loop.along(place).y, loop.along(place).x};
        std::vector<Vector> points; // away from the loop
        if (lead.kind == LeadKind::arc) {
            const double radius = 2 * length / M_PI;
            constexpr int steps = 12;
            for (int i = 0; i <= steps; ++i) {
                const double angle = M_PI / 2 * i / steps;
                points.push_back(at + radius * std::sin(angle) * along +
                                 radius * (1 - std::cos(angle)) * left);
            }
        } else {
            const double angle = lead.angle * M_PI / 180;
            points = {at, at + length * (std::cos(angle) * along + std::sin(angle) * left)};
        }
        return points;
    };
    leads.in = build(way, -1);
    std::ranges::reverse(leads.in);
    leads.out = build(end, 1);
    return leads;
}

constexpr double exactLoop = 15; // grid units

class CuttingOut {
  public:
    CuttingOut(const Job& job) : job_(job), o_(job.operation), part_(job.part), radius_(o_.tool.radius()) {
        const double thickness = job.stock.high.z - job.stock.low.z;
        constexpr double quarter = 0.25, ofThickness = 0.03;
        pierceOff_ = radius_ + std::max(quarter, ofThickness * thickness);
    }

    std::vector<Chain> chains(Outcome& outcome) {
        const plane::Region around =
            plane::grown(job_.part, radius_ * unit, plane::Corners::round, exactLoop);
        std::vector<Chain> chains;
        std::vector<plane::Region> filled;
        for (const plane::Ring& ring : around.rings) {
            plane::Ring outer = ring;
            if (plane::areaOf(ring) < 0)
                std::ranges::reverse(outer);
            filled.push_back({{outer}});
        }
        std::vector<plane::Box> boxes;
        for (const plane::Region& one : filled)
            boxes.push_back(plane::boxOf(one));
        const auto lies = [&](plane::Point place, size_t within) {
            return boxes[within].meets({place, place}) && plane::contains(filled[within], place);
        };
        for (size_t r = 0; r < around.rings.size() && !job_.stop.stop_requested(); ++r) {
            const plane::Ring& ring = around.rings[r];
            int enclosed = 0;
            for (size_t other = 0; other < filled.size(); ++other)
                enclosed += other != r && lies(ring.front(), other) ? 1 : 0;
            if (!job_.hasEdge && enclosed == 0)
                continue;
            plane::Ring turned = ring;
            if (!o_.conventional)
                std::ranges::reverse(turned);
            const bool outside = plane::areaOf(ring) > 0;
            const bool isPart = outside && enclosed == 0;
            plane::Region piece = filled[r];
            if (!outside) { // without what lies within it; where it is narrower than the tool it is gone
                std::vector<plane::Region> islands;
                for (size_t other = 0; other < filled.size(); ++other)
                    if (other != r && lies(around.rings[other].front(), r) &&
                        plane::areaOf(around.rings[other]) > 0)
                        islands.push_back(filled[other]);
                if (!islands.empty())
                    piece = plane::without(piece, plane::united(islands));
                piece = plane::grown(piece, -radius_ * unit);
            }
            constexpr double crumb = 1; // mm²
            if (const double area = plane::areaOf(piece) / (double(unit) * unit);
                area > crumb && (!outside || !holds(Loop(turned))))
                outcome.loose[int(r)] = {0, isPart, inMm(ring.front()), area};
            for (Chain& chain : chainsOf(Loop(turned), outside, outcome)) {
                chain.after = enclosed;
                chain.shape = int(r);
                chains.push_back(std::move(chain));
            }
        }
        return chains;
    }

  private:
    bool isClear(const std::vector<Vector>& lead, bool pierces) const {
        const auto far = [&](Vector p) {
            const plane::Point there = plane::onGrid(unit * p);
            return part_.holds(there)
                       ? -1.0
                       : plane::toMillimetres(part_.distanceTo(unit * p, 4 * pierceOff_ * unit));
        };
        constexpr double step = 0.1, hair = 0.008; // mm: chords of the loop
        for (size_t i = 0; i + 1 < lead.size(); ++i) {
            const double length = plane::length(lead[i + 1] - lead[i]);
            const int steps = std::max(1, int(length / step));
            for (int k = 0; k <= steps; ++k)
                if (far(lead[i] + (double(k) / steps) * (lead[i + 1] - lead[i])) < radius_ - hair)
                    return false;
        }
        return !pierces || !o_.tool.burns() || far(lead.front()) >= pierceOff_ - hair;
    }

    struct Start {
        double way = 0;
        Leads leads{};
    };
    /// Where there is room for the leads: on straight runs first, and if it must be shorter ones.
    std::optional<Start> startOf(const Loop& loop) const {
        std::vector<std::pair<double, double>> places; // how straight, where
        for (size_t i = 0; i < loop.size(); ++i)
            places.emplace_back(-loop.sideLength(i), loop.startOf(i) + loop.sideLength(i) / 2);
        std::ranges::sort(places);
        constexpr size_t longest = 24;
        if (places.size() > longest)
            places.resize(longest);
        if (const auto byHand = nearestOf(loop, o_.startsAt)) { // and on from there where there is no room
            constexpr int steps = 24;
            std::vector<std::pair<double, double>> first{{0, *byHand}};
            for (int k = 1; k <= steps; ++k)
                for (const double side : {1.0, -1.0})
                    first.emplace_back(0, *byHand + side * k * loop.length() / (2 * steps));
            places.insert(places.begin(), first.begin(), first.end());
        }
        constexpr int evenly = 48;
        for (int i = 0; i < evenly; ++i)
            places.emplace_back(0, loop.length() * i / evenly);
        const double least = o_.tool.kind == ToolKind::torch ? pierceOff_ - radius_ : 0.2;
        Lead lead = o_.lead;
        if (lead.kind == LeadKind::none) // what pierces never does so on the part's edge
            lead = {LeadKind::line, 1.05 * least, 90};
        for (double length = lead.length;; length *= 0.7) {
            length = std::max(length, least);
            for (const auto& [straight, way] : places) {
                Start start{way, leadsAt(loop, way, way + overrun(), lead, length)};
                if (isClear(start.leads.in, true) && isClear(start.leads.out, false))
                    return start;
            }
            if (length <= least)
                return std::nullopt;
        }
    }
    double overrun() const { return o_.tool.burns() ? radius_ : 0.2; }

    std::vector<Chain> chainsOf(const Loop& loop, bool outside, Outcome& outcome) {
        const bool burns = o_.tool.burns();
        std::optional<Start> start;
        if (o_.lead.kind != LeadKind::none || o_.tool.kind == ToolKind::torch) {
            start = startOf(loop);
            outcome.noRoom += start ? 0 : 1;
        }
        const std::optional<double> byHand = nearestOf(loop, o_.startsAt);
        const double from = start ? start->way : byHand ? *byHand : straightest(loop);
        const double bottom = job_.stock.low.z - o_.through;
        const std::vector<double> levels = burns ? std::vector{job_.stock.high.z + o_.cutHeight}
                                                 : passesTo(job_.stock.high.z, bottom, o_.pass);
        const std::vector<double> tabs = outside && !burns ? tabsOf(loop) : std::vector<double>{};
        const auto spotAt = [&](double way) {
            const Vector p = loop.at(way);
            return Spot{p.x, p.y};
        };
        outcome.starts.push_back(spotAt(from));
        for (const double tab : tabs)
            outcome.tabs.push_back(spotAt(tab));
        std::vector<Chain> chains;
        for (const double z : levels) {
            Chain pass;
            pass.closed = true;
            if (start) {
                for (const Vector p : start->leads.in)
                    pass.points.push_back(at(p, z));
                pass.leadIn = pass.points.size() - 1;
                pass.points.pop_back();
            }
            addWay(pass, loop, from, from + loop.length(), z, tabs);
            if (start)
                addWay(pass, loop, from + loop.length(), from + loop.length() + overrun(), z, tabs);
            if (start) {
                for (size_t i = 1; i < start->leads.out.size(); ++i)
                    pass.points.push_back(at(start->leads.out[i], z));
                pass.leadOut = start->leads.out.size() - 1;
            }
            if (!start && !chains.empty()) // straight down where it ended
                chains.back().points.insert(chains.back().points.end(), pass.points.begin(),
                                            pass.points.end());
            else
                chains.push_back(std::move(pass));
        }
        return chains;
    }

    /// How near to an outline a place by hand must lie to be meant for it, mm.
    double nearEnough() const { return radius_ + 2; }
    /// The way along the loop of the place nearest to it; nothing when none is near.
    std::optional<double> nearestOf(const Loop& loop, const std::vector<Spot>& spots) const {
        std::optional<double> best;
        double least = nearEnough();
        for (const Spot& spot : spots)
            if (const auto [far, way] = loop.nearestTo({spot.x, spot.y}); far <= least) {
                least = far;
                best = way;
            }
        return best;
    }

    /// The middle of the longest side: no corner is where it begins.
    static double straightest(const Loop& loop) {
        size_t longest = 0;
        for (size_t i = 1; i < loop.size(); ++i)
            if (loop.sideLength(i) > loop.sideLength(longest))
                longest = i;
        return loop.startOf(longest) + loop.sideLength(longest) / 2;
    }

    /// Along the loop at that height, and over the tabs.
    void addWay(Chain& chain, const Loop& loop, double from, double to, double z,
                const std::vector<double>& tabs) const {
        const double top = job_.stock.low.z + o_.tab.height, half = o_.tab.width / 2 + radius_;
        struct Stretch {
            double from, to;
        };
        std::vector<Stretch> over;
        if (z < top)
            for (const double tab : tabs)
                for (int round = -1; round <= 2; ++round) {
                    const double middle = tab + round * loop.length();
                    const Stretch stretch{std::max(from, middle - half), std::min(to, middle + half)};
                    if (stretch.from < stretch.to)
                        over.push_back(stretch);
                }
        std::ranges::sort(over, {}, &Stretch::from);
        double here = from;
        const auto go = [&](double end, double height) {
            if (end <= here)
                return;
            for (const Vector p : loop.between(here, end))
                if (const space::Vertex there = at(p, height);
                    chain.points.empty() || !(chain.points.back() == there))
                    chain.points.push_back(there);
            here = end;
        };
        for (const Stretch& stretch : over) {
            go(stretch.from, z);
            go(stretch.to, top);
        }
        go(to, z);
    }

    bool holds(const Loop& loop) const { return !o_.tool.burns() && !tabsOf(loop).empty(); }

    /// Evenly spaced, each moved to the next straight run.
    std::vector<double> tabsOf(const Loop& loop) const {
        std::vector<double> tabs;
        for (const Spot& spot : o_.tabsAt)
            if (const auto [far, way] = loop.nearestTo({spot.x, spot.y}); far <= nearEnough())
                tabs.push_back(way);
        if (!tabs.empty())
            return tabs;
        const int count = o_.tabs > 0 || o_.tabSpacing <= 0
                              ? o_.tabs
                              : std::max(2, int(std::lround(loop.length() / o_.tabSpacing)));
        const double window = o_.tab.width / 2 + radius_ + 0.5, room = loop.length() / std::max(1, count);
        constexpr double bent = 0.35; // radians
        for (int i = 0; i < count; ++i) {
            if (room < 2 * window)
                break;
            const double wanted = (i + 0.5) * room;
            std::optional<double> best;
            constexpr int steps = 40;
            for (int k = 0; k <= steps && !best; ++k)
                for (const double side : {1.0, -1.0}) {
                    const double way = wanted + side * k * (room / 2 - window) / steps;
                    if (!best && loop.turnAround(way, window) < bent)
                        best = way;
                }
            if (best)
                tabs.push_back(*best);
        }
        return tabs;
    }

    const Job& job_;
    const Operation& o_;
    const plane::BoundaryIndex part_;
    double radius_, pierceOff_ = 0;
};

} // namespace

std::vector<Chain> cutOut(const Job& job, Outcome& outcome) {
    return job.part.empty() ? std::vector<Chain>{} : CuttingOut(job).chains(outcome);
}

} // namespace bollard::cut
