// Edges of letters and of the blank, and how it all is made.
#include "mend/numbers.hpp"
#include "quantity/field.hpp"

namespace bollard::mend {

namespace {

bool failed(const Finding& finding) {
    return finding.kind == FindingKind::solidFailed &&
           finding.problem.kind == quantity::ProblemKind::geometryFailed;
}

} // namespace

Mend brokenEdge() {
    return {"brokenEdge",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) && finding.kind == FindingKind::edgeSharp;
            },
            [](card::Card& card, const Matter& matter) {
                blank::Edge& edge = of(card, matter.finding).working.edge;
                if (edge.kind != blank::EdgeKind::chamfer)
                    edge.kind = blank::EdgeKind::round;
                edge.size = upTo(matter.finding.limit, hundredths);
                return true;
            },
            [](const card::Card& card, const Finding& finding) {
                const blank::Edge& edge = of(card, finding).working.edge;
                return edge.kind == blank::EdgeKind::crisp ? 0 : edge.size;
            },
            {}};
}

Mend draft() {
    return {
        "draft",
        [](const Finding& finding, const card::Card&) {
            return isOfOne(finding) && finding.kind == FindingKind::draftLow;
        },
        [](card::Card& card, const Matter& matter) {
            blank::Edge& edge = of(card, matter.finding).working.edge;
            edge.kind = blank::EdgeKind::draft;
            edge.leaning = upTo(matter.finding.limit, tenths);
            return true;
        },
        [](const card::Card& card, const Finding& finding) { return of(card, finding).working.edge.leaning; },
        {},
        true};
}

/// Where slopes meet so that nothing closed comes of it: a little smaller, they meet elsewhere.
Mend smallerEdges() {
    return {"smallerEdges",
            [](const Finding& finding, const card::Card&) { return failed(finding); },
            [](card::Card& card, const Matter&) {
                constexpr double smaller = 0.93;
                bool any = false;
                const auto shrink = [&](blank::Edge& edge) {
                    if (edge.kind == blank::EdgeKind::crisp)
                        return;
                    edge.size = std::max(downTo(edge.size * smaller, hundredths), 0.01);
                    edge.leaning *= smaller;
                    any = true;
                };
                for (card::Inscription& inscription : card.inscriptions) {
                    if (working::hasEdge(inscription.working.kind))
                        shrink(inscription.working.edge);
                    if (inscription.working.kind == working::Kind::carved) {
                        inscription.working.depth =
                            std::max(downTo(inscription.working.depth * smaller, hundredths), 0.01);
                        any = true;
                    }
                    if (working::footOf(inscription.working) > 0) {
                        inscription.working.foot = downTo(inscription.working.foot * smaller, hundredths);
                        any = true;
                    }
                }
                shrink(card.blank.edge);
                return any;
            },
            {},
            {}};
}

Mend crispEdges() {
    return {"crispEdges",
            [](const Finding& finding, const card::Card&) { return failed(finding); },
            [](card::Card& card, const Matter&) {
                bool any = false;
                for (card::Inscription& inscription : card.inscriptions) {
                    working::Working& working = inscription.working;
                    any = any || working.edge.kind != blank::EdgeKind::crisp || working.foot > 0;
                    working.edge.kind = blank::EdgeKind::crisp;
                    working.foot = 0;
                }
                any = any || card.blank.edge.kind != blank::EdgeKind::crisp;
                card.blank.edge.kind = blank::EdgeKind::crisp;
                return any;
            },
            {},
            {}};
}

/// One of the other processes, as it starts, that it could be made with.
Mend anotherProcess() {
    return {"anotherProcess",
            [](const Finding& finding, const card::Card&) {
                using enum FindingKind;
                return finding.severity == check::Severity::stop &&
                       (finding.kind == strokeNarrow || finding.kind == gapNarrow ||
                        finding.kind == counterNarrow || finding.kind == openingNarrow ||
                        finding.kind == thicknessBeyond);
            },
            [](card::Card& card, const Matter&) {
                // As they stand in the table, from the card's own on, each once.
                using Kinds = decltype(process::Process::kind);
                process::Process& process = card.process;
                const size_t next = process.kind.index() + 1;
                process.own.clear();
                process.name.clear();
                size_t k = 0;
                bool taken = false;
                Kinds::eachKind([&]<class One>(std::type_identity<One>) {
                    if (k++ == next) {
                        process.kind = One{};
                        taken = true;
                    }
                });
                return taken;
            },
            {},
            [](const card::Card& card, const Finding&) { return std::string(card.process.kind.name()); }};
}

} // namespace bollard::mend
