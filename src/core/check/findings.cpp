#include "check/findings.hpp"
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>

namespace bollard::check {
namespace {

using process::Measured, process::Rule;
using working::Kind, working::PlacedLetters;

class Writer {
  public:
    explicit Writer(const FindingInput& input) : in_(input) {
        const auto sorted = [&](const std::vector<Reading>& readings) {
            std::vector<std::vector<const Reading*>> bySlot(in_.inscriptions.size());
            for (const Reading& reading : readings)
                bySlot[size_t(reading.inscription)].push_back(&reading);
            return bySlot;
        };
        readings_ = sorted(in_.measures.readings);
        lost_ = sorted(in_.measures.lost);
        overhangs_.resize(in_.inscriptions.size());
        for (const Overhang& overhang : in_.measures.overhangs)
            overhangs_[size_t(overhang.inscription)].push_back(&overhang);
        for (const PlacedLetters& letters : in_.inscriptions)
            rules_.push_back(rules(letters.working, letters.working.kind, letters.side));
    }

    std::vector<Finding> write() {
        findBlank();
        for (size_t slot = 0; slot < in_.inscriptions.size(); ++slot)
            findInscription(int(slot));
        if (in_.dropOuts)
            findDropOuts(*in_.dropOuts);
        sortBySeverity(found_);
        return std::move(found_);
    }

  private:
    const PlacedLetters& letters(int slot) const { return in_.inscriptions[size_t(slot)]; }
    /// The limits of one measure; the worst first, which is the one that counts.
    static std::vector<Rule> limitsOf(std::vector<Rule> rules, Measured what) {
        std::erase_if(rules, [&](const Rule& rule) { return rule.what != what; });
        std::ranges::stable_sort(rules, std::ranges::greater{}, &Rule::severity);
        return rules;
    }
    std::vector<Rule> rules(working::Working working, Kind kind, std::string_view side = {}) const {
        working.kind = kind;
        return process::rulesOf(in_.process, process::situationOf(in_.blank, side, working));
    }
    std::vector<Rule> rules(int slot, Measured what) const { return limitsOf(rules_[size_t(slot)], what); }
    static const Rule* broken(const std::vector<Rule>& rules, double measured) {
        const auto rule = std::ranges::find_if(rules, [&](const Rule& r) { return r.brokenBy(measured); });
        return rule == rules.end() ? nullptr : &*rule;
    }
    Finding finding(FindingKind kind, const Rule& rule, int slot) const {
        Finding f = finding(kind, rule.severity, slot);
        f.limit = rule.value;
        f.ownLimit = rule.own;
        f.why = rule.why;
        f.whenAbove = rule.bound == process::Bound::most;
        return f;
    }

    Finding finding(FindingKind kind, Severity severity, int slot = -1) const {
        Finding f;
        f.kind = kind;
        f.severity = severity;
        if (slot >= 0) {
            f.inscription = letters(slot).inscription;
            f.working = letters(slot).working.kind;
        }
        return f;
    }
    FindingPlace place(int slot, int letter, plane::Vector at, double width = 0) const {
        return {
            at, width, letters(slot).inscription, letter, letters(slot).setting->letters[size_t(letter)].text,
            {}};
    }

    void findBlank() {
        const blank::Blank& b = in_.blank;
        if (b.kind == blank::Kind::none)
            return;
        const plane::Vector size = blank::sizeOf(b);
        if (!(size.x > 0 && size.y > 0 && blank::depthBehind(b) > 0))
            found_.push_back(finding(FindingKind::blankTooThin, Severity::stop));
        Finding outside = finding(FindingKind::holeOutside, Severity::watch);
        for (const blank::Hole& hole : blank::drilledIn(b)) {
            const double r = hole.diameter / 2;
            const bool within =
                hole.x - r >= 0 && hole.x + r <= size.x && hole.y - r >= 0 && hole.y + r <= size.y;
            if (!within)
                outside.places.push_back({plane::unitsPerMillimetre * plane::Vector{hole.x, hole.y},
                                          hole.diameter,
                                          -1,
                                          -1,
                                          {},
                                          {}});
        }
        addCounted(std::move(outside));
        findLands();
    }

    /// What is left between holes, and between them and the edge.
    void findLands() {
        std::vector<Rule> limits = limitsOf(rules({}, Kind::pierced), Measured::gap);
        double reach_mm = 0;
        for (const Rule& rule : limits)
            reach_mm = std::max(reach_mm, rule.value);
        std::vector<FindingPlace> places;
        for (const blank::Land& land : blank::landsOf(in_.blank, reach_mm))
            places.push_back({plane::unitsPerMillimetre * land.at, land.width, -1, -1, {}, {}});
        addByRule(-1, FindingKind::landNarrow, limits, places);
    }

