// Cards from the whole of what a card may ask for, each made by a process of its own with a limit of
// processor time.
//     wide_card_test [COUNT [SEED]]
#include "../random_cards.hpp"
#include "card/ranges.hpp"
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace bollard;

namespace {

/// A number anywhere in the range; its ends, and what is next to nothing, more often than by chance.
double wild(samples::RandomCards& random, card::Range range) {
    switch (random.number(6)) {
    case 0:
        return range.least;
    case 1:
        return range.most;
    case 2: {
        constexpr double nearlyNothing = 1e-9;
        return range.holds(nearlyNothing) ? nearlyNothing : range.least;
    }
    case 3: {
        const double least = std::max(range.least, 1e-9);
        return least * std::pow(range.most / least, random.between(0, 1));
    }
    default:
        return random.between(range.least, range.most);
    }
}

card::Card wideCard(samples::RandomCards& random, bool manyWords) {
    card::Card card = random.next();
    if (manyWords)
        for (card::Inscription& inscription : card.inscriptions) {
            inscription.words.clear();
            for (int k = 0; k < 60; ++k)
                inscription.words +=
                    k % 20 == 19 && random.number(2) ? '\n' : static_cast<char>('A' + random.number(26));
        }
    card::eachNumber(
        card,
        [&](double& number, const quantity::Field& field) {
            if (random.number(4) == 0)
                number = wild(random, field.range);
        },
        [](int&, const quantity::Field&) {});
    return card;
}

/// In the child: 0 for a card that was made or refused with a reason, else what is wrong.
int make(const std::string& text) {
    const auto read = card::cardFromJson(text);
    if (!read)
        return 2;
    card::Pipeline pipeline(samples::catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(*read), {});
    if (!made.solid || !made.checked || samples::finding(made, check::FindingKind::stepFailed))
        return 3;
    if (!made.solid->problem && !body::faultsOf(made.solid->mesh).none())
        return 4;
    for (const check::Finding& finding : made.checked->findings)
        for (const check::FindingPlace& place : finding.places)
            if (!std::isfinite(place.at.x) || !std::isfinite(place.at.y))
                return 5;
    return card::layersOf(made).size() < 100 ? 0 : 6;
}

} // namespace

int main(int argc, char** argv) {
    const int count = argc > 1 ? std::atoi(argv[1]) : 40;
    const auto seed = unsigned(argc > 2 ? std::atoi(argv[2]) : 5);
    samples::RandomCards random(seed);
    samples::catalogue();
    int bad = 0;
    for (int k = 0; k < count; ++k) {
        const std::string text = card::jsonOf(wideCard(random, k % 5 == 4));
        std::fflush(nullptr);
        const pid_t child = fork();
        if (child == 0) {
            // Bent letters with edges are each worked out by themselves, twice.
            constexpr rlim_t seconds = 24 * BOLLARD_PATIENCE;
            const rlimit time{seconds, seconds + 1};
            setrlimit(RLIMIT_CPU, &time);
            _exit(make(text));
        }
        int status = 0;
        waitpid(child, &status, 0);
        if (status == 0)
            continue;
        ++bad;
        const std::string kept = "wide_" + std::to_string(seed) + "_" + std::to_string(k) + ".bollard";
        (void)files::writeWhole(kept, text, files::IfThere::replace);
        std::printf("card %d: %s %d, kept as %s\n", k, WIFSIGNALED(status) ? "signal" : "exit",
                    WIFSIGNALED(status) ? WTERMSIG(status) : WEXITSTATUS(status), kept.c_str());
    }
    std::printf("%d of %d cards went wrong (seed %u)\n", bad, count, seed);
    return bad == 0 ? 0 : 1;
}
