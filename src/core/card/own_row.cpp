#include "card/own_row.hpp"
#include "card/card_json.hpp"
#include <nlohmann/json.hpp>

namespace bollard::card {
namespace {

using nlohmann::json;

/// Without its rows, which no row changes.
json jsonWithoutRows(const Card& card) {
    Card bare = card;
    bare.rows = setting::Rows{};
    bare.row = 0;
    return json::parse(jsonOf(bare));
}

json patched(json whole, const json& changes) {
    for (const json& change : changes)
        try {
            whole = whole.patch(json::array({change}));
        } catch (const json::exception&) { // it finds its place no more
        }
    return whole;
}

/// `whole` as a card with the rows of another; that other where it is none.
Card cardFrom(const json& whole, const Card& other) {
    auto read = cardFromJson(whole.dump());
    if (!read)
        return other;
    Card card = *std::move(read);
    card.rows = other.rows;
    card.row = other.row;
    return card;
}

const std::string* ownOf(const Card& card) {
    const auto own = card.rows->own.find(card.row);
    return own == card.rows->own.end() ? nullptr : &own->second;
}

} // namespace

std::shared_ptr<const Card> cardOfRow(const std::shared_ptr<const Card>& card) {
    const std::string* const own = ownOf(*card);
    if (!own)
        return card;
    const json changes = json::parse(*own, nullptr, false);
    if (!changes.is_array())
        return card;
    auto made = std::make_shared<Card>(cardFrom(patched(jsonWithoutRows(*card), changes), *card));
    made->rows.edit([&](setting::Rows& rows) { rows.own.erase(card->row); });
    return made;
}

Card withOwnRow(const Card& card, const Card& changed) {
    const json changes = json::diff(jsonWithoutRows(card), jsonWithoutRows(changed));
    Card own = card;
    own.rows.edit([&](setting::Rows& rows) {
        if (changes.empty())
            rows.own.erase(card.row);
        else
            rows.own[card.row] = changes.dump();
    });
    return own;
}

Card withForAll(const Card& card, const Card& before, const Card& after) {
    if (!ownOf(card))
        return after;
    return cardFrom(
        patched(jsonWithoutRows(card), json::diff(jsonWithoutRows(before), jsonWithoutRows(after))), card);
}

void removeRow(setting::Rows& rows, int row) {
    rows.values.erase(rows.values.begin() + row);
    std::map<int, std::string> own;
    for (const auto& [number, changes] : rows.own)
        if (number != row)
            own[number > row ? number - 1 : number] = changes;
    rows.own = std::move(own);
}

} // namespace bollard::card
