#include "check/readings.hpp"

namespace bollard::check {

using plane::toMillimetres, plane::Vector;

namespace {

ReadingKind kindOf(plane::WidthKind kind) {
    switch (kind) {
    case plane::WidthKind::stroke:
        return ReadingKind::stroke;
    case plane::WidthKind::counter:
        return ReadingKind::counter;
    case plane::WidthKind::opening:
        return ReadingKind::opening;
    case plane::WidthKind::neck:
    case plane::WidthKind::throat:
        return ReadingKind::neck;
    case plane::WidthKind::bridge:
        break;
    }
    return ReadingKind::bridge;
}

} // namespace

/// Necks are of material: what is between the sides of pierced letters, of no matter where the blank holds
/// everything. Those of letters that stand free depend on what lies over them, and are single readings.
bool Readings::isWanted(const OfShape& shape, const plane::WidthSample& sample) const {
    if (sample.kind == plane::WidthKind::neck)
        return false;
    return sample.kind != plane::WidthKind::throat ||
           letters[size_t(shape.inscription)].working == working::Kind::pierced;
}

Reading Readings::reading(const OfShape& shape, const plane::WidthSample& sample) const {
    const Letters& of = letters[size_t(shape.inscription)];
    const setting::Letter& letter = of.setting->letters[size_t(shape.letter)];
    double scale = 1;
    Vector at = sample.at;
    switch (shape.from) {
    case From::glyph:
        scale = of.setting->scale * letter.zoom;
        at = of.place.toSide(letter.toFrame(of.setting->scale * at));
        break;
    case From::shape:
        scale = letter.zoom;
        at = of.place.toSide(letter.toFrame(at + shape.corner));
        break;
    case From::side:
        at = at + shape.corner;
        break;
    }
    return {kindOf(sample.kind),
            at,
            toMillimetres(scale * sample.width),
            toMillimetres(scale * sample.length),
            shape.inscription,
            shape.letter};
}

Reading Readings::reading(const OfPair& pair, const plane::GapSample& sample) const {
    const Vector at = sample.at + pair.shift;
    return {ReadingKind::gap,
            pair.onSide ? at : letters[size_t(pair.inscription)].place.toSide(at),
            toMillimetres(sample.distance),
            toMillimetres(sample.length),
            pair.inscription,
            pair.letter,
            pair.beside};
}

std::vector<Reading> Readings::extremes() const {
    constexpr size_t kinds = size_t(plane::WidthKind::throat) + 1;
    std::vector<Reading> extremes = single;
    for (const OfShape& shape : shapes) {
        std::array<const plane::WidthSample*, kinds> least{};
        const plane::WidthSample* widest = nullptr;
        for (const plane::WidthSample& sample : *shape.widths) {
            if (!isWanted(shape, sample))
                continue;
            const plane::WidthSample*& kept = least[size_t(sample.kind)];
            if (!kept || sample.width < kept->width)
                kept = &sample;
            if (sample.kind == plane::WidthKind::stroke && (!widest || sample.width > widest->width))
                widest = &sample;
        }
        for (const plane::WidthSample* sample : least)
            if (sample)
                extremes.push_back(reading(shape, *sample));
        if (widest && widest->width > least[size_t(plane::WidthKind::stroke)]->width)
            extremes.push_back(reading(shape, *widest));
    }
    for (const OfPair& pair : pairs) {
        const auto least = std::ranges::min_element(pair.gap->samples, {}, &plane::GapSample::distance);
        if (least == pair.gap->samples.end())
            continue;
        extremes.push_back(reading(pair, *least));
        if (!pair.ofBoth)
            continue;
        extremes.push_back(extremes.back());
        std::swap(extremes.back().inscription, extremes.back().beside);
        extremes.back().letter = pair.besideLetter;
    }
    return extremes;
}

} // namespace bollard::check
