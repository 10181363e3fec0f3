#include "check/limits.hpp"
#include <array>
#include <cmath>

namespace bollard::check {
namespace {

struct Row {
    Limit limit;
    std::string_view name;
};
constexpr std::array rows{
    Row{Limit::strokeStop, "strokeStop"},
    Row{Limit::strokeWatch, "strokeWatch"},
    Row{Limit::gapStop, "gapStop"},
    Row{Limit::gapWatch, "gapWatch"},
    Row{Limit::neckStop, "neckStop"},
    Row{Limit::floorStop, "floorStop"},
    Row{Limit::floorWatch, "floorWatch"},
    Row{Limit::heightWatch, "heightWatch"},
    Row{Limit::heightPerStroke, "heightPerStroke"},
    Row{Limit::beddingWatch, "beddingWatch"},
};
static_assert(rows.size() == limits);

} // namespace

std::string_view nameOf(Limit limit) {
    return rows[size_t(limit)].name;
}

std::string_view nameOf(working::Kind kind) {
    constexpr std::array<std::string_view, working::kinds> names{"raised", "sunk", "pierced", "free-standing",
                                                                 "scribed"};
    return names[size_t(kind)];
}

double lineWidth(const FilamentProcess& process) {
    return std::round(1.05e6 * process.nozzle) / 1e6; // 0.42 for 0.4, not 0.42000000000000004
}

double startingLimit(const FilamentProcess& process, working::Kind kind, Limit limit) {
    const double line = lineWidth(process);
    const bool standing = kind == working::Kind::raised || kind == working::Kind::freeStanding;
    const bool sunk = kind == working::Kind::sunk || kind == working::Kind::scribed;
    switch (limit) {
    case Limit::strokeStop:
        return standing ? line : 0.5 * process.nozzle;
    case Limit::strokeWatch:
        return standing ? 2 * line : process.nozzle;
    case Limit::gapStop:
        return standing ? 0.5 * process.nozzle : line;
    case Limit::gapWatch:
        return standing ? process.nozzle : 2 * line;
    case Limit::neckStop:
        return kind == working::Kind::pierced || kind == working::Kind::freeStanding ? 2 * line : 0;
    case Limit::floorStop:
        return sunk ? 2 * process.layer : 0;
    case Limit::floorWatch:
        return sunk ? 4 * process.layer : 0;
    case Limit::heightWatch:
        return standing ? 2 * process.layer : 0;
    case Limit::heightPerStroke:
        return standing ? 4 : 0;
    case Limit::beddingWatch:
        return kind == working::Kind::raised ? process.layer : 0;
    }
    return 0;
}

double limitOf(const FilamentProcess& process, working::Kind kind, Limit limit) {
    const auto own = process.own.find({kind, limit});
    return own == process.own.end() ? startingLimit(process, kind, limit) : own->second;
}

} // namespace bollard::check
