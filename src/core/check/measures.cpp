#include "check/measures.hpp"
#include "check/corners.hpp"
#include "check/necks.hpp"
#include "plane/near_boxes.hpp"
#include <optional>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace bollard::check {
namespace {

using plane::toMillimetres, plane::Vector;
using working::PlacedLetters;

constexpr double leastReach_mm = 2, mostReach_mm = 10;

/// How far gaps are looked for: as far as any limit, and about a letter space of large letters.
double reachOf(const PlacedLetters& letters, double limit_mm) {
    const double capital_mm = setting::measureOf(*letters.setting, setting::SizeBy::capital);
    return plane::unitsPerMillimetre *
           std::max(limit_mm, std::clamp(0.3 * capital_mm, leastReach_mm, mostReach_mm));
}

type::GlyphForm withoutWeight(type::GlyphForm form) {
    form.weight = 0;
    return form;
}

bool isGlyph(const PlacedLetters& letters, size_t i) {
    const setting::Letter& letter = letters.setting->letters[i];
    return !letter.missing && !letter.drawsNothing && letters.asDrawn(i);
}

using Widths = std::shared_ptr<const std::vector<plane::WidthSample>>;

/// The widths of each distinct glyph; nothing when stopped.
std::unordered_map<std::uint32_t, Widths>
widthsOfGlyphs(const PlacedLetters& letters, const type::GlyphForm& form, const std::stop_token& stop) {
    const setting::Setting& setting = *letters.setting;
    std::unordered_map<std::uint32_t, Widths> widths;
    for (size_t i = 0; i < setting.letters.size(); ++i)
        if (isGlyph(letters, i))
            widths.try_emplace(setting.letters[i].glyph);
    std::vector<std::uint32_t> unknown;
    for (const auto& [glyph, known] : widths)
        if (!setting.typeface->hasWidths(glyph, form))
            unknown.push_back(glyph);
    tbb::parallel_for(size_t{0}, unknown.size(), [&](size_t i) {
        if (!stop.stop_requested())
            setting.typeface->widths(unknown[i], form);
    });
    if (stop.stop_requested())
        return {};
    for (auto& [glyph, known] : widths)
        known = setting.typeface->widths(glyph, form);
    return widths;
}

/// The letters that are no glyphs, by inscription and letter; each of equal ones is measured once.
std::vector<std::vector<KnownShape>> ownShapes(std::span<const PlacedLetters> inscriptions,
                                               MeasureMemory::State& memory, const std::stop_token& stop) {
    std::vector<std::vector<KnownShape>> shapes;
    std::vector<std::shared_ptr<const plane::Region>> unknown;
    for (const PlacedLetters& letters : inscriptions) {
        std::vector<KnownShape>& known = shapes.emplace_back(letters.onSide.size());
        for (size_t i = 0; i < known.size() && !stop.stop_requested(); ++i) {
            if (letters.asDrawn(i) || letters.onSide[i].empty())
                continue;
            const plane::Region& region =
                letters.isAltered(i) ? letters.onSide[i] : *letters.setting->letters[i].region;
            known[i].at = plane::boxOf(region).low;
            auto shape =
                std::make_shared<const plane::Region>(plane::shifted(region, plane::Point{} - known[i].at));
            const auto [kept, isNew] = memory.widths.try_emplace(shape);
            if (isNew)
                unknown.push_back(kept->first);
            memory.needed += isNew || kept->second.run != memory.run ? 1 : 0;
            kept->second.run = memory.run;
            known[i].shape = kept->first;
        }
    }
    std::vector<std::shared_ptr<const std::vector<plane::WidthSample>>> made(unknown.size());
    tbb::parallel_for(size_t{0}, unknown.size(), [&](size_t i) {
        if (!stop.stop_requested())
            made[i] = std::make_shared<const std::vector<plane::WidthSample>>(
                plane::widthsOf(plane::medialAxis(*unknown[i]), *unknown[i]));
    });
    for (size_t i = 0; i < unknown.size(); ++i) {
        if (made[i])
            memory.widths.at(unknown[i]).made = made[i];
        else // stopped: it is not known after all
            memory.widths.erase(unknown[i]);
    }
    for (std::vector<KnownShape>& known : shapes)
        for (KnownShape& shape : known)
            if (const auto kept = shape.shape ? memory.widths.find(shape.shape) : memory.widths.end();
                kept != memory.widths.end())
                shape.widths = kept->second.made;
    return shapes;
}

/// Necks of a letter that stands free.
void addNecks(const Readings::OfShape& shape, Readings& out) {
    if (out.letters[size_t(shape.inscription)].working != working::Kind::freeStanding)
        return;
    for (const plane::WidthSample& sample : *shape.widths)
        if (sample.kind == plane::WidthKind::neck)
            out.single.push_back(out.reading(shape, sample));
}

void measureStrokes(const PlacedLetters& letters, int slot, const std::vector<KnownShape>& shapes,
                    const std::stop_token& stop, Measures& out) {
    const setting::Setting& setting = *letters.setting;
    const auto add = [&](Readings::OfShape shape) {
        addNecks(shape, out.readings);
        out.readings.shapes.push_back(std::move(shape));
    };
    for (size_t i = 0; i < shapes.size(); ++i)
        if (shapes[i].widths)
            add({shapes[i].widths, slot, int(i),
                 letters.isAltered(i) ? Readings::From::side : Readings::From::shape,
                 plane::vectorOf(shapes[i].at)});
    const auto forGlyphs = [&](const type::GlyphForm& form, const auto& take) {
        const auto widths = widthsOfGlyphs(letters, form, stop);
        if (stop.stop_requested())
            return;
        for (size_t i = 0; i < setting.letters.size(); ++i)
            if (isGlyph(letters, i))
                take({widths.at(setting.letters[i].glyph), slot, int(i)});
    };
    forGlyphs(setting.form, add);
    if (setting.form.weight == 0)
        return;
    // A stroke grows by the weight on both sides and a counter shrinks by it: below 0 nothing is left to
    // measure.
    const auto isLost = [&](const plane::WidthSample& sample) {
        return (sample.kind == plane::WidthKind::stroke && sample.width + 2 * setting.form.weight <= 0) ||
               (sample.kind == plane::WidthKind::counter && sample.width - 2 * setting.form.weight <= 0);
    };
    forGlyphs(withoutWeight(setting.form), [&](const Readings::OfShape& shape) {
        for (const plane::WidthSample& sample : *shape.widths)
            if (isLost(sample))
                out.lost.push_back(out.readings.reading(shape, sample));
    });
}

/// Long shapes are cut up, so that rings within rings are near only where their bands are.
std::vector<plane::Box> boxesOf(const plane::Region& shape) {
    constexpr size_t sides = 24;
    std::vector<plane::Box> boxes;
    for (const plane::Ring& ring : shape.rings)
        for (size_t i = 0; i < ring.size(); i += sides) {
            plane::Box& box = boxes.emplace_back();
            for (size_t k = i; k <= std::min(i + sides, ring.size()); ++k)
                box.include(ring[k % ring.size()]);
        }
    return boxes;
}

void addNearPairs(std::span<const PlacedLetters> inscriptions, const SideBounds& side,
                  const std::vector<double>& reaches, std::vector<NearPair>& pairs) {
    struct Of {
        int slot, letter;
        plane::Box own; // as the inscription has it
        int round;
    };
    std::vector<Of> of;
    std::vector<plane::Box> boxes; // as the side has it at its widest
    const auto widened = [&](int slot, double x) {
        const PlacedLetters& letters = inscriptions[size_t(slot)];
        const double at = double(letters.place.at().x);
        return at + (x - at) / letters.narrowing;
    };
    double reach = 0;
    for (size_t slot = 0; slot < inscriptions.size(); ++slot) {
        const PlacedLetters& letters = inscriptions[slot];
        if (letters.side != side.name)
            continue;
        reach = std::max(reach, reaches[slot] / letters.narrowing);
        for (size_t i = 0; i < letters.onSide.size(); ++i) {
            // A letter may lie over another wholly; shapes of their own are parts of one drawing.
            const bool own = letters.setting->letters[i].own;
            for (const plane::Box& box :
                 own ? boxesOf(letters.onSide[i]) : std::vector{plane::boxOf(letters.onSide[i])}) {
                of.push_back({int(slot), int(i), box, 0});
                boxes.push_back(box);
                if (letters.narrowing != 1 && !box.empty()) {
                    boxes.back().low.x = plane::onGrid(widened(int(slot), double(box.low.x)));
                    boxes.back().high.x = plane::onGrid(widened(int(slot), double(box.high.x)));
                }
            }
        }
    }
    // Everything a second time, once round.
    for (size_t i = 0, count = boxes.size(); side.turn != 0 && i < count; ++i) {
        boxes.push_back(plane::shifted(boxes[i], {side.turn, 0}));
        of.push_back({of[i].slot, of[i].letter, of[i].own, 1});
    }
    for (const auto& [a, b] : plane::nearBoxes(boxes, static_cast<std::int32_t>(reach))) {
        const Of &first = of[size_t(a)], &second = of[size_t(b)];
        if (first.round != 0)
            continue; // both: as where they are
        const double pairReach = std::min(reaches[size_t(first.slot)], reaches[size_t(second.slot)]);
        const bool same = first.slot == second.slot && first.letter == second.letter && second.round == 0;
        // Where the first one's latitude has the other.
        const PlacedLetters &one = inscriptions[size_t(first.slot)],
                            &other = inscriptions[size_t(second.slot)];
        std::int32_t shift = second.round * side.turn;
        if (one.narrowing != 1 || other.narrowing != 1) {
            const double middle = (double(second.own.low.x) + second.own.high.x) / 2;
            const double there = widened(second.slot, middle) + shift, at = double(one.place.at().x);
            shift = first.slot == second.slot ? plane::onGrid(shift * one.narrowing)
                                              : plane::onGrid(at + (there - at) * one.narrowing - middle);
        }
        if (!same &&
            first.own.meets(plane::shifted(second.own, {shift, 0}), static_cast<std::int32_t>(pairReach)))
            pairs.push_back({first.slot, second.slot, first.letter, second.letter, pairReach, shift});
    }
}

std::vector<NearPair> nearPairs(std::span<const PlacedLetters> inscriptions,
                                std::span<const SideBounds> sides, double limit_mm,
                                const std::stop_token& stop) {
    std::vector<NearPair> pairs;
    std::vector<double> reaches;
    for (const PlacedLetters& letters : inscriptions)
        reaches.push_back(reachOf(letters, limit_mm));
    for (const SideBounds& side : sides)
        if (!stop.stop_requested())
            addNearPairs(inscriptions, side, reaches, pairs);
    std::ranges::sort(pairs);
    pairs.erase(std::unique(pairs.begin(), pairs.end()), pairs.end());
    return pairs;
}

void addGap(const PairGap& measured, std::span<const PlacedLetters> inscriptions, const NearPair& pair,
            Measures& out) {
    if (!measured.gap->inReach)
        return;
    const auto cuts = [&](int slot) { return working::cuts(inscriptions[size_t(slot)].working.kind); };
    out.readings.pairs.push_back({measured.gap, pair.slot, pair.letter, pair.otherSlot, pair.other,
                                  measured.onSide, cuts(pair.slot) != cuts(pair.otherSlot),
                                  plane::vectorOf(measured.shift)});
}

/// Where other letters stand, for what lies between shapes of one ornament.
class Cover {
  public:
    explicit Cover(std::span<const PlacedLetters> inscriptions) : inscriptions_(inscriptions) {}

