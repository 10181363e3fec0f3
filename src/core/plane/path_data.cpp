#include "plane/path_data.hpp"
#include <array>
#include <charconv>
#include <optional>

namespace bollard::plane {
namespace {

constexpr double farthest = 1e12; // beyond it sums of numbers soon are none

/// An elliptical arc by its two ends, as a run of cubics (SVG 1.1, appendix F.6).
void addEllipticalArc(Contour& contour, Vector from, Vector radii, double turn_degrees, bool large,
                      bool sweep, Vector to) {
    double rx = std::fabs(radii.x), ry = std::fabs(radii.y);
    if (rx == 0 || ry == 0 || from == to) {
        contour.segments.push_back({Segment::Kind::line, {}, {}, to});
        return;
    }
    const double turn = turn_degrees * M_PI / 180, c = std::cos(turn), s = std::sin(turn);
    const Vector half = 0.5 * (from - to);
    const Vector p{c * half.x + s * half.y, c * half.y - s * half.x};
    const double needed = p.x * p.x / (rx * rx) + p.y * p.y / (ry * ry);
    if (needed > 1) {
        rx *= std::sqrt(needed);
        ry *= std::sqrt(needed);
    }
    const double below = rx * rx * p.y * p.y + ry * ry * p.x * p.x;
    double factor = std::sqrt(std::max(0.0, (rx * rx * ry * ry - below) / below));
    if (large == sweep)
        factor = -factor;
    const Vector q{factor * rx * p.y / ry, -factor * ry * p.x / rx};
    const auto onUnitCircle = [&](Vector v) { return std::atan2(v.y / ry, v.x / rx); };
    const double first = onUnitCircle(p - q);
    double by = onUnitCircle(-1.0 * p - q) - first;
    if (sweep && by < 0)
        by += 2 * M_PI;
    if (!sweep && by > 0)
        by -= 2 * M_PI;
    Contour unit{{std::cos(first), std::sin(first)}, {}};
    addArc(unit, {}, by * 180 / M_PI);
    const Vector centre = Vector{c * q.x - s * q.y, s * q.x + c * q.y} + 0.5 * (from + to);
    const auto placed = [&](Vector v) {
        return centre + Vector{c * rx * v.x - s * ry * v.y, s * rx * v.x + c * ry * v.y};
    };
    for (const Segment& piece : unit.segments)
        contour.segments.push_back(
            {piece.kind, placed(piece.first), placed(piece.second), placed(piece.end)});
    contour.segments.back().end = to;
}

class Reader {
  public:
    explicit Reader(std::string_view text) : text_(text) {}

    quantity::Result<Outline> read() {
        char command = 0;
        skip();
        while (at_ < text_.size() && good_) {
            const char c = text_[at_];
            if (std::isalpha(static_cast<unsigned char>(c)) != 0) {
                command = c;
                ++at_;
                if (!started_ && c != 'M' && c != 'm')
                    return problem(at_);
                if (c == 'Z' || c == 'z') {
                    close();
                    skip();
                    continue;
                }
            } else if (command == 0 || command == 'Z' || command == 'z') {
                return problem(at_ + 1);
            }
            if (!run(command))
                good_ = false;
            if (command == 'M')
                command = 'L';
            if (command == 'm')
                command = 'l';
            skip();
        }
        if (!good_)
            return problem(failedAt_.value_or(at_) + 1);
        return std::move(outline_);
    }

  private:
    static quantity::Problem problem(size_t column) {
        return {quantity::ProblemKind::pathDataBroken, {}, {}, 0, int(column)};
    }
    void skip() {
        while (at_ < text_.size() &&
               (std::isspace(static_cast<unsigned char>(text_[at_])) || text_[at_] == ','))
            ++at_;
    }
    /// Remembers the first place that could not be read.
    std::nullopt_t fail() {
        if (!failedAt_)
            failedAt_ = at_;
        return std::nullopt;
    }
    std::optional<double> number() {
        skip();
        size_t from = at_;
        if (from < text_.size() && text_[from] == '+')
            ++from;
        double value = 0;
        const auto [end, error] = std::from_chars(text_.data() + from, text_.data() + text_.size(), value);
        if (error != std::errc() || !(std::fabs(value) <= farthest))
            return fail();
        at_ = size_t(end - text_.data());
        return value;
    }
    std::optional<bool> flag() {
        skip();
        if (at_ < text_.size() && (text_[at_] == '0' || text_[at_] == '1'))
            return text_[at_++] == '1';
        return fail();
    }
    std::optional<Vector> point(bool relative) {
        const auto x = number(), y = number();
        if (!x || !y)
            return std::nullopt;
        return relative ? pen_ + Vector{*x, *y} : Vector{*x, *y};
    }
    Contour& contour() {
        if (fresh_) {
            outline_.contours.push_back({pen_, {}, true});
            fresh_ = false;
        }
        return outline_.contours.back();
    }
    void close() {
        if (!fresh_ || started_) {
            Contour& closed = contour();
            closed.open = false;
            pen_ = closed.start;
        }
        fresh_ = true;
        lastCubic_ = lastQuadratic_ = std::nullopt;
    }
    void add(Segment segment) {
        contour().segments.push_back(segment);
        pen_ = segment.end;
        lastCubic_ = lastQuadratic_ = std::nullopt;
    }

