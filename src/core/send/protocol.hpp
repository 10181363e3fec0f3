// How a controller is talked to: data, one JSON file a protocol.
#pragma once
#include "quantity/result.hpp"
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bollard::send {

/// Answers are patterns: words as they stand, with {names} for what differs. A name takes all up to what
/// stands behind it in the pattern; the last takes the rest of the line.
struct Protocol {
    std::string name{};
    int baud = 115200;               ///< of serial ports
    std::string greeting{};          ///< may tell {name}, {buffer}, {travel} "x,y,z", {dialects} "a,b"
    int buffer = 0;                  ///< so many characters may wait unanswered, where it is not told
    std::vector<std::string> good{}; ///< a line was taken
    std::vector<std::string> bad{};  ///< a line was refused; may tell {text}
    std::string position{};          ///< may tell {x}, {y}, {z}, {state} and {line}
    std::string lineEnd = "\n";
    // Bytes that are taken at any time and count for no line.
    std::string ask{}, hold{}, resume{}, cancel{};
    bool greetsAfterCancel = true;
    bool operator==(const Protocol&) const = default;
};

/// What {names} stand for in a line; nothing when it is another.
std::optional<std::map<std::string, std::string>> matched(const std::string& pattern,
                                                          const std::string& line);

/// From the JSON text of its file. protocolBroken with what is wrong.
quantity::Result<Protocol> protocolFrom(const std::string& text, const std::string& file);

/// All of a folder's files *.json, by name.
quantity::Result<std::vector<Protocol>> protocolsIn(const std::string& folder);

} // namespace bollard::send
