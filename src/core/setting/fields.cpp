#include "setting/fields.hpp"
#include "plane/path_data.hpp"
#include "quantity/field.hpp"

namespace bollard::setting {
namespace {

using quantity::Named;

constexpr std::array sizes{Named{SizeBy::capital, "capital"}, Named{SizeBy::xHeight, "x-height"},
                           Named{SizeBy::line, "line"}, Named{SizeBy::width, "width"},
                           Named{SizeBy::height, "height"}};
constexpr std::array strokeEnds{Named{plane::Ends::round, "round"}, Named{plane::Ends::flat, "flat"},
                                Named{plane::Ends::square, "square"}};
constexpr std::array anchors{
    Named{Anchor::topLeft, "top-left"},
    Named{Anchor::top, "top"},
    Named{Anchor::topRight, "top-right"},
    Named{Anchor::left, "left"},
    Named{Anchor::centre, "centre"},
    Named{Anchor::right, "right"},
    Named{Anchor::bottomLeft, "bottom-left"},
    Named{Anchor::bottom, "bottom"},
    Named{Anchor::bottomRight, "bottom-right"},
};
constexpr std::array readingSides{Named{ReadingSide::onPart, "part"},
                                  Named{ReadingSide::impression, "impression"},
                                  Named{ReadingSide::throughBack, "back"}};
constexpr std::array givenOut{Named{GiveOut::By::no, "no"}, Named{GiveOut::By::letter, "letter"},
                              Named{GiveOut::By::word, "word"}};
static_assert(givenOut.size() == giveOuts);
constexpr std::array letterShapes{Named{LetterShape::parallel, "parallel"},
                                  Named{LetterShape::rigid, "rigid"}};
constexpr std::array baselines{Named{BaselineKind::straight, "straight"}, Named{BaselineKind::arc, "arc"},
                               Named{BaselineKind::circle, "circle"}, Named{BaselineKind::curve, "curve"},
                               Named{BaselineKind::edge, "edge"}};
constexpr std::array sidesOfCircle{Named{false, "outside"}, Named{true, "inside"}};
constexpr std::array topOrBottom{Named{false, "top"}, Named{true, "bottom"}};
constexpr std::array turnOrBend{Named{false, "turn"}, Named{true, "bend"}};
constexpr std::array ornaments{
    Named{OrnamentKind::none, "none"},       Named{OrnamentKind::frame, "frame"},
    Named{OrnamentKind::bar, "bar"},         Named{OrnamentKind::border, "border"},
    Named{OrnamentKind::artwork, "artwork"}, Named{OrnamentKind::backing, "backing"}};
constexpr std::array forms{Named{BackingForm::bars, "bars"},   Named{BackingForm::plate, "plate"},
                           Named{BackingForm::oval, "oval"},   Named{BackingForm::outline, "outline"},
                           Named{BackingForm::links, "links"}, Named{BackingForm::pins, "pins"}};
constexpr std::array shapes{Named{FrameShape::rectangle, "rectangle"}, Named{FrameShape::oval, "oval"},
                            Named{FrameShape::circle, "circle"}, Named{FrameShape::outline, "outline"}};

/// Whether a part is of one of these kinds.
template<class Part, class Kind> std::function<bool(const Part&)> of(std::vector<Kind> kinds) {
    return [kinds = std::move(kinds)](const Part& part) {
        return std::ranges::find(kinds, part.kind) != kinds.end();
    };
}
std::function<bool(const Baseline&)> on(std::vector<BaselineKind> kinds) {
    return of<Baseline>(std::move(kinds));
}
std::function<bool(const Ornament&)> as(std::vector<OrnamentKind> kinds) {
    return of<Ornament>(std::move(kinds));
}
std::function<bool(const Ornament&)> backedBy(BackingForm form) {
    return [form](const Ornament& o) { return o.kind == OrnamentKind::backing && o.form == form; };
}

} // namespace

using quantity::Describing, quantity::Dimension, quantity::PartFields;
namespace ranges = quantity::ranges;

const PartFields& sizeFields() {
    static const PartFields fields = std::move(
        Describing<TextStyle>()
            .choice("by", &TextStyle::sizeBy, sizes)
            .about(
                "what is measured: height of H, height of x, baseline to baseline without `lineSpace`, all "
                "words from leftmost to rightmost or from lowest to highest ink")
            .number("value", &TextStyle::size, Dimension::length, ranges::size)
            .about("that measure on the part, mm"));
    return fields;
}

const PartFields& strokeFields() {
    static const PartFields fields = std::move(
        Describing<TextStyle>()
            .number("width", &TextStyle::stroke, Dimension::length, ranges::stroke)
            .about(
                "how wide the lines of a single-line typeface are drawn, and those that are scribed, mm. Its "
                "capital height is measured between the middles of its strokes; `weight` does not count")
            .choice("ends", &TextStyle::ends, strokeEnds)
            .about("how those lines end"));
    return fields;
}

} // namespace bollard::setting

