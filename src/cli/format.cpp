#include "card/card_format.hpp"
#include "cli/command.hpp"
#include <iostream>

namespace bollard::cli {

Command formatCommand() {
    return {"format", "Tell every field of a card file, as Markdown.", {}, [](const Arguments&) -> int {
                std::cout << card::formatText();
                return done;
            }};
}

} // namespace bollard::cli
