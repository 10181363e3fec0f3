#include "cut/on_sheet.hpp"
#include "cut/chains.hpp"

namespace bollard::cut {
namespace {

/// Of a part, what it has of an operation.
struct Share {
    const Toolpath* path = nullptr;
    const OnSheet* part = nullptr;

    plane::Vector begin() const { return part->place(planOf(path->chains.front().points.front())); }
    plane::Vector end() const { return part->place(planOf(path->chains.back().points.back())); }
};

bool sameWork(const Toolpath& a, const Toolpath& b) {
    return a.number == b.number && a.job.operation.kind == b.job.operation.kind &&
           a.job.operation.tool == b.job.operation.tool;
}

Chain laid(Chain chain, const plane::Similarity& place, int firstShape) {
    for (space::Vertex& point : chain.points) {
        const plane::Vector to = place(planOf(point));
        point.x = to.x;
        point.y = to.y;
    }
    if (chain.shape >= 0)
        chain.shape += firstShape;
    return chain;
}

Spot laid(Spot spot, const plane::Similarity& place) {
    const plane::Vector to = place({spot.x, spot.y});
    spot.x = to.x;
    spot.y = to.y;
    return spot;
}

void add(Toolpath& whole, const Share& share, int& shapes) {
    const Toolpath& path = *share.path;
    const size_t chains = whole.chains.size();
    int most = 0;
    for (const Chain& chain : path.chains) {
        most = std::max(most, chain.shape + 1);
        whole.chains.push_back(laid(chain, share.part->place, shapes));
    }
    shapes += most;
    for (Freed freed : path.freed) {
        freed.chain += chains;
        freed.at = share.part->place(freed.at);
        whole.freed.push_back(freed);
    }
    for (const Spot& spot : path.tabs)
        whole.tabs.push_back(laid(spot, share.part->place));
    for (const Spot& spot : path.starts)
        whole.starts.push_back(laid(spot, share.part->place));
    whole.cutLength += path.cutLength;
    whole.noRoom += path.noRoom;
    whole.unreached += path.unreached;
    whole.deepest = std::min(whole.deepest, path.deepest);
    whole.clearance = std::max(whole.clearance, path.clearance);
}

} // namespace

Cutting onSheet(std::span<const OnSheet> parts, double width, double height) {
    Cutting sheet;
    if (parts.empty())
        return sheet;
    const Cutting& first = *parts.front().cutting;
    sheet.machine = first.machine;
    sheet.stock = {{0, 0, first.stock.low.z}, {width, height, first.stock.high.z}};
    sheet.blank = {{0, 0, first.blank.low.z}, {width, height, first.blank.high.z}};
    sheet.zero = {0, 0, first.zero.z};
    std::vector<std::vector<Share>> work;
    for (const OnSheet& part : parts)
        for (const Toolpath& path : part.cutting->paths) {
            if (path.chains.empty())
                continue;
            const auto alike = std::ranges::find_if(
                work, [&](const std::vector<Share>& shares) { return sameWork(*shares.front().path, path); });
            (alike == work.end() ? work.emplace_back() : *alike).push_back({&path, &part});
        }
    std::ranges::stable_sort(work, {}, [](const std::vector<Share>& shares) {
        const Toolpath& path = *shares.front().path;
        return std::pair(path.job.operation.kind == OperationKind::cutOut, path.number);
    });
    for (std::vector<Share>& shares : work) {
        Toolpath& whole = sheet.paths.emplace_back();
        whole.number = shares.front().path->number;
        whole.job.operation = shares.front().path->job.operation;
        whole.job.stock = sheet.stock;
        whole.job.blank = sheet.blank;
        int shapes = 0;
        plane::Vector here{};
        while (!shares.empty()) {
            const auto next = std::ranges::min_element(
                shares, {}, [&](const Share& share) { return plane::length(share.begin() - here); });
            add(whole, *next, shapes);
            here = next->end();
            shares.erase(next);
        }
        whole.airLength = airOf(whole.chains, {});
        for (const Chain& chain : whole.chains)
            whole.airLength += 2 * (whole.clearance - chain.points.front().z);
        whole.seconds = secondsOf(whole, sheet.machine);
    }
    return sheet;
}

} // namespace bollard::cut
