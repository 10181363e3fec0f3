// The fields of a printer's room. For the sources of this folder only.
#pragma once
#include "quantity/field.hpp"

namespace bollard::process {

/// Those of a process that has a Bed, added to its own.
template<class Process> quantity::Describing<Process>& withBed(quantity::Describing<Process>&& fields) {
    using quantity::Dimension;
    constexpr quantity::Range size{0, 5000};
    return fields.number("bedWidth", &Process::bedWidth, Dimension::length, size)
        .quiet()
        .about("how far the bed reaches along x, mm; 0: not known")
        .number("bedDepth", &Process::bedDepth, Dimension::length, size)
        .quiet()
        .about("how far the bed reaches along y, mm; 0: not known")
        .number("bedHeight", &Process::bedHeight, Dimension::length, size)
        .quiet()
        .about("how high it prints, mm; 0: not known");
}

} // namespace bollard::process
