#include "wording/wording.hpp"
#include <QCoreApplication>
#include <map>

namespace bollard::wording {
namespace {

struct Mends {
    Q_DECLARE_TR_FUNCTIONS(Mends)
};

struct Words {
    QString sentence, button; ///< %1 and %2: the number before and after, with its unit; or %1: the subject
};

const Words& wordsOf(std::string_view mend) {
    const auto tr = [](const char* text) { return Mends::tr(text); };
    static const std::map<std::string_view, Words> all{
        {"ties", {tr("Hold what would fall out by ties %2 wide."), tr("Ties %2 wide")}},
        {"pairSpace",
         {tr("Make the space in this pair %2 instead of %1, and leave the others."),
          tr("This pair %1 → %2")}},
        {"letterSpace", {tr("Make the letter space %2 instead of %1."), tr("Letter space %1 → %2")}},
        {"closingUp",
         {tr("Close the letters up, pair by pair, until they run into each other."), tr("Close up")}},
        {"barsBehind", {tr("Hold what is loose by bars %2 wide behind it."), tr("Bars %2 wide")}},
        {"linksBetween",
         {tr("Join the letters by short strips %2 wide from one to the next."), tr("Links %2 wide")}},
        {"plateBehind",
         {tr("Hold what is loose by a plate behind it, %2 beyond the letters."), tr("Plate %2 beyond")}},
        {"inwards", {tr("Move the words inwards."), tr("Move inwards")}},
        {"onceRound",
         {tr("Make the size %2 instead of %1, so that the words go once round."), tr("Size %1 → %2")}},
        {"oneByOne", {tr("Give the letters out one to a facet."), tr("A letter to each facet")}},
        {"shallower", {tr("Go less deep, and less high in hollows."), tr("Less deep")}},
        {"offTheRim", {tr("Move letters off the edge, smaller where there is no room."), tr("Off the edge")}},
        {"smallerWords", {tr("Make the size %2 instead of %1."), tr("Size %1 → %2")}},
        {"largerBlank", {tr("Make the blank larger: %2 wide instead of %1."), tr("Blank %2 wide")}},
        {"firstSide", {tr("Put the words on the %1."), tr("Put on the %1")}},
        {"readOnPart", {tr("Let the words be read on the part itself."), tr("Read on the part")}},
        {"sidesAnew", {tr("Take the sides as they are found on this file."), tr("Take the sides anew")}},
        {"withoutSide", {tr("Leave out the side “%1”; its words go on the first."), tr("Leave out “%1”")}},
        {"height", {tr("Make the height %2 instead of %1."), tr("Height %1 → %2")}},
        {"depth", {tr("Make the depth %2 instead of %1."), tr("Depth %1 → %2")}},
        {"bedding", {tr("Make the bedding %2 instead of %1."), tr("Bedding %1 → %2")}},
        {"lieOtherwise", {tr("Let it lie on its %1 instead."), tr("Lies on its %1")}},
        {"holdOtherEnd", {tr("Let the chuck hold the bar at its other end."), tr("Held at the other end")}},
        {"turnOnBed", {tr("Turn it by a quarter on the bed."), tr("Turned on the bed")}},
        {"wholeLayers", {tr("Make it a whole number of layers."), tr("Whole layers")}},
        {"thickerBlank", {tr("Make the blank %2 thick instead of %1."), tr("Blank %2 thick")}},
        {"thinnerBlank", {tr("Make the blank %2 thick instead of %1."), tr("Blank %2 thick")}},
        {"floor",
         {tr("Do not cut through: sink the letters %2 deep, so that a floor holds everything."),
          tr("Keep a floor: %2 deep")}},
        {"brokenEdge", {tr("Break the edges by %2."), tr("Edges %2")}},
        {"draft", {tr("Let the walls lean by %2."), tr("Draft %2")}},
        {"smallerEdges", {tr("Make edges and feet a little smaller."), tr("Smaller edges")}},
        {"crispEdges", {tr("Leave all edges crisp, without feet."), tr("Crisp edges")}},
        {"heavierStrokes", {tr("Grow the strokes: weight %2 instead of %1."), tr("Weight %1 → %2")}},
        {"lighterStrokes", {tr("Make the strokes lighter: weight %2 instead of %1."), tr("Weight %1 → %2")}},
        {"largerSize", {tr("Make the size %2 instead of %1."), tr("Size %1 → %2")}},
        {"heavierFace", {tr("Take the heavier face %1."), tr("Take %1")}},
        {"thickerTypeface", {tr("Take the typeface %1, whose strokes are thick enough."), tr("Take %1")}},
        {"anotherTool", {tr("Take %1 of the rack."), tr("Take %1")}},
        {"depthOfWorking", {tr("Cut as deep as the letters are designed."), tr("As deep as designed")}},
        {"lessDeep", {tr("Cut %2 deep instead of %1."), tr("Cut %2 deep")}},
        {"stockAsBlank", {tr("Take a stock as large as the blank asks for."), tr("Stock round the blank")}},
        {"stockMargin", {tr("Leave %2 of stock round the blank."), tr("Margin %2")}},
        {"cutOutLast", {tr("Cut it out last."), tr("Cut out last")}},
        {"spindleSpeed", {tr("Let the spindle turn %1 times a minute."), tr("Speed %1")}},
        {"plainDialect", {tr("Write the file with straight moves only."), tr("Straight moves only")}},
        {"anotherProcess", {tr("Make it by %1 instead."), tr("By %1")}},
    };
    static const Words none;
    const auto words = all.find(mend);
    return words == all.end() ? none : words->second;
}

QString filledIn(const QString& text, const mend::Offer& offer) {
    const quantity::Unit unit = offer.card.unit;
    const auto number = [&](double value) {
        if (offer.mend->isAngle)
            return QString::fromStdString(quantity::roundedText(value, 1)) + QStringLiteral("°");
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
    QString sentence = filledIn(wordsOf(offer.mend->name).sentence, offer);
    if (!offer.brings.empty())
        sentence += QLatin1Char(' ') + Mends::tr("Then to watch: %1.").arg(broughtBy(offer));
    return sentence;
}

QString buttonOf(const mend::Offer& offer) {
    return filledIn(wordsOf(offer.mend->name).button, offer);
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
        titles << textOf(finding, offer.card).title.toLower();
    }
    return titles.join(QStringLiteral(", "));
}

QString nameOfMend(std::string_view mend) {
    QString name = wordsOf(mend).button;
    for (const char* place : {"%1 → %2", "%2", "%1", "→"})
        name.remove(QLatin1String(place));
    return name.simplified().remove(QLatin1Char(':')).toLower();
}

} // namespace bollard::wording
