// Heights, depths, and how thick the blank is.
#include "mend/numbers.hpp"

namespace bollard::mend {

Mend height() {
    return {"height",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) &&
                       (finding.kind == FindingKind::heightLow || finding.kind == FindingKind::heightTall ||
                        finding.kind == FindingKind::heightWorn);
            },
            [](card::Card& card, const Matter& matter) {
                double& height = of(card, matter.finding).working.height;
                const double limit = matter.finding.limit;
                height = matter.finding.whenAbove ? downTo(limit, hundredths) : upTo(limit, hundredths);
                return height > 0;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).working.height; },
            {}};
}

/// To a whole number of layers.
Mend wholeLayers() {
    return {"wholeLayers",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) && (finding.kind == FindingKind::layersUneven ||
                                            finding.kind == FindingKind::layerMissing);
            },
            [](card::Card& card, const Matter& matter) {
                working::Working& working = of(card, matter.finding).working;
                double& size =
                    working::rowOf(working.kind).has(working::Uses::height) ? working.height : working.depth;
                constexpr double microns = 1000;
                size = std::round(matter.finding.limit * microns) / microns;
                return true;
            },
            {},
            {}};
}

/// Less deep where the floor is thin, deeper where flanks do not meet.
Mend depth() {
    return {"depth",
            [](const Finding& finding, const card::Card& card) {
                return isOfOne(finding) && working::rowOf(of(card, finding).working.kind).leavesFloor &&
                       (finding.kind == FindingKind::floorThin || finding.kind == FindingKind::strokeFlat);
            },
            [](card::Card& card, const Matter& matter) {
                working::Working& working = of(card, matter.finding).working;
                const Finding& finding = matter.finding;
                if (finding.kind == FindingKind::strokeFlat) {
                    working.depth = upTo(working.depth * finding.measured / finding.limit, hundredths);
                    return true;
                }
                const double all = blank::depthBehind(card.blank, of(card, finding).side);
                const double deepest = std::min(working.depth, all - finding.measured);
                working.depth = downTo(deepest - (finding.limit - finding.measured), hundredths);
                return working.depth > 0;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).working.depth; },
            {}};
}

Mend bedding() {
    return {"bedding",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) && finding.kind == FindingKind::beddingThin;
            },
            [](card::Card& card, const Matter& matter) {
                of(card, matter.finding).working.bedding = upTo(matter.finding.limit, hundredths);
                return true;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).working.bedding; },
            {}};
}

Mend thickerBlank() {
    return {"thickerBlank",
            [](const Finding& finding, const card::Card& card) {
                return blank::depthBehind(card.blank) > 0 && card.blank.kind != blank::Kind::bar &&
                       (finding.kind == FindingKind::floorThin ||
                        finding.kind == FindingKind::thicknessBelow);
            },
            [](card::Card& card, const Matter& matter) {
                const double missing = matter.finding.limit - matter.finding.measured;
                card.blank.thickness = upTo(card.blank.thickness + missing, tenths);
                if (card.blank.kind == blank::Kind::wedge)
                    card.blank.endThickness = upTo(card.blank.endThickness + missing, tenths);
                return missing > 0;
            },
            [](const card::Card& card, const Finding&) { return card.blank.thickness; },
            {}};
}

Mend thinnerBlank() {
    return {"thinnerBlank",
            [](const Finding& finding, const card::Card& card) {
                return finding.kind == FindingKind::thicknessBeyond &&
                       (card.blank.kind == blank::Kind::plate || card.blank.kind == blank::Kind::disc);
            },
            [](card::Card& card, const Matter& matter) {
                card.blank.thickness = downTo(matter.finding.limit, hundredths);
                return card.blank.thickness > 0;
            },
            [](const card::Card& card, const Finding&) { return card.blank.thickness; },
            {}};
}

} // namespace bollard::mend
