#include "cut/cutting.hpp"
#include "cut/chains.hpp"
#include "cut/timing.hpp"
#include "working/drawn_outlines.hpp"
#include "working/tiling.hpp"
#include <tbb/parallel_for.h>

namespace bollard::cut {
namespace {

using plane::Region;
using working::Kind, working::PlacedLetters;

constexpr double carvedTolerance = 0.002 * unit, wayTolerance = 0.004 * unit;

Region regionOf(const std::vector<plane::Stamp>& stamps, double tolerance) {
    return plane::filled(plane::flattened(plane::outlineOf(stamps), unit, tolerance));
}
Region regionOf(const PlacedLetters& letters, double tolerance) {
    return regionOf(working::outlinesOf({&letters, 1}, letters.working.kind), tolerance);
}
std::vector<plane::Line> linesOf(const PlacedLetters& letters) {
    PlacedLetters followed = letters;
    followed.working.kind = Kind::scribed;
    return plane::lines(plane::outlineOf(working::outlinesOf({&followed, 1}, Kind::scribed)), unit,
                        wayTolerance);
}

bool isFor(OperationKind operation, const PlacedLetters& letters) {
    return isUsualFor(operation, letters.working.kind,
                      letters.setting->typeface && letters.setting->typeface->singleLine());
}

class Assembling {
  public:
    Assembling(const CuttingInput& input, const Cutting& cutting, const std::stop_token& stop)
        : in_(input), cutting_(cutting), stop_(stop) {
        const auto sides = blank::sidesOf(in_.blank);
        side_ = in_.back ? blank::sideAcross(in_.blank, sides.front()) : sides.front();
        hasBlank_ = in_.blank.kind != blank::Kind::none;
    }

    Job jobOf(const Operation& asked) {
        Job job;
        job.operation =
            in_.shop.resolved(asked, in_.stock.material.empty() ? in_.blank.material : in_.stock.material);
        if (cutting_.mounting) // straight along the normal, wherever it goes in
            job.operation.tool.entry = Entry::plunge;
        if (!cutting_.takes(job.operation.kind))
            return job;
        job.stock = cutting_.stock;
        job.blank = cutting_.blank;
        job.clamps = cutting_.clamps;
        job.stop = stop_;
        switch (job.operation.kind) {
        case OperationKind::scribe:
        case OperationKind::carve:
        case OperationKind::pocket:
            addShapes(job);
            done_.push_back(job.operation);
            break;
        case OperationKind::cutOut:
            job.part = partOf(job.operation);
            job.hasEdge = !hasBlank_ || job.operation.of.empty();
            break;
        case OperationKind::clear:
            addGround(job);
            break;
        case OperationKind::drill:
            addHoles(job);
            break;
        case OperationKind::raster:
            addRaised(job);
            break;
        }
        return job;
    }

  private:
    bool meant(const std::vector<std::string>& of, int inscription) const {
        return std::ranges::any_of(of,
                                   [&](const std::string& id) { return in_.numberOf(id) == inscription; });
    }
    template<class Each> void eachMeant(const Operation& operation, Each each) const {
        for (const PlacedLetters& letters : in_.inscriptions)
            if (letters.side == side_ && (operation.of.empty() ? isFor(operation.kind, letters)
                                                               : meant(operation.of, letters.inscription)))
                each(letters);
    }

    double depthOf(const Operation& operation, const PlacedLetters& letters) const {
        const double told = operation.kind == OperationKind::carve ? operation.depthCap : operation.depth;
        if (told > 0)
            return told;
        return letters.working.kind == Kind::pierced ? cutting_.stock.high.z - cutting_.stock.low.z
                                                     : letters.working.depth;
    }

