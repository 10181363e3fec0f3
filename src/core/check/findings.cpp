#include "check/findings.hpp"
#include <algorithm>
#include <map>
#include <set>

namespace bollard::check {
namespace {

using working::Kind, working::PlacedLetters;

class Writer {
  public:
    explicit Writer(const FindingInput& input) : in_(input) {}

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
    double limit(int slot, Limit which) const {
        return limitOf(in_.process, letters(slot).working.kind, which);
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
        if (!(size.x > 0 && size.y > 0 && b.thickness > 0))
            found_.push_back(finding(FindingKind::blankTooThin, Severity::stop));
        for (const blank::Hole& hole : b.holes) {
            const double r = hole.diameter / 2;
            const bool within =
                hole.x - r >= 0 && hole.x + r <= size.x && hole.y - r >= 0 && hole.y + r <= size.y;
            if (within)
                continue;
            Finding f = finding(FindingKind::holeOutside, Severity::watch);
            f.places.push_back(
                {plane::unitsPerMillimetre * plane::Vector{hole.x, hole.y}, hole.diameter, -1, -1, {}, {}});
            found_.push_back(std::move(f));
        }
    }

    void findInscription(int slot) {
        findCharacters(slot);
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
        const setting::Setting& setting = *letters(slot).setting;
        std::set<std::uint32_t> seen;
        for (size_t i = 0; i < setting.letters.size(); ++i) {
            const setting::Letter& letter = setting.letters[i];
            const plane::Vector at = letters(slot).place.toSide(plane::vectorOf(letter.at));
            if (letter.missing)
                missing.places.push_back(place(slot, int(i), at));
            else if (letter.drawsNothing)
                blank.places.push_back(place(slot, int(i), at));
            else if (letters(slot).asDrawn(i) && setting.typeface->glyph(letter.glyph).mended &&
                     seen.insert(letter.glyph).second)
                mended.places.push_back(place(slot, int(i), at));
        }
        for (Finding* f : {&missing, &blank, &mended}) {
            f->subject = setting.typeface ? setting.typeface->family() : "";
            f->count = int(f->places.size());
            if (f->count > 0)
                found_.push_back(std::move(*f));
        }
    }

    /// Words that run beyond the ends of their curve, or once round it into themselves.
    void findBaseline(int slot) {
        const setting::Setting& setting = *letters(slot).setting;
        if (!setting.typeface && setting.letters.empty())
            found_.push_back(finding(FindingKind::ornamentEmpty, Severity::watch, slot));
        for (const setting::Line& line : setting.lines) {
            if (!line.curve || line.curve->straight())
                continue;
            const double length = plane::toMillimetres(line.curve->length());
            const double home = plane::toMillimetres(line.home);
            const double over = line.curve->closed() ? line.to - line.from - length
                                                     : std::max(-(home + line.from), home + line.to - length);
            constexpr double hairsBreadth = 0.001;
            if (over <= hairsBreadth)
                continue;
            Finding f = finding(FindingKind::baselineShort, Severity::watch, slot);
            f.measured = over;
            f.limit = length;
            found_.push_back(std::move(f));
        }
    }

    /// Of each letter the reading that comes first by width, among the wanted ones.
    template<class Order, class Wanted>
    std::map<int, const Reading*> extremes(const std::vector<Reading>& readings, int slot, Order before,
                                           Wanted wanted) const {
        std::map<int, const Reading*> ofLetter;
        for (const Reading& reading : readings) {
            if (reading.inscription != slot || !wanted(reading))
                continue;
            const Reading*& kept = ofLetter[reading.letter];
            if (!kept || before(reading.width, kept->width))
                kept = &reading;
        }
        return ofLetter;
    }

    /// What is narrower than the limits, per kind of reading and severity; the narrowest place of each
    /// letter.
    void findWidths(int slot) {
        const bool standing = isStanding(slot);
        struct Rule {
            FindingKind kind;
            Limit stop, watch;
            std::vector<ReadingKind> readings;
        };
        // Between cuts the land is measured; its distance to the blank's edge is land too.
        const std::vector<Rule> rules{
            {FindingKind::strokeNarrow, Limit::strokeStop, Limit::strokeWatch, {ReadingKind::stroke}},
            {FindingKind::gapNarrow, Limit::gapStop, Limit::gapWatch,
             standing ? std::vector{ReadingKind::gap} : std::vector{ReadingKind::gap, ReadingKind::edge}},
            {FindingKind::counterNarrow, Limit::gapStop, Limit::gapWatch, {ReadingKind::counter}},
            {FindingKind::openingNarrow, Limit::gapStop, Limit::gapWatch,
             letters(slot).working.kind == Kind::pierced
                 ? std::vector{ReadingKind::opening}
                 : std::vector{ReadingKind::opening, ReadingKind::bridge}},
        };
        for (const Rule& rule : rules)
            findBelow(slot, rule.kind, limit(slot, rule.stop), limit(slot, rule.watch), rule.readings);
    }

