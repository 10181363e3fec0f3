#include "card/card_fields.hpp"
#include "quantity/field.hpp"
#include "setting/fields.hpp"
#include <limits>

namespace bollard::quantity {

using namespace card;
using setting::TextStyle;

namespace {

constexpr std::array aligns{Named{setting::Align::left, "left"}, Named{setting::Align::centre, "centre"},
                            Named{setting::Align::right, "right"}};

/// A member of an inscription's style.
template<class Member> auto styled(Member TextStyle::*member) {
    return [member](Inscription& inscription) -> Member& { return inscription.style.*member; };
}

} // namespace

template<> const PartFields& fieldsOf<Inscription>() {
    static const PartFields fields = std::move(
        Describing<Inscription>()
            .text("words", &Inscription::words)
            .when([](const Inscription& i) { return !i.isOrnament() || !i.words.empty(); })
            .needed([](const Inscription& i) { return !i.isOrnament(); })
            .about("the text, lines parted by `\\n`; must be there unless there is an `ornament`")
            .wholePart("typeface", &Inscription::typeface)
            .about("what the words are set in")
            .usual("League Spartan Bold")
            .part("size", &Inscription::style, setting::sizeFields)
            .about("how large, and what is measured for it")
            .number("width", styled(&TextStyle::width), Dimension::percent, ranges::width)
            .about("percent of the typeface's own width")
            .number("slant", styled(&TextStyle::slant), Dimension::angle, ranges::slant)
            .about("tops to the right, degrees")
            .number("weight", styled(&TextStyle::weight), Dimension::length, ranges::weight)
            .about("strokes grown on each side, mm; below 0 they become lighter. `size` counts the grown "
                   "letters")
            .number("letterSpace", styled(&TextStyle::letterSpace), Dimension::length, ranges::space)
            .about("extra between letters, mm")
            .number("wordSpace", styled(&TextStyle::wordSpace), Dimension::length, ranges::space)
            .about("extra at each space, mm")
            .number("lineSpace", styled(&TextStyle::lineSpace), Dimension::length, ranges::space)
            .about("extra between lines, mm")
            .choice("align", styled(&TextStyle::align), aligns)
            .about("how lines stand to each other")
            .part("placing", &Inscription::placing)
            .about("where it lies on its side")
            .part("giveOut", &Inscription::giveOut)
            .quiet()
            .about("on sides that go all the way round: letters or words one by one to the facets of the "
                   "blank, from "
                   "the one where `placing.x` lies")
            .usual("no")
            .part("working", &Inscription::working)
            .about("how it meets the blank")
            .part("ties", &Inscription::ties)
            .quiet()
            .about("strips that hold what pierced letters enclose")
            .usual("none")
            .part("counters", &Inscription::counters)
            .quiet()
            .about("what becomes of the counters of letters")
            .usual("kept")
            .number("joint", styled(&TextStyle::joint), Dimension::length, ranges::joint)
            .quiet()
            .about(
                "parts of a letter that stand over others, dots, are brought down onto them until they hang "
                "together by so much, mm; 0: they stay where they are")
            .part("stroke", &Inscription::style, setting::strokeFields)
            .about("of single lines")
            .part("ornament", &Inscription::ornament)
            .quiet()
            .about("a shape that is worked instead of words")
            .usual("none")
            .part("baseline", &Inscription::baseline)
            .quiet()
            .about("the line the words stand on")
            .usual("straight")
            .parts("nudges", &Inscription::nudges)
            .quiet()
            .about("changes of single letters")
            .flag("kerning", styled(&TextStyle::kerning))
            .quiet()
            .about(
                "pairs as the typeface spaces them; single-line typefaces without pairs of their own by rule")
            .numbers("features", styled(&TextStyle::features), Dimension::count, ranges::feature)
            .quiet()
            .about("OpenType features by tag: `{\"smcp\": 1, \"liga\": 0}`")
            .text("side", &Inscription::side)
            .quiet()
            .about(
                "of the blank: `front`, `back` of a plate or disc; `outside`, `start`, `end` of a bar, of a "
                "tube `inside` too; `front`, `back`, `left`, `right`, `top`, `bottom` of a block; empty for "
                "its first. Words on a side that the blank lacks are kept, and not made")
            .text("language", &Inscription::language)
            .quiet()
            .about("whose spelling is checked: a Hunspell dictionary's name, `en_GB`; empty for none")
            .flag("cutsOut", &Inscription::cutsOut)
            .quiet()
            .about("its shape is taken away from the inscriptions before it in the list, instead of being "
                   "worked")
            .number("group", &Inscription::group, Dimension::count, ranges::group)
            .quiet()
            .about("inscriptions of one number move together; 0 for none")
            .flag("hidden", &Inscription::hidden)
            .quiet()
            .about("kept on the card, left out of the part")
            .text("id", &Inscription::id)
            .quiet()
            .about("what findings and frames call the inscription; one without is called by its place, `i0` "
                   "for the "
                   "first"));
    return fields;
}

template<> const PartFields& fieldsOf<Accepted>() {
    constexpr Range any{std::numeric_limits<double>::lowest(), std::numeric_limits<double>::max()};
    static const PartFields fields =
        std::move(Describing<Accepted>()
                      .text("id", &Accepted::finding)
                      .about("of the finding, as `check --json` tells it")
                      .text("reason", &Accepted::reason)
                      .about("why it may stand")
                      .number("measured", &Accepted::measured, Dimension::length, any)
                      .about("what it measured then; it counts again when it gets worse")
                      .asks("any"));
    return fields;
}

namespace {

bool takeLying(Lying& lying, const std::string& on) {
    lying.on = on;
    return true;
}
std::string tellLying(const Lying& lying) {
    return lying.turn == 0 && lying.on != "face" ? lying.on : std::string();
}

} // namespace

template<> const PartFields& fieldsOf<Card>() {
    static const PartFields fields = std::move(
        Describing<Card>()
            .coded(
                "unit", [](const Card& card) { return std::string(symbolOf(card.unit)); },
                [](Card& card, const std::string& symbol) -> std::string {
                    const auto unit = unitNamed(symbol);
                    if (!unit)
                        return "mm | cm | m | in | ft | pt";
                    card.unit = *unit;
                    return {};
                })
            .about("what the window shows and takes lengths in; changes no other field")
            .asks("`mm`, `cm`, `m`, `in`, `ft`, `pt`")
            .part("blank", &Card::blank)
            .about("the piece of material")
            .usual("a plate")
            .number("seam", &Card::seam, Dimension::angle, ranges::turn)
            .when([](const Card& card) {
                const auto goesRound = [&](std::string_view side) {
                    return blank::turnOf(card.blank, side) > 0;
                };
                return std::ranges::any_of(blank::sidesOf(card.blank), goesRound);
            })
            .quiet()
            .about("where sides that go all the way round are shown cut open, degrees from where x is 0; "
                   "changes "
                   "nothing that is made")
            .part("process", &Card::process)
            .about("how the part is made")
            .usual("filament")
            .part("lying", &Card::lying)
            .orText(takeLying, tellLying)
            .quiet()
            .about("how a print lies on the bed: its files are written so; without it they keep the "
                   "card's coordinates. A text alone is the side it lies on")
            .usual("as the card has it")
            .asks("`back`, `front`, `left`, `right`, `top`, `bottom`, `start`, `end`, `outside`, `inside`, "
                  "or {…}")
            .part("stock", &Card::stock)
            .quiet()
            .about("the raw piece it is cut from")
            .usual("the blank")
            .part("zero", &Card::zero)
            .quiet()
            .about("where the machine's zero lies")
            .part("machine", &Card::machine)
            .quiet()
            .about("what carries the tool")
            .parts("clamps", &Card::clamps)
            .quiet()
            .about("what holds the stock down")
            .parts("operations", &Card::operations, 1000)
            .quiet()
            .about("what is done with which tool, in order; none: the usual ones of the process")
            .parts("accepted", &Card::accepted)
            .quiet()
            .about("findings that are let stand until they get worse")
            .flag("travels", &Card::travels)
            .quiet()
            .about("when it is saved it takes its typefaces along, where their licences allow it")
            .parts("typefaces", &Card::typefaces)
            .quiet()
            .about("the files it took along; they come before installed ones"));
    return fields;
}

} // namespace bollard::quantity
