#include "wording/wording.hpp"
#include <QCoreApplication>

namespace bollard::wording {
namespace {

struct Problems {
    Q_DECLARE_TR_FUNCTIONS(Problems)
};

QString place(const quantity::Problem& problem) {
    if (problem.line > 0 && problem.column > 0 && problem.kind != quantity::ProblemKind::pathDataBroken)
        return Problems::tr("Line %1, column %2: ").arg(problem.line).arg(problem.column);
    return problem.line > 0 ? Problems::tr("Line %1: ").arg(problem.line) : QString();
}

/// What a field must look like, as the reader of cards tells it.
QString formOf(const QString& expected) {
    if (expected == QStringLiteral("\"…\""))
        return Problems::tr("text in quotes");
    if (expected == QStringLiteral("{…}"))
        return Problems::tr("an object, {…}");
    if (expected == QStringLiteral("[…]"))
        return Problems::tr("a list, […]");
    return expected;
}

QString body(const quantity::Problem& problem) {
    using quantity::ProblemKind;
    const QString subject = QString::fromStdString(problem.subject),
                  detail = QString::fromStdString(problem.detail);
    switch (problem.kind) {
    case ProblemKind::emptyText:
        return Problems::tr("A number is wanted here.");
    case ProblemKind::unexpectedSign:
        return subject.isEmpty()
                   ? Problems::tr("Something is missing at the end.")
                   : Problems::tr("“%1” does not belong at position %2.").arg(subject).arg(problem.column);
    case ProblemKind::unclosedBracket:
        return Problems::tr("The bracket at position %1 is not closed.").arg(problem.column);
    case ProblemKind::unknownUnit:
        return Problems::tr(
                   "“%1” at position %2 is no unit known here; lengths take mm, cm, m, in, ft or pt.")
            .arg(subject)
            .arg(problem.column);
    case ProblemKind::tooDeep:
        return Problems::tr("Too many brackets within each other at position %1.").arg(problem.column);
    case ProblemKind::divisionByZero:
        return Problems::tr("Division by zero at position %1.").arg(problem.column);
    case ProblemKind::wrongDimension:
        return Problems::tr("At position %1 the units do not work out to a length.").arg(problem.column);
    case ProblemKind::numberTooLarge:
        return Problems::tr("The number is too large.");
    case ProblemKind::fileMissing:
        return Problems::tr("There is no file “%1”. Check the name and the folder.").arg(subject);
    case ProblemKind::fileUnreadable:
        return Problems::tr("“%1” cannot be read (%2).").arg(subject, detail);
    case ProblemKind::fileUnwritable:
        return Problems::tr(
                   "“%1” cannot be written (%2). Nothing was changed; choose another folder or name.")
            .arg(subject, detail);
    case ProblemKind::fileExists:
        return Problems::tr("“%1” is already there and was left as it is.").arg(subject);
    case ProblemKind::fileReadOnly:
        return Problems::tr("“%1” is read-only and was left as it is. Choose another name, or let it be "
                            "written to first.")
            .arg(subject);
    case ProblemKind::dialectUnknown:
        return Problems::tr("There is no description of the dialect “%1”, so nothing can be written in it.")
            .arg(subject);
    case ProblemKind::unknownFormat:
        return detail.isEmpty()
                   ? Problems::tr("The ending of “%1” tells no format Bollard writes; use .stl, .3mf, .svg, "
                                  ".dxf or .nc.")
                         .arg(subject)
                   : Problems::tr("The ending of “%1” tells no drawing; use .svg or .dxf.").arg(subject);
    case ProblemKind::tableBroken:
        return Problems::tr("A quote is opened here and never closed. Nothing was read; mend the table.");
    case ProblemKind::jsonBroken:
        return Problems::tr("The card is not good JSON: %1.").arg(detail);
    case ProblemKind::fieldMissing:
        return Problems::tr("The field “%1” is missing.").arg(subject);
    case ProblemKind::fieldWrong:
        return Problems::tr("The field “%1” must be %2.").arg(subject, formOf(detail));
    case ProblemKind::rowMissing:
        return Problems::tr("There is no row %1; the card makes %2. Rows are counted from 1.")
            .arg(subject, detail);
    case ProblemKind::tooMany:
        return Problems::tr("“%1” holds more than can be worked: %2.").arg(subject, detail);
    case ProblemKind::memoryShort:
        return Problems::tr("It needs more than %1 GB of memory. Make it of fewer or simpler letters.")
            .arg(detail);
    case ProblemKind::cardVersionWrong:
        return Problems::tr("The card says it is of version %1; versions begin with 1.").arg(detail);
    case ProblemKind::stepFailed:
        return Problems::tr("A step met what it was not made for (%1). The card is safe; change what you did "
                            "last, or undo it.")
            .arg(detail);
    case ProblemKind::cardTooNew:
        return Problems::tr("The card is of version %1, newer than this Bollard reads. Use a newer Bollard.")
            .arg(detail);
    case ProblemKind::fontBroken:
        return Problems::tr("“%1” is not a font file, or it is broken. Choose another file.").arg(subject);
    case ProblemKind::fontBitmapOnly:
        return Problems::tr(
                   "The typeface “%1” holds only pixel pictures of its letters, no outlines. Choose another.")
            .arg(subject);
    case ProblemKind::fontColourOnly:
        return Problems::tr("The typeface “%1” holds only coloured pictures, no outlines. Choose another.")
            .arg(subject);
    case ProblemKind::fontUnsupported:
        return Problems::tr("“%1” is a font of a kind Bollard does not read; it reads TrueType and OpenType.")
            .arg(subject);
    case ProblemKind::fontIndexMissing:
        return Problems::tr("The font file “%1” has no face number %2.").arg(subject, detail);
    case ProblemKind::fontNoLines:
        return Problems::tr("“%1” holds no letter that could be drawn. Choose another file.").arg(subject);
    case ProblemKind::pathDataBroken:
        return subject.isEmpty()
                   ? Problems::tr("The path data cannot be read at its position %1.").arg(problem.column)
                   : Problems::tr("The path data of %1 cannot be read at its position %2.")
                         .arg(subject)
                         .arg(problem.column);
    case ProblemKind::artworkBroken:
        return Problems::tr("“%1” cannot be read as a drawing: %2.").arg(subject, detail);
    case ProblemKind::artworkEmpty:
        return Problems::tr(
                   "“%1” holds no line or shape that could be worked. Text in it must be turned into "
                   "curves first.")
            .arg(subject);
    case ProblemKind::typefaceUnknown:
        return Problems::tr("The typeface “%1” is not installed here. Choose another, or open its font file.")
            .arg(subject);
    case ProblemKind::typefaceStays:
        return Problems::tr("The licence of “%1” does not let a card take it along.").arg(subject);
    case ProblemKind::partTooLarge:
        return Problems::tr("The part “%1” is too large to be taken along.").arg(subject);
    case ProblemKind::typefaceTooLarge:
        return Problems::tr("The file of “%1” is too large to be taken along.").arg(subject);
    case ProblemKind::partBeyondSheet:
        return Problems::
            tr("It is larger than a sheet of %1 has room for. Take larger sheets, or let parts be turned.")
                .arg(subject);
    case ProblemKind::sheetNotFlat:
        return Problems::tr(
            "It cannot be laid on a sheet: only plates, discs and bare letters lie flat, cut from one side.");
    case ProblemKind::sheetBeyondTravel:
        return Problems::tr(
                   "The machine does not reach all of the sheet along %1: %2 mm. Take a smaller sheet.")
            .arg(subject.toUpper(), detail);
    case ProblemKind::notAProgram:
        return problem.line > 0 ? Problems::tr("“%1” is no program for a machine: line %2, %3.")
                                      .arg(subject)
                                      .arg(problem.line)
                                      .arg(detail)
                                : Problems::tr("“%1” is no program for a machine: %2.").arg(subject, detail);
    case ProblemKind::lineMissing:
        return Problems::tr("There is no line %1; the program has %2.").arg(subject, detail);
    case ProblemKind::protocolUnknown:
        return Problems::tr("There is no protocol “%1”. There are: %2.").arg(subject, detail);
    case ProblemKind::protocolBroken:
        return Problems::tr("“%1” does not describe a protocol: %2.").arg(subject, detail);
    case ProblemKind::deviceUnopened:
        return Problems::tr(
                   "The device “%1” cannot be opened (%2). See that it is plugged in, and nothing else "
                   "uses it.")
            .arg(subject, detail);
    case ProblemKind::deviceTravel:
        return Problems::tr(
                   "The controller does not reach so far along %1: %2 mm. Move the work, or take another "
                   "machine.")
            .arg(subject.toUpper(), detail);
    case ProblemKind::deviceDialect:
        return Problems::tr(
                   "The controller does not take the dialect “%1”; it takes: %2. Write the file anew "
                   "for it.")
            .arg(subject, detail);
    case ProblemKind::deviceError:
        return Problems::tr("The controller answered with an error: %1. The last line it confirmed is %2; "
                            "nothing more was sent.")
            .arg(detail)
            .arg(subject);
    case ProblemKind::deviceRestarted:
        return Problems::tr("The controller started anew. The last line it confirmed is %1; nothing more was "
                            "sent.")
            .arg(subject);
    case ProblemKind::deviceSilent:
        return Problems::tr(
                   "The controller answers no more. The last line it confirmed is %1; nothing more was "
                   "sent.")
            .arg(subject);
    case ProblemKind::deviceLost:
        return Problems::tr(
                   "The connection to the controller is lost. The last line it confirmed is %1; nothing "
                   "more was sent.")
            .arg(subject);
    case ProblemKind::nothingToMake:
        return Problems::tr("There is nothing to make yet: the card has neither a blank nor letters.");
    case ProblemKind::geometryFailed:
        return Problems::tr(
            "The solid could not be built: slopes or walls meet in a way that comes to nothing. "
            "Move the words a little, or make their edges smaller or crisp.");
    case ProblemKind::cutTooDeep:
        return Problems::tr("A cut reaches the middle of the blank or comes out on another side, or what is "
                            "raised in a hollow meets across it. Make it less deep, or less high.");
    case ProblemKind::leaningThrough:
        return Problems::tr(
            "Walls that lean cannot go through where the inside does not lie straight behind the "
            "outside. Make the edges of these letters crisp, chamfered or round.");
    case ProblemKind::facetPierced:
        return Problems::tr(
            "Letters cut through a facet reach beyond what lies straight behind it. Make them narrower, "
            "or move them to the middle of the facet.");
    case ProblemKind::blankUnmade:
        return Problems::tr("The blank has no body: its profile has no size or runs through itself, or its "
                            "wall is thicker than "
                            "it has room for.");
    case ProblemKind::sidesMeet:
        return Problems::tr(
            "Letters on two sides reach into each other inside the blank. Make them less deep, or "
            "move them apart.");
    case ProblemKind::partUnchosen:
        return Problems::tr("Choose the file of the part.");
    case ProblemKind::partEmpty:
        return Problems::tr("There is no surface in “%1”.").arg(subject);
    case ProblemKind::partBroken:
        return Problems::tr("“%1” could not be read as a part (%2).").arg(subject, detail);
    case ProblemKind::partOpen:
        return Problems::
            tr("The part in “%1” is open in %2 places that are too wide to be closed. Mend it where it was "
               "made.")
                .arg(subject, detail);
    case ProblemKind::partCrossed:
        return Problems::tr("The part in “%1” runs through itself. Mend it where it was made.").arg(subject);
    case ProblemKind::partChanged:
        return Problems::tr("“%1” is not the file that this card's sides were found on. Point at them again.")
            .arg(subject);
    case ProblemKind::sideBent:
        return Problems::tr(
                   "This place is on no flat, cylindrical or conical side: it leaves the nearest by %1 mm.")
            .arg(detail);
    case ProblemKind::sideSmall:
        return Problems::tr("This side has no room for words.");
    case ProblemKind::inFacets:
        return Problems::tr("In “%1” %2 faces are facets: broken edges, balls, turned shapes and parts from "
                            "files have no true "
                            "surfaces there.")
            .arg(subject, detail);
    case ProblemKind::rimCrossed:
        return Problems::tr(
            "Letters run over the edge to the side that joins theirs. Move them in from the edge, or "
            "make them smaller.");
    case ProblemKind::stopped:
        return Problems::tr("Stopped.");
    }
    return {};
}

} // namespace

QString sentenceOf(const quantity::Problem& problem) {
    return place(problem) + body(problem);
}

} // namespace bollard::wording
