// Sheet cut by a laser.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Laser {
    static constexpr std::string_view name = "laser";
    double kerf = 0.15; ///< how wide the cut is
    bool operator==(const Laser&) const = default;
};
std::vector<Rule> rulesOf(const Laser& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Laser>();
