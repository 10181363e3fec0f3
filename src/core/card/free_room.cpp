#include "card/free_room.hpp"
#include "plane/gap.hpp"
#include <algorithm>

namespace bollard::card {
namespace {

using plane::Box, plane::Vector;

Box boxAround(Vector middle_mm, Vector size_mm) {
    const Vector half = 0.5 * size_mm;
    Box box;
    box.include(plane::onGrid(plane::unitsPerMillimetre * (middle_mm - half)));
    box.include(plane::onGrid(plane::unitsPerMillimetre * (middle_mm + half)));
    return box;
}

plane::Region regionOf(const Box& box) {
    return {{{box.low, {box.high.x, box.low.y}, box.high, {box.low.x, box.high.y}}}};
}

/// Frames and borders are in the way where they are, not with the room within them.
std::vector<Box> takenBy(const Lettering& lettering, std::string_view side) {
    std::vector<Box> boxes;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        for (const plane::Region& shape : letters.side == side
                                              ? std::span<const plane::Region>(letters.onSide)
                                              : std::span<const plane::Region>{}) {
            const Box whole = plane::boxOf(shape);
            const bool hollow = shape.rings.size() == 2 && plane::boxOf(shape.rings[1]) != whole &&
                                letters.setting->typeface == nullptr;
            if (!hollow) {
                if (!whole.empty())
                    boxes.push_back(whole);
                continue;
            }
            for (const plane::Ring& ring : shape.rings)
                for (size_t i = 0; i < ring.size(); ++i) {
                    Box edge;
                    edge.include(ring[i]);
                    edge.include(ring[(i + 1) % ring.size()]);
                    boxes.push_back(edge);
                }
        }
    return boxes;
}

} // namespace

std::optional<Vector> freeRoom(const Card& card, const Lettering& lettering, Vector size_mm,
                               std::string_view side) {
    const std::vector<Box> taken = takenBy(lettering, blank::sideOf(card.blank, side));
    const auto reach = plane::toUnits(std::max(1.0, 0.15 * size_mm.y)); // as far apart as lines are
    const auto clear = [&](const Box& box) {
        return std::ranges::none_of(taken, [&](const Box& other) { return other.meets(box, reach); });
    };
    if (card.blank.kind == blank::Kind::none) {
        Box all;
        for (const Box& box : taken)
            all.include(box);
        if (all.empty())
            return Vector{};
        return Vector{plane::toMillimetres((double(all.low.x) + all.high.x) / 2),
                      plane::toMillimetres(double(all.low.y) - reach) - 0.6 * size_mm.y};
    }
    constexpr double rounding_mm = 0.02; // places are rounded to hundredths
    const plane::Region within = plane::grown(blank::regionOf(card.blank, side),
                                              -(card.blank.margin + rounding_mm) * plane::unitsPerMillimetre);
    if (within.empty())
        return std::nullopt;
    const plane::BoundaryIndex edge(within);
    const Vector blank = blank::sizeOf(card.blank, side), middle = 0.5 * blank;
    constexpr int steps = 24; // on each side of the middle
    struct Place {
        Vector at;
        double far;
    };
    std::vector<Place> places;
    for (int i = -steps; i <= steps; ++i)
        for (int k = -steps; k <= steps; ++k) {
            const Vector off{i * middle.x / steps, k * middle.y / steps};
            // Above or below the middle rather than beside it.
            places.push_back({middle + off, std::hypot(3 * off.x, off.y) + (k > 0 ? 1e-6 : 0)});
        }
    std::ranges::stable_sort(places, {}, &Place::far);
    for (const Place& place : places) {
        const Box box = boxAround(place.at, size_mm);
        if (clear(box) && edge.lies(regionOf(box)) == plane::BoundaryIndex::Lies::inside)
            return place.at;
    }
    return std::nullopt;
}

Inscription newInscription(const Card& card, const Lettering& lettering, const Inscription* model,
                           const std::string& words, const type::Catalogue* catalogue,
                           const std::string& side) {
    Inscription added;
    if (model && !model->isOrnament()) {
        added = *model;
        added.id.clear();
        added.unread = std::string();
        added.nudges.clear();
        added.ties.own.clear();
        added.group = 0;
        added.baseline = {};
        added.placing.turn = 0;
        added.cutsOut = added.hidden = false;
        if (added.style.sizeBy == setting::SizeBy::width || added.style.sizeBy == setting::SizeBy::height) {
            // The measure of other words says nothing of these.
            added.style.sizeBy = setting::SizeBy::capital;
            added.style.size = setting::TextStyle{}.size;
        }
    }
    added.words = words;
    added.side = side;
    added.placing.anchor = setting::Anchor::centre;
    const Vector middle = 0.5 * blank::sizeOf(card.blank, side);
    added.placing.x = middle.x;
    added.placing.y = middle.y;
    std::shared_ptr<const type::Typeface> typeface;
    if (catalogue)
        if (auto opened = catalogue->open(added.typeface, type::find(card.typefaces, added.typeface)))
            typeface = *std::move(opened);
    const double asked = added.style.size;
    constexpr double smaller = 0.8, smallest = 0.25;
    for (double share = 1; share >= smallest; share *= smaller) {
        const double size = std::max(std::round(asked * share * 10) / 10, ranges::size.least);
        added.style.size = share == 1 ? asked : size;
        const setting::Setting set =
            typeface ? setting::set(words, typeface, added.style, layingOf(card, added)) : setting::Setting{};
        const Box box = set.ink;
        const Vector room = box.empty() ? Vector{0.65 * size * double(words.size()), size}
                                        : Vector{plane::toMillimetres(double(box.high.x) - box.low.x),
                                                 plane::toMillimetres(double(box.high.y) - box.low.y)};
        if (const auto at = freeRoom(card, lettering, room, side)) {
            added.placing.x = std::round(at->x * 100) / 100;
            added.placing.y = std::round(at->y * 100) / 100;
            return added;
        }
    }
    added.style.size = asked;
    return added;
}

Inscription newOrnament(const Card& card, const Lettering& lettering, const Inscription* model,
                        const setting::Ornament& ornament, const std::string& side) {
    using setting::OrnamentKind;
    Inscription added;
    if (model)
        added.working = model->working;
    added.ornament = ornament;
    if (ornament.kind == OrnamentKind::backing) {
        const bool pierced = added.working.kind == working::Kind::pierced;
        added.working.edge = {};
        added.working.foot = added.working.colourFrom = 0;
        if (pierced) { // on the other side of the blank
            added.working.kind = working::Kind::raised;
            added.working.height = std::max(working::Working{}.height, ornament.reach);
            added.working.bedding = working::Working{}.bedding;
        } else { // within the height of the letters
            added.working.kind = working::Kind::freeStanding;
            const double share = ornament.form == setting::BackingForm::links ? 1 : 0.6;
            added.working.height = std::max(std::round(added.working.height * share * 10) / 10, 0.1);
        }
    }
    added.side = side;
    const Vector middle = 0.5 * blank::sizeOf(card.blank, side);
    added.placing.x = ornament.kind == OrnamentKind::border ? 0 : middle.x;
    added.placing.y = ornament.kind == OrnamentKind::border ? 0 : middle.y;
    const bool goesAlong = ornament.kind == OrnamentKind::border || !ornament.around.empty();
    if (goesAlong || ornament.kind == OrnamentKind::frame) // a frame is meant to have the others in it
        return added;
    const setting::Setting set = setting::set(ornament, {}, {});
    if (set.ink.empty())
        return added;
    const Vector size{plane::toMillimetres(double(set.ink.high.x) - set.ink.low.x),
                      plane::toMillimetres(double(set.ink.high.y) - set.ink.low.y)};
    if (const auto at = freeRoom(card, lettering, size, side)) {
        added.placing.x = std::round(at->x * 100) / 100;
        added.placing.y = std::round(at->y * 100) / 100;
    }
    return added;
}

} // namespace bollard::card
