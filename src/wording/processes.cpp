#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <array>

namespace bollard::wording {
namespace {

struct Processes {
    Q_DECLARE_TR_FUNCTIONS(Processes)
};

struct Label {
    std::string_view name;
    const char* label;
};

/// The label of a name in a table; the name itself where it has none.
template<class Table> QString labelIn(const Table& table, std::string_view name) {
    for (const Label& row : table)
        if (row.name == name)
            return Processes::tr(row.label);
    return QString::fromUtf8(name.data(), qsizetype(name.size()));
}

} // namespace

QString nameOfProcess(std::string_view kind) {
    static constexpr std::array names{
        Label{"filament", QT_TRANSLATE_NOOP("Processes", "filament print")},
        Label{"resin", QT_TRANSLATE_NOOP("Processes", "resin print")},
        Label{"casting", QT_TRANSLATE_NOOP("Processes", "casting pattern")},
        Label{"v-carving", QT_TRANSLATE_NOOP("Processes", "V-carving")},
        Label{"line-engraving", QT_TRANSLATE_NOOP("Processes", "line engraving")},
        Label{"milling", QT_TRANSLATE_NOOP("Processes", "milling")},
        Label{"torch", QT_TRANSLATE_NOOP("Processes", "torch cutting")},
        Label{"laser", QT_TRANSLATE_NOOP("Processes", "laser cutting")},
    };
    return labelIn(names, kind);
}

QString labelOfField(std::string_view field) {
    static constexpr std::array labels{
        Label{"nozzle", QT_TRANSLATE_NOOP("Processes", "Nozzle")},
        Label{"layer", QT_TRANSLATE_NOOP("Processes", "Layer")},
        Label{"firstLayer", QT_TRANSLATE_NOOP("Processes", "First layer")},
        Label{"overhang", QT_TRANSLATE_NOOP("Processes", "Steepest overhang")},
        Label{"speed", QT_TRANSLATE_NOOP("Processes", "Speed, mm a second")},
        Label{"bedWidth", QT_TRANSLATE_NOOP("Processes", "Bed, across")},
        Label{"bedDepth", QT_TRANSLATE_NOOP("Processes", "Bed, deep")},
        Label{"bedHeight", QT_TRANSLATE_NOOP("Processes", "Prints up to")},
        Label{"pixel", QT_TRANSLATE_NOOP("Processes", "Pixel")},
        Label{"angle", QT_TRANSLATE_NOOP("Processes", "Angle of the bit")},
        Label{"tip", QT_TRANSLATE_NOOP("Processes", "Tip")},
        Label{"diameter", QT_TRANSLATE_NOOP("Processes", "Cutter")},
        Label{"kerf", QT_TRANSLATE_NOOP("Processes", "Kerf")},
        Label{"thinnest", QT_TRANSLATE_NOOP("Processes", "Thinnest plate")},
        Label{"thickest", QT_TRANSLATE_NOOP("Processes", "Thickest plate")},
        Label{"worn", QT_TRANSLATE_NOOP("Processes", "Worn on the body")},
    };
    return labelIn(labels, field);
}

QString summaryOf(const process::Process& process, quantity::Unit unit) {
    QString text =
        process.name.empty() ? nameOfProcess(process.kind.name()) : QString::fromStdString(process.name);
    process.kind.visit([&](const auto& kind) {
        using Kind = std::remove_cvref_t<decltype(kind)>;
        Kind copy = kind;
        quantity::eachNumber(
            &copy, quantity::fieldsOf<Kind>(),
            [&](double& value, const quantity::Field& field) {
                if (field.quiet)
                    return;
                const bool angle = field.dimension == quantity::Dimension::angle;
                text += Processes::tr(", %1 %2").arg(withinSentence(labelOfField(field.name)),
                                                     angle ? numberText(value, 1) + QStringLiteral("°")
                                                           : shortLength(value, unit));
            },
            [](int&, const quantity::Field&) {});
    });
    if (process.worn)
        text += Processes::tr(", worn");
    if (!process.own.empty())
        text += Processes::tr(", own limits");
    return text;
}

QString nameOf(process::Measured measured, working::Kind kind) {
    using enum process::Measured;
    const bool cut = working::cuts(kind);
    switch (measured) {
    case stroke:
        return Processes::tr("Stroke");
    case gap:
    case counter:
    case opening:
        return cut ? Processes::tr("Land") : Processes::tr("Gap");
    case neck:
        return Processes::tr("Neck");
    case process::Measured::floor:
        return Processes::tr("Floor");
    case height:
        return Processes::tr("Height");
    case heightPerStroke:
        return Processes::tr("Height per stroke");
    case bedding:
        return Processes::tr("Bedding");
    case thickness:
        return Processes::tr("Thickness");
    case edge:
        return Processes::tr("Edges");
    case draft:
        return Processes::tr("Draft");
    case insideCorner:
        return Processes::tr("Radius left in corners");
    }
    return {};
}

QString nameOf(const process::Rule& rule, working::Kind kind) {
    const QString what = nameOf(rule.what, kind);
    if (rule.what == process::Measured::insideCorner)
        return what;
    const bool stop = rule.severity == process::Severity::stop;
    if (rule.bound == process::Bound::most)
        return stop ? Processes::tr("%1, stop above").arg(what) : Processes::tr("%1, watch above").arg(what);
    return stop ? Processes::tr("%1, stop below").arg(what) : Processes::tr("%1, watch below").arg(what);
}

QString reasonOf(const check::Finding& finding) {
    if (finding.ownLimit) // the process's reason speaks of a limit that is not this one
        return finding.whenAbove ? Processes::tr("Above the limit you set.")
                                 : Processes::tr("Below the limit you set.");
    if (std::string_view(finding.why).empty())
        return Processes::tr("Beyond what the process can do.");
    const QString why = QCoreApplication::translate("Rules", finding.why);
    const double stroke = finding.places.empty() ? 0 : finding.places.front().width;
    return finding.kind == check::FindingKind::heightTall && stroke > 0
               ? why.arg(numberText(finding.limit / stroke, 2))
               : why;
}

} // namespace bollard::wording
