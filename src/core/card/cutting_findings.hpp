// What is wrong with how a card is cut, before any file is written.
#pragma once
#include "card/pipeline.hpp"

namespace bollard::card {

/// Stock, machine and tools held against what is to be cut. Ids are left empty.
std::vector<check::Finding> cuttingFindings(const Card& card, const Cuttings& cuttings,
                                            const cut::Shop& shop);

/// Where a flat cutting, with the tool in the air above it, spans more than its machine reaches, by axis.
std::vector<check::Finding> beyondTravel(const cut::Cutting& cutting);

} // namespace bollard::card
