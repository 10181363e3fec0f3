// Printing with molten filament.
#pragma once
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Filament {
    static constexpr std::string_view name = "filament";
    double nozzle = 0.4;
    double layer = 0.2;
    bool operator==(const Filament&) const = default;
};
std::vector<Rule> rulesOf(const Filament& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Filament>();
