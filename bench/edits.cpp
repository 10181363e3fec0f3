// edits: processor time of one edit with n and with ten times n of what cards can have many of, and their
// ratio; and of the two drawings against each other.
#include "card/output.hpp"
#include "card/pipeline.hpp"
#include "card/step.hpp"
#include "clocks.hpp"
#include "picture/scene.hpp"
#include <fmt/format.h>
#include <map>

using namespace bollard;

namespace {

std::shared_ptr<const type::Catalogue> catalogue() {
    static const auto all = std::make_shared<const type::Catalogue>(BOLLARD_SOURCE "/fonts");
    return all;
}

using bench::processorSeconds;

/// Of a card that was made, with its first inscription moved by a little: the best of a few.
double editSeconds(card::Card card) {
    card::Pipeline pipeline(catalogue());
    const auto run = [&] { return pipeline.run(std::make_shared<const card::Card>(card), {}); };
    (void)run();
    double best = 1e9;
    for (int i = 0; i < 3; ++i) {
        card.inscriptions[0].placing.x += 0.1;
        const double before = processorSeconds();
        (void)run();
        best = std::min(best, processorSeconds() - before);
    }
    return best;
}

card::Card plate() {
    card::Card card;
    card.blank.width = card.blank.height = 4000;
    return card;
}

card::Inscription words(const std::string& text, double x, double y) {
    card::Inscription inscription;
    inscription.words = text;
    inscription.style.size = 5;
    inscription.placing = {setting::Anchor::centre, x, y, 0};
    return inscription;
}

card::Card inscriptions(int count) {
    card::Card card = plate();
    for (int i = 0; i < count; ++i)
        card.inscriptions.push_back(words("QUAY 7", 40.0 + 45 * (i % 20), 40.0 + 12 * (i / 20)));
    return card;
}

card::Card letters(int count) {
    card::Card card = plate();
    std::string text;
    for (int i = 0; i < count; ++i)
        text += i % 50 == 49 ? '\n' : static_cast<char>('A' + i % 26);
    card.inscriptions.push_back(words(text, 2000, 2000));
    return card;
}

card::Card dots(int count) {
    card::Card card = plate();
    card::Inscription artwork;
    plane::Outline outline;
    for (int i = 0; i < count; ++i)
        outline.contours.push_back(plane::circle({3.1 * (i % 70), 3.1 * (i / 70)}, 1));
    artwork.ornament.kind = setting::OrnamentKind::artwork;
    artwork.ornament.artwork = outline;
    artwork.placing = {setting::Anchor::centre, 2000, 2000, 0};
    card.inscriptions.push_back(artwork);
    return card;
}

card::Card holes(int count) {
    card::Card card = inscriptions(1);
    for (int i = 0; i < count; ++i)
        card.blank.holes.push_back({100.0 + 9 * (i % 300), 100.0 + 9 * (i / 300), 4});
    return card;
}

void tell(const char* what, card::Card (*make)(int), int count) {
    const double few = editSeconds(make(count)), many = editSeconds(make(10 * count));
    fmt::print("{:<14} {:>6}: {:8.1f} ms   {:>6}: {:8.1f} ms   ratio {:.1f}\n", what, count, 1e3 * few,
               10 * count, 1e3 * many, many / few);
}

/// One letter of many changed into another: what each step takes, and the scene that is drawn from.
void tellOneLetter(int count, blank::EdgeKind edge = blank::EdgeKind::crisp) {
    card::Card card = letters(count);
    card.inscriptions[0].working.edge.kind = edge;
    card::Pipeline pipeline(catalogue());
    const auto run = [&] { return pipeline.run(std::make_shared<const card::Card>(card), {}); };
    (void)run();
    std::map<std::string, double> best;
    double bestOfAll = 1e9;
    for (int i = 0; i < 9; ++i) {
        card.inscriptions[0].words[size_t(count / 2 + i)] = 'a';
        const double before = processorSeconds();
        const auto made = run();
        const double after = processorSeconds();
        const auto scene = picture::sceneOf(made.solid->mesh);
        const double drawn = processorSeconds();
        bestOfAll = std::min(bestOfAll, drawn - before);
        const auto note = [&](const std::string& step, double ms) {
            const auto [place, isNew] = best.emplace(step, ms);
            place->second = std::min(place->second, ms);
        };
        for (const card::Journal::Entry& entry : pipeline.journal().entries())
            note(std::string(entry.step), entry.milliseconds);
        note("scene", 1e3 * (drawn - after));
    }
    fmt::print("one letter of {:>5}{}: {:6.1f} ms", count,
               edge == blank::EdgeKind::crisp ? "" : ", chamfered", 1e3 * bestOfAll);
    for (const auto& [step, ms] : best)
        fmt::print("  {} {:.1f}", step, ms);
    fmt::print("\n");
}

} // namespace

/// With an argument: only one letter of many.
int main(int count, char**) {
    tellOneLetter(20);
    tellOneLetter(20, blank::EdgeKind::chamfer);
    tellOneLetter(1000);
    tellOneLetter(1000, blank::EdgeKind::chamfer);
    if (count > 1)
        return 0;
    tell("inscriptions", inscriptions, 40);
    tell("letters", letters, 800);
    tell("dots", dots, 700);
    tell("holes", holes, 700);
    card::Pipeline pipeline(catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(letters(4000)), {});
    const auto seconds = [&](const char* path) {
        const double before = processorSeconds();
        (void)card::outputOf(made, *card::formatOf(path), path);
        return processorSeconds() - before;
    };
    const double svg = seconds("x.svg"), dxf = seconds("x.dxf");
    fmt::print("drawing of 4,000 letters: SVG {:.0f} ms, DXF {:.0f} ms, ratio {:.1f}\n", 1e3 * svg, 1e3 * dxf,
               dxf / svg);
}
