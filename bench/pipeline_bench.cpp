#include "bench_cards.hpp"
#include "clocks.hpp"
#include "ordinary_way.hpp"
#include <benchmark/benchmark.h>

using namespace bollard;

namespace {

using bench::Clock, bench::millisecondsSince;

/// Types one more character at the end, over and over; each run is a keystroke from card to body and
/// findings.
void oneMoreCharacter(benchmark::State& state) {
    card::Pipeline pipeline(bench::catalogue());
    card::Card card = bench::plate(int(state.range(0)));
    const std::string before = card.inscriptions[0].words;
    pipeline.run(std::make_shared<const card::Card>(card), {});
    const std::string signs = "BDRQSAE84";
    size_t next = 0;
    double letters = 0, findings = 0;
    for (auto _ : state) {
        card.inscriptions[0].words = before + signs[next++ % signs.size()];
        const auto start = Clock::now();
        bool first = true, checkedSeen = false;
        const auto made =
            pipeline.run(std::make_shared<const card::Card>(card), {}, {}, [&](const card::Made& stage) {
                if (std::exchange(first, false))
                    letters += millisecondsSince(start);
                if (stage.checked && !std::exchange(checkedSeen, true))
                    findings += millisecondsSince(start);
            });
        benchmark::DoNotOptimize(made.solid->mesh.triangles.size());
        state.counters["triangles"] = double(made.solid->mesh.triangles.size());
    }
    state.counters["letters_ms"] = letters / double(state.iterations());
    state.counters["findings_ms"] = findings / double(state.iterations());
}
BENCHMARK(oneMoreCharacter)
    ->Name("a/one_more_character/20_letters")
    ->Arg(20)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();
BENCHMARK(oneMoreCharacter)
    ->Name("b/one_more_character/1000_letters")
    ->Arg(1000)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

card::Made ordinaryPart() {
    card::Pipeline pipeline(bench::catalogue());
    return pipeline.run(std::make_shared<const card::Card>(bench::plate(20)), {});
}
void letterByLetter(benchmark::State& state) {
    const card::Made made = ordinaryPart();
    for (auto _ : state)
        benchmark::DoNotOptimize(bench::unitedLetterByLetter(made));
}
void allAtOnce(benchmark::State& state) {
    const card::Made made = ordinaryPart();
    for (auto _ : state)
        benchmark::DoNotOptimize(bench::unitedAtOnce(made));
}
BENCHMARK(letterByLetter)
    ->Name("c/mesh_boolean_letter_by_letter/20_letters")
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();
BENCHMARK(allAtOnce)
    ->Name("c'/mesh_boolean_all_at_once/20_letters")
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

} // namespace
