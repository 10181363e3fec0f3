// sides: what one more letter, and everything anew, takes on round sides, as ratios to a plate in the same
// run.
#include "bench_cards.hpp"
#include "clocks.hpp"
#include <fmt/format.h>

using namespace bollard;

namespace {

/// The same words in a row on each blank, which is as long as they are.
card::Card cardOn(blank::Kind kind, int letters, bool chamfered) {
    card::Card card;
    card::Inscription inscription;
    const std::string source = "BERTHVALVETIDEMOORINGBALLASTOARLOCKQUAYGANNETFLOATDREDGER";
    for (int i = 0; i < letters; ++i)
        inscription.words += source[size_t(i) % source.size()];
    inscription.style.size = 4.2;
    inscription.working.height = 1.2;
    if (chamfered)
        inscription.working.edge = {working::EdgeKind::chamfer, 0.3, 45, 5};
    blank::Blank& b = card.blank;
    b.kind = kind;
    const double round = letters * 4.8 + 10, radius = round / 2 / M_PI;
    b.width = kind == blank::Kind::ring ? 12 : round;
    b.height = 12;
    b.bore = 2 * radius - 4;
    b.thickness = 2;
    b.diameter = 2 * radius;
    b.profile = {{0, 0, true}, {radius, 0.8 * radius, true}, {0, 2.2 * radius, true}};
    const plane::Vector size = blank::sizeOf(b);
    inscription.placing.x = size.x / 2;
    inscription.placing.y = size.y / 2;
    card.inscriptions = {inscription};
    return card;
}

struct Took {
    double anew = 0, oneMore = 0; ///< ms of processor time
    size_t triangles = 0;
};

Took timed(blank::Kind kind, int letters, bool chamfered) {
    Took took{1e9, 1e9, 0};
    constexpr int tries = 3;
    const std::string more = "KSPWXZ";
    for (int i = 0; i < tries; ++i) {
        card::Pipeline pipeline(bench::catalogue());
        card::Card card = cardOn(kind, letters, chamfered);
        const auto run = [&](double& best) {
            const double before = bench::processorSeconds();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            best = std::min(best, 1000 * (bench::processorSeconds() - before));
            if (!made.solid || made.solid->problem)
                fmt::print("not made\n");
            else
                took.triangles = made.solid->mesh.triangles.size();
        };
        run(took.anew);
        double warm = 1e9;
        card.inscriptions[0].words += "M"; // a first change fills what is kept
        run(warm);
        card.inscriptions[0].words.back() = more[size_t(i)];
        run(took.oneMore);
    }
    return took;
}

} // namespace

int main() {
    timed(blank::Kind::plate, 40, false); // typefaces are read
    const std::pair<const char*, blank::Kind> kinds[] = {{"plate", blank::Kind::plate},
                                                         {"ring", blank::Kind::ring},
                                                         {"bar", blank::Kind::bar},
                                                         {"sphere", blank::Kind::sphere},
                                                         {"egg", blank::Kind::turned}};
    for (const bool chamfered : {false, true}) {
        const Took plate = timed(blank::Kind::plate, 40, chamfered);
        for (const auto& [name, kind] : kinds) {
            const int letters = kind == blank::Kind::sphere || kind == blank::Kind::turned ? 12 : 40;
            const Took took = timed(kind, letters, chamfered);
            fmt::print("{:8}{} of {} letters: one more {:6.1f} ms, {:4.1f} times the plate's; anew {:6.1f} "
                       "ms, {:4.1f} "
                       "times; {} triangles\n",
                       name, chamfered ? ", chamfered" : "", letters, took.oneMore,
                       took.oneMore / plate.oneMore, took.anew, took.anew / plate.anew, took.triangles);
        }
    }
    for (const int letters : {20, 40, 80, 160, 320}) {
        const Took took = timed(blank::Kind::ring, letters, false);
        fmt::print("ring of {:3} letters: anew {:5.2f} ms a letter\n", letters, took.anew / letters);
    }
}
