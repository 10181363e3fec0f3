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
void warmGlyphs(const setting::Setting& setting, const type::GlyphForm& form, const std::stop_token& stop) {
    std::unordered_set<std::uint32_t> distinct;
    for (const setting::Letter& letter : setting.letters)
        if (!setting.typeface->hasWidths(letter.glyph, form))
            distinct.insert(letter.glyph);
    const std::vector<std::uint32_t> glyphs(distinct.begin(), distinct.end());
    tbb::parallel_for(size_t{0}, glyphs.size(), [&](size_t i) {
        if (!stop.stop_requested())
            setting.typeface->widths(glyphs[i], form);
    });
}

/// Widths of all letters in a form, as far as they are wanted.
template<class Wanted>
void readWidths(const PlacedLetters& letters, int slot, const type::GlyphForm& form, Wanted wanted,
                std::vector<Reading>& out) {
    const setting::Setting& setting = *letters.setting;
    for (size_t i = 0; i < setting.letters.size(); ++i) {
        const setting::Letter& letter = setting.letters[i];
        if (letter.missing || letter.drawsNothing)
            continue;
        const auto widths = setting.typeface->widths(letter.glyph, form);
        for (const plane::WidthSample& sample : *widths) {
            if (!wanted(sample))
                continue;
            const Vector at = setting.scale * sample.at + plane::vectorOf(letter.at);
            out.push_back({kindOf(sample.kind), letters.place.toSide(at),
                           toMillimetres(setting.scale * sample.width),
                           toMillimetres(setting.scale * sample.length), slot, int(i)});
        }
    }
}

void measureStrokes(const PlacedLetters& letters, int slot, const std::stop_token& stop, Measures& out) {
    const type::GlyphForm& form = letters.setting->form;
    warmGlyphs(*letters.setting, form, stop);
    if (stop.stop_requested())
        return;
    readWidths(
        letters, slot, form, [](const auto&) { return true; }, out.readings);
    if (form.weight == 0)
        return;
    // A stroke grows by the weight on both sides and a counter shrinks by it: below 0 nothing is left to
    // measure.
    const type::GlyphForm before = withoutWeight(form);
    warmGlyphs(*letters.setting, before, stop);
    if (stop.stop_requested())
        return;
    const auto isLost = [&](const plane::WidthSample& sample) {
        return (sample.kind == plane::WidthKind::stroke && sample.width + 2 * form.weight <= 0) ||
               (sample.kind == plane::WidthKind::counter && sample.width - 2 * form.weight <= 0);
    };
    readWidths(letters, slot, before, isLost, out.lost);
}

void addGap(const plane::Gap& gap, Vector shift, const PlacedLetters& letters, int slot,
            std::pair<int, int> pair, Measures& out) {
    if (!gap.inReach)
        return;
    const auto onSide = [&](Vector at) { return letters.place.toSide(at + shift); };
    if (gap.kind != plane::Gap::Kind::apart) {
        out.joints.push_back({onSide(gap.at), toMillimetres(gap.neck), slot, pair.first, pair.second});
        return;
    }
    for (const plane::GapSample& sample : gap.samples)
        out.readings.push_back({ReadingKind::gap, onSide(sample.at), toMillimetres(sample.distance),
                                toMillimetres(sample.length), slot, pair.first});
}

void measureGaps(const PlacedLetters& letters, int slot, GapMemory& memory, Measures& out) {
    const auto& all = letters.setting->letters;
    const double reach = reachOf(letters);
    std::vector<plane::Box> boxes;
    for (const setting::Letter& letter : all)
        boxes.push_back(letter.box);
    const auto near = plane::nearBoxes(boxes, static_cast<std::int32_t>(reach));
    std::vector<GapMemory::Pair> pairs;
    for (const auto& [i, j] : near)
        pairs.push_back(
            {all[size_t(i)].region, all[size_t(j)].region, all[size_t(j)].at - all[size_t(i)].at});
    const auto gaps = memory.gapsOf(pairs, reach);
    for (size_t k = 0; k < near.size(); ++k)
        addGap(*gaps[k], plane::vectorOf(all[size_t(near[k].first)].at), letters, slot, near[k], out);
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

Measures measuresOf(std::span<const PlacedLetters> inscriptions, const plane::Region& blank, double margin_mm,
                    GapMemory& memory, const std::stop_token& stop) {
    Measures measures;
    for (size_t slot = 0; slot < inscriptions.size() && !stop.stop_requested(); ++slot) {
        const PlacedLetters& letters = inscriptions[slot];
        measureStrokes(letters, int(slot), stop, measures);
        if (stop.stop_requested())
            break;
        measureGaps(letters, int(slot), memory, measures);
        for (size_t other = slot + 1; other < inscriptions.size(); ++other)
            measureBetween(letters, inscriptions[other], int(slot), measures);
        if (!blank.empty())
            measureEdges(letters, int(slot), blank, margin_mm, measures);
    }
    return measures;
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
