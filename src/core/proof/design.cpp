#include "proof/design.hpp"
#include "plane/gap.hpp"
#include <tbb/parallel_for.h>

namespace bollard::proof {
namespace {

using cut::OperationKind, cut::Toolpath;
using plane::Region, plane::Vector;

constexpr double unit = plane::unitsPerMillimetre;
constexpr double hair = 0.012;      // mm: chords of ways and of walls
constexpr double depthHair = 0.002; // mm: numbers in files are rounded

Vector inMm(plane::Point p) {
    return {plane::toMillimetres(p.x), plane::toMillimetres(p.y)};
}

/// Cells whose middles lie within a region, row by row.
template<class Each> void eachCellIn(const Region& region, const HeightField& cells, Each each) {
    const plane::Box box = plane::boxOf(region);
    if (box.empty())
        return;
    const double low = cells.middle(0, 0).y, left = cells.middle(0, 0).x, cell = cells.cell();
    const int first = std::max(0, int(std::ceil((plane::toMillimetres(box.low.y) - low) / cell)));
    const int last =
        std::min(cells.rows() - 1, int(std::floor((plane::toMillimetres(box.high.y) - low) / cell)));
    if (last < first)
        return;
    std::vector<std::vector<double>> crossings(size_t(last - first + 1));
    for (const plane::Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vector a = inMm(ring[i]), b = inMm(ring[(i + 1) % ring.size()]);
            if (a.y == b.y)
                continue;
            const int from = std::max(first, int(std::ceil((std::min(a.y, b.y) - low) / cell)));
            const int to = std::min(last, int(std::ceil((std::max(a.y, b.y) - low) / cell)) - 1);
            for (int row = from; row <= to; ++row) {
                const double y = low + row * cell;
                crossings[size_t(row - first)].push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
            }
        }
    for (int row = first; row <= last; ++row) {
        auto& walls = crossings[size_t(row - first)];
        std::ranges::sort(walls);
        for (size_t i = 0; i + 1 < walls.size(); i += 2) {
            const int from = std::max(0, int(std::ceil((walls[i] - left) / cell)));
            const int to = std::min(cells.columns() - 1, int(std::floor((walls[i + 1] - left) / cell)));
            for (int column = from; column <= to; ++column)
                each(column, row);
        }
    }
}

/// Lowers heights of some cells.
class Lowering {
  public:
    Lowering(const HeightField& cells, std::vector<float>& heights) : cells_(cells), heights_(heights) {}
    void within(const Region& region, double z) {
        eachCellIn(region, cells_, [&](int column, int row) { to(column, row, z); });
    }
    void to(int column, int row, double z) {
        float& height = heights_[size_t(row) * size_t(cells_.columns()) + size_t(column)];
        height = std::min(height, float(z));
    }

  private:
    const HeightField& cells_;
    std::vector<float>& heights_;
};

/// Distances to the walls of a shape at the cells within it, as far as `reach` mm: by the walls' own
/// surroundings.
class Distances {
  public:
    Distances(const Region& region, const HeightField& cells, double reach) : cells_(cells) {
        const plane::Box box = plane::boxOf(region);
        const Vector low = inMm(box.low), high = inMm(box.high), zero = cells.middle(0, 0);
        first_ = {std::max(0, int(std::floor((low.x - zero.x) / cells.cell()))),
                  std::max(0, int(std::floor((low.y - zero.y) / cells.cell())))};
        const int right = std::min(cells.columns() - 1, int(std::ceil((high.x - zero.x) / cells.cell())));
        const int top = std::min(cells.rows() - 1, int(std::ceil((high.y - zero.y) / cells.cell())));
        columns_ = std::max(0, right - first_[0] + 1);
        rows_ = std::max(0, top - first_[1] + 1);
        squared_.assign(size_t(columns_) * size_t(rows_), float(reach * reach));
        for (const plane::Ring& ring : region.rings)
            for (size_t i = 0; i < ring.size(); ++i)
                addWall(inMm(ring[i]), inMm(ring[(i + 1) % ring.size()]), reach);
    }
    double at(int column, int row) const {
        const int c = column - first_[0], r = row - first_[1];
        if (c < 0 || r < 0 || c >= columns_ || r >= rows_)
            return 0;
        return std::sqrt(squared_[size_t(r) * size_t(columns_) + size_t(c)]);
    }

