// One of several kinds.
#pragma once
#include <cstddef>
#include <string_view>
#include <tuple>
#include <type_traits>
#include <utility>

namespace bollard::quantity {

/// One of several kinds of which the values of all are kept, so that trying another and going back loses
/// nothing. The list of kinds is the table: a kind is a struct with `static constexpr std::string_view name`,
/// values and ==.
template<class... Kinds> class OneOf {
  public:
    OneOf() = default;
    /// Of that kind, with these values.
    template<class Kind>
    requires(std::is_same_v<Kind, Kinds> || ...) OneOf(Kind kind) : chosen_(indexOf<Kind>()) {
        std::get<Kind>(all_) = std::move(kind);
    }

    std::string_view name() const {
        std::string_view found;
        visit([&](const auto& kind) { found = kind.name; });
        return found;
    }
    std::size_t index() const { return chosen_; }
    void choose(std::size_t index) {
        if (index < sizeof...(Kinds))
            chosen_ = index;
    }
    /// False: there is no such kind, and nothing is changed.
    bool choose(std::string_view name) {
        std::size_t i = 0;
        bool found = false;
        eachKind([&]<class Kind>(std::type_identity<Kind>) {
            if (Kind::name == name) {
                chosen_ = i;
                found = true;
            }
            ++i;
        });
        return found;
    }
    template<class Kind> bool is() const { return chosen_ == indexOf<Kind>(); }
    /// Its values, chosen or not.
    template<class Kind> Kind& as() { return std::get<Kind>(all_); }
    template<class Kind> const Kind& as() const { return std::get<Kind>(all_); }
    /// Calls with the chosen one.
    template<class Visit> void visit(Visit visit) const {
        std::size_t i = 0;
        ((i++ == chosen_ ? visit(std::get<Kinds>(all_)) : void()), ...);
    }
    /// Calls with the type of each kind, in order.
    template<class Visit> static void eachKind(Visit visit) { (visit(std::type_identity<Kinds>{}), ...); }
    bool operator==(const OneOf&) const = default;

  private:
    template<class Kind> static constexpr std::size_t indexOf() {
        std::size_t found = 0, i = 0;
        ((std::is_same_v<Kind, Kinds> ? void(found = i++) : void(++i)), ...);
        return found;
    }
    std::tuple<Kinds...> all_{};
    std::size_t chosen_ = 0;
};

} // namespace bollard::quantity
