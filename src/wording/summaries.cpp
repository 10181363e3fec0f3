#include "wording/wording.hpp"
#include <QCoreApplication>
#include <cmath>
#include <map>

namespace bollard::wording {
namespace {

struct Summaries {
    Q_DECLARE_TR_FUNCTIONS(Summaries)
};

/// For summaries: no trailing zeros.
QString plainNumber(double value) {
    return numberText(value, 2);
}

QString signedLength(double millimetres, quantity::Unit unit) {
    return (millimetres > 0 ? QStringLiteral("+") : QString()) + shortLength(millimetres, unit);
}

const card::Inscription* at(const card::Card& card, int inscription) {
    const bool there = inscription >= 0 && size_t(inscription) < card.inscriptions.size();
    return there ? &card.inscriptions[size_t(inscription)] : nullptr;
}

QString anchorName(setting::Anchor anchor) {
    switch (anchor) {
    case setting::Anchor::topLeft:
        return Summaries::tr("top left");
    case setting::Anchor::top:
        return Summaries::tr("top");
    case setting::Anchor::topRight:
        return Summaries::tr("top right");
    case setting::Anchor::left:
        return Summaries::tr("left");
    case setting::Anchor::centre:
        return Summaries::tr("centre");
    case setting::Anchor::right:
        return Summaries::tr("right");
    case setting::Anchor::bottomLeft:
        return Summaries::tr("bottom left");
    case setting::Anchor::bottom:
        return Summaries::tr("bottom");
    case setting::Anchor::bottomRight:
        return Summaries::tr("bottom right");
    }
    return {};
}

} // namespace

QString shortLength(double millimetres, quantity::Unit unit) {
    return numberText(millimetres / quantity::millimetresIn(unit), 3);
}

QString lengthText(double millimetres, quantity::Unit unit, int more) {
    const double size = quantity::millimetresIn(unit);
    const int decimals = size >= 100 ? 4 : size >= 10 ? 3 : 2;
    return fixedText(millimetres / size, decimals + more);
}

QString areaText(double squareMillimetres, quantity::Unit unit) {
    const double size = quantity::millimetresIn(unit);
    const double area = squareMillimetres / (size * size);
    constexpr int digits = 2;
    constexpr double large = 99.5; // told whole
    return QStringLiteral("%1 %2²").arg(
        area < large ? asWritten(QString::number(area, 'g', digits)) : QString::number(area, 'f', 0),
        QString::fromUtf8(quantity::symbolOf(unit).data(), qsizetype(quantity::symbolOf(unit).size())));
}

QString wordsOnOneLine(const std::string& words, int most) {
    QString text = QString::fromStdString(words);
    text.replace(QLatin1Char('\n'), QStringLiteral(" / "));
    return text.size() > most ? text.left(most - 1) + QChar(0x2026) : text;
}

QString nameOfSide(std::string_view side) {
    const std::map<std::string_view, QString> names{{"front", Summaries::tr("front")},
                                                    {"back", Summaries::tr("back")},
                                                    {"outside", Summaries::tr("outside")},
                                                    {"inside", Summaries::tr("inside")},
                                                    {"start", Summaries::tr("start")},
                                                    {"end", Summaries::tr("end")},
                                                    {"left", Summaries::tr("left")},
                                                    {"right", Summaries::tr("right")},
                                                    {"top", Summaries::tr("top")},
                                                    {"bottom", Summaries::tr("bottom")},
                                                    {"face", Summaries::tr("a face pointed at")}};
    const auto known = names.find(side);
    return known != names.end() ? known->second : QString::fromUtf8(side.data(), qsizetype(side.size()));
}

QString nameOf(setting::SizeBy by) {
    switch (by) {
    case setting::SizeBy::capital:
        return Summaries::tr("Capital height");
    case setting::SizeBy::xHeight:
        return Summaries::tr("x-height");
    case setting::SizeBy::line:
        return Summaries::tr("Line height");
    case setting::SizeBy::width:
        return Summaries::tr("Overall width");
    case setting::SizeBy::height:
        break;
    }
    return Summaries::tr("Overall height");
}

QString nameOf(setting::ReadingSide side) {
    switch (side) {
    case setting::ReadingSide::onPart:
        return Summaries::tr("on the part");
    case setting::ReadingSide::impression:
        return Summaries::tr("in its impression");
    case setting::ReadingSide::throughBack:
        break;
    }
    return Summaries::tr("through from the back");
}

QString nameOf(setting::OrnamentKind kind) {
    switch (kind) {
    case setting::OrnamentKind::none:
        return Summaries::tr("words");
    case setting::OrnamentKind::frame:
        return Summaries::tr("frame");
    case setting::OrnamentKind::bar:
        return Summaries::tr("bar");
    case setting::OrnamentKind::border:
        return Summaries::tr("border");
    case setting::OrnamentKind::backing:
        return Summaries::tr("backing");
    case setting::OrnamentKind::artwork:
        break;
    }
    return Summaries::tr("artwork");
}

QString nameOf(const setting::Ornament& ornament) {
    return ornament.kind == setting::OrnamentKind::artwork && !ornament.source.empty()
               ? Summaries::tr("artwork %1").arg(QString::fromStdString(ornament.source))
               : nameOf(ornament.kind);
}

QString nameOf(setting::FrameShape shape) {
    switch (shape) {
    case setting::FrameShape::rectangle:
        return Summaries::tr("rectangle");
    case setting::FrameShape::oval:
        return Summaries::tr("oval");
    case setting::FrameShape::circle:
        return Summaries::tr("circle");
    case setting::FrameShape::outline:
        break;
    }
    return Summaries::tr("along the letters");
}

QString nameOf(setting::BackingForm form) {
    switch (form) {
    case setting::BackingForm::bars:
        return Summaries::tr("bars");
    case setting::BackingForm::plate:
        return Summaries::tr("plate");
    case setting::BackingForm::oval:
        return Summaries::tr("oval plate");
    case setting::BackingForm::links:
        return Summaries::tr("links between parts");
    case setting::BackingForm::pins:
        return Summaries::tr("pins on bars");
    case setting::BackingForm::outline:
        break;
    }
    return Summaries::tr("plate along the letters");
}

QString nameOf(setting::BaselineKind kind) {
    switch (kind) {
    case setting::BaselineKind::straight:
        return Summaries::tr("straight");
    case setting::BaselineKind::arc:
        return Summaries::tr("on an arc");
    case setting::BaselineKind::circle:
        return Summaries::tr("round a circle");
    case setting::BaselineKind::curve:
        return Summaries::tr("along a curve");
    case setting::BaselineKind::edge:
        break;
    }
    return Summaries::tr("along the blank’s edge");
}

QString nameOf(const card::Inscription& inscription, int most) {
    return inscription.isOrnament() ? nameOf(inscription.ornament) : wordsOnOneLine(inscription.words, most);
}

QString ornamentSummary(const setting::Ornament& ornament, quantity::Unit unit) {
    const QString band = Summaries::tr(", band %1").arg(shortLength(ornament.band, unit));
    const bool circle =
        ornament.kind == setting::OrnamentKind::frame && ornament.shape == setting::FrameShape::circle;
    const QString width = shortLength(ornament.width, unit);
    const QString size = circle ? Summaries::tr("⌀ %1").arg(width)
                                : Summaries::tr("%1 × %2").arg(width, shortLength(ornament.height, unit));
    switch (ornament.kind) {
    case setting::OrnamentKind::none:
        break;
    case setting::OrnamentKind::frame:
        return Summaries::tr("frame, %1, ").arg(nameOf(ornament.shape)) +
               (!ornament.around.empty()
                    ? Summaries::tr("%1 round the words").arg(shortLength(ornament.distance, unit))
                    : size) +
               band;
    case setting::OrnamentKind::bar:
        return Summaries::tr("bar %1").arg(size);
    case setting::OrnamentKind::border:
        return Summaries::tr("border %1 from the edge").arg(shortLength(ornament.distance, unit)) + band;
    case setting::OrnamentKind::backing:
        return setting::isOfStrips(ornament.form)
                   ? Summaries::tr("backing, %1, %2 wide")
                         .arg(nameOf(ornament.form), shortLength(ornament.band, unit))
                   : Summaries::tr("backing, %1 %2 beyond the words")
                         .arg(nameOf(ornament.form), shortLength(ornament.distance, unit));
    case setting::OrnamentKind::artwork:
        return Summaries::tr("%1 at %2 %").arg(nameOf(ornament), plainNumber(ornament.scale));
    }
    return {};
}

QString sizeText(const setting::TextStyle& style, quantity::Unit unit) {
    const QString size = shortLength(style.size, unit);
    switch (style.sizeBy) {
    case setting::SizeBy::capital:
        return Summaries::tr("capitals %1").arg(size);
    case setting::SizeBy::xHeight:
        return Summaries::tr("x-height %1").arg(size);
    case setting::SizeBy::line:
        return Summaries::tr("lines %1").arg(size);
    case setting::SizeBy::width:
        return Summaries::tr("%1 wide").arg(size);
    case setting::SizeBy::height:
        break;
    }
    return Summaries::tr("%1 high").arg(size);
}

QString letteringSummary(const card::Card& card, int inscription) {
    const card::Inscription* const chosen = at(card, inscription);
    if (!chosen)
        return Summaries::tr("no words yet");
    if (chosen->isOrnament())
        return ornamentSummary(chosen->ornament, card.unit);
    QString text = Summaries::tr("%1, %2").arg(nameOf(chosen->typeface), sizeText(chosen->style, card.unit));
    const setting::TextStyle& style = chosen->style;
    if (style.width != 100)
        text += Summaries::tr(", width %1 %").arg(plainNumber(style.width));
    if (style.slant != 0)
        text += Summaries::tr(", slant %1°").arg(plainNumber(style.slant));
    if (!chosen->nudges.empty())
        text += Summaries::tr(", %n letter(s) nudged", nullptr, int(chosen->nudges.size()));
    if (style.weight != 0)
        text += Summaries::tr(", weight %1").arg(signedLength(style.weight, card.unit));
    return text;
}

QString placingSummary(const card::Card& card, int inscription) {
    const card::Inscription* const chosen = at(card, inscription);
    if (!chosen)
        return Summaries::tr("nothing to place");
    const setting::Placing& placing = chosen->placing;
    if (chosen->ornament.goesWithWords())
        return Summaries::tr("with its words");
    QString text = Summaries::tr("%1 at %2, %3")
                       .arg(anchorName(placing.anchor), shortLength(placing.x, card.unit),
                            shortLength(placing.y, card.unit));
    const setting::Baseline& baseline = chosen->baseline;
    if (!chosen->isOrnament() && baseline.kind != setting::BaselineKind::straight) {
        QString line = nameOf(baseline.kind);
        if (baseline.kind == setting::BaselineKind::arc || baseline.kind == setting::BaselineKind::circle)
            line += Summaries::tr(" of radius %1").arg(shortLength(std::fabs(baseline.radius), card.unit));
        text = baseline.kind == setting::BaselineKind::edge ? line : line + QStringLiteral(", ") + text;
    }
    if (placing.turn != 0)
        text += Summaries::tr(", turned %1°").arg(numberText(placing.turn, 2));
    if (placing.reading != setting::ReadingSide::onPart)
        text += Summaries::tr(", reads %1").arg(nameOf(placing.reading));
    return text;
}

QString summaryOf(const working::Edge& edge, quantity::Unit unit) {
    const auto angle = [](double degrees) { return numberText(degrees, 1) + QStringLiteral("°"); };
    switch (edge.kind) {
    case working::EdgeKind::chamfer:
        return edge.slope == 45
                   ? Summaries::tr("chamfer %1").arg(shortLength(edge.size, unit))
                   : Summaries::tr("chamfer %1 at %2").arg(shortLength(edge.size, unit), angle(edge.slope));
    case working::EdgeKind::round:
        return Summaries::tr("rounded %1").arg(shortLength(edge.size, unit));
    case working::EdgeKind::draft:
        return Summaries::tr("draft %1").arg(angle(edge.leaning));
    case working::EdgeKind::crisp:
        break;
    }
    return {};
}

QString nameOf(working::EdgeKind kind) {
    switch (kind) {
    case working::EdgeKind::chamfer:
        return Summaries::tr("chamfer");
    case working::EdgeKind::round:
        return Summaries::tr("round");
    case working::EdgeKind::draft:
        return Summaries::tr("draft");
    case working::EdgeKind::crisp:
        break;
    }
    return Summaries::tr("crisp");
}

QString nameOf(check::ReadingKind kind) {
    switch (kind) {
    case check::ReadingKind::stroke:
        return Summaries::tr("stroke");
    case check::ReadingKind::counter:
        return Summaries::tr("counter");
    case check::ReadingKind::opening:
        return Summaries::tr("opening");
    case check::ReadingKind::bridge:
        return Summaries::tr("bridge");
    case check::ReadingKind::gap:
        return Summaries::tr("gap");
    case check::ReadingKind::neck:
        return Summaries::tr("neck");
    case check::ReadingKind::edge:
        break;
    }
    return Summaries::tr("to the edge");
}

QString nameOf(const type::TypefaceChoice& choice) {
    if (choice.centreline) {
        type::TypefaceChoice drawn = choice;
        drawn.centreline = false;
        return Summaries::tr("centreline of %1").arg(nameOf(drawn));
    }
    if (!choice.file.empty())
        return QString::fromStdString(choice.file.substr(choice.file.find_last_of('/') + 1));
    return QString::fromStdString(choice.style.empty() ? choice.family : choice.family + " " + choice.style);
}

QString nameOfFeature(const std::string& tag) {
    const std::map<std::string, QString> names{{"liga", Summaries::tr("ligatures")},
                                               {"dlig", Summaries::tr("more ligatures")},
                                               {"hlig", Summaries::tr("historical ligatures")},
                                               {"smcp", Summaries::tr("small capitals")},
                                               {"c2sc", Summaries::tr("capitals as small capitals")},
                                               {"onum", Summaries::tr("old-style figures")},
                                               {"lnum", Summaries::tr("lining figures")},
                                               {"tnum", Summaries::tr("figures in columns")},
                                               {"pnum", Summaries::tr("figures of own width")},
                                               {"zero", Summaries::tr("slashed zero")},
                                               {"frac", Summaries::tr("fractions")},
                                               {"ordn", Summaries::tr("ordinals")},
                                               {"salt", Summaries::tr("other forms")},
                                               {"swsh", Summaries::tr("swashes")},
                                               {"titl", Summaries::tr("titling capitals")},
                                               {"case", Summaries::tr("signs for capitals")}};
    if (const auto known = names.find(tag); known != names.end())
        return known->second;
    return tag.starts_with("ss") ? Summaries::tr("set of forms %1").arg(QString::fromStdString(tag.substr(2)))
                                 : QString::fromStdString(tag);
}

} // namespace bollard::wording
