#include "proof/rs274.hpp"
#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <optional>

namespace bollard::proof {
namespace {

using space::Vertex;

constexpr double chord = 0.0005, mmPerInch = 25.4;

/// The words of one line: letters with numbers.
struct Words {
    struct Word {
        char letter;
        double value;
    };
    std::array<Word, 64> all{};
    size_t count = 0;

    std::optional<double> find(char letter) const {
        for (size_t i = 0; i < count; ++i)
            if (all[i].letter == letter)
                return all[i].value;
        return std::nullopt;
    }
};

bool isBlank(char c) {
    return c == ' ' || c == '\t' || c == '\r';
}
char upper(char c) {
    return c >= 'a' && c <= 'z' ? char(c - 'a' + 'A') : c;
}

std::string numberText(double value) {
    std::array<char, 32> text{};
    const auto end = std::to_chars(text.data(), text.data() + text.size(), value);
    return {text.data(), end.ptr};
}

class Reader {
  public:
    Program read(std::string_view text) {
        for (size_t from = 0; from < text.size();) {
            size_t end = text.find('\n', from);
            if (end == std::string_view::npos)
                end = text.size();
            ++line_;
            if (!done_)
                readLine(text.substr(from, end - from));
            from = end + 1;
        }
        if (!done_)
            fail("the program has no end (M2 or M30)");
        program_.ends = done_;
        return std::move(program_);
    }

  private:
    void fail(std::string_view what) { program_.errors.push_back({line_, std::string(what)}); }

    bool wordsOf(std::string_view line, Words& words) {
        for (size_t i = 0; i < line.size();) {
            const char c = upper(line[i]);
            if (isBlank(c)) {
                ++i;
            } else if (c == '(') {
                const size_t close = line.find(')', i);
                if (close == std::string_view::npos) {
                    fail("a comment without its end");
                    return false;
                }
                i = close + 1;
            } else if (c == ';') {
                return true;
            } else if (c == '%' && words.count == 0) {
                return true;
            } else if (c == '/' && words.count == 0) {
                ++i; // a line that may be skipped; it is not
            } else if (c >= 'A' && c <= 'Z') {
                ++i;
                std::array<char, 40> digits{};
                size_t n = 0;
                for (; i < line.size() && n < digits.size(); ++i) {
                    const char d = line[i];
                    if (isBlank(d))
                        continue;
                    if (!((d >= '0' && d <= '9') || d == '.' || d == '-' || d == '+'))
                        break;
                    if (n == 0 && d == '+')
                        continue;
                    digits[n++] = d;
                }
                double value = 0;
                const auto [end, wrong] = std::from_chars(digits.data(), digits.data() + n, value);
                if (n == 0 || wrong != std::errc() || end != digits.data() + n || !std::isfinite(value)) {
                    fail(std::string("no number after ") + c);
                    return false;
                }
                if (words.count == words.all.size()) {
                    fail("too many words");
                    return false;
                }
                words.all[words.count++] = {c, value};
            } else {
                fail(std::string("a character that is no word: ") + (c >= ' ' && c < 127 ? c : '?'));
                return false;
            }
        }
        return true;
    }

    void readLine(std::string_view line) {
        Words words;
        if (!wordsOf(line, words) || words.count == 0)
            return;
        machine_ = false;
        nonModal_ = 0;
        for (size_t i = 0; i < words.count; ++i) {
            const auto [letter, value] = words.all[i];
            switch (letter) {
            case 'G':
                if (!takeG(int(std::lround(value * 10))))
                    return;
                break;
            case 'F':
                feed_ = value;
                break;
            case 'T':
                wanted_ = std::int16_t(value);
                if (!changes_)
                    tool_ = wanted_;
                break;
            case 'M':
            case 'N':
            case 'S':
            case 'X':
            case 'Y':
            case 'Z':
            case 'I':
            case 'J':
            case 'K':
            case 'R':
            case 'P':
            case 'L':
            case 'H':
            case 'D':
            case 'Q':
            case 'O':
                break;
            case 'A':
            case 'B':
            case 'C':
                if (program_.axis != ' ' && program_.axis != letter)
                    return fail("a second axis that turns");
                program_.axis = letter;
                break;
            default:
                return fail(std::string("a word that means nothing: ") + letter + numberText(value));
            }
        }
        for (size_t i = 0; i < words.count; ++i)
            if (words.all[i].letter == 'M' && !takeM(int(std::lround(words.all[i].value)), false))
                return;
        const auto turned = words.find(program_.axis);
        const bool axes = words.find('X') || words.find('Y') || words.find('Z') || turned;
        feedTold_ = words.find('F').has_value();
        if (nonModal_ == 4) {
            program_.dwell += words.find('P').value_or(0);
        } else if (nonModal_ == 10) {
            setOffsets(words);
        } else if (nonModal_ == 28 || nonModal_ == 30) {
            if (axes)
                move(target(words), true);
            move({0, 0, 0}, true);
        } else if (nonModal_ == 92) {
            const Vertex now = here_;
            const Vertex told = coordinates(words, now - offset());
            shift_ = shift_ + (now - offset() - told);
        } else if (axes ||
                   ((mode_ == 2 || mode_ == 3) && (words.find('I') || words.find('J') || words.find('K')))) {
            if (mode_ < 0)
                return fail("a move without G0 to G3");
            if (mode_ == 0 || mode_ == 1)
                move(target(words), mode_ == 0,
                     turned ? (relative_ ? angle_ + *turned : *turned) : std::optional<double>());
            else if (turned)
                fail("an arc that turns");
            else
                arc(words);
        }
        for (size_t i = 0; i < words.count; ++i)
            if (words.all[i].letter == 'M')
                takeM(int(std::lround(words.all[i].value)), true);
    }

