// RS-274 programs, the project's own and others', as moves in straight lines.
#pragma once
#include "space/vertex.hpp"
#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace bollard::proof {

/// A straight move, mm, in the program's coordinates.
struct Motion {
    space::Vertex from{}, to{};
    std::int32_t line = 0; ///< of the file, from 1
    bool rapid = false;
    bool arc = false; ///< a chord of one
    bool on = false;  ///< the spindle turns, the torch or laser burns
    std::int16_t tool = 0;
    float feed = 0;                      ///< mm/min; 0 for rapid ones
    double turnedFrom = 0, turnedTo = 0; ///< of an axis that turns, degrees
    float minutes = 0;                   ///< how long it takes, where its time is told or it turns; else 0
};

struct LineError {
    int line = 0;
    std::string what{};
};

struct Program {
    std::vector<Motion> motions{};
    std::vector<LineError> errors{}; ///< what cannot be understood, arcs off their circle, no end
    std::vector<LineError> left{};   ///< what means nothing here and is legal: coolant, spindle lock
    double dwell = 0;                ///< seconds stood still
    bool ends = false;               ///< M2 or M30
    int toolChanges = 0;
    char axis = ' '; ///< the letter of the axis that turns: A, B or C; blank: none does
};

/// How far ends of an arc may be off their circle, mm.
constexpr double offCircle = 0.003;

/// Reads a program, with one axis that turns, in degrees: G0 to G3 (I J K, R, helical), G4, G10, G17 to G21,
/// G28, G30, G40, G43, G49, G53 to G59, G80, G90 to G94, M, S, F, T, comments, line numbers; modal, in any
/// case, with blanks. Arcs become chords within 0.0005 mm. The machine's own zero is where the program
/// starts. O(bytes).
Program programFrom(std::string_view text);

} // namespace bollard::proof
