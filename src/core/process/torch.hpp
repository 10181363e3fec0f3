// Plate cut by a flame or plasma.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Torch {
    static constexpr std::string_view name = "torch";
    double kerf = 1.5;                    ///< how wide the cut is
    double thinnest = 0.5, thickest = 25; ///< the plate that it cuts
    bool operator==(const Torch&) const = default;
};
std::vector<Rule> rulesOf(const Torch& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Torch>();
