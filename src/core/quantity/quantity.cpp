#include "quantity/quantity.hpp"
#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <vector>

namespace bollard::quantity {
namespace {

struct UnitRow {
    Unit unit;
    double millimetres;
    std::string_view symbol;
};
constexpr std::array units{
    UnitRow{Unit::millimetre, 1.0, "mm"}, UnitRow{Unit::centimetre, 10.0, "cm"},
    UnitRow{Unit::metre, 1000.0, "m"},    UnitRow{Unit::inch, 25.4, "in"},
    UnitRow{Unit::foot, 304.8, "ft"},     UnitRow{Unit::point, 25.4 / 72.0, "pt"},
};

struct Word {
    std::string_view text;
    double factor;
};
const std::vector<Word>& lengthWords() {
    static const std::vector<Word> words = [] {
        std::vector<Word> all;
        for (const UnitRow& row : units)
            all.push_back({row.symbol, row.millimetres});
        for (std::string_view inch : {"\"", "inch", "inches", "″"})
            all.push_back({inch, 25.4});
        for (std::string_view foot : {"'", "foot", "feet", "′"})
            all.push_back({foot, 304.8});
        return all;
    }();
    return words;
}
const std::vector<Word>& angleWords() {
    static const std::vector<Word> words{{"deg", 1.0}, {"°", 1.0}};
    return words;
}
const std::vector<Word>& noWords() {
    static const std::vector<Word> words;
    return words;
}

/// A number on the way through an expression; `measured` once a unit has touched it.
struct Value {
    double number = 0;
    bool measured = false;
};

/// Recursive descent over: sum = product {(+|-) product}; product = signed {(*|/) signed};
/// signed = {+|-} atom; atom = '(' sum ')' [unit] | quantity.
class Reader {
  public:
    Reader(std::string_view text, const std::vector<Word>& words, double assumed)
        : text_(text), words_(words), assumed_(assumed) {}

    Result<double> read() {
        skipSpace();
        if (at_ == text_.size())
            return Problem{ProblemKind::emptyText, {}, {}, 0, 1};
        Value value = sum();
        skipSpace();
        if (!failed() && at_ < text_.size())
            failHere();
        const double read = failed() ? 0 : inAssumed(value).number;
        if (!std::isfinite(read))
            fail(ProblemKind::numberTooLarge, 0);
        if (failed())
            return *problem_;
        return read;
    }