    void findInscription(int slot) {
        findCharacters(slot);
        findSize(slot);
        findBaseline(slot);
        findWidths(slot);
        findLost(slot, FindingKind::strokeLost, ReadingKind::stroke, Severity::stop);
        findLost(slot, FindingKind::counterLost, ReadingKind::counter, Severity::watch);
        findReadingSide(slot);
        findNecks(slot);
        findHeights(slot);
        findEdges(slot);
    }

    void findCharacters(int slot) {
        Finding missing = finding(FindingKind::characterMissing, Severity::stop, slot);
        Finding blank = finding(FindingKind::characterBlank, Severity::stop, slot);
        Finding mended = finding(FindingKind::outlineMended, Severity::note, slot);
        Finding beyond = finding(FindingKind::beyondGrid, Severity::stop, slot);
        const setting::Setting& setting = *letters(slot).setting;
        std::set<std::uint32_t> seen;
        for (size_t i = 0; i < setting.letters.size(); ++i) {
            const setting::Letter& letter = setting.letters[i];
            const plane::Vector at = letters(slot).place.toSide(plane::vectorOf(letter.at));
            if (letters(slot).beyond[i])
                beyond.places.push_back(place(slot, int(i), at));
            else if (letter.missing)
                missing.places.push_back(place(slot, int(i), at));
            else if (letter.drawsNothing)
                blank.places.push_back(place(slot, int(i), at));
            else if (letters(slot).asDrawn(i) && setting.typeface->glyph(letter.glyph).mended &&
                     seen.insert(letter.glyph).second)
                mended.places.push_back(place(slot, int(i), at));
        }
        for (Finding* f : {&missing, &blank, &mended, &beyond}) {
            f->subject = setting.typeface ? setting.typeface->family() : "";
            addCounted(std::move(*f));
        }
    }

    void addCounted(Finding f) {
        f.count = int(f.places.size());
        f.measured = f.count;
        f.whenAbove = true;
        if (f.count > 0)
            found_.push_back(std::move(f));
    }

    /// A size that cannot be had, by as much as anyone would see.
    void findSize(int slot) {
        const setting::Setting& setting = *letters(slot).setting;
        if (!setting.typeface || !(setting.asked > 0))
            return;
        if (setting.closedUp)
            return addNumber(FindingKind::weightHeavy, Severity::stop, slot, 0, setting.asked);
        const double measured = setting::measureOf(setting, setting.sizeBy);
        const double off = std::fabs(measured - setting.asked);
        constexpr double seen_mm = 0.001, seenShare = 0.001;
        if (!setting.letters.empty() && off > std::max(seen_mm, seenShare * setting.asked)) {
            addNumber(FindingKind::sizeMissed, Severity::watch, slot, measured, setting.asked);
            found_.back().whenAbove = measured > setting.asked;
        }
    }

    /// Words that run beyond the ends of their curve, or once round it into themselves.
    void findBaseline(int slot) {
        const setting::Setting& setting = *letters(slot).setting;
        if (!setting.typeface && setting.letters.empty())
            found_.push_back(finding(FindingKind::ornamentEmpty, Severity::watch, slot));
        Finding f = finding(FindingKind::baselineShort, Severity::watch, slot);
        f.whenAbove = true;
        for (const setting::Line& line : setting.lines) {
            if (!line.curve || line.curve->straight())
                continue;
            const double length = plane::toMillimetres(line.curve->length());
            const double home = plane::toMillimetres(line.home);
            const double over = line.curve->closed() ? line.to - line.from - length
                                                     : std::max(-(home + line.from), home + line.to - length);
            constexpr double hairsBreadth = 0.001;
            if (over > std::max(hairsBreadth, f.measured)) {
                f.measured = over;
                f.limit = length;
            }
        }
        if (f.measured > 0)
            found_.push_back(std::move(f));
    }

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

    /// What is narrower than the limits, per kind of reading and rule; the narrowest place of each letter.
    void findWidths(int slot) {
        const Kind kind = letters(slot).working.kind;
        using Readings = std::vector<ReadingKind>;
        // Between cuts the land is measured; its distance to the blank's edge is land too.
        findBelow(slot, FindingKind::strokeNarrow, Measured::stroke, {ReadingKind::stroke});
        findBelow(slot, FindingKind::gapNarrow, Measured::gap,
                  isStanding(slot) ? Readings{ReadingKind::gap}
                                   : Readings{ReadingKind::gap, ReadingKind::edge});
        findBelow(slot, FindingKind::counterNarrow, Measured::counter, {ReadingKind::counter});
        findBelow(slot, FindingKind::openingNarrow, Measured::opening,
                  kind == Kind::pierced ? Readings{ReadingKind::opening}
                                        : Readings{ReadingKind::opening, ReadingKind::bridge});
    }

