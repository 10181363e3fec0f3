#include "proof/layers.hpp"
#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>
#include <map>
#include <numeric>
#include <optional>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace bollard::proof {
namespace {

using plane::Region, plane::Vector;

/// The chosen triangles where they cross z.
Region sliced(const body::Mesh& mesh, const std::vector<int>& triangles, double z) {
    // An edge is crossed where its ends lie on different sides; what lies in the plane counts as above it.
    // Both triangles of an edge find the same point, so the pieces close by themselves.
    using Edge = std::pair<int, int>;
    const auto pointOn = [&](Edge edge) {
        const auto &a = mesh.vertices[size_t(edge.first)], &b = mesh.vertices[size_t(edge.second)];
        const double t = (z - a.z) / (b.z - a.z);
        return plane::Point{plane::toUnits(a.x + t * (b.x - a.x)), plane::toUnits(a.y + t * (b.y - a.y))};
    };
    std::map<Edge, Edge> next;
    for (const int number : triangles) {
        const auto& corners = mesh.triangles[size_t(number)];
        Edge in{-1, -1}, out{-1, -1};
        for (size_t k = 0; k < 3; ++k) {
            const int a = corners[k], b = corners[(k + 1) % 3];
            const bool before = mesh.vertices[size_t(a)].z >= z, after = mesh.vertices[size_t(b)].z >= z;
            if (before && !after)
                in = std::minmax(a, b);
            else if (!before && after)
                out = std::minmax(a, b);
        }
        if (in.first >= 0 && out.first >= 0)
            next.emplace(in, out);
    }
    std::vector<plane::Ring> rings;
    while (!next.empty()) {
        plane::Ring ring;
        for (auto step = next.begin(); step != next.end();) {
            ring.push_back(pointOn(step->first));
            const Edge to = step->second;
            next.erase(step);
            step = next.find(to);
        }
        rings.push_back(std::move(ring));
    }
    // Outer rings run clockwise here or not, as the triangles do: the largest is an outer one.
    const auto largest = std::ranges::max_element(
        rings, {}, [](const plane::Ring& ring) { return std::fabs(plane::areaOf(ring)); });
    if (largest != rings.end() && plane::areaOf(*largest) < 0)
        for (plane::Ring& ring : rings)
            std::ranges::reverse(ring);
    return plane::united(std::vector{Region{std::move(rings)}});
}

double squareMillimetres(double units) {
    return units / plane::unitsPerMillimetre / plane::unitsPerMillimetre;
}

double borderOf(const Region& region) {
    double length = 0;
    for (const plane::Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i)
            length += plane::length(plane::vectorOf(ring[(i + 1) % ring.size()]) - plane::vectorOf(ring[i]));
    return length / plane::unitsPerMillimetre;
}

/// Its parts that are larger than `least`, mm².
std::vector<LayerPlace> placesOf(const Region& region, double least) {
    std::vector<LayerPlace> places;
    for (const Region& part : plane::parts(region)) {
        const double area = squareMillimetres(plane::areaOf(part));
        if (area < least)
            continue;
        const plane::Box box = plane::boxOf(part);
        places.push_back(
            {1 / plane::unitsPerMillimetre / 2 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)), area,
             2 * area / borderOf(part)});
    }
    return places;
}

/// What a line so wide leaves out: it does not reach into what is thinner.
std::vector<LayerPlace> lostOf(const Region& shape, double line) {
    constexpr double tolerance = 0.004; // mm: strokes just as wide as a line are printed
    const double half = (line / 2 - tolerance) * plane::unitsPerMillimetre;
    const Region reached = plane::grown(plane::grown(shape, -half), half * 1.02 + 20, plane::Corners::round);
    // Corners stay a little rounder than they are drawn, which is no loss of a stroke.
    const double corner = line * line / 4;
    std::vector<LayerPlace> lost;
    for (const LayerPlace& place : placesOf(plane::without(shape, reached), corner))
        lost.push_back(place);
    return lost;
}

/// Triangles by the layers whose middles they cross.
std::vector<std::vector<int>> byLayer(const body::Mesh& mesh, const std::vector<double>& middles) {
    std::vector<std::vector<int>> crossing(middles.size());
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& [a, b, c] = mesh.triangles[t];
        const auto [low, high] =
            std::minmax({mesh.vertices[size_t(a)].z, mesh.vertices[size_t(b)].z, mesh.vertices[size_t(c)].z});
        for (auto at = std::ranges::lower_bound(middles, low); at != middles.end() && *at <= high; ++at)
            crossing[size_t(at - middles.begin())].push_back(int(t));
    }
    return crossing;
}

/// What of a layer the one below does not hold: parts with nothing at all below them, and the rest.
void lookBelow(Layer& layer, const Region& below, const LayerChoices& choices) {
    const double reach = (layer.high - layer.low) * std::tan(std::min(choices.overhang, 89.0) * M_PI / 180);
    const Region held = plane::grown(below, (reach + 0.002) * plane::unitsPerMillimetre);
    const Region hanging = plane::without(layer.shape, held);
    if (hanging.empty())
        return;
    Region steep;
    for (const Region& part : plane::parts(layer.shape)) {
        if (plane::common(part, below).empty()) {
            const std::vector<LayerPlace> all = placesOf(part, 0);
            layer.air.insert(layer.air.end(), all.begin(), all.end());
        } else {
            const Region over = plane::common(part, hanging);
            steep.rings.insert(steep.rings.end(), over.rings.begin(), over.rings.end());
        }
    }
    const double speck = choices.line * choices.line / 4;
    layer.steep = placesOf(steep, speck);
}

