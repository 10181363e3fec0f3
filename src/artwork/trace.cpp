#include "artwork/trace.hpp"
#include <QFileInfo>
#include <QImageReader>
#include <memory>
#include <potracelib.h>

namespace bollard::artwork {

using plane::Contour, plane::Segment, plane::Vector;
using quantity::Problem, quantity::ProblemKind;

namespace {

constexpr qint64 mostPixels = 16'000'000;

/// The picture's bits as potrace has them: rows from the bottom up, the leftmost pixel in the highest bit.
class Bits {
  public:
    Bits(const QImage& picture, const Tracing& how) {
        constexpr int perWord = 8 * int(sizeof(potrace_word));
        map_.w = picture.width();
        map_.h = picture.height();
        map_.dy = (map_.w + perWord - 1) / perWord;
        words_.resize(size_t(map_.dy) * size_t(map_.h));
        map_.map = words_.data();
        const int limit = int(std::lround(how.threshold * 255));
        for (int y = 0; y < map_.h; ++y) {
            const QRgb* const line = reinterpret_cast<const QRgb*>(picture.constScanLine(map_.h - 1 - y));
            for (int x = 0; x < map_.w; ++x) {
                const int grey = qGray(line[x]);
                if (qAlpha(line[x]) > 127 && (how.lightInk ? grey > limit : grey < limit))
                    words_[size_t(y) * size_t(map_.dy) + size_t(x / perWord)] |=
                        potrace_word(1) << (perWord - 1 - x % perWord);
            }
        }
    }
    const potrace_bitmap_t* map() const { return &map_; }

  private:
    potrace_bitmap_t map_{};
    std::vector<potrace_word> words_;
};

Vector pointOf(const potrace_dpoint_t& point) {
    return {point.x, point.y};
}

Contour contourOf(const potrace_curve_t& curve) {
    Contour contour{pointOf(curve.c[curve.n - 1][2]), {}};
    for (int i = 0; i < curve.n; ++i) {
        const auto& c = curve.c[i];
        if (curve.tag[i] == POTRACE_CORNER) {
            contour.segments.push_back({Segment::Kind::line, {}, {}, pointOf(c[1])});
            contour.segments.push_back({Segment::Kind::line, {}, {}, pointOf(c[2])});
        } else {
            contour.segments.push_back({Segment::Kind::cubic, pointOf(c[0]), pointOf(c[1]), pointOf(c[2])});
        }
    }
    return contour;
}

} // namespace

bool isPicture(const std::string& path) {
    const QString ending = QFileInfo(QString::fromStdString(path)).suffix().toLower();
    return ending == QLatin1String("png") || ending == QLatin1String("jpg") ||
           ending == QLatin1String("jpeg");
}

quantity::Result<QImage> pictureFromFile(const std::string& path) {
    const QString name = QString::fromStdString(path);
    if (!QFileInfo::exists(name))
        return Problem{ProblemKind::fileMissing, path};
    QImageReader reader(name);
    reader.setAutoTransform(true);
    if (const QSize size = reader.size(); qint64(size.width()) * size.height() > mostPixels) {
        const double smaller = std::sqrt(double(mostPixels) / (double(size.width()) * size.height()));
        reader.setScaledSize(size * smaller);
    }
    QImage picture = reader.read();
    if (picture.isNull())
        return Problem{ProblemKind::artworkBroken, path, reader.errorString().toStdString()};
    return picture.convertToFormat(QImage::Format_ARGB32);
}

quantity::Result<Drawing> traced(const QImage& picture, const Tracing& how, std::stop_token stop) {
    const QImage plain =
        picture.format() == QImage::Format_ARGB32 ? picture : picture.convertToFormat(QImage::Format_ARGB32);
    const Bits bits(plain, how);
    if (stop.stop_requested())
        return Problem{ProblemKind::stopped};
    const std::unique_ptr<potrace_param_t, decltype(&potrace_param_free)> parameters(potrace_param_default(),
                                                                                     potrace_param_free);
    parameters->turdsize = how.smallestSpot;
    parameters->alphamax = how.smoothing;
    const std::unique_ptr<potrace_state_t, decltype(&potrace_state_free)> state(
        potrace_trace(parameters.get(), bits.map()), potrace_state_free);
    if (!state || state->status != POTRACE_STATUS_OK)
        return Problem{ProblemKind::stepFailed, "potrace"};
    Drawing drawing;
    for (const potrace_path_t* path = state->plist; path; path = path->next)
        drawing.outline.contours.push_back(contourOf(path->curve));
    if (drawing.outline.contours.empty())
        return Problem{ProblemKind::artworkEmpty};
    return drawing;
}

} // namespace bollard::artwork