    void findBelow(int slot, FindingKind kind, Measured what, const std::vector<ReadingKind>& readings) {
        const std::vector<Rule> limits = rules(slot, what);
        const auto ofLetter =
            extremes(readings_[size_t(slot)], std::ranges::less{}, [&](const Reading& reading) {
                return broken(limits, reading.width) &&
                       std::ranges::find(readings, reading.kind) != readings.end();
            });
        std::vector<FindingPlace> places;
        for (const auto& [letter, reading] : ofLetter)
            places.push_back(place(slot, letter, reading->at, reading->width));
        addByRule(slot, kind, limits, places);
    }

    /// A finding for each rule, with the places at which it is the first that is broken.
    void addByRule(int slot, FindingKind kind, const std::vector<Rule>& limits,
                   const std::vector<FindingPlace>& places) {
        for (const Rule& rule : limits) {
            Finding f = finding(kind, rule, slot);
            for (const FindingPlace& place : places)
                if (broken(limits, place.width) == &rule)
                    f.places.push_back(place);
            addNarrow(std::move(f));
        }
    }

    void addNarrow(Finding f) {
        if (f.places.empty())
            return;
        std::ranges::stable_sort(f.places, {}, &FindingPlace::width);
        f.measured = f.places.front().width;
        f.count = int(f.places.size());
        found_.push_back(std::move(f));
    }

    /// What the weight change takes away, the widest place of each letter.
    void findLost(int slot, FindingKind kind, ReadingKind what, Severity severity) {
        const auto ofLetter = extremes(lost_[size_t(slot)], std::ranges::greater{},
                                       [&](const Reading& reading) { return reading.kind == what; });
        Finding f = finding(kind, severity, slot);
        const setting::Setting& setting = *letters(slot).setting;
        f.limit = 2 * std::fabs(plane::toMillimetres(setting.form.weight * setting.scale));
        for (const auto& [letter, reading] : ofLetter)
            f.places.push_back(place(slot, letter, reading->at, reading->width));
        addNarrow(std::move(f));
    }

    void findReadingSide(int slot) {
        const setting::ReadingSide reading = letters(slot).place.reading();
        const Kind kind = letters(slot).working.kind;
        const bool noImpression = reading == setting::ReadingSide::impression && kind == Kind::pierced;
        const bool behindBlank = reading == setting::ReadingSide::throughBack &&
                                 (kind == Kind::raised || kind == Kind::sunk || kind == Kind::scribed) &&
                                 in_.blank.kind != blank::Kind::none;
        if (noImpression || behindBlank)
            found_.push_back(
                finding(FindingKind::readingSide, noImpression ? Severity::watch : Severity::note, slot));
    }

    void findNecks(int slot) {
        using Readings = std::vector<ReadingKind>;
        findBelow(slot, FindingKind::neckNarrow, Measured::neck,
                  letters(slot).working.kind == Kind::pierced
                      ? Readings{ReadingKind::neck, ReadingKind::bridge}
                      : Readings{ReadingKind::neck});
    }

    bool isStanding(int slot) const {
        return letters(slot).working.kind == Kind::raised || letters(slot).working.kind == Kind::freeStanding;
    }

    void addNumber(FindingKind kind, Severity severity, int slot, double measured, double limit_mm) {
        Finding f = finding(kind, severity, slot);
        f.measured = measured;
        f.limit = limit_mm;
        found_.push_back(std::move(f));
    }

    /// Adds the worst rule that one number breaks; null when there is none.
    Finding* addBroken(int slot, FindingKind kind, const std::vector<Rule>& limits, double measured) {
        const Rule* const rule = broken(limits, measured);
        if (!rule)
            return nullptr;
        Finding& f = found_.emplace_back(finding(kind, *rule, slot));
        f.measured = measured;
        return &f;
    }

    void findHeights(int slot) {
        const working::Working& w = letters(slot).working;
        if (letters(slot).setting->letters.empty())
            return;
        const bool onBlank = in_.blank.kind != blank::Kind::none;
        if (isStanding(slot)) {
            std::vector<Rule> least, most;
            for (const Rule& rule : rules(slot, Measured::height))
                (rule.bound == process::Bound::least ? least : most).push_back(rule);
            addBroken(slot, FindingKind::heightLow, least, w.height);
            addBroken(slot, FindingKind::heightWorn, most, w.height);
            findTall(slot);
            if (onBlank)
                addBroken(slot, FindingKind::beddingThin,
                          limitsOf(rules(w, Kind::raised, letters(slot).side), Measured::bedding),
                          w.kind == Kind::raised ? w.bedding : 0);
        }
        if ((w.kind == Kind::sunk || w.kind == Kind::scribed) && onBlank)
            if (Finding* f = addBroken(slot, FindingKind::floorThin, rules(slot, Measured::floor),
                                       blank::depthBehind(in_.blank, letters(slot).side) - w.depth))
                f->measured = std::max(f->measured, 0.0);
    }

