#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QStringList>

namespace bollard::wording {
namespace {

struct Findings {
    Q_DECLARE_TR_FUNCTIONS(Findings)
};

using check::Finding, check::FindingKind, working::Kind;

/// "B (2), R and 4 of “BERTH 14”"; each letter once, with how often it is meant.
QString lettersOf(const Finding& finding, const card::Card& card) {
    if (finding.inscription < 0 || size_t(finding.inscription) >= card.inscriptions.size())
        return {};
    const card::Inscription& inscription = card.inscriptions[size_t(finding.inscription)];
    if (inscription.isOrnament())
        return nameOf(inscription.ornament);
    const QString words = Findings::tr("“%1”").arg(
        wordsOnOneLine(setting::filled(inscription.words, *card.rows, card.row).words));
    QStringList letters;
    QList<int> counts;
    for (const check::FindingPlace& place : finding.places) {
        const QString letter = QString::fromStdString(place.text);
        if (letter.isEmpty())
            continue;
        if (const auto at = letters.indexOf(letter); at >= 0) {
            ++counts[at];
        } else {
            letters.append(letter);
            counts.append(1);
        }
    }
    constexpr int mostNamed = 6;
    const auto more = letters.size() - mostNamed;
    for (int i = 0; i < letters.size(); ++i)
        if (counts[i] > 1)
            letters[i] = Findings::tr("%1 (%2)").arg(letters[i]).arg(counts[i]);
    if (more > 0)
        return Findings::tr("%1 and %n more of %2", nullptr, int(more))
            .arg(letters.mid(0, mostNamed).join(QStringLiteral(", ")), words);
    if (letters.isEmpty())
        return words;
    const QString last = letters.takeLast();
    const QString list =
        letters.isEmpty() ? last : Findings::tr("%1 and %2").arg(letters.join(QStringLiteral(", ")), last);
    return Findings::tr("%1 of %2").arg(list, words);
}

QString narrowTitle(const Finding& finding) {
    const bool cut = working::cuts(finding.working);
    switch (finding.kind) {
    case FindingKind::strokeNarrow:
        return cut ? Findings::tr("Stroke closes up") : Findings::tr("Stroke too thin");
    case FindingKind::gapNarrow:
        return cut ? Findings::tr("Narrow land between cuts")
                   : Findings::tr("Gap between letters too narrow");
    case FindingKind::counterNarrow:
        return cut ? Findings::tr("Narrow land in a counter") : Findings::tr("Counter fills in");
    case FindingKind::openingNarrow:
        return cut ? Findings::tr("Narrow land within a letter")
                   : Findings::tr("Opening in a letter fills in");
    default:
        return Findings::tr("Neck too weak");
    }
}

QString titleOf(const Finding& finding, const card::Card& card) {
    switch (finding.kind) {
    case FindingKind::stepFailed:
        return Findings::tr("Nothing could be made");
    case FindingKind::sizeMissed:
        return finding.whenAbove ? Findings::tr("Words larger than asked")
                                 : Findings::tr("Words smaller than asked");
    case FindingKind::weightHeavy:
        return Findings::tr("All letters close up");
    case FindingKind::beyondGrid:
        return Findings::tr("Letters too large or too far out");
    case FindingKind::typefaceProblem:
        return Findings::tr("Typeface cannot be used");
    case FindingKind::fieldUnknown:
        return Findings::tr("No value for {%1}").arg(QString::fromStdString(finding.subject));
    case FindingKind::ornamentEmpty:
        return Findings::tr("Ornament without a shape");
    case FindingKind::baselineShort:
        return Findings::tr("Words longer than their line");
    case FindingKind::characterMissing:
        return Findings::tr("Character missing in the typeface");
    case FindingKind::characterBlank:
        return Findings::tr("Character draws nothing");
    case FindingKind::strokeNarrow:
    case FindingKind::gapNarrow:
    case FindingKind::counterNarrow:
    case FindingKind::openingNarrow:
    case FindingKind::neckNarrow:
        return narrowTitle(finding);
    case FindingKind::readingSide:
        return finding.working == Kind::pierced ? Findings::tr("No impression is left")
                                                : Findings::tr("Read through the blank");
    case FindingKind::strokeLost:
        return Findings::tr("Strokes vanish");
    case FindingKind::counterLost:
        return Findings::tr("Letter holes fill up");
    case FindingKind::counterLoose:
        return Findings::tr("Letter holes fall out");
    case FindingKind::letterLoose:
        return Findings::tr("Letters joined to nothing");
    case FindingKind::pieceLoose:
        return card.blank.kind == blank::Kind::none ? Findings::tr("The part falls into pieces")
                                                    : Findings::tr("A piece of the blank is cut off");
    case FindingKind::floorThin:
        return finding.measured > 0 ? Findings::tr("Floor too thin") : Findings::tr("Sunk right through");
    case FindingKind::heightLow:
        return Findings::tr("Letters very low");
    case FindingKind::heightTall:
        return Findings::tr("Letters tall for their strokes");
    case FindingKind::heightWorn:
        return Findings::tr("Letters high for something worn");
    case FindingKind::beddingThin:
        return Findings::tr("Letters hardly bedded");
    case FindingKind::outsideBlank:
        return Findings::tr("Words beyond the blank");
    case FindingKind::insideMargin:
        return Findings::tr("Words within the margin");
    case FindingKind::blankTooThin:
        return Findings::tr("The blank has no size");
    case FindingKind::sideMissing:
        return Findings::tr("The blank has no such side");
    case FindingKind::holeOutside:
        return Findings::tr("Hole beyond the blank");
    case FindingKind::landNarrow:
        return Findings::tr("Narrow land beside a hole");
    case FindingKind::solidFailed:
        return Findings::tr("The solid could not be built");
    case FindingKind::outlineMended:
        return Findings::tr("Outlines were mended");
    }
    return {};
}

QString whyOf(const Finding& finding, const card::Card& card) {
    const QString subject = QString::fromStdString(finding.subject);
    switch (finding.kind) {
    case FindingKind::stepFailed:
    case FindingKind::typefaceProblem:
    case FindingKind::solidFailed:
        return sentenceOf(finding.problem);
    case FindingKind::sizeMissed:
        return Findings::tr("No size of these letters gives that measure; this is the nearest. Change the "
                            "size, the weight or the spaces.");
    case FindingKind::weightHeavy:
        return Findings::tr("Strokes grown on both sides would be higher than the letters. Lower the weight "
                            "or make the letters larger.");
    case FindingKind::beyondGrid:
        return Findings::tr("Nothing can lie farther than 107 m from the origin, so these are left out. Make "
                            "them smaller or move them nearer.");
    case FindingKind::fieldUnknown:
        return Findings::tr(
            "The rows in Output have no such field. Add it there, or double the braces to set them.");
    case FindingKind::ornamentEmpty:
        return Findings::tr("There is nothing for it to go round or along, or its artwork holds no shape.");
    case FindingKind::baselineShort:
        return Findings::tr(
            "The words run beyond the end of the line they stand on, or round it into themselves.");
    case FindingKind::characterMissing:
        return Findings::tr(
                   "%1 has no such character, so nothing is made of it. Choose another typeface or sign.")
            .arg(subject);
    case FindingKind::characterBlank:
        return Findings::tr("%1 knows the character but has no outline for it, so nothing is made of it.")
            .arg(subject);
    case FindingKind::strokeNarrow:
    case FindingKind::gapNarrow:
    case FindingKind::counterNarrow:
    case FindingKind::openingNarrow:
    case FindingKind::neckNarrow:
        return reasonOf(finding);
    case FindingKind::readingSide:
        return finding.working == Kind::pierced
                   ? Findings::tr(
                         "Letters cut right through press nothing. Sink or raise them, or let them be "
                         "read on the part.")
                   : Findings::tr("The words are mirrored on the front; the blank must be clear to be read "
                                  "from its back.");
    case FindingKind::strokeLost:
        return Findings::tr("The weight change takes more off these strokes than they are wide.");
    case FindingKind::counterLost:
        return Findings::tr("The strokes grow towards each other by more than these holes are wide.");
    case FindingKind::counterLoose:
        return Findings::tr("Cut right through, these are held by nothing.");
    case FindingKind::letterLoose:
        return Findings::tr("Nothing holds these letters to the rest.");
    case FindingKind::pieceLoose:
        return card.blank.kind == blank::Kind::none
                   ? Findings::tr("Some of it is joined to nothing else.")
                   : Findings::tr("The cuts part the blank into pieces that are held by nothing.");
    case FindingKind::floorThin:
    case FindingKind::heightLow:
    case FindingKind::heightTall:
    case FindingKind::heightWorn:
    case FindingKind::beddingThin:
    case FindingKind::landNarrow:
        return reasonOf(finding);
    case FindingKind::outsideBlank:
        return Findings::tr("Part of the words lies off the blank or over a hole.");
    case FindingKind::insideMargin:
        return Findings::tr("Nearer to an edge than the margin set for this blank.");
    case FindingKind::blankTooThin:
        return Findings::tr("Give the blank a width, a height and a thickness above 0.");
    case FindingKind::sideMissing:
        return Findings::tr("The words are for the side “%1”, so nothing is made of them. Choose another "
                            "side for them, or "
                            "a blank that has it.")
            .arg(nameOfSide(finding.subject));
    case FindingKind::holeOutside:
        return Findings::tr("The hole cuts into the blank's edge or misses the blank.");
    case FindingKind::outlineMended:
        return Findings::tr("Contours overlapped or crossed; they were united and come out filled.");
    }
    return {};
}

/// Two lengths with as many digits as tell them apart.
QString compared(double measured, const QString& sign, double limit, quantity::Unit unit) {
    constexpr int mostMore = 6;
    for (int more = 0; more < mostMore; ++more) {
        const QString first = lengthText(measured, unit, more), second = lengthText(limit, unit, more);
        if (first != second || measured == limit)
            return QStringLiteral("%1 %2 %3").arg(first, sign, second);
    }
    return QStringLiteral("%1 %2 %3")
        .arg(lengthText(measured, unit, mostMore), sign, lengthText(limit, unit, mostMore));
}

QString measuredOf(const Finding& finding, quantity::Unit unit) {
    switch (finding.kind) {
    case FindingKind::counterLoose:
    case FindingKind::letterLoose:
    case FindingKind::pieceLoose:
    case FindingKind::fieldUnknown:
    case FindingKind::characterMissing:
    case FindingKind::characterBlank:
    case FindingKind::beyondGrid:
    case FindingKind::outsideBlank:
    case FindingKind::holeOutside:
    case FindingKind::outlineMended:
        return QString::number(finding.count);
    case FindingKind::weightHeavy:
        return {};
    case FindingKind::baselineShort:
        return Findings::tr("%1 over %2")
            .arg(lengthText(finding.measured, unit), lengthText(finding.limit, unit));
    default:
        return finding.limit > 0
                   ? compared(finding.measured, finding.whenAbove ? QStringLiteral(">") : QStringLiteral("<"),
                              finding.limit, unit)
                   : QString();
    }
}

} // namespace

FindingText textOf(const Finding& finding, const card::Card& card) {
    return {titleOf(finding, card), lettersOf(finding, card), measuredOf(finding, card.unit),
            whyOf(finding, card)};
}

QString verdictOf(const card::Made& made) {
    const auto& checked = made.checked;
    if (!checked)
        return Findings::tr("Looking…");
    int stops = 0, watches = 0;
    for (const Finding& finding : checked->findings) {
        if (finding.accepted)
            continue;
        stops += finding.severity == check::Severity::stop ? 1 : 0;
        watches += finding.severity == check::Severity::watch ? 1 : 0;
    }
    if (stops > 0 && watches > 0)
        return Findings::tr("Cannot be made so yet: %1 stop, %2 watch").arg(stops).arg(watches);
    if (stops > 0)
        return Findings::tr("Cannot be made so yet: %1 stop").arg(stops);
    if (!checked->complete)
        return Findings::tr("Counting pieces…");
    if (made.lettering &&
        std::ranges::all_of(made.lettering->inscriptions, &std::vector<plane::Region>::empty,
                            &working::PlacedLetters::onSide))
        return Findings::tr("No words yet");
    return watches > 0 ? Findings::tr("Can be made; %1 to watch").arg(watches) : Findings::tr("Can be made");
}

} // namespace bollard::wording
