#include "plane/stretch.hpp"

namespace bollard::plane {
namespace {

using Bend = Stretch::Bend;

/// Along the bends from one of their coordinates to the other; they come again.
double along(const std::vector<Bend>& bends, double x, double Bend::*from, double Bend::*to) {
    const double turn = bends.back().*from - bends.front().*from;
    const double turns = std::floor((x - bends.front().*from) / turn);
    const double within = x - turns * turn;
    const auto next = std::ranges::upper_bound(bends, within, {}, from);
    const auto i = size_t(std::clamp<std::ptrdiff_t>(next - bends.begin(), 1, std::ssize(bends) - 1));
    const Bend &a = bends[i - 1], &b = bends[i];
    const double t = (within - a.*from) / (b.*from - a.*from);
    return a.*to + t * (b.*to - a.*to) + turns * (bends.back().*to - bends.front().*to);
}

} // namespace

double Stretch::toPlan(double x) const {
    const double scaled = x * scale;
    return bends ? along(*bends, scaled, &Bend::drawn, &Bend::plan) : scaled;
}

double Stretch::toDrawn(double x) const {
    return (bends ? along(*bends, x, &Bend::plan, &Bend::drawn) : x) / scale;
}

std::vector<Point> Stretch::path(Point a, Point b) const {
    std::vector<Point> path{toPlan(a)};
    if (bends && a.x != b.x) {
        const auto [low, high] = std::minmax(scale * a.x, scale * b.x);
        const double turn = bends->back().drawn - bends->front().drawn;
        std::vector<std::pair<double, double>> places; // how far along, plan x
        for (double k = std::floor((low - bends->front().drawn) / turn);
             bends->front().drawn + k * turn < high; ++k)
            for (size_t i = 0; i + 1 < bends->size(); ++i) // the last is the first of the next turn
                if (const double x = (*bends)[i].drawn + k * turn; x > low && x < high)
                    places.emplace_back((x / scale - a.x) / (double(b.x) - a.x), toPlan(x / scale));
        std::ranges::sort(places);
        for (const auto& [t, x] : places)
            path.push_back({onGrid(x), onGrid(a.y + t * (double(b.y) - a.y))});
    }
    path.push_back(toPlan(b));
    return path;
}

Region stretched(const Region& region, const Stretch& stretch) {
    if (stretch.none())
        return region;
    Region plan;
    for (const Ring& ring : region.rings) {
        Ring& own = plan.rings.emplace_back();
        for (size_t i = 0; i < ring.size(); ++i) {
            const std::vector<Point> path = stretch.path(ring[i], ring[(i + 1) % ring.size()]);
            own.insert(own.end(), path.begin(), path.end() - 1);
        }
        own.erase(std::unique(own.begin(), own.end()), own.end());
    }
    return plan;
}

Box stretched(Box box, const Stretch& stretch) {
    if (!box.empty() && !stretch.none()) {
        box.low = stretch.toPlan(box.low);
        box.high = stretch.toPlan(box.high);
    }
    return box;
}

} // namespace bollard::plane
