#include "drawing/qr_code.hpp"
#include <memory>
#include <qrencode.h>

namespace bollard::drawing {

QImage qrCode(const std::string& text) {
    const std::unique_ptr<QRcode, void (*)(QRcode*)> code(
        QRcode_encodeData(int(text.size()), reinterpret_cast<const unsigned char*>(text.data()), 0,
                          QR_ECLEVEL_M),
        QRcode_free);
    if (!code)
        return {};
    constexpr int quiet = 4;
    QImage image(code->width + 2 * quiet, code->width + 2 * quiet, QImage::Format_RGB32);
    image.fill(Qt::white);
    for (int y = 0; y < code->width; ++y)
        for (int x = 0; x < code->width; ++x)
            if (code->data[y * code->width + x] & 1)
                image.setPixel(quiet + x, quiet + y, qRgb(0, 0, 0));
    return image;
}

} // namespace bollard::drawing
