#include "working/drawn_outlines.hpp"
#include "plane/near_boxes.hpp"

namespace bollard::working {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;

namespace {

/// The glyph with its own curves, where it lies.
Outline glyphOnSide(const PlacedLetters& letters, const setting::Letter& letter) {
    const setting::Setting& setting = *letters.setting;
    return plane::mapped(setting.typeface->glyph(letter.glyph).outline, [&](Vector v) {
        return (1 / plane::unitsPerMillimetre) *
               letters.place.toSide(letter.toFrame(setting.scale * setting.form.moved(v)));
    });
}

void add(Outline more, Outline& to) {
    std::ranges::move(more.contours, std::back_inserter(to.contours));
}

} // namespace

Outline outlineOf(const plane::Region& region) {
    Outline outline;
    for (const plane::Ring& ring : region.rings) {
        Contour contour{(1 / plane::unitsPerMillimetre) * plane::vectorOf(ring.front()), {}};
        for (size_t i = 1; i < ring.size(); ++i)
            contour.segments.push_back(
                {Segment::Kind::line, {}, {}, (1 / plane::unitsPerMillimetre) * plane::vectorOf(ring[i])});
        outline.contours.push_back(std::move(contour));
    }
    return outline;
}

Outline outlinesOf(const PlacedLetters& letters) {
    const setting::Setting& setting = *letters.setting;
    const auto& all = setting.letters;
    const bool scribed = letters.working.kind == Kind::scribed;
    std::vector<plane::Box> boxes;
    for (const plane::Region& region : letters.onSide)
        boxes.push_back(plane::boxOf(region));
    std::vector<bool> meets(all.size());
    if (!scribed)
        for (const auto& [i, j] : plane::nearBoxes(boxes))
            meets[size_t(i)] = meets[size_t(j)] = true;
    Outline outline;
    std::vector<plane::Region> areas;
    for (size_t i = 0; i < all.size(); ++i) {
        const bool plainGlyph = letters.asDrawn(i) && setting.form.weight == 0 && !meets[i] &&
                                !setting.typeface->glyph(all[i].glyph).mended;
        // Scribed letters are followed along their own lines; others have the area of their stroke.
        if (letters.onSide[i].empty())
            continue;
        if (plainGlyph && (scribed || !setting.typeface->singleLine()))
            add(glyphOnSide(letters, all[i]), outline);
        else
            areas.push_back(letters.onSide[i]);
    }
    add(outlineOf(plane::united(areas)), outline);
    return outline;
}

} // namespace bollard::working
