// Changes to a JSON text that leave everything else of it as it was written.
#pragma once
#include <string>

namespace bollard::card {

/// The text with a patch (RFC 6902: add, remove and replace) carried out in it. What is not touched keeps its
/// form: blanks, order, how numbers are written; what is put in is indented as what stands around it. Falls
/// back on a text formed anew where the patch cannot be carried out so. Both must be good JSON and the patch
/// one that fits the text.
std::string patchedText(const std::string& text, const std::string& patch);

} // namespace bollard::card
