// Printing with molten filament.
#pragma once
#include "process/bed.hpp"
#include "process/rule.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::process {

/// mm.
struct Filament : Bed {
    static constexpr std::string_view name = "filament";
    double nozzle = 0.4;
    double layer = 0.2;
    double firstLayer = 0; ///< the lowest; 0: as the others
    double overhang = 50;  ///< degrees from upright up to which walls may lean out
    double speed = 40;     ///< of the nozzle, mm a second
    bool operator==(const Filament&) const = default;
};
/// How wide a printed line is: 1.05 times the nozzle, mm.
double lineOf(const Filament& process);
std::vector<Rule> rulesOf(const Filament& process, const Situation& situation);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Filament>();
