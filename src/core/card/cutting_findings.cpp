#include "card/cutting_findings.hpp"
#include <cmath>
#include <map>

namespace bollard::card {
namespace {

using check::Finding, check::FindingKind, check::Severity;

class Finder {
  public:
    Finder(const Card& card, const cut::Cutting& cutting, const cut::Shop& shop)
        : card_(card), cutting_(cutting), shop_(shop) {}

    std::vector<Finding> find() {
        if (cutting_.paths.empty())
            return {};
        if (!shop_.dialect(cutting_.machine.dialect))
            add(FindingKind::dialectUnknown, Severity::stop, 0, 0).subject = cutting_.machine.dialect;
        const cut::LastJob* const last = shop_.lastJob(card_.process.kind.name());
        if (last && !(last->zero == card_.zero))
            add(FindingKind::zeroMoved, Severity::note, 0, 0);
        if (cutting_.mounting) {
            bar(*cutting_.mounting);
            roundTravel(*cutting_.mounting);
        } else {
            stock();
            travel();
        }
        freed();
        for (const cut::Toolpath& path : cutting_.paths)
            operation(path);
        return std::move(found_);
    }

  private:
    Finding& add(FindingKind kind, Severity severity, double measured, double limit,
                 const cut::Toolpath* path = nullptr, int inscription = -1) {
        Finding finding;
        if (path) {
            finding.operation = path->number;
            finding.subject = nameOf(*path);
        }
        finding.kind = kind;
        finding.severity = severity;
        finding.measured = measured;
        finding.limit = limit;
        finding.inscription = inscription;
        finding.whenAbove = measured > limit;
        return found_.emplace_back(std::move(finding));
    }
    static std::string nameOf(const cut::Toolpath& path) {
        return std::string(cut::nameOf(path.job.operation.kind)) + " " + std::to_string(path.number + 1);
    }

    /// A bar: the blank lies within it and near its surface, the words on the blank, and the tool beside the
    /// chuck.
    void bar(const cut::Mounting& on) {
        constexpr double hair = 0.01, mostAbove = 0.5;
        const cut::RoundStock& stock = on.stock;
        const double thin = 2 * (on.radius - stock.radius);
        const double beyond = std::max(stock.from, on.axisLength - stock.to);
        if (thin > hair || beyond > hair)
            add(FindingKind::partOutsideStock, Severity::stop, std::max(thin, beyond), 0);
        // What a raster does not take off before
        const double above = stock.radius - on.radius;
        bool taken = false;
        for (const cut::Toolpath& path : cutting_.paths) {
            const cut::Operation& o = path.job.operation;
            if (o.kind == cut::OperationKind::raster)
                taken = taken || !path.chains.empty();
            else if (!path.chains.empty() && !taken && above > mostAbove) {
                add(FindingKind::stockProud, Severity::stop, above, mostAbove, &path);
                break;
            }
        }
        for (const cut::Toolpath& path : cutting_.paths)
            onBar(path, on);
    }

    void onBar(const cut::Toolpath& path, const cut::Mounting& on) {
        const cut::Operation& o = path.job.operation;
        constexpr double hair = 1e-6;
        if (!cutting_.takes(o.kind)) {
            add(FindingKind::notRound, Severity::stop, 0, 0, &path);
            return;
        }
        const bool isRaster = o.kind == cut::OperationKind::raster;
        const double radius = o.tool.radius();
        double inChuck = 0, beside = 0, deepest = 0;
        for (const cut::MountedChain& chain : path.mounted)
            for (const cut::MachinePlace& place : chain.places) {
                inChuck = std::max(inChuck, on.stock.inChuck(place.along, radius));
                beside = std::max({beside, on.stock.from - place.along, place.along - on.stock.to});
                deepest = std::max(deepest, on.turns ? on.radius - place.height : 0);
            }
        for (const cut::Chain& chain : path.chains)
            for (const space::Vertex& p : chain.points)
                if (!isRaster)
                    beside = std::max({beside, -p.y, p.y - on.length});
        if (inChuck > hair)
            add(FindingKind::inChuck, Severity::stop, inChuck, 0, &path);
        if (beside > hair)
            add(FindingKind::cutOutsideStock, Severity::stop, beside, 0, &path);
        if (deepest > on.radius - hair && on.turns)
            add(FindingKind::deeperThanStock, Severity::stop, deepest, on.radius, &path);
        if (const double most = cut::Mounting::steepestFor(o.tool); path.steepest > most) {
            Finding& steep = add(FindingKind::placeSteep, Severity::stop, path.steepest, most, &path);
            check::FindingPlace& place = steep.places.emplace_back();
            place.at = plane::unitsPerMillimetre * path.steepAt;
        }
    }

