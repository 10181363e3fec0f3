// Lengths and angles as people type them: units, fractions and arithmetic.
#pragma once
#include "quantity/result.hpp"
#include <optional>
#include <string>
#include <string_view>

namespace bollard::quantity {

enum class Unit { millimetre, centimetre, metre, inch, foot, point };

/// Millimetres in one of the unit. A point is the desktop point, 1/72 in.
double millimetresIn(Unit unit);

/// The unit's short name as written in text and in cards: mm cm m in ft pt.
std::string_view symbolOf(Unit unit);

/// The unit of a short name; nothing when there is none such.
std::optional<Unit> unitNamed(std::string_view symbol);

/// Reads a length and returns millimetres. Bare numbers are in `assumed`.
/// Takes + - * / ( ), mixed fractions ("1 3/16 in"), compounds ("1 ft 2 in"), and a decimal comma.
/// Bad input gives a problem whose column is the 1-based position in `text`, counted in bytes.
Result<double> lengthFromText(std::string_view text, Unit assumed);

/// Reads an angle and returns degrees, with the same arithmetic; "deg" and "°" may follow a number.
Result<double> angleFromText(std::string_view text);

/// Reads a number without a unit, with the same arithmetic.
Result<double> numberFromText(std::string_view text);

/// The shortest text in `unit` that lengthFromText(…, unit) reads back as exactly `millimetres`.
/// The unit's name is not appended, except where only another unit is exact (then "… mm").
std::string textOfLength(double millimetres, Unit unit);

/// The shortest text that reads back as exactly `value`.
std::string textOfNumber(double value);

/// For reading, not for reading back: at most `decimals` places, no trailing zeros.
std::string roundedText(double value, int decimals);

} // namespace bollard::quantity
