#include "app/card/typeface_list.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListView>
#include <QPlainTextEdit>

using namespace bollard;
using namespace bollard::app;

/// The Lettering station and its list of typefaces, as a person works them.
class LetteringTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    CardEditor& editor() { return f_->window->editor(); }
    LetteringStation& station() { return f_->window->routeCard().letteringBody(); }
    TypefaceModel& model() { return station().typefaces().model(); }
    QCheckBox* box(const QString& text) {
        for (auto* found : station().findChildren<QCheckBox*>())
            if (found->text().startsWith(text))
                return found;
        return nullptr;
    }
    NumberField* field(const QString& name) {
        for (auto* found : station().findChildren<NumberField*>())
            if (found->accessibleName() == name)
                return found;
        return nullptr;
    }
    void choose(const char* family, const char* style = "") {
        editor().editInscription("x", {}, [&](card::Inscription& i) { i.typeface = {family, style, {}, 0}; });
        settle(*f_->window);
    }
    double inkWidth() {
        const plane::Box ink = f_->window->maker().shown().flat->lettersOf(0)->setting->ink;
        return plane::toMillimetres(ink.high.x - ink.low.x);
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
        f_->window->routeCard().open(RouteCard::lettering);
    }
    void cleanup() { f_.reset(); }

    void aVariableFontsAxesAreFields() {
        editor().editInscription("x", {}, [](card::Inscription& i) {
            i.typeface = {{}, {}, "/usr/share/fonts/truetype/inter-vf/Inter-roman.var.ttf", 0};
        });
        settle(*f_->window);
        NumberField* weight = field("Weight");
        QVERIFY(weight);
        const double before = inkWidth();
        WindowFixture::typeInto(*weight, "900");
        settle(*f_->window);
        QCOMPARE(f_->inscription().typeface.axes.at("wght"), 900.0);
        QVERIFY(inkWidth() > before);
        WindowFixture::typeInto(*weight, "5000");
        QVERIFY(!weight->refusal().isEmpty()); // the font's own range
        QTest::keyClick(weight, Qt::Key_Escape);
        editor().history().undo();
        QVERIFY(f_->inscription().typeface.axes.empty());
        choose("League Spartan", "Bold");
        QVERIFY(!field("Weight")); // has none
    }

    void featuresAreBoxes() {
        choose("EB Garamond");
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "harbour 14"; });
        settle(*f_->window);
        QCheckBox* small = box("small capitals");
        QVERIFY(small);
        const double before = inkWidth();
        small->click();
        settle(*f_->window);
        QCOMPARE(f_->inscription().style.features.at("smcp"), 1);
        QVERIFY(std::fabs(inkWidth() - before) > 0.5);
        small->click();
        QVERIFY(f_->inscription().style.features.empty());
    }

    void boldIsTheFamilysOwnOrSaidToBeMade() {
        choose("DejaVu Sans");
        QPushButton* bold = f_->button("bold");
        QVERIFY(bold && !bold->isChecked());
        bold->click();
        settle(*f_->window);
        QCOMPARE(f_->inscription().typeface.style, std::string("Bold"));
        QVERIFY(f_->button("bold")->isChecked());
        choose("Leckerli One");
        f_->button("bold")->click();
        settle(*f_->window);
        QVERIFY(f_->button("bold (made)")); // by a weight change
        QVERIFY(f_->inscription().style.weight > 0);
        f_->button("italic")->click();
        settle(*f_->window);
        QVERIFY(f_->button("italic (made)"));
        QVERIFY(f_->inscription().style.slant > 0);
        f_->button("bold (made)")->click();
        QCOMPARE(f_->inscription().style.weight, 0.0);
    }

    void singleLinesGetAStrokeAndLoseTheWeightChange() {
        const auto shown = [&](const QString& name) { return field(name)->isVisibleTo(&station()); };
        QVERIFY(!shown("Line width"));
        choose("Bollard Mark");
        QVERIFY(shown("Line width"));
        WindowFixture::typeInto(*field("Line width"), "1.5");
        QCOMPARE(f_->inscription().style.stroke, 1.5);
        choose("DejaVu Sans");
        QVERIFY(!shown("Line width"));
        QCheckBox* centreline = box("Centreline");
        QVERIFY(centreline);
        centreline->click();
        settle(*f_->window);
        QVERIFY(f_->inscription().typeface.centreline);
        QVERIFY(shown("Line width"));
        const auto& letters = *f_->window->maker().shown().flat->lettersOf(0)->setting;
        QVERIFY(letters.typeface->singleLine());
    }

    void aNewMeasureIsTheSameSize() {
        QComboBox* by = nullptr;
        for (auto* combo : station().findChildren<QComboBox*>())
            if (combo->accessibleName() == "Size by")
                by = combo;
        QVERIFY(by);
        const double before = inkWidth();
        for (int measure = 0; measure < by->count(); ++measure) {
            by->setCurrentIndex(measure);
            emit by->activated(measure);
            settle(*f_->window);
            QCOMPARE(int(f_->inscription().style.sizeBy), measure);
            QVERIFY2(std::fabs(inkWidth() - before) < 0.02, qPrintable(by->currentText()));
        }
    }

    void nudgesAreTypedListedAndCleared() {
        editor().chooseLetters({0, 1});
        NumberField* off = field("Off");
        QVERIFY(off && off->isVisibleTo(&station()));
        WindowFixture::typeInto(*off, "1.5");
        QCOMPARE(f_->inscription().nudges.size(), size_t{2});
        QCOMPARE(f_->inscription().nudges[1].y, 1.5);
        editor().chooseLetters({});
        QStringList told;
        for (auto* label : station().findChildren<QLabel*>())
            told << label->text();
        QVERIFY2(told.contains("Nudged: B E"), qPrintable(told.join("|")));
        editor().chooseLetters({1});
        f_->button("Clear these nudges")->click();
        QCOMPARE(f_->inscription().nudges.size(), size_t{1});
        QCOMPARE(f_->inscription().nudges[0].letter, 0);
    }

    void nudgesInFieldsGoWithTheirRow() {
        editor().edit("x", {}, [](card::Card& card) {
            card.rows = setting::Rows{{"no"}, {{"7"}, {"112"}}, {}};
            card.inscriptions[0].words = "No {no} Q";
        });
        settle(*f_->window);
        editor().chooseLetters({5}); // the Q of "No 7 Q"
        editor().nudge("x", {}, [](setting::Nudge& nudge) { nudge.y = 2; });
        QCOMPARE(f_->inscription().nudges[0].letter, 8);
        editor().showRow(1);
        QVERIFY(editor().letters().empty());
        settle(*f_->window);
        const auto& letters = f_->window->maker().shown().flat->lettersOf(0)->setting->letters;
        QCOMPARE(letters.size(), size_t{6}); // N o 1 1 2 Q
        QVERIFY(letters.back().at.y > letters.front().at.y + plane::toUnits(1.9));
        editor().chooseLetters({3}); // the first figure
        editor().nudge("x", {}, [](setting::Nudge& nudge) { nudge.turn = 10; });
        QCOMPARE(f_->inscription().nudges[0].letter, 3);
        editor().chooseLetters({3});
        editor().clearNudges();
        QCOMPARE(f_->inscription().nudges.size(), size_t{1});
        QCOMPARE(f_->inscription().nudges[0].letter, 8);
    }

    void theListIsDrawnBesideTheWorkInThePersonsOwnWords() {
        station().openTypefaces();
        QVERIFY(model().rowCount() > 20);
        QVERIFY(model().preview(0).isEmpty()); // asked for, and drawn off this thread
        QTRY_VERIFY(!model().preview(0).isEmpty());
        const QPainterPath before = model().preview(0);
        station().typefaces().start(f_->inscription().typeface, "QUAY 7", f_->inscription().style, 0.5);
        QTRY_VERIFY(!model().preview(0).isEmpty());
        QVERIFY(model().preview(0) != before);
    }

    void facesThatLackTheWordsAreNotOffered() {
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "\u0416"; }); // Cyrillic
        station().openTypefaces();
        const type::TypefaceChoice spartan{"League Spartan", "Bold", {}, 0};
        const int row = model().rowOf(spartan);
        QVERIFY(row >= 0);
        (void)model().preview(row);
        QTRY_COMPARE(model().rowOf(spartan), -1);
        QVERIFY(model().rowOf({"DejaVu Sans", "Book", {}, 0}) >= 0);
    }

    void thickEnoughFollowsTheSize() {
        station().openTypefaces();
        const auto count = [&](double size) {
            setting::TextStyle style = f_->inscription().style;
            style.size = size;
            station().typefaces().start(f_->inscription().typeface, "BERTH", style, 1.2);
            model().setFilter({"", false, {}, 1.2});
            if (!QTest::qWaitFor([&] { return !model().looking(); }, 60000 * BOLLARD_PATIENCE))
                return -1;
            return model().rowCount();
        };
        const int small = count(6), large = count(60);
        QVERIFY2(small >= 0 && small < large, qPrintable(QString("%1 %2").arg(small).arg(large)));
        model().setFilter({});
        QVERIFY(model().rowCount() > small);
    }

    void keysMoveThroughTheListAndKeepFaces() {
        station().openTypefaces();
        auto* name = station().typefaces().findChild<QLineEdit*>();
        QListView& view = station().typefaces().view();
        view.setCurrentIndex(model().index(0));
        QTest::keyClick(name, Qt::Key_Down);
        QCOMPARE(view.currentIndex().row(), 1);
        QCOMPARE(f_->inscription().typeface.family, model().choiceAt(1).family); // the board shows it
        QTest::keyClick(name, Qt::Key_PageDown);
        QCOMPARE(view.currentIndex().row(), 6);
        QTest::keyClick(name, Qt::Key_Up);
        QCOMPARE(view.currentIndex().row(), 5);
        QVERIFY(!model().isKept(5));
        QTest::keyClick(name, Qt::Key_K, Qt::ControlModifier);
        QVERIFY(model().isKept(5));
        QTest::keyClick(name, Qt::Key_K, Qt::ControlModifier);
        QVERIFY(!model().isKept(5));
        QTest::keyClick(&view, Qt::Key_Q); // typed in the list, it narrows it
        QCOMPARE(name->text(), QString("q"));
        for (int row = 0; row < model().rowCount(); ++row)
            QVERIFY(model().index(row).data().toString().contains('q', Qt::CaseInsensitive));
        name->setText("no face is called so");
        emit name->textEdited(name->text());
        QCOMPARE(model().rowCount(), 0);
        QTest::keyClick(name, Qt::Key_Return); // chooses nothing, and harms nothing
        QTest::keyClick(name, Qt::Key_Escape);
        QVERIFY(!station().typefaces().isVisible());
        QCOMPARE(f_->inscription().typeface.family, std::string("League Spartan"));
    }
};
QTEST_MAIN(LetteringTest)
#include "lettering_test.moc"
