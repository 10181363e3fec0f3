#include "cut/shop.hpp"
#include "quantity/field.hpp"
#include <cmath>

namespace bollard::cut {
namespace {

const std::string& keyOf(const RackTool& tool) {
    return tool.tool.name;
}
const std::string& keyOf(const Machine& machine) {
    return machine.name;
}
const std::string& keyOf(const Dialect& dialect) {
    return dialect.name;
}
const std::string& keyOf(const LastJob& job) {
    return job.process;
}

template<class One> const One* called(const std::vector<One>& all, std::string_view name) {
    for (const One& one : all)
        if (keyOf(one) == name)
            return &one;
    return nullptr;
}
template<class One> void put(std::vector<One>& all, One one) {
    for (One& there : all)
        if (keyOf(there) == keyOf(one)) {
            there = std::move(one);
            return;
        }
    all.push_back(std::move(one));
}

std::string_view usualName(OperationKind kind) {
    switch (kind) {
    case OperationKind::scribe:
        return "Point 30";
    case OperationKind::carve:
        return "V 60";
    case OperationKind::pocket:
        return "Flat 1.5";
    case OperationKind::drill:
        return "Drill 3";
    case OperationKind::raster:
        return "Ball 3";
    case OperationKind::cutOut:
    case OperationKind::clear:
        break;
    }
    return "Flat 3";
}

} // namespace

const RackTool* Shop::tool(std::string_view name) const {
    return called(rack, name);
}
const Machine* Shop::machine(std::string_view name) const {
    return called(machines, name);
}
const Dialect* Shop::dialect(std::string_view name) const {
    return called(dialects, name);
}
const LastJob* Shop::lastJob(std::string_view process) const {
    return called(lastJobs, process);
}

const RackTool& Shop::usualTool(OperationKind kind) const {
    const RackTool* const usual = tool(usualName(kind));
    return usual ? *usual : rack.empty() ? shippedRack().front() : rack.front();
}

Feeds Shop::feedsOf(const Tool& tool, const std::string& material) const {
    const RackTool* best = this->tool(tool.name);
    if (!best)
        for (const RackTool& one : rack)
            if (one.tool.kind == tool.kind && (!best || std::fabs(one.tool.radius() - tool.radius()) <
                                                            std::fabs(best->tool.radius() - tool.radius())))
                best = &one;
    if (!best || best->feeds.empty())
        return {};
    const Feeds* of = &best->feeds.front();
    for (const Feeds& feeds : best->feeds)
        if (feeds.material == material)
            of = &feeds;
    Feeds feeds = *of;
    if (feeds.chip > 0)
        feeds.feed = feeds.chip * std::max(best->tool.flutes, 1) * feeds.speed;
    return feeds;
}

Operation Shop::resolved(Operation operation, const std::string& material) const {
    const bool ofRack = operation.tool.kind == ToolKind::none;
    if (ofRack) {
        const RackTool* const named = tool(operation.tool.name);
        operation.tool = (named ? *named : usualTool(operation.kind)).tool;
    }
    const Feeds feeds = feedsOf(operation.tool, material);
    const auto tell = [](double& number, double usual) { number = number > 0 ? number : usual; };
    tell(operation.feed, feeds.feed);
    tell(operation.plunge, feeds.plunge);
    tell(operation.speed, feeds.speed);
    if (ofRack) {
        tell(operation.pass, feeds.pass);
        tell(operation.stepover, feeds.stepover);
    }
    return operation;
}

void Shop::keep(RackTool tool) {
    put(rack, std::move(tool));
}
void Shop::keep(Machine machine) {
    put(machines, std::move(machine));
}
void Shop::keep(Dialect dialect) {
    put(dialects, std::move(dialect));
}
void Shop::keep(LastJob job) {
    put(lastJobs, std::move(job));
}

const Shop& shippedShop() {
    static const Shop shop{shippedRack(), shippedMachines(), shippedDialects(), {}};
    return shop;
}

Shop withOwn(const Shop& own) {
    Shop all = shippedShop();
    const auto keepAll = [&](const auto& list) {
        for (const auto& one : list)
            all.keep(one);
    };
    keepAll(own.rack);
    keepAll(own.machines);
    keepAll(own.dialects);
    keepAll(own.lastJobs);
    return all;
}

} // namespace bollard::cut

namespace bollard::quantity {

using namespace cut;

template<> const PartFields& fieldsOf<LastJob>() {
    static const PartFields fields = std::move(Describing<LastJob>()
                                                   .text("process", &LastJob::process)
                                                   .about("its kind")
                                                   .part("zero", &LastJob::zero)
                                                   .about("where the machine's zero was"));
    return fields;
}

template<> const PartFields& fieldsOf<Shop>() {
    static const PartFields fields = std::move(Describing<Shop>()
                                                   .parts("rack", &Shop::rack)
                                                   .about("tools, and how they go through materials")
                                                   .parts("machines", &Shop::machines)
                                                   .about("what carries the tools")
                                                   .parts("dialects", &Shop::dialects)
                                                   .about("how files for machines are written")
                                                   .parts("lastJobs", &Shop::lastJobs)
                                                   .about("the last file for each process"));
    return fields;
}

} // namespace bollard::quantity
