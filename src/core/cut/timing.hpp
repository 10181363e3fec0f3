// How long moves take.
#pragma once
#include "space/vertex.hpp"
#include <span>

namespace bollard::cut {

/// A move in a straight line to a point, mm, at most so fast, mm/min.
struct TimedMove {
    space::Vertex to{};
    double feed = 0;
};

/// Seconds of moves one after the other from a standing start to a stop, with that acceleration (mm/s²):
/// each is as fast as it may be, as it can become, and as the corners at its ends allow. At a corner the way
/// may be cut short by 0.01 mm: v² = a d sin(t/2) / (1 - sin(t/2)), t the angle between the two ways. O(n).
double secondsOf(const space::Vertex& from, std::span<const TimedMove> moves, double acceleration);

} // namespace bollard::cut