    /// The narrowest place between the two is filled by letters of another inscription that stand as well.
    bool covers(const NearPair& pair, const PairGap& measured) {
        const PlacedLetters& own = inscriptions_[size_t(pair.slot)];
        if (pair.slot != pair.otherSlot || own.setting->typeface || working::cuts(own.working.kind) ||
            !measured.gap->inReach)
            return false;
        if (boxes_.empty())
            for (const PlacedLetters& letters : inscriptions_)
                for (const plane::Region& letter : letters.onSide)
                    boxes_.push_back(plane::boxOf(letter));
        const Vector at = measured.onSide
                              ? measured.gap->at
                              : own.place.toSide(measured.gap->at + plane::vectorOf(measured.shift));
        const plane::Point there = plane::onGrid(at);
        size_t box = 0;
        for (size_t slot = 0; slot < inscriptions_.size(); ++slot)
            for (const plane::Region& letter : inscriptions_[slot].onSide)
                if (const PlacedLetters& other = inscriptions_[slot];
                    boxes_[box++].meets({there, there}) && int(slot) != pair.slot && other.side == own.side &&
                    !working::cuts(other.working.kind) && plane::contains(letter, there))
                    return true;
        return false;
    }

  private:
    std::span<const PlacedLetters> inscriptions_;
    std::vector<plane::Box> boxes_;
};

/// Shapes that are only shifted meet in the same way again and again and are remembered; others are measured
/// as they lie.
std::vector<PairGap> gapsOf(std::span<const PlacedLetters> inscriptions,
                            const std::vector<std::vector<KnownShape>>& shapes,
                            const std::vector<NearPair>& near, MeasureMemory::State& memory,
                            const std::stop_token& stop) {
    std::vector<PairGap> gaps(near.size());
    std::vector<PairKey> keys(near.size());
    std::vector<size_t> unknown;
    std::unordered_map<PairKey, size_t, PairHash> firstOf; // of the unknown ones: which pair stands for it
    for (size_t k = 0; k < near.size(); ++k) {
        const NearPair& pair = near[k];
        const bool within = pair.slot == pair.otherSlot && pair.round == 0;
        const bool joined = mayJoin(inscriptions, pair);
        const auto shifted = [&](int slot, int letter) {
            return shiftedOf(inscriptions[size_t(slot)], shapes[size_t(slot)][size_t(letter)], size_t(letter),
                             !within);
        };
        const Shifted a = shifted(pair.slot, pair.letter), b = shifted(pair.otherSlot, pair.other);
        gaps[k].onSide = !within || !a.shape || !b.shape;
        if (!a.shape || !b.shape) {
            unknown.push_back(k);
            continue;
        }
        gaps[k].shift = a.at;
        keys[k] = {a.shape, b.shape, b.at + plane::Point{pair.round, 0} - a.at, pair.reach, joined};
        gaps[k].gap = memory.gap(keys[k]);
        if (!gaps[k].gap && firstOf.try_emplace(keys[k], k).second)
            unknown.push_back(k);
    }
    constexpr size_t worthATask = 16;
    tbb::parallel_for(tbb::blocked_range<size_t>(0, unknown.size(), worthATask), [&](const auto& range) {
        for (size_t u = range.begin(); u < range.end() && !stop.stop_requested(); ++u) {
            const size_t k = unknown[u];
            const NearPair& pair = near[k];
            const auto onSide = [&](int slot, int letter) -> const plane::Region& {
                return inscriptions[size_t(slot)].onSide[size_t(letter)];
            };
            const bool joined = mayJoin(inscriptions, pair);
            gaps[k].gap = std::make_shared<const plane::Gap>(
                keys[k].first
                    ? plane::gapBetween(*keys[k].first, *keys[k].second, keys[k].offset, pair.reach, joined)
                    : plane::gapBetween(onSide(pair.slot, pair.letter), onSide(pair.otherSlot, pair.other),
                                        {pair.round, 0}, pair.reach, joined));
        }
    });
    if (stop.stop_requested())
        return {};
    for (size_t k = 0; k < near.size(); ++k) {
        if (!keys[k].first)
            continue;
        if (!gaps[k].gap)
            gaps[k].gap = gaps[firstOf.at(keys[k])].gap;
        memory.keep(memory.gaps, keys[k], gaps[k].gap);
    }
    return gaps;
}

double edgeReachOf(const PlacedLetters& letters, const Reach& reach) {
    return std::max(reachOf(letters, reach.gaps), (reach.edges + 1) * plane::unitsPerMillimetre);
}

void measureEdges(const PlacedLetters& letters, int slot, const plane::BoundaryIndex& blank, double reach,
                  const std::stop_token& stop, Measures& out) {
    for (size_t i = 0; i < letters.onSide.size() && !stop.stop_requested(); ++i) {
        const plane::Region& letter = letters.onSide[i];
        if (letter.empty())
            continue;
        using Lies = plane::BoundaryIndex::Lies;
        if (const Lies lies = blank.lies(letter); lies != Lies::inside) {
            const plane::Point some = letter.rings.front().front();
            out.overhangs.push_back({slot, int(i), lies == Lies::outside, plane::vectorOf(some)});
            continue;
        }
        for (const plane::GapSample& sample : blank.gapTo(letter, reach).samples)
            out.readings.single.push_back({ReadingKind::edge, sample.at, toMillimetres(sample.distance),
                                           toMillimetres(sample.length), slot, int(i)});
    }
}

} // namespace

