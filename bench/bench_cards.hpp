// The cards the benchmarks make.
#pragma once
#include "card/pipeline.hpp"
#include <cmath>
#include <memory>
#include <string>

namespace bench {

inline std::shared_ptr<const bollard::type::Catalogue> catalogue() {
    static const auto all =
        std::make_shared<const bollard::type::Catalogue>(std::string(BOLLARD_SOURCE) + "/fonts");
    return all;
}

/// Made-up words of so many letters, spaces not counted, in lines of about 40.
inline std::string words(int letters) {
    const std::string source =
        "Berth valve tide mooring ballast oarlock quay gannet float dredger capstan winch buoy";
    std::string text;
    int inLine = 0;
    for (size_t at = 0; letters > 0; at = (at + 1) % source.size()) {
        if (source[at] != ' ')
            --letters;
        const bool turn = source[at] == ' ' && inLine > 40;
        text += turn ? '\n' : source[at];
        inLine = turn ? 0 : inLine + 1;
    }
    return text;
}

/// A raised plate that holds the words.
inline bollard::card::Card plate(int letters) {
    bollard::card::Card card;
    bollard::card::Inscription inscription;
    inscription.words = words(letters);
    inscription.style.size = letters <= 100 ? 10 : 5;
    const double lines = std::max(1.0, letters / 36.0);
    card.blank.width = 60 + std::min(letters, 48) * inscription.style.size;
    card.blank.height = 30 + lines * inscription.style.size * 2.2;
    inscription.placing.x = card.blank.width / 2;
    inscription.placing.y = card.blank.height / 2;
    card.inscriptions.push_back(inscription);
    return card;
}

} // namespace bench
