#include "card/card_json.hpp"
#include "cli/command.hpp"
#include <iostream>

namespace bollard::cli {
namespace {

int tellShop(const Arguments&) {
    const auto all = shop();
    if (!all)
        return complain(all.problem(), "shop.json", unreadable);
    std::cout << card::jsonOf(*all);
    return done;
}

} // namespace

Command shopCommand() {
    return {"shop",
            "Tell all machines, tools and dialects at hand as JSON, as a shop.json of one's own holds them.",
            {},
            tellShop};
}

} // namespace bollard::cli
