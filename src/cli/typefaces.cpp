#include "cli/command.hpp"
#include <iostream>
#include <nlohmann/json.hpp>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;

int listTypefaces(const Arguments& arguments) {
    const auto all = catalogue();
    Json list = Json::array();
    for (const type::TypefaceEntry& entry : all->entries()) {
        if (arguments.singleLine && !entry.singleLine)
            continue;
        if (arguments.json)
            list.push_back({{"family", entry.family},
                            {"style", entry.style},
                            {"file", entry.file},
                            {"index", entry.index},
                            {"singleLine", entry.singleLine},
                            {"shipped", entry.shipped}});
        else
            std::cout << entry.family << " " << entry.style << "\n";
    }
    if (arguments.json)
        std::cout << list.dump() << "\n";
    return done;
}

} // namespace

Command typefacesCommand() {
    return {
        "typefaces", "List the typefaces that can be chosen by name.", {"json", "singleLine"}, listTypefaces};
}

} // namespace bollard::cli
