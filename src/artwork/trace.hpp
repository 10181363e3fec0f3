// Pictures of marks and hand-drawn names, traced to outlines by potrace.
#pragma once
#include "artwork/artwork.hpp"
#include <QImage>

namespace bollard::artwork {

/// How a picture becomes black and white, and its edges curves.
struct Tracing {
    double threshold = 0.5; ///< what is darker is ink; 0 to 1
    bool lightInk = false;  ///< what is lighter is
    double smoothing = 1;   ///< 0 keeps every corner of the pixels, 1.3 hardly any
    int smallestSpot = 8;   ///< pixels; what is smaller is left out
    bool operator==(const Tracing&) const = default;
};

/// Reads a PNG or JPEG file, upright as its camera held it. Pictures of more than 16 million pixels are made
/// smaller. fileMissing, or artworkBroken for what is no picture.
quantity::Result<QImage> pictureFromFile(const std::string& path);
/// Whether its ending is that of a picture.
bool isPicture(const std::string& path);

/// What is ink, as areas (holes run the other way); a unit a pixel, y up. artworkEmpty when nothing is. Takes
/// about a second for ten million pixels of writing; transparent pixels count as paper.
quantity::Result<Drawing> traced(const QImage& picture, const Tracing& how, std::stop_token stop = {});

} // namespace bollard::artwork
