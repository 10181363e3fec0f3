// What docs/card-format.md says, written from the fields themselves.
#pragma once
#include <string>

namespace bollard::card {

/// The documentation of the card file, as Markdown.
std::string formatText();

} // namespace bollard::card
