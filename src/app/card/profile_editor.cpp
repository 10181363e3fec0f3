#include "app/card/profile_editor.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "drawing/tokens.hpp"
#include "quantity/field.hpp"
#include <QCheckBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>

namespace bollard::app {
namespace {

using blank::ProfilePoint;
using Points = std::vector<ProfilePoint>;

constexpr int high = 190, border = 14; // pixels
constexpr double grip = 5;

double rounded(double mm) {
    return std::round(mm * 10) / 10;
}
ProfilePoint within(ProfilePoint point) {
    namespace ranges = quantity::ranges;
    point.r = std::clamp(point.r, ranges::profile.least, ranges::profile.most);
    point.y = std::clamp(point.y, ranges::position.least, ranges::position.most);
    return point;
}

} // namespace

ProfileCanvas::ProfileCanvas(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    setFixedHeight(high);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Profile of the turned blank"));
    setToolTip(
        tr("Drag points; double click puts one in. Keys: Page Up and Down choose a point, arrows move it, S "
           "makes it smooth or a corner, Delete takes it away."));
}

ProfileCanvas::Scale ProfileCanvas::scale() const {
    if (dragging_)
        return held_;
    double widest = 1, low = 0, top = 1;
    const Points& points = editor_.card().blank.profile;
    const blank::Profile profile = blank::profileOf(points);
    widest = std::max(widest, profile.widest);
    for (const ProfilePoint& point : points) {
        widest = std::max(widest, point.r);
        low = std::min(low, point.y);
        top = std::max(top, point.y);
    }
    Scale scale;
    scale.pixelsPerMm =
        std::min((width() - 2.0 * border) / (2 * widest), (height() - 2.0 * border) / (top - low));
    scale.foot = {width() / 2.0, height() - border + low * scale.pixelsPerMm};
    return scale;
}

QPointF ProfileCanvas::pixelOf(const ProfilePoint& point) const {
    const Scale now = scale();
    return now.foot + QPointF(point.r, -point.y) * now.pixelsPerMm;
}

ProfilePoint ProfileCanvas::pointAt(QPointF pixel) const {
    const Scale now = scale();
    const QPointF mm = (pixel - now.foot) / now.pixelsPerMm;
    return within({rounded(std::fabs(mm.x())), rounded(-mm.y()), false});
}

int ProfileCanvas::nearTo(QPointF pixel) const {
    const Points& points = editor_.card().blank.profile;
    int found = -1;
    double least = 2 * grip;
    for (size_t i = 0; i < points.size(); ++i)
        if (const QPointF away = pixelOf(points[i]) - pixel; std::hypot(away.x(), away.y()) < least) {
            least = std::hypot(away.x(), away.y());
            found = int(i);
        }
    return found;
}

void ProfileCanvas::choose(int point) {
    if (point == chosen_)
        return;
    chosen_ = point;
    update();
    emit picked(point);
}

void ProfileCanvas::change(const QString& name, const QString& key,
                           const std::function<void(Points&)>& change) {
    editor_.edit(name, key, [&](card::Card& card) { change(card.blank.profile); });
}

void ProfileCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const drawing::Tokens& t = drawing::tokens();
    const Points& points = editor_.card().blank.profile;
    const blank::Profile profile = blank::profileOf(points);
    const Scale now = scale();
    if (!profile.empty()) {
        QPainterPath right;
        constexpr int steps = 240;
        std::vector<QPointF> line;
        for (int i = 0; i <= steps; ++i) {
            const auto place = profile.meridian.at(profile.meridian.length * i / steps);
            line.push_back(QPointF(place.r, -place.y) * now.pixelsPerMm);
        }
        right.moveTo(now.foot + line.front());
        for (const QPointF& p : line)
            right.lineTo(now.foot + p);
        for (auto p = line.rbegin(); p != line.rend(); ++p)
            right.lineTo(now.foot + QPointF(-p->x(), p->y()));
        right.closeSubpath();
        painter.setPen(QPen(blank::crossesItself(points) ? t.stop : t.materialEdge, 1.5));
        painter.setBrush(t.material);
        painter.drawPath(right);
    }
    QPen axis(t.tide, 1);
    axis.setDashPattern({10, 3, 2, 3});
    painter.setPen(axis);
    painter.drawLine(QPointF(now.foot.x(), 4), QPointF(now.foot.x(), height() - 4));
    for (size_t i = 0; i < points.size(); ++i) {
        const QPointF at = pixelOf(points[i]);
        painter.setPen(QPen(t.tide, 1.5));
        painter.setBrush(int(i) == chosen_ ? t.tide : t.paper);
        if (points[i].smooth)
            painter.drawEllipse(at, grip, grip);
        else
            painter.drawRect(QRectF(at - QPointF(grip, grip) * 0.8, QSizeF(2 * grip, 2 * grip) * 0.8));
    }
    if (hasFocus()) {
        painter.setPen(QPen(t.tide, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void ProfileCanvas::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton)
        return;
    choose(nearTo(event->position()));
    if (chosen_ < 0)
        return;
    held_ = scale();
    dragging_ = true;
    editor_.beginGesture();
}

void ProfileCanvas::mouseMoveEvent(QMouseEvent* event) {
    if (!dragging_ || chosen_ < 0 || size_t(chosen_) >= editor_.card().blank.profile.size())
        return;
    const ProfilePoint to = pointAt(event->position());
    change(tr("Move a point of the profile"), QStringLiteral("profile/%1").arg(chosen_), [&](Points& points) {
        points[size_t(chosen_)].r = to.r;
        points[size_t(chosen_)].y = to.y;
    });
    update();
}

void ProfileCanvas::mouseReleaseEvent(QMouseEvent*) {
    if (dragging_)
        editor_.endGesture();
    dragging_ = false;
    update();
}

void ProfileCanvas::mouseDoubleClickEvent(QMouseEvent* event) {
    if (nearTo(event->position()) >= 0)
        return;
    // After the point before it along the line
    const ProfilePoint put = pointAt(event->position());
    const Points& points = editor_.card().blank.profile;
    size_t after = points.size();
    double least = std::numeric_limits<double>::max();
    for (size_t i = 0; i + 1 < points.size(); ++i) {
        const double away = plane::distanceToSegment({put.r, put.y}, {points[i].r, points[i].y},
                                                     {points[i + 1].r, points[i + 1].y});
        if (away < least) {
            least = away;
            after = i + 1;
        }
    }
    change(tr("Add a point to the profile"), {}, [&](Points& all) {
        const bool smooth = after < all.size() && (all[after].smooth || all[after - 1].smooth);
        all.insert(all.begin() + std::ptrdiff_t(after), {put.r, put.y, smooth});
    });
    choose(int(after));
}

void ProfileCanvas::keyPressEvent(QKeyEvent* event) {
    const auto count = int(editor_.card().blank.profile.size());
    if (event->key() == Qt::Key_PageUp || event->key() == Qt::Key_PageDown) {
        if (count > 0)
            choose(std::clamp(chosen_ + (event->key() == Qt::Key_PageUp ? 1 : -1), 0, count - 1));
        return;
    }
    if (chosen_ < 0 || chosen_ >= count)
        return QWidget::keyPressEvent(event);
    const auto own = size_t(chosen_);
    const auto move = [&](double r, double y) {
        change(tr("Move a point of the profile"), QStringLiteral("profile/%1").arg(chosen_),
               [&](Points& all) {
                   all[own] = within({all[own].r + r, all[own].y + y, all[own].smooth});
               });
    };
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.1 : 0.5;
    switch (event->key()) {
    case Qt::Key_Left:
        return move(-step, 0);
    case Qt::Key_Right:
        return move(step, 0);
    case Qt::Key_Up:
        return move(0, step);
    case Qt::Key_Down:
        return move(0, -step);
    case Qt::Key_S:
        return change(tr("Change a point of the profile"), {},
                      [&](Points& all) { all[own].smooth = !all[own].smooth; });
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        if (count > 2) {
            change(tr("Remove a point of the profile"), {},
                   [&](Points& all) { all.erase(all.begin() + std::ptrdiff_t(own)); });
            choose(std::min(chosen_, count - 2));
        }
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

ProfileEditor::ProfileEditor(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    canvas_ = new ProfileCanvas(editor, this);
    layout->addWidget(canvas_);
    rows_ = new QWidget(this);
    (new QVBoxLayout(rows_))->setContentsMargins(0, 0, 0, 0);
    rows_->layout()->setSpacing(2);
    layout->addWidget(rows_);
    auto* file = new QPushButton(tr("Profile from SVG or DXF…"), this);
    layout->addWidget(file);
    connect(file, &QPushButton::clicked, this, &ProfileEditor::fileWanted);
}

void ProfileEditor::refresh() {
    const Points& points = editor_.card().blank.profile;
    if (shown_.size() != points.size())
        rebuild(points.size());
    for (size_t i = 0; i < points.size(); ++i) {
        for (NumberField* field : {shown_[i].r, shown_[i].y})
            field->setUnit(editor_.card().unit);
        shown_[i].r->setValue(points[i].r);
        shown_[i].y->setValue(points[i].y);
        shown_[i].smooth->setChecked(points[i].smooth);
    }
    canvas_->update();
}

void ProfileEditor::rebuild(size_t count) {
    emptyOut(*rows_);
    shown_.clear();
    const quantity::PartFields& fields = quantity::fieldsOf<ProfilePoint>();
    for (size_t i = 0; i < count; ++i) {
        auto* line = new QWidget(rows_);
        auto* layout = new QHBoxLayout(line);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->setSpacing(4);
        const auto number = [&](const QString& label, std::string_view name, double ProfilePoint::*member) {
            auto* made = new NumberField(tr("Profile point %1, %2").arg(i + 1).arg(label),
                                         NumberField::Kind::length, fields.find(name)->range, 0.5, line);
            made->setUnitShown(false);
            layout->addWidget(softLabel(label, line));
            layout->addWidget(made, 1);
            connect(made, &NumberField::edited, this, [this, i, member](double value) {
                editor_.edit(tr("Move a point of the profile"), {},
                             [&](card::Card& card) { card.blank.profile[i].*member = value; });
            });
            return made;
        };
        Row row;
        row.r = number(QStringLiteral("r"), "r", &ProfilePoint::r);
        row.y = number(QStringLiteral("y"), "y", &ProfilePoint::y);
        row.smooth = new QCheckBox(tr("smooth"), line);
        row.smooth->setAccessibleName(tr("Profile point %1, smooth").arg(i + 1));
        layout->addWidget(row.smooth);
        connect(row.smooth, &QCheckBox::clicked, this, [this, i](bool smooth) {
            editor_.edit(tr("Change a point of the profile"), {},
                         [&](card::Card& card) { card.blank.profile[i].smooth = smooth; });
        });
        QPushButton* remove =
            iconButton(QStringLiteral("remove"), tr("Remove profile point %1").arg(i + 1), line);
        remove->setEnabled(count > 2);
        layout->addWidget(remove);
        connect(remove, &QPushButton::clicked, this, [this, i] {
            editor_.edit(tr("Remove a point of the profile"), {}, [&](card::Card& card) {
                card.blank.profile.erase(card.blank.profile.begin() + std::ptrdiff_t(i));
            });
        });
        rows_->layout()->addWidget(line);
        line->show();
        shown_.push_back(row);
    }
}

} // namespace bollard::app
