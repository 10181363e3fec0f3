#include "card/json_lines.hpp"
#include <algorithm>

namespace bollard::card {
namespace {

/// Walks good JSON with the path of the value it stands on.
class Walker {
  public:
    Walker(std::string_view json, std::string_view wanted) : json_(json), wanted_(wanted) {}

    int line() {
        value({});
        return lineOfByte(json_, best_);
    }

  private:
    void skipSpace() {
        while (at_ < json_.size() &&
               (json_[at_] == ' ' || json_[at_] == '\n' || json_[at_] == '\t' || json_[at_] == '\r'))
            ++at_;
    }
    std::string text() {
        std::string result;
        for (++at_; at_ < json_.size() && json_[at_] != '"'; ++at_) {
            if (json_[at_] == '\\')
                ++at_;
            result += json_[at_];
        }
        ++at_;
        return result;
    }
    void notice(const std::string& path) {
        const bool onTheWay =
            wanted_.starts_with(path) && (path.size() == wanted_.size() || path.empty() ||
                                          wanted_[path.size()] == '.' || wanted_[path.size()] == '[');
        if (onTheWay && path.size() >= deepest_) {
            deepest_ = path.size();
            best_ = at_;
        }
    }
    void members(const std::string& path, char close, bool named) {
        ++at_;
        for (int index = 0;; ++index) {
            skipSpace();
            if (at_ >= json_.size() || json_[at_] == close)
                break;
            std::string inner = path;
            if (named) {
                inner += (path.empty() ? "" : ".") + text();
                skipSpace();
                ++at_; // the colon
            } else {
                inner += "[" + std::to_string(index) + "]";
            }
            value(inner);
            skipSpace();
            if (at_ < json_.size() && json_[at_] == ',')
                ++at_;
        }
        ++at_;
    }
    void value(const std::string& path) {
        skipSpace();
        if (at_ >= json_.size())
            return;
        notice(path);
        if (json_[at_] == '{')
            members(path, '}', true);
        else if (json_[at_] == '[')
            members(path, ']', false);
        else if (json_[at_] == '"')
            text();
        else
            at_ = std::min(json_.find_first_of(",]} \n\t\r", at_), json_.size());
    }

    std::string_view json_, wanted_;
    size_t at_ = 0, best_ = 0, deepest_ = 0;
};

} // namespace

int lineOfField(std::string_view json, std::string_view path) {
    return Walker(json, path).line();
}

int lineOfByte(std::string_view text, size_t position) {
    return 1 + int(std::ranges::count(text.substr(0, position), '\n'));
}

} // namespace bollard::card
