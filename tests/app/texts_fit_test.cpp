// No text is cut off: every station, panel and drawer in every language, and with text of twice its size.
#include "app/card/slips.hpp"
#include "app/controls/drawer.hpp"
#include "app/preferences/preferences.hpp"
#include "window_fixture.hpp"
#include "wording/language.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QScrollArea>
#include <QStyle>
#include <QStyleOptionComboBox>

using namespace bollard;
using namespace bollard::app;

namespace {

constexpr std::array samples{"berth-14",   "valve-tag",      "harbour-ties", "mooring-ring", "signet",
                             "net-float",  "oak-name",       "brass-bar",    "buoy-tag",     "crew-tags",
                             "horn-cleat", "osprey-transom", "quay-bars",    "valve-scribed"};

int widestWord(const QLabel& label) {
    int widest = 0;
    for (const QString& word : label.text().split(QRegularExpression(QStringLiteral("[\\s–-]+"))))
        widest = std::max(widest, label.fontMetrics().horizontalAdvance(word));
    return widest;
}

/// What cannot be read of a widget's text; empty where all of it can.
QString cutOff(const QWidget& widget) {
    const auto told = [&](const QString& text, int has, int needs) {
        return QStringLiteral("%1 “%2” has %3 of %4")
            .arg(QLatin1String(widget.metaObject()->className()), text)
            .arg(has)
            .arg(needs);
    };
    if (const auto* label = qobject_cast<const QLabel*>(&widget)) {
        if (label->text().isEmpty() || !label->toolTip().isEmpty()) // a line that ends in dots says all there
            return {};
        const QMargins margins = label->contentsMargins();
        const int room = label->width() - margins.left() - margins.right();
        if (!label->wordWrap())
            return label->sizeHint().width() > label->width()
                       ? told(label->text(), label->width(), label->sizeHint().width())
                       : QString();
        if (widestWord(*label) > room)
            return told(label->text(), room, widestWord(*label));
        const int high = label->heightForWidth(label->width());
        return high > label->height() ? told(label->text() + " (high)", label->height(), high) : QString();
    }
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget)) {
        const int needs = button->fontMetrics().horizontalAdvance(button->text()) +
                          (button->icon().isNull() ? 0 : button->iconSize().width());
        return !button->text().isEmpty() && button->layout() == nullptr && needs > button->width() &&
                       button->toolTip().isEmpty()
                   ? told(button->text(), button->width(), needs)
                   : QString();
    }
    if (const auto* box = qobject_cast<const QComboBox*>(&widget)) {
        QStyleOptionComboBox option;
        option.initFrom(box);
        option.editable = box->isEditable();
        const QRect field =
            box->style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, box);
        const int needs = box->fontMetrics().horizontalAdvance(box->currentText());
        return !box->isEditable() && needs > field.width() && box->toolTip().isEmpty()
                   ? told(box->currentText(), field.width(), needs)
                   : QString();
    }
    if (const auto* field = qobject_cast<const NumberField*>(&widget); field && !field->text().isEmpty()) {
        const int needs = field->fontMetrics().horizontalAdvance(field->text());
        const int room = field->width() - 14 - field->textMargins().right();
        return needs > room ? told(field->accessibleName() + QLatin1Char(' ') + field->text(), room, needs)
                            : QString();
    }
    if (const auto* field = qobject_cast<const QLineEdit*>(&widget)) {
        const int needs = field->fontMetrics().horizontalAdvance(field->placeholderText());
        const int room = field->width() - 14 - field->textMargins().left() - field->textMargins().right();
        return field->text().isEmpty() && needs > room && field->toolTip().isEmpty()
                   ? told(field->placeholderText(), room, needs)
                   : QString();
    }
    return {};
}

/// What of the widgets in it reaches beyond it to the side, or is cut off.
QStringList cutOffIn(QWidget& holder, const QWidget& room) {
    QStringList all;
    for (const QWidget* widget : holder.findChildren<QWidget*>()) {
        if (!widget->isVisible() || widget->visibleRegion().isEmpty() || !widget->parentWidget())
            continue;
        if (const QString told = cutOff(*widget); !told.isEmpty())
            all << told;
        const QRect there(widget->mapTo(&room, QPoint(0, 0)), widget->size());
        const bool own = qobject_cast<const QScrollArea*>(widget->parentWidget()->parentWidget()) &&
                         widget->parentWidget()->parentWidget() != &room;
        if ((there.right() > room.width() || there.left() < 0) && !own &&
            (qobject_cast<const QLabel*>(widget) || qobject_cast<const QAbstractButton*>(widget) ||
             qobject_cast<const QLineEdit*>(widget) || qobject_cast<const QComboBox*>(widget)))
            all << QStringLiteral("%1 “%2” reaches from %3 to %4 of %5")
                       .arg(QLatin1String(widget->metaObject()->className()),
                            widget->accessibleName().isEmpty() ? widget->property("text").toString()
                                                               : widget->accessibleName())
                       .arg(there.left())
                       .arg(there.right())
                       .arg(room.width());
    }
    all.removeDuplicates();
    return all;
}

} // namespace