    /// Of a bar, with the tool in the air above it; of an axis each of its numbers.
    void roundTravel(const cut::Mounting& on) {
        cut::MachinePlace low{1e9, 1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9, -1e9};
        for (const cut::Toolpath& path : cutting_.paths)
            for (const cut::MountedChain& chain : path.mounted)
                for (const cut::MachinePlace& p : chain.places) {
                    low = {std::min(low.across, p.across), std::min(low.along, p.along),
                           std::min(low.height, p.height), std::min(low.angle, p.angle)};
                    high = {std::max(high.across, p.across), std::max(high.along, p.along),
                            std::max(high.height, path.clearance + on.radius), std::max(high.angle, p.angle)};
                }
        if (low.along > high.along)
            return;
        const cut::RotaryAxis& axis = cutting_.machine.axis;
        const bool alongX = on.turns && axis.along == cut::AxisAlong::x;
        const double across = high.across - low.across, along = high.along - low.along;
        const std::array<std::pair<double, const char*>, 3> spans{{{alongX ? along : across, "x"},
                                                                   {alongX ? across : along, "y"},
                                                                   {high.height - low.height, "z"}}};
        for (size_t i = 0; i < spans.size(); ++i)
            if (const double most = cutting_.machine.travel[i]; most > 0 && spans[i].first > most)
                add(FindingKind::beyondTravel, Severity::stop, spans[i].first, most).subject =
                    spans[i].second;
        if (!on.turns)
            return;
        const double least = axis.reverse ? -high.angle : low.angle,
                     most = axis.reverse ? -low.angle : high.angle;
        if (least < axis.travel.x || most > axis.travel.y) {
            const bool under = least < axis.travel.x;
            add(FindingKind::beyondTravel, Severity::stop, under ? least : most,
                under ? axis.travel.x : axis.travel.y)
                .subject = std::string(1, axis.word());
        }
    }

    /// The part, the words and the tools stay within it.
    void stock() {
        const cut::Block &part = cutting_.blank, &stock = cutting_.stock;
        constexpr double hair = 1e-6;
        const double over =
            std::max({stock.low.x - part.low.x, stock.low.y - part.low.y, part.high.x - stock.high.x,
                      part.high.y - stock.high.y, stock.low.z - part.low.z});
        if (over > hair)
            add(FindingKind::partOutsideStock, Severity::stop, over, 0);
        space::Vertex low{1e9, 1e9, 0}, high{-1e9, -1e9, 0};
        double outside = 0;
        for (const cut::Toolpath& path : cutting_.paths)
            for (const cut::Chain& chain : path.chains)
                for (const space::Vertex& p : chain.points) {
                    const double beyond = std::max(
                        {stock.low.x - p.x, stock.low.y - p.y, p.x - stock.high.x, p.y - stock.high.y});
                    const bool cutsOut = path.job.operation.kind == cut::OperationKind::cutOut;
                    if (!cutsOut)
                        outside = std::max(outside, beyond);
                    low = {std::min(low.x, p.x), std::min(low.y, p.y), 0};
                    high = {std::max(high.x, p.x), std::max(high.y, p.y), 0};
                }
        if (outside > hair)
            add(FindingKind::cutOutsideStock, Severity::stop, outside, 0);
        for (const cut::Toolpath& path : cutting_.paths) {
            const cut::Operation& o = path.job.operation;
            const double thickness = stock.high.z - stock.low.z;
            if (o.kind == cut::OperationKind::cutOut) {
                const double margin = std::min({part.low.x - stock.low.x, part.low.y - stock.low.y,
                                                stock.high.x - part.high.x, stock.high.y - part.high.y});
                const double wide = 2 * o.tool.radius();
                if (card_.blank.kind != blank::Kind::none && margin < wide && o.of.empty())
                    add(FindingKind::marginNarrow, Severity::watch, std::max(margin, 0.0), wide, &path);
                if (part.high.z - part.low.z < thickness - hair)
                    add(FindingKind::stockThicker, Severity::watch, thickness, part.high.z - part.low.z,
                        &path);
                continue;
            }
            const double deep = stock.high.z - path.deepest;
            const bool drills = o.kind == cut::OperationKind::drill;
            if (!drills && deep > thickness + hair)
                add(FindingKind::deeperThanStock, Severity::stop, deep, thickness, &path);
        }
    }

    void travel() {
        for (Finding& finding : beyondTravel(cutting_))
            found_.push_back(std::move(finding));
    }

    /// What is cut free, and when.
    void freed() {
        const cut::Toolpath* freeing = nullptr;
        for (const cut::Toolpath& path : cutting_.paths) {
            const cut::Operation& o = path.job.operation;
            if (freeing && !path.chains.empty())
                add(FindingKind::looseBefore, Severity::watch, 0, 0, &path).subject = nameOf(*freeing);
            if (o.kind != cut::OperationKind::cutOut || path.chains.empty())
                continue;
            // Waste within the part; what a torch cuts falls through the grate
            const auto pieces = int(std::ranges::count(path.freed, false, &cut::Freed::isPart));
            if (pieces > 0 && !o.tool.burns())
                add(FindingKind::innerLoose, Severity::watch, pieces, 0, &path).count = pieces;
            if (std::ranges::any_of(path.freed, &cut::Freed::isPart))
                freeing = &path;
        }
    }

