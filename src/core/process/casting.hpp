// Patterns that are cast in metal.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// Nothing of it can be set but the limits.
struct Casting {
    static constexpr std::string_view name = "casting";
    bool operator==(const Casting&) const = default;
};
std::vector<Rule> rulesOf(const Casting& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Casting>();
