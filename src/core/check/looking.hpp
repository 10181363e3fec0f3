// What every check of this folder works with: what was measured, by inscription, and ways to add what it
// finds.
#pragma once
#include "check/findings.hpp"
#include <deque>
#include <map>

namespace bollard::check {

class Looking {
  public:
    explicit Looking(const FindingInput& input);

    const FindingInput& in;
    std::vector<Finding> found{};

    // Of an inscription by its slot in the input.
    const working::PlacedLetters& letters(int slot) const { return in.inscriptions[size_t(slot)]; }
    const std::vector<const Reading*>& readings(int slot) const {
        return readings_[size_t(slot)];
    } ///< the extreme ones
    const std::vector<const Reading*>& lost(int slot) const { return lost_[size_t(slot)]; }
    const std::vector<const Overhang*>& overhangs(int slot) const { return overhangs_[size_t(slot)]; }
    const std::vector<const CornersLeft*>& corners(int slot) const { return corners_[size_t(slot)]; }
    bool stands(int slot) const; ///< raised or free-standing
    /// How much of the blank lies behind the letters, mm: where it is thinnest.
    double behind(int slot) const;

    /// The limits of one measure in force for the inscription; the worst first, which is the one that counts.
    std::vector<process::Rule> rules(int slot, process::Measured what) const;
    /// The same for letters that would be worked in another way.
    std::vector<process::Rule> rules(working::Working working, working::Kind kind, process::Measured what,
                                     std::string_view side = {}) const;
    /// The first that is broken; null when none is.
    static const process::Rule* broken(const std::vector<process::Rule>& rules, double measured);

    Finding finding(FindingKind kind, Severity severity, int slot = -1) const;
    Finding finding(FindingKind kind, const process::Rule& rule, int slot) const;
    FindingPlace place(int slot, int letter, plane::Vector at, double width = 0) const;

    /// Of each letter the reading that comes first by width, among the wanted ones.
    template<class Order, class Wanted>
    static std::map<int, const Reading*> extremes(const std::vector<const Reading*>& readings, Order before,
                                                  Wanted wanted) {
        std::map<int, const Reading*> ofLetter;
        for (const Reading* reading : readings) {
            if (!wanted(*reading))
                continue;
            const Reading*& kept = ofLetter[reading->letter];
            if (!kept || before(reading->width, kept->width))
                kept = reading;
        }
        return ofLetter;
    }

    /// Adds it when it has places; measured: how many.
    void addCounted(Finding finding);
    /// Adds it when it has places, the narrowest first, which is what it measured.
    void addNarrow(Finding finding);
    void addNumber(FindingKind kind, Severity severity, int slot, double measured, double limit_mm);
    /// Adds the worst rule that one number breaks; null when there is none.
    Finding* addBroken(int slot, FindingKind kind, const std::vector<process::Rule>& limits, double measured);
    /// A finding for each rule, with the places at which it is the first that is broken.
    void addByRule(int slot, FindingKind kind, const std::vector<process::Rule>& limits,
                   const std::vector<FindingPlace>& places);
    /// What is narrower than the limits of `what`; the narrowest place of each letter.
    void addBelow(int slot, FindingKind kind, process::Measured what,
                  const std::vector<ReadingKind>& readings);

  private:
    std::deque<Reading> worst_; ///< readings at another height than the side's
    std::vector<std::vector<const Reading*>> readings_, lost_;
    std::vector<std::vector<const Overhang*>> overhangs_;
    std::vector<std::vector<const CornersLeft*>> corners_;
    std::vector<std::vector<process::Rule>> rules_;
};

} // namespace bollard::check
