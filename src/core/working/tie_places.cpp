#include "plane/medial_axis.hpp"
#include "working/ties.hpp"
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>
#include <optional>

namespace bollard::working {
namespace {

using plane::Region, plane::Ring, plane::Vector;

constexpr double everywhere = std::numeric_limits<double>::infinity();

Vector along(double degrees) {
    const double turn = degrees * M_PI / 180;
    return {std::cos(turn), std::sin(turn)};
}
/// How far two lines are from running the same way, degrees, 0 to 90.
double between(double a, double b) {
    const double off = std::fabs(std::remainder(a - b, 180));
    return off;
}

/// What a strip meets on one of its lines: the walls nearest to its middle on both sides, and what comes
/// next.
struct Crossing {
    double near = everywhere, next = everywhere; ///< from the middle
    int ring = -1;
    int walls = 0;

    void meet(double at, int of) {
        ++walls;
        if (at < near) {
            next = near;
            near = at;
            ring = of;
        } else {
            next = std::min(next, at);
        }
    }
};

/// Where a strip's lines meet the cut's walls. The lines lie at shares of its width from its middle line.
template<size_t Lines> class Lined {
  public:
    Lined(const Region& cut, Vector at, double turn, double width, const std::array<double, Lines>& shares) {
        const Vector u = along(turn), v{-u.y, u.x};
        const double half = width * *std::ranges::max_element(shares);
        for (size_t r = 0; r < cut.rings.size(); ++r) {
            const Ring& ring = cut.rings[r];
            if (ring.empty())
                continue;
            Vector from = plane::vectorOf(ring.back()) - at;
            double a = plane::dot(from, v), ya = plane::dot(from, u);
            for (const plane::Point p : ring) {
                const Vector to = plane::vectorOf(p) - at;
                const double b = plane::dot(to, v), yb = plane::dot(to, u);
                if (std::min(a, b) <= half && std::max(a, b) >= -half && a != b)
                    for (size_t k = 0; k < Lines; ++k) {
                        const double line = width * shares[k];
                        if ((a <= line) == (b <= line))
                            continue;
                        const double y = ya + (yb - ya) * (line - a) / (b - a);
                        if (y > 0)
                            ahead[k].meet(y, int(r));
                        else
                            behind[k].meet(-y, int(r));
                    }
                a = b;
                ya = yb;
            }
        }
    }
    /// Its middle on each line is within the cut.
    bool within(size_t first, size_t last) const {
        for (size_t k = first; k <= last; ++k)
            if (ahead[k].walls % 2 == 0)
                return false;
        return true;
    }
    std::array<Crossing, Lines> ahead{}, behind{};
};

/// The widest of a tapered strip's ends, in its least width.
constexpr double taper = 1.5;
/// Ends reach so far into the material, so that nothing is left between. Grid units.
constexpr double intoMaterial = 200;

/// The parts of the plane that the cut leaves, by ring: 0 is what lies around it.
struct Lands {
    std::vector<int> ofRing{};
    struct Island {
        Vector middle{};
        double area = 0;
    };
    std::vector<Island> islands{}; ///< the first is number 1

    explicit Lands(const Region& cut) : ofRing(cut.rings.size()) {
        std::vector<size_t> holes;
        for (size_t r = 0; r < cut.rings.size(); ++r)
            if (const double area = plane::areaOf(cut.rings[r]); area < 0) {
                holes.push_back(r);
                islands.push_back({middleOf(cut.rings[r]), -area});
                ofRing[r] = int(islands.size());
            }
        for (size_t r = 0; r < cut.rings.size() && !holes.empty(); ++r) {
            if (ofRing[r] != 0)
                continue;
            double least = everywhere;
            for (const size_t hole : holes) {
                const double area = islands[size_t(ofRing[hole]) - 1].area;
                Ring turned = cut.rings[hole];
                std::ranges::reverse(turned);
                if (area < least && area > plane::areaOf(cut.rings[r]) &&
                    plane::contains({{turned}}, cut.rings[r].front())) {
                    least = area;
                    ofRing[r] = ofRing[hole];
                }
            }
        }
    }

