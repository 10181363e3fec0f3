#include "card/json_text.hpp"
#include <nlohmann/json.hpp>
#include <optional>
#include <vector>

namespace bollard::card {
namespace {

using Json = nlohmann::ordered_json;

bool isBlank(char c) {
    return c == ' ' || c == '\n' || c == '\t' || c == '\r';
}

/// A value in the text with what it is called by, and what lies within it.
struct Value {
    size_t from = 0, to = 0; ///< of the value
    size_t key = 0;          ///< where its name begins, of an object's member; else `from`
    std::string name{};      ///< unescaped
    char kind = 0;           ///< '{', '[' or 0
    std::vector<Value> inner{};

    const Value* find(const std::string& token) const {
        if (kind == '{') {
            for (const Value& member : inner)
                if (member.name == token)
                    return &member;
            return nullptr;
        }
        const size_t place = placeIn(token);
        return place < inner.size() ? &inner[place] : nullptr;
    }
    size_t placeIn(const std::string& token) const {
        return token == "-" ? inner.size() : size_t(std::strtoul(token.c_str(), nullptr, 10));
    }
};

/// Good JSON only.
class Reader {
  public:
    explicit Reader(const std::string& text) : text_(text) {}
    Value whole() { return value(); }

  private:
    void skip() {
        while (at_ < text_.size() && isBlank(text_[at_]))
            ++at_;
    }
    std::string string() {
        const size_t from = at_;
        for (++at_; at_ < text_.size() && text_[at_] != '"'; ++at_)
            at_ += text_[at_] == '\\' ? 1 : 0;
        ++at_;
        return Json::parse(text_.substr(from, at_ - from)).get<std::string>();
    }
    Value value() {
        skip();
        Value read;
        read.from = read.key = at_;
        const char first = at_ < text_.size() ? text_[at_] : '\0';
        if (first == '{' || first == '[')
            members(read, first);
        else if (first == '"')
            string();
        else
            at_ = std::min(text_.find_first_of(",]} \n\t\r", at_), text_.size());
        read.to = at_;
        return read;
    }
    void members(Value& read, char open) {
        read.kind = open;
        const char close = open == '{' ? '}' : ']';
        ++at_;
        for (;;) {
            skip();
            if (at_ >= text_.size() || text_[at_] == close)
                break;
            const size_t key = at_;
            std::string name;
            if (open == '{') {
                name = string();
                skip();
                ++at_; // the colon
            }
            Value one = value();
            one.name = std::move(name);
            if (open == '{')
                one.key = key;
            read.inner.push_back(std::move(one));
            skip();
            if (at_ < text_.size() && text_[at_] == ',')
                ++at_;
        }
        ++at_;
    }

    const std::string& text_;
    size_t at_ = 0;
};

std::vector<std::string> tokensOf(const std::string& pointer) {
    std::vector<std::string> tokens;
    for (size_t at = 0; at < pointer.size();) {
        const size_t end = std::min(pointer.find('/', at + 1), pointer.size());
        std::string token;
        for (size_t i = at + 1; i < end; ++i)
            if (pointer[i] == '~' && i + 1 < end)
                token += pointer[++i] == '1' ? '/' : '~';
            else
                token += pointer[i];
        tokens.push_back(token);
        at = end;
    }
    return tokens;
}

class Patching {
  public:
    explicit Patching(std::string text) : text_(std::move(text)) {}

    /// False where it cannot be carried out.
    bool apply(const Json& step) {
        std::vector<std::string> tokens = tokensOf(step["path"].get<std::string>());
        if (tokens.empty())
            return false;
        const std::string last = tokens.back();
        tokens.pop_back();
        const Value whole = Reader(text_).whole();
        const Value* parent = &whole;
        for (const std::string& token : tokens)
            if (!parent || !(parent = parent->find(token)))
                return false;
        const std::string op = step["op"].get<std::string>();
        const Value* const there = parent->find(last);
        if (op == "replace" && there)
            return replace(*there, step["value"]);
        if (op == "add" && there && parent->kind == '{')
            return replace(*there, step["value"]);
        if (op == "add" && parent->kind != 0)
            return add(*parent, last, step["value"]);
        return op == "remove" && there && remove(*parent, size_t(there - parent->inner.data()));
    }
    const std::string& text() const { return text_; }

