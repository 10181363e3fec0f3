// What cuts, and how.
#include "mend/numbers.hpp"

namespace bollard::mend {
namespace {

/// The operation that a finding is about; of strokes too narrow the one that cuts them.
int placeOf(const card::Card& card, const Finding& finding) {
    if (finding.operation < 0 && finding.kind == FindingKind::strokeNarrow && isOfOne(finding))
        return card::finestOperation(card, of(card, finding));
    return finding.operation < int(card.operations.size()) ? finding.operation : -1;
}
cut::Operation* operationOf(card::Card& card, const Finding& finding) {
    const int place = placeOf(card, finding);
    return place >= 0 ? &card.operations[size_t(place)] : nullptr;
}
const cut::Operation* operationOf(const card::Card& card, const Finding& finding) {
    const int place = placeOf(card, finding);
    return place >= 0 ? &card.operations[size_t(place)] : nullptr;
}
bool isOfOperation(const Finding& finding, const card::Card& card) {
    return operationOf(card, finding) != nullptr;
}

} // namespace

/// The widest of the rack that still differs in what is wrong: narrower, or longer.
Mend anotherTool() {
    return {
        "anotherTool",
        [](const Finding& finding, const card::Card& card) {
            return isOfOperation(finding, card) &&
                   (finding.kind == FindingKind::toolWide || finding.kind == FindingKind::strokeNarrow ||
                    finding.kind == FindingKind::deeperThanFlutes);
        },
        [](card::Card& card, const Matter& matter) {
            cut::Operation& operation = *operationOf(card, matter.finding);
            const cut::Shop& shop = *matter.made.shop;
            const cut::Tool now = shop.resolved(operation, card.stock.material).tool;
            const cut::Tool* best = nullptr;
            const bool narrower = matter.finding.kind != FindingKind::deeperThanFlutes;
            for (const cut::RackTool& one : shop.rack) {
                const cut::Tool& tool = one.tool;
                const bool alike =
                    tool.kind == now.kind || (tool.tapers() && now.tapers() && tool.turns() == now.turns());
                const bool helps = narrower ? tool.narrowest() < now.narrowest()
                                            : tool.flute > now.flute && tool.narrowest() >= now.narrowest();
                if (!alike || !helps)
                    continue;
                if (!best || (narrower ? tool.narrowest() > best->narrowest() : tool.flute < best->flute))
                    best = &tool;
            }
            if (!best)
                return false;
            operation.tool = *best;
            return true;
        },
        {},
        [](const card::Card& card, const Finding& finding) { return operationOf(card, finding)->tool.name; }};
}

Mend depthOfWorking() {
    return {"depthOfWorking",
            [](const Finding& finding, const card::Card& card) {
                return isOfOperation(finding, card) && finding.kind == FindingKind::depthTwice;
            },
            [](card::Card& card, const Matter& matter) {
                cut::Operation& operation = *operationOf(card, matter.finding);
                operation.depth = operation.depthCap = 0;
                return true;
            },
            {},
            {}};
}

/// As deep as the tool cuts, or as the stock is thick.
Mend lessDeep() {
    return {"lessDeep",
            [](const Finding& finding, const card::Card& card) {
                const cut::Operation* const operation = operationOf(card, finding);
                return operation && operation->kind != cut::OperationKind::cutOut &&
                       operation->kind != cut::OperationKind::drill &&
                       (finding.kind == FindingKind::deeperThanFlutes ||
                        finding.kind == FindingKind::deeperThanStock);
            },
            [](card::Card& card, const Matter& matter) {
                cut::Operation& operation = *operationOf(card, matter.finding);
                const double depth = downTo(
                    matter.finding.limit - (operation.followsWidth() ? card.stock.top : 0), hundredths);
                (operation.kind == cut::OperationKind::carve ? operation.depthCap : operation.depth) = depth;
                return depth > 0;
            },
            [](const card::Card& card, const Finding& finding) {
                const cut::Operation& operation = *operationOf(card, finding);
                const double told =
                    operation.kind == cut::OperationKind::carve ? operation.depthCap : operation.depth;
                return told > 0 || finding.inscription < 0 ? told : of(card, finding).working.depth;
            },
            {}};
}

Mend stockAsBlank() {
    return {"stockAsBlank",
            [](const Finding& finding, const card::Card& card) {
                return card.blank.kind != blank::Kind::none &&
                       (finding.kind == FindingKind::stockThicker ||
                        finding.kind == FindingKind::stockProud ||
                        finding.kind == FindingKind::partOutsideStock ||
                        finding.kind == FindingKind::cutOutsideStock);
            },
            [](card::Card& card, const Matter& matter) {
                cut::Stock& stock = card.stock;
                stock.thickness = 0;
                stock.width = stock.height = 0;
                const auto& cuttings = matter.made.cuttings;
                if (!cuttings || !cuttings->front.mounting)
                    return true;
                // A bar: as thick, then as long too, with what the chuck holds beside it.
                if (stock.diameter == 0 && stock.length == 0)
                    return false;
                if (stock.diameter == 0) {
                    const double held = stock.chuck.end == cut::ChuckEnd::none ? 0 : stock.chuck.reach;
                    stock.length = held > 0 ? cuttings->front.mounting->axisLength + held : 0;
                    stock.before = -1;
                }
                stock.diameter = 0;
                return true;
            },
            {},
            {}};
}

/// The surplus lies at the end that is held.
Mend holdOtherEnd() {
    return {"holdOtherEnd",
            [](const Finding& finding, const card::Card& card) {
                return finding.kind == FindingKind::inChuck && card.stock.chuck.end != cut::ChuckEnd::none;
            },
            [](card::Card& card, const Matter&) {
                cut::Stock& stock = card.stock;
                stock.chuck.end =
                    stock.chuck.end == cut::ChuckEnd::start ? cut::ChuckEnd::end : cut::ChuckEnd::start;
                stock.before = -1;
                return true;
            },
            {},
            {}};
}

Mend stockMargin() {
    return {"stockMargin",
            [](const Finding& finding, const card::Card& card) {
                return finding.kind == FindingKind::marginNarrow &&
                       !(card.stock.width > 0 && card.stock.height > 0);
            },
            [](card::Card& card, const Matter& matter) {
                card.stock.margin = upTo(matter.finding.limit, 2);
                return true;
            },
            [](const card::Card& card, const Finding&) { return card.stock.margin; },
            {}};
}

/// What frees the part is done last.
Mend cutOutLast() {
    return {
        "cutOutLast",
        [](const Finding& finding, const card::Card&) { return finding.kind == FindingKind::looseBefore; },
        [](card::Card& card, const Matter&) {
            std::ranges::stable_partition(card.operations, [](const cut::Operation& operation) {
                return operation.kind != cut::OperationKind::cutOut;
            });
            return true;
        },
        {},
        {}};
}

Mend spindleSpeed() {
    return {"spindleSpeed",
            [](const Finding& finding, const card::Card& card) {
                return isOfOperation(finding, card) && finding.kind == FindingKind::speedBeyond;
            },
            [](card::Card& card, const Matter& matter) {
                operationOf(card, matter.finding)->speed = matter.finding.limit;
                return true;
            },
            {},
            [](const card::Card& card, const Finding& finding) {
                return quantity::roundedText(operationOf(card, finding)->speed, 0);
            }};
}

Mend plainDialect() {
    return {
        "plainDialect",
        [](const Finding& finding, const card::Card&) { return finding.kind == FindingKind::dialectUnknown; },
        [](card::Card& card, const Matter& matter) {
            card.machine.dialect = matter.made.shop->dialects.front().name;
            return true;
        },
        {},
        {}};
}

} // namespace bollard::mend
