#include "quantity/field.hpp"
#include "type/typeface.hpp"

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::type::TypefaceChoice>() {
    using type::TypefaceChoice;
    static const PartFields fields = std::move(
        Describing<TypefaceChoice>()
            .text("family", &TypefaceChoice::family)
            .when([](const TypefaceChoice& c) { return !c.family.empty(); })
            .needed([](const TypefaceChoice& c) { return c.family.empty() && c.file.empty(); })
            .about("its family, or its whole name; must be there unless there is a `file`")
            .usual("League Spartan")
            .text("style", &TypefaceChoice::style)
            .when([](const TypefaceChoice& c) { return !c.style.empty(); })
            .about("without it the family's most regular one is taken")
            .usual("Bold")
            .text("file", &TypefaceChoice::file)
            .when([](const TypefaceChoice& c) { return !c.file.empty(); })
            .about(
                "a font file instead (also an SVG font or Hershey's jhf); relative paths start at the card")
            .usual("none")
            .number("index", &TypefaceChoice::index, Dimension::count, ranges::faceIndex)
            .when([](const TypefaceChoice& c) { return !c.file.empty(); })
            .about("the face within a collection file")
            .flag("centreline", &TypefaceChoice::centreline)
            .when([](const TypefaceChoice& c) { return c.centreline; })
            .about("the middle lines of its strokes, as a single-line typeface")
            .numbers("axes", &TypefaceChoice::axes, Dimension::count, ranges::axis)
            .when([](const TypefaceChoice& c) { return !c.axes.empty(); })
            .about(
                "of a variable font, by tag, where they are not as usual: `{\"wght\": 640}`; the axis' own "
                "range is used"));
    return fields;
}
