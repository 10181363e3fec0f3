#include "working/working.hpp"
#include "quantity/field.hpp"

namespace bollard::working {
namespace {

constexpr std::array names{quantity::Named{Kind::raised, "raised"}, quantity::Named{Kind::sunk, "sunk"},
                           quantity::Named{Kind::pierced, "pierced"},
                           quantity::Named{Kind::freeStanding, "free-standing"},
                           quantity::Named{Kind::scribed, "scribed"}};
static_assert(names.size() == kinds);

} // namespace

std::string_view nameOf(Kind kind) {
    return names[size_t(kind)].name;
}

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Working>() {
    using working::Working, working::Kind;
    static const PartFields fields = std::move(
        Describing<Working>()
            .choice("kind", &Working::kind, working::names)
            .about("`scribed`: a line as wide as the stroke along single lines, or along outlines")
            .number("height", &Working::height, Dimension::length, ranges::height)
            .when([](const Working& w) { return w.kind == Kind::raised || w.kind == Kind::freeStanding; })
            .about("raised, free-standing: above the front side, mm")
            .number("depth", &Working::depth, Dimension::length, ranges::height)
            .when([](const Working& w) { return w.kind == Kind::sunk || w.kind == Kind::scribed; })
            .about("sunk, scribed: below the front side, mm")
            .number("bedding", &Working::bedding, Dimension::length, ranges::bedding)
            .when([](const Working& w) { return w.kind == Kind::raised; })
            .about("raised: how far letters reach into the blank, mm"));
    return fields;
}
