// Where in a JSON text a field stands.
#pragma once
#include <string>
#include <string_view>

namespace bollard::card {

/// The 1-based line of the value at `path` ("a.b[2].c") in a text that is known to be good JSON; when the
/// path is not there, the line of the deepest part of it that is; 1 at worst.
int lineOfField(std::string_view json, std::string_view path);

/// The 1-based line of a byte position.
int lineOfByte(std::string_view text, size_t position);

} // namespace bollard::card
