// Bytes as text, for files of text that carry others (RFC 4648).
#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace bollard::quantity {

/// With `=` at the end, in one line.
std::string base64Of(std::string_view bytes);

/// The bytes again; blanks and line ends are left out. Nothing for any other text.
std::optional<std::string> bytesOfBase64(std::string_view text);

} // namespace bollard::quantity
