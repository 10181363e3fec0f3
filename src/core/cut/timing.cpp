#include "cut/timing.hpp"
#include <algorithm>
#include <cmath>
#include <vector>

namespace bollard::cut {

double secondsOf(const space::Vertex& from, std::span<const TimedMove> moves, double acceleration) {
    struct Leg {
        space::Vertex way;
        double length, speed;
    };
    std::vector<Leg> legs;
    space::Vertex here = from;
    for (const TimedMove& move : moves) {
        const space::Vertex way = move.to - here;
        const double length = space::length(way);
        if (length > 1e-9 && move.feed > 0)
            legs.push_back({way, length, move.feed / 60});
        here = move.to;
    }
    if (legs.empty() || !(acceleration > 0))
        return 0;
    constexpr double cutShort = 0.01;
    std::vector<double> squared(legs.size() + 1, 0); // of the speed at each corner
    for (size_t i = 1; i < legs.size(); ++i) {
        const Leg &a = legs[i - 1], &b = legs[i];
        // From one way turned back to the other: 180 degrees where it goes straight on.
        const double cosine = std::clamp(-space::dot(a.way, b.way) / (a.length * b.length), -1.0, 1.0);
        const double half = std::sqrt((1 - cosine) / 2); // sin(t / 2)
        const double most = std::min(a.speed, b.speed);
        squared[i] = half > 1 - 1e-9 ? most * most
                                     : std::min(most * most, acceleration * cutShort * half / (1 - half));
    }
    for (size_t i = 0; i < legs.size(); ++i)
        squared[i + 1] = std::min(squared[i + 1], squared[i] + 2 * acceleration * legs[i].length);
    for (size_t i = legs.size(); i-- > 0;)
        squared[i] = std::min(squared[i], squared[i + 1] + 2 * acceleration * legs[i].length);
    double seconds = 0;
    for (size_t i = 0; i < legs.size(); ++i) {
        const double in = squared[i], out = squared[i + 1];
        // As fast as it gets when it speeds up and slows down again on its way
        const double peak = std::sqrt(
            std::min(legs[i].speed * legs[i].speed, (in + out) / 2 + acceleration * legs[i].length));
        const double gained = (peak * peak - in) / (2 * acceleration),
                     lost = (peak * peak - out) / (2 * acceleration);
        const double even = std::max(0.0, legs[i].length - gained - lost);
        seconds += (peak - std::sqrt(in)) / acceleration + (peak - std::sqrt(out)) / acceleration;
        seconds += peak > 0 ? even / peak : 0;
    }
    return seconds;
}

} // namespace bollard::cut
