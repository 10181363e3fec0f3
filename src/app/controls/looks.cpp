#include "app/controls/looks.hpp"
#include <QApplication>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QPainter>
#include <QPalette>
#include <QPushButton>
#include <QRegularExpression>
#include <QStyleFactory>
#include <QStyleOptionButton>
#include <QStylePainter>
#include <QSvgRenderer>

/// Resources of a static library are only there when asked for.
static void useIcons() {
    Q_INIT_RESOURCE(icons);
}

namespace bollard::app {
namespace {

using drawing::Tokens;

QPalette paletteOf(const Tokens& t) {
    QPalette palette;
    palette.setColor(QPalette::Window, t.paper);
    palette.setColor(QPalette::WindowText, t.ink);
    palette.setColor(QPalette::Base, t.field);
    palette.setColor(QPalette::AlternateBase, t.paper);
    palette.setColor(QPalette::Text, t.ink);
    palette.setColor(QPalette::Button, t.paper);
    palette.setColor(QPalette::ButtonText, t.ink);
    palette.setColor(QPalette::Highlight, t.tide);
    palette.setColor(QPalette::HighlightedText, t.onTide);
    palette.setColor(QPalette::PlaceholderText, t.inkSoft);
    palette.setColor(QPalette::ToolTipBase, t.paper);
    palette.setColor(QPalette::ToolTipText, t.ink);
    palette.setColor(QPalette::Link, t.tide);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        palette.setColor(QPalette::Disabled, role, t.inkSoft);
    return palette;
}

/// Colours are written as @name and filled in from the table.
constexpr auto sheet = R"(
QToolTip { border: 1px solid @line; padding: 4px; }
#bar, #routeCard, #findings, #gauge, #startPage { background: @paper; }
#firstSteps { background: @field; border: 2px solid @tide; }
#bar { border-bottom: 1px solid @line; }
#routeCard { border: none; border-right: 1px solid @line; }
#findings { border: none; border-left: 1px solid @line; }
#gauge { border-top: 1px solid @line; }
#drawer { background: @paper; border: none; border-right: 1px solid @line; }
#cardName { font-weight: 600; font-size: 15px; }
#soft { color: @inkSoft; }
#asked { color: @ink; font-weight: 600; }
#problem { color: @stop; }
#title { font-weight: 600; font-size: 15px; }
QPushButton { background: transparent; border: 1px solid @line; padding: 4px 10px; min-height: 18px; color: @ink;
    outline: none; }
QPushButton:hover { border-color: @tide; }
QPushButton:focus { border: 1px solid @tide; }
QPushButton:pressed { background: @tideWash; }
QPushButton:disabled { color: @inkSoft; }
QPushButton#main { border-color: @ink; font-weight: 600; }
QPushButton#main:focus { border-color: @tide; }
QPushButton#plain { border-color: transparent; padding: 2px 4px; }
QPushButton#plain:hover, QPushButton#plain:focus { border-color: @tide; }
QPushButton#value { text-align: left; }
QPushButton#fold { border: none; border-top: 1px solid @line; color: @inkSoft; padding: 5px 0 3px 0; text-align: left; }
QPushButton#fold:focus, QPushButton#fold:hover { color: @tide; }
QPushButton#link { border: none; color: @tide; padding: 4px 0; text-align: left; }
QPushButton#link:focus, QPushButton#link:hover { text-decoration: underline; }
QPushButton[segment="true"] { border: 1px solid @line; padding: 4px 10px; margin: 0; }
QPushButton[segment="true"]:checked { background: @ink; color: @paper; border-color: @ink; }
QPushButton[segment="true"]:focus { border-color: @tide; }
QLineEdit, QPlainTextEdit, QListView, QComboBox { background: @field; border: 1px solid @line; padding: 4px 6px;
    selection-background-color: @tide; selection-color: @onTide; }
QLineEdit:focus, QPlainTextEdit:focus, QListView:focus, QComboBox:focus { border-color: @tide; }
QLineEdit[refused="true"] { border-color: @stop; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(:/icons/chevron.svg); width: 16px; height: 16px; }
QPushButton::menu-indicator { image: url(:/icons/chevron.svg); width: 14px; height: 14px; subcontrol-position: right center; right: 2px; }
QTableView { background: @field; border: 1px solid @line; gridline-color: @line; selection-background-color: @tideWash;
    selection-color: @ink; }
QTableView:focus { border-color: @tide; }
QTableView QLineEdit { padding: 0 2px; }
QHeaderView { background: @paper; border: none; }
QHeaderView::section { background: @paper; color: @inkSoft; border: none; border-right: 1px solid @line; padding: 0 5px; }
QScrollBar:vertical { background: transparent; width: 8px; margin: 0; }
QScrollBar::handle:vertical { background: @line; min-height: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; }
QScrollArea { border: none; background: transparent; }
QScrollArea > QWidget > QWidget { background: transparent; }
QCheckBox::indicator { width: 13px; height: 13px; border: 1px solid @inkSoft; background: @field; }
QCheckBox::indicator:checked { background: @tide; border-color: @tide; }
QCheckBox:focus { color: @tide; }
QSlider::groove:horizontal { height: 2px; background: @line; }
QSlider::handle:horizontal { width: 10px; margin: -7px 0; background: @paper; border: 1px solid @tide; }
QSlider::handle:horizontal:focus { background: @tide; }
QMenu { background: @paper; border: 1px solid @line; }
QMenu::item { padding: 5px 24px 5px 12px; }
QMenu::item:selected { background: @tideWash; color: @ink; }
QMenu::item:disabled { color: @inkSoft; }
QMenu::separator { height: 1px; background: @line; }
)";

QString filledIn(const Tokens& t) {
    QString text = QString::fromUtf8(sheet);
    const std::pair<const char*, QColor> names[]{
        {"@tideWash", t.tideWash}, {"@onTide", t.onTide}, {"@inkSoft", t.inkSoft}, {"@ground", t.ground},
        {"@paper", t.paper},       {"@field", t.field},   {"@ink", t.ink},         {"@line", t.line},
        {"@tide", t.tide},         {"@stop", t.stop},     {"@watch", t.watch},     {"@sound", t.sound}};
    for (const auto& [name, colour] : names)
        text.replace(QLatin1String(name), colour.name());
    // What holds text goes with its size; what is thinner is a line or a gap.
    static const QRegularExpression length(QStringLiteral("(?<![0-9-])([0-9]+)px"));
    constexpr int thin = 8;
    QString sized;
    qsizetype from = 0;
    for (auto at = length.globalMatch(text); at.hasNext();) {
        const QRegularExpressionMatch match = at.next();
        const int pixels = match.captured(1).toInt();
        sized += text.mid(from, match.capturedStart(1) - from);
        sized += QString::number(pixels < thin ? pixels : drawing::scaled(pixels));
        from = match.capturedEnd(1);
    }
    return sized + text.mid(from);
}

} // namespace

