// How strokes and letters grow, and heavier faces.
#include "mend/numbers.hpp"
#include "type/catalogue.hpp"
#include <cmath>

namespace bollard::mend {
namespace {

/// What is too narrow by strokes.
bool isThin(const Finding& finding) {
    return finding.kind == FindingKind::strokeNarrow || finding.kind == FindingKind::strokeLost;
}

} // namespace

/// Strokes grow on both sides. Single lines are drawn wider instead.
Mend heavierStrokes() {
    const auto isLine = [](const card::Card& card, const Finding& finding) {
        return of(card, finding).typeface.centreline;
    };
    return {"heavierStrokes",
            [](const Finding& finding, const card::Card& card) {
                return isOfWords(finding, card) &&
                       (isThin(finding) || finding.kind == FindingKind::neckNarrow);
            },
            [isLine](card::Card& card, const Matter& matter) {
                const Finding& finding = matter.finding;
                double missing = finding.limit - finding.measured;
                if (finding.kind == FindingKind::strokeLost) // limit: what is taken off
                    missing = finding.limit - finding.measured +
                              2 * matter.least(process::Measured::stroke).value_or(0.1);
                if (!(missing > 0))
                    return false;
                setting::TextStyle& style = of(card, finding).style;
                double& grown = isLine(card, finding) ? style.stroke : style.weight;
                grown = upTo(grown + (isLine(card, finding) ? missing : missing / 2), hundredths);
                return true;
            },
            [isLine](const card::Card& card, const Finding& finding) {
                const setting::TextStyle& style = of(card, finding).style;
                return isLine(card, finding) ? style.stroke : style.weight;
            },
            {}};
}

/// Where strokes grew until holes or whole letters closed up.
Mend lighterStrokes() {
    return {"lighterStrokes",
            [](const Finding& finding, const card::Card& card) {
                return isOfWords(finding, card) && of(card, finding).style.weight > 0 &&
                       (finding.kind == FindingKind::counterLost ||
                        finding.kind == FindingKind::weightHeavy ||
                        finding.kind == FindingKind::counterNarrow ||
                        finding.kind == FindingKind::openingNarrow || finding.kind == FindingKind::gapNarrow);
            },
            [](card::Card& card, const Matter& matter) {
                double& weight = of(card, matter.finding).style.weight;
                const bool lost = matter.finding.kind == FindingKind::counterLost ||
                                  matter.finding.kind == FindingKind::weightHeavy;
                const double less =
                    lost ? weight / 2 : (matter.finding.limit - matter.finding.measured) / 2 + 0.005;
                const double lighter = std::floor((weight - less) * hundredths) / hundredths;
                if (weight <= 0 || !(lighter < weight))
                    return false;
                weight = std::max(0.0, lighter);
                return true;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).style.weight; },
            {}};
}

/// Strokes, holes and gaps grow as the words do, but for weight changes and spaces, which stay.
Mend largerSize() {
    return {"largerSize",
            [](const Finding& finding, const card::Card& card) {
                using enum FindingKind;
                const bool narrow = finding.kind == strokeNarrow || finding.kind == counterNarrow ||
                                    finding.kind == openingNarrow || finding.kind == gapNarrow ||
                                    finding.kind == neckNarrow || finding.kind == counterLost ||
                                    finding.kind == strokeLost || finding.kind == heightTall ||
                                    finding.kind == toolWide;
                return narrow && isOfWords(finding, card);
            },
            [](card::Card& card, const Matter& matter) {
                double& size = of(card, matter.finding).style.size;
                constexpr double quarter = 1.25; // how much is missing is not known
                const double times = matter.finding.kind == FindingKind::toolWide ? quarter
                                     : matter.finding.kind == FindingKind::heightTall
                                         ? matter.finding.measured / matter.finding.limit
                                         : matter.finding.limit / matter.finding.measured;
                constexpr double most = 20;
                if (!(times > 1) || times > most)
                    return false;
                size = upTo(size * times, tenths);
                return true;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).style.size; },
            {}};
}

/// The next heavier faces of the family.
Mend heavierFace() {
    return {"heavierFace",
            [](const Finding& finding, const card::Card& card) {
                return isThin(finding) && isOfWords(finding, card) && of(card, finding).typeface.file.empty();
            },
            [](card::Card& card, const Matter& matter) {
                type::TypefaceChoice& choice = of(card, matter.finding).typeface;
                const type::TypefaceEntry* const now =
                    matter.catalogue ? matter.catalogue->find(choice.family, choice.style) : nullptr;
                const type::TypefaceEntry* next = nullptr;
                if (now)
                    for (const type::TypefaceEntry& entry : matter.catalogue->entries())
                        if (entry.family == now->family && entry.slanted == now->slanted &&
                            entry.weight > now->weight && (!next || entry.weight < next->weight))
                            next = &entry;
                if (!next)
                    return false;
                choice.family = next->family;
                choice.style = next->style;
                return true;
            },
            {},
            [](const card::Card& card, const Finding& finding) {
                const type::TypefaceChoice& choice = of(card, finding).typeface;
                return choice.family + " " + choice.style;
            }};
}

/// One of those that ship, of the same kind and at the same size.
Mend thickerTypeface() {
    return {"thickerTypeface",
            [](const Finding& finding, const card::Card& card) {
                return isThin(finding) && isOfWords(finding, card);
            },
            [](card::Card& card, const Matter& matter) {
                card::Inscription& inscription = of(card, matter.finding);
                const auto placed =
                    std::ranges::find(matter.made.lettering->inscriptions, matter.finding.inscription,
                                      &working::PlacedLetters::inscription);
                if (!matter.catalogue || placed == matter.made.lettering->inscriptions.end() ||
                    !placed->setting->typeface)
                    return false;
                const setting::Setting& now = *placed->setting;
                const setting::Filled filled = setting::filled(inscription.words, *card.rows, card.row);
                for (const type::TypefaceEntry& entry : matter.catalogue->entries()) {
                    if (!entry.shipped || entry.family == now.typeface->family() ||
                        entry.singleLine != now.typeface->singleLine())
                        continue;
                    const auto opened = matter.catalogue->open({entry.family, entry.style});
                    if (!opened || (*opened)->kind() != now.typeface->kind())
                        continue;
                    const setting::Setting other = setting::set(filled.words, *opened, inscription.style,
                                                                card::layingOf(card, inscription));
                    const bool all = std::ranges::none_of(other.letters, [](const setting::Letter& letter) {
                        return letter.missing || letter.drawsNothing;
                    });
                    if (!all || check::thinnestStroke(other) < matter.finding.limit)
                        continue;
                    inscription.typeface = {entry.family, entry.style, {}, 0};
                    return true;
                }
                return false;
            },
            {},
            [](const card::Card& card, const Finding& finding) {
                const type::TypefaceChoice& choice = of(card, finding).typeface;
                return choice.family + " " + choice.style;
            }};
}

} // namespace bollard::mend
