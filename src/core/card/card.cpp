#include "card/card.hpp"
#include <algorithm>

namespace bollard::card {
namespace {

/// Tells the frames where the inscriptions they go round are now; -1 for gone.
template<class Where> void follow(Card& card, Where where) {
    for (Inscription& inscription : card.inscriptions)
        if (int& around = inscription.ornament.around; around >= 0)
            around = where(around);
}

} // namespace

setting::Laying layingOf(const Card& card, const Inscription& inscription) {
    setting::Laying laying{
        inscription.baseline, inscription.nudges, inscription.working.kind == working::Kind::scribed, {}};
    if (inscription.baseline.kind == setting::BaselineKind::edge)
        laying.edge = blank::outlineOf(card.blank);
    return laying;
}

void removeInscription(Card& card, int from) {
    card.inscriptions.erase(card.inscriptions.begin() + from);
    follow(card, [&](int at) { return at == from ? -1 : at > from ? at - 1 : at; });
}

void moveInscription(Card& card, int from, int to) {
    const auto first = card.inscriptions.begin();
    if (from < to)
        std::rotate(first + from, first + from + 1, first + to + 1);
    else
        std::rotate(first + to, first + from, first + from + 1);
    follow(card, [&](int at) {
        if (at == from)
            return to;
        if (from < to)
            return at > from && at <= to ? at - 1 : at;
        return at >= to && at < from ? at + 1 : at;
    });
}

void insertInscription(Card& card, int at, Inscription inscription) {
    const int place = std::clamp(at, 0, int(card.inscriptions.size()));
    follow(card, [&](int other) { return other >= place ? other + 1 : other; });
    if (inscription.ornament.around >= place)
        ++inscription.ornament.around;
    card.inscriptions.insert(card.inscriptions.begin() + place, std::move(inscription));
}

} // namespace bollard::card