  private:
    static Vector middleOf(const Ring& ring) {
        Vector sum{};
        double area = 0;
        const Vector origin = plane::vectorOf(ring.front());
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vector a = plane::vectorOf(ring[i]) - origin,
                         b = plane::vectorOf(ring[(i + 1) % ring.size()]) - origin;
            const double cross = a.x * b.y - a.y * b.x;
            area += cross;
            sum = sum + cross * (a + b);
        }
        return area == 0 ? origin : origin + (1 / (3 * area)) * sum;
    }
};

struct Candidate {
    TiePlace place{};
    double cost = everywhere;
};

class Tying {
  public:
    Tying(const Region& cut, const TieStyle& style)
        : cut_(cut), style_(style), lands_(cut), width_(style.width) {}

    std::vector<TiePlace> ties() {
        if (lands_.islands.empty() || !(style_.width > 0))
            return {};
        joined_.assign(lands_.islands.size() + 1, false);
        joined_[0] = true;
        findCandidates();
        joinAll();
        pairUp();
        // What is too small for the whole width is better held by less than not at all.
        for (const double share : {0.75, 0.5}) {
            if (std::ranges::find(joined_, false) == joined_.end())
                break;
            width_ = share * style_.width;
            candidates_.clear();
            findCandidates();
            joinAll();
        }
        std::vector<TiePlace> ties;
        for (const Chosen& chosen : chosen_)
            ties.push_back(chosen.place);
        return ties;
    }

  private:
    using Lands2 = std::pair<int, int>; // the smaller number first
    static constexpr int sectors = 24;  // round the second one's middle
    struct Chosen {
        Lands2 lands;
        TiePlace place;
        double cost;
    };

    const Lands::Island& island(int land) const { return lands_.islands[size_t(land) - 1]; }

    int sectorOf(Lands2 lands, Vector at) const {
        const Vector from = at - island(lands.second).middle;
        const double turn = std::atan2(from.y, from.x) / (2 * M_PI) + 0.5;
        return std::clamp(int(turn * sectors), 0, sectors - 1);
    }

    void findCandidates() {
        struct Sample {
            Vector at;
            double radius;
            double across; // degrees
            Lands2 lands;
        };
        std::vector<Sample> samples;
        const plane::Box box = plane::boxOf(cut_);
        const double extent = std::max(double(box.high.x) - box.low.x, double(box.high.y) - box.low.y);
        const double step = std::max(style_.width / 3, extent / 150);
        for (const plane::MedialEdge& edge : plane::medialAxis(cut_).edges) {
            if (!edge.inside)
                continue;
            const int a = lands_.ofRing[size_t(edge.firstRing)], b = lands_.ofRing[size_t(edge.secondRing)];
            if (a == b)
                continue;
            const Vector way = edge.to - edge.from;
            const double length = plane::length(way);
            const double across = std::atan2(way.y, way.x) * 180 / M_PI + 90;
            const int count = std::clamp(int(length / step), 1, 64);
            for (int i = 0; i < count; ++i) {
                const double t = (i + 0.5) / count;
                samples.push_back({edge.from + t * way,
                                   edge.radiusFrom + t * (edge.radiusTo - edge.radiusFrom), across,
                                   std::minmax(a, b)});
            }
        }
        std::ranges::sort(samples, {}, &Sample::radius);
        for (const Sample& sample : samples) {
            auto& found = candidates_[sample.lands];
            found.resize(sectors);
            Candidate& best = found[size_t(sectorOf(sample.lands, sample.at))];
            if (2 * sample.radius >= best.cost)
                continue;
            for (const double turn : turnsFor(sample.across)) {
                const Candidate candidate = tried(sample.at, turn, sample.lands);
                if (candidate.cost < best.cost)
                    best = candidate;
            }
        }
    }

    std::vector<double> turnsFor(double across) const {
        switch (style_.direction) {
        case TieDirection::asLetter:
            return {style_.baseline + 90, style_.baseline, across};
        case TieDirection::upright:
            return {style_.baseline + 90, across};
        case TieDirection::level:
            return {style_.baseline, across};
        case TieDirection::angle:
            return {style_.baseline + style_.angle, across};
        }
        return {};
    }