    void addShapes(Job& job) const {
        const Operation& operation = job.operation;
        eachMeant(operation, [&](const PlacedLetters& letters) {
            Shape shape;
            shape.inscription = letters.inscription;
            shape.depth = depthOf(operation, letters);
            shape.carved = letters.working.kind == Kind::carved;
            if (operation.kind == OperationKind::scribe) {
                shape.lines = linesOf(letters);
            } else {
                shape.region = regionOf(letters, operation.kind == OperationKind::carve ? carvedTolerance
                                                                                        : wayTolerance);
                // Of carved letters the level floor, which is all that a straight tool may clear
                if (shape.carved && operation.kind == OperationKind::pocket)
                    shape.region = plane::grown(
                        shape.region, -shape.depth * std::tan(letters.working.angle / 2 * M_PI / 180) * unit);
            }
            job.shapes.push_back(std::move(shape));
        });
        // Letter by letter, so that they are cut one after the other.
        std::vector<Shape> each;
        for (Shape& shape : job.shapes) {
            if (operation.kind == OperationKind::scribe) {
                each.push_back(std::move(shape));
                continue;
            }
            std::vector<Region> parts = plane::parts(std::exchange(shape.region, {}));
            if (operation.reading)
                putAsRead(parts, shape.inscription);
            for (Region& part : parts) {
                each.push_back(shape);
                each.back().region = std::move(part);
            }
        }
        job.shapes = std::move(each);
        if (operation.kind == OperationKind::pocket && operation.rest)
            std::erase_if(job.shapes, [&](Shape& shape) {
                shape.rest = leftBefore(job, shape);
                return shape.rest.empty();
            });
    }

    /// In the order of the letters that they are of, or begin with.
    void putAsRead(std::vector<Region>& parts, int inscription) const {
        std::vector<plane::Box> letters;
        for (const PlacedLetters& one : in_.inscriptions)
            if (one.inscription == inscription)
                for (const Region& letter : one.onSide)
                    letters.push_back(plane::boxOf(letter));
        const auto letterOf = [&](const Region& part) {
            const plane::Box box = plane::boxOf(part);
            const auto within = std::ranges::find_if(letters, [&](const plane::Box& letter) {
                constexpr std::int32_t anew = 100; // outlines are rounded anew
                return !letter.empty() && letter.low.x >= box.low.x - anew &&
                       letter.high.x <= box.high.x + anew && letter.meets(box, 0);
            });
            const auto meets = std::ranges::find_if(
                letters, [&](const plane::Box& letter) { return !letter.empty() && letter.meets(box, 0); });
            return (within != letters.end() ? within : meets) - letters.begin();
        };
        std::vector<std::pair<std::ptrdiff_t, size_t>> order;
        for (size_t i = 0; i < parts.size(); ++i)
            order.emplace_back(letterOf(parts[i]), i);
        std::ranges::sort(order);
        std::vector<Region> read;
        for (const auto& [letter, i] : order)
            read.push_back(std::move(parts[i]));
        parts = std::move(read);
    }

    /// What pockets before this one leave of a shape, as their tools are wider.
    Region leftBefore(const Job& job, const Shape& shape) const {
        double widest = 0;
        for (const Operation& before : done_)
            if (before.kind == OperationKind::pocket &&
                (before.of.empty() || meant(before.of, shape.inscription)))
                widest = std::max(widest, before.tool.radius());
        const double narrowest = job.operation.tool.radius();
        if (!(widest > narrowest))
            return shape.region; // nothing was done before
        const Region axis = plane::grown(shape.region, -widest * unit, plane::Corners::round, exactWays);
        const Region left =
            plane::without(shape.region, plane::grown(axis, widest * unit, plane::Corners::round, exactWays));
        constexpr double film = 0.005 * unit; // chords of one and the other
        return plane::grown(plane::grown(left, -film), film);
    }

    /// What stays when all is cut out: the blank with its holes, without its pierced letters; with no blank
    /// the letters.
    Region partOf(const Operation& operation) const {
        std::vector<PlacedLetters> here;
        for (const PlacedLetters& letters : in_.inscriptions)
            if (letters.side == side_ && (operation.of.empty() || meant(operation.of, letters.inscription)))
                here.push_back(letters);
        if (!hasBlank_) {
            std::vector<Region> letters;
            for (const PlacedLetters& one : here)
                letters.push_back(regionOf(one, wayTolerance));
            return plane::united(letters);
        }
        if (operation.of.empty()) {
            const working::CutThrough through = working::cutThrough(in_.blank, here, side_);
            return plane::without(regionOf(through.blank, wayTolerance),
                                  regionOf(through.pierced, wayTolerance));
        }
        // Only these letters, out of what has no edge
        std::vector<Region> letters;
        for (const PlacedLetters& one : here)
            letters.push_back(regionOf(one, wayTolerance));
        const Region all = plane::united(letters);
        plane::Box box = plane::boxOf(all);
        if (box.empty())
            return {};
        const std::int32_t far = plane::toUnits(beyondAll);
        box = {box.low - plane::Point{far, far}, box.high + plane::Point{far, far}};
        return plane::without({{{box.low, {box.high.x, box.low.y}, box.high, {box.low.x, box.high.y}}}}, all);
    }

