#include "card/card_format.hpp"
#include "blank/material.hpp"
#include "card/card_fields.hpp"
#include "quantity/field.hpp"
#include "setting/fields.hpp"
#include <array>
#include <cmath>
#include <utility>

namespace bollard::card {
namespace {

namespace held = quantity::held;
using quantity::Field, quantity::PartFields;

constexpr auto head = R"(# The card file

Written by `bollard-cli format > docs/card-format.md`; a test holds it to what the program reads and writes.

A card is one JSON text (UTF-8) with the ending `.bollard`. It can be written by hand; Bollard keeps fields it does not
know. Missing fields take their defaults. A wrong field is refused with its line and path
(`inscriptions[0].size.value`), and so is a number that no computer holds, a version that never was, and lists and
objects within each other more than 64 deep.

A card that was not changed is written back with the fields it had. Of parts with a kind (`blank`, `working`, `baseline`,
`ornament`, `process`) the fields of the chosen kind are written, and of other kinds those that the file had.

Lengths are numbers in millimetres whatever `unit` says, or text with a unit: `"3/16 in"`, `"12 pt"`, `"1.2 cm"`.
Angles are degrees, counter-clockwise. The origin is the blank's lower left; x runs right, y up; z = 0 is the blank's
front side, raised letters stand above it and the blank lies below.

```json
{
  "bollard": 1,
  "unit": "mm",
  "blank": {"kind": "plate", "width": 120, "height": 45, "thickness": 4, "corner": 6,
            "holes": [{"x": 8, "y": 22.5, "diameter": 4}]},
  "inscriptions": [{
    "words": "BERTH 14",
    "typeface": {"family": "League Spartan", "style": "Bold"},
    "size": {"by": "capital", "value": 14},
    "letterSpace": 0, "wordSpace": 0, "lineSpace": 0, "align": "centre",
    "placing": {"anchor": "centre", "x": 60, "y": 22.5, "turn": 0},
    "working": {"kind": "raised", "height": 1.6, "bedding": 0.4}
  }],
  "process": {"kind": "filament", "nozzle": 0.4, "layer": 0.2}
}
```

## Card

| field | what | default | range |
|---|---|---|---|
| `bollard` | version of the format; must be there | – | 1 |
| `inscriptions` | the words and ornaments, from first to last | none | list, below |
| `rows` | what fields in the words stand for | none | below |
)";

constexpr auto afterInscriptions = R"(
The words' box, which the anchor belongs to, runs from the leftmost to the rightmost ink and from the last baseline to
the capital line of the first line.
)";

constexpr auto afterBaseline = R"(
On an arc the middle of the words is its top, and anchors hold the words as if they stood straight. On a circle anchors
hold the circle. A curve has its own origin, which lies at `placing.x`, `.y`; the edge is the blank's own. On a circle and
the edge `align` says whether words start, have their middle or end at the top (bottom), on an open curve whether they do
so at its start, middle or end.
)";

constexpr auto afterOrnament = R"(
Words may hold fields, `{name}`, that are filled in from `rows`; a doubled brace is a brace.
)";

constexpr auto afterRows = R"(
A card makes one row at a time: the one that the window shows, or `--row N` of the command line. A field that neither
`fields` nor the numbering knows is a stop finding.
)";

constexpr auto limitsHead = R"(
A limit is named by its working and what it limits, for example `"limits": {"raised.strokeWatch": 1.2}`. All are mm, but
`heightPerStroke`, which counts widths of the narrowest stroke. `gapStop` and `gapWatch` are those of gaps, counters and
openings; where letters are cut, of the land that stays. With the defaults above, on something worn and 3 mm thick, they
start as:

)";

