// What new cards begin with, and cards of one's own to start from.
#pragma once
#include "card/card.hpp"
#include "quantity/field.hpp"
#include <QString>
#include <QStringList>

namespace bollard::app {

inline constexpr std::array unitsOffered{quantity::Unit::millimetre, quantity::Unit::centimetre,
                                         quantity::Unit::inch, quantity::Unit::point};
/// All processes, as a field of their table.
const quantity::held::Kinds& processKinds();

/// What someone makes with; told once, changed any time.
struct Beginning {
    process::Process process{};
    quantity::Unit unit = quantity::Unit::millimetre;
    double bedWidth = 200; ///< of the printer's bed or the machine's travel, mm
    double bedDepth = 200;
    bool told = false; ///< false before the person said anything
    bool operator==(const Beginning&) const = default;
};

Beginning beginning();
void keepBeginning(const Beginning& beginning);

/// A card of a plate with a word on it, made as `beginning` says; its plate is no larger than the bed.
card::Card cardThatBegins(const Beginning& beginning, const std::string& words);

/// Paths of the cards kept as starting cards, by name.
QStringList startingCards();
/// Keeps the card under that name, in place of one that had it. What went wrong, or nothing.
QString keepStartingCard(const card::Card& card, const QString& name);
QString forgetStartingCard(const QString& path);

} // namespace bollard::app
