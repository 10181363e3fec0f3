// Kinds of blanks: one file and one line in the table each.
#pragma once
#include "blank/blank.hpp"
#include "blank/panel.hpp"
#include <span>

namespace bollard::blank {

struct Shape {
    Kind kind{};
    std::string_view name{};               ///< in cards
    std::vector<std::string_view> sides{}; ///< that words can lie on; the first where the card names none
    plane::Vector (*sizeOf)(const Blank&, std::string_view side) = nullptr; ///< width and height, mm
    /// The outline of the side as the front sees it, mm.
    plane::Outline (*outlineOf)(const Blank&, std::string_view side) = nullptr;
    /// How much material lies behind the side at that x, mm.
    double (*depthBehind)(const Blank&, std::string_view side, double x) = nullptr;
    bool flatWall = false; ///< takes holes
    /// A hole of its own in that side; of diameter 0 for none.
    Hole (*ownHole)(const Blank&, std::string_view side) = nullptr;
    /// The sides that go all the way round, whose widths are their circumferences.
    std::vector<std::string_view> round{};
    /// What the part is put together from, fine enough that chords leave the true surface by no more than
    /// 0.01 mm as far as anything rises, and so do slopes, which are twisted.
    std::vector<Panel> (*panelsOf)(const Blank&, const Rise& rise) = nullptr;
    /// Its edge, no larger than there is room for; null where it takes none.
    Edge (*edgeOf)(const Blank&) = nullptr;
    /// How far the side's places are from the axis that it is turned about; null or of own radius 0: it is
    /// not round.
    Radius (*radiusOf)(const Blank&, std::string_view side) = nullptr;
    /// Where its facets meet; null: it has none.
    std::vector<double> (*facetBordersOf)(const Blank&, std::string_view side) = nullptr;
    /// Its sides where they depend on the blank; null, or none of them: `sides`. Names that last.
    std::vector<std::string_view> (*ownSides)(const Blank&) = nullptr;
    /// Whether a side goes all the way round; null: those of `round` do.
    bool (*isClosed)(const Blank&, std::string_view side) = nullptr;
};

Shape noBlank();
Shape plate();
Shape disc();
Shape wedge();
Shape bar();
Shape block();
Shape tube();
Shape ring();
Shape cone();
Shape sphere();
Shape turned();
Shape faceted();
Shape fromFile();

/// By kind.
const std::vector<Shape>& shapes();
const Shape& shapeOf(const Blank& blank);

/// The edge along the outline of a flat wall.
Edge wallEdge(const Blank& blank);
/// The panel of a flat wall, its front side at z = 0.
Panel flatWall(const Blank& blank);

} // namespace bollard::blank
