// Pockets and outlines by a straight cutter.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Milling {
    static constexpr std::string_view name = "milling";
    double diameter = 2; ///< of the cutter
    bool operator==(const Milling&) const = default;
};
std::vector<Rule> rulesOf(const Milling& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Milling>();
