// G-code line by line, as a controller takes it.
#pragma once
#include <array>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace bollard::send {

/// A line without comments, numbers and blanks, in capitals; empty where nothing is left of it.
std::string bareLine(std::string_view line);

/// Its words, "X12.5" as {'X', 12.5}; nothing when it is no G-code.
bool wordsOf(const std::string& bare, std::vector<std::pair<char, double>>& words);

/// What holds before a line: where the tool is and all that goes on by itself.
struct Modal {
    std::array<double, 3> at{};     ///< x, y, z in mm
    std::array<bool, 3> known{};    ///< told since the start
    std::array<double, 3> turned{}; ///< A, B, C, degrees
    std::array<bool, 3> knownTurned{};
    int motion = 0; ///< 0 to 3
    bool inches = false, relative = false;
    bool perTime = false; ///< G93
    int plane = 17;
    double feed = 0; ///< as told: a minute, or 1 / minutes
    int spindle = 5; ///< M3, M4 or M5
    double speed = 0;
    bool coolant = false;
    int tool = 0;

    /// The way of a line.
    struct Way {
        bool moves = false, rapid = false, arc = false;
        bool level = false; ///< along x or y
        double length = 0;  ///< mm; degrees count as mm
        double seconds = 0; ///< without acceleration; of waiting too
    };
    /// Takes the line; false when it cannot be understood, and nothing changed.
    bool take(const std::string& bare, Way& way);
};

} // namespace bollard::send