void applyLook(QApplication& application, drawing::Look look) {
    useIcons();
    drawing::setCurrentLook(look);
    application.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    application.setPalette(paletteOf(drawing::tokens()));
    application.setStyleSheet(filledIn(drawing::tokens()));
}

int panelWidth(int usual) {
    constexpr double share = 0.6; // of the growth
    return int(std::lround(usual * (1 + share * (drawing::textScale() - 1))));
}

QIcon icon(const QString& name) {
    QFile file(QStringLiteral(":/icons/%1.svg").arg(name));
    if (!file.open(QIODevice::ReadOnly))
        return {};
    QByteArray svg = file.readAll();
    svg.replace("currentColor", drawing::tokens().ink.name().toUtf8());
    QSvgRenderer renderer(svg);
    QIcon result;
    for (const int size : {20, 40}) {
        QPixmap pixmap(size, size);
        pixmap.fill(Qt::transparent);
        QPainter painter(&pixmap);
        renderer.render(&painter);
        result.addPixmap(pixmap);
    }
    return result;
}

QPushButton* iconButton(const QString& iconName, const QString& text, QWidget* parent) {
    auto* button = new QPushButton(parent);
    button->setObjectName(QStringLiteral("plain"));
    button->setProperty("iconName", iconName);
    button->setIcon(icon(iconName));
    button->setIconSize({drawing::scaled(20), drawing::scaled(20)});
    button->setFixedSize(drawing::scaled(30), drawing::scaled(28));
    button->setAccessibleName(text);
    button->setToolTip(text);
    return button;
}

namespace {

/// Keeps a box's tool tip to what it shows, however that came.
class SaysAll : public QObject {
  public:
    explicit SaysAll(QComboBox* box) : QObject(box), box_(*box) {}
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Paint && box_.toolTip() != box_.currentText())
            box_.setToolTip(box_.currentText());
        return false;
    }

  private:
    QComboBox& box_;
};

class ElidedButton : public QPushButton {
  public:
    using QPushButton::QPushButton;
    QSize minimumSizeHint() const override { return {0, QPushButton::minimumSizeHint().height()}; }

  protected:
    void paintEvent(QPaintEvent*) override {
        QStylePainter painter(this);
        QStyleOptionButton option;
        initStyleOption(&option);
        constexpr int padding = 22; // of the style sheet
        option.text = fontMetrics().elidedText(option.text, Qt::ElideRight, width() - padding);
        if (option.text != text() && toolTip().isEmpty())
            setToolTip(text());
        painter.drawControl(QStyle::CE_PushButton, option);
    }
};

} // namespace

void mayShrink(QComboBox* box) {
    constexpr int letters = 6;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(letters);
    box->installEventFilter(new SaysAll(box));
}

QPushButton* elidedButton(const QString& text, QWidget* parent) {
    auto* button = new ElidedButton(text, parent);
    button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    return button;
}

QLabel* softLabel(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setObjectName(QStringLiteral("soft"));
    return label;
}

} // namespace bollard::app
