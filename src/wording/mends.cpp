#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QRegularExpression>
#include <map>

namespace bollard::wording {
namespace {

struct Mends {
    Q_DECLARE_TR_FUNCTIONS(Mends)
};

struct Words {
    const char *sentence = "",
               *button =
                   ""; ///< marked; %1 and %2: the number before and after, with its unit; or %1: the subject
};

const Words& wordsOf(std::string_view mend) {
    static const std::map<std::string_view, Words> all{
        {"ties",
         {QT_TRANSLATE_NOOP("Mends", "Hold what would fall out by ties %2 wide."),
          QT_TRANSLATE_NOOP("Mends", "Ties %2 wide")}},
        {"pairSpace",
         {QT_TRANSLATE_NOOP("Mends", "Make the space in this pair %2 instead of %1, and leave the others."),
          QT_TRANSLATE_NOOP("Mends", "This pair %1 → %2")}},
        {"letterSpace",
         {QT_TRANSLATE_NOOP("Mends", "Make the letter space %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Letter space %1 → %2")}},
        {"closingUp",
         {QT_TRANSLATE_NOOP("Mends", "Close the letters up, pair by pair, until they run into each other."),
          QT_TRANSLATE_NOOP("Mends", "Close up")}},
        {"barsBehind",
         {QT_TRANSLATE_NOOP("Mends", "Hold what is loose by bars %2 wide behind it."),
          QT_TRANSLATE_NOOP("Mends", "Bars %2 wide")}},
        {"linksBetween",
         {QT_TRANSLATE_NOOP("Mends", "Join the letters by short strips %2 wide from one to the next."),
          QT_TRANSLATE_NOOP("Mends", "Links %2 wide")}},
        {"plateBehind",
         {QT_TRANSLATE_NOOP("Mends", "Hold what is loose by a plate behind it, %2 beyond the letters."),
          QT_TRANSLATE_NOOP("Mends", "Plate %2 beyond")}},
        {"inwards",
         {QT_TRANSLATE_NOOP("Mends", "Move the words inwards."), QT_TRANSLATE_NOOP("Mends", "Move inwards")}},
        {"onceRound",
         {QT_TRANSLATE_NOOP("Mends", "Make the size %2 instead of %1, so that the words go once round."),
          QT_TRANSLATE_NOOP("Mends", "Size %1 → %2")}},
        {"oneByOne",
         {QT_TRANSLATE_NOOP("Mends", "Give the letters out one to a facet."),
          QT_TRANSLATE_NOOP("Mends", "A letter to each facet")}},
        {"shallower",
         {QT_TRANSLATE_NOOP("Mends", "Go less deep, and less high in hollows."),
          QT_TRANSLATE_NOOP("Mends", "Less deep")}},
        {"offTheRim",
         {QT_TRANSLATE_NOOP("Mends", "Move letters off the edge, smaller where there is no room."),
          QT_TRANSLATE_NOOP("Mends", "Off the edge")}},
        {"smallerWords",
         {QT_TRANSLATE_NOOP("Mends", "Make the size %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Size %1 → %2")}},
        {"largerBlank",
         {QT_TRANSLATE_NOOP("Mends", "Make the blank larger: %2 wide instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Blank %2 wide")}},
        {"firstSide",
         {QT_TRANSLATE_NOOP("Mends", "Put the words on the %1."),
          QT_TRANSLATE_NOOP("Mends", "Put on the %1")}},
        {"readOnPart",
         {QT_TRANSLATE_NOOP("Mends", "Let the words be read on the part itself."),
          QT_TRANSLATE_NOOP("Mends", "Read on the part")}},
        {"sidesAnew",
         {QT_TRANSLATE_NOOP("Mends", "Take the sides as they are found on this file."),
          QT_TRANSLATE_NOOP("Mends", "Take the sides anew")}},
        {"withoutSide",
         {QT_TRANSLATE_NOOP("Mends", "Leave out the side “%1”; its words go on the first."),
          QT_TRANSLATE_NOOP("Mends", "Leave out “%1”")}},
        {"height",
         {QT_TRANSLATE_NOOP("Mends", "Make the height %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Height %1 → %2")}},
        {"depth",
         {QT_TRANSLATE_NOOP("Mends", "Make the depth %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Depth %1 → %2")}},
        {"bedding",
         {QT_TRANSLATE_NOOP("Mends", "Make the bedding %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Bedding %1 → %2")}},
        {"lieOtherwise",
         {QT_TRANSLATE_NOOP("Mends", "Let it lie on its %1 instead."),
          QT_TRANSLATE_NOOP("Mends", "Lies on its %1")}},
        {"holdOtherEnd",
         {QT_TRANSLATE_NOOP("Mends", "Let the chuck hold the bar at its other end."),
          QT_TRANSLATE_NOOP("Mends", "Held at the other end")}},
        {"turnOnBed",
         {QT_TRANSLATE_NOOP("Mends", "Turn it by a quarter on the bed."),
          QT_TRANSLATE_NOOP("Mends", "Turned on the bed")}},
        {"wholeLayers",
         {QT_TRANSLATE_NOOP("Mends", "Make it a whole number of layers."),
          QT_TRANSLATE_NOOP("Mends", "Whole layers")}},
        {"thickerBlank",
         {QT_TRANSLATE_NOOP("Mends", "Make the blank %2 thick instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Blank %2 thick")}},
        {"thinnerBlank",
         {QT_TRANSLATE_NOOP("Mends", "Make the blank %2 thick instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Blank %2 thick")}},
        {"floor",
         {QT_TRANSLATE_NOOP(
              "Mends", "Do not cut through: sink the letters %2 deep, so that a floor holds everything."),
          QT_TRANSLATE_NOOP("Mends", "Keep a floor: %2 deep")}},
        {"brokenEdge",
         {QT_TRANSLATE_NOOP("Mends", "Break the edges by %2."), QT_TRANSLATE_NOOP("Mends", "Edges %2")}},
        {"draft",
         {QT_TRANSLATE_NOOP("Mends", "Let the walls lean by %2."), QT_TRANSLATE_NOOP("Mends", "Draft %2")}},
        {"smallerEdges",
         {QT_TRANSLATE_NOOP("Mends", "Make edges and feet a little smaller."),
          QT_TRANSLATE_NOOP("Mends", "Smaller edges")}},
        {"crispEdges",
         {QT_TRANSLATE_NOOP("Mends", "Leave all edges crisp, without feet."),
          QT_TRANSLATE_NOOP("Mends", "Crisp edges")}},
        {"heavierStrokes",
         {QT_TRANSLATE_NOOP("Mends", "Grow the strokes: weight %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Weight %1 → %2")}},
        {"lighterStrokes",
         {QT_TRANSLATE_NOOP("Mends", "Make the strokes lighter: weight %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Weight %1 → %2")}},
        {"largerSize",
         {QT_TRANSLATE_NOOP("Mends", "Make the size %2 instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Size %1 → %2")}},
        {"heavierFace",
         {QT_TRANSLATE_NOOP("Mends", "Take the heavier face %1."), QT_TRANSLATE_NOOP("Mends", "Take %1")}},
        {"thickerTypeface",
         {QT_TRANSLATE_NOOP("Mends", "Take the typeface %1, whose strokes are thick enough."),
          QT_TRANSLATE_NOOP("Mends", "Take %1")}},
        {"anotherTool",
         {QT_TRANSLATE_NOOP("Mends", "Take %1 of the rack."), QT_TRANSLATE_NOOP("Mends", "Take %1")}},
        {"depthOfWorking",
         {QT_TRANSLATE_NOOP("Mends", "Cut as deep as the letters are designed."),
          QT_TRANSLATE_NOOP("Mends", "As deep as designed")}},
        {"lessDeep",
         {QT_TRANSLATE_NOOP("Mends", "Cut %2 deep instead of %1."),
          QT_TRANSLATE_NOOP("Mends", "Cut %2 deep")}},
        {"stockAsBlank",
         {QT_TRANSLATE_NOOP("Mends", "Take a stock as large as the blank asks for."),
          QT_TRANSLATE_NOOP("Mends", "Stock round the blank")}},
        {"stockMargin",
         {QT_TRANSLATE_NOOP("Mends", "Leave %2 of stock round the blank."),
          QT_TRANSLATE_NOOP("Mends", "Margin %2")}},
        {"cutOutLast",
         {QT_TRANSLATE_NOOP("Mends", "Cut it out last."), QT_TRANSLATE_NOOP("Mends", "Cut out last")}},
        {"spindleSpeed",
         {QT_TRANSLATE_NOOP("Mends", "Let the spindle turn %1 times a minute."),
          QT_TRANSLATE_NOOP("Mends", "Speed %1")}},
        {"plainDialect",
         {QT_TRANSLATE_NOOP("Mends", "Write the file with straight moves only."),
          QT_TRANSLATE_NOOP("Mends", "Straight moves only")}},
        {"anotherProcess",
         {QT_TRANSLATE_NOOP("Mends", "Make it by %1 instead."), QT_TRANSLATE_NOOP("Mends", "Process: %1")}},
    };
    static const Words none;
    const auto words = all.find(mend);
    return words == all.end() ? none : words->second;
}

QString filledIn(const QString& text, const mend::Offer& offer) {
    const quantity::Unit unit = offer.card.unit;
    const auto number = [&](double value) {
        if (offer.mend->isAngle)
            return numberText(value, 1) + QStringLiteral("°");
        const std::string_view symbol = quantity::symbolOf(unit);
        return shortLength(value, unit) + QLatin1Char(' ') +
               QString::fromUtf8(symbol.data(), qsizetype(symbol.size()));
    };
    if (!offer.subject.empty())
        return text.arg(offer.mend->name == "anotherProcess" ? nameOfProcess(offer.subject)
                        : offer.mend->name == "lieOtherwise" ? nameOfSide(offer.subject)
                                                             : QString::fromStdString(offer.subject));
    QString filled = text;
    filled.replace(QStringLiteral("%1"), number(offer.from.value_or(0)));
    filled.replace(QStringLiteral("%2"), number(offer.to.value_or(0)));
    return filled;
}

} // namespace

QString sentenceOf(const mend::Offer& offer) {
    QString sentence = filledIn(Mends::tr(wordsOf(offer.mend->name).sentence), offer);
    if (!offer.brings.empty())
        sentence += QLatin1Char(' ') + Mends::tr("Then to watch: %1.").arg(broughtBy(offer));
    return sentence;
}

QString buttonOf(const mend::Offer& offer) {
    return filledIn(Mends::tr(wordsOf(offer.mend->name).button), offer);
}

QString broughtBy(const mend::Offer& offer) {
    QStringList titles;
    for (const check::FindingKind kind : offer.brings) {
        check::Finding finding;
        finding.kind = kind;
        finding.severity = check::Severity::watch;
        finding.inscription = offer.inscription;
        if (offer.inscription >= 0)
            finding.working = offer.card.inscriptions[size_t(offer.inscription)].working.kind;
        titles << withinSentence(textOf(finding, offer.card).title);
    }
    return listOf(titles);
}

QString nameOfMend(std::string_view mend) {
    QString name = Mends::tr(wordsOf(mend).button);
    // Its numbers stand for any, also two of them with an arrow, in whatever keeps them in their order.
    static const QRegularExpression places(QStringLiteral("\u2066?%[12]( \u2192 %2)?\u2069?"));
    return withinSentence(name.replace(places, QStringLiteral("…")));
}

QString namesOfMends(const std::vector<std::string_view>& mends) {
    QStringList names;
    for (const std::string_view mend : mends)
        names << nameOfMend(mend);
    names.removeDuplicates();
    return listOf(names);
}

} // namespace bollard::wording
