#include "working/drawn_outlines.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include <map>

namespace bollard::working {

using plane::Contour, plane::Outline, plane::Region, plane::Segment, plane::Stamp, plane::Vector;

namespace {

constexpr double fine_mm = 0.001; // and half a grid unit

struct Of {
    size_t slot, letter;
};

/// Letters as drawings need them; what belongs to a glyph is made once.
class Drawer {
  public:
    explicit Drawer(std::span<const PlacedLetters> inscriptions) : inscriptions_(inscriptions) {}

    const PlacedLetters& letters(Of of) const { return inscriptions_[of.slot]; }
    const setting::Letter& letter(Of of) const { return letters(of).setting->letters[of.letter]; }

    /// The letter is its glyph, curve by curve.
    bool plain(Of of) const { return letters(of).asDrawn(of.letter) && drawnAs(of); }
    /// Or was when it was set.
    bool drawnAs(Of of) const {
        const setting::Setting& setting = *letters(of).setting;
        return !letter(of).own && setting.form.weight == 0 &&
               !setting.typeface->glyph(letter(of).glyph).mended;
    }

    Stamp stamp(Of of) {
        const setting::Setting& setting = *letters(of).setting;
        auto& outline = outlines_[{&setting, letter(of).glyph}];
        if (!outline)
            outline = std::make_shared<const Outline>(
                plane::mapped(setting.typeface->glyph(letter(of).glyph).outline, [&](Vector v) {
                    return (setting.scale / plane::unitsPerMillimetre) * setting.form.moved(v);
                }));
        const setting::Place& place = letters(of).place;
        const double turn = letter(of).turn;
        return {outline,
                {(1 / plane::unitsPerMillimetre) * place.toSide(plane::vectorOf(letter(of).at)),
                 letter(of).zoom, place.mirrors() ? place.turn() - turn : place.turn() + turn,
                 place.mirrors()}};
    }

    /// The letter's area where it lies, flattened more finely than for solids where curves are known.
    Region area(Of of) {
        const setting::Setting& setting = *letters(of).setting;
        if (!letters(of).asDrawn(of.letter))
            return letters(of).onSide[of.letter];
        auto& region = regions_[{&setting, letter(of).glyph, letter(of).zoom}];
        if (!region)
            region = std::make_shared<const Region>(setting.typeface->fineRegion(
                letter(of).glyph, setting.scale, setting.form, fine_mm / letter(of).zoom));
        setting::Letter finer = letter(of);
        finer.region = region;
        return letters(of).place.onSide(finer);
    }

