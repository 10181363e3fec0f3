// A PDF in memory: the same bytes for the same pages.
#pragma once
#include <QBuffer>
#include <QPageSize>
#include <QPdfWriter>
#include <string>

namespace bollard::drawing {

class PdfFile {
  public:
    /// Upright, or as the size has it; margins in mm.
    PdfFile(const QPageSize& size, double margin, const QString& title,
            QPageLayout::Orientation orientation = QPageLayout::Portrait);

    QPdfWriter& writer() { return writer_; }
    /// When nothing paints on it any more. Without when it was made, which would differ each time.
    std::string take();

  private:
    QByteArray bytes_;
    QBuffer buffer_;
    QPdfWriter writer_;
};

} // namespace bollard::drawing
