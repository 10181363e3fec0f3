// What stands free, and would come apart.
#include "card/free_room.hpp"
#include "mend/numbers.hpp"

namespace bollard::mend {

namespace {

/// Pierced words that have another side to be held from.
bool isOpenBehind(const card::Inscription& words, const card::Card& card) {
    return words.working.kind == working::Kind::pierced && !blank::sideAcross(card.blank, words.side).empty();
}

/// The words that the finding is about, by itself or by their backing; -1 where they neither stand free nor
/// are pierced.
int wordsOf(const Finding& finding, const card::Card& card) {
    if (!isOfOne(finding))
        return -1;
    int number = finding.inscription;
    if (of(card, finding).ornament.kind == setting::OrnamentKind::backing) {
        const std::vector<std::string> ids = card::idsOf(card);
        number = int(std::ranges::find(ids, of(card, finding).ornament.around) - ids.begin());
    }
    if (number >= int(card.inscriptions.size()))
        return -1;
    const card::Inscription& words = card.inscriptions[size_t(number)];
    const bool held = words.working.kind == working::Kind::freeStanding || isOpenBehind(words, card);
    return !words.isOrnament() && held ? number : -1;
}

/// Their backing; the end where they have none.
template<class Card> auto backingOf(Card& card, int words) {
    const std::string id = card::idsOf(card)[size_t(words)];
    return std::ranges::find_if(card.inscriptions, [&](const card::Inscription& other) {
        return other.ornament.kind == setting::OrnamentKind::backing && other.ornament.around == id;
    });
}

/// A first backing for what is loose; another one of that form where it does not hold yet, or leaves
/// crevices.
bool mayBack(const Finding& finding, const card::Card& card, setting::BackingForm form) {
    using enum FindingKind;
    const bool loose =
        finding.kind == letterLoose || finding.kind == pieceLoose || finding.kind == counterLoose;
    const bool narrow = finding.kind == gapNarrow || finding.kind == neckNarrow ||
                        finding.kind == openingNarrow || finding.kind == counterNarrow ||
                        finding.kind == strokeNarrow;
    const int words = loose || narrow ? wordsOf(finding, card) : -1;
    if (words < 0)
        return false;
    const auto backing = backingOf(card, words);
    if (card.inscriptions[size_t(words)].working.kind == working::Kind::pierced &&
        form == setting::BackingForm::links)
        return false;
    return backing == card.inscriptions.end() ? loose && words == finding.inscription
                                              : backing->ornament.form == form;
}

/// So wide as looks like part of the letters, and never so narrow that it would be told.
double widthFor(const card::Inscription& words, const Matter& matter) {
    double least = 0;
    for (const process::Measured what : {process::Measured::neck, process::Measured::stroke})
        least = std::max(least, matter.least(what).value_or(0));
    constexpr double ofSize = 0.1;
    return upTo(std::max(least, ofSize * words.style.size), tenths);
}

bool back(card::Card& card, const Matter& matter, setting::BackingForm form) {
    const int number = wordsOf(matter.finding, card);
    if (number < 0)
        return false;
    const card::Inscription words = card.inscriptions[size_t(number)];
    if (const auto backing = backingOf(card, number); backing != card.inscriptions.end()) {
        setting::Ornament& ornament = backing->ornament;
        constexpr double wider = 1.25, farther = 1.15;
        if (form != setting::BackingForm::outline) {
            ornament.band = upTo(ornament.band * wider, tenths);
            return ornament.band < words.style.size;
        }
        ornament.closes = upTo(ornament.closes * 2, tenths);
        ornament.distance = upTo(ornament.distance * farther, tenths);
        return true;
    }
    setting::Ornament ornament;
    ornament.kind = setting::OrnamentKind::backing;
    ornament.form = form;
    ornament.around = card::idsOf(card)[size_t(number)];
    ornament.band = widthFor(words, matter);
    ornament.distance = ornament.band;
    ornament.reach = std::max(matter.least(process::Measured::neck).value_or(0.1), 0.1);
    ornament.closes = ornament.band;
    card.inscriptions.push_back(
        card::newOrnament(card, *matter.made.lettering, &words, ornament, words.side));
    return true;
}

double numberOf(const card::Card& card, const Finding& finding) {
    const int words = wordsOf(finding, card);
    const auto backing = words < 0 ? card.inscriptions.end() : backingOf(card, words);
    if (backing == card.inscriptions.end())
        return 0;
    return backing->ornament.form == setting::BackingForm::outline ? backing->ornament.distance
                                                                   : backing->ornament.band;
}

Mend behind(std::string_view name, setting::BackingForm form) {
    return {name,
            [form](const Finding& finding, const card::Card& card) { return mayBack(finding, card, form); },
            [form](card::Card& card, const Matter& matter) { return back(card, matter, form); },
            numberOf,
            {}};
}

} // namespace

Mend barsBehind() {
    return behind("barsBehind", setting::BackingForm::bars);
}

Mend linksBetween() {
    return behind("linksBetween", setting::BackingForm::links);
}

Mend plateBehind() {
    return behind("plateBehind", setting::BackingForm::outline);
}

} // namespace bollard::mend
