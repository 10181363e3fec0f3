#include "check/looking.hpp"
#include "check/worst_height.hpp"
#include <algorithm>
#include <functional>

namespace bollard::check {
namespace {

using process::Measured, process::Rule;
using working::Kind, working::PlacedLetters;

std::vector<Rule> limitsOf(std::vector<Rule> rules, Measured what) {
    std::erase_if(rules, [&](const Rule& rule) { return rule.what != what; });
    std::ranges::stable_sort(rules, std::ranges::greater{}, &Rule::severity);
    return rules;
}

std::vector<Rule> rulesOf(const FindingInput& in, const process::Process& process, working::Working working,
                          Kind kind, std::string_view side) {
    working.kind = kind;
    return process::rulesOf(process, process::situationOf(in.blank, side, working));
}

template<class Item>
std::vector<std::vector<const Item*>> bySlot(const std::vector<Item>& items, size_t slots) {
    std::vector<std::vector<const Item*>> sorted(slots);
    for (const Item& item : items)
        sorted[size_t(item.inscription)].push_back(&item);
    return sorted;
}

} // namespace

Looking::Looking(const FindingInput& input)
    : in(input), readings_(bySlot(in.measures.extremes, in.inscriptions.size())),
      lost_(bySlot(in.measures.lost, in.inscriptions.size())),
      overhangs_(bySlot(in.measures.overhangs, in.inscriptions.size())),
      corners_(bySlot(in.measures.corners, in.inscriptions.size())) {
    for (size_t slot = 0; slot < in.inscriptions.size(); ++slot) {
        const PlacedLetters& letters = in.inscriptions[slot];
        rules_.push_back(rulesOf(in, in.processes.empty() ? in.process : in.processes[slot], letters.working,
                                 letters.working.kind, letters.side));
    }
    const WorstHeight worst(in.inscriptions, in.blank);
    for (size_t slot = 0; slot < readings_.size(); ++slot)
        for (const Reading*& reading : readings_[slot])
            if (const double width = worst.width(*reading); width != reading->width) {
                worst_.push_back(*reading);
                worst_.back().width = width;
                reading = &worst_.back();
            }
}

double Looking::behind(int slot) const {
    const PlacedLetters& of = letters(slot);
    const double width = blank::sizeOf(in.blank, of.side).x;
    if (blank::depthBehind(in.blank, of.side, 0, 0) == blank::depthBehind(in.blank, of.side, width, width))
        return blank::depthBehind(in.blank, of.side); // the same everywhere
    plane::Box box;
    for (const plane::Region& letter : of.onSide)
        box.include(plane::boxOf(letter));
    if (box.empty())
        return blank::depthBehind(in.blank, of.side);
    return blank::depthBehind(in.blank, of.side, plane::toMillimetres(box.low.x),
                              plane::toMillimetres(box.high.x));
}

bool Looking::stands(int slot) const {
    return !working::cuts(letters(slot).working.kind);
}

std::vector<Rule> Looking::rules(int slot, Measured what) const {
    return limitsOf(rules_[size_t(slot)], what);
}

std::vector<Rule> Looking::rules(working::Working working, Kind kind, Measured what,
                                 std::string_view side) const {
    return limitsOf(rulesOf(in, in.process, working, kind, side), what);
}

const Rule* Looking::broken(const std::vector<Rule>& rules, double measured) {
    // What is only worked out to be less by what numbers cannot hold is not.
    constexpr double nothing = 1e-9;
    const auto rule = std::ranges::find_if(rules, [&](const Rule& r) {
        return r.brokenBy(r.bound == process::Bound::least ? measured + nothing : measured - nothing);
    });
    return rule == rules.end() ? nullptr : &*rule;
}

Finding Looking::finding(FindingKind kind, Severity severity, int slot) const {
    Finding f;
    f.kind = kind;
    f.severity = severity;
    if (slot >= 0) {
        f.inscription = letters(slot).inscription;
        f.working = letters(slot).working.kind;
    }
    return f;
}

Finding Looking::finding(FindingKind kind, const Rule& rule, int slot) const {
    Finding f = finding(kind, rule.severity, slot);
    f.limit = rule.value;
    f.ownLimit = rule.own;
    f.why = rule.why;
    f.whenAbove = rule.bound == process::Bound::most;
    return f;
}

FindingPlace Looking::place(int slot, int letter, plane::Vector at, double width) const {
    return {at, width, letters(slot).inscription, letter, letters(slot).setting->letters[size_t(letter)].text,
            {}};
}

void Looking::addCounted(Finding f) {
    f.count = int(f.places.size());
    f.measured = f.count;
    f.whenAbove = true;
    if (f.count > 0)
        found.push_back(std::move(f));
}

void Looking::addNarrow(Finding f) {
    if (f.places.empty())
        return;
    std::ranges::stable_sort(f.places, {}, &FindingPlace::width);
    f.measured = f.places.front().width;
    f.count = int(f.places.size());
    found.push_back(std::move(f));
}

void Looking::addNumber(FindingKind kind, Severity severity, int slot, double measured, double limit_mm) {
    Finding f = finding(kind, severity, slot);
    f.measured = measured;
    f.limit = limit_mm;
    found.push_back(std::move(f));
}

Finding* Looking::addBroken(int slot, FindingKind kind, const std::vector<Rule>& limits, double measured) {
    const Rule* const rule = broken(limits, measured);
    if (!rule)
        return nullptr;
    Finding& f = found.emplace_back(finding(kind, *rule, slot));
    f.measured = measured;
    return &f;
}

void Looking::addByRule(int slot, FindingKind kind, const std::vector<Rule>& limits,
                        const std::vector<FindingPlace>& places) {
    for (const Rule& rule : limits) {
        Finding f = finding(kind, rule, slot);
        for (const FindingPlace& place : places)
            if (broken(limits, place.width) == &rule)
                f.places.push_back(place);
        addNarrow(std::move(f));
    }
}

void Looking::addBelow(int slot, FindingKind kind, Measured what, const std::vector<ReadingKind>& wanted) {
    const std::vector<Rule> limits = rules(slot, what);
    const auto ofLetter = extremes(readings(slot), std::ranges::less{}, [&](const Reading& reading) {
        return broken(limits, reading.width) && std::ranges::find(wanted, reading.kind) != wanted.end();
    });
    std::vector<FindingPlace> places;
    for (const auto& [letter, reading] : ofLetter)
        places.push_back(place(slot, letter, reading->at, reading->width));
    addByRule(slot, kind, limits, places);
}

} // namespace bollard::check