    bool run(char command) {
        const bool relative = std::islower(static_cast<unsigned char>(command)) != 0;
        switch (std::toupper(static_cast<unsigned char>(command))) {
        case 'M': {
            const auto to = point(relative);
            if (!to)
                return false;
            pen_ = *to;
            started_ = fresh_ = true;
            lastCubic_ = lastQuadratic_ = std::nullopt;
            return true;
        }
        case 'L': {
            const auto to = point(relative);
            if (to)
                add({Segment::Kind::line, {}, {}, *to});
            return to.has_value();
        }
        case 'H':
        case 'V': {
            const auto to = number();
            if (!to)
                return false;
            const bool level = std::toupper(static_cast<unsigned char>(command)) == 'H';
            Vector end = pen_;
            (level ? end.x : end.y) = *to + (relative ? (level ? pen_.x : pen_.y) : 0);
            add({Segment::Kind::line, {}, {}, end});
            return true;
        }
        case 'C': {
            const auto first = point(relative), second = point(relative), to = point(relative);
            if (!first || !second || !to)
                return false;
            cubic(*first, *second, *to);
            return true;
        }
        case 'S': {
            const Vector first = lastCubic_ ? 2.0 * pen_ - *lastCubic_ : pen_;
            const auto second = point(relative), to = point(relative);
            if (!second || !to)
                return false;
            cubic(first, *second, *to);
            return true;
        }
        case 'Q': {
            const auto first = point(relative), to = point(relative);
            if (!first || !to)
                return false;
            quadratic(*first, *to);
            return true;
        }
        case 'T': {
            const Vector first = lastQuadratic_ ? 2.0 * pen_ - *lastQuadratic_ : pen_;
            const auto to = point(relative);
            if (!to)
                return false;
            quadratic(first, *to);
            return true;
        }
        case 'A': {
            const auto rx = number(), ry = number(), turn = number();
            const auto large = flag(), sweep = flag();
            const auto to = point(relative);
            if (!rx || !ry || !turn || !large || !sweep || !to)
                return false;
            addEllipticalArc(contour(), pen_, {*rx, *ry}, *turn, *large, *sweep, *to);
            pen_ = *to;
            lastCubic_ = lastQuadratic_ = std::nullopt;
            return true;
        }
        default:
            --at_;
            return false;
        }
    }
    void cubic(Vector first, Vector second, Vector to) {
        add({Segment::Kind::cubic, first, second, to});
        lastCubic_ = second;
    }
    void quadratic(Vector first, Vector to) {
        add({Segment::Kind::quadratic, first, {}, to});
        lastQuadratic_ = first;
    }

