// A function of its inputs that is carried out again only for inputs it has not seen lately.
#pragma once
#include <chrono>
#include <list>
#include <memory>
#include <mutex>
#include <string_view>
#include <vector>

namespace bollard::card {

/// What the steps of a run did, in the order they ended. Safe to use from several threads.
class Journal {
  public:
    struct Entry {
        std::string_view step{};
        double milliseconds = 0;
        bool remembered = false; ///< nothing was made: it was there already
    };

    void begin() {
        const std::scoped_lock lock(guard_);
        entries_.clear();
    }
    void add(const Entry& entry) {
        const std::scoped_lock lock(guard_);
        entries_.push_back(entry);
    }
    /// Adds what took from its making to its end.
    class Timed {
      public:
        Timed(Journal& journal, std::string_view step)
            : journal_(journal), step_(step), start_(std::chrono::steady_clock::now()) {}
        ~Timed() {
            const std::chrono::duration<double, std::milli> took = std::chrono::steady_clock::now() - start_;
            journal_.add({step_, took.count(), false});
        }
        Timed(const Timed&) = delete;
        Timed& operator=(const Timed&) = delete;

      private:
        Journal& journal_;
        std::string_view step_;
        std::chrono::steady_clock::time_point start_;
    };

    std::vector<Entry> entries() const {
        const std::scoped_lock lock(guard_);
        return entries_;
    }

  private:
    mutable std::mutex guard_;
    std::vector<Entry> entries_;
};

/// Remembers what it made of its last keys: of up to `mostKept`, as long as they weigh no more than
/// `mostWeight` together, so that undo and redo cost no making and memory stays bounded. Weights are letters.
template<class Key, class Value> class Step {
  public:
    static constexpr std::size_t mostKept = 24, mostWeight = 4000;

    Step(std::string_view name, Journal& journal) : name_(name), journal_(journal) {}

    template<class Make>
    std::shared_ptr<const Value> operator()(const Key& key, std::size_t weight, Make make) {
        for (auto kept = kept_.begin(); kept != kept_.end(); ++kept)
            if (kept->key == key) {
                kept_.splice(kept_.begin(), kept_, kept);
                journal_.add({name_, 0, true});
                return kept_.front().value;
            }
        std::shared_ptr<const Value> value;
        {
            const Journal::Timed timed(journal_, name_);
            value = make();
        }
        kept_.push_front({key, value, weight});
        weight_ += weight;
        while (kept_.size() > 1 && (kept_.size() > mostKept || weight_ > mostWeight)) {
            weight_ -= kept_.back().weight;
            kept_.pop_back();
        }
        return value;
    }
    /// Forgets what it made last: it was stopped, and may be half of it.
    void forget() {
        if (kept_.empty())
            return;
        weight_ -= kept_.front().weight;
        kept_.pop_front();
    }

  private:
    struct Kept {
        Key key;
        std::shared_ptr<const Value> value;
        std::size_t weight;
    };
    std::string_view name_;
    Journal& journal_;
    std::list<Kept> kept_; ///< the one used last comes first
    std::size_t weight_ = 0;
};

} // namespace bollard::card
