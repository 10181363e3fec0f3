// Lines followed by an engraving point.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct LineEngraving {
    static constexpr std::string_view name = "line-engraving";
    double tip = 0.2; ///< how wide a line the point leaves
    bool operator==(const LineEngraving&) const = default;
};
std::vector<Rule> rulesOf(const LineEngraving& process, const Situation& situation);

} // namespace bollard::process

template<>
const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::LineEngraving>();
