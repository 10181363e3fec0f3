// Every width that decides whether letters can be made, with its place.
#pragma once
#include "plane/gap.hpp"
#include "working/placed_letters.hpp"
#include <memory>
#include <span>
#include <stop_token>
#include <unordered_map>
#include <vector>

namespace bollard::check {

enum class ReadingKind {
    stroke,  ///< across a stroke
    counter, ///< across a letter's hole
    opening, ///< within a letter, outside its strokes
    bridge,  ///< between separate parts of one letter
    gap,     ///< between two letters
    edge     ///< between a letter and the blank's edge or a hole
};

/// One width. Lengths in mm, the place in grid units on the side.
struct Reading {
    ReadingKind kind{};
    plane::Vector at{};
    double width = 0;
    double length = 0;   ///< how much of the letter it stands for; the gauge counts by it
    int inscription = 0; ///< its slot in the placed letters
    int letter = 0;      ///< its place in Setting::letters
};

/// Where two letters run into each other: the longest way across what they share, mm.
struct Joint {
    plane::Vector at{};
    double neck = 0;
    int inscription = 0;
    int letter = 0;
    int other = 0; ///< letter of the same inscription
};

/// A letter that does not lie wholly on the blank.
struct Overhang {
    int inscription = 0;
    int letter = 0;
    bool wholly = false;
    plane::Vector at{};
};

struct Measures {
    std::vector<Reading> readings{};
    std::vector<Reading>
        lost{}; ///< strokes and counters that the weight change takes away, as wide as they were
    std::vector<Joint> joints{};
    std::vector<Overhang> overhangs{};
};

/// Gaps already measured between pairs of letters, by their shapes and offset; shared between runs.
class GapMemory {
  public:
    struct Pair {
        std::shared_ptr<const plane::Region> first, second;
        plane::Point offset;
        bool operator==(const Pair&) const = default;
    };
    /// The gaps of the pairs, measured where not yet known, several at once.
    std::vector<std::shared_ptr<const plane::Gap>> gapsOf(const std::vector<Pair>& pairs, double reach);

  private:
    struct Hash {
        size_t operator()(const Pair& pair) const;
    };
    std::unordered_map<Pair, std::shared_ptr<const plane::Gap>, Hash> known_;
    double reach_ = 0;
};

/// Widths already measured of shapes that are no glyphs; shared between runs.
class WidthMemory {
  public:
    /// The local widths of the shape, in grid units. Not to be called from several threads.
    std::shared_ptr<const std::vector<plane::WidthSample>>
    of(const std::shared_ptr<const plane::Region>& shape);

  private:
    std::unordered_map<std::shared_ptr<const plane::Region>,
                       std::shared_ptr<const std::vector<plane::WidthSample>>>
        known_;
};

struct MeasureMemory {
    GapMemory gaps{};
    WidthMemory widths{};
};

/// Measures all letters: strokes and openings from the medial axis of each distinct glyph, gaps between
/// letters near each other, distances to the blank's edges, as far as `margin_mm` at least.
/// An empty blank has no edges. Returns early when stopped.
Measures measuresOf(std::span<const working::PlacedLetters> inscriptions, const plane::Region& blank,
                    double margin_mm, MeasureMemory& memory, const std::stop_token& stop = {});

/// The thinnest stroke of words that are not placed yet, mm; 0 when they have none. O(distinct letters).
double thinnestStroke(const setting::Setting& setting);

/// The narrowest reading of the kind in the inscription (in all when -1); null when there is none.
const Reading* narrowest(const Measures& measures, ReadingKind kind, int inscription = -1);

} // namespace bollard::check
