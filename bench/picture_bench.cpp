#include "bench_cards.hpp"
#include "picture/frame.hpp"
#include <benchmark/benchmark.h>

using namespace bollard;

namespace {

/// A body of about so many triangles.
const picture::Scene& sceneOf(int triangles) {
    static std::map<int, picture::Scene> scenes;
    auto [place, isNew] = scenes.try_emplace(triangles);
    if (isNew) {
        card::Pipeline pipeline(bench::catalogue());
        int letters = triangles / 200;
        const auto made = [&] {
            return pipeline.run(std::make_shared<const card::Card>(bench::plate(letters)), {});
        };
        const double per = double(made().solid->mesh.triangles.size()) / letters;
        letters = int(triangles / per);
        place->second = picture::sceneOf(made().solid->mesh);
    }
    return place->second;
}

void orbit(benchmark::State& state) {
    const picture::Scene& scene = sceneOf(int(state.range(0)));
    picture::View view;
    view.quality = state.range(1) ? picture::Quality::sharp : picture::Quality::coarse;
    double turn = 0;
    for (auto _ : state) {
        view.camera = picture::fitted(scene.extent, turn += 3, 42, 900, 700);
        benchmark::DoNotOptimize(picture::frameOf(scene, view, 900, 700).pixels.data());
    }
    state.counters["triangles"] = double(scene.triangles.size());
    state.counters["frames_per_s"] =
        benchmark::Counter(double(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(orbit)
    ->Name("d/frame_900x700")
    ->ArgNames({"triangles", "sharp"})
    ->Args({50000, 0})
    ->Args({200000, 0})
    ->Args({1000000, 0})
    ->Args({50000, 1})
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

} // namespace
