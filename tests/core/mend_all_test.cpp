// Cards of any words, typefaces, sizes, workings and processes are mended until nothing stops, or it is told
// why they cannot be. The first argument says how many, the second the seed.
#include "../sample_cards.hpp"
#include "mend/mend.hpp"
#include <cstdio>
#include <random>

using namespace bollard;

namespace {

card::Card randomCard(std::mt19937& random) {
    const auto pick = [&](const auto& list) { return list[random() % std::size(list)]; };
    const auto between = [&](double low, double high) {
        return low + (high - low) * double(random() % 1000) / 1000;
    };
    static constexpr std::array words{"BERTH 14", "Kittiwake", "8", "OAR & HULL", "pilot", "Quay 9",
                                      "BOARD",    "gangway",   "R", "08",         "Tern",  "ABBEY @ %"};
    static constexpr std::array faces{std::pair{"League Spartan", "Bold"},  std::pair{"Quicksand", "Bold"},
                                      std::pair{"Dancing Script", "Bold"},  std::pair{"GFS Didot", "Regular"},
                                      std::pair{"Leckerli One", "Regular"}, std::pair{"Allerta", "Stencil"}};
    static constexpr std::array workings{working::Kind::raised, working::Kind::sunk, working::Kind::pierced,
                                         working::Kind::freeStanding, working::Kind::carved};
    card::Card card = samples::plate(pick(words));
    card::Inscription& inscription = card.inscriptions[0];
    const auto [family, style] = pick(faces);
    inscription.typeface = {family, style, {}, 0};
    inscription.style.size = between(6, 24);
    inscription.style.letterSpace = between(-0.3, 1.5);
    inscription.working.kind = pick(workings);
    inscription.working.height = between(0.4, 4);
    inscription.working.depth = between(0.3, 4);
    inscription.placing.x = between(30, 90);
    inscription.placing.y = between(8, 36);
    card.blank.thickness = between(1, 5);
    const bool free = inscription.working.kind == working::Kind::freeStanding;
    if (free)
        card.blank.kind = blank::Kind::none;
    switch (random() % 4) {
    case 0:
        card.process.kind = process::Resin{};
        break;
    case 1:
        if (inscription.working.kind == working::Kind::pierced)
            card.process.kind = process::Laser{};
        break;
    default:
        break;
    }
    return card;
}

} // namespace

int main(int argc, char** argv) {
    const int count = argc > 1 ? std::atoi(argv[1]) : 40;
    const auto seed = unsigned(argc > 2 ? std::atoi(argv[2]) : 10);
    std::mt19937 random(seed);
    const std::string nowhere;
    card::Pipeline pipeline(samples::catalogue()), trial(samples::catalogue());
    int mended = 0, sound = 0, refused = 0, wrong = 0;
    for (int k = 0; k < count; ++k) {
        const card::Card card = randomCard(random);
        const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), {});
        const mend::Plan plan = mend::planFor({card, made, nowhere}, trial, samples::catalogue().get());
        if (!plan.left.empty()) {
            ++refused;
            (void)files::writeWhole("refused_" + std::to_string(k) + ".bollard", card::jsonOf(card),
                                    files::IfThere::replace);
            std::printf("card %d (%s, %s): refused, %s\n", k, card.inscriptions[0].words.c_str(),
                        std::string(working::nameOf(card.inscriptions[0].working.kind)).c_str(),
                        plan.left.front().id.c_str());
            continue;
        }
        (plan.steps.empty() ? sound : mended) += 1;
        // Made anew, from its file.
        const auto read = card::cardFromJson(card::jsonOf(plan.card));
        const card::Made again = samples::made(*read);
        const bool stops = check::worstOf(again.checked->findings) == check::Severity::stop;
        if (stops || again.solid->dropOuts.pieces != 1 || !body::faultsOf(again.solid->mesh).none()) {
            ++wrong;
            std::printf("card %d: %d pieces, %s\n", k, again.solid->dropOuts.pieces,
                        stops ? again.checked->findings.front().id.c_str() : "nothing stops");
        }
    }
    std::printf("%d cards (seed %u): %d sound, %d mended, %d refused, %d wrong\n", count, seed, sound, mended,
                refused, wrong);
    constexpr double mostRefused = 0.02;
    return wrong > 0 || refused > std::max(1.0, mostRefused * count) ? 1 : 0;
}
