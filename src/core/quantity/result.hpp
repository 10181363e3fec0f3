// What a function returns when its input may be bad: a value, or a problem told as structure.
#pragma once
#include <string>
#include <utility>
#include <variant>

namespace bollard::quantity {

/// What went wrong. The sentence for a person is written in src/wording.
enum class ProblemKind {
    emptyText,
    unexpectedSign,    ///< subject: the sign; column: where
    unclosedBracket,   ///< column: where it was opened
    tooDeep,           ///< brackets within brackets beyond all use; column
    unknownUnit,       ///< subject: the word; column
    divisionByZero,    ///< column of the divisor
    wrongDimension,    ///< a length times a length, a number over a length; column
    numberTooLarge,    ///< column
    fileMissing,       ///< subject: path
    fileUnreadable,    ///< subject: path; detail: what the system said
    fileUnwritable,    ///< subject: path; detail: what the system said
    fileExists,        ///< subject: path
    fileReadOnly,      ///< subject: path
    unknownFormat,     ///< subject: path
    dialectUnknown,    ///< subject: its name
    tableBroken,       ///< a quote is not closed; line
    jsonBroken,        ///< line, column; detail: what the parser met
    fieldMissing,      ///< subject: field path; line
    fieldWrong,        ///< subject: field path; detail: what was expected; line
    rowMissing,        ///< subject: the row asked for, detail: how many there are
    cardTooNew,        ///< detail: the version found
    cardVersionWrong,  ///< detail: the version found, which never was
    fontBroken,        ///< subject: file
    fontBitmapOnly,    ///< subject: family or file
    fontColourOnly,    ///< subject: family or file
    fontUnsupported,   ///< subject: file; detail: its format
    fontIndexMissing,  ///< subject: file; detail: the index asked for
    fontNoLines,       ///< subject: file; a font file that holds no glyph that could be drawn
    pathDataBroken,    ///< subject: what it belongs to; line; column within the path data
    artworkBroken,     ///< subject: file; detail: what the reader met; line
    artworkEmpty,      ///< subject: file; nothing in it can be worked
    typefaceUnknown,   ///< subject: family and style
    typefaceStays,     ///< subject: family and style; its licence does not let a card take it along
    partTooLarge,      ///< subject: the path; for a card to take it along
    typefaceTooLarge,  ///< subject: family and style; for a card to take it along
    nothingToMake,     ///< neither blank nor letters
    geometryFailed,    ///< a solid could not be built; detail: where
    stepFailed,        ///< a step met what it was not made for; detail: what
    cutTooDeep,        ///< a cut into a round side reaches its middle
    leaningThrough,    ///< leaning walls through a wall whose back does not lie straight behind its front
    facetPierced,      ///< a cut through a facet reaches beyond the bore behind it
    blankUnmade,       ///< the blank has no size, or its profile runs through itself
    sidesMeet,         ///< letters of two sides reach into each other inside the blank
    partUnchosen,      ///< no file is named for the part
    partEmpty,         ///< subject: file; there is no surface in it
    partBroken,        ///< subject: file; detail: what the reader met; line
    partOpen,          ///< subject: file; detail: in how many places it could not be closed
    partCrossed,       ///< subject: file; it runs through itself
    partChanged,       ///< subject: file; it is not the one that the card's sides were found on
    sideBent,          ///< a place of a part is on no flat or round side; detail: how far it is off one, mm
    sideSmall,         ///< a side of a part has no room for words
    inFacets,          ///< a note. subject: file; detail: how many of its faces stand for something bent
    partBeyondSheet,   ///< it is larger than the sheet; subject: the sheet's size
    sheetNotFlat,      ///< it cannot lie on a sheet: it goes round, or is cut from both sides
    sheetBeyondTravel, ///< the machine does not reach all of a sheet; subject: the axis; detail: both, mm
    notAProgram,       ///< no program for a machine; subject: file; detail: what is wrong; line
    lineMissing,       ///< a program has no such line; subject: the line asked for; detail: how many it has
    protocolUnknown,   ///< subject: its name; detail: those there are
    protocolBroken,    ///< subject: file; detail: what is wrong
    deviceUnopened,    ///< subject: device; detail: what the system says
    deviceTravel,      ///< a program spans more than the controller reaches; subject: axis; detail: both, mm
    deviceDialect, ///< the controller does not take the program's; subject: dialect; detail: those it takes
    deviceError,   ///< it answered a line with an error; subject: the last line confirmed; detail: its words
    deviceRestarted, ///< it greeted anew; subject: the last line confirmed
    deviceSilent,    ///< it answers no more; the same
    deviceLost,      ///< it is gone; the same
    rimCrossed,      ///< what is worked on a side runs over its edge to the side that joins it
    tooMany,         ///< subject: what holds them; detail: how many, and how many there can be, "12 > 10"
    memoryShort,     ///< it takes more memory than there is for it; detail: how much there is, GB
    stopped          ///< the work was stopped from outside
};

/// A problem met in the input: what (kind), where (subject, line, column), and raw detail.
struct Problem {
    ProblemKind kind{};
    std::string subject{};
    std::string detail{};
    int line = 0;   ///< 1-based; 0 when it does not apply
    int column = 0; ///< 1-based; 0 when it does not apply
};

/// A value of T or the problem that kept it from being made.
template<class T> class [[nodiscard]] Result {
  public:
    Result(T value) : state_(std::move(value)) {}
    Result(Problem problem) : state_(std::move(problem)) {}

    explicit operator bool() const { return state_.index() == 0; }
    const T& operator*() const& { return std::get<0>(state_); }
    T&& operator*() && { return std::get<0>(std::move(state_)); }
    const T* operator->() const { return &std::get<0>(state_); }
    const Problem& problem() const { return std::get<1>(state_); }

  private:
    std::variant<T, Problem> state_;
};

/// Success without a value.
struct Done {};

} // namespace bollard::quantity