    std::string_view text_;
    size_t at_ = 0;
    std::optional<size_t> failedAt_;
    bool good_ = true, started_ = false, fresh_ = true;
    Vector pen_{};
    std::optional<Vector> lastCubic_, lastQuadratic_;
    Outline outline_;
};

} // namespace

quantity::Result<Outline> outlineFromPathData(std::string_view text) {
    auto read = Reader(text).read();
    // Steps may lead farther out together than any of them.
    const auto near = [](Vector v) { return std::fabs(v.x) <= farthest && std::fabs(v.y) <= farthest; };
    if (read)
        for (const Contour& contour : read->contours)
            if (!near(contour.start) || !std::ranges::all_of(contour.segments, [&](const Segment& segment) {
                    return near(segment.first) && near(segment.second) && near(segment.end);
                }))
                return quantity::Problem{quantity::ProblemKind::numberTooLarge};
    return read;
}

std::string tooMuchOf(const Outline& outline, std::size_t segments, std::size_t most) {
    const auto told = [](size_t count, size_t limit) {
        return std::to_string(count) + " > " + std::to_string(limit);
    };
    struct Chord {
        Vector from, to;
    };
    std::vector<Chord> chords;
    Vector low{1e300, 1e300}, high{-1e300, -1e300};
    for (const Contour& contour : outline.contours) {
        Vector from = contour.start;
        const auto add = [&](Vector to) {
            chords.push_back({from, to});
            for (const Vector v : {from, to}) {
                low = {std::min(low.x, v.x), std::min(low.y, v.y)};
                high = {std::max(high.x, v.x), std::max(high.y, v.y)};
            }
            from = to;
        };
        for (const Segment& segment : contour.segments)
            add(segment.end);
        if (!contour.open)
            add(contour.start);
    }
    if (chords.size() > segments)
        return told(chords.size(), segments);
    // In cells of a grid, so that only what may meet is tried.
    const int cells = std::max(1, int(std::sqrt(double(chords.size()))));
    const Vector size{std::max(high.x - low.x, 1e-9), std::max(high.y - low.y, 1e-9)};
    const auto column = [&](double x) { return std::clamp(int((x - low.x) / size.x * cells), 0, cells - 1); };
    const auto row = [&](double y) { return std::clamp(int((y - low.y) / size.y * cells), 0, cells - 1); };
    std::vector<std::vector<int>> inCell(size_t(cells) * size_t(cells));
    const auto cross = [](const Chord& a, const Chord& b) {
        const auto side = [](const Chord& line, Vector p) {
            const Vector along = line.to - line.from, to = p - line.from;
            return along.x * to.y - along.y * to.x;
        };
        return side(a, b.from) * side(a, b.to) < 0 && side(b, a.from) * side(b, a.to) < 0;
    };
    size_t crossings = 0;
    std::vector<int> triedWith(chords.size(), -1);
    for (int i = 0; i < int(chords.size()); ++i) {
        const Chord& chord = chords[size_t(i)];
        const auto [left, right] = std::minmax({column(chord.from.x), column(chord.to.x)});
        for (int x = left; x <= right; ++x) {
            // The part of the chord over this column
            const double reach = chord.to.x - chord.from.x;
            const auto yAt = [&](int edge) {
                const double there = low.x + size.x * edge / cells;
                const double along = reach == 0 ? 0 : std::clamp((there - chord.from.x) / reach, 0.0, 1.0);
                return chord.from.y + along * (chord.to.y - chord.from.y);
            };
            const bool upright = left == right;
            const auto [bottom, top] =
                std::minmax({row(upright ? chord.from.y : yAt(x)), row(upright ? chord.to.y : yAt(x + 1))});
            for (int y = bottom; y <= top; ++y) {
                std::vector<int>& there = inCell[size_t(y) * size_t(cells) + size_t(x)];
                for (const int other : there)
                    if (std::exchange(triedWith[size_t(other)], i) != i &&
                        cross(chord, chords[size_t(other)]) && ++crossings > most)
                        return told(crossings, most);
                there.push_back(i);
            }
        }
    }
    return {};
}

std::string readOnCard(std::string_view text, const std::function<void(Outline)>& take) {
    auto read = outlineFromPathData(text);
    if (!read)
        return "SVG path data (position " + std::to_string(read.problem().column) + ")";
    std::string tooMuch = tooMuchOf(*read);
    if (tooMuch.empty())
        take(*std::move(read));
    return tooMuch;
}

std::string pathDataOf(const Outline& outline, int decimals) {
    std::string text;
    const auto number = [&](double value) {
        const double unit = std::pow(10.0, decimals);
        double rounded = std::round(value * unit) / unit;
        if (!std::isfinite(rounded)) // so far out that there is nothing to round
            rounded = value;
        if (rounded == 0)
            rounded = 0; // never -0
        std::array<char, 64> digits{};
        const auto end = std::to_chars(digits.data(), digits.data() + digits.size(), rounded).ptr;
        text.append(digits.data(), end);
    };
    const auto point = [&](char before, Vector v) {
        text += before;
        number(v.x);
        text += ' ';
        number(v.y);
    };
    for (const Contour& contour : outline.contours) {
        point('M', contour.start);
        for (const Segment& segment : contour.segments) {
            if (segment.kind == Segment::Kind::line) {
                point('L', segment.end);
                continue;
            }
            point(segment.kind == Segment::Kind::cubic ? 'C' : 'Q', segment.first);
            if (segment.kind == Segment::Kind::cubic)
                point(' ', segment.second);
            point(' ', segment.end);
        }
        if (!contour.open)
            text += 'Z';
    }
    return text;
}

} // namespace bollard::plane
