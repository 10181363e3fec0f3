#include "process/process.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <set>

namespace bollard::process {

std::string keyOf(working::Kind kind, std::string_view rule) {
    return std::string(working::nameOf(kind)).append(".").append(rule);
}

bool isKey(const std::string& key) {
    static const std::set<std::string> known = [] {
        std::set<std::string> keys;
        for (int i = 0; i < working::kinds; ++i) {
            const auto kind = static_cast<working::Kind>(i);
            decltype(Process::kind)::eachKind([&]<class Kind>(std::type_identity<Kind>) {
                for (const Rule& rule : rulesOf(Kind{}, Situation{kind, 1, true}))
                    keys.insert(keyOf(kind, rule.name));
            });
        }
        return keys;
    }();
    return known.contains(key);
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
    return rules;
}

std::optional<double> limitOf(const std::vector<Rule>& rules, std::string_view name) {
    const auto rule = std::ranges::find(rules, name, &Rule::name);
    return rule == rules.end() ? std::nullopt : std::optional(rule->value);
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Process>() {
    using process::Process;
    static const PartFields fields = [] {
        Describing<Process> made;
        made.kinds("kind", &Process::kind);
        made.flag("worn", &Process::worn)
            .quiet()
            .about("worn on the body: letters should not stand too high");
        made.text("name", &Process::name).quiet().about("what the person calls it").usual("empty");
        made.numbers("limits", &Process::own, Dimension::length, {0, 1000})
            .quiet()
            .usual("none")
            .about(
                "limits set by hand, as `\"working.limit\": value`; without them they follow from the rest");
        PartFields all = std::move(made);
        std::get<held::Numbers>(all.fields.back().holds).knows = process::isKey;
        return all;
    }();
    return fields;
}
