#include "quantity/interned.hpp"
#include <mutex>
#include <set>
#include <string>

namespace bollard::quantity {

std::string_view interned(std::string_view name) {
    static std::mutex guard;
    static std::set<std::string, std::less<>> names;
    const std::scoped_lock lock(guard);
    const auto known = names.find(name);
    return known != names.end() ? *known : *names.emplace(name).first;
}

} // namespace bollard::quantity
