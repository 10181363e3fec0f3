#include "send/controller_lines.hpp"
#include <charconv>
#include <cmath>

namespace bollard::send {

std::string bareLine(std::string_view line) {
    std::string bare;
    int within = 0;
    for (const char c : line) {
        if (c == ';' && within == 0)
            break;
        if (c == '(')
            ++within;
        else if (c == ')' && within > 0)
            --within;
        else if (within == 0 && c != ' ' && c != '\t' && c != '\r' && c != '\n')
            bare += char(c >= 'a' && c <= 'z' ? c - 'a' + 'A' : c);
    }
    if (bare == "%")
        return {};
    if (!bare.empty() && bare[0] == 'N') { // its number
        size_t end = 1;
        while (end < bare.size() && bare[end] >= '0' && bare[end] <= '9')
            ++end;
        bare.erase(0, end);
    }
    return bare;
}

bool wordsOf(const std::string& bare, std::vector<std::pair<char, double>>& words) {
    words.clear();
    for (size_t i = 0; i < bare.size();) {
        const char letter = bare[i];
        if (letter < 'A' || letter > 'Z')
            return false;
        const char* from = bare.data() + i + 1;
        const char* const end = bare.data() + bare.size();
        if (from < end && *from == '+')
            ++from;
        double value = 0;
        const auto [after, wrong] = std::from_chars(from, end, value, std::chars_format::fixed);
        if (wrong != std::errc() || after == from)
            return false;
        words.emplace_back(letter, value);
        i = size_t(after - bare.data());
    }
    return true;
}

bool Modal::take(const std::string& bare, Way& way) {
    way = {};
    std::vector<std::pair<char, double>> words;
    if (!wordsOf(bare, words))
        return false;
    Modal next = *this;
    std::array<double, 3> target{}, angle{}, middle{};
    std::array<bool, 3> told{}, toldAngle{};
    double wait = 0, radius = 0;
    bool waits = false, elsewhere = false;
    for (const auto& [letter, value] : words) {
        const double mm = next.inches ? 25.4 : 1;
        switch (letter) {
        case 'G': {
            const int code = int(std::lround(value * 10));
            if (code >= 0 && code <= 30 && code % 10 == 0)
                next.motion = code / 10;
            else if (code == 40)
                waits = true;
            else if (code == 100 || code == 280 || code == 300 || code == 920)
                elsewhere = true; // its numbers are no place to go to
            else if (code == 170 || code == 180 || code == 190)
                next.plane = code / 10;
            else if (code == 200 || code == 210)
                next.inches = code == 200;
            else if (code == 900 || code == 910)
                next.relative = code == 910;
            else if (code == 930 || code == 940)
                next.perTime = code == 930;
            else if (code != 400 && code != 430 && code != 490 && (code < 530 || code > 593) && code != 610 &&
                     code != 640 && code != 800)
                return false;
            break;
        }
        case 'M': {
            const int code = int(std::lround(value));
            if (code >= 3 && code <= 5)
                next.spindle = code;
            else if (code >= 7 && code <= 9)
                next.coolant = code != 9;
            else if (code == 2 || code == 30) {
                next.spindle = 5;
                next.coolant = false;
            } else if (code < 0 || code > 99)
                return false;
            break;
        }
        case 'X':
        case 'Y':
        case 'Z':
            target[size_t(letter - 'X')] = value * mm;
            told[size_t(letter - 'X')] = true;
            break;
        case 'A':
        case 'B':
        case 'C':
            angle[size_t(letter - 'A')] = value;
            toldAngle[size_t(letter - 'A')] = true;
            break;
        case 'I':
        case 'J':
        case 'K':
            middle[size_t(letter - 'I')] = value * mm;
            break;
        case 'R':
            radius = value * mm;
            break;
        case 'F':
            next.feed = value;
            break;
        case 'S':
            next.speed = value;
            break;
        case 'T':
            next.tool = int(std::lround(value));
            break;
        case 'P':
            wait = value;
            break;
        case 'H':
        case 'D':
        case 'L':
        case 'Q':
            break;
        default:
            return false;
        }
    }
    if (waits)
        way.seconds = std::max(0.0, wait);
    if (!elsewhere) {
        double squared = 0;
        for (size_t i = 0; i < 3; ++i) {
            if (told[i]) {
                const double to = next.relative ? next.at[i] + target[i] : target[i];
                if (next.known[i]) {
                    squared += (to - next.at[i]) * (to - next.at[i]);
                    way.level = way.level || (i < 2 && to != next.at[i]);
                } else {
                    way.level = way.level || i < 2;
                }
                next.at[i] = to;
                next.known[i] = true;
                way.moves = true;
            }
            if (toldAngle[i]) {
                const double to = next.relative ? next.turned[i] + angle[i] : angle[i];
                if (next.knownTurned[i])
                    squared += (to - next.turned[i]) * (to - next.turned[i]);
                way.level = way.level || to != next.turned[i];
                next.turned[i] = to;
                next.knownTurned[i] = true;
                way.moves = true;
            }
        }
        way.length = std::sqrt(squared);
        way.rapid = next.motion == 0;
        way.arc = next.motion >= 2;
        if (way.arc && way.moves) { // at most so long
            const double r = radius != 0 ? std::fabs(radius) : std::hypot(middle[0], middle[1], middle[2]);
            way.length = std::max(way.length, std::min(2 * M_PI * r, M_PI_2 * std::max(way.length, 0.1)));
        }
        constexpr double rapid = 3000; // mm/min
        if (way.moves) {
            if (way.rapid)
                way.seconds += way.length / rapid * 60;
            else if (next.perTime)
                way.seconds += next.feed > 0 ? 60 / next.feed : 0;
            else
                way.seconds += next.feed > 0 ? way.length / (next.feed * (next.inches ? 25.4 : 1)) * 60 : 0;
        }
    }
    *this = next;
    return true;
}

} // namespace bollard::send
