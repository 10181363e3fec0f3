#include "bench_cards.hpp"
#include "clocks.hpp"
#include <benchmark/benchmark.h>

using namespace bollard;

namespace {

using bench::Clock, bench::millisecondsSince;

/// The time until the letters of a changed card can be shown.
double untilLetters(card::Pipeline& pipeline, const card::Card& card) {
    const auto start = Clock::now();
    double letters = 0;
    std::stop_source stop; // what comes after the letters is no part of this
    pipeline.run(std::make_shared<const card::Card>(card), {}, stop.get_token(), [&](const card::Made&) {
        letters = millisecondsSince(start);
        stop.request_stop();
    });
    return letters;
}

/// Goes through all faces by name, each opened for the first time.
void nextFace(benchmark::State& state) {
    double worst = 0, all = 0;
    int faces = 0;
    for (auto _ : state) {
        const auto catalogue =
            std::make_shared<const type::Catalogue>(std::string(BOLLARD_SOURCE) + "/fonts");
        card::Pipeline pipeline(catalogue);
        card::Card card = bench::plate(20);
        for (const type::TypefaceEntry& entry : catalogue->entries()) {
            card.inscriptions[0].typeface = {entry.family, entry.style};
            const double time = untilLetters(pipeline, card);
            worst = std::max(worst, time);
            all += time;
            ++faces;
        }
    }
    state.counters["mean_ms"] = all / faces;
    state.counters["worst_ms"] = worst;
    state.counters["faces"] = faces;
}
BENCHMARK(nextFace)
    ->Name("e/next_face/20_letters")
    ->Iterations(1)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

/// One more letter in words along a curve.
void reflow(benchmark::State& state) {
    card::Pipeline pipeline(bench::catalogue());
    card::Card card = bench::plate(int(state.range(0)));
    card::Inscription& words = card.inscriptions[0];
    std::erase(words.words, '\n');
    words.baseline.kind = setting::BaselineKind::curve;
    for (int i = 0; i < 40; ++i)
        words.baseline.points.push_back({200.0 * i, i % 2 == 0 ? 0.0 : 60.0, {-70, 0}, {70, 0}, true});
    const std::string before = words.words, signs = "BDRQSAE84";
    untilLetters(pipeline, card);
    size_t next = 0;
    double letters = 0;
    for (auto _ : state) {
        words.words = before + signs[next++ % signs.size()];
        letters += untilLetters(pipeline, card);
    }
    state.counters["letters_ms"] = letters / double(state.iterations());
}
BENCHMARK(reflow)->Name("g/reflow_on_a_curve")->Arg(1000)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace
