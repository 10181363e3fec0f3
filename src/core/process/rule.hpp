// One limit of one process.
#pragma once
#include "working/working.hpp"
#include <string_view>
#include <vector>

namespace bollard::process {

enum class Severity { note, watch, stop };

/// What a limit is about.
enum class Measured {
    stroke,
    gap,             ///< between letters; of cut ones also to the blank's edge
    counter,         ///< across a letter's hole
    opening,         ///< between parts of one letter
    neck,            ///< material that alone holds two parts together
    floor,           ///< what is left under sunk letters
    height,          ///< above the front side
    heightPerStroke, ///< that, in widths of the narrowest stroke
    bedding,
    thickness,   ///< of what is cut through
    edge,        ///< how much the edges of letters are broken or rounded
    draft,       ///< of leaning walls, degrees
    insideCorner ///< the radius that is left in corners of what is cleared
};

enum class Bound { least, most };

struct Rule {
    std::string_view name; ///< strokeStop and so on: in cards, in JSON, and to find its label
    Measured what{};
    Severity severity{};
    Bound bound = Bound::least;
    double value = 0; ///< mm; heightPerStroke counts
    const char* why =
        ""; ///< the reason in English, for wording to translate; empty when the limit was set by hand
    bool own = false; ///< set by hand
    bool brokenBy(double measured) const {
        return bound == Bound::least ? measured < value : measured > value;
    }
};

/// What decides, besides the process, which limits there are.
struct Situation {
    working::Kind working = working::Kind::raised;
    double thickness = 0; ///< of the material that is cut through or into, mm
    bool worn = false;
};

/// A limit that stops and one that warns; 0 for none.
struct Pair {
    double stop = 0, watch = 0;
    const char *whyStop = "", *whyWatch = "";
};

/// The limits of widths: of what must stay, and of what must come away or stay open between. Which of them
/// letters are and which is between them follows from the working.
void addWidths(std::vector<Rule>& rules, const Situation& situation, const Pair& material,
               const Pair& opening);
/// Adds the rules of a pair, named by `stopName` and `watchName`.
void addPair(std::vector<Rule>& rules, Measured what, std::string_view stopName, std::string_view watchName,
             const Pair& pair);

/// On worn things, letters no higher than does no harm.
void addWorn(std::vector<Rule>& rules, const Situation& situation);
/// Whether a limit is told in degrees; most are mm.
inline bool isAngle(Measured what) {
    return what == Measured::draft;
}

/// Sunk and scribed letters must not come out at the back.
void addThrough(std::vector<Rule>& rules, const Situation& situation);

} // namespace bollard::process