namespace bollard::quantity {

using namespace setting;

template<> const PartFields& fieldsOf<GiveOut>() {
    static const PartFields fields =
        std::move(Describing<GiveOut>()
                      .choice("by", &GiveOut::by, givenOut)
                      .about("what goes to each facet, in order; on smooth sides to as many equal parts")
                      .number("turn", &GiveOut::turn, Dimension::angle, ranges::turn)
                      .when([](const GiveOut& g) { return g.by != GiveOut::By::no; })
                      .about("each about its own middle, degrees"));
    return fields;
}

template<> const PartFields& fieldsOf<Placing>() {
    static const PartFields fields = std::move(
        Describing<Placing>()
            .choice("anchor", &Placing::anchor, anchors)
            .about("which point of the words is held")
            .number("x", &Placing::x, Dimension::length, ranges::position)
            .about("where it is held, mm")
            .number("y", &Placing::y, Dimension::length, ranges::position)
            .about("where it is held, mm")
            .number("turn", &Placing::turn, Dimension::angle, ranges::turn)
            .about("turned about it, degrees")
            .choice("reads", &Placing::reading, readingSides)
            .about("from where the words are read: on the part, in the impression it leaves, through it from "
                   "its back; the last two mirror them")
            .choice("shape", &Placing::shape, letterShapes)
            .quiet()
            .about("on a side that is wider in one place than in another: `parallel`: letters narrow as the "
                   "side does; `rigid`: each keeps its shape"));
    return fields;
}

template<> const PartFields& fieldsOf<CurvePoint>() {
    static const PartFields fields =
        std::move(Describing<CurvePoint>()
                      .number("x", &CurvePoint::x, Dimension::length, ranges::position)
                      .about("mm from the curve's own origin")
                      .number("y", &CurvePoint::y, Dimension::length, ranges::position)
                      .about("mm from the curve's own origin")
                      .pair("before", &CurvePoint::before, Dimension::length, ranges::position)
                      .about("the handle towards the point before, from the point; cubic between neighbours")
                      .pair("after", &CurvePoint::after, Dimension::length, ranges::position)
                      .about("the handle towards the point after, from the point")
                      .flag("smooth", &CurvePoint::smooth)
                      .about("the handles stay in one line"));
    return fields;
}

template<> const PartFields& fieldsOf<Baseline>() {
    using enum BaselineKind;
    static const PartFields fields = std::move(
        Describing<Baseline>()
            .choice("kind", &Baseline::kind, baselines)
            .number("radius", &Baseline::radius, Dimension::length, ranges::radius)
            .when(on({arc, circle}))
            .about("mm. Arc: of the line the first baseline is; heads outwards, below 0 towards the centre. "
                   "Circle: above 0")
            .choice("reads", &Baseline::atBottom, topOrBottom)
            .when(on({circle, edge}))
            .about("circle, edge: words read at the top, heads outwards, or at the bottom, heads inwards")
            .choice("side", &Baseline::inside, sidesOfCircle)
            .when(on({circle}))
            .about("circle: letters lie outside it or within")
            .number("offset", &Baseline::offset, Dimension::length, ranges::position)
            .about("letters stand so far above the line, as they are read, mm")
            .number("slide", &Baseline::slide, Dimension::length, ranges::position)
            .about("words moved along it in their reading direction, mm")
            .choice("letters", &Baseline::bend, turnOrBend)
            .when(on({arc, circle, curve, edge}))
            .about("each letter turns as it is, or bends with the line")
            .flag("closed", &Baseline::closed)
            .when(on({curve}))
            .about("curve: it comes back to its first point")
            .parts("points", &Baseline::points)
            .when(on({curve}))
            .about("curve: what it goes through"));
    return fields;
}

template<> const PartFields& fieldsOf<Nudge>() {
    static const PartFields fields = std::move(
        Describing<Nudge>()
            .number("letter", &Nudge::letter, Dimension::count, ranges::letter)
            .about("its first code point in the words, from 0, line breaks counted; of a field, that of its "
                   "opening brace")
            .number("within", &Nudge::within, Dimension::count, ranges::letter)
            .about("its first code point in what the field stands for")
            .number("x", &Nudge::x, Dimension::length, ranges::position)
            .about("moved along its line, mm")
            .number("y", &Nudge::y, Dimension::length, ranges::position)
            .about("moved off its line, mm")
            .number("turn", &Nudge::turn, Dimension::angle, ranges::turn)
            .about("about its own middle, degrees")
            .number("size", &Nudge::size, Dimension::percent, ranges::scale)
            .about("percent, on the baseline")
            .number("space", &Nudge::space, Dimension::length, ranges::space)
            .about("extra after it, mm"));
    return fields;
}

template<> const PartFields& fieldsOf<Ornament>() {
    using enum OrnamentKind;
    constexpr int decimals = 5;
    static const PartFields fields = std::move(
        Describing<Ornament>()
            .choice("kind", &Ornament::kind, ornaments)
            .choice("form", &Ornament::form, forms)
            .when(as({backing}))
            .about(
                "backing: `bars`, the fewest level ones that hold every loose part; a `plate` or an "
                "`oval` round the words; their `outline` at a distance; `links`, the shortest strips from "
                "each loose part to the next, or to a frame round the words; `pins`, behind pierced words: "
                "bars clear of the side with a post to each counter")
            .number("reach", &Ornament::reach, Dimension::length, ranges::stroke)
            .when([](const Ornament& o) { return o.kind == backing && isOfStrips(o.form); })
            .about(
                "bars: so wide at least each part is joined to one; links: so far they reach into each, mm")
            .number("clear", &Ornament::clear, Dimension::length, ranges::height)
            .when(backedBy(BackingForm::pins))
            .about("pins: how long the posts are, mm")
            .number("closes", &Ornament::closes, Dimension::length, ranges::margin)
            .when(backedBy(BackingForm::outline))
            .about("outline backing: holes and gaps narrower than this are filled, mm")
            .choice("shape", &Ornament::shape, shapes)
            .when(as({frame}))
            .about("frame: a circle is as wide as its `width`; `outline` follows the letters it goes round")
            .number("width", &Ornament::width, Dimension::length, ranges::ornamentSize)
            .when(as({frame, bar}))
            .about("frame: outside; bar: its length, mm")
            .number("height", &Ornament::height, Dimension::length, ranges::ornamentSize)
            .when(as({frame, bar}))
            .about("frame: outside; bar: its thickness, mm")
            .number("corner", &Ornament::corner, Dimension::length, ranges::corner)
            .when([](const Ornament& o) {
                return as({frame, bar, border})(o) || backedBy(BackingForm::plate)(o);
            })
            .about("rectangle, bar, plate: radius of the outer corners, mm")
            .number("band", &Ornament::band, Dimension::length, ranges::band)
            .when([](const Ornament& o) {
                return as({frame, border})(o) || (o.kind == backing && isOfStrips(o.form));
            })
            .about("frame, border: how wide the band is; backing: how wide bars and links are, mm")
            .number("distance", &Ornament::distance, Dimension::length, ranges::margin)
            .when([](const Ornament& o) {
                return as({frame, border, backing})(o) && !backedBy(BackingForm::links)(o);
            })
            .about("frame, backing: from the words; border: from the blank's edge, mm")
            .reference("around", &Ornament::around)
            .when(as({frame, backing}))
            .about("frame, backing: the inscription it goes round, by its place in the list from 0 or by its "
                   "`id`; it is "
                   "placed with it. -1: its own size")
            .coded(
                "artwork", [](const Ornament& o) { return plane::pathDataOf(*o.artwork, decimals); },
                [](Ornament& o, const std::string& data) -> std::string {
                    return plane::readOnCard(data, [&](plane::Outline read) { o.artwork = std::move(read); });
                })
            .when(as({artwork}))
            .about("SVG path data in mm, y up; closed contours are areas, open ones lines")
            .usual("empty")
            .number("scale", &Ornament::scale, Dimension::percent, ranges::scale)
            .when(as({artwork}))
            .about("artwork: percent of its size")
            .text("source", &Ornament::source)
            .when(as({artwork}))
            .about("the file the artwork came from")
            .number("stroke", &Ornament::stroke, Dimension::length, ranges::stroke)
            .when(as({artwork}))
            .about("artwork: how wide its lines are, mm"));
    return fields;
}

template<> const PartFields& fieldsOf<Numbering>() {
    static const PartFields fields =
        std::move(Describing<Numbering>()
                      .text("field", &Numbering::field)
                      .about("the name of a field that counts the rows; empty for none")
                      .number("start", &Numbering::start, Dimension::count, ranges::numberingStart)
                      .about("its value in the first row")
                      .number("step", &Numbering::step, Dimension::count, ranges::numberingStart)
                      .about("how it goes on")
                      .number("digits", &Numbering::digits, Dimension::count, ranges::numberingDigits)
                      .about("at least so many digits, filled up with zeros"));
    return fields;
}

template<> const PartFields& fieldsOf<Rows>() {
    static const PartFields fields = std::move(
        Describing<Rows>()
            .texts("fields", &Rows::fields)
            .about("the names that fields in the words are called by")
            .textRows("values", &Rows::values)
            .about("one list of texts per row, in the order of `fields`; short rows end in empty ones")
            .part("numbering", &Rows::numbering)
            .about("a field that counts the rows")
            .patches("own", &Rows::own)
            .quiet()
            .about("by row's number, from 1: what is changed of the card for that row alone, a JSON Patch "
                   "(RFC 6902)"));
    return fields;
}

} // namespace bollard::quantity
