#include "cut/toolpath.hpp"
#include "cut/chains.hpp"
#include "cut/timing.hpp"

namespace bollard::cut {

Toolpath toolpathOf(Job job, int number) {
    Toolpath path;
    path.number = number;
    bool together = false;
    Outcome outcome;
    switch (job.operation.kind) {
    case OperationKind::scribe:
        path.chains = scribe(job);
        break;
    case OperationKind::carve:
        path.chains = carve(job);
        together = job.operation.pass > 0;
        break;
    case OperationKind::pocket:
    case OperationKind::clear: {
        const bool carves = job.operation.followsWidth();
        path.chains = carves ? carve(job) : pocket(job);
        together = !carves || job.operation.pass > 0;
        break;
    }
    case OperationKind::cutOut:
        path.chains = cutOut(job, outcome);
        break;
    case OperationKind::drill:
        path.chains = drill(job);
        break;
    case OperationKind::raster:
        path.chains = rasterRound(job);
        break;
    }
    std::vector<bool> reached(job.shapes.size());
    for (const Chain& chain : path.chains)
        if (chain.shape >= 0 && size_t(chain.shape) < reached.size())
            reached[size_t(chain.shape)] = true;
    const bool isRaster = job.operation.kind == OperationKind::raster;
    path.unreached = isRaster ? 0 : int(std::ranges::count(reached, false));
    if (isRaster)
        ; // as it was laid
    else if (job.operation.reading && job.operation.kind != OperationKind::cutOut)
        std::ranges::stable_sort(path.chains, {}, &Chain::shape);
    else
        putInOrder(path.chains, {job.stock.low.x, job.stock.low.y}, together);
    for (size_t i = path.chains.size(); i-- > 0;) // when the last of its passes is done
        if (const auto found = outcome.loose.find(path.chains[i].shape); found != outcome.loose.end()) {
            found->second.chain = i;
            path.freed.push_back(found->second);
            outcome.loose.erase(found);
        }
    std::ranges::reverse(path.freed);
    path.noRoom = outcome.noRoom;
    path.tabs = std::move(outcome.tabs);
    path.starts = std::move(outcome.starts);
    path.clearance = job.stock.high.z + job.operation.clearance;
    for (const Clamp& clamp : job.clamps)
        path.clearance = std::max(path.clearance, job.stock.high.z + clamp.top + 1);
    path.airLength = airOf(path.chains, {job.stock.low.x, job.stock.low.y});
    for (const Chain& chain : path.chains) {
        for (size_t i = 0; i < chain.points.size(); ++i) {
            path.deepest = std::min(path.deepest, chain.points[i].z);
            if (i > 0)
                path.cutLength += space::length(chain.points[i] - chain.points[i - 1]);
        }
        path.airLength += 2 * (path.clearance - chain.points.front().z);
    }
    path.job = std::move(job);
    return path;
}

} // namespace bollard::cut
