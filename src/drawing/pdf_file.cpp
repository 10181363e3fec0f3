#include "drawing/pdf_file.hpp"

namespace bollard::drawing {

PdfFile::PdfFile(const QPageSize& size, double margin, const QString& title,
                 QPageLayout::Orientation orientation)
    : buffer_(&bytes_), writer_((buffer_.open(QIODevice::WriteOnly), &buffer_)) {
    constexpr int dotsPerInch = 1200;
    writer_.setResolution(dotsPerInch);
    writer_.setTitle(title);
    writer_.setCreator(QStringLiteral("Bollard"));
    writer_.setPageLayout(
        QPageLayout(size, orientation, QMarginsF(margin, margin, margin, margin), QPageLayout::Millimeter));
}

std::string PdfFile::take() {
    // As long as the day it takes the place of, so that no place in the file moves.
    const QByteArray key("/CreationDate (D:");
    constexpr int digits = 14;
    for (auto at = bytes_.indexOf(key); at >= 0; at = bytes_.indexOf(key, at + 1))
        for (int i = 0; i < digits && at + key.size() + i < bytes_.size(); ++i)
            bytes_[at + key.size() + i] = "20000101000000"[i];
    return bytes_.toStdString();
}

} // namespace bollard::drawing