/// Sections of their own; other parts are told where they are.
struct Section {
    const char* title;
    const PartFields& (*fields)();
    const char* after;
};
constexpr auto afterShop = R"(
Machines, tools and dialects of one's own, for all cards: a text of its own, `{"shop": 1, "rack": […], …}`, in the
data folder (`$XDG_DATA_HOME/Bollard/bollard/shop.json`, else `~/.local/share/Bollard/bollard/shop.json`). It adds to
what ships; what has the name of one that ships stands in its place. `bollard-cli shop` tells all that there is, in the
same form.

Words of a dialect may hold `{speed}` (turns a minute, of a laser its power), `{tool}` (its number) and `{seconds}`;
several lines are parted by `\n`, and an empty text writes nothing. A card names its dialect by `machine.dialect`.
)";

const std::array<Section, 6>& sections() {
    static const std::array<Section, 6> all{{
        {"## `blank`", &quantity::fieldsOf<blank::Blank>, ""},
        {"## `inscriptions[]`", &quantity::fieldsOf<Inscription>, afterInscriptions},
        {"### `baseline`", &quantity::fieldsOf<setting::Baseline>, afterBaseline},
        {"### `ornament`", &quantity::fieldsOf<setting::Ornament>, afterOrnament},
        {"## `rows`", &quantity::fieldsOf<setting::Rows>, afterRows},
        {"## `process`", &quantity::fieldsOf<process::Process>, ""},
    }};
    return all;
}

std::string code(std::string_view text) {
    return "`" + std::string(text) + "`";
}

std::string joined(const std::vector<std::string_view>& names) {
    std::string all;
    for (const std::string_view name : names)
        all += (all.empty() ? "" : ", ") + code(name);
    return all;
}

std::string textOf(const quantity::Range& range) {
    constexpr double huge = 100000;
    const std::string least = quantity::textOfNumber(range.least), most = quantity::textOfNumber(range.most);
    if (range.least == -range.most)
        return "±" + most;
    return range.most >= huge ? "from " + least : least + " – " + most;
}

/// Writes the rows of a table: default and range of each field from a part as it starts.
class Table {
  public:
    explicit Table(std::string& text) : text_(text) {}

    /// `of`: the kind that the fields are of, where they stand beside those of others.
    void write(const PartFields& fields, const std::string& prefix = {}, std::string_view of = {}) {
        const auto part = fields.fresh();
        const std::string_view outer = std::exchange(of_, of);
        for (const Field& field : fields.fields)
            std::visit([&](const auto& holds) { row(field, prefix, part.get(), holds); }, field.holds);
        of_ = outer;
    }

