// What a process cannot go below or above.
#pragma once
#include "working/working.hpp"
#include <map>
#include <string_view>
#include <utility>

namespace bollard::check {

/// The numbers that findings are measured against; mm, except heightPerStroke (times the narrowest stroke).
enum class Limit {
    strokeStop, ///< raised: stroke; sunk and pierced: opening
    strokeWatch,
    gapStop, ///< raised: gap and counter; sunk and pierced: the land left between
    gapWatch,
    neckStop,  ///< material that alone holds two parts together
    floorStop, ///< under sunk letters
    floorWatch,
    heightWatch, ///< lower than this
    heightPerStroke,
    beddingWatch
};
constexpr int limits = 10;

/// The name of a limit in cards: strokeStop and so on.
std::string_view nameOf(Limit limit);
/// raised, sunk, pierced, free-standing.
std::string_view nameOf(working::Kind kind);

/// Filament printing. Lengths in mm.
struct FilamentProcess {
    double nozzle = 0.4;
    double layer = 0.2;
    /// Limits set by hand instead of worked out from nozzle and layer.
    std::map<std::pair<working::Kind, Limit>, double> own{};
    bool operator==(const FilamentProcess&) const = default;
};

/// The width of a printed line: 1.05 times the nozzle.
double lineWidth(const FilamentProcess& process);

/// The limit worked out from nozzle and layer; 0 where the working has no such limit.
double startingLimit(const FilamentProcess& process, working::Kind kind, Limit limit);
/// The limit in force: by hand, else worked out.
double limitOf(const FilamentProcess& process, working::Kind kind, Limit limit);

} // namespace bollard::check
