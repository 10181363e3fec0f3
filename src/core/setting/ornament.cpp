#include "setting/ornament.hpp"
#include "quantity/kept.hpp"
#include "setting/backing.hpp"
#include "setting/shapes.hpp"

namespace bollard::setting {
namespace {

using plane::Outline, plane::Region, plane::unitsPerMillimetre, plane::Vector;

constexpr double tolerance = 0.01 * unitsPerMillimetre;

/// The band along the inside of a shape's edge.
Region bandOf(const Region& shape, double band_mm) {
    return plane::without(shape, plane::grown(shape, -band_mm * unitsPerMillimetre));
}

Outline shapeOf(const Ornament& ornament, Vector low, Vector high) {
    switch (ornament.shape) {
    case FrameShape::oval:
        return ellipse(low, high);
    case FrameShape::circle:
        return {{plane::circle(0.5 * (low + high), (high.x - low.x) / 2)}};
    default:
        return {{plane::roundedRectangle(low, high, ornament.corner)}};
    }
}

Region grownOutside(const Region& letter, double by) {
    Region outside;
    for (const plane::Ring& ring : letter.rings)
        if (plane::areaOf(ring) > 0)
            outside.rings.push_back(ring);
    return plane::grown(outside, by);
}

/// A glyph grown, which costs more than all else of a frame: once for all words, and kept.
std::shared_ptr<const Region> grownGlyph(const std::shared_ptr<const Region>& glyph, double by) {
    constexpr size_t mostGlyphs = 1000;
    static quantity::Kept<std::pair<std::shared_ptr<const Region>, double>, std::shared_ptr<const Region>>
        known(mostGlyphs);
    return known.of({glyph, by}, [&] { return std::make_shared<const Region>(grownOutside(*glyph, by)); });
}

/// The words' letters grown by the distance and the band, without holes.
Region outlineAround(const Setting& words, const Ornament& ornament, const std::stop_token& stop) {
    const double by = (ornament.distance + ornament.band) * unitsPerMillimetre;
    std::vector<Region> letters;
    for (const Letter& letter : words.letters) {
        if (stop.stop_requested())
            return {};
        letters.push_back(letter.upright() ? plane::shifted(*grownGlyph(letter.region, by), letter.at)
                                           : grownOutside(shapeOf(letter), by));
    }
    // Neighbours first: what is within their outline need not be looked at again.
    constexpr size_t together = 8;
    while (letters.size() > 1 && !stop.stop_requested()) {
        std::vector<Region> joined;
        for (size_t i = 0; i < letters.size(); i += together)
            joined.push_back(
                plane::united(std::span(letters).subspan(i, std::min(together, letters.size() - i)), stop));
        letters = std::move(joined);
    }
    if (letters.empty())
        return {};
    Region around = std::move(letters.front());
    std::erase_if(around.rings, [](const plane::Ring& ring) { return plane::areaOf(ring) < 0; });
    return around;
}

Region frameOf(const Ornament& ornament, const Setting* words, const std::stop_token& stop) {
    if (ornament.around.empty()) {
        const Vector half{ornament.width / 2, ornament.height / 2};
        return bandOf(filledOf(shapeOf(ornament, -1.0 * half, half)), ornament.band);
    }
    if (!words || words->ink.empty())
        return {};
    if (ornament.shape == FrameShape::outline)
        return bandOf(outlineAround(*words, ornament, stop), ornament.band);
    const double room = ornament.distance + ornament.band;
    Vector low = (1 / unitsPerMillimetre) * plane::vectorOf(words->ink.low);
    Vector high = (1 / unitsPerMillimetre) * plane::vectorOf(words->ink.high);
    const Vector middle = 0.5 * (low + high);
    Vector half = 0.5 * (high - low);
    if (ornament.shape == FrameShape::oval) // both go through the corners of the words' box
        half = std::sqrt(2.0) * half;
    if (ornament.shape == FrameShape::circle)
        half = {plane::length(half), plane::length(half)};
    low = middle - half;
    high = middle + half;
    return bandOf(filledOf(shapeOf(ornament, low - Vector{room, room}, high + Vector{room, room})),
                  ornament.band);
}

Region borderOf(const Ornament& ornament, const Outline& edge, double turn) {
    if (edge.contours.empty())
        return {};
    const Region whole = filledOf({{edge.contours.front()}});
    if (!(turn > 0))
        return bandOf(plane::grown(whole, -ornament.distance * unitsPerMillimetre), ornament.band);
    // Round a side that closes there is no edge to its left and right: two bands.
    const plane::Box box = plane::boxOf(whole);
    const std::int32_t from = plane::toUnits(ornament.distance),
                       to = plane::toUnits(ornament.distance + ornament.band), round = plane::toUnits(turn);
    if (box.high.y - box.low.y <= 2 * to)
        return {};
    Region bands;
    for (const auto& [low, high] :
         {std::pair{box.low.y + from, box.low.y + to}, std::pair{box.high.y - to, box.high.y - from}})
        bands.rings.push_back({{0, low}, {round, low}, {round, high}, {0, high}});
    return bands;
}

Region artworkOf(const Ornament& ornament) {
    const double scale = ornament.scale / 100;
    const Outline drawn = plane::mapped(*ornament.artwork, [&](Vector v) { return scale * v; });
    Outline open;
    std::ranges::copy_if(drawn.contours, std::back_inserter(open.contours), &plane::Contour::open);
    const Region lines = plane::stroked(plane::lines(open, unitsPerMillimetre, tolerance),
                                        ornament.stroke * unitsPerMillimetre, plane::Ends::round);
    return plane::united(std::vector{filledOf(drawn), lines});
}

} // namespace

Setting set(const Ornament& ornament, const Belonging& belongs, const Outline& edge, bool traced,
            const std::stop_token& stop) {
    Setting setting;
    setting.scale = 1;
    Region shape;
    std::vector<OnPosts> onPosts;
    const Setting* const words = belongs.words;
    switch (ornament.kind) {
    case OrnamentKind::none:
        return setting;
    case OrnamentKind::frame:
        shape = frameOf(ornament, words, stop);
        break;
    case OrnamentKind::bar: {
        const Vector half{ornament.width / 2, ornament.height / 2};
        shape = filledOf({{plane::roundedRectangle(-1.0 * half, half, ornament.corner)}});
        break;
    }
    case OrnamentKind::border:
        shape = borderOf(ornament, edge, belongs.turn);
        break;
    case OrnamentKind::artwork:
        shape = artworkOf(ornament);
        break;
    case OrnamentKind::backing:
        if (words) {
            Backing backing = backingOf(ornament, belongs, stop);
            shape = std::move(backing.shape);
            onPosts = std::move(backing.onPosts);
        }
        break;
    }
    if (traced) {
        std::vector<plane::Line> rings = shape.rings;
        for (plane::Line& ring : rings)
            ring.push_back(ring.front());
        shape = plane::stroked(rings, ornament.stroke * unitsPerMillimetre, plane::Ends::round);
    }
    const auto add = [&](Region part, std::shared_ptr<const Region> clear) {
        Letter letter;
        letter.own = true;
        letter.box = plane::boxOf(part);
        letter.clear = std::move(clear);
        letter.beyond = letter.box.beyondGrid();
        if (letter.beyond) {
            letter.box = {};
            part = {};
        }
        setting.ink.include(letter.box);
        letter.region = std::make_shared<const Region>(std::move(part));
        setting.letters.push_back(std::move(letter));
    };
    for (Region& part : plane::parts(shape))
        add(std::move(part), nullptr);
    for (OnPosts& one : onPosts)
        add(std::move(one.posts), std::make_shared<const Region>(std::move(one.bar)));
    setting.flat = setting.ink;
    setting.frame = setting.ink.empty() ? plane::Box{{0, 0}, {0, 0}} : setting.ink;
    if (ornament.goesWithWords() && words)
        setting.frame = words->frame;
    if (ornament.kind == OrnamentKind::border)
        setting.frame = {{0, 0}, {0, 0}}; // lies where the edge is
    return setting;
}

} // namespace bollard::setting