  private:
    void addWall(Vector a, Vector b, double reach) {
        const Vector zero = cells_.middle(first_[0], first_[1]), way = b - a;
        const double cell = cells_.cell(), squared = plane::dot(way, way);
        const int left = std::max(0, int(std::ceil((std::min(a.x, b.x) - reach - zero.x) / cell)));
        const int right =
            std::min(columns_ - 1, int(std::floor((std::max(a.x, b.x) + reach - zero.x) / cell)));
        const int low = std::max(0, int(std::ceil((std::min(a.y, b.y) - reach - zero.y) / cell)));
        const int high = std::min(rows_ - 1, int(std::floor((std::max(a.y, b.y) + reach - zero.y) / cell)));
        for (int row = low; row <= high; ++row)
            for (int column = left; column <= right; ++column) {
                const Vector p{zero.x + column * cell - a.x, zero.y + row * cell - a.y};
                const double share = squared > 0 ? std::clamp(plane::dot(p, way) / squared, 0.0, 1.0) : 0;
                const Vector off = p - share * way;
                float& least = squared_[size_t(row) * size_t(columns_) + size_t(column)];
                least = std::min(least, float(plane::dot(off, off)));
            }
    }
    const HeightField& cells_;
    std::array<int, 2> first_{};
    int columns_ = 0, rows_ = 0;
    std::vector<float> squared_;
};

class Designing {
  public:
    Designing(const cut::Cutting& cutting, const HeightField& cells, Design& design)
        : cutting_(cutting), cells_(cells), allowed_(cells, design.allowed), wanted_(cells, design.wanted),
          designed_(cells, design.designed), design_(design) {}

    void add(const Toolpath& path, const std::stop_token& stop) {
        switch (path.job.operation.kind) {
        case OperationKind::scribe:
            return swept(path, false);
        case OperationKind::carve:
            for (const cut::Shape& shape : path.job.shapes)
                if (!stop.stop_requested())
                    carved(path.job.operation, shape);
            return;
        case OperationKind::pocket:
        case OperationKind::clear:
            for (const cut::Shape& shape : path.job.shapes)
                if (stop.stop_requested())
                    return;
                else if (path.job.operation.followsWidth())
                    carved(path.job.operation, shape);
                else
                    cleared(path.job.operation, shape);
            return;
        case OperationKind::cutOut:
            return cutOut(path);
        case OperationKind::drill:
            return swept(path, true);
        case OperationKind::raster:
            return leftStanding(path);
        }
    }

  private:
    /// What the planned way takes: of lines that is what is meant, of cut-outs with their tabs as well.
    void swept(const Toolpath& path, bool wide) {
        HeightField meant(corner(0, 0), corner(cells_.columns(), cells_.rows()), cells_.cell(),
                          cutting_.stock.high.z);
        std::vector<Motion> motions;
        for (const cut::Chain& chain : path.chains) {
            motions.push_back({chain.points.front(), chain.points.front(), 0, false, false, true, 1, 1});
            for (size_t i = 1; i < chain.points.size(); ++i)
                if (i > chain.leadIn && i + chain.leadOut < chain.points.size())
                    motions.push_back({chain.points[i - 1], chain.points[i], 0, false, false, true, 1, 1});
        }
        std::array tools{path.job.operation.tool};
        if (path.job.operation.kind == OperationKind::cutOut) { // walls within a hair of where they are meant
            tools[0].kerf -= 2 * hair;
            tools[0].diameter -= 2 * hair;
        }
        meant.cut(motions, tools, bottom());
        for (size_t i = 0; i < design_.wanted.size(); ++i) {
            design_.wanted[i] = std::min(design_.wanted[i], meant.heights()[i]);
            design_.designed[i] = std::min(design_.designed[i], meant.heights()[i]);
            if (path.job.operation.kind != OperationKind::cutOut && !wide)
                design_.allowed[i] = std::min(design_.allowed[i], meant.heights()[i]);
        }
        if (wide) // within the hole
            for (const plane::Vector hole : path.job.holes) {
                const double radius = path.job.operation.tool.radius() + hair;
                const Region disc = plane::stroked(std::vector<plane::Line>{{plane::onGrid(unit * hole)}},
                                                   2 * radius * unit, plane::Ends::round);
                allowed_.within(disc, path.job.operation.depth > 0 ? -path.job.operation.depth : bottom());
            }
    }

    void carved(const cut::Operation& operation, const cut::Shape& shape) {
        const double spread = operation.tool.spread(), tip = operation.tool.tip / 2;
        const double cap = std::min(shape.depth, operation.tool.flute);
        const double reach = tip + cap * spread + cells_.cell();
        const Distances distances(shape.region, cells_, reach);
        // The deepest tip within half its width of the cell; cells themselves are no nearer than they are.
        const int around = int(std::floor(tip / cells_.cell()));
        const double step = operation.stepover > 0 ? operation.stepover : 0;
        const double ridge = spread > 0 && step > 0 ? std::max(0.0, (step - 2 * tip) / 2 / spread) : 0.05;
        eachCellIn(shape.region, cells_, [&](int column, int row) {
            const double own = distances.at(column, row);
            allowed_.to(column, row, shape.surface - std::min(cap, own / spread));
            designed_.to(column, row, shape.surface - std::min(cap, own / spread));
            double best = own;
            for (int r = -around; r <= around; ++r)
                for (int c = -around; c <= around; ++c)
                    if ((r * r + c * c) * cells_.cell() * cells_.cell() <= tip * tip)
                        best = std::max(best, distances.at(column + c, row + r));
            const double depth = std::clamp((best - tip) / spread, 0.0, cap);
            wanted_.to(column, row, shape.surface - (depth >= cap ? cap - std::min(ridge, cap) : depth));
        });
    }

