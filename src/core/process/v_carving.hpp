// Letters cut by the point of a V-bit that goes deeper where they are wider.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// Degrees and mm.
struct VCarving {
    static constexpr std::string_view name = "v-carving";
    double angle = 60; ///< between the flanks
    double tip = 0.2;  ///< how wide the point is flat
    bool operator==(const VCarving&) const = default;
};
std::vector<Rule> rulesOf(const VCarving& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::VCarving>();
