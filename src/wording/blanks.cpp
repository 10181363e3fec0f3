#include "quantity/quantity.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>

namespace bollard::wording {
namespace {

using blank::Blank, blank::OutlineKind;

class Blanks {
    Q_DECLARE_TR_FUNCTIONS(Blanks)
};

using Length = std::function<QString(double)>;

QString plateText(const Blank& b, const Length& length) {
    const QString depth = b.kind == blank::Kind::wedge
                              ? Blanks::tr("%1 to %2").arg(length(b.thickness), length(b.endThickness))
                              : length(b.thickness);
    QString text =
        b.followsWords()
            ? Blanks::tr("%1 %2 round the words × %3").arg(nameOf(b.kind), length(b.outline.distance), depth)
            : Blanks::tr("%1 %2 × %3 × %4").arg(nameOf(b.kind), length(b.width), length(b.height), depth);
    switch (b.outline.kind) {
    case OutlineKind::rectangle:
    case OutlineKind::words:
        break;
    case OutlineKind::polygon:
        text += Blanks::tr(", %1 corners").arg(b.outline.corners);
        break;
    case OutlineKind::drawing:
        text += b.outline.source.empty() ? Blanks::tr(", drawn outline")
                                         : Blanks::tr(", %1").arg(QString::fromStdString(b.outline.source));
        break;
    default:
        text += Blanks::tr(", %1").arg(nameOf(b.outline.kind));
    }
    if (b.corner > 0 && (b.outline.kind == OutlineKind::rectangle || b.outline.kind == OutlineKind::polygon ||
                         b.outline.kind == OutlineKind::tag))
        text += Blanks::tr(", corners %1").arg(length(b.corner));
    return text;
}

/// What is said of a kind of blank, by kind.
struct BlankWords {
    blank::Kind kind;
    const char* name;
    QString (*text)(const Blank&, const Length&);
};
constexpr std::array blankWords{
    BlankWords{blank::Kind::none, QT_TRANSLATE_NOOP("Blanks", "none"),
               [](const Blank&, const Length&) { return Blanks::tr("no blank"); }},
    BlankWords{blank::Kind::plate, QT_TRANSLATE_NOOP("Blanks", "plate"), plateText},
    BlankWords{blank::Kind::disc, QT_TRANSLATE_NOOP("Blanks", "disc"),
               [](const Blank& b, const Length& length) {
                   QString text = Blanks::tr("disc ⌀ %1 × %2").arg(length(b.diameter), length(b.thickness));
                   if (b.centreHole > 0)
                       text += Blanks::tr(", centre hole %1").arg(length(b.centreHole));
                   return text;
               }},
    BlankWords{blank::Kind::wedge, QT_TRANSLATE_NOOP("Blanks", "wedge"), plateText},
    BlankWords{blank::Kind::bar, QT_TRANSLATE_NOOP("Blanks", "bar"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("bar ⌀ %1 × %2").arg(length(b.diameter), length(b.length));
               }},
    BlankWords{blank::Kind::block, QT_TRANSLATE_NOOP("Blanks", "block"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("block %1 × %2 × %3")
                       .arg(length(b.width), length(b.height), length(b.thickness));
               }},
    BlankWords{blank::Kind::tube, QT_TRANSLATE_NOOP("Blanks", "tube"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("tube ⌀ %1, bore %2 × %3")
                       .arg(length(b.diameter), length(b.bore), length(b.length));
               }},
    BlankWords{blank::Kind::ring, QT_TRANSLATE_NOOP("Blanks", "ring"),
               [](const Blank& b, const Length& length) {
                   const QString text = Blanks::tr("ring, bore %1 × %2 × %3")
                                            .arg(length(b.bore), length(b.thickness), length(b.width));
                   return b.flat > 0 ? text + Blanks::tr(", flat %1").arg(length(b.flat)) : text;
               }},
    BlankWords{blank::Kind::cone, QT_TRANSLATE_NOOP("Blanks", "cone"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("cone ⌀ %1 to %2 × %3")
                       .arg(length(b.diameter), length(b.topDiameter), length(b.length));
               }},
    BlankWords{blank::Kind::sphere, QT_TRANSLATE_NOOP("Blanks", "sphere"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("sphere ⌀ %1").arg(length(b.diameter));
               }},
    BlankWords{blank::Kind::turned, QT_TRANSLATE_NOOP("Blanks", "turned"),
               [](const Blank& b, const Length& length) {
                   const blank::Profile profile = blank::profileOf(b.profile);
                   return Blanks::tr("turned ⌀ %1, %2 along its profile")
                       .arg(length(2 * profile.widest), length(profile.meridian.length));
               }},
    BlankWords{blank::Kind::faceted, QT_TRANSLATE_NOOP("Blanks", "faceted"),
               [](const Blank& b, const Length& length) {
                   return Blanks::tr("%1 facets, %2 across, bore %3 × %4")
                       .arg(b.facets)
                       .arg(length(b.across), length(b.bore), length(b.length));
               }},
    BlankWords{blank::Kind::file, QT_TRANSLATE_NOOP("Blanks", "from a file"),
               [](const Blank& b, const Length&) {
                   return b.part.file.empty() ? Blanks::tr("from a file, none chosen yet")
                                              : Blanks::tr("from %1").arg(QString::fromStdString(
                                                    b.part.file.substr(b.part.file.rfind('/') + 1)));
               }}};

constexpr std::array outlineNames{
    QT_TRANSLATE_NOOP("Blanks", "rectangle"),      QT_TRANSLATE_NOOP("Blanks", "oval"),
    QT_TRANSLATE_NOOP("Blanks", "polygon"),        QT_TRANSLATE_NOOP("Blanks", "tag with an ear"),
    QT_TRANSLATE_NOOP("Blanks", "from a drawing"), QT_TRANSLATE_NOOP("Blanks", "round the words")};
static_assert(outlineNames.size() == size_t(blank::outlineKinds));

constexpr std::array holeNames{QT_TRANSLATE_NOOP("Blanks", "round"), QT_TRANSLATE_NOOP("Blanks", "slot"),
                               QT_TRANSLATE_NOOP("Blanks", "countersunk")};
static_assert(holeNames.size() == size_t(blank::holeKinds));

constexpr std::array scaleNames{
    QT_TRANSLATE_NOOP("Blanks", "bore ⌀, mm"),     QT_TRANSLATE_NOOP("Blanks", "round the bore, mm"),
    QT_TRANSLATE_NOOP("Blanks", "North American"), QT_TRANSLATE_NOOP("Blanks", "British letters"),
    QT_TRANSLATE_NOOP("Blanks", "Japanese"),       QT_TRANSLATE_NOOP("Blanks", "Swiss")};
static_assert(scaleNames.size() == size_t(blank::ringScales));

constexpr std::array readyNames{
    QT_TRANSLATE_NOOP("Blanks", "dome"),        QT_TRANSLATE_NOOP("Blanks", "egg"),
    QT_TRANSLATE_NOOP("Blanks", "bead"),        QT_TRANSLATE_NOOP("Blanks", "roller"),
    QT_TRANSLATE_NOOP("Blanks", "cap"),         QT_TRANSLATE_NOOP("Blanks", "spindle"),
    QT_TRANSLATE_NOOP("Blanks", "finger ring"), QT_TRANSLATE_NOOP("Blanks", "key ring"),
    QT_TRANSLATE_NOOP("Blanks", "signet")};

} // namespace

QString nameOf(blank::RingScale scale) {
    return Blanks::tr(scaleNames[size_t(scale)]);
}

QString nameOf(const blank::ReadyBlank& ready) {
    const auto known = std::ranges::find_if(readyNames, [&](const char* name) { return name == ready.name; });
    return known != readyNames.end() ? Blanks::tr(*known)
                                     : QString::fromUtf8(ready.name.data(), qsizetype(ready.name.size()));
}

QString foundSideText(const blank::FoundSide& side, quantity::Unit unit) {
    using enum blank::FoundSide::Kind;
    const auto length = [unit](double mm) { return lengthText(mm, unit); };
    blank::Blank blank;
    blank.kind = blank::Kind::file;
    blank.part.sides = {{"side", {}, 0, side}};
    const plane::Vector size = blank::sizeOf(blank, "side");
    constexpr double seen = 0.001; // mm
    const QString off =
        side.error < seen ? QString() : Blanks::tr(", off by %1 at most").arg(length(side.error));
    switch (side.kind) {
    case none:
        return Blanks::tr("not found");
    case flat:
        return Blanks::tr("flat, %1 × %2").arg(length(size.x), length(size.y));
    case cylinder:
        return (side.hollow ? Blanks::tr("bore ⌀ %1 × %2") : Blanks::tr("⌀ %1 × %2"))
                   .arg(length(2 * side.radius), length(side.length)) +
               off;
    case cone:
        break;
    }
    return (side.hollow ? Blanks::tr("conical bore ⌀ %1 to %2 × %3") : Blanks::tr("cone ⌀ %1 to %2 × %3"))
               .arg(length(2 * side.radius), length(2 * side.endRadius), length(side.length)) +
           off;
}

QString nameOf(blank::Kind kind) {
    return Blanks::tr(blankWords[size_t(kind)].name);
}

QString nameOf(blank::OutlineKind kind) {
    return Blanks::tr(outlineNames[size_t(kind)]);
}

QString nameOf(blank::HoleKind kind) {
    return Blanks::tr(holeNames[size_t(kind)]);
}

QString summaryOf(const Blank& blank, quantity::Unit unit) {
    QString text =
        blankWords[size_t(blank.kind)].text(blank, [&](double mm) { return shortLength(mm, unit); });
    if (const blank::Edge edge = blank::edgeOf(blank); edge.kind != blank::EdgeKind::crisp)
        text += Blanks::tr(", %1").arg(summaryOf(edge, unit));
    const size_t holes = blank::drilledIn(blank).size();
    if (holes > 0)
        text += Blanks::tr(", %n hole(s)", nullptr, int(holes));
    if (!blank.material.empty() && blank.kind != blank::Kind::none)
        text += Blanks::tr(", %1").arg(QString::fromStdString(blank.material));
    return text;
}

QString massText(double grams) {
    const bool heavy = grams >= 1000;
    return heavy ? Blanks::tr("%1 kg").arg(numberText(grams / 1000, 2))
                 : Blanks::tr("%1 g").arg(numberText(grams, grams < 10 ? 2 : 1));
}

} // namespace bollard::wording
