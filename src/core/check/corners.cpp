#include "check/corners.hpp"
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace bollard::check {
namespace {

using plane::Region;

/// The cutter goes wherever its middle can stand, so it clears the shape shrunk and grown again by its
/// radius; around a shape it leaves the shape grown and shrunk again.
CornersLeft leftBy(const Region& shape, double radius, bool inside) {
    const double in = inside ? -radius : radius;
    const Region reached = plane::grown(plane::grown(shape, in), -in);
    const Region left = inside ? plane::without(shape, reached) : plane::without(reached, shape);
    // What is thinner than curves may be off is no corner.
    constexpr double hair = 0.025 * plane::unitsPerMillimetre;
    CornersLeft result;
    double most = 0;
    for (const Region& part : plane::parts(plane::grown(plane::grown(left, -hair / 2), hair / 2))) {
        const double area = plane::areaOf(part) / (plane::unitsPerMillimetre * plane::unitsPerMillimetre);
        result.area += area;
        if (area > most) {
            most = area;
            const plane::Box box = plane::boxOf(part);
            result.at = 0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high));
        }
    }
    return result;
}

struct Wanted {
    CornerKey key;
    int slot = 0, letter = 0;
};

} // namespace

void measureCorners(std::span<const working::PlacedLetters> inscriptions,
                    const std::vector<std::vector<KnownShape>>& shapes, double radius_mm,
                    MeasureMemory::State& memory, const std::stop_token& stop, Measures& out) {
    std::vector<Wanted> wanted;
    std::unordered_map<CornerKey, std::shared_ptr<const CornersLeft>, CornerHash> found;
    std::vector<const CornerKey*> unknown;
    for (size_t slot = 0; slot < inscriptions.size(); ++slot) {
        const working::PlacedLetters& letters = inscriptions[slot];
        if (letters.working.kind == working::Kind::scribed)
            continue; // a line is followed, not cleared
        for (size_t i = 0; i < letters.onSide.size(); ++i) {
            const setting::Letter& letter = letters.setting->letters[i];
            const auto& shape = letters.asDrawn(i) ? letter.region : shapes[slot][i].shape;
            if (!shape || letters.onSide[i].empty())
                continue;
            const double zoom = letters.isAltered(i) ? 1 : letter.zoom;
            const CornerKey key{shape, radius_mm, zoom, working::cuts(letters.working.kind)};
            wanted.push_back({key, int(slot), int(i)});
            const auto [place, isNew] = found.try_emplace(key);
            if (!isNew)
                continue;
            if (const auto kept = memory.corners.find(key); kept != memory.corners.end())
                place->second = kept->second.made;
            else
                unknown.push_back(&place->first);
        }
    }
    std::vector<std::shared_ptr<const CornersLeft>> made(unknown.size());
    tbb::parallel_for(size_t{0}, unknown.size(), [&](size_t k) {
        const CornerKey& key = *unknown[k];
        if (!stop.stop_requested())
            made[k] = std::make_shared<const CornersLeft>(
                leftBy(*key.shape, plane::unitsPerMillimetre * key.radius / key.zoom, key.inside));
    });
    if (stop.stop_requested())
        return;
    for (size_t k = 0; k < unknown.size(); ++k)
        found.at(*unknown[k]) = made[k];
    for (const auto& [key, left] : found)
        memory.keep(memory.corners, key, left);
    constexpr double least_mm2 = 0.001;
    for (const Wanted& w : wanted) {
        const CornersLeft& left = *found.at(w.key);
        const double area = left.area * w.key.zoom * w.key.zoom;
        if (area < least_mm2)
            continue;
        const working::PlacedLetters& letters = inscriptions[size_t(w.slot)];
        const auto i = size_t(w.letter);
        const plane::Vector at =
            letters.asDrawn(i) ? left.at : left.at + plane::vectorOf(shapes[size_t(w.slot)][i].at);
        out.corners.push_back(
            {area, letters.isAltered(i) ? at : letters.place.toSide(letters.setting->letters[i].toFrame(at)),
             w.slot, w.letter});
    }
}

} // namespace bollard::check
