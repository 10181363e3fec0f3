#include "app/board/line_handles.hpp"
#include "card/lines.hpp"

namespace bollard::app {

using plane::Vector, setting::BaselineKind;
using HandleKind = LineHandle::Kind;

namespace {

constexpr double unit = plane::unitsPerMillimetre;

Vector onSide(const working::PlacedLetters& letters, Vector inFrame_mm) {
    return (1 / unit) * letters.place.toSide(unit * inFrame_mm);
}
Vector inFrame(const working::PlacedLetters& letters, Vector onSide_mm) {
    return (1 / unit) * letters.place.toSetting(unit * onSide_mm);
}

const setting::Line* firstLine(const working::PlacedLetters& letters) {
    const auto& lines = letters.setting->lines;
    return lines.empty() || !lines.front().curve ? nullptr : &lines.front();
}

Vector placeOf(const setting::Line& line, double x_mm) {
    return (1 / unit) * line.at(x_mm).at;
}

Vector part(const setting::CurvePoint& point, HandleKind kind) {
    const Vector at{point.x, point.y};
    return kind == HandleKind::before ? at + point.before : kind == HandleKind::after ? at + point.after : at;
}

} // namespace

std::vector<LineHandle> lineHandles(const card::Inscription& inscription,
                                    const working::PlacedLetters& letters) {
    std::vector<LineHandle> handles;
    const setting::Line* line = firstLine(letters);
    if (!line)
        return handles;
    const auto add = [&](HandleKind kind, Vector inFrame_mm, int point = 0) {
        handles.push_back({kind, point, onSide(letters, inFrame_mm)});
    };
    const setting::Baseline& baseline = inscription.baseline;
    const double middle = (line->from + line->to) / 2;
    switch (baseline.kind) {
    case BaselineKind::straight:
        break;
    case BaselineKind::arc:
        add(HandleKind::first, placeOf(*line, line->from));
        add(HandleKind::middle, placeOf(*line, middle));
        add(HandleKind::last, placeOf(*line, line->to));
        break;
    case BaselineKind::circle:
        add(HandleKind::radius,
            std::sqrt(0.5) * Vector{baseline.radius, baseline.atBottom ? baseline.radius : -baseline.radius});
        add(HandleKind::bead, placeOf(*line, middle));
        break;
    case BaselineKind::curve:
        for (size_t i = 0; i < baseline.points.size(); ++i) {
            const setting::CurvePoint& point = baseline.points[i];
            if (point.before != Vector{})
                add(HandleKind::before, part(point, HandleKind::before), int(i));
            if (point.after != Vector{})
                add(HandleKind::after, part(point, HandleKind::after), int(i));
            add(HandleKind::point, part(point, HandleKind::point), int(i));
        }
        add(HandleKind::bead, placeOf(*line, middle));
        break;
    case BaselineKind::edge:
        add(HandleKind::bead, placeOf(*line, middle));
        break;
    }
    return handles;
}

QPainterPath linePath(const card::Inscription& inscription, const working::PlacedLetters& letters) {
    QPainterPath path;
    const setting::Line* line = firstLine(letters);
    if (!line || line->curve->straight())
        return path;
    const auto point = [](Vector v) { return QPointF(v.x, v.y); };
    const double length = line->curve->length();
    constexpr int steps = 240;
    for (int i = 0; i <= steps; ++i) {
        const Vector at =
            (1 / unit) * letters.place.toSide(line->curve->at(length * i / steps * (1 - 1e-12)).at);
        if (i == 0)
            path.moveTo(point(at));
        else
            path.lineTo(point(at));
    }
    if (inscription.baseline.kind == BaselineKind::curve)
        for (const setting::CurvePoint& curvePoint : inscription.baseline.points)
            for (const HandleKind kind : {HandleKind::before, HandleKind::after})
                if (part(curvePoint, kind) != part(curvePoint, HandleKind::point)) {
                    path.moveTo(point(onSide(letters, part(curvePoint, HandleKind::point))));
                    path.lineTo(point(onSide(letters, part(curvePoint, kind))));
                }
    return path;
}

card::Inscription dragged(const card::Inscription& atStart, const working::PlacedLetters& letters,
                          const LineHandle& handle, Vector to) {
    card::Inscription result = atStart;
    const setting::Line* line = firstLine(letters);
    if (!line)
        return result;
    const Vector at = inFrame(letters, to);
    const double middle = (line->from + line->to) / 2;
    switch (handle.kind) {
    case HandleKind::bead: {
        const double length = line->curve->length() / unit;
        double by = (line->curve->nearest(unit * at) - line->curve->nearest(line->at(middle).at)) / unit;
        if (line->curve->closed())
            by = std::remainder(by, length);
        result.baseline.slide = std::round((atStart.baseline.slide + by) * 10) / 10;
        break;
    }
    case HandleKind::first:
    case HandleKind::middle:
    case HandleKind::last:
        card::bendThrough(result, *letters.setting,
                          handle.kind == HandleKind::first ? at : placeOf(*line, line->from),
                          handle.kind == HandleKind::middle ? at : placeOf(*line, middle),
                          handle.kind == HandleKind::last ? at : placeOf(*line, line->to));
        break;
    case HandleKind::radius:
        result.baseline.radius =
            std::clamp(std::round(plane::length(at) * 10) / 10, 0.5, card::ranges::radius.most);
        break;
    case HandleKind::point:
    case HandleKind::before:
    case HandleKind::after:
        card::movePoint(result.baseline, handle.point,
                        handle.kind == HandleKind::point    ? card::PointPart::point
                        : handle.kind == HandleKind::before ? card::PointPart::before
                                                            : card::PointPart::after,
                        at);
        break;
    }
    return result;
}

} // namespace bollard::app
