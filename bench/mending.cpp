// mending: ties against the bare medial axes of the same letters, one changed letter of many, rechecking, and
// mends against one making of the card. Processor time, as ratios within one run.
#include "card/step.hpp"
#include "clocks.hpp"
#include "mend/mend.hpp"
#include "plane/medial_axis.hpp"
#include <fmt/format.h>

using namespace bollard;

namespace {

using bench::processorSeconds;

std::shared_ptr<const type::Catalogue> catalogue() {
    static const auto all = std::make_shared<const type::Catalogue>(BOLLARD_SOURCE "/fonts");
    return all;
}

const std::string nowhere;

template<class Work> double seconds(Work work) {
    const double before = processorSeconds();
    work();
    return processorSeconds() - before;
}

/// A hundred letters with counters, each of another shape: no two are turned alike.
card::Card pierced(int letters) {
    card::Card card;
    card.blank.width = card.blank.height = 4000;
    card.process.kind = process::Laser{};
    const std::string signs = "ABDOPQR04689abdegopq";
    for (int i = 0; i < letters; ++i) {
        card::Inscription inscription;
        inscription.words = signs.substr(size_t(i) % signs.size(), 1);
        inscription.style.size = 20;
        inscription.placing = {setting::Anchor::centre, 40.0 + 45 * (i % 40), 40.0 + 45 * (i / 40), 0.5 + i};
        inscription.working.kind = working::Kind::pierced;
        inscription.ties.kind = working::TieKind::automatic;
        card.inscriptions.push_back(inscription);
    }
    return card;
}

void ties() {
    const int count = 100;
    card::Card card = pierced(count);
    card::Pipeline pipeline(catalogue());
    const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), {});
    std::vector<working::PlacedLetters> letters;
    std::vector<plane::Region> shapes;
    for (const card::Inscription& inscription : card.inscriptions) {
        const size_t number = letters.size();
        letters.emplace_back(int(number), made.lettering->inscriptions[number].setting, inscription.placing,
                             inscription.working);
        letters.back().ties = inscription.ties;
        shapes.push_back(letters.back().onSide[0]);
    }
    double axes = 1e9, all = 1e9, one = 1e9;
    for (int round = 0; round < 3; ++round) {
        axes = std::min(axes, seconds([&] {
                            for (const plane::Region& shape : shapes)
                                (void)plane::medialAxis(shape);
                        }));
        working::TieMemory memory;
        auto tied = letters;
        all = std::min(all, seconds([&] { working::tie(tied, memory); }));
        auto changed = letters;
        setting::Placing placing = card.inscriptions[0].placing;
        placing.turn += 0.01 * (round + 1);
        changed[0] = working::PlacedLetters(0, letters[0].setting, placing, letters[0].working);
        changed[0].ties = letters[0].ties;
        one = std::min(one, seconds([&] { working::tie(changed, memory); }));
    }
    fmt::print("ties of {} letters against their bare medial axes   {:.2f} times (at most 2)\n", count,
               all / axes);
    fmt::print("one changed letter of {} against all               1/{:.0f} (at least 1/20)\n", count,
               all / one);
}

/// Ten inscriptions, each with something that stops.
void mends() {
    card::Card card;
    card.blank.width = 400;
    card.blank.height = 300;
    for (int i = 0; i < 10; ++i) {
        card::Inscription inscription;
        inscription.words = "BERTH " + std::to_string(i);
        inscription.style.size = 10;
        inscription.placing = {setting::Anchor::centre, 100.0 + 180 * (i % 2), 30.0 + 50 * (i / 2), 0};
        inscription.working.kind = working::Kind::sunk;
        inscription.working.depth = card.blank.thickness - 0.1 - 0.01 * i;
        card.inscriptions.push_back(inscription);
    }
    card::Made made;
    const double making = seconds([&] {
        card::Pipeline pipeline(catalogue());
        made = pipeline.run(std::make_shared<const card::Card>(card), {});
    });
    card::Pipeline trial(catalogue());
    size_t findings = 0, offers = 0;
    double first = 0;
    const double all = seconds([&] {
        for (const check::Finding& finding : made.checked->findings) {
            if (finding.severity != check::Severity::stop || findings >= 10)
                continue;
            const double before = processorSeconds();
            offers += mend::offersFor({card, made, nowhere}, finding, trial, catalogue().get()).size();
            if (findings++ == 0)
                first = processorSeconds() - before;
        }
    });
    fmt::print("mends of {} findings ({} offers) against one making  {:.1f} times (at most 15)\n", findings,
               offers, all / making);
    fmt::print("the first finding's mends                          {:.1f} times (at most 2)\n",
               first / making);
}

void recheck() {
    card::Card card;
    card.blank.width = card.blank.height = 4000;
    std::string text;
    for (int i = 0; i < 1000; ++i)
        text += i % 50 == 49 ? '\n' : static_cast<char>('A' + i % 26);
    card::Inscription inscription;
    inscription.words = text;
    inscription.style.size = 5;
    inscription.placing = {setting::Anchor::centre, 2000, 2000, 0};
    card.inscriptions.push_back(inscription);
    card::Pipeline pipeline(catalogue());
    // What measuring and finding take, as the steps tell it.
    const auto checking = [&] {
        (void)pipeline.run(std::make_shared<const card::Card>(card), {});
        double all = 0;
        for (const card::Journal::Entry& step : pipeline.journal().entries())
            all += step.step == "measures" || step.step == "findings" ? step.milliseconds : 0;
        return all;
    };
    const double whole = checking();
    double one = 1e9;
    for (int round = 0; round < 3; ++round) {
        card.inscriptions[0].words[500] = static_cast<char>('A' + round);
        one = std::min(one, checking());
    }
    fmt::print("one letter of 1,000 rechecked against all          1/{:.0f} (at least 1/30)\n", whole / one);
}

} // namespace

int main() {
    ties();
    recheck();
    mends();
}
