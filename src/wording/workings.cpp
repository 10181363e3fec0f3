#include "quantity/quantity.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>

namespace bollard::wording {
namespace {

using working::Kind, working::Uses, working::Working;

class Workings {
    Q_DECLARE_TR_FUNCTIONS(Workings)
};

/// What is said of a kind of working, by kind.
struct WordsOfKind {
    Kind kind;
    const char* name;
    const char* summary; ///< %1 is its height or depth, %2 its angle
    const char* told;    ///< a sentence
};
constexpr std::array words{
    WordsOfKind{
        Kind::raised, QT_TRANSLATE_NOOP("Workings", "raised"), QT_TRANSLATE_NOOP("Workings", "raised %1"),
        QT_TRANSLATE_NOOP("Workings", "Stands above the front and reaches into the blank by its bedding.")},
    WordsOfKind{Kind::sunk, QT_TRANSLATE_NOOP("Workings", "sunk"), QT_TRANSLATE_NOOP("Workings", "sunk %1"),
                QT_TRANSLATE_NOOP("Workings", "Cut into the blank, with a flat floor.")},
    WordsOfKind{
        Kind::pierced, QT_TRANSLATE_NOOP("Workings", "pierced"),
        QT_TRANSLATE_NOOP("Workings", "pierced, cut right through"),
        QT_TRANSLATE_NOOP("Workings", "Cut right through; counters fall out unless something holds them.")},
    WordsOfKind{Kind::freeStanding, QT_TRANSLATE_NOOP("Workings", "free-standing"),
                QT_TRANSLATE_NOOP("Workings", "free-standing %1"),
                QT_TRANSLATE_NOOP("Workings", "Letters by themselves, without a blank.")},
    WordsOfKind{
        Kind::scribed, QT_TRANSLATE_NOOP("Workings", "scribed"),
        QT_TRANSLATE_NOOP("Workings", "scribed %1 deep"),
        QT_TRANSLATE_NOOP("Workings",
                          "Cut as a line as wide as the stroke: along single lines, or along outlines.")},
    WordsOfKind{Kind::carved, QT_TRANSLATE_NOOP("Workings", "carved"),
                QT_TRANSLATE_NOOP("Workings", "carved at %2° up to %1 deep"),
                QT_TRANSLATE_NOOP("Workings",
                                  "As a V-bit leaves it: deeper where strokes are wider, with a flat "
                                  "floor at the full depth.")},
    WordsOfKind{
        Kind::inlaid, QT_TRANSLATE_NOOP("Workings", "inlaid"), QT_TRANSLATE_NOOP("Workings", "inlaid %1"),
        QT_TRANSLATE_NOOP("Workings", "A second material, flush with the front; with clearance a piece of "
                                      "its own, to be glued in.")}};
static_assert(words.size() == size_t(working::kinds));

const WordsOfKind& wordsOf(Kind kind) {
    return words[size_t(kind)];
}

} // namespace

QString nameOf(Kind kind) {
    return Workings::tr(wordsOf(kind).name);
}

QString sentenceOf(Kind kind) {
    return Workings::tr(wordsOf(kind).told);
}

QString summaryOf(const Working& working, quantity::Unit unit) {
    const working::KindRow& row = working::rowOf(working.kind);
    const auto length = [&](double millimetres) { return shortLength(millimetres, unit); };
    QString first = Workings::tr(wordsOf(working.kind).summary);
    if (first.contains(QLatin1String("%1")))
        first = first.arg(length(row.has(Uses::height) ? working.height : working.depth));
    if (first.contains(QLatin1String("%2")))
        first = first.arg(numberText(working.angle, 1));
    QStringList parts{first};
    if (row.has(Uses::clearance) && working.clearance > 0)
        parts << Workings::tr("clearance %1").arg(length(working.clearance));
    if (row.has(Uses::edge) && working.edge.kind != working::EdgeKind::crisp)
        parts << summaryOf(working.edge, unit);
    if (row.has(Uses::foot) && working.foot > 0)
        parts << Workings::tr("foot %1").arg(length(working.foot));
    if (row.has(Uses::bedding))
        parts << Workings::tr("bedded %1").arg(length(working.bedding));
    return parts.join(QStringLiteral(", "));
}

} // namespace bollard::wording
