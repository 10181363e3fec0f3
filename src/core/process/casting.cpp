#include "process/casting.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

std::vector<Rule> rulesOf(const Casting&, const Situation& situation) {
    std::vector<Rule> rules;
    addWidths(rules, situation,
              {0.35, 0.5, QT_TRANSLATE_NOOP("Rules", "Thinner than metal runs into: the casting lacks it."),
               QT_TRANSLATE_NOOP("Rules", "So thin that metal may not run all the way into it.")},
              {0.35, 0.5,
               QT_TRANSLATE_NOOP("Rules",
                                 "Narrower than the mould holds: it breaks off and metal fills the place."),
               QT_TRANSLATE_NOOP("Rules", "So narrow that the mould may crumble here.")});
    if (!working::cuts(situation.working))
        addWorn(rules, situation);
    if (working::hasEdge(situation.working)) {
        constexpr double leastEdge_mm = 0.1, leastDraft_deg = 2;
        addPair(rules, Measured::edge, {}, "edgeWatch",
                {0, leastEdge_mm, "",
                 QT_TRANSLATE_NOOP("Rules",
                                   "Sharp edges of a pattern crumble in the mould and come out ragged.")});
        addPair(rules, Measured::draft, {}, "draftWatch",
                {0, leastDraft_deg, "",
                 QT_TRANSLATE_NOOP("Rules",
                                   "So upright, walls of a pattern tear the mould when it is drawn out.")});
    }
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Casting>() {
    static const PartFields fields = Describing<process::Casting>();
    return fields;
}
