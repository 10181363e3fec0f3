#include "wording/wording.hpp"
#include <QCoreApplication>

namespace bollard::wording {
namespace {

struct Cuttings {
    Q_DECLARE_TR_FUNCTIONS(Cuttings)
};

} // namespace

QString nameOf(cut::OperationKind kind) {
    switch (kind) {
    case cut::OperationKind::scribe:
        return Cuttings::tr("scribe");
    case cut::OperationKind::carve:
        return Cuttings::tr("V-carve");
    case cut::OperationKind::pocket:
        return Cuttings::tr("pocket");
    case cut::OperationKind::cutOut:
        return Cuttings::tr("cut out");
    case cut::OperationKind::clear:
        return Cuttings::tr("clear the ground");
    case cut::OperationKind::raster:
        return Cuttings::tr("raster");
    case cut::OperationKind::drill:
        break;
    }
    return Cuttings::tr("drill");
}

QString nameOf(cut::ToolKind kind) {
    switch (kind) {
    case cut::ToolKind::none:
        return Cuttings::tr("of the rack");
    case cut::ToolKind::flat:
        return Cuttings::tr("flat cutter");
    case cut::ToolKind::ball:
        return Cuttings::tr("ball cutter");
    case cut::ToolKind::vBit:
        return Cuttings::tr("V-bit");
    case cut::ToolKind::engraving:
        return Cuttings::tr("engraving point");
    case cut::ToolKind::drill:
        return Cuttings::tr("drill");
    case cut::ToolKind::drag:
        return Cuttings::tr("drag point");
    case cut::ToolKind::torch:
        return Cuttings::tr("torch");
    case cut::ToolKind::laser:
        break;
    }
    return Cuttings::tr("laser");
}

QString summaryOf(const cut::Operation& operation, quantity::Unit unit) {
    const cut::Tool& tool = operation.tool;
    if (tool.kind == cut::ToolKind::none)
        return tool.name.empty() ? wording::nameOf(operation.kind)
                                 : Cuttings::tr("%1, %2").arg(wording::nameOf(operation.kind),
                                                              QString::fromStdString(tool.name));
    const QString size =
        tool.tapers() ? QString::fromStdString(quantity::roundedText(tool.angle, 1)) + QStringLiteral("°")
                      : shortLength(2 * tool.radius(), unit);
    return Cuttings::tr("%1, %2 %3").arg(wording::nameOf(operation.kind), wording::nameOf(tool.kind), size);
}

QString nameOfDialect(std::string_view dialect) {
    if (dialect == "lines")
        return Cuttings::tr("straight moves only");
    if (dialect == "arcs")
        return Cuttings::tr("lines and arcs");
    return QString::fromUtf8(dialect.data(), qsizetype(dialect.size()));
}

} // namespace bollard::wording
