// The sentences of findings, problems and summaries, for window and command line alike.
#pragma once
#include "blank/ready.hpp"
#include "blank/ring_sizes.hpp"
#include "card/pipeline.hpp"
#include "mend/mend.hpp"
#include "wording/language.hpp"
#include <QString>

namespace bollard::wording {

/// What went wrong, where, and what to do.
QString sentenceOf(const quantity::Problem& problem);

/// A finding in words. Any part may be empty.
struct FindingText {
    QString title;    ///< what: "Counters fall out"
    QString where;    ///< which letters of which words
    QString measured; ///< "0.17 < 0.20", or a count
    QString why;      ///< the reason, one sentence
};
FindingText textOf(const check::Finding& finding, const card::Card& card);
/// All of it on one line, for the command line: "stop: Stroke too thin, …".
QString lineOf(const check::Finding& finding, const card::Card& card);

/// The state of the whole part in one line. Stages that are not made yet may be null.
QString verdictOf(const card::Made& made);

/// One line each, always telling what is set.
QString summaryOf(const blank::Blank& blank, quantity::Unit unit);
QString letteringSummary(const card::Card& card, int inscription);
QString placingSummary(const card::Card& card, int inscription);
QString summaryOf(const working::Working& working, quantity::Unit unit);
/// "chamfer 0.4"; empty for a crisp one.
QString summaryOf(const working::Edge& edge, quantity::Unit unit);
QString summaryOf(const process::Process& process, quantity::Unit unit);
/// "filament print".
QString nameOfProcess(std::string_view kind);
/// What a field of a process is called in forms.
QString labelOfField(std::string_view field);

/// "capitals 14", "90 wide".
QString sizeText(const setting::TextStyle& style, quantity::Unit unit);

/// "front", translated; a name that no blank has comes back as it is.
QString nameOfSide(std::string_view side);
/// What was found of a part's side: "flat 120 × 40, 6 behind it".
QString foundSideText(const blank::FoundSide& side, quantity::Unit unit);
QString nameOf(blank::Kind kind);
QString nameOf(blank::OutlineKind kind);
QString nameOf(blank::HoleKind kind);
QString nameOf(blank::RingScale scale);
QString nameOf(const blank::ReadyBlank& ready);
/// What a file format is for, by its ending.
QString purposeOf(std::string_view ending);
/// At which heights a print changes its colour; empty where it does not.
QString colourChangesOf(const card::Card& card);
/// "12.4 g", "1.35 kg".
QString massText(double grams);
QString nameOf(setting::SizeBy by);
/// "in its impression".
QString nameOf(setting::ReadingSide side);
QString nameOf(working::Kind kind);
/// What it does, in a sentence.
QString sentenceOf(working::Kind kind);
QString nameOf(working::EdgeKind kind);
/// "stroke", "gap".
QString nameOf(check::ReadingKind kind);
QString nameOf(setting::OrnamentKind kind);
QString nameOf(setting::BackingForm form);
QString nameOf(cut::OperationKind kind);
QString nameOf(cut::ToolKind kind);
/// An operation in a few words: what is done with which tool.
QString summaryOf(const cut::Operation& operation, quantity::Unit unit);
QString nameOfDialect(std::string_view dialect);
/// "bottom left", where the machine's zero lies.
QString nameOf(cut::ZeroAt at);
/// "the stock's top".
QString nameOf(cut::ZeroOn on);
/// "At the bottom left of the stock, on the stock's top."
QString sentenceOf(const cut::Zero& zero);
/// "80 x 40 x 6 mm", or a bar's.
QString stockText(const cut::Cutting& cutting);
/// "3 min 20 s"
QString timeText(double seconds);
QString nameOf(const setting::Ornament& ornament);
QString nameOf(setting::FrameShape shape);
QString nameOf(setting::BaselineKind kind);
/// What an inscription is called in lists: its words, shortened, or its kind of ornament.
QString nameOf(const card::Inscription& inscription, int most = 28);
/// What a limit is of: "Stroke", "Land".
QString nameOf(process::Measured measured, working::Kind kind);
/// "Stroke, stop below".
QString nameOf(const process::Rule& rule, working::Kind kind);
/// Why the limit of a finding is what it is.
QString reasonOf(const check::Finding& finding);
QString nameOf(const type::TypefaceChoice& choice);
/// "small capitals" for smcp; the tag itself where it is not known.
QString nameOfFeature(const std::string& tag);

/// A length for reading, in the unit, without its name: 2 decimals in mm, or some `more`.
QString lengthText(double millimetres, quantity::Unit unit, int more = 0);
/// An area for reading, with the unit: "1.2 mm²".
QString areaText(double squareMillimetres, quantity::Unit unit);
/// The same without zeros at its end.
QString shortLength(double millimetres, quantity::Unit unit);

/// The words of an inscription on one line, shortened.
QString wordsOnOneLine(const std::string& words, int most = 28);

/// What a mend would do: "Make the size 12.4 mm instead of 9.", and in short for its button: "Size 9 → 12.4
/// mm".
QString sentenceOf(const mend::Offer& offer);
QString buttonOf(const mend::Offer& offer);
/// What is to be watched with it and was not before; empty for nothing.
QString broughtBy(const mend::Offer& offer);
/// A mend that was tried, whatever its number: "letter space …".
QString nameOfMend(std::string_view mend);
/// Several of them as a list, each name once.
QString namesOfMends(const std::vector<std::string_view>& mends);

} // namespace bollard::wording
