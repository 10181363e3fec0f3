// Every width that decides whether letters can be made, with its place.
#pragma once
#include "check/readings.hpp"
#include <memory>
#include <span>
#include <stop_token>
#include <vector>

namespace bollard::check {

/// A letter that does not lie wholly on the blank: it crosses an edge, covers a hole, or lies outside.
struct Overhang {
    int inscription = 0;
    int letter = 0;
    bool wholly = false;
    plane::Vector at{};
};

/// What a round cutter leaves in the corners of one letter.
struct CornersLeft {
    double area = 0;    ///< mm²
    plane::Vector at{}; ///< the largest
    int inscription = 0;
    int letter = 0;
};

struct Measures {
    Readings readings{};
    std::vector<Reading> extremes{}; ///< of the readings: what findings are made of
    std::vector<Reading>
        lost{}; ///< strokes and counters that the weight change takes away, as wide as they were
    std::vector<Overhang> overhangs{};
    std::vector<CornersLeft> corners{}; ///< when a cutter clears them
};

/// What was measured in earlier runs; shared between them. Not to be used from several threads.
class MeasureMemory {
  public:
    MeasureMemory();
    ~MeasureMemory();
    MeasureMemory(const MeasureMemory&) = delete;
    MeasureMemory& operator=(const MeasureMemory&) = delete;

    /// How much is kept: no more than three times what the last run needed.
    size_t size() const;

    struct State;
    State& state() { return *state_; }

  private:
    std::unique_ptr<State> state_;
};

/// How far apart things are looked at, mm: at least as far as any limit in force.
struct Reach {
    double gaps = 0;
    double edges = 0;   ///< as far as the margin too
    double corners = 0; ///< radius of the cutter that clears letters; 0 for none
    bool operator==(const Reach&) const = default;
};

/// A side that letters lie on: its boundary, and how far it is round where it closes (grid units, else 0). An
/// empty boundary has no edges.
struct SideBounds {
    std::string_view name{};
    plane::Region boundary{};
    std::int32_t turn = 0;
    bool operator==(const SideBounds&) const = default;
};

/// Measures all letters: strokes and openings from the medial axis of each distinct glyph, gaps between
/// letters of one side near each other (told of both where one stands and the other is cut), round its seam
/// too, distances to the side's edges, necks of letters that stand free and of what they make together.
/// Shapes that are equal but for their place are measured once. Returns early when stopped.
Measures measuresOf(std::span<const working::PlacedLetters> inscriptions, std::span<const SideBounds> sides,
                    const Reach& reach, MeasureMemory& memory, const std::stop_token& stop = {});

/// The thinnest stroke of words that are not placed yet, mm; 0 when they have none. O(distinct letters).
double thinnestStroke(const setting::Setting& setting);

/// The narrowest reading of the kind; null when there is none. O(letters).
const Reading* narrowest(const Measures& measures, ReadingKind kind);

} // namespace bollard::check