  private:
    bool failed() const { return problem_.has_value(); }
    void fail(ProblemKind kind, size_t where, std::string subject = {}) {
        if (!problem_)
            problem_ = Problem{kind, std::move(subject), {}, 0, int(where) + 1};
    }
    void failHere() {
        if (at_ >= text_.size())
            return fail(ProblemKind::unexpectedSign, at_);
        const std::string_view word = letters();
        if (!word.empty())
            return fail(ProblemKind::unknownUnit, at_, std::string(word));
        size_t end = at_ + 1;
        while (end < text_.size() && (static_cast<unsigned char>(text_[end]) & 0xC0) == 0x80)
            ++end; // the whole UTF-8 sign
        fail(ProblemKind::unexpectedSign, at_, std::string(text_.substr(at_, end - at_)));
    }
    void skipSpace() {
        while (at_ < text_.size() && (text_[at_] == ' ' || text_[at_] == '\t'))
            ++at_;
    }
    bool take(char sign) {
        skipSpace();
        if (at_ >= text_.size() || text_[at_] != sign)
            return false;
        ++at_;
        return true;
    }
    std::string_view letters() const {
        size_t end = at_;
        while (end < text_.size() && std::isalpha(static_cast<unsigned char>(text_[end])))
            ++end;
        return text_.substr(at_, end - at_);
    }
    /// The factor of a unit written here, consumed; nothing when none is.
    std::optional<double> unit() {
        skipSpace();
        const std::string_view word = letters();
        for (const Word& known : words_) {
            const bool matches =
                word.empty() ? text_.substr(at_).starts_with(known.text) : word == known.text;
            if (!matches)
                continue;
            at_ += known.text.size();
            return known.factor;
        }
        if (!word.empty())
            fail(ProblemKind::unknownUnit, at_, std::string(word));
        return std::nullopt;
    }
    bool digitHere() const {
        return at_ < text_.size() && (std::isdigit(static_cast<unsigned char>(text_[at_])) ||
                                      ((text_[at_] == '.' || text_[at_] == ',') && at_ + 1 < text_.size() &&
                                       std::isdigit(static_cast<unsigned char>(text_[at_ + 1]))));
    }
    std::optional<double> number() {
        skipSpace();
        if (!digitHere())
            return std::nullopt;
        size_t end = at_;
        std::string digits;
        while (end < text_.size() && (std::isdigit(static_cast<unsigned char>(text_[end])) ||
                                      text_[end] == '.' || text_[end] == ','))
            digits += text_[end] == ',' ? '.' : text_[end], ++end;
        double value = 0;
        const auto [stop, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
        if (error == std::errc::result_out_of_range) {
            fail(ProblemKind::numberTooLarge, at_);
            return std::nullopt;
        }
        at_ += size_t(stop - digits.data());
        return value;
    }
    /// "a/b" standing here, not consumed unless it is whole.
    std::optional<double> fraction() {
        const size_t start = at_;
        const std::optional<double> above = number();
        if (above && take('/')) {
            const size_t divisorAt = at_;
            if (const std::optional<double> below = number()) {
                if (*below == 0)
                    fail(ProblemKind::divisionByZero, divisorAt);
                return *above / *below;
            }
        }
        at_ = start;
        return std::nullopt;
    }
    /// One number with its unit; understands "3/16 in", "1 3/16 in" and "1 3/16".
    Value single() {
        const size_t start = at_;
        if (const std::optional<double> only = fraction()) {
            if (const std::optional<double> factor = unit())
                return {*only * *factor, true};
            if (failed())
                return {};
            at_ = start; // a plain division: left to product()
        }
        std::optional<double> whole = number();
        if (!whole) {
            failHere();
            return {};
        }
        skipSpace();
        if (digitHere()) {
            const std::optional<double> part = fraction();
            if (!part) {
                failHere();
                return {};
            }
            *whole += *part;
        }
        if (const std::optional<double> factor = unit())
            return {*whole * *factor, true};
        return {*whole, false};
    }
    /// "1 ft 2 in": measured numbers side by side add up.
    Value quantity() {
        Value value = single();
        skipSpace();
        while (!failed() && value.measured && digitHere()) {
            const size_t start = at_;
            const Value next = single();
            if (!failed() && !next.measured)
                fail(ProblemKind::unexpectedSign, start, std::string(1, text_[start]));
            value.number += next.number;
            skipSpace();
        }
        return value;
    }
    Value atom() {
        skipSpace();
        const size_t opened = at_;
        if (!take('('))
            return quantity();
        constexpr int deepest = 100;
        if (++depth_ > deepest) {
            fail(ProblemKind::tooDeep, opened);
            return {};
        }
        Value value = sum();
        --depth_;
        if (failed())
            return {};
        if (!take(')')) {
            fail(ProblemKind::unclosedBracket, opened);
            return {};
        }
        const size_t unitAt = at_;
        if (const std::optional<double> factor = unit()) {
            if (value.measured)
                fail(ProblemKind::wrongDimension, unitAt);
            return {value.number * *factor, true};
        }
        return value;
    }
    Value signedAtom() {
        bool negative = false;
        for (;;) {
            if (take('-'))
                negative = !negative;
            else if (!take('+'))
                break;
        }
        Value value = atom();
        return negative ? Value{-value.number, value.measured} : value;
    }
    Value product() {
        Value left = signedAtom();
        while (!failed()) {
            skipSpace();
            const size_t signAt = at_;
            if (take('*')) {
                const Value right = signedAtom();
                if (left.measured && right.measured)
                    fail(ProblemKind::wrongDimension, signAt);
                left = {left.number * right.number, left.measured || right.measured};
            } else if (take('/')) {
                const size_t divisorAt = at_;
                const Value right = signedAtom();
                if (right.measured && !left.measured)
                    fail(ProblemKind::wrongDimension, signAt);
                if (right.number == 0)
                    fail(ProblemKind::divisionByZero, divisorAt);
                left = {left.number / right.number, left.measured && !right.measured};
            } else {
                break;
            }
        }
        return left;
    }
    Value inAssumed(Value value) const {
        return value.measured ? value : Value{value.number * assumed_, true};
    }
    Value sum() {
        Value left = product();
        while (!failed()) {
            const bool plus = take('+');
            if (!plus && !take('-'))
                break;
            Value right = product();
            if (left.measured != right.measured) {
                left = inAssumed(left);
                right = inAssumed(right);
            }
            left.number += plus ? right.number : -right.number;
        }
        return left;
    }

    std::string_view text_;
    const std::vector<Word>& words_;
    double assumed_;
    size_t at_ = 0;
    int depth_ = 0;
    std::optional<Problem> problem_;
};

std::string fixedText(double value, int significant) {
    std::array<char, 400> buffer;
    const int before = value == 0 ? 1 : int(std::floor(std::log10(std::fabs(value)))) + 1;
    const auto [end, error] = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value,
                                            std::chars_format::fixed, std::max(0, significant - before));
    std::string text(buffer.data(), end);
    if (text.find('.') != std::string::npos) {
        text.erase(text.find_last_not_of('0') + 1);
        if (text.back() == '.')
            text.pop_back();
    }
    return text == "-0" ? "0" : text;
}

} // namespace

double millimetresIn(Unit unit) {
    return std::ranges::find(units, unit, &UnitRow::unit)->millimetres;
}

std::string_view symbolOf(Unit unit) {
    return std::ranges::find(units, unit, &UnitRow::unit)->symbol;
}

std::optional<Unit> unitNamed(std::string_view symbol) {
    const auto row = std::ranges::find(units, symbol, &UnitRow::symbol);
    return row == units.end() ? std::nullopt : std::optional(row->unit);
}

Result<double> lengthFromText(std::string_view text, Unit assumed) {
    return Reader(text, lengthWords(), millimetresIn(assumed)).read();
}

Result<double> angleFromText(std::string_view text) {
    return Reader(text, angleWords(), 1.0).read();
}

Result<double> numberFromText(std::string_view text) {
    return Reader(text, noWords(), 1.0).read();
}

std::string textOfLength(double millimetres, Unit unit) {
    const double inUnit = millimetres / millimetresIn(unit);
    for (int significant = 6; significant <= 17; ++significant) {
        std::string text = fixedText(inUnit, significant);
        const Result<double> back = lengthFromText(text, unit);
        if (back && *back == millimetres)
            return text;
    }
    return unit == Unit::millimetre ? fixedText(millimetres, 17)
                                    : textOfLength(millimetres, Unit::millimetre) + " mm";
}

std::string textOfNumber(double value) {
    return textOfLength(value, Unit::millimetre);
}

std::string roundedText(double value, int decimals) {
    const double step = std::pow(10.0, decimals);
    return textOfNumber(std::round(value * step) / step);
}

} // namespace bollard::quantity
