// QR codes (ISO/IEC 18004).
#pragma once
#include <QImage>
#include <string>

namespace bollard::drawing {

/// The text as one code, a pixel a module with four blank ones round it; null when there is too much of it.
QImage qrCode(const std::string& text);

} // namespace bollard::drawing