    /// Letters that are high for their narrowest stroke.
    void findTall(int slot) {
        const Reading* stroke = nullptr;
        for (const Reading* reading : readings_[size_t(slot)])
            if (reading->kind == ReadingKind::stroke && (!stroke || reading->width < stroke->width))
                stroke = reading;
        if (!stroke)
            return;
        std::vector<Rule> limits = rules(slot, Measured::heightPerStroke);
        for (Rule& rule : limits)
            rule.value *= stroke->width;
        if (Finding* f = addBroken(slot, FindingKind::heightTall, limits, letters(slot).working.height))
            f->places.push_back(place(slot, stroke->letter, stroke->at, stroke->width));
    }

    void findEdges(int slot) {
        Finding outside = finding(FindingKind::outsideBlank, Severity::stop, slot);
        for (const Overhang* overhang : overhangs_[size_t(slot)])
            outside.places.push_back(place(slot, overhang->letter, overhang->at));
        addCounted(std::move(outside));

        Finding margin = finding(FindingKind::insideMargin, Severity::watch, slot);
        margin.limit = in_.blank.margin;
        const auto ofLetter =
            extremes(readings_[size_t(slot)], std::ranges::less{}, [&](const Reading& reading) {
                return reading.kind == ReadingKind::edge && reading.width < margin.limit;
            });
        for (const auto& [letter, reading] : ofLetter)
            margin.places.push_back(place(slot, letter, reading->at, reading->width));
        addNarrow(std::move(margin));
    }

    void findDropOuts(const DropOuts& dropOuts) {
        std::map<std::pair<DropOut::Kind, int>, Finding> byKind;
        for (const DropOut& loose : dropOuts.loose) {
            const auto kind =
                loose.kind == DropOut::Kind::counter ? FindingKind::counterLoose : FindingKind::letterLoose;
            Finding& f = byKind
                             .try_emplace({loose.kind, loose.inscription},
                                          finding(kind, Severity::stop, loose.inscription))
                             .first->second;
            const plane::Box box = plane::boxOf(loose.shape);
            FindingPlace where = place(loose.inscription, loose.letter,
                                       0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)));
            where.shape = loose.shape;
            f.places.push_back(std::move(where));
        }
        for (auto& [key, f] : byKind) {
            f.count = int(f.places.size());
            f.measured = dropOuts.pieces;
            f.limit = 1;
            f.whenAbove = true;
            found_.push_back(std::move(f));
        }
        if (dropOuts.strayPieces == 0)
            return;
        Finding stray = finding(FindingKind::pieceLoose, Severity::stop);
        stray.count = dropOuts.strayPieces;
        stray.measured = dropOuts.pieces;
        stray.limit = 1;
        stray.whenAbove = true;
        found_.push_back(std::move(stray));
    }

    const FindingInput& in_;
    // By inscription, as they are in the measures.
    std::vector<std::vector<const Reading*>> readings_, lost_;
    std::vector<std::vector<const Overhang*>> overhangs_;
    std::vector<std::vector<Rule>> rules_;
    std::vector<Finding> found_;
};

} // namespace

std::string_view nameOf(FindingKind kind) {
    constexpr std::array<std::string_view, findingKinds> names{
        "stepFailed",       "typefaceProblem", "fieldUnknown",  "ornamentEmpty", "baselineShort",
        "characterMissing", "characterBlank",  "sizeMissed",    "weightHeavy",   "beyondGrid",
        "strokeNarrow",     "gapNarrow",       "counterNarrow", "openingNarrow", "neckNarrow",
        "strokeLost",       "counterLost",     "readingSide",   "counterLoose",  "letterLoose",
        "pieceLoose",       "floorThin",       "heightLow",     "heightTall",    "heightWorn",
        "beddingThin",      "outsideBlank",    "insideMargin",  "blankTooThin",  "sideMissing",
        "holeOutside",      "landNarrow",      "solidFailed",   "outlineMended"};
    static_assert(int(FindingKind::outlineMended) + 1 == findingKinds);
    return names[size_t(kind)];
}

std::vector<Finding> findingsOf(const FindingInput& input) {
    return Writer(input).write();
}

void sortBySeverity(std::vector<Finding>& findings) {
    std::ranges::stable_sort(findings, std::ranges::greater{}, &Finding::severity);
}

bool worseThan(const Finding& finding, double measured) {
    const double hair = 1e-9 * std::max(1.0, std::fabs(measured));
    return finding.whenAbove ? finding.measured > measured + hair : finding.measured < measured - hair;
}

Severity worstOf(const std::vector<Finding>& findings) {
    Severity worst = Severity::note;
    for (const Finding& f : findings)
        if (!f.accepted)
            worst = std::max(worst, f.severity);
    return worst;
}

} // namespace bollard::check