    bool takeG(int tenths) {
        switch (tenths) {
        case 0:
        case 10:
        case 20:
        case 30:
            mode_ = tenths / 10;
            return true;
        case 40:
        case 100:
        case 280:
        case 300:
        case 920:
            nonModal_ = tenths / 10;
            return true;
        case 170:
        case 180:
        case 190:
            plane_ = tenths / 10;
            return true;
        case 200:
            unit_ = mmPerInch;
            return true;
        case 210:
            unit_ = 1;
            return true;
        case 400:
        case 430:
        case 490:
        case 500:
        case 610:
        case 611:
        case 640:
        case 980:
        case 990:
            return true;
        case 530:
            machine_ = true;
            return true;
        case 540:
        case 550:
        case 560:
        case 570:
        case 580:
        case 590:
            system_ = size_t(tenths / 10 - 54);
            return true;
        case 800:
            mode_ = -1;
            return true;
        case 900:
            relative_ = false;
            return true;
        case 910:
            relative_ = true;
            return true;
        case 901:
            arcRelative_ = false;
            return true;
        case 911:
            arcRelative_ = true;
            return true;
        case 930:
        case 940:
            inverse_ = tenths == 930;
            return true;
        default:
            fail("a code that is not understood: G" + numberText(tenths / 10.0));
            return false;
        }
    }

    /// What is done before a move, or after it.
    bool takeM(int code, bool after) {
        switch (code) {
        case 3:
        case 4:
            if (!after)
                on_ = true;
            return true;
        case 5:
            if (after)
                on_ = false;
            return true;
        case 6:
            if (!after) {
                changes_ = true;
                tool_ = wanted_;
                ++program_.toolChanges;
            }
            return true;
        case 0:
        case 1:
        case 60:
            return true;
        case 2:
        case 30:
            done_ = done_ || after;
            return true;
        case 7:
        case 8:
        case 9:
        case 10:
        case 11:
        case 19:
        case 48:
        case 49:
            if (!after)
                program_.left.push_back({line_, "M" + std::to_string(code)});
            return true;
        default:
            if (!after)
                fail("a code that is not understood: M" + std::to_string(code));
            return false;
        }
    }

    Vertex offset() const { return offsets_[system_] + shift_; }

    /// What the words say of a place, where they say nothing `usual`; mm.
    Vertex coordinates(const Words& words, const Vertex& usual) const {
        Vertex place = usual;
        if (const auto x = words.find('X'))
            place.x = *x * unit_;
        if (const auto y = words.find('Y'))
            place.y = *y * unit_;
        if (const auto z = words.find('Z'))
            place.z = *z * unit_;
        return place;
    }
    Vertex target(const Words& words) const {
        if (relative_)
            return here_ + coordinates(words, {});
        const Vertex off = machine_ ? Vertex{} : offset();
        return coordinates(words, here_ - off) + off;
    }

    void setOffsets(const Words& words) {
        const int kind = int(words.find('L').value_or(2)), system = int(words.find('P').value_or(0));
        if (system < 0 || system > 6 || (kind != 2 && kind != 20))
            return fail("an offset that is not understood");
        Vertex& set = offsets_[system == 0 ? system_ : size_t(system - 1)];
        if (kind == 2)
            set = coordinates(words, set);
        else
            set = here_ - shift_ - coordinates(words, here_ - shift_ - set);
    }

    float feedNow(double length) const {
        const double feed = inverse_ ? feed_ * length : feed_ * unit_;
        return float(feed);
    }

    void move(const Vertex& to, bool rapid, std::optional<double> angle = {}) {
        const double length = space::length(to - here_);
        const double turned = angle ? *angle - angle_ : 0;
        if (length > 0 || turned != 0) {
            if (!rapid && !(feed_ > 0))
                fail("a cut without a feed");
            if (!rapid && inverse_ && !feedTold_)
                fail("a cut told by its time, without that");
            Motion motion{here_, to, line_, rapid, false, on_, tool_, rapid ? 0 : feedNow(length)};
            motion.turnedFrom = angle_;
            motion.turnedTo = angle_ + turned;
            if (!rapid && feed_ > 0 && (inverse_ || turned != 0))
                motion.minutes = float(inverse_ ? 1 / feed_ : std::hypot(length / unit_, turned) / feed_);
            program_.motions.push_back(motion);
        }
        here_ = to;
        angle_ += turned;
    }

