// A large value that copies cheaply.
#pragma once
#include <memory>
#include <utility>

namespace bollard::quantity {

/// A value that its copies share until one of them is changed. Reads like a pointer that is never null; equal
/// when the values are.
template<class T> class Shared {
  public:
    Shared() noexcept : value_(nothing()) {}
    Shared(T value) : value_(std::make_shared<const T>(std::move(value))) {}

    const T& operator*() const { return *value_; }
    const T* operator->() const { return value_.get(); }
    void operator=(T value) { value_ = std::make_shared<const T>(std::move(value)); }
    /// Changes this copy only.
    template<class Change> void edit(Change change) {
        T value = *value_;
        change(value);
        *this = std::move(value);
    }
    bool operator==(const Shared& other) const { return value_ == other.value_ || *value_ == *other.value_; }

  private:
    static const std::shared_ptr<const T>& nothing() noexcept {
        static const auto value = std::make_shared<const T>();
        return value;
    }
    std::shared_ptr<const T> value_;
};

} // namespace bollard::quantity
