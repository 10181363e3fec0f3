#include "drawing/output_formats.hpp"
#include "drawing/flat_drawing.hpp"
#include "drawing/paper.hpp"
#include "drawing/pdf_file.hpp"
#include "drawing/pictures.hpp"
#include "wording/language.hpp"
#include <QImage>
#include <QPainter>

namespace bollard::drawing {
namespace {

quantity::Result<std::string> pdf(const card::Made& made, const card::OutputChoices& choices) {
    const wording::PlainNumbers plainNumbers;
    const Paper paper(made);
    constexpr int margin = 10; // mm
    const QString title = QString::fromStdString(choices.title);
    const auto sheets = [&](QPageLayout::Orientation orientation) {
        const QPageLayout layout(QPageSize(QPageSize::A4), orientation,
                                 QMarginsF(margin, margin, margin, margin), QPageLayout::Millimeter);
        return paper.tilesOf(layout.paintRect(QPageLayout::Millimeter).size()).size();
    };
    // Upright or lying, as takes fewer sheets.
    const bool lying = sheets(QPageLayout::Landscape) < sheets(QPageLayout::Portrait);
    PdfFile file(QPageSize(QPageSize::A4), margin, title,
                 lying ? QPageLayout::Landscape : QPageLayout::Portrait);
    if (!paper.paint(file.writer(), title))
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    return file.take();
}

quantity::Result<std::string> png(const card::Made& made, const card::OutputChoices&) {
    const wording::PlainNumbers plainNumbers;
    QImage image(1600, 1000, QImage::Format_RGB32);
    image.fill(tokens().ground);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const FlatDrawing flat(made);
    flat.paint(painter, image.rect(), flat.fitted(image.rect()), {});
    painter.end();
    return pngOf(image);
}

constexpr std::array painted{"pdf", "png"};

} // namespace

const std::vector<card::OutputFormat>& outputFormats() {
    static const std::vector<card::OutputFormat> formats = [] {
        std::vector<card::OutputFormat> all = card::outputFormats();
        std::ranges::move(card::formatsOfOneFile(
                              {{"pdf", card::Output::picture, pdf}, {"png", card::Output::picture, png}}),
                          std::back_inserter(all));
        return all;
    }();
    return formats;
}

const card::OutputFormat* formatOf(const std::string& path) {
    for (const card::OutputFormat& format : outputFormats())
        if (files::withEnding(path, format.ending) == path)
            return &format;
    return nullptr;
}

bool needsGraphics(const std::string& path) {
    return std::ranges::any_of(painted,
                               [&](const char* ending) { return files::withEnding(path, ending) == path; });
}

} // namespace bollard::drawing
