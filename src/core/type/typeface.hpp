// A typeface opened from a font file, and its glyphs as exact shapes.
#pragma once
#include "plane/medial_axis.hpp"
#include "quantity/fields_of.hpp"
#include "quantity/result.hpp"
#include <cstdint>
#include <map>
#include <memory>
#include <string>
#include <vector>

struct hb_font_t;

namespace bollard::type {

/// Which typeface is wanted: by family and style, or, when `file` is not empty, straight from a file.
struct TypefaceChoice {
    std::string family{};
    std::string style{};
    std::string file{};
    int index = 0;                        ///< face within a collection file
    bool centreline = false;              ///< the middle lines of its strokes instead of its outlines
    std::map<std::string, double> axes{}; ///< of a variable font, by tag, where they are not as usual
    bool operator==(const TypefaceChoice&) const = default;
};

/// What of a variable font can be set.
struct Axis {
    std::string tag{};  ///< of four letters: wght, wdth, opsz
    std::string name{}; ///< as the font calls it
    double least = 0, usual = 0, most = 0;
    bool operator==(const Axis&) const = default;
};

enum class TypefaceKind { sans, serif, script, stencil, singleLine, other };
constexpr int typefaceKinds = 6;

/// One glyph as the font draws it. Lengths are in font units, y up, the origin on the baseline.
struct Glyph {
    plane::Outline outline{}; ///< of a single-line typeface: the lines, mostly open
    double advance = 0;
    bool mended = false; ///< contours overlapped or crossed themselves and were united
};

/// How glyphs are changed from the way the font draws them.
struct GlyphForm {
    double width = 1;  ///< times as wide, above 0
    double slant = 0;  ///< degrees, tops to the right; between -60 and 60
    double weight = 0; ///< strokes grown on each side by so many font units; negative makes them lighter
    double stroke = 0; ///< how wide lines are drawn, font units; of single-line typefaces and traced outlines
    plane::Ends ends = plane::Ends::round;
    bool traced = false; ///< outlines are lines to follow, not areas
    auto operator<=>(const GlyphForm&) const = default;
    /// Where a point or an offset of the font goes, weight aside.
    plane::Vector moved(plane::Vector v) const;
};

/// An opened font. Immutable to its users and safe to use from several threads; glyphs are made when first
/// asked for and kept.
class Typeface {
  public:
    ~Typeface();
    Typeface(const Typeface&) = delete;
    Typeface& operator=(const Typeface&) = delete;

    const std::string& family() const;
    const std::string& style() const;
    /// Of a variable font; empty for others.
    const std::vector<Axis>& axes() const;
    /// Tags of the features that change letters and figures by choice: smcp, onum, ss01.
    const std::vector<std::string>& features() const;
    /// Told from the letters where they tell it (single lines; counters of O, A, B and 8 that hang on to the
    /// rest), else from the font's own classes and name.
    TypefaceKind kind() const;
    /// Glyphs are lines to follow, and get their area from the width of the stroke.
    bool singleLine() const;
    double unitsPerEm() const;
    /// The top of H above the baseline; where there is no H, the font's table; font units, above 0.
    double capitalHeight() const;
    /// The top of x above the baseline; where there is no x, the font's table; font units, above 0.
    double xHeight() const;
    double ascender() const;   ///< above the baseline, for one line
    double lineHeight() const; ///< baseline to baseline

    const Glyph& glyph(std::uint32_t id) const;
    /// The glyph at `scale` grid units per font unit, flattened within 0.01 mm (of letters with an em of more
    /// than half a metre within em / 50,000) and united; empty for blanks.
    std::shared_ptr<const plane::Region> region(std::uint32_t id, double scale,
                                                const GlyphForm& form = {}) const;
    /// The same flattened within `tolerance_mm`, and not kept.
    plane::Region fineRegion(std::uint32_t id, double scale, const GlyphForm& form,
                             double tolerance_mm) const;
    /// Local widths of the glyph, in font units and font coordinates.
    std::shared_ptr<const std::vector<plane::WidthSample>> widths(std::uint32_t id,
                                                                  const GlyphForm& form = {}) const;
    /// They were asked for before, and cost nothing now.
    bool hasWidths(std::uint32_t id, const GlyphForm& form = {}) const;

    hb_font_t* shapingFont() const; ///< immutable; belongs to the typeface

  private:
    friend quantity::Result<std::shared_ptr<const Typeface>>
    typefaceFromBytes(std::string, const std::string&, int, int, const std::map<std::string, double>&);
    friend quantity::Result<std::shared_ptr<const Typeface>> openLineFont(const std::string&,
                                                                          const std::string&);
    friend quantity::Result<std::shared_ptr<const Typeface>>
        centrelineTypeface(std::shared_ptr<const Typeface>);
    struct State;
    explicit Typeface(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// Opens a font file: ttf, otf, ttc, woff, woff2, an SVG font, or Hershey's jhf; a variable font at its
/// default, or at a named instance (1-based, 0 for the default), with `axes` set on top of that (clamped to
/// their ranges). Broken, bitmap-only and colour-only files are told apart in the problem.
quantity::Result<std::shared_ptr<const Typeface>>
openTypeface(const std::string& file, int index = 0, int namedInstance = 0,
             const std::map<std::string, double>& axes = {});

/// The same of a file's bytes; `file` names it in problems, and a name ending in .jhf is Hershey's format.
quantity::Result<std::shared_ptr<const Typeface>>
typefaceFromBytes(std::string bytes, const std::string& file, int index = 0, int namedInstance = 0,
                  const std::map<std::string, double>& axes = {});

/// A single-line typeface made of the middle lines of another's strokes; that itself where it is one already.
quantity::Result<std::shared_ptr<const Typeface>>
centrelineTypeface(std::shared_ptr<const Typeface> drawnFrom);

} // namespace bollard::type

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::type::TypefaceChoice>();