    void addGround(Job& job) const {
        const Operation& operation = job.operation;
        Region ground;
        const int within = operation.within.empty() ? -1 : in_.numberOf(operation.within);
        for (const PlacedLetters& letters : in_.inscriptions)
            if (letters.inscription == within)
                for (const plane::Ring& ring : regionOf(letters, wayTolerance).rings)
                    if (plane::areaOf(ring) < 0) { // within its band
                        plane::Ring outer = ring;
                        std::ranges::reverse(outer);
                        ground = plane::united(std::vector{ground, Region{{outer}}});
                    }
        if (within >= 0 && ground.empty()) // no band, but a shape
            for (const PlacedLetters& letters : in_.inscriptions)
                if (letters.inscription == within)
                    ground = regionOf(letters, wayTolerance);
        if (within < 0)
            ground = regionOf(working::cutThrough(in_.blank, {}, side_).blank, wayTolerance);
        std::vector<Region> stay;
        double height = 0;
        for (const PlacedLetters& letters : in_.inscriptions) {
            const bool asked = operation.around.empty() ? isFor(operation.kind, letters)
                                                        : meant(operation.around, letters.inscription);
            if (letters.side != side_ || !asked || letters.inscription == within)
                continue;
            stay.push_back(regionOf(letters, wayTolerance));
            height = std::max(height, letters.working.height);
        }
        Shape shape;
        shape.region = plane::without(ground, plane::united(stay));
        // Counted from the top of the stock, which the letters reach
        const double down = operation.depth > 0 ? operation.depth : height;
        shape.surface = cutting_.stock.high.z;
        shape.depth = down;
        for (Region& part : plane::parts(std::exchange(shape.region, {}))) {
            job.shapes.push_back(shape);
            job.shapes.back().region = std::move(part);
        }
    }

    void addRaised(Job& job) const {
        eachMeant(job.operation, [&](const PlacedLetters& letters) {
            Shape shape;
            shape.inscription = letters.inscription;
            shape.surface = letters.working.height;
            shape.region = regionOf(letters, wayTolerance);
            job.shapes.push_back(std::move(shape));
        });
    }

    void addHoles(Job& job) const {
        for (const blank::Hole& hole : in_.blank.holes)
            if (hole.kind == blank::HoleKind::round && hole.diameter > job.operation.tool.diameter - hair)
                job.holes.push_back({hole.x, hole.y});
    }

