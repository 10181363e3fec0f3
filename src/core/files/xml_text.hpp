// Text within XML.
#pragma once
#include <string>

namespace bollard::files {

/// With the signs that XML keeps for itself written as entities.
inline std::string escaped(const std::string& text) {
    std::string result;
    for (const char c : text)
        result += c == '&'   ? "&amp;"
                  : c == '<' ? "&lt;"
                  : c == '>' ? "&gt;"
                  : c == '"' ? "&quot;"
                             : std::string(1, c);
    return result;
}

} // namespace bollard::files
