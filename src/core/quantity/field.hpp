// What can be set of a value, told once: cards, their documentation, ranges and forms come from it.
#pragma once
#include "quantity/fields_of.hpp"
#include "quantity/ranges.hpp"
#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <limits>
#include <map>
#include <memory>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <variant>
#include <vector>

namespace bollard::quantity {

/// What a number counts: mm, degrees, percent, pieces, times; decides how it is shown and typed.
enum class Dimension { length, angle, percent, count, ratio };

/// One name of a choice with what it stands for; a choice is a table of these.
template<class T> struct Named {
    T value;
    std::string_view name;
};
template<class T> Named(T, const char*) -> Named<T>;

/// What a field holds, reached from the part it is of. Parts are passed by address, so that what reads,
/// writes or lists them is written once for all.
namespace held {
struct Number {
    std::function<double&(void*)> at;
};
struct Whole {
    std::function<int&(void*)> at;
};
struct Flag {
    std::function<bool&(void*)> at;
};
struct Text {
    std::function<std::string&(void*)> at;
};
/// One of some names.
struct Choice {
    std::vector<std::string_view> names;
    std::function<std::size_t(const void*)> get; ///< its place in the names
    std::function<void(void*, std::size_t)> set;
};
/// Two or three numbers, [x, y].
struct Pair {
    std::function<std::vector<double*>(void*)> at;
};
/// Numbers by name; those of other names are not taken.
struct Numbers {
    std::function<std::map<std::string, double>(const void*)> get;
    std::function<void(void*, const std::map<std::string, double>&)> set;
    std::function<bool(const std::string&)> knows; ///< null: any name
};
/// Something that has a text of its own.
struct Coded {
    std::function<std::string(const void*)> write;
    /// What is wanted instead of it, "12 > 10" where it holds too much, or nothing.
    std::function<std::string(void*, const std::string&)> read;
};
struct Texts {
    std::function<std::vector<std::string>&(void*)> at;
};
struct TextRows {
    std::function<std::vector<std::vector<std::string>>&(void*)> at;
};
/// JSON Patches by row, from 0; each its text.
struct Patches {
    std::function<std::map<int, std::string>&(void*)> at;
};
/// A part within the part.
struct Part {
    std::function<void*(void*)> at;
    const PartFields& (*fields)();
    std::function<void(void*)> empty{};              ///< null: what a card does not say of it stays as it was
    std::function<void(void*, double)> fromNumber{}; ///< null: it cannot be told by a number alone
    /// Null: it cannot be told by a text alone. False: not by this one.
    std::function<bool(void*, const std::string&)> fromText{};
    std::function<std::string(const void*)> toText{}; ///< how it is told by a text alone; empty: it is not
};
/// An inscription by its id; a card may tell it by its place in their list too. Empty for none.
struct Reference {
    std::function<std::string&(void*)> at;
};
/// Several of them.
struct References {
    std::function<std::vector<std::string>&(void*)> at;
};
struct Parts {
    std::function<std::size_t(const void*)> count;
    std::function<void*(void*, std::size_t)> at;
    std::function<void(void*, std::size_t)> resize;
    const PartFields& (*fields)();
    std::size_t most; ///< so many; a card with more is refused
};
constexpr std::size_t mostParts = 10'000;    ///< of a list that says nothing else
constexpr std::size_t longestText = 100'000; ///< bytes
constexpr std::size_t mostRows = 1'000'000;
/// One of several kinds with values of their own, all kept: its name under the field's name, its values
/// beside it.
struct Kinds {
    struct Kind {
        std::string_view name;
        std::function<void*(void*)> at;
        const PartFields& (*fields)();
    };
    std::vector<Kind> kinds;
    std::function<std::size_t(const void*)> get;
    std::function<void(void*, std::size_t)> set;
};
using Any = std::variant<Number, Whole, Flag, Text, Choice, Pair, Numbers, Coded, Texts, TextRows, Patches,
                         Reference, References, Part, Parts, Kinds>;
} // namespace held

struct Field {
    std::string_view name; ///< as in cards; wording looks its label up
    held::Any holds;
    std::string_view about{}; ///< the sentence of the documentation
    Dimension dimension = Dimension::length;
    Range range{};
    std::string_view usual{}; ///< how the documentation calls what it starts as; empty: its value
    std::function<bool(const void*)>
        matters{};      ///< null: always. What does not matter is kept, and written if it was
    bool quiet = false; ///< written only where it is not as usual
    std::function<bool(const void*)> needed{}; ///< null: never. Whether a card must have it
    std::string_view asks{};                   ///< what the documentation says instead of the range
};

/// The fields of a kind of part.
struct PartFields {
    std::function<std::shared_ptr<void>()> fresh; ///< a part as it starts
    std::vector<Field> fields;