class TextsFitTest : public QObject {
    Q_OBJECT

  private slots:
    void init() { plain_ = std::make_unique<WindowFixture>(); } // settings of its own, the typeface
    void cleanup() {
        plain_.reset();
        wording::useLanguage(QLocale("en"), {});
        QGuiApplication::setLayoutDirection(Qt::LeftToRight);
        drawing::setTextScale(1);
        drawing::useInterfaceFont(QStringLiteral(BOLLARD_SOURCE "/fonts"));
    }

    void inEveryStation_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<double>("scale");
        for (const char* language : {"en", "de", "fr", "es", "he"}) {
            QTest::newRow(language) << language << 1.0;
            QTest::addRow("%s, twice as large", language) << language << 2.0;
        }
    }
    void inEveryStation() {
        QFETCH(QString, language);
        QFETCH(double, scale);
        WindowFixture& f = *plain_;
        f.window.reset();
        const QString spoken = wording::useLanguage(QLocale(language), QStringLiteral(BOLLARD_TRANSLATIONS));
        QCOMPARE(spoken, language);
        QGuiApplication::setLayoutDirection(QLocale(language).textDirection());
        drawing::setTextScale(scale);
        drawing::useInterfaceFont(QStringLiteral(BOLLARD_SOURCE "/fonts"));
        applyLook(*qApp, drawing::Look::light);
        f.window = std::make_unique<MainWindow>(*f.session);
        f.window->resize(1280, 800);
        f.window->show();
        f.activate();
        QStringList all;
        int looked = 0;
        for (const char* sample : samples) {
            f.openSample(sample);
            for (int number = 0; number < RouteCard::count; ++number) {
                f.window->routeCard().open(number);
                StationBody& body = *f.window->routeCard().station(number).body();
                for (QPushButton* fold : body.findChildren<QPushButton*>(QStringLiteral("fold")))
                    if (fold->isVisible() && fold->text().startsWith('+'))
                        fold->click();
                QTest::qWait(1);
                QApplication::processEvents();
                auto* scroll = qobject_cast<QScrollArea*>(body.parentWidget()->parentWidget());
                QVERIFY(scroll);
                for (const QString& told : cutOffIn(body, *scroll->viewport()))
                    all << QStringLiteral("%1 %2: %3").arg(QLatin1String(sample)).arg(number + 1).arg(told);
                for (const QWidget* child : body.findChildren<QWidget*>(Qt::FindDirectChildrenOnly)) {
                    constexpr int margins = 26;
                    const int most = scroll->viewport()->width() - margins;
                    if (child->isVisible() && child->minimumSizeHint().width() > most)
                        all << QStringLiteral("%1 %2: %3 “%4” cannot be less than %5 wide, there is %6")
                                   .arg(QLatin1String(sample))
                                   .arg(number + 1)
                                   .arg(QLatin1String(child->metaObject()->className()),
                                        child->property("text").toString())
                                   .arg(child->minimumSizeHint().width())
                                   .arg(most);
                }
                looked += int(body.findChildren<QLabel*>().size());
            }
            for (const QString& told : cutOffIn(f.window->findings(), f.window->findings()))
                all << QStringLiteral("%1 findings: %2").arg(QLatin1String(sample), told);
        }
        f.window->showPreferences();
        QApplication::processEvents();
        for (const QString& told : cutOffIn(f.window->drawer(), f.window->drawer()))
            all << QStringLiteral("preferences: %1").arg(told);
        for (QWidget* bar : f.window->findChildren<QWidget*>(QStringLiteral("bar")))
            for (const QString& told : cutOffIn(*bar, *bar))
                all << QStringLiteral("bar: %1").arg(told);
        QVERIFY(looked > 1000);
        all.removeDuplicates();
        for (const QString& told : all)
            qWarning("%s", qPrintable(told));
        QCOMPARE(all.size(), 0);
    }

  private:
    std::unique_ptr<WindowFixture> plain_;
};

QTEST_MAIN(TextsFitTest)
#include "texts_fit_test.moc"
