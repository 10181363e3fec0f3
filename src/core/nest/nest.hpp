// Parts laid onto sheets by their true outlines.
#pragma once
#include "plane/region.hpp"
#include <optional>
#include <span>
#include <stop_token>
#include <string_view>
#include <vector>

namespace bollard::nest {

/// How parts may be turned: grain, or a pattern, may forbid it.
enum class Turning { none, half, quarter, any };
/// By its name (none, half, quarter, any); nothing for another.
std::optional<Turning> turningCalled(std::string_view name);
std::string_view nameOf(Turning turning);

/// What parts are laid on, mm; its origin is its lower left.
struct Board {
    double width = 600, height = 400;
    double spacing = 3; ///< at least so far apart
    double margin = 5;  ///< at least so far from the edge
    Turning turning = Turning::none;
    bool operator==(const Board&) const = default;
};

/// Where a part lies: as it is drawn, turned counter-clockwise about its origin by `turn` degrees, then
/// moved.
struct Place {
    int part = 0; ///< which of those given
    double turn = 0;
    plane::Vector at{}; ///< mm
};

struct Sheet {
    std::vector<Place> places{}; ///< by their parts' number
    double used = 0;             ///< area of the parts, holes off, by the sheet's
    double reach = 0;            ///< how far up parts reach, mm
};

struct Nest {
    std::vector<Sheet> sheets{};
    std::vector<int> tooLarge{}; ///< those that go on no sheet however they are turned
};

/// Lays parts (grid units, as they are drawn) onto as few sheets as it finds, the last one as low as it
/// finds. Of several that are alike the first given lie first, from the lower left on. Nothing lies in holes.
/// Never worse than boxes on shelves, first fit, highest first. The same for the same parts; stopped, without
/// those that had no place yet.
Nest nestOf(std::span<const plane::Region> parts, const Board& board, const std::stop_token& stop = {});

} // namespace bollard::nest