    void operation(const cut::Toolpath& path) {
        const cut::Operation& o = path.job.operation;
        constexpr double hair = 1e-6;
        const double deep = path.job.stock.high.z - path.deepest;
        if (!o.tool.burns() && deep > o.tool.flute + hair)
            add(FindingKind::deeperThanFlutes, Severity::stop, deep, o.tool.flute, &path);
        const cut::Machine& machine = cutting_.machine;
        if (o.tool.turns() && (o.speed > machine.speedMost || o.speed < machine.speedLeast))
            add(FindingKind::speedBeyond, Severity::watch, o.speed,
                o.speed > machine.speedMost ? machine.speedMost : machine.speedLeast, &path);
        if (machine.torch ? o.tool.turns() : o.tool.burns() && machine.speedLeast > 0)
            add(FindingKind::machineLacks, Severity::watch, 0, 0, &path);
        if (path.noRoom > 0) {
            add(FindingKind::leadNoRoom, Severity::watch, path.noRoom, 0, &path).count = path.noRoom;
        }
        if (o.kind == cut::OperationKind::raster)
            return; // what stays of it is what is wanted
        // Nothing is cut of an inscription whose every stroke is narrower than the tool
        std::map<int, std::pair<int, int>> ofInscription; // shapes, and those without a way
        std::vector<bool> reached(path.job.shapes.size());
        for (const cut::Chain& chain : path.chains)
            if (chain.shape >= 0 && size_t(chain.shape) < reached.size())
                reached[size_t(chain.shape)] = true;
        for (size_t i = 0; i < path.job.shapes.size(); ++i) {
            auto& [all, without] = ofInscription[path.job.shapes[i].inscription];
            ++all;
            without += reached[i] ? 0 : 1;
        }
        const double wide = o.tool.narrowest();
        for (const auto& [inscription, shapes] : ofInscription)
            if (shapes.second > 0) {
                const bool every = shapes.second == shapes.first;
                add(FindingKind::toolWide, every ? Severity::stop : Severity::watch, wide, 0, &path,
                    inscription)
                    .count = shapes.second;
            }
        // Told twice, and differently
        for (const std::string& id : o.of)
            if (const int number = inscriptionCalled(card_, id); number >= 0) {
                const working::Working& working = card_.inscriptions[size_t(number)].working;
                const double told = o.kind == cut::OperationKind::carve ? o.depthCap : o.depth;
                const bool has = working::leavesFloor(working.kind);
                if (has && told > 0 && std::fabs(told - working.depth) > hair)
                    add(FindingKind::depthTwice, Severity::watch, told, working.depth, &path, number);
            }
    }

    const Card& card_;
    const cut::Cutting& cutting_;
    const cut::Shop& shop_;
    std::vector<Finding> found_;
};

} // namespace

std::vector<Finding> beyondTravel(const cut::Cutting& cutting) {
    space::Vertex low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
    for (const cut::Toolpath& path : cutting.paths)
        for (const cut::Chain& chain : path.chains)
            for (const space::Vertex& p : chain.points) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, path.clearance)};
            }
    const std::array<std::pair<double, const char*>, 3> spans{
        {{high.x - low.x, "x"}, {high.y - low.y, "y"}, {high.z - low.z, "z"}}};
    std::vector<Finding> found;
    for (size_t axis = 0; axis < spans.size(); ++axis)
        if (const double most = cutting.machine.travel[axis]; most > 0 && spans[axis].first > most) {
            Finding& finding = found.emplace_back();
            finding.kind = FindingKind::beyondTravel;
            finding.severity = Severity::stop;
            finding.measured = spans[axis].first;
            finding.limit = most;
            finding.whenAbove = true;
            finding.subject = spans[axis].second;
        }
    return found;
}

std::vector<Finding> cuttingFindings(const Card& card, const Cuttings& cuttings, const cut::Shop& shop) {
    std::vector<Finding> all = Finder(card, cuttings.front, shop).find();
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        const std::string_view side = blank::sideOf(card.blank, card.inscriptions[i].side);
        if (side.empty() || blank::turnOf(card.blank, side) <= 0 ||
            cut::isMountable(card.blank, side, card.machine.axis.there()))
            continue;
        Finding finding;
        finding.kind = FindingKind::sideNotCut;
        finding.severity = Severity::stop;
        finding.inscription = int(i);
        finding.subject = side;
        all.push_back(std::move(finding));
    }
    for (Finding& finding : Finder(card, cuttings.back, shop).find())
        all.push_back(std::move(finding));
    return all;
}

std::shared_ptr<const Cuttings> cuttingsOf(const Made& made, const std::stop_token& stop) {
    if (made.cuttings)
        return made.cuttings;
    const Card& card = *made.card;
    cut::CuttingInput input{made.lettering->inscriptions,
                            card.blank,
                            card.process,
                            card.stock,
                            card.zero,
                            card.machine,
                            *made.shop,
                            card.clamps,
                            card.operations,
                            [&](const std::string& id) { return inscriptionCalled(card, id); },
                            false};
    Cuttings cuttings;
    cuttings.front = cut::cuttingOf(input, stop);
    input.back = true;
    if (std::ranges::any_of(card.operations, &cut::Operation::back))
        cuttings.back = cut::cuttingOf(input, stop);
    return std::make_shared<const Cuttings>(std::move(cuttings));
}

} // namespace bollard::card