    /// From 1 where it runs as it should. A tie that cannot is better than none.
    double leaning(double turn) const {
        constexpr double asLetter = 0.6, levelCosts = 1.06, asTold = 4;
        switch (style_.direction) {
        case TieDirection::asLetter:
            return std::min(1 + asLetter * between(turn, style_.baseline + 90) / 45,
                            levelCosts + asLetter * between(turn, style_.baseline) / 45);
        case TieDirection::upright:
            return 1 + asTold * between(turn, style_.baseline + 90) / 90;
        case TieDirection::level:
            return 1 + asTold * between(turn, style_.baseline) / 90;
        case TieDirection::angle:
            return 1 + asTold * between(turn, style_.baseline + style_.angle) / 90;
        }
        return 1;
    }

    Candidate tried(Vector at, double turn, Lands2 lands) const {
        // The five in the middle must land; the outer ones tell of corners near by.
        static constexpr std::array shares{-0.8, -0.5, -0.25, 0.0, 0.25, 0.5, 0.8};
        const double width = width_ * (style_.tapered ? taper : 1);
        const Lined<shares.size()> lined(cut_, at, turn, width, shares);
        if (!lined.within(1, 5))
            return {};
        double ahead[2] = {everywhere, 0}, behind[2] = {everywhere, 0}, next[2] = {everywhere, everywhere};
        bool clear = true;
        const int there = landOf(lined.ahead[3]), here = landOf(lined.behind[3]);
        if (there < 0 || here < 0 || Lands2(std::minmax(there, here)) != lands)
            return {};
        for (size_t k = 0; k < shares.size(); ++k) {
            const bool lands2 = landOf(lined.ahead[k]) == there && landOf(lined.behind[k]) == here;
            if (k == 0 || k == 6) {
                clear = clear && lands2;
                continue;
            }
            if (!lands2)
                return {};
            ahead[0] = std::min(ahead[0], lined.ahead[k].near);
            ahead[1] = std::max(ahead[1], lined.ahead[k].near);
            behind[0] = std::min(behind[0], lined.behind[k].near);
            behind[1] = std::max(behind[1], lined.behind[k].near);
            next[0] = std::min(next[0], lined.ahead[k].next);
            next[1] = std::min(next[1], lined.behind[k].next);
        }
        // Both ends wholly on material
        if (next[0] < ahead[1] + 2 * intoMaterial || next[1] < behind[1] + 2 * intoMaterial)
            return {};
        const Vector u = along(turn), v{-u.y, u.x};
        const double forth = lined.ahead[3].near, back = lined.behind[3].near, length = forth + back;
        const Vector middle = at + 0.5 * (forth - back) * u;
        const double uneven = ahead[1] - ahead[0] + behind[1] - behind[0];
        constexpr double beside = 0.35, nearCorner = 1.3, bySlant = 0.5;
        const double aside = std::fabs(plane::dot(middle - island(lands.second).middle, v));
        const double cost =
            ((length + bySlant * uneven) * leaning(turn) + beside * aside) * (clear ? 1 : nearCorner);
        return {{middle, std::remainder(turn, 180), length, width_}, cost};
    }

    int landOf(const Crossing& crossing) const {
        return crossing.ring < 0 ? -1 : lands_.ofRing[size_t(crossing.ring)];
    }

    /// As few as hang everything on to what lies around; what hangs on to another island costs more.
    void joinAll() {
        constexpr double byAnother = 1.25;
        for (;;) {
            std::optional<Chosen> best;
            for (const auto& [lands, found] : candidates_) {
                if (joined_[size_t(lands.first)] == joined_[size_t(lands.second)])
                    continue;
                for (const Candidate& candidate : found) {
                    const double cost = candidate.cost * (lands.first == 0 ? 1 : byAnother);
                    if (cost < (best ? best->cost : everywhere))
                        best = Chosen{lands, candidate.place, cost};
                }
            }
            if (!best)
                return;
            joined_[size_t(best->lands.first)] = joined_[size_t(best->lands.second)] = true;
            chosen_.push_back(*best);
        }
    }

