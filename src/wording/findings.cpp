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
    if (letters.isEmpty())
        return words;
    if (more > 0)
        letters = letters.mid(0, mostNamed) << Findings::tr("%n more", nullptr, int(more));
    return Findings::tr("%1 of %2").arg(listOf(letters), words);
}

/// A sentence that stands beside its rule or check.
QString marked(const char* text) {
    return *text ? QCoreApplication::translate("Rules", text) : QString();
}

QString titleOf(const Finding& finding, const card::Card& card) {
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
    case FindingKind::sizeMissed:
        return finding.whenAbove ? Findings::tr("Words larger than asked")
                                 : Findings::tr("Words smaller than asked");
    case FindingKind::readingSide:
        return finding.working == Kind::pierced ? Findings::tr("No impression is left")
                                                : Findings::tr("Mirrored, but the blank hides it");
    case FindingKind::placeSteep:
        return Findings::tr("Too steep for the tool, %1°").arg(numberText(finding.measured, 1));
    case FindingKind::pieceLoose:
        return card.blank.kind == blank::Kind::none ? Findings::tr("The part falls into pieces")
                                                    : Findings::tr("A piece of the blank is cut off");
    case FindingKind::floorThin:
        return finding.measured > 0 ? Findings::tr("Floor too thin") : Findings::tr("Sunk right through");
    default:
        return marked(check::aboutOf(finding.kind).title)
            .replace(QLatin1String("%1"), QString::fromStdString(finding.subject));
    }
}

QString whyOf(const Finding& finding, const card::Card& card) {
    switch (finding.kind) {
    case FindingKind::stepFailed:
    case FindingKind::sideUnfound:
        if (finding.subject.empty())
            return sentenceOf(finding.problem);
        return Findings::tr("The side “%1”: %2")
            .arg(QString::fromStdString(finding.subject), sentenceOf(finding.problem));
    case FindingKind::partProblem:
    case FindingKind::typefaceProblem:
    case FindingKind::solidFailed:
        return sentenceOf(finding.problem);
    case FindingKind::readingSide:
        return finding.working == Kind::pierced
                   ? Findings::tr(
                         "Letters cut right through press nothing. Sink or raise them, or let them be "
                         "read on the part.")
                   : Findings::tr("The words are mirrored on the front; the blank must be clear to be read "
                                  "from its back.");
    case FindingKind::pieceLoose:
        return card.blank.kind == blank::Kind::none
                   ? Findings::tr("Some of it is joined to nothing else.")
                   : Findings::tr("The cuts part the blank into pieces that are held by nothing.");
    case FindingKind::sideNotCut:
        return Findings::tr("They lie on the side “%1”: hollows and the round sides of parts from files are "
                            "beyond the tool, and facets are cut from above, without a rotary axis. Choose "
                            "another side for them, or print them.")
            .arg(nameOfSide(finding.subject));
    case FindingKind::sideMissing:
        if (finding.inscription < 0)
            return Findings::tr("The print is to lie on the side “%1”, which the blank lacks: files keep the "
                                "card's coordinates.")
                .arg(nameOfSide(finding.subject));
        return Findings::tr("The words are for the side “%1”, so nothing is made of them. Choose another "
                            "side for them, or "
                            "a blank that has it.")
            .arg(nameOfSide(finding.subject));
    default: {
        const QString why = marked(check::aboutOf(finding.kind).why);
        return why.isEmpty()
                   ? reasonOf(finding)
                   : QString(why).replace(QLatin1String("%1"), QString::fromStdString(finding.subject));
    }
    }
}

QString angles(const Finding& finding) {
    return QStringLiteral("%1° %2 %3°")
        .arg(numberText(finding.measured, 2),
             finding.measured > finding.limit ? QStringLiteral(">") : QStringLiteral("<"),
             numberText(finding.limit, 2));
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
    if (finding.kind == FindingKind::baselineShort)
        return Findings::tr("%1 over %2")
            .arg(lengthText(finding.measured, unit), lengthText(finding.limit, unit));
    // Of an axis that turns
    if (finding.kind == FindingKind::beyondTravel && finding.subject.size() == 1 && finding.subject < "D")
        return angles(finding);
    switch (check::aboutOf(finding.kind).told) {
    case check::Told::nothing:
        break;
    case check::Told::count:
        return QString::number(finding.count);
    case check::Told::area:
        return areaText(finding.measured, unit);
    case check::Told::angle:
        return angles(finding);
    case check::Told::share:
        return Findings::tr("%1 %").arg(numberText(finding.measured, 1));
    case check::Told::excess:
        return Findings::tr("by %1").arg(lengthText(finding.measured, unit));
    case check::Told::limit:
        if (finding.limit > 0)
            return compared(finding.measured, finding.whenAbove ? QStringLiteral(">") : QStringLiteral("<"),
                            finding.limit, unit);
        break;
    }
    return {};
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
    if (made.joining)
        return Findings::tr("Joining bodies: %1 % done").arg(int(100 * *made.joining));
    int stops = 0, watches = 0;
    for (const Finding& finding : checked->findings) {
        if (finding.accepted)
            continue;
        stops += finding.severity == check::Severity::stop ? 1 : 0;
        watches += finding.severity == check::Severity::watch ? 1 : 0;
    }
    if (stops > 0 && watches > 0)
        return Findings::tr("Cannot be made so yet: %n stop(s), %1 to watch", nullptr, stops).arg(watches);
    if (stops > 0)
        return Findings::tr("Cannot be made so yet: %n stop(s)", nullptr, stops);
    if (!checked->complete)
        return Findings::tr("Counting pieces…");
    if (made.lettering &&
        std::ranges::all_of(made.lettering->inscriptions, &std::vector<plane::Region>::empty,
                            &working::PlacedLetters::onSide))
        return Findings::tr("No words yet");
    return watches > 0 ? Findings::tr("Can be made; %1 to watch").arg(watches) : Findings::tr("Can be made");
}

QString lineOf(const check::Finding& finding, const card::Card& card) {
    const FindingText text = textOf(finding, card);
    constexpr std::array names{"note", "watch", "stop"};
    QString line = QStringLiteral("%1: %2").arg(QLatin1String(names[size_t(finding.severity)]), text.title);
    if (!text.where.isEmpty())
        line += QStringLiteral(", ") + text.where;
    if (!text.measured.isEmpty())
        line += QStringLiteral(" (%1)").arg(text.measured);
    return line + QStringLiteral(". ") + text.why;
}

} // namespace bollard::wording