  private:
    void put(const Field& field, const std::string& prefix, const std::string& usual,
             const std::string& range) {
        const std::string shown = !field.usual.empty() ? std::string(field.usual)
                                  : field.needed       ? "–"
                                                       : usual;
        const std::string about = (of_.empty() ? "" : std::string(of_) + ": ") + std::string(field.about);
        text_ += "| " + code(prefix + std::string(field.name)) + " | " + about + " | " + shown + " | " +
                 (field.asks.empty() ? range : std::string(field.asks)) + " |\n";
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Number& number) {
        put(field, prefix, quantity::textOfNumber(number.at(part)), textOf(field.range));
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Whole& whole) {
        put(field, prefix, std::to_string(whole.at(part)), textOf(field.range));
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Reference& reference) {
        put(field, prefix, reference.at(part).empty() ? "-1" : reference.at(part),
            "a place from 0, an id, -1");
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Flag& flag) {
        put(field, prefix, flag.at(part) ? "true" : "false", "true, false");
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Text& text) {
        put(field, prefix, text.at(part).empty() ? "empty" : text.at(part), "text");
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Choice& choice) {
        put(field, prefix, code(choice.names[choice.get(part)]), joined(choice.names));
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Pair& pair) {
        const auto numbers = pair.at(part);
        std::string usual;
        for (const double* number : numbers)
            usual += (usual.empty() ? "[" : ", ") + quantity::textOfNumber(*number);
        put(field, prefix, usual + "]",
            (numbers.size() == 2 ? "[x, y], each " : "[x, y, z], each ") + textOf(field.range));
    }
    void row(const Field& field, const std::string& prefix, void*, const held::Numbers&) {
        put(field, prefix, "none", "numbers by name, each " + textOf(field.range));
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Coded& coded) {
        put(field, prefix, code(coded.write(part)), "text");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::Texts&) {
        put(field, prefix, "none", "list of texts");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::TextRows&) {
        put(field, prefix, "none", "list of lists of texts");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::Patches&) {
        put(field, prefix, "none", "{\"3\": [{\"op\", \"path\", \"value\"}, …], …}");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::References&) {
        put(field, prefix, "none", "list of places from 0, or ids");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::Part& part) {
        for (const Section& section : sections())
            if (section.fields == part.fields)
                return put(field, prefix, "as below", "below");
        put(field, prefix, "as below", part.fromNumber ? "object, or " + textOf(field.range) : "object");
        write(part.fields(), prefix + std::string(field.name) + ".");
    }
    void row(const Field& field, const std::string& prefix, void*, const held::Parts& parts) {
        put(field, prefix, "none", "list");
        write(parts.fields(), prefix + std::string(field.name) + "[].");
    }
    void row(const Field& field, const std::string& prefix, void* part, const held::Kinds& kinds) {
        std::vector<std::string_view> names;
        for (const held::Kinds::Kind& kind : kinds.kinds)
            names.push_back(kind.name);
        put(field, prefix, code(names[kinds.get(part)]), joined(names));
        for (const held::Kinds::Kind& kind : kinds.kinds)
            write(kind.fields(), prefix, kind.name);
    }

    std::string& text_;
    std::string_view of_{};
};

std::string limits() {
    using working::Kind;
    std::string text = limitsHead;
    std::vector<Kind> workings;
    for (int kind = 0; kind < working::kinds; ++kind)
        workings.push_back(static_cast<Kind>(kind));
    text += "| process | limit |";
    for (const Kind kind : workings)
        text += " " + std::string(working::nameOf(kind)) + " |";
    text += "\n|---|---|";
    for (size_t i = 0; i < workings.size(); ++i)
        text += "---|";
    text += "\n";
    decltype(process::Process::kind)::eachKind([&]<class One>(std::type_identity<One>) {
        std::vector<std::string_view> names;
        for (const Kind kind : workings)
            for (const process::Rule& rule : rulesOf(One{}, {kind, 3, true}))
                if (std::ranges::find(names, rule.name) == names.end())
                    names.push_back(rule.name);
        for (const std::string_view name : names) {
            text += "| " + std::string(One::name) + " | " + code(name) + " |";
            for (const Kind kind : workings) {
                const auto value = process::limitOf(rulesOf(One{}, {kind, 3, true}), name);
                text += " " + (value ? quantity::roundedText(*value, 3) : "–") + " |";
            }
            text += "\n";
        }
    });
    return text;
}

std::string materials() {
    std::string text =
        "\nA material may have any name; the mass is told of those whose density is known, g/cm³:\n\n";
    bool first = true;
    for (const blank::Material& material : blank::materials()) {
        text += (first ? "" : ", ") + code(material.name) + " " + quantity::roundedText(material.density, 2);
        first = false;
    }
    return text + ".\n";
}

} // namespace

std::string formatText() {
    std::string text = head;
    Table(text).write(quantity::fieldsOf<Card>());
    const auto add = [&](const Section& section) {
        text +=
            "\n" + std::string(section.title) + "\n\n| field | what | default | range |\n|---|---|---|---|\n";
        Table(text).write(section.fields());
        text += section.after;
    };
    for (const Section& section : sections()) {
        add(section);
        if (section.fields == &quantity::fieldsOf<blank::Blank>)
            text += materials();
    }
    text += limits();
    add({"## `shop.json`", &quantity::fieldsOf<cut::Shop>, afterShop});
    return text;
}

} // namespace bollard::card
