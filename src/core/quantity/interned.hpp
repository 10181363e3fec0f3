// Names that last.
#pragma once
#include <string_view>

namespace bollard::quantity {

/// The same name, kept as long as the program runs; for the few names that people give. Safe to use from
/// several threads.
std::string_view interned(std::string_view name);

} // namespace bollard::quantity