    std::vector<Operation> done_;                         ///< before this one, with their tools
    static constexpr double exactWays = 15;               // grid units
    static constexpr double beyondAll = 50, hair = 0.001; // mm
    const CuttingInput& in_;
    const Cutting& cutting_;
    const std::stop_token& stop_;
    std::string_view side_;
    bool hasBlank_ = false;
};

Block blankOf(const CuttingInput& input, std::string_view side) {
    plane::Box box = plane::boxOf(blank::regionOf(input.blank, side));
    double thickness = blank::depthBehind(input.blank, side);
    if (input.blank.kind == blank::Kind::none) {
        thickness = 0;
        for (const PlacedLetters& letters : input.inscriptions) {
            for (const Region& letter : letters.onSide)
                box.include(plane::boxOf(letter));
            thickness = std::max(thickness, letters.working.height);
        }
    }
    if (box.empty())
        return {};
    const plane::Vector low = inMm(box.low), high = inMm(box.high);
    return {{low.x, low.y, -thickness}, {high.x, high.y, 0}};
}

} // namespace

std::vector<Tool> Cutting::tools() const {
    std::vector<Tool> all;
    for (const Toolpath& path : paths)
        if (std::ranges::find(all, path.job.operation.tool) == all.end())
            all.push_back(path.job.operation.tool);
    return all;
}

bool Cutting::cuts() const {
    return std::ranges::any_of(paths, [](const Toolpath& path) { return !path.chains.empty(); });
}

std::vector<Cutting> byTool(const Cutting& cutting) {
    std::vector<Cutting> all;
    const Tool* now = nullptr;
    for (size_t i = 0; i < cutting.paths.size(); ++i) {
        const Toolpath& path = cutting.paths[i];
        if (path.chains.empty())
            continue;
        if (!now || !(*now == path.job.operation.tool)) {
            now = &path.job.operation.tool;
            all.push_back(cutting);
            for (Toolpath& other : all.back().paths) {
                other.chains.clear();
                other.seconds = 0;
            }
        }
        all.back().paths[i] = path;
    }
    return all;
}

double Cutting::seconds() const {
    double seconds = 0;
    for (const Toolpath& path : paths)
        seconds += path.seconds;
    return seconds;
}

bool isUsualFor(OperationKind operation, Kind kind, bool singleLine) {
    switch (operation) {
    case OperationKind::scribe:
        return kind == Kind::scribed;
    case OperationKind::carve:
        return kind == Kind::carved;
    case OperationKind::pocket:
        return kind == Kind::inlaid || (kind == Kind::sunk && !singleLine);
    case OperationKind::cutOut:
        return kind == Kind::pierced;
    case OperationKind::clear:
        return kind == Kind::raised;
    case OperationKind::raster:
        return kind == Kind::raised;
    case OperationKind::drill:
        break;
    }
    return false;
}

bool Cutting::takes(OperationKind kind) const {
    switch (kind) {
    case OperationKind::scribe:
    case OperationKind::carve:
    case OperationKind::pocket:
        return true;
    case OperationKind::raster:
        return mounting && mounting->turns && mounting->isBar(); // its ball knows one radius
    default:
        return !mounting;
    }
}

std::vector<Operation> usualOperations(const CuttingInput& input) {
    std::vector<Operation> all;
    const auto add = [&](OperationKind kind, Tool tool = {}) {
        Operation operation;
        operation.kind = kind;
        operation.tool = std::move(tool);
        all.push_back(std::move(operation));
    };
    Tool burning;
    input.process.kind.visit([&](const auto& process) {
        if constexpr (requires { process.kerf; }) {
            burning.kind = process.name == std::string_view("torch") ? ToolKind::torch : ToolKind::laser;
            burning.kerf = process.kerf;
            burning.pierce = 0.5;
        }
    });
    const bool burns = burning.kind != ToolKind::none;
    for (const OperationKind kind : {OperationKind::scribe, OperationKind::carve, OperationKind::pocket})
        if (!burns && std::ranges::any_of(input.inscriptions,
                                          [&](const PlacedLetters& letters) { return isFor(kind, letters); }))
            add(kind);
    const bool pierced = std::ranges::any_of(input.inscriptions, [](const PlacedLetters& letters) {
        return isFor(OperationKind::cutOut, letters);
    });
    const bool flat =
        !isMountable(input.blank, blank::sidesOf(input.blank).front(), input.machine.axis.there());
    if (flat && (burns || pierced || (all.empty() && !input.inscriptions.empty())))
        add(OperationKind::cutOut, burning);
    return all;
}

namespace {

/// Chains as the machine makes them: bent where the side is, so that straight moves stay on it.
void mount(Toolpath& path, const Mounting& mounting, const std::vector<blank::Drawn>& drawn) {
    const Operation& operation = path.job.operation;
    for (const Chain& chain : path.chains) {
        const bool isOf = chain.shape >= 0 && size_t(chain.shape) < path.job.shapes.size();
        const auto onPlan = [&](const space::Vertex& point) {
            const plane::Vector at = planOf(point);
            if (!isOf || drawn.empty())
                return at;
            const blank::Drawn& on = drawn[size_t(chain.shape)];
            return plane::Vector{on.stretch.toPlan(at.x * unit + on.shift) / unit, at.y};
        };
        MountedChain& mounted = path.mounted.emplace_back();
        const auto placeOf = [&](const space::Vertex& point) {
            return mounting.placeOf(onPlan(point), point.z, operation);
        };
        const auto note = [&](const space::Vertex& point) {
            const double steep = mounting.steepnessAt(onPlan(point));
            if (steep > path.steepest) {
                path.steepest = steep;
                path.steepAt = planOf(point);
            }
        };
        mounted.places.push_back(placeOf(chain.points.front()));
        note(chain.points.front());
        for (size_t i = 1; i < chain.points.size(); ++i) {
            const space::Vertex from = chain.points[i - 1], way = chain.points[i] - from;
            // Halved until what is between lies on the straight move.
            const auto go = [&](auto&& self, double a, double b, const MachinePlace& before,
                                const MachinePlace& after, int depth) -> void {
                constexpr double off = 0.0005, mostTurn = 90; // mm, degrees
                constexpr int deepest = 14;
                const double middle = (a + b) / 2;
                const MachinePlace there = placeOf(from + middle * way);
                const space::Vertex straight = 0.5 * (mounting.over(before) + mounting.over(after));
                const bool bends = space::length(mounting.over(there) - straight) > off;
                if (depth < deepest && (bends || std::fabs(after.angle - before.angle) > mostTurn)) {
                    self(self, a, middle, before, there, depth + 1);
                    self(self, middle, b, there, after, depth + 1);
                    return;
                }
                mounted.places.push_back(after);
            };
            const MachinePlace last = mounted.places.back();
            go(go, 0, 1, last, placeOf(chain.points[i]), 0);
            note(chain.points[i]);
        }
    }
}

/// Whole turns are put to chains, so that the axis goes the shorter way from one inscription to the next;
/// those of one stay together.
void unwind(std::vector<Toolpath>& paths) {
    std::optional<double> angle; // where the axis stands
    for (Toolpath& path : paths) {
        int inscription = -2;
        double turns = 0;
        for (size_t i = 0; i < path.mounted.size(); ++i) {
            std::vector<MachinePlace>& places = path.mounted[i].places;
            const int shape = path.chains[i].shape;
            const bool isOf = shape >= 0 && size_t(shape) < path.job.shapes.size();
            const int own = isOf ? path.job.shapes[size_t(shape)].inscription : -1;
            if (std::exchange(inscription, own) != own) {
                // Half a turn either way is no shorter.
                const double off = angle ? (*angle - places.front().angle) / 360 : 0;
                turns = off > 0 ? std::ceil(off - 0.5) : std::floor(off + 0.5);
            }
            for (MachinePlace& place : places)
                place.angle += 360 * turns;
            angle = places.back().angle;
        }
    }
}

/// Moves of a mounted path, as they are timed.
double timeOf(const Toolpath& path, const Machine& machine, const Mounting& mounting) {
    const Operation& operation = path.job.operation;
    const double feed = machine.feedMost > 0 ? std::min(operation.feed, machine.feedMost) : operation.feed;
    const double air = path.clearance + mounting.radius;
    std::vector<TimedMove> moves;
    MachinePlace here{};
    here.height = air;
    const auto add = [&](const MachinePlace& to, double asked) {
        const space::Vertex place = mounting.over(to);
        const double length = space::length(place - mounting.over(here));
        const double turned = std::fabs(to.angle - here.angle);
        if (mounting.turns && turned > 0) // no faster than the axis turns
            asked = std::min(asked, machine.axis.rapid * length / turned);
        moves.push_back({place, asked});
        here = to;
    };
    const auto raised = [&](MachinePlace place) {
        place.height = air;
        return place;
    };
    for (const MountedChain& chain : path.mounted) {
        add(raised(chain.places.front()), machine.rapid);
        add(chain.places.front(), operation.plunge);
        for (const MachinePlace& place : chain.places)
            add(place, feed);
        add(raised(chain.places.back()), machine.rapid);
    }
    return secondsOf(mounting.over(raised({})), moves, machine.acceleration);
}

/// How shapes lie on the plan, which is narrower where the side is; none where it is as wide everywhere.
std::vector<blank::Drawn> drawnOn(const Mounting& mounting, const std::vector<Shape>& shapes,
                                  std::span<const PlacedLetters> inscriptions) {
    std::vector<blank::Drawn> all;
    for (const Shape& shape : shapes) {
        const auto letters = std::ranges::find(inscriptions, shape.inscription, &PlacedLetters::inscription);
        all.push_back(letters == inscriptions.end() ? blank::Drawn{}
                                                    : working::drawnOn(mounting.panel(), *letters));
    }
    return all;
}

} // namespace

double secondsOf(const Toolpath& path, const Machine& machine) {
    const Operation& operation = path.job.operation;
    const double feed = machine.feedMost > 0 ? std::min(operation.feed, machine.feedMost) : operation.feed;
    std::vector<TimedMove> moves;
    double standing = 0;
    for (const Chain& chain : path.chains) {
        const plane::Vector first = planOf(chain.points.front()), last = planOf(chain.points.back());
        moves.push_back({at(first, path.clearance), machine.rapid});
        moves.push_back({chain.points.front(), operation.plunge});
        for (const space::Vertex& point : chain.points)
            moves.push_back({point, feed});
        moves.push_back({at(last, path.clearance), machine.rapid});
        standing += operation.tool.burns() ? operation.tool.pierce : 0;
    }
    return standing + secondsOf({path.job.stock.low.x, path.job.stock.low.y, path.clearance}, moves,
                                machine.acceleration);
}

Cutting cuttingOf(const CuttingInput& input, const std::stop_token& stop) {
    Cutting cutting;
    const auto sides = blank::sidesOf(input.blank);
    const std::string_view side = input.back ? blank::sideAcross(input.blank, sides.front()) : sides.front();
    cutting.machine = input.machine;
    cutting.back = input.back;
    cutting.clamps.assign(input.clamps.begin(), input.clamps.end());
    const bool goesRound = !side.empty() && blank::turnOf(input.blank, side) > 0;
    if (side.empty() || (goesRound && !isMountable(input.blank, side, input.machine.axis.there())))
        return cutting; // hollows
    if (goesRound) {
        const auto mounting = std::make_shared<const Mounting>(input.blank, side, input.stock, input.zero,
                                                               input.machine.axis.there());
        const RoundStock& stock = mounting->stock;
        cutting.mounting = mounting;
        cutting.blank = {{0, 0, -mounting->radius}, {mounting->width, mounting->length, 0}};
        cutting.stock = {{0, stock.from, -mounting->radius},
                         {mounting->width, stock.to, stock.radius - mounting->radius}};
        cutting.zero = {mounting->width / 2, mounting->zero.y, mounting->zero.height - mounting->radius};
        cutting.clamps.clear();
    } else {
        cutting.blank = blankOf(input, side);
        cutting.stock =
            blockOf(input.back ? turnedOver(input.stock, cutting.blank) : input.stock, cutting.blank);
        cutting.zero = placeOf(input.zero, cutting.stock);
    }
    std::vector<Operation> operations(input.operations.begin(), input.operations.end());
    if (operations.empty())
        operations = usualOperations(input);
    Assembling assembling(input, cutting, stop);
    std::vector<std::pair<int, Job>> jobs;
    for (size_t i = 0; i < operations.size() && !stop.stop_requested(); ++i)
        if (!operations[i].off && operations[i].back == input.back)
            jobs.emplace_back(int(i), assembling.jobOf(operations[i]));
    cutting.paths.resize(jobs.size());
    tbb::parallel_for(size_t{0}, jobs.size(), [&](size_t i) {
        Toolpath& path = cutting.paths[i] = toolpathOf(std::move(jobs[i].second), jobs[i].first);
        if (cutting.mounting) {
            mount(path, *cutting.mounting, drawnOn(*cutting.mounting, path.job.shapes, input.inscriptions));
        } else {
            path.seconds = secondsOf(path, cutting.machine);
        }
    });
    if (cutting.mounting) {
        if (cutting.mounting->turns)
            unwind(cutting.paths);
        for (Toolpath& path : cutting.paths)
            path.seconds = timeOf(path, cutting.machine, *cutting.mounting);
    }
    return cutting;
}

} // namespace bollard::cut
