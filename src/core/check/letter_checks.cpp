#include "check/checks.hpp"
#include <cmath>
#include <set>

namespace bollard::check {

using working::Kind;

void checkCharacters(Looking& looking, int slot) {
    Finding missing = looking.finding(FindingKind::characterMissing, Severity::stop, slot);
    Finding blank = looking.finding(FindingKind::characterBlank, Severity::stop, slot);
    Finding mended = looking.finding(FindingKind::outlineMended, Severity::note, slot);
    Finding beyond = looking.finding(FindingKind::beyondGrid, Severity::stop, slot);
    const working::PlacedLetters& letters = looking.letters(slot);
    const setting::Setting& setting = *letters.setting;
    std::set<std::uint32_t> seen;
    for (size_t i = 0; i < setting.letters.size(); ++i) {
        const setting::Letter& letter = setting.letters[i];
        const plane::Vector at = letters.place.toSide(plane::vectorOf(letter.at));
        const auto add = [&](Finding& f) { f.places.push_back(looking.place(slot, int(i), at)); };
        if (letters.beyond[i])
            add(beyond);
        else if (letter.missing)
            add(missing);
        else if (letter.drawsNothing)
            add(blank);
        else if (letters.asDrawn(i) && setting.typeface->glyph(letter.glyph).mended &&
                 seen.insert(letter.glyph).second)
            add(mended);
    }
    for (Finding* f : {&missing, &blank, &mended, &beyond}) {
        f->subject = setting.typeface ? setting.typeface->family() : "";
        looking.addCounted(std::move(*f));
    }
}

/// A size that cannot be had, by as much as anyone would see.
void checkSize(Looking& looking, int slot) {
    const setting::Setting& setting = *looking.letters(slot).setting;
    if (!setting.typeface || !(setting.asked > 0))
        return;
    if (setting.closedUp)
        return looking.addNumber(FindingKind::weightHeavy, Severity::stop, slot, 0, setting.asked);
    const double measured = setting::measureOf(setting, setting.sizeBy);
    const double off = std::fabs(measured - setting.asked);
    constexpr double seen_mm = 0.001, seenShare = 0.001;
    if (!setting.letters.empty() && off > std::max(seen_mm, seenShare * setting.asked)) {
        looking.addNumber(FindingKind::sizeMissed, Severity::watch, slot, measured, setting.asked);
        looking.found.back().whenAbove = measured > setting.asked;
    }
}

/// Words that run beyond the ends of their curve, or once round it into themselves.
void checkBaseline(Looking& looking, int slot) {
    const setting::Setting& setting = *looking.letters(slot).setting;
    if (!setting.typeface && setting.letters.empty())
        looking.found.push_back(looking.finding(FindingKind::ornamentEmpty, Severity::watch, slot));
    Finding f = looking.finding(FindingKind::baselineShort, Severity::watch, slot);
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
        looking.found.push_back(std::move(f));
}

void checkReadingSide(Looking& looking, int slot) {
    const setting::ReadingSide reading = looking.letters(slot).place.reading();
    const Kind kind = looking.letters(slot).working.kind;
    if (!looking.letters(slot).setting->typeface)
        return; // nothing to be read
    const bool noImpression = reading == setting::ReadingSide::impression && kind == Kind::pierced;
    const bool behindBlank = reading == setting::ReadingSide::throughBack &&
                             (kind == Kind::raised || working::leavesFloor(kind)) &&
                             looking.in.blank.kind != blank::Kind::none;
    if (noImpression || behindBlank)
        looking.found.push_back(
            looking.finding(FindingKind::readingSide, noImpression ? Severity::watch : Severity::note, slot));
}

} // namespace bollard::check
