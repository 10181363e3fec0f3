// The fields of a card. Its inscriptions and rows are lists of their own: what reads and writes cards names
// them.
#pragma once
#include "card/card.hpp"

namespace bollard::quantity {
template<> const PartFields& fieldsOf<card::Accepted>();
template<> const PartFields& fieldsOf<card::Inscription>();
template<> const PartFields& fieldsOf<card::Card>();
} // namespace bollard::quantity