/// All of the layer is letters, but for what slicing rounds off.
bool isOfLetters(const Layer& layer) {
    constexpr double sliver = 0.01, share = 1e-3; // mm²; of its area
    return layer.letters > 0 && layer.area - layer.letters <= sliver + share * layer.area;
}

/// Whether the letters of a layer are seen: beside the blank, or where nothing lies above or below them.
bool isSeen(const Region& letters, const Layer& layer, const Layer* below, const Layer* above) {
    constexpr double sliver = 0.01; // mm, mm²
    if (borderOf(letters) - layer.between > sliver)
        return true;
    return std::ranges::any_of(std::array{below, above}, [&](const Layer* beside) {
        const Region open = beside ? plane::without(letters, beside->shape) : letters;
        return squareMillimetres(plane::areaOf(open)) > sliver;
    });
}

/// Where the material changes from layer to layer, by what is seen of it.
void findColourChanges(PrintProof& proof) {
    proof.oneNozzle = std::ranges::none_of(proof.layers, &Layer::showsBoth);
    if (!proof.oneNozzle)
        return;
    std::optional<bool> ofLetters; // the layer below
    for (const Layer& layer : proof.layers) {
        if (layer.area == 0)
            continue;
        const bool own = isOfLetters(layer);
        if (ofLetters && own != *ofLetters)
            proof.changes.push_back({layer.low, own});
        ofLetters = own;
    }
}

} // namespace

double Layer::lostArea() const {
    return std::accumulate(lost.begin(), lost.end(), 0.0,
                           [](double sum, const LayerPlace& place) { return sum + place.area; });
}

Region sliceOf(const body::Mesh& mesh, double z) {
    return sliced(mesh, byLayer(mesh, {z}).front(), z);
}

PrintProof printProofOf(const Lain& part, const LayerChoices& choices, const std::stop_token& stop,
                        const std::function<void(double)>& progress) {
    PrintProof proof;
    const double top = body::extentOf(part.all).high.z;
    constexpr double sliver = 1e-6; // mm
    std::vector<double> middles;
    for (double low = 0; low + sliver < top;) {
        const double height = low == 0 && choices.firstLayer > 0 ? choices.firstLayer : choices.layer;
        // The last is printed when its middle is still within the body.
        const double high = std::round((low + height) * 1e6) / 1e6;
        if ((low + high) / 2 > top - sliver)
            break;
        Layer& layer = proof.layers.emplace_back();
        layer.low = low;
        layer.high = high;
        middles.push_back((low + high) / 2);
        low = high;
    }
    const auto crossing = byLayer(part.all, middles), crossingBlank = byLayer(part.blank, middles),
               crossingLetters = byLayer(part.letters, middles);
    std::atomic<size_t> done = 0;
    const auto tell = [&] {
        if (progress)
            progress(double(++done) / double(2 * middles.size()));
    };
    tbb::parallel_for(tbb::blocked_range<size_t>(0, middles.size()), [&](const auto& range) {
        for (size_t i = range.begin(); i < range.end() && !stop.stop_requested(); ++i) {
            Layer& layer = proof.layers[i];
            layer.shape = sliced(part.all, crossing[i], middles[i]);
            layer.area = squareMillimetres(plane::areaOf(layer.shape));
            layer.lost = lostOf(layer.shape, choices.line);
            const Region inner = plane::grown(layer.shape, -choices.line * plane::unitsPerMillimetre);
            const Region outerLine = plane::grown(layer.shape, -choices.line / 2 * plane::unitsPerMillimetre);
            layer.lines = borderOf(outerLine) + squareMillimetres(plane::areaOf(inner)) / choices.line;
            if (!crossingLetters[i].empty()) {
                layer.ofLetters = sliced(part.letters, crossingLetters[i], middles[i]);
                const Region blank = sliced(part.blank, crossingBlank[i], middles[i]);
                layer.letters = squareMillimetres(plane::areaOf(layer.ofLetters));
                layer.between =
                    std::max(0.0, (borderOf(layer.ofLetters) + borderOf(blank) - borderOf(layer.shape)) / 2);
            }
            tell();
        }
    });
    tbb::parallel_for(tbb::blocked_range<size_t>(1, std::max<size_t>(1, middles.size())),
                      [&](const auto& range) {
                          for (size_t i = range.begin(); i < range.end() && !stop.stop_requested(); ++i) {
                              lookBelow(proof.layers[i], proof.layers[i - 1].shape, choices);
                              tell();
                          }
                      });
    tbb::parallel_for(tbb::blocked_range<size_t>(0, middles.size()), [&](const auto& range) {
        for (size_t i = range.begin(); i < range.end() && !stop.stop_requested(); ++i) {
            Layer& layer = proof.layers[i];
            if (layer.ofLetters.empty() || isOfLetters(layer))
                continue;
            layer.showsBoth = isSeen(layer.ofLetters, layer, i > 0 ? &proof.layers[i - 1] : nullptr,
                                     i + 1 < middles.size() ? &proof.layers[i + 1] : nullptr);
        }
    });
    findColourChanges(proof);
    for (const Layer& layer : proof.layers) {
        proof.lines += layer.lines;
        proof.stands = proof.stands && layer.air.empty();
        for (const LayerPlace& place : layer.lost)
            if (place.area > proof.largestLost.area)
                proof.largestLost = place;
    }
    return proof;
}

} // namespace bollard::proof
