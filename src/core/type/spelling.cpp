#include "type/spelling.hpp"
#include "type/shaping.hpp"
#include <algorithm>
#include <filesystem>
#include <hb.h>
#include <hunspell/hunspell.hxx>
#include <iconv.h>

namespace bollard::type {
namespace {

/// Text from one encoding to another; empty where it has no such signs.
std::string converted(const std::string& text, const char* from, const char* to) {
    const iconv_t conversion = iconv_open(to, from);
    if (conversion == reinterpret_cast<iconv_t>(-1))
        return {};
    std::string in = text, out(text.size() * 4 + 8, '\0');
    char *at = in.data(), *put = out.data();
    size_t left = in.size(), room = out.size();
    const bool good = iconv(conversion, &at, &left, &put, &room) != size_t(-1);
    iconv_close(conversion);
    out.resize(out.size() - room);
    return good ? out : std::string();
}

bool isLetter(char32_t c) {
    switch (hb_unicode_general_category(hb_unicode_funcs_get_default(), c)) {
    case HB_UNICODE_GENERAL_CATEGORY_LOWERCASE_LETTER:
    case HB_UNICODE_GENERAL_CATEGORY_UPPERCASE_LETTER:
    case HB_UNICODE_GENERAL_CATEGORY_TITLECASE_LETTER:
    case HB_UNICODE_GENERAL_CATEGORY_OTHER_LETTER:
    case HB_UNICODE_GENERAL_CATEGORY_MODIFIER_LETTER:
    case HB_UNICODE_GENERAL_CATEGORY_NON_SPACING_MARK:
        return true;
    default:
        return false;
    }
}

bool isDigit(char32_t c) {
    return hb_unicode_general_category(hb_unicode_funcs_get_default(), c) ==
           HB_UNICODE_GENERAL_CATEGORY_DECIMAL_NUMBER;
}

bool isApostrophe(char32_t c) {
    return c == U'\'' || c == U'\u2019';
}

/// What belongs to one word or part number.
bool joins(char32_t c) {
    return isLetter(c) || isDigit(c) || c == U'-' || c == U'_' || c == U'/';
}

} // namespace

std::vector<Dictionary> installedDictionaries(const std::vector<std::string>& folders) {
    std::vector<Dictionary> found;
    std::error_code none;
    for (const std::string& folder : folders)
        for (const auto& file : std::filesystem::directory_iterator(folder, none)) {
            std::filesystem::path words = file.path();
            if (words.extension() != ".dic")
                continue;
            std::filesystem::path affixes = words;
            affixes.replace_extension(".aff");
            if (std::filesystem::exists(affixes, none))
                found.push_back({words.stem().string(), affixes.string(), words.string()});
        }
    std::ranges::sort(found, {}, &Dictionary::name);
    const auto sameName = [](const Dictionary& a, const Dictionary& b) { return a.name == b.name; };
    found.erase(std::unique(found.begin(), found.end(), sameName), found.end());
    return found;
}

struct Spelling::State {
    mutable Hunspell hunspell;
    std::string encoding;

    explicit State(const Dictionary& dictionary)
        : hunspell(dictionary.affixes.c_str(), dictionary.words.c_str()),
          encoding(hunspell.get_dict_encoding()) {}

    std::string own(const std::string& utf8) const { return converted(utf8, "UTF-8", encoding.c_str()); }
};

Spelling::Spelling(const Dictionary& dictionary) : state_(std::make_unique<State>(dictionary)) {}
Spelling::~Spelling() = default;

void Spelling::add(const std::string& word) {
    if (const std::string own = state_->own(word); !own.empty())
        state_->hunspell.add(own);
}

std::vector<Misspelling> Spelling::misspelt(const std::string& words) const {
    const std::u32string all = codePoints(words);
    std::vector<Misspelling> found;
    for (size_t i = 0; i < all.size();) {
        if (all[i] == U'{') { // a field
            const size_t end = all.find(U'}', i);
            i = end == std::u32string::npos ? i + 1 : end + 1;
            continue;
        }
        if (!joins(all[i])) {
            ++i;
            continue;
        }
        size_t end = i;
        while (end < all.size() && (joins(all[end]) || (isApostrophe(all[end]) && end + 1 < all.size() &&
                                                        end > i && isLetter(all[end + 1]))))
            ++end;
        const std::u32string group = all.substr(i, end - i);
        if (std::ranges::none_of(group, isDigit))
            for (size_t from = 0; from < group.size();) {
                size_t to = from;
                while (to < group.size() && (isLetter(group[to]) || isApostrophe(group[to])))
                    ++to;
                if (to > from) {
                    std::u32string word = group.substr(from, to - from);
                    std::ranges::replace(word, U'\u2019', U'\'');
                    const std::string text = utf8(word), own = state_->own(text);
                    constexpr size_t shortest = 2;
                    if (word.size() >= shortest && (own.empty() || !state_->hunspell.spell(own)))
                        found.push_back({int(i + from), int(to - from), text});
                }
                from = to + 1;
            }
        i = end;
    }
    return found;
}

std::vector<std::string> Spelling::suggestions(const std::string& word, size_t most) const {
    std::vector<std::string> result;
    const std::string own = state_->own(word);
    if (own.empty())
        return result;
    for (const std::string& suggestion : state_->hunspell.suggest(own)) {
        if (result.size() == most)
            break;
        if (const std::string text = converted(suggestion, state_->encoding.c_str(), "UTF-8"); !text.empty())
            result.push_back(text);
    }
    return result;
}

} // namespace bollard::type
