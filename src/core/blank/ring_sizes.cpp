#include "blank/ring_sizes.hpp"
#include "quantity/quantity.hpp"
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bollard::blank {
namespace {

using std::numbers::pi;

/// Sizes as a number: how a bore grows with it, and in which steps it is told.
struct Linear {
    double first; ///< bore of size 0, mm
    double step;  ///< bore a size, mm
    double parts; ///< told in so many parts of a size; 0: in any
};

Linear linearOf(RingScale scale) {
    switch (scale) {
    case RingScale::bore:
        return {0, 1, 0};
    case RingScale::circumference:
        return {0, 1 / pi, 0};
    case RingScale::northAmerican:
        return {11.63, 0.8128, 4};
    case RingScale::british: // size 0 is A
        return {37.5 / pi, 1.25 / pi, 2};
    case RingScale::japanese: // size 1 is 13 mm
        return {13 - 1.0 / 3, 1.0 / 3, 1};
    case RingScale::swiss:
        return {40 / pi, 1 / pi, 4};
    }
    return {0, 1, 0};
}

std::string fractionText(double size) {
    const double whole = std::floor(size + 1e-9), part = size - whole;
    const auto quarters = int(std::lround(4 * part));
    static constexpr std::string_view names[] = {"", "1/4", "1/2", "3/4"};
    if (quarters % 4 == 0)
        return std::to_string(int(whole));
    const std::string own(names[quarters]);
    return whole == 0 ? own : std::to_string(int(whole)) + " " + own;
}

std::string britishText(double size) {
    constexpr int letters = 26;
    const auto whole = int(std::floor(size + 1e-9));
    const bool half = size - whole > 0.25;
    std::string text =
        whole < letters ? std::string(1, char('A' + whole)) : "Z+" + std::to_string(whole - letters + 1);
    return half ? text + " 1/2" : text;
}

/// "8", "8.25", "8 1/4", "8¼".
std::optional<double> fractionOf(std::string text) {
    const std::pair<std::string_view, std::string_view> signs[] = {
        {"¼", " 1/4"}, {"½", " 1/2"}, {"¾", " 3/4"}};
    for (const auto& [sign, plain] : signs)
        if (const auto at = text.find(sign); at != std::string::npos)
            text.replace(at, sign.size(), plain);
    const auto number = quantity::numberFromText(text);
    return number ? std::optional(*number) : std::nullopt;
}

std::optional<double> britishOf(std::string text) {
    constexpr int letters = 26;
    const auto from = text.find_first_not_of(' ');
    if (from == std::string::npos)
        return std::nullopt;
    const char letter = char(std::toupper(static_cast<unsigned char>(text[from])));
    if (letter < 'A' || letter > 'Z')
        return std::nullopt;
    std::string rest = text.substr(from + 1);
    double size = letter - 'A';
    if (!rest.empty() && rest[0] == '+' && letter == 'Z') {
        const auto end = rest.find(' ');
        const auto more = fractionOf(rest.substr(1, end == std::string::npos ? end : end - 1));
        if (!more)
            return std::nullopt;
        size = letters - 1 + *more;
        rest = end == std::string::npos ? std::string() : rest.substr(end);
    }
    if (rest.find_first_not_of(' ') == std::string::npos)
        return size;
    const auto part = fractionOf(rest);
    return part && *part >= 0 && *part < 1 ? std::optional(size + *part) : std::nullopt;
}

} // namespace

std::string ringSizeText(RingScale scale, double bore_mm) {
    const Linear linear = linearOf(scale);
    const double size = (bore_mm - linear.first) / linear.step;
    if (linear.parts == 0)
        return quantity::roundedText(size, 2);
    const double told = std::max(0.0, std::round(size * linear.parts) / linear.parts);
    constexpr double near = 0.02; // mm of the bore
    const bool exact = std::fabs(told - size) * linear.step < near;
    const std::string text = scale == RingScale::british ? britishText(told) : fractionText(told);
    return exact ? text : "≈ " + text;
}

std::optional<double> boreOfRingSize(RingScale scale, std::string_view size) {
    std::string text(size);
    if (const auto about = text.find("≈"); about != std::string::npos)
        text.erase(about, std::string_view("≈").size());
    const auto number = scale == RingScale::british ? britishOf(text) : fractionOf(text);
    const Linear linear = linearOf(scale);
    constexpr double most = 2000;
    if (!number || !(*number >= 0))
        return std::nullopt;
    const double bore = linear.first + *number * linear.step;
    return bore > 0 && bore < most ? std::optional(bore) : std::nullopt;
}

} // namespace bollard::blank
