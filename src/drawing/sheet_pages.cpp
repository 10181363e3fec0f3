#include "drawing/sheet_pages.hpp"
#include "drawing/paths.hpp"
#include "drawing/pdf_file.hpp"
#include <QPainter>

namespace bollard::drawing {

quantity::Result<std::string> sheetPages(const std::vector<std::vector<files::DrawingLayer>>& sheets,
                                         double width, double height, const std::string& title) {
    if (sheets.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    PdfFile file(QPageSize(QSizeF(width, height), QPageSize::Millimeter, QString(), QPageSize::ExactMatch), 0,
                 QString::fromStdString(title));
    QPainter painter(&file.writer());
    const double perMm = file.writer().logicalDpiX() / 25.4;
    for (size_t i = 0; i < sheets.size(); ++i) {
        if (i > 0)
            file.writer().newPage();
        painter.save();
        painter.scale(perMm, perMm);
        painter.translate(0, height);
        painter.scale(1, -1);
        constexpr double line = 0.1; // mm
        painter.setPen(QPen(Qt::black, line));
        for (const files::DrawingLayer& layer : sheets[i])
            painter.drawPath(pathOf(plane::outlineOf(layer.stamps)));
        painter.restore();
    }
    painter.end();
    return file.take();
}

} // namespace bollard::drawing
