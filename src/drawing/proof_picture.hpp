// What a program makes of the stock, as a picture.
#pragma once
#include "proof/proof.hpp"
#include <QImage>

namespace bollard::drawing {

/// Seen from above, lit from the upper left: depths as shades, what is gouged and what is left in their own
/// colours; at most so many pixels wide and high.
QImage imageOf(const proof::Proof& proof, const cut::Cutting& cutting, int most = 1600);

/// The same as a PNG file's bytes.
quantity::Result<std::string> proofPicture(const proof::Proof& proof, const cut::Cutting& cutting);

} // namespace bollard::drawing