    void findBelow(int slot, FindingKind kind, double stop, double watch,
                   const std::vector<ReadingKind>& readings) {
        const auto ofLetter =
            extremes(in_.measures.readings, slot, std::ranges::less{}, [&](const Reading& reading) {
                return reading.width < std::max(stop, watch) &&
                       std::ranges::find(readings, reading.kind) != readings.end();
            });
        for (const Severity severity : {Severity::stop, Severity::watch}) {
            Finding f = finding(kind, severity, slot);
            f.limit = severity == Severity::stop ? stop : watch;
            for (const auto& [letter, reading] : ofLetter)
                if ((reading->width < stop) == (severity == Severity::stop))
                    f.places.push_back(place(slot, letter, reading->at, reading->width));
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
        const auto ofLetter = extremes(in_.measures.lost, slot, std::ranges::greater{},
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
        const double stop = limit(slot, Limit::neckStop);
        if (stop <= 0)
            return;
        Finding f = finding(FindingKind::neckNarrow, Severity::stop, slot);
        f.limit = stop;
        if (letters(slot).working.kind == Kind::pierced)
            for (const Reading& reading : in_.measures.readings)
                if (reading.inscription == slot && reading.kind == ReadingKind::bridge &&
                    reading.width < stop)
                    f.places.push_back(place(slot, reading.letter, reading.at, reading.width));
        if (letters(slot).working.kind == Kind::freeStanding)
            for (const Joint& joint : in_.measures.joints)
                if (joint.inscription == slot && joint.neck < stop)
                    f.places.push_back(place(slot, joint.letter, joint.at, joint.neck));
        addNarrow(std::move(f));
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

    void findHeights(int slot) {
        const working::Working& w = letters(slot).working;
        if (letters(slot).setting->letters.empty())
            return;
        const bool onBlank = in_.blank.kind != blank::Kind::none;
        if (isStanding(slot)) {
            if (w.height < limit(slot, Limit::heightWatch))
                addNumber(FindingKind::heightLow, Severity::watch, slot, w.height,
                          limit(slot, Limit::heightWatch));
            const Reading* stroke = narrowest(in_.measures, ReadingKind::stroke, slot);
            const double tallest = stroke ? stroke->width * limit(slot, Limit::heightPerStroke) : 0;
            if (stroke && w.height > tallest) {
                addNumber(FindingKind::heightTall, Severity::watch, slot, w.height, tallest);
                found_.back().places.push_back(place(slot, stroke->letter, stroke->at, stroke->width));
            }
            const double bedding = w.kind == Kind::raised ? w.bedding : 0;
            const double wanted = limitOf(in_.process, Kind::raised, Limit::beddingWatch);
            if (onBlank && bedding < wanted)
                addNumber(FindingKind::beddingThin, Severity::watch, slot, bedding, wanted);
        }
        if ((w.kind == Kind::sunk || w.kind == Kind::scribed) && onBlank) {
            const double floor = in_.blank.thickness - w.depth;
            const double stop = limit(slot, Limit::floorStop), watch = limit(slot, Limit::floorWatch);
            if (floor < std::max(stop, watch))
                addNumber(FindingKind::floorThin, floor < stop ? Severity::stop : Severity::watch, slot,
                          std::max(floor, 0.0), floor < stop ? stop : watch);
        }
    }

    void findEdges(int slot) {
        Finding outside = finding(FindingKind::outsideBlank, Severity::stop, slot);
        for (const Overhang& overhang : in_.measures.overhangs)
            if (overhang.inscription == slot)
                outside.places.push_back(place(slot, overhang.letter, overhang.at));
        outside.count = int(outside.places.size());
        if (outside.count > 0)
            found_.push_back(std::move(outside));

        Finding margin = finding(FindingKind::insideMargin, Severity::watch, slot);
        margin.limit = in_.blank.margin;
        const auto ofLetter =
            extremes(in_.measures.readings, slot, std::ranges::less{}, [&](const Reading& reading) {
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
            found_.push_back(std::move(f));
        }
        if (dropOuts.strayPieces == 0)
            return;
        Finding stray = finding(FindingKind::pieceLoose, Severity::stop);
        stray.count = dropOuts.strayPieces;
        stray.measured = dropOuts.pieces;
        stray.limit = 1;
        found_.push_back(std::move(stray));
    }

    const FindingInput& in_;
    std::vector<Finding> found_;
};

} // namespace

std::vector<Finding> findingsOf(const FindingInput& input) {
    return Writer(input).write();
}

void sortBySeverity(std::vector<Finding>& findings) {
    std::ranges::stable_sort(findings, std::ranges::greater{}, &Finding::severity);
}

Severity worstOf(const std::vector<Finding>& findings) {
    Severity worst = Severity::note;
    for (const Finding& f : findings)
        worst = std::max(worst, f.severity);
    return worst;
}

} // namespace bollard::check