MeasureMemory::MeasureMemory() : state_(std::make_unique<State>()) {}
MeasureMemory::~MeasureMemory() = default;

size_t MeasureMemory::size() const {
    return state_->size();
}

Measures measuresOf(std::span<const PlacedLetters> inscriptions, std::span<const SideBounds> sides,
                    const Reach& reach, MeasureMemory& memory, const std::stop_token& stop) {
    Measures measures;
    for (const PlacedLetters& letters : inscriptions)
        measures.readings.letters.push_back({letters.setting, letters.place, letters.working.kind});
    MeasureMemory::State& kept = memory.state();
    kept.beginRun();
    const auto shapes = ownShapes(inscriptions, kept, stop);
    const auto near = nearPairs(inscriptions, sides, reach.gaps, stop);
    const auto gaps = gapsOf(inscriptions, shapes, near, kept, stop);
    std::vector<std::optional<plane::BoundaryIndex>> edges(sides.size());
    for (size_t side = 0; side < sides.size() && !stop.stop_requested(); ++side) {
        plane::Box about;
        double farthest = 0;
        for (const PlacedLetters& letters : inscriptions) {
            if (letters.side != sides[side].name)
                continue;
            farthest = std::max(farthest, edgeReachOf(letters, reach));
            for (const plane::Region& letter : letters.onSide)
                about.include(plane::boxOf(letter));
        }
        if (about.empty() || sides[side].boundary.empty())
            continue;
        const auto room = static_cast<std::int32_t>(farthest) + 1;
        edges[side].emplace(sides[side].boundary, plane::Box{about.low - plane::Point{room, room},
                                                             about.high + plane::Point{room, room}});
    }
    Cover cover(inscriptions);
    size_t pair = 0;
    for (size_t slot = 0; slot < inscriptions.size() && !stop.stop_requested(); ++slot) {
        const PlacedLetters& letters = inscriptions[slot];
        measureStrokes(letters, int(slot), shapes[slot], stop, measures);
        if (stop.stop_requested())
            break;
        for (; pair < near.size() && near[pair].slot == int(slot); ++pair)
            if (!cover.covers(near[pair], gaps[pair]))
                addGap(gaps[pair], inscriptions, near[pair], measures);
        const auto side = std::ranges::find(sides, letters.side, &SideBounds::name);
        if (side == sides.end())
            continue;
        if (const auto& edge = edges[size_t(side - sides.begin())])
            measureEdges(letters, int(slot), *edge, edgeReachOf(letters, reach), stop, measures);
    }
    if (!stop.stop_requested())
        measureNecks(inscriptions, shapes, near, gaps, kept, stop, measures);
    if (reach.corners > 0 && !stop.stop_requested())
        measureCorners(inscriptions, shapes, reach.corners, kept, stop, measures);
    if (!stop.stop_requested()) {
        kept.endRun();
        measures.extremes = measures.readings.extremes();
    }
    return measures;
}

double thinnestStroke(const setting::Setting& setting) {
    double least = 0;
    for (const setting::Letter& letter : setting.letters) {
        if (letter.own || letter.missing || letter.drawsNothing)
            continue;
        for (const plane::WidthSample& sample : *setting.typeface->widths(letter.glyph, setting.form))
            if (sample.kind == plane::WidthKind::stroke && (least == 0 || sample.width < least))
                least = sample.width;
    }
    return toMillimetres(setting.scale * least);
}

const Reading* narrowest(const Measures& measures, ReadingKind kind) {
    const Reading* least = nullptr;
    for (const Reading& reading : measures.extremes)
        if (reading.kind == kind && (!least || reading.width < least->width))
            least = &reading;
    return least;
}

} // namespace bollard::check