    void cleared(const cut::Operation& operation, const cut::Shape& shape) {
        const double radius = operation.tool.radius() * unit;
        allowed_.within(shape.region, shape.floor());
        designed_.within(shape.region, shape.floor());
        const Region axis = plane::grown(shape.region, -radius);
        const double floor = operation.tool.kind == cut::ToolKind::ball ? hair * unit : radius - hair * unit;
        if (floor > 0)
            wanted_.within(plane::grown(axis, floor), shape.floor());
    }

    /// All of the ground, and no more of letters than their tops.
    void leftStanding(const Toolpath& path) {
        std::vector<Region> letters;
        for (const cut::Shape& shape : path.job.shapes)
            letters.push_back(plane::grown(shape.region, -hair / 2 * unit));
        allowed_.within(plane::without(window(), plane::united(letters)), 0);
        for (size_t i = 0; i < letters.size(); ++i)
            allowed_.within(letters[i], path.job.shapes[i].surface);
    }

    void cutOut(const Toolpath& path) {
        const Region all = window();
        allowed_.within(plane::without(all, path.job.part), bottom());
        swept(path, false);
    }

    /// Below everything that may be cut.
    double bottom() const { return cutting_.stock.low.z - 0.5; }
    Vector corner(int column, int row) const {
        const Vector zero = cells_.middle(0, 0);
        return {zero.x + (column - 0.5) * cells_.cell(), zero.y + (row - 0.5) * cells_.cell()};
    }
    Region window() const {
        const plane::Point low = plane::onGrid(unit * corner(0, 0)),
                           high = plane::onGrid(unit * corner(cells_.columns(), cells_.rows()));
        return {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    }

    const cut::Cutting& cutting_;
    const HeightField& cells_;
    Lowering allowed_, wanted_, designed_;
    Design& design_;
};

} // namespace

Design designOf(const cut::Cutting& cutting, const HeightField& cells, const std::stop_token& stop) {
    const size_t count = size_t(cells.columns()) * size_t(cells.rows());
    const auto top = float(cutting.stock.high.z);
    Design design{std::vector<float>(count, top), std::vector<float>(count, top),
                  std::vector<float>(count, top)};
    Designing designing(cutting, cells, design);
    for (const Toolpath& path : cutting.paths)
        designing.add(path, stop);
    return design;
}

struct Allowance::Of {
    const cut::Operation* operation;
    double surface = 0, depth = 0; ///< mm
    double bottom = 0;
    bool outside = false; ///< allowed outside the region
    std::unique_ptr<const plane::BoundaryIndex> walls{};
    Region region{};
    plane::Box box{};
};

Allowance::Allowance(const cut::Cutting& cutting) {
    for (const Toolpath& path : cutting.paths) {
        const cut::Operation& operation = path.job.operation;
        if (operation.kind == OperationKind::cutOut && !path.job.part.empty())
            all_.push_back({&operation, 0, 0, cutting.stock.low.z - 0.5, true,
                            std::make_unique<const plane::BoundaryIndex>(path.job.part), path.job.part,
                            plane::boxOf(path.job.part)});
        if (operation.kind == OperationKind::raster) { // beside its letters, down to the blank
            std::vector<Region> letters;
            for (const cut::Shape& shape : path.job.shapes)
                letters.push_back(shape.region);
            const Region all = plane::united(letters);
            if (!all.empty())
                all_.push_back({&operation, 0, 0, 0, true, std::make_unique<const plane::BoundaryIndex>(all),
                                all, plane::boxOf(all)});
            continue;
        }
        for (const cut::Shape& shape : path.job.shapes)
            if (!shape.region.empty())
                all_.push_back({&operation, shape.surface, shape.depth, 0, false,
                                std::make_unique<const plane::BoundaryIndex>(shape.region), shape.region,
                                plane::boxOf(shape.region)});
    }
}
Allowance::~Allowance() = default;

double Allowance::sideways(Vector at, double z, double reach) const {
    const plane::Point there = plane::onGrid(unit * at);
    double least = reach;
    const std::int32_t around = plane::toUnits(reach) + 1;
    for (const Of& of : all_) {
        // From a shape farther away than that it is farther sideways too.
        if (!of.outside && !of.box.meets({there, there}, around))
            continue;
        const double far = plane::toMillimetres(of.walls->distanceTo(unit * at, 4 * reach * unit));
        const bool inside = plane::contains(of.region, there);
        const double within = inside == !of.outside ? far : -far; // how far into what may be cut
        double wanted = 0;
        const double down = of.surface - z;
        if (!of.outside && of.operation->followsWidth()) {
            const double cap = std::min(of.depth, of.operation->tool.flute);
            if (down > cap + depthHair)
                continue;
            wanted = down * of.operation->tool.spread();
        } else if (of.outside ? z < of.bottom - depthHair : down > of.depth + depthHair) {
            continue;
        }
        least = std::min(least, std::max(0.0, wanted - within));
    }
    return least;
}

} // namespace bollard::proof
