#include "check/measures.hpp"
#include "plane/near_boxes.hpp"
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <unordered_set>

namespace bollard::check {
namespace {

using plane::toMillimetres, plane::Vector;
using working::PlacedLetters;

constexpr double leastReach_mm = 2, mostReach_mm = 10;

/// How far gaps are looked for: farther than any limit, and about a letter space of large letters.
double reachOf(const PlacedLetters& letters) {
    const double capital_mm = setting::measureOf(*letters.setting, setting::SizeBy::capital);
    return plane::unitsPerMillimetre * std::clamp(0.3 * capital_mm, leastReach_mm, mostReach_mm);
}

ReadingKind kindOf(plane::WidthKind kind) {
    switch (kind) {
    case plane::WidthKind::stroke:
        return ReadingKind::stroke;
    case plane::WidthKind::counter:
        return ReadingKind::counter;
    case plane::WidthKind::opening:
        return ReadingKind::opening;
    case plane::WidthKind::bridge:
        break;
    }
    return ReadingKind::bridge;
}

type::GlyphForm withoutWeight(type::GlyphForm form) {
    form.weight = 0;
    return form;
}

/// Measures each distinct glyph once, before they are asked for one by one.
void warmGlyphs(const PlacedLetters& letters, const type::GlyphForm& form, const std::stop_token& stop) {
    const setting::Setting& setting = *letters.setting;
    std::unordered_set<std::uint32_t> distinct;
    for (size_t i = 0; i < setting.letters.size(); ++i)
        if (letters.asDrawn(i) && !setting.typeface->hasWidths(setting.letters[i].glyph, form))
            distinct.insert(setting.letters[i].glyph);
    const std::vector<std::uint32_t> glyphs(distinct.begin(), distinct.end());
    tbb::parallel_for(size_t{0}, glyphs.size(), [&](size_t i) {
        if (!stop.stop_requested())
            setting.typeface->widths(glyphs[i], form);
    });
}

/// Widths of all letters that are glyphs, in a form, as far as they are wanted.
template<class Wanted>
void readWidths(const PlacedLetters& letters, int slot, const type::GlyphForm& form, Wanted wanted,
                std::vector<Reading>& out) {
    const setting::Setting& setting = *letters.setting;
    for (size_t i = 0; i < setting.letters.size(); ++i) {
        const setting::Letter& letter = setting.letters[i];
        if (letter.missing || letter.drawsNothing || !letters.asDrawn(i))
            continue;
        const auto widths = setting.typeface->widths(letter.glyph, form);
        const double scale = setting.scale * letter.zoom;
        for (const plane::WidthSample& sample : *widths) {
            if (!wanted(sample))
                continue;
            const Vector at = letter.toFrame(setting.scale * sample.at);
            out.push_back({kindOf(sample.kind), letters.place.toSide(at), toMillimetres(scale * sample.width),
                           toMillimetres(scale * sample.length), slot, int(i)});
        }
    }
}

/// Widths of the letters that are shapes of their own.
void readOwnWidths(const PlacedLetters& letters, int slot, WidthMemory& memory, const std::stop_token& stop,
                   std::vector<Reading>& out) {
    const auto read = [&](const std::vector<plane::WidthSample>& widths, size_t letter, auto toSide) {
        for (const plane::WidthSample& sample : widths)
            out.push_back({kindOf(sample.kind), toSide(sample.at), toMillimetres(sample.width),
                           toMillimetres(sample.length), slot, int(letter)});
    };
    for (size_t i = 0; i < letters.onSide.size() && !stop.stop_requested(); ++i) {
        const setting::Letter& letter = letters.setting->letters[i];
        if (letters.asDrawn(i) || letters.onSide[i].empty())
            continue;
        const bool altered = i < letters.altered.size() && letters.altered[i];
        if (altered)
            read(plane::widthsOf(plane::medialAxis(letters.onSide[i]), letters.onSide[i]), i,
                 [](Vector at) { return at; });
        else
            read(*memory.of(letter.region), i,
                 [&](Vector at) { return letters.place.toSide(letter.toFrame(at)); });
    }
}

void measureStrokes(const PlacedLetters& letters, int slot, WidthMemory& memory, const std::stop_token& stop,
                    Measures& out) {
    const type::GlyphForm& form = letters.setting->form;
    warmGlyphs(letters, form, stop);
    readOwnWidths(letters, slot, memory, stop, out.readings);
    if (stop.stop_requested())
        return;
    readWidths(
        letters, slot, form, [](const auto&) { return true; }, out.readings);
    if (form.weight == 0)
        return;
    // A stroke grows by the weight on both sides and a counter shrinks by it: below 0 nothing is left to
    // measure.
    const type::GlyphForm before = withoutWeight(form);
    warmGlyphs(letters, before, stop);
    if (stop.stop_requested())
        return;
    const auto isLost = [&](const plane::WidthSample& sample) {
        return (sample.kind == plane::WidthKind::stroke && sample.width + 2 * form.weight <= 0) ||
               (sample.kind == plane::WidthKind::counter && sample.width - 2 * form.weight <= 0);
    };
    readWidths(letters, slot, before, isLost, out.lost);
}

/// A gap measured in the setting (from the first letter's place there) or on the side.
struct PairGap {
    std::shared_ptr<const plane::Gap> gap;
    bool onSide = false;
};

void addGap(const PairGap& measured, Vector shift, const PlacedLetters& letters, int slot,
            std::pair<int, int> pair, Measures& out) {
    const plane::Gap& gap = *measured.gap;
    if (!gap.inReach)
        return;
    const auto onSide = [&](Vector at) { return measured.onSide ? at : letters.place.toSide(at + shift); };
    if (gap.kind != plane::Gap::Kind::apart) {
        out.joints.push_back({onSide(gap.at), toMillimetres(gap.neck), slot, pair.first, pair.second});
        return;
    }
    for (const plane::GapSample& sample : gap.samples)
        out.readings.push_back({ReadingKind::gap, onSide(sample.at), toMillimetres(sample.distance),
                                toMillimetres(sample.length), slot, pair.first});
}

/// Upright glyphs meet in the same way again and again and are remembered; others are measured as they lie.
std::vector<PairGap> gapsOf(const PlacedLetters& letters, const std::vector<std::pair<int, int>>& near,
                            double reach, GapMemory& memory) {
    const auto& all = letters.setting->letters;
    const auto plain = [&](int i) { return all[size_t(i)].upright() && letters.asDrawn(size_t(i)); };
    std::vector<PairGap> gaps(near.size());
    std::vector<GapMemory::Pair> pairs;
    std::vector<size_t> places, others;
    for (size_t k = 0; k < near.size(); ++k) {
        const auto [i, j] = near[k];
        if (!plain(i) || !plain(j)) {
            others.push_back(k);
            continue;
        }
        places.push_back(k);
        pairs.push_back(
            {all[size_t(i)].region, all[size_t(j)].region, all[size_t(j)].at - all[size_t(i)].at});
    }
    const auto known = memory.gapsOf(pairs, reach);
    for (size_t p = 0; p < places.size(); ++p)
        gaps[places[p]].gap = known[p];
    tbb::parallel_for(size_t{0}, others.size(), [&](size_t o) {
        const auto [i, j] = near[others[o]];
        gaps[others[o]] = {std::make_shared<const plane::Gap>(plane::gapBetween(
                               letters.onSide[size_t(i)], letters.onSide[size_t(j)], {}, reach)),
                           true};
    });
    return gaps;
}

void measureGaps(const PlacedLetters& letters, int slot, GapMemory& memory, Measures& out) {
    const auto& all = letters.setting->letters;
    const double reach = reachOf(letters);
    std::vector<plane::Box> boxes;
    for (const setting::Letter& letter : all)
        boxes.push_back(letter.box);
    const auto near = plane::nearBoxes(boxes, static_cast<std::int32_t>(reach));
    const std::vector<PairGap> gaps = gapsOf(letters, near, reach, memory);
    for (size_t k = 0; k < near.size(); ++k)
        addGap(gaps[k], plane::vectorOf(all[size_t(near[k].first)].at), letters, slot, near[k], out);
}

/// Gaps between letters of two inscriptions of like working; they are few and not remembered.
void measureBetween(const PlacedLetters& a, const PlacedLetters& b, int slotA, Measures& out) {
    if (a.working.kind != b.working.kind)
        return;
    const double reach = std::min(reachOf(a), reachOf(b));
    plane::Box boxB;
    for (const plane::Region& region : b.onSide)
        boxB.include(plane::boxOf(region));
    for (size_t i = 0; i < a.onSide.size(); ++i) {
        const plane::Box box = plane::boxOf(a.onSide[i]);
        if (box.empty() || boxB.empty() || !box.meets(boxB, static_cast<std::int32_t>(reach)))
            continue;
        for (const plane::Region& other : b.onSide) {
            const plane::Gap gap = plane::gapBetween(a.onSide[i], other, {}, reach);
            for (const plane::GapSample& sample : gap.samples)
                out.readings.push_back({ReadingKind::gap, sample.at, toMillimetres(sample.distance),
                                        toMillimetres(sample.length), slotA, int(i)});
        }
    }
}

void measureEdges(const PlacedLetters& letters, int slot, const plane::Region& blank, double margin_mm,
                  Measures& out) {
    const double reach = std::max(reachOf(letters), (margin_mm + 1) * plane::unitsPerMillimetre);
    for (size_t i = 0; i < letters.onSide.size(); ++i) {
        const plane::Region& letter = letters.onSide[i];
        if (letter.empty())
            continue;
        const plane::Gap gap = plane::boundaryGap(letter, blank, reach);
        const plane::Point some = letter.rings.front().front();
        if (gap.kind == plane::Gap::Kind::overlapping)
            out.overhangs.push_back({slot, int(i), false, plane::vectorOf(some)});
        else if (!plane::contains(blank, some))
            out.overhangs.push_back({slot, int(i), true, plane::vectorOf(some)});
        else if (gap.inReach)
            for (const plane::GapSample& sample : gap.samples)
                out.readings.push_back({ReadingKind::edge, sample.at, toMillimetres(sample.distance),
                                        toMillimetres(sample.length), slot, int(i)});
    }
}

} // namespace

size_t GapMemory::Hash::operator()(const Pair& pair) const {
    size_t hash = std::hash<const void*>()(pair.first.get());
    for (const size_t next : {std::hash<const void*>()(pair.second.get()),
                              size_t(std::uint32_t(pair.offset.x)), size_t(std::uint32_t(pair.offset.y))})
        hash = hash * 0x9E3779B97F4A7C15u + next;
    return hash;
}

std::vector<std::shared_ptr<const plane::Gap>> GapMemory::gapsOf(const std::vector<Pair>& pairs,
                                                                 double reach) {
    constexpr size_t mostKept = 100000;
    if (reach != reach_ || known_.size() > mostKept)
        known_.clear();
    reach_ = reach;
    std::vector<const Pair*> unknown;
    for (const Pair& pair : pairs)
        if (known_.try_emplace(pair, nullptr).second)
            unknown.push_back(&pair);
    std::vector<std::shared_ptr<const plane::Gap>> found(unknown.size());
    constexpr size_t worthATask = 16;
    tbb::parallel_for(tbb::blocked_range<size_t>(0, unknown.size(), worthATask), [&](const auto& range) {
        for (size_t i = range.begin(); i < range.end(); ++i) {
            const Pair& pair = *unknown[i];
            found[i] = std::make_shared<const plane::Gap>(
                plane::gapBetween(*pair.first, *pair.second, pair.offset, reach));
        }
    });
    for (size_t i = 0; i < unknown.size(); ++i)
        known_[*unknown[i]] = found[i];
    std::vector<std::shared_ptr<const plane::Gap>> result;
    for (const Pair& pair : pairs)
        result.push_back(known_.at(pair));
    return result;
}

std::shared_ptr<const std::vector<plane::WidthSample>>
WidthMemory::of(const std::shared_ptr<const plane::Region>& shape) {
    constexpr size_t mostKept = 2000;
    if (known_.size() > mostKept)
        known_.clear();
    auto& kept = known_[shape];
    if (!kept)
        kept = std::make_shared<const std::vector<plane::WidthSample>>(
            plane::widthsOf(plane::medialAxis(*shape), *shape));
    return kept;
}

Measures measuresOf(std::span<const PlacedLetters> inscriptions, const plane::Region& blank, double margin_mm,
                    MeasureMemory& memory, const std::stop_token& stop) {
    Measures measures;
    for (size_t slot = 0; slot < inscriptions.size() && !stop.stop_requested(); ++slot) {
        const PlacedLetters& letters = inscriptions[slot];
        measureStrokes(letters, int(slot), memory.widths, stop, measures);
        if (stop.stop_requested())
            break;
        measureGaps(letters, int(slot), memory.gaps, measures);
        for (size_t other = slot + 1; other < inscriptions.size(); ++other)
            measureBetween(letters, inscriptions[other], int(slot), measures);
        if (!blank.empty())
            measureEdges(letters, int(slot), blank, margin_mm, measures);
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

const Reading* narrowest(const Measures& measures, ReadingKind kind, int inscription) {
    const Reading* least = nullptr;
    for (const Reading& reading : measures.readings)
        if (reading.kind == kind && (inscription < 0 || reading.inscription == inscription) &&
            (!least || reading.width < least->width))
            least = &reading;
    return least;
}

} // namespace bollard::check
