#include "wording/wording.hpp"
#include <QCoreApplication>
#include <map>

namespace bollard::wording {
namespace {

struct Mends {
    Q_DECLARE_TR_FUNCTIONS(Mends)
};

struct Words {
    QString sentence, button; ///< %1 and %2: the value before and after, %3: the unit
};

const Words* wordsOf(std::string_view mend) {
    static const std::map<std::string_view, Words> all{
        {"largerSize", {Mends::tr("Make the size %2 %3 instead of %1."), Mends::tr("Size %1 → %2 %3")}},
        {"letterSpace",
         {Mends::tr("Make the letter space %2 %3 instead of %1."), Mends::tr("Letter space %1 → %2 %3")}}};
    const auto words = all.find(mend);
    return words == all.end() ? nullptr : &words->second;
}

QString filledIn(const QString& text, const mend::Offer& offer) {
    const quantity::Unit unit = offer.card.unit;
    const std::string_view symbol = quantity::symbolOf(unit);
    return text.arg(shortLength(offer.from, unit), shortLength(offer.to, unit),
                    QString::fromUtf8(symbol.data(), qsizetype(symbol.size())));
}

} // namespace

QString sentenceOf(const mend::Offer& offer) {
    const Words* words = wordsOf(offer.mend->name);
    return words ? filledIn(words->sentence, offer) : QString();
}

QString buttonOf(const mend::Offer& offer) {
    const Words* words = wordsOf(offer.mend->name);
    return words ? filledIn(words->button, offer) : QString();
}

} // namespace bollard::wording