    bool isWide(int land) const {
        constexpr double inWidths = 4, ofCut = 0.25;
        const plane::Box box = plane::boxOf(cut_);
        const double size = std::sqrt(island(land).area);
        return size >= inWidths * style_.width &&
               size >= ofCut * std::min(double(box.high.x) - box.low.x, double(box.high.y) - box.low.y);
    }

    /// A second one, on the opposite side.
    void pairUp() {
        if (style_.count == TieCount::one)
            return;
        for (int land = 1; land <= int(lands_.islands.size()); ++land) {
            const auto holds = [&](const Chosen& chosen) {
                return chosen.lands.first == land || chosen.lands.second == land;
            };
            const auto first = std::ranges::find_if(chosen_, holds);
            const bool asked = style_.count == TieCount::two;
            if (first == chosen_.end() || std::ranges::count_if(chosen_, holds) > 1 ||
                (!asked && !isWide(land)))
                continue;
            const Vector middle = island(land).middle, to = first->place.at - middle;
            std::optional<Chosen> best;
            for (const auto& [lands, found] : candidates_) {
                if (lands.first != land && lands.second != land)
                    continue;
                for (const Candidate& candidate : found) {
                    const Vector other = candidate.place.at - middle;
                    const double lengths = plane::length(to) * plane::length(other);
                    if (!(candidate.cost < everywhere) || !(lengths > 0))
                        continue;
                    const double facing =
                        std::acos(std::clamp(plane::dot(to, other) / lengths, -1.0, 1.0)) * 180 / M_PI;
                    constexpr double least = 100;
                    const double cost = candidate.cost * (1 + (180 - facing) / 60);
                    if (facing >= least && cost < (best ? best->cost : everywhere))
                        best = Chosen{lands, candidate.place, cost};
                }
            }
            constexpr double worthIt = 3; // of what the first one costs
            if (best && (asked || best->cost <= worthIt * first->cost))
                chosen_.push_back(*best);
        }
    }

    const Region& cut_;
    const TieStyle style_;
    const Lands lands_;
    double width_;             ///< of the ties that are tried
    std::vector<bool> joined_; ///< by land
    std::map<Lands2, std::vector<Candidate>> candidates_;
    std::vector<Chosen> chosen_;
};

} // namespace

std::vector<TiePlace> tiesOf(const Region& cut, const TieStyle& style) {
    return Tying(cut, style).ties();
}

Region stripOf(const Region& cut, const TiePlace& place, const TieStyle& style) {
    static constexpr std::array shares{-0.5, -0.25, 0.0, 0.25, 0.5};
    const double width = place.width > 0 ? place.width : style.width;
    const double wide = width * (style.tapered ? taper : 1);
    const Lined<shares.size()> lined(cut, place.at, place.turn, wide, shares);
    if (!(width > 0) || !lined.within(2, 2))
        return {};
    double ahead = 0, behind = 0;
    for (size_t k = 0; k < shares.size(); ++k) {
        if (lined.ahead[k].walls % 2 == 0) // its corner begins on material
            continue;
        ahead = std::max(ahead, lined.ahead[k].near);
        behind = std::max(behind, lined.behind[k].near);
    }
    if (!(ahead < everywhere) || !(behind < everywhere))
        return {};
    ahead += intoMaterial;
    behind += intoMaterial;
    const Vector u = along(place.turn), v{-u.y, u.x};
    const auto corner = [&](double forth, double aside) {
        return plane::onGrid(place.at + forth * u + aside * v);
    };
    const double half = width / 2, end = wide / 2, waist = (ahead - behind) / 2;
    Ring ring{corner(-behind, -end)};
    if (style.tapered)
        ring.push_back(corner(waist, -half));
    ring.push_back(corner(ahead, -end));
    ring.push_back(corner(ahead, end));
    if (style.tapered)
        ring.push_back(corner(waist, half));
    ring.push_back(corner(-behind, end));
    return plane::filled({ring});
}

} // namespace bollard::working
