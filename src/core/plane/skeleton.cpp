#include "plane/skeleton.hpp"
#include <algorithm>
#include <set>

namespace bollard::plane {

double Branch::length() const {
    double sum = 0;
    for (size_t i = 1; i < places.size(); ++i)
        sum += plane::length(places[i].at - places[i - 1].at);
    return sum;
}

void Branch::turn() {
    std::ranges::reverse(places);
    std::swap(from, to);
}

void Branch::append(Branch& next) {
    places.insert(places.end(), next.places.begin() + 1, next.places.end());
    to = next.to;
    next.gone = true;
}

std::vector<Place> evenly(const std::vector<Place>& places, double step) {
    std::vector<Place> points{places.front()};
    double left = step;
    for (size_t i = 1; i < places.size(); ++i) {
        const Place &a = places[i - 1], &b = places[i];
        const double size = length(b.at - a.at);
        double at = 0;
        while (size - at >= left) {
            at += left;
            const double t = at / size;
            points.push_back({a.at + t * (b.at - a.at), a.radius + t * (b.radius - a.radius)});
            left = step;
        }
        left -= size - at;
    }
    if (length(points.back().at - places.back().at) < step / 2 && points.size() > 1)
        points.back() = places.back();
    else
        points.push_back(places.back());
    return points;
}

Skeleton::Skeleton(const MedialAxis& axis) {
    std::map<int, std::vector<Step>> steps;
    for (const MedialEdge& edge : axis.edges) {
        if (!edge.inside || edge.fromNode == edge.toNode)
            continue;
        steps[edge.fromNode].push_back({edge.toNode, {edge.from, edge.radiusFrom}, {edge.to, edge.radiusTo}});
        steps[edge.toNode].push_back({edge.fromNode, {edge.to, edge.radiusTo}, {edge.from, edge.radiusFrom}});
    }
    std::set<std::pair<int, int>> walked;
    for (const auto& [node, out] : steps)
        if (out.size() != 2)
            for (const Step& step : out)
                if (!walked.contains({node, step.to}))
                    walk(node, step, steps, walked);
    for (const auto& [node, out] : steps) // rings without a junction
        if (out.size() == 2 && !walked.contains({node, out.front().to}))
            walk(node, out.front(), steps, walked);
    noteParts();
}

int Skeleton::degree(int node) const {
    int count = 0;
    for (const Branch& branch : branches_)
        if (!branch.gone)
            count += (branch.from == node ? 1 : 0) + (branch.to == node ? 1 : 0);
    return count;
}

int Skeleton::anotherNode(int beside) {
    const int node = part_.rbegin()->first + 1;
    part_[node] = part_.at(beside);
    return node;
}

std::vector<int> Skeleton::junctions() const {
    std::set<int> nodes;
    for (const Branch& branch : branches_) {
        nodes.insert(branch.from);
        nodes.insert(branch.to);
    }
    std::vector<int> found;
    std::ranges::copy_if(nodes, std::back_inserter(found), [&](int node) { return degree(node) >= 3; });
    return found;
}

void Skeleton::eraseGone() {
    std::erase_if(branches_, [](const Branch& branch) { return branch.gone; });
}

std::optional<Skeleton::Free> Skeleton::freeEndOf(const Branch& branch) const {
    const bool freeFrom = degree(branch.from) == 1, freeTo = degree(branch.to) == 1;
    if (branch.from == branch.to || freeFrom == freeTo)
        return std::nullopt;
    const Place &front = branch.places.front(), &back = branch.places.back();
    return freeFrom ? Free{front, back, branch.to} : Free{back, front, branch.from};
}

void Skeleton::dropCorners() {
    for (bool any = true; any;) {
        any = false;
        std::vector<Branch*> corners;
        for (Branch& branch : branches_) {
            const auto end = branch.gone ? std::nullopt : freeEndOf(branch);
            if (!end)
                continue;
            const Place &tip = end->tip, &root = end->root;
            // Into a corner of more than 40 degrees the radius shrinks by a third of the way and more.
            constexpr double longest = 1.5, steepest = 0.34;
            const double way = branch.length(), shrinks = root.radius - tip.radius;
            if (tip.radius >= 0.5 * root.radius ||
                (way >= longest * root.radius && shrinks <= steepest * way))
                continue;
            corners.push_back(&branch);
            std::erase_if(bends, [&](const Place& bend) { return bend.at == tip.at; });
            constexpr double blunt = 0.9; // corners of flattened curves: more than 128 degrees
            if (shrinks < blunt * way)
                bends.push_back(root);
        }
        for (Branch* branch : corners)
            branch->gone = any = true;
        mergePassages();
    }
}

std::vector<Vector> Skeleton::dots() const {
    std::vector<Vector> found;
    for (const auto& [root, place] : widest_)
        if (std::ranges::none_of(
                branches_, [&, part = root](const Branch& b) { return !b.gone && part_.at(b.from) == part; }))
            found.push_back(place.at);
    return found;
}

void Skeleton::trimEnds() {
    const auto trim = [](std::vector<Place>& places) { // at the back
        constexpr double steepest = 0.3, most = 1.5;
        double gone = 0;
        while (places.size() > 2) {
            const Place &tip = places.back(), &before = places[places.size() - 2];
            const double step = length(tip.at - before.at);
            gone += step;
            if (before.radius - tip.radius <= steepest * step || gone > most * before.radius)
                return;
            places.pop_back();
        }
    };
    for (Branch& branch : branches_) {
        if (degree(branch.to) == 1)
            trim(branch.places);
        if (degree(branch.from) == 1) {
            std::ranges::reverse(branch.places);
            trim(branch.places);
            std::ranges::reverse(branch.places);
        }
    }
}

void Skeleton::dropSpurs() {
    while (true) {
        Branch* shortest = nullptr;
        double least = 0.35; // of the radius where it begins
        for (Branch& branch : branches_) {
            const auto end = freeEndOf(branch);
            if (!end || degree(end->rootNode) < 3)
                continue;
            if (branch.length() < least * end->root.radius) {
                least = branch.length() / end->root.radius;
                shortest = &branch;
            }
        }
        if (!shortest)
            return;
        bends.push_back(freeEndOf(*shortest)->root);
        shortest->gone = true;
        mergePassages();
    }
}

/// Before anything is dropped.
void Skeleton::noteParts() {
    for (const Branch& branch : branches_) {
        part_.try_emplace(branch.from, branch.from);
        part_.try_emplace(branch.to, branch.to);
    }
    for (bool any = true; any;) {
        any = false;
        for (const Branch& branch : branches_) {
            const int low = std::min(part_[branch.from], part_[branch.to]);
            any = any || part_[branch.from] != low || part_[branch.to] != low;
            part_[branch.from] = part_[branch.to] = low;
        }
    }
    for (const Branch& branch : branches_)
        for (const Place& place : branch.places) {
            Place& kept = widest_.try_emplace(part_[branch.from], place).first->second;
            if (place.radius > kept.radius)
                kept = place;
        }
}

void Skeleton::mergePassages() {
    for (bool any = true; any;) {
        any = false;
        for (size_t i = 0; i < branches_.size() && !any; ++i)
            for (size_t j = i + 1; j < branches_.size() && !any; ++j) {
                Branch &a = branches_[i], &b = branches_[j];
                if (a.gone || b.gone || a.from == a.to || b.from == b.to)
                    continue;
                for (const int node : {b.from, b.to})
                    if ((node == a.from || node == a.to) && degree(node) == 2 && !any) {
                        if (a.from == node)
                            a.turn();
                        if (b.to == node)
                            b.turn();
                        a.append(b);
                        any = true;
                    }
            }
    }
    eraseGone();
}

void Skeleton::mergeJunctions() {
    for (bool any = true; any;) {
        any = false;
        for (Branch& branch : branches_) {
            if (branch.gone || branch.from == branch.to || degree(branch.from) < 3 || degree(branch.to) < 3)
                continue;
            const double radius = std::min(branch.places.front().radius, branch.places.back().radius);
            if (branch.length() > 1.1 * radius)
                continue;
            const Vector middle = 0.5 * (branch.places.front().at + branch.places.back().at);
            const int stays = branch.from, goes = branch.to;
            branch.gone = true;
            for (Branch& other : branches_) {
                if (other.gone)
                    continue;
                if (other.from == goes)
                    other.from = stays;
                if (other.to == goes)
                    other.to = stays;
                if (other.from == stays)
                    other.places.front().at = middle;
                if (other.to == stays)
                    other.places.back().at = middle;
            }
            any = true;
        }
    }
    eraseGone();
}

void Skeleton::walk(int node, Step step, const std::map<int, std::vector<Step>>& steps,
                    std::set<std::pair<int, int>>& walked) {
    Branch branch;
    branch.from = node;
    branch.places.push_back(step.here);
    int last = node;
    while (true) {
        walked.insert({last, step.to});
        walked.insert({step.to, last});
        branch.places.push_back(step.there);
        const auto& out = steps.at(step.to);
        if (out.size() != 2 || step.to == node)
            break;
        const Step next = out[0].to == last ? out[1] : out[0];
        last = step.to;
        step = next;
    }
    branch.to = step.to;
    branches_.push_back(std::move(branch));
}

} // namespace bollard::plane
