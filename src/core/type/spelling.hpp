// Which words a dictionary does not know.
#pragma once
#include <memory>
#include <string>
#include <vector>

namespace bollard::type {

/// A dictionary of Hunspell's that is installed: its name is the language's code (en_GB).
struct Dictionary {
    std::string name{};
    std::string affixes{}; ///< path of the .aff file
    std::string words{};   ///< path of the .dic file
};

/// Those in the given folders, by name; the usual ones where none are given.
std::vector<Dictionary> installedDictionaries(const std::vector<std::string>& folders = {
                                                  "/usr/share/hunspell", "/usr/share/myspell/dicts"});

struct Misspelling {
    int first = 0; ///< code point in the words
    int count = 0;
    std::string word{};
    bool operator==(const Misspelling&) const = default;
};

/// A loaded dictionary. Loading takes a tenth of a second, a suggestion about as long: both off the interface
/// thread, and one thread at a time.
class Spelling {
  public:
    explicit Spelling(const Dictionary& dictionary);
    ~Spelling();

    void add(const std::string& word); ///< known from now on
    /// Words that are not known, first to last. Words with figures are part numbers and fields in braces are
    /// filled in: neither is judged.
    std::vector<Misspelling> misspelt(const std::string& words) const;
    /// At most `most`, the likeliest first.
    std::vector<std::string> suggestions(const std::string& word, size_t most = 4) const;

  private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace bollard::type
