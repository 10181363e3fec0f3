#include "process/process.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <set>

namespace bollard::process {

std::string keyOf(working::Kind kind, std::string_view rule) {
    return std::string(working::nameOf(kind)).append(".").append(rule);
}

const std::vector<std::pair<working::Kind, Rule>>& knownRules() {
    static const auto known = [] {
        std::vector<std::pair<working::Kind, Rule>> all;
        for (int i = 0; i < working::kinds; ++i) {
            const auto kind = static_cast<working::Kind>(i);
            decltype(Process::kind)::eachKind([&]<class One>(std::type_identity<One>) {
                for (const Rule& rule : rulesOf(One{}, {kind, 1, true}))
                    all.emplace_back(kind, rule);
            });
        }
        return all;
    }();
    return known;
}

bool isKey(const std::string& key) {
    static const std::set<std::string> keys = [] {
        std::set<std::string> all;
        for (const auto& [kind, rule] : knownRules())
            all.insert(keyOf(kind, rule.name));
        return all;
    }();
    return keys.contains(key);
}

Situation situationOf(const blank::Blank& blank, std::string_view side, const working::Working& working) {
    return {working.kind, blank.kind == blank::Kind::none ? working.height : blank::depthBehind(blank, side)};
}

std::vector<Rule> startingRules(const Process& process, Situation situation) {
    situation.worn = process.worn;
    std::vector<Rule> rules;
    process.kind.visit([&](const auto& kind) { rules = rulesOf(kind, situation); });
    return rules;
}

std::vector<Rule> rulesOf(const Process& process, Situation situation) {
    std::vector<Rule> rules = startingRules(process, situation);
    for (Rule& rule : rules)
        if (const auto own = process.own.find(keyOf(situation.working, rule.name));
            own != process.own.end()) {
            rule.value = own->second;
            rule.own = true;
            rule.why = "";
        }
    if (!process.ofTool)
        return rules;
    // What it is too wide for is to be watched; a wider limit that warns of the same says no more then.
    const auto isWidth = [](const Rule& rule) {
        return rule.what == Measured::stroke || rule.what == Measured::gap ||
               rule.what == Measured::counter || rule.what == Measured::opening;
    };
    std::set<Measured> stopped;
    for (const Rule& rule : rules)
        if (rule.severity == Severity::stop && rule.value > 0)
            stopped.insert(rule.what);
    std::erase_if(rules, [&](const Rule& rule) {
        return isWidth(rule) && rule.severity == Severity::watch && stopped.contains(rule.what);
    });
    for (Rule& rule : rules)
        if (isWidth(rule) && !rule.own)
            rule.severity = std::min(rule.severity, Severity::watch);
    return rules;
}

std::optional<double> limitOf(const std::vector<Rule>& rules, std::string_view name) {
    const auto rule = std::ranges::find(rules, name, &Rule::name);
    return rule == rules.end() ? std::nullopt : std::optional(rule->value);
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Process>() {
    using process::Process;
    static const PartFields fields = std::move(
        Describing<Process>()
            .kinds("kind", &Process::kind)
            .flag("worn", &Process::worn)
            .quiet()
            .about("worn on the body: letters should not stand too high")
            .text("name", &Process::name)
            .quiet()
            .about("what the person calls it")
            .usual("empty")
            .numbers("limits", &Process::own, Dimension::length, ranges::limit)
            .knows(process::isKey)
            .quiet()
            .usual("none")
            .about("limits set by hand, as `\"working.limit\": value`; without them they follow from "
                   "the rest"));
    return fields;
}
