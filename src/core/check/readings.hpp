// Widths with their places. They stay with the shapes they were measured on, so that a letter costs no more
// than knowing which shape it is.
#pragma once
#include "plane/gap.hpp"
#include "plane/medial_axis.hpp"
#include "working/placed_letters.hpp"
#include <memory>
#include <vector>

namespace bollard::check {

enum class ReadingKind {
    stroke,  ///< across a stroke
    counter, ///< across a letter's hole
    opening, ///< within a letter, outside its strokes
    bridge,  ///< between separate parts of one letter
    gap,     ///< between two letters
    edge,    ///< between a letter and the blank's edge or a hole
    neck ///< material that alone holds two parts together: of what stands free, and within pierced letters
};

/// One width. Lengths in mm, the place in grid units on the side.
struct Reading {
    ReadingKind kind{};
    plane::Vector at{};
    double width = 0;
    double length = 0;   ///< how much of the letter it stands for; the gauge counts by it
    int inscription = 0; ///< its slot in the placed letters
    int letter = 0;      ///< its place in Setting::letters
    int beside = -1;     ///< gap: the slot of the other letter
};

/// All readings. Those of a shape stay with it, and are put in their places when they are asked for.
class Readings {
  public:
    /// An inscription: its letters, and how they lie on the side.
    struct Letters {
        std::shared_ptr<const setting::Setting> setting{};
        setting::Place place;
        working::Kind working{};
    };
    /// Where the samples of a shape are told from.
    enum class From {
        glyph, ///< the typeface's font units
        shape, ///< the letter's own shape, whose corner lies at `corner`
        side   ///< the same, and it lies on the side already
    };
    /// What belongs to one letter's shape.
    struct OfShape {
        std::shared_ptr<const std::vector<plane::WidthSample>> widths{};
        int inscription = 0, letter = 0;
        From from = From::glyph;
        plane::Vector corner{};
    };
    /// What lies between two letters: from the setting's frame or the side, shifted.
    struct OfPair {
        std::shared_ptr<const plane::Gap> gap{};
        int inscription = 0, letter = 0, beside = 0, besideLetter = 0;
        bool onSide = false;
        bool ofBoth = false; ///< what is open for the one is land for the other
        plane::Vector shift{};
    };

    std::vector<Letters> letters{}; ///< by slot
    std::vector<OfShape> shapes{};
    std::vector<OfPair> pairs{};
    std::vector<Reading> single{}; ///< to edges, and necks of what stands free

    /// Calls `visit` with each. O(readings).
    template<class Visit> void forEach(Visit visit) const;

    /// Of each letter the narrowest of each kind and its widest stroke, of each pair the narrowest; all
    /// single ones. O(samples), and O(letters) in memory.
    std::vector<Reading> extremes() const;

    /// A sample of a shape in its place.
    Reading reading(const OfShape& shape, const plane::WidthSample& sample) const;

  private:
    bool isWanted(const OfShape& shape, const plane::WidthSample& sample) const;
    Reading reading(const OfPair& pair, const plane::GapSample& sample) const;
};

template<class Visit> void Readings::forEach(Visit visit) const {
    for (const OfShape& shape : shapes)
        for (const plane::WidthSample& sample : *shape.widths)
            if (isWanted(shape, sample))
                visit(reading(shape, sample));
    for (const OfPair& pair : pairs)
        for (const plane::GapSample& sample : pair.gap->samples) {
            Reading one = reading(pair, sample);
            visit(one);
            if (!pair.ofBoth)
                continue;
            std::swap(one.inscription, one.beside);
            one.letter = pair.besideLetter;
            visit(one);
        }
    for (const Reading& one : single)
        visit(one);
}

} // namespace bollard::check