  private:
    std::span<const PlacedLetters> inscriptions_;
    std::map<std::pair<const setting::Setting*, std::uint32_t>, std::shared_ptr<const Outline>> outlines_;
    std::map<std::tuple<const setting::Setting*, std::uint32_t, double>, std::shared_ptr<const Region>>
        regions_;
};

/// The letters of a kind that have an area, and which of them meet.
struct Meeting {
    std::vector<Of> of{};
    std::vector<plane::Box> boxes{};
    std::vector<std::pair<int, int>> pairs{};
};

Meeting meetingOf(std::span<const PlacedLetters> inscriptions, Kind kind,
                  const std::vector<std::vector<bool>>& left) {
    Meeting meeting;
    for (size_t slot = 0; slot < inscriptions.size(); ++slot) {
        if (inscriptions[slot].working.kind != kind)
            continue;
        for (size_t i = 0; i < inscriptions[slot].onSide.size(); ++i) {
            if (inscriptions[slot].onSide[i].empty() || (!left.empty() && left[slot][i]))
                continue;
            meeting.of.push_back({slot, i});
            meeting.boxes.push_back(plane::boxOf(inscriptions[slot].onSide[i]));
        }
    }
    meeting.pairs = plane::nearBoxes(meeting.boxes);
    return meeting;
}

std::vector<plane::Ring> ringsOf(const Outline& outline) {
    return plane::flattened(outline, plane::unitsPerMillimetre, fine_mm * plane::unitsPerMillimetre);
}

} // namespace

std::vector<Stamp> outlinesOf(std::span<const PlacedLetters> inscriptions, Kind kind,
                              const std::vector<std::vector<bool>>& left) {
    Drawer drawer(inscriptions);
    const Meeting meeting = meetingOf(inscriptions, kind, left);
    std::vector<bool> meets(meeting.of.size());
    if (kind != Kind::scribed) // lines to follow may cross
        for (const auto& [i, j] : meeting.pairs)
            meets[size_t(i)] = meets[size_t(j)] = true;
    std::vector<Stamp> stamps;
    std::vector<Region> areas;
    for (size_t k = 0; k < meeting.of.size(); ++k) {
        const Of of = meeting.of[k];
        // Scribed letters are followed along their own lines; others have the area of their stroke.
        const bool lines = kind == Kind::scribed;
        const bool areaOfStroke = drawer.letters(of).setting->typeface &&
                                  drawer.letters(of).setting->typeface->singleLine() && !lines;
        if (drawer.plain(of) && !meets[k] && !areaOfStroke)
            stamps.push_back(drawer.stamp(of));
        else
            areas.push_back(drawer.area(of));
    }
    if (!areas.empty())
        stamps.push_back(plane::stampOf(plane::outlineOf(plane::united(areas))));
    return stamps;
}

std::vector<Stamp> glyphOutlinesOf(const PlacedLetters& letters) {
    std::vector<Stamp> stamps;
    if (!letters.setting->typeface || letters.setting->typeface->singleLine())
        return stamps;
    Drawer drawer({&letters, 1});
    for (size_t i = 0; i < letters.onSide.size(); ++i)
        if (const Of of{0, i}; !letters.onSide[i].empty() && drawer.drawnAs(of))
            stamps.push_back(drawer.stamp(of));
    return stamps;
}

CutThrough cutThrough(const blank::Blank& blank, std::span<const PlacedLetters> inscriptions,
                      std::string_view side) {
    CutThrough result;
    // The edge first, then the holes; each with its own curves.
    std::vector<Contour> contours = blank::outlineOf(blank, side).contours;
    if (contours.empty())
        return {{}, outlinesOf(inscriptions, Kind::pierced)};
    for (Contour& hole : blank::holesOf(blank, side).contours)
        contours.push_back(std::move(hole));
    std::vector<plane::Ring> rings;
    std::vector<plane::Box> boxes;
    std::erase_if(contours, [](const Contour& contour) { return ringsOf({{contour}}).empty(); });
    for (const Contour& contour : contours) {
        rings.push_back(ringsOf({{contour}}).front());
        boxes.push_back(plane::boxOf(rings.back()));
    }
    if (contours.empty())
        return {{}, outlinesOf(inscriptions, Kind::pierced)};

    // Letters at an edge, and all that hangs together with them.
    const Meeting meeting = meetingOf(inscriptions, Kind::pierced, {});
    const plane::BoundaryIndex edges(blank::regionOf(blank, side));
    using Lies = plane::BoundaryIndex::Lies;
    std::vector<bool> atEdge(meeting.of.size());
    std::vector<std::vector<bool>> left;
    for (const PlacedLetters& letters : inscriptions)
        left.emplace_back(letters.onSide.size());
    for (size_t k = 0; k < meeting.of.size(); ++k) {
        const Of of = meeting.of[k];
        atEdge[k] = !edges.clearOf(meeting.boxes[k]);
        if (!atEdge[k] && edges.lies(inscriptions[of.slot].onSide[of.letter]) == Lies::outside)
            left[of.slot][of.letter] = true; // nothing to cut
    }
    for (bool more = true; more;) {
        more = false;
        for (const auto& [i, j] : meeting.pairs)
            if (atEdge[size_t(i)] != atEdge[size_t(j)])
                more = atEdge[size_t(i)] = atEdge[size_t(j)] = true;
    }
    Drawer drawer(inscriptions);
    std::vector<Region> areas;
    for (size_t k = 0; k < meeting.of.size(); ++k)
        if (atEdge[k]) {
            areas.push_back(drawer.area(meeting.of[k]));
            left[meeting.of[k].slot][meeting.of[k].letter] = true;
        }
    result.pierced = outlinesOf(inscriptions, Kind::pierced, left);

    // The edge and the holes that something crosses.
    std::vector<bool> crossed(contours.size());
    const plane::BoundaryIndex edge({{rings.front()}});
    for (size_t k = 1; k < contours.size(); ++k)
        if (!edge.clearOf(boxes[k]) || edge.lies({{rings[k]}}) != Lies::inside)
            crossed[0] = crossed[k] = true;
    for (const auto& [i, j] : plane::nearBoxes(boxes))
        if (i > 0)
            crossed[size_t(i)] = crossed[size_t(j)] = true;
    for (const Region& area : areas)
        for (size_t k = 0; k < contours.size(); ++k) {
            const bool near = k == 0 ? !edge.clearOf(plane::boxOf(area)) : boxes[k].meets(plane::boxOf(area));
            if (near)
                crossed[k] = true;
        }
    Outline kept;
    std::vector<Region> away = areas;
    bool any = !areas.empty();
    for (size_t k = 0; k < contours.size(); ++k) {
        any = any || crossed[k];
        if (!crossed[k])
            kept.contours.push_back(contours[k]);
        else if (k > 0)
            away.push_back({{rings[k]}});
    }
    if (!kept.contours.empty())
        result.blank.push_back(plane::stampOf(std::move(kept)));
    if (!any)
        return result;
    const Region letters = plane::united(areas);
    const plane::BoundaryIndex ofLetters(letters);
    const Region rest = plane::without({{rings.front()}}, plane::united(away));
    Outline cutBlank, cutLetters;
    for (const plane::Ring& ring : rest.rings) {
        if (!crossed[0] && plane::areaOf(ring) > 0 && plane::boxOf(ring) == boxes.front())
            continue; // the edge, as it is kept
        bool letterOnly = plane::areaOf(ring) < 0;
        for (size_t i = 0; i < ring.size() && letterOnly; ++i) {
            const Vector middle =
                0.5 * (plane::vectorOf(ring[i]) + plane::vectorOf(ring[(i + 1) % ring.size()]));
            letterOnly = ofLetters.passes(middle);
        }
        Outline& to = letterOnly ? cutLetters : cutBlank;
        for (Contour& contour : plane::outlineOf(Region{{ring}}).contours)
            to.contours.push_back(std::move(contour));
    }
    if (!cutBlank.contours.empty())
        result.blank.push_back(plane::stampOf(std::move(cutBlank)));
    if (!cutLetters.contours.empty())
        result.pierced.push_back(plane::stampOf(std::move(cutLetters)));
    return result;
}

} // namespace bollard::working