    const Field* find(std::string_view name) const {
        for (const Field& field : fields)
            if (field.name == name)
                return &field;
        return nullptr;
    }
};

/// Builds the fields of a part. `at` is a member pointer or a function from the part to a reference.
template<class Part> class Describing {
  public:
    Describing() {
        made_.fresh = [] { return std::make_shared<Part>(); };
    }
    operator PartFields() && { return std::move(made_); }

    template<class At> Describing& number(std::string_view name, At at, Dimension dimension, Range range) {
        using Value = std::remove_cvref_t<std::invoke_result_t<At, Part&>>;
        if constexpr (std::is_same_v<Value, int>)
            add(name, held::Whole{[at](void* part) -> int& { return std::invoke(at, of(part)); }});
        else
            add(name, held::Number{[at](void* part) -> double& { return std::invoke(at, of(part)); }});
        last().dimension = dimension;
        last().range = range;
        return *this;
    }
    template<class At> Describing& flag(std::string_view name, At at) {
        return add(name, held::Flag{[at](void* part) -> bool& { return std::invoke(at, of(part)); }});
    }
    template<class At> Describing& text(std::string_view name, At at) {
        return add(name, held::Text{[at](void* part) -> std::string& { return std::invoke(at, of(part)); }});
    }
    template<class At, class Table> Describing& choice(std::string_view name, At at, const Table& table) {
        held::Choice choice;
        for (const auto& row : table)
            choice.names.push_back(row.name);
        choice.get = [at, table](const void* part) {
            std::size_t i = 0;
            while (i + 1 < table.size() && table[i].value != std::invoke(at, of(part)))
                ++i;
            return i;
        };
        choice.set = [at, table](void* part, std::size_t i) { std::invoke(at, of(part)) = table[i].value; };
        return add(name, std::move(choice));
    }
    template<class At> Describing& pair(std::string_view name, At at, Dimension dimension, Range range) {
        add(name, held::Pair{[at](void* part) {
                auto& vector = std::invoke(at, of(part));
                return std::vector{&vector.x, &vector.y};
            }});
        last().dimension = dimension;
        last().range = range;
        return *this;
    }
    /// Three numbers of an array.
    template<class At> Describing& triple(std::string_view name, At at, Dimension dimension, Range range) {
        add(name, held::Pair{[at](void* part) {
                std::array<double, 3>& three = std::invoke(at, of(part));
                return std::vector{&three[0], &three[1], &three[2]};
            }});
        last().dimension = dimension;
        last().range = range;
        return *this;
    }
    /// A map from text to numbers, whole ones or others.
    template<class At> Describing& numbers(std::string_view name, At at, Dimension dimension, Range range) {
        held::Numbers numbers;
        numbers.get = [at](const void* part) {
            const auto& map = std::invoke(at, of(part));
            return std::map<std::string, double>(map.begin(), map.end());
        };
        numbers.set = [at](void* part, const std::map<std::string, double>& values) {
            auto& map = std::invoke(at, of(part));
            map.clear();
            using Value = typename std::remove_cvref_t<decltype(map)>::mapped_type;
            for (const auto& [key, value] : values)
                map[key] = converted<Value>(value);
        };
        add(name, std::move(numbers));
        last().dimension = dimension;
        last().range = range;
        return *this;
    }
    template<class At> Describing& texts(std::string_view name, At at) {
        return add(name, held::Texts{[at](void* part) -> std::vector<std::string>& {
                       return std::invoke(at, of(part));
                   }});
    }
    template<class At> Describing& textRows(std::string_view name, At at) {
        return add(name, held::TextRows{[at](void* part) -> std::vector<std::vector<std::string>>& {
                       return std::invoke(at, of(part));
                   }});
    }
    template<class At> Describing& patches(std::string_view name, At at) {
        return add(name, held::Patches{[at](void* part) -> std::map<int, std::string>& {
                       return std::invoke(at, of(part));
                   }});
    }
    template<class At> Describing& part(std::string_view name, At at) {
        using Inner = std::remove_cvref_t<std::invoke_result_t<At, Part&>>;
        return part(name, at, &fieldsOf<Inner>);
    }
    /// Some fields of a part, or of this one under a name of their own.
    template<class At> Describing& part(std::string_view name, At at, const PartFields& (*fields)()) {
        return add(
            name,
            held::Part{
                [at](void* part) -> void* { return &std::invoke(at, of(part)); }, fields, {}, {}, {}, {}});
    }
    /// A part of which a card says all or nothing.
    template<class At> Describing& wholePart(std::string_view name, At at) {
        using Inner = std::remove_cvref_t<std::invoke_result_t<At, Part&>>;
        part(name, at);
        std::get<held::Part>(last().holds).empty = [at](void* part) { std::invoke(at, of(part)) = Inner{}; };
        return *this;
    }
    /// The part told last may be told by a number alone, within the range.
    template<class Inner> Describing& orNumber(void (*take)(Inner&, double), Range range) {
        std::get<held::Part>(last().holds).fromNumber =
            [take, at = std::get<held::Part>(last().holds).at](void* part, double number) {
                take(*static_cast<Inner*>(at(part)), number);
            };
        last().range = range;
        return *this;
    }
    /// The part told last may be told by a text alone: `take` says whether by this one, `tell` gives it or
    /// nothing.
    template<class Inner>
    Describing& orText(bool (*take)(Inner&, const std::string&), std::string (*tell)(const Inner&)) {
        held::Part& part = std::get<held::Part>(last().holds);
        part.fromText = [take, at = part.at](void* of, const std::string& text) {
            return take(*static_cast<Inner*>(at(of)), text);
        };
        part.toText = [tell, at = part.at](const void* of) {
            return tell(*static_cast<const Inner*>(at(const_cast<void*>(of))));
        };
        return *this;
    }
    template<class At> Describing& parts(std::string_view name, At at, std::size_t most = held::mostParts) {
        using Inner = typename std::remove_cvref_t<std::invoke_result_t<At, Part&>>::value_type;
        return add(name, held::Parts{[at](const void* part) { return std::invoke(at, of(part)).size(); },
                                     [at](void* part, std::size_t i) -> void* {
                                         return &std::invoke(at, of(part))[i];
                                     },
                                     [at](void* part, std::size_t n) { std::invoke(at, of(part)).resize(n); },
                                     &fieldsOf<Inner>, most});
    }
    Describing& coded(std::string_view name, std::function<std::string(const Part&)> write,
                      std::function<std::string(Part&, const std::string&)> read) {
        return add(name,
                   held::Coded{[write](const void* part) { return write(of(part)); },
                               [read](void* part, const std::string& text) { return read(of(part), text); }});
    }
    template<class At> Describing& reference(std::string_view name, At at) {
        return add(name,
                   held::Reference{[at](void* part) -> std::string& { return std::invoke(at, of(part)); }});
    }
    template<class At> Describing& references(std::string_view name, At at) {
        return add(name, held::References{[at](void* part) -> std::vector<std::string>& {
                       return std::invoke(at, of(part));
                   }});
    }
    /// A OneOf.
    template<class At> Describing& kinds(std::string_view name, At at) {
        held::Kinds kinds;
        using One = std::remove_cvref_t<std::invoke_result_t<At, Part&>>;
        One::eachKind([&]<class Kind>(std::type_identity<Kind>) {
            kinds.kinds.push_back(
                {Kind::name,
                 [at](void* part) -> void* { return &std::invoke(at, of(part)).template as<Kind>(); },
                 &fieldsOf<Kind>});
        });
        kinds.get = [at](const void* part) { return std::invoke(at, of(part)).index(); };
        kinds.set = [at](void* part, std::size_t i) { std::invoke(at, of(part)).choose(i); };
        return add(name, std::move(kinds));
    }

    // Of the field told last.
    Describing& about(std::string_view sentence) {
        last().about = sentence;
        return *this;
    }
    Describing& usual(std::string_view words) {
        last().usual = words;
        return *this;
    }
    Describing& asks(std::string_view words) {
        last().asks = words;
        return *this;
    }
    Describing& when(std::function<bool(const Part&)> matters) {
        last().matters = [matters](const void* part) { return matters(of(part)); };
        return *this;
    }
    Describing& needed(std::function<bool(const Part&)> needed) {
        last().needed = [needed](const void* part) { return needed(of(part)); };
        return *this;
    }
    /// Of a map of numbers: which names it may have.
    Describing& knows(bool (*isKnown)(const std::string&)) {
        std::get<held::Numbers>(last().holds).knows = isKnown;
        return *this;
    }
    Describing& quiet() {
        last().quiet = true;
        return *this;
    }

  private:
    /// The nearest there is; 0 for no number.
    template<class Value> static Value converted(double value) {
        if constexpr (std::is_integral_v<Value>) {
            constexpr double least = std::numeric_limits<Value>::lowest(),
                             most = std::numeric_limits<Value>::max();
            return std::isnan(value) ? 0 : static_cast<Value>(std::clamp(value, least, most));
        } else {
            return static_cast<Value>(value);
        }
    }
    static Part& of(void* part) { return *static_cast<Part*>(part); }
    static Part& of(const void* part) { return *static_cast<Part*>(const_cast<void*>(part)); }
    Describing& add(std::string_view name, held::Any any) {
        made_.fields.push_back({name, std::move(any)});
        return *this;
    }
    Field& last() { return made_.fields.back(); }
    PartFields made_;
};

/// Calls with each number of a part and of all within it, double or int; those of every kind.
void eachNumber(void* part, const PartFields& fields,
                const std::function<void(double&, const Field&)>& onNumber,
                const std::function<void(int&, const Field&)>& onWhole);

/// Chooses another kind. Numbers of one name and dimension carry over to it from the one chosen before.
void chooseKind(const held::Kinds& kinds, void* part, std::size_t to);

} // namespace bollard::quantity