    /// In the chosen plane; the third axis goes along evenly.
    void arc(const Words& words) {
        const Vertex end = target(words);
        const auto flat = [&](const Vertex& v) -> std::array<double, 3> {
            return plane_ == 17   ? std::array{v.x, v.y, v.z}
                   : plane_ == 18 ? std::array{v.z, v.x, v.y}
                                  : std::array{v.y, v.z, v.x};
        };
        const auto whole = [&](double a, double b, double c) -> Vertex {
            return plane_ == 17 ? Vertex{a, b, c} : plane_ == 18 ? Vertex{b, c, a} : Vertex{c, a, b};
        };
        const auto a = flat(here_), b = flat(end);
        const bool clockwise = mode_ == 2;
        double cx = 0, cy = 0;
        if (const auto r = words.find('R')) {
            const double radius = *r * unit_, dx = b[0] - a[0], dy = b[1] - a[1], way = std::hypot(dx, dy);
            const double squared = radius * radius - way * way / 4;
            if (way == 0 || squared < -offCircle * std::fabs(radius))
                return fail("an arc whose radius does not reach");
            const double off = std::sqrt(std::max(0.0, squared)) / way;
            const double side = clockwise == (radius > 0) ? -1 : 1;
            cx = (a[0] + b[0]) / 2 - side * off * dy;
            cy = (a[1] + b[1]) / 2 + side * off * dx;
        } else {
            const char first = plane_ == 17 ? 'I' : plane_ == 18 ? 'K' : 'J';
            const char second = plane_ == 17 ? 'J' : plane_ == 18 ? 'I' : 'K';
            const double i = words.find(first).value_or(0) * unit_,
                         j = words.find(second).value_or(0) * unit_;
            if (!words.find(first) && !words.find(second))
                return fail("an arc without a centre");
            cx = arcRelative_ ? a[0] + i : i;
            cy = arcRelative_ ? a[1] + j : j;
        }
        const double radius = std::hypot(a[0] - cx, a[1] - cy), radiusEnd = std::hypot(b[0] - cx, b[1] - cy);
        if (std::fabs(radius - radiusEnd) > offCircle || radius == 0)
            return fail("an arc off its circle by " +
                        numberText(std::round(std::fabs(radius - radiusEnd) * 1e4) / 1e4));
        const double from = std::atan2(a[1] - cy, a[0] - cx);
        double sweep = std::atan2(b[1] - cy, b[0] - cx) - from;
        constexpr double none = 1e-9;
        if (clockwise && sweep >= -none)
            sweep -= 2 * M_PI;
        if (!clockwise && sweep <= none)
            sweep += 2 * M_PI;
        const double step = radius > chord ? 2 * std::acos(1 - chord / radius) : M_PI;
        const int steps = int(std::clamp(std::ceil(std::fabs(sweep) / step), 1.0, 1e9));
        // An arc of a kilometre. A short program may ask for many of them, and for more than there is memory
        // for.
        constexpr size_t mostSteps = 100'000, stepsOfALine = 2'000, mostMotions = 20'000'000;
        const size_t room = std::min(mostMotions, mostSteps + stepsOfALine * size_t(line_));
        if (size_t(steps) > mostSteps || program_.motions.size() + size_t(steps) > room)
            return fail("an arc too large to be followed");
        if (!(feed_ > 0))
            fail("a cut without a feed");
        const double length = std::hypot(radius * sweep, b[2] - a[2]);
        for (int k = 1; k <= steps; ++k) {
            const double share = double(k) / steps, angle = from + share * sweep;
            const double r = radius + share * (radiusEnd - radius);
            const Vertex to = k == steps ? end
                                         : whole(cx + r * std::cos(angle), cy + r * std::sin(angle),
                                                 a[2] + share * (b[2] - a[2]));
            Motion motion{here_, to, line_, false, true, on_, tool_, feedNow(length)};
            motion.turnedFrom = motion.turnedTo = angle_;
            program_.motions.push_back(motion);
            here_ = to;
        }
    }

    Program program_;
    std::int32_t line_ = 0;
    bool done_ = false;
    Vertex here_{};
    int mode_ = -1, plane_ = 17, nonModal_ = 0;
    double unit_ = 1, feed_ = 0;
    double angle_ = 0;
    bool feedTold_ = false;
    bool relative_ = false, arcRelative_ = true, inverse_ = false, machine_ = false, on_ = false;
    bool changes_ = false;
    std::int16_t tool_ = 1, wanted_ = 1;
    size_t system_ = 0;
    std::array<Vertex, 6> offsets_{};
    Vertex shift_{};
};

} // namespace

Program programFrom(std::string_view text) {
    return Reader().read(text);
}

} // namespace bollard::proof