  private:
    /// The blanks that the line of a place begins with.
    std::string indentAt(size_t at) const {
        const size_t line = text_.rfind('\n', at == 0 ? 0 : at - 1);
        const size_t from = line == std::string::npos ? 0 : line + 1;
        size_t to = from;
        while (to < text_.size() && (text_[to] == ' ' || text_[to] == '\t'))
            ++to;
        return text_.substr(from, to - from);
    }
    bool isOneLine(const Value& value) const {
        return text_.substr(value.from, value.to - value.from).find('\n') == std::string::npos;
    }
    /// In one line with a blank after each comma and colon, or one line a member.
    static std::string formed(const Json& value, bool oneLine, const std::string& indent) {
        constexpr int step = 2;
        std::string text = value.dump(step);
        std::string result;
        bool inText = false;
        for (size_t i = 0; i < text.size(); ++i) {
            const char c = text[i];
            if (c == '"')
                inText = !inText;
            if (inText && c == '\\') // and what it escapes
                result += text[i++];
            if (inText || text[i] != '\n') {
                result += text[i];
                continue;
            }
            if (!oneLine) {
                result += '\n' + indent;
                continue;
            }
            while (i + 1 < text.size() && text[i + 1] == ' ')
                ++i;
            if (!result.empty() && result.back() == ',')
                result += ' ';
        }
        return result;
    }
    bool replace(const Value& value, const Json& now) {
        const bool oneLine = value.kind == 0 ? true : isOneLine(value);
        text_.replace(value.from, value.to - value.from, formed(now, oneLine, indentAt(value.key)));
        return true;
    }
    bool add(const Value& parent, const std::string& token, const Json& now) {
        const std::string name = parent.kind == '{' ? Json(token).dump() + ": " : std::string();
        if (parent.inner.empty()) {
            const std::string inner = "  " + indentAt(parent.from);
            text_.replace(parent.from + 1, parent.to - parent.from - 2, name + formed(now, true, inner));
            return true;
        }
        const bool oneLine = isOneLine(parent);
        const std::string indent = oneLine ? std::string() : indentAt(parent.inner.back().key);
        const std::string between = oneLine ? ", " : ",\n" + indent;
        const size_t place = parent.kind == '[' ? parent.placeIn(token) : parent.inner.size();
        if (place > parent.inner.size())
            return false;
        // A long value in a line with others stays in it.
        const std::string value = name + formed(now, oneLine || !ownLines(parent), indent);
        if (place == parent.inner.size())
            text_.insert(parent.inner.back().to, between + value);
        else
            text_.insert(parent.inner[place].key, value + between);
        return true;
    }
    /// Whether its members stand on lines of their own.
    bool ownLines(const Value& parent) const {
        const Value& last = parent.inner.back();
        const size_t line = text_.rfind('\n', last.key);
        return line != std::string::npos && text_.find_first_not_of(" \t", line + 1) == last.key;
    }
    bool remove(const Value& parent, size_t place) {
        const Value& gone = parent.inner[place];
        if (place + 1 < parent.inner.size()) {
            const size_t next = parent.inner[place + 1].key;
            text_.erase(gone.key, next - gone.key);
        } else if (place > 0) {
            const size_t before = parent.inner[place - 1].to;
            text_.erase(before, gone.to - before);
        } else {
            text_.erase(parent.from + 1, parent.to - parent.from - 2);
        }
        return true;
    }

    std::string text_;
};

} // namespace

std::string patchedText(const std::string& text, const std::string& patch) {
    const Json steps = Json::parse(patch);
    const Json wanted = Json::parse(text).patch(steps);
    Patching patching(text);
    for (const Json& step : steps)
        if (!patching.apply(step))
            return wanted.dump(2) + "\n";
    const Json now = Json::parse(patching.text(), nullptr, false);
    return now == wanted || nlohmann::json(now) == nlohmann::json(wanted) ? patching.text()
                                                                          : wanted.dump(2) + "\n";
}

} // namespace bollard::card
