// What is wrong with how a card is cut, before any file is written.
#pragma once
#include "card/pipeline.hpp"

namespace bollard::card {

/// Stock, machine and tools held against what is to be cut. Ids are left empty.
std::vector<check::Finding> cuttingFindings(const Card& card, const Cuttings& cuttings,
                                            const cut::Shop& shop);

} // namespace bollard::card
