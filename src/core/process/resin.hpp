// Printing in resin, hardened by light.
#pragma once
#include "process/bed.hpp"
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Resin : Bed {
    static constexpr std::string_view name = "resin";
    double pixel = 0.05;
    double layer = 0.05;
    bool operator==(const Resin&) const = default;
};
std::vector<Rule> rulesOf(const Resin& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Resin>();
