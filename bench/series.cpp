// A thousand name tags as a series, against as many makings of single rows: processor time, and memory.
#include "series/series.hpp"
#include "card/card_json.hpp"
#include "quantity/read_whole.hpp"
#include "type/catalogue.hpp"
#include <ctime>
#include <filesystem>
#include <fmt/format.h>
#include <fstream>
#include <sys/resource.h>

using namespace bollard;

namespace {

double processorSeconds() {
    return double(std::clock()) / CLOCKS_PER_SEC;
}
double residentMegabytes() {
    std::ifstream status("/proc/self/statm");
    long pages = 0, resident = 0;
    status >> pages >> resident;
    return double(resident) * 4096 / 1e6;
}

} // namespace

int main() {
    const auto text = quantity::readWhole(BOLLARD_SOURCE "/samples/crew-tags.bollard");
    auto card = card::cardFromJson(*text);
    if (!card)
        return 1;
    card::Card tags = *card;
    tags.operations.clear();
    tags.rows.edit([](setting::Rows& rows) {
        const auto names = rows.values;
        rows.values.clear();
        for (size_t i = 0; i < 1000; ++i)
            rows.values.push_back({names[i % names.size()][0] + std::to_string(i), "deck"});
    });
    const auto faces = std::make_shared<const type::Catalogue>(BOLLARD_SOURCE "/fonts");
    const auto shop = std::make_shared<const cut::Shop>(cut::shippedShop());
    const std::filesystem::path folder = std::filesystem::temp_directory_path() / "bollard-series-bench";
    std::filesystem::remove_all(folder);
    // Single rows, each with a pipeline that knows nothing of the others.
    const double before = processorSeconds();
    constexpr int singles = 100;
    const card::OutputFormat& stl = *card::formatOf("x.stl");
    for (int row = 0; row < singles; ++row) {
        card::Pipeline pipeline(faces);
        pipeline.useShop(shop);
        auto own = std::make_shared<card::Card>(tags);
        own->row = row * 10;
        if (!card::outputOf(pipeline.run(own, ""), stl, "x.stl"))
            return 1;
    }
    const double single = (processorSeconds() - before) / singles;
    double at100 = 0, at1000 = 0, all = 0;
    for (const int rows : {100, 1000}) {
        series::Choices choices;
        choices.card = tags;
        choices.folder = (folder / std::to_string(rows)).string();
        choices.last = rows;
        choices.accept = true;
        choices.faces = faces;
        choices.shop = shop;
        auto series = series::Series::of(std::move(choices));
        if (!series)
            return 1;
        const double from = processorSeconds();
        double most = 0;
        (void)(*series)->run([&](const series::Row&) { most = std::max(most, residentMegabytes()); });
        (rows == 100 ? at100 : at1000) = most;
        all = processorSeconds() - from;
        if (!(*series)->allMade())
            return 1;
    }
    std::filesystem::remove_all(folder);
    fmt::print("a row {:.1f} ms by itself, {:.1f} ms in a series of 1,000: {:.2f} times (1.3)\n",
               1e3 * single, all, all / 1000 / single);
    fmt::print("memory at most {:.0f} MB with 100 rows, {:.0f} MB with 1,000\n", at100, at1000);
    return 0;
}
