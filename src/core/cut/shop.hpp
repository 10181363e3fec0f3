// What a shop has at hand: machines, tools, and how files for them are written.
#pragma once
#include "cut/dialect.hpp"
#include "cut/machine.hpp"
#include "cut/rack.hpp"
#include "cut/stock.hpp"

namespace bollard::cut {

/// Where the zero was when a file was last written for a process.
struct LastJob {
    std::string process{}; ///< its kind
    Zero zero{};
    bool operator==(const LastJob&) const = default;
};

struct Shop {
    std::vector<RackTool> rack{};
    std::vector<Machine> machines{};
    std::vector<Dialect> dialects{};
    std::vector<LastJob> lastJobs{};
    bool operator==(const Shop&) const = default;

    /// Those of a name; null when there is none.
    const RackTool* tool(std::string_view name) const;
    const Machine* machine(std::string_view name) const;
    const Dialect* dialect(std::string_view name) const;
    const LastJob* lastJob(std::string_view process) const;

    /// The usual tool for an operation; of a rack that lacks it, the first.
    const RackTool& usualTool(OperationKind kind) const;
    /// How a tool goes through a material: of the rack's tool, else of one of that kind as near in size.
    Feeds feedsOf(const Tool& tool, const std::string& material) const;
    /// The operation with its tool from the rack, and feeds where it tells none. A tool that is told by its
    /// name also brings how deep it goes at a time, and how far it steps over.
    Operation resolved(Operation operation, const std::string& material) const;

    /// Puts it in the place of the one of its name, or behind the others.
    void keep(RackTool tool);
    void keep(Machine machine);
    void keep(Dialect dialect);
    void keep(LastJob job);
};

/// What ships.
const Shop& shippedShop();
/// What ships, with a person's own: theirs stand in the place of those of the same name.
Shop withOwn(const Shop& own);

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::LastJob>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Shop>();
