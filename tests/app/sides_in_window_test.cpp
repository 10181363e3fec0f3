// Other sides of a blank, as a person comes to them.
#include "app/board/overlay_choice.hpp"
#include "app/board/side_choice.hpp"
#include "app/controls/choice.hpp"
#include "window_fixture.hpp"
#include <QComboBox>

using namespace bollard;
using namespace bollard::app;

class SidesInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    FlatView& flat() { return f_->window->flatView(); }
    CardEditor& editor() { return f_->window->editor(); }
    Choice& sides() { return *flat().findChild<SideChoice*>()->findChild<Choice*>(); }
    QComboBox* sideRow() {
        f_->window->routeCard().open(RouteCard::placing);
        for (auto* box : f_->window->routeCard().findChildren<QComboBox*>())
            if (box->accessibleName() == QLatin1String("Side of the blank that the words lie on"))
                return box;
        return nullptr;
    }
    void open(const char* sample) {
        f_->openSample(sample);
        settle(*f_->window);
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void theBoardOffersTheSidesOfTheBlank() {
        open("fender-pin");
        QVERIFY(sides().isVisible());
        QCOMPARE(sides().button(0)->text(), QString("outside"));
        QCOMPARE(sides().button(2)->text(), QString("end"));
        for (const char* sample : {"transom", "fender-pin"}) { // another blank on a board that is shown
            open(sample);
            QVERIFY(sides().isVisible() && !sides().visibleRegion().isEmpty());
            QCOMPARE(sides().size(), sides().sizeHint());
            QVERIFY(flat().rect().contains(QRect(sides().mapTo(&flat(), QPoint(0, 0)), sides().size())));
        }
        editor().edit({}, {}, [](card::Card& card) { card.blank.kind = blank::Kind::none; });
        QVERIFY(!sides().isVisible());
    }

    void theFacesOfABlockAreOfferedWithoutHidingAnything() {
        open("boat-block");
        const QStringList names{"front", "back", "left", "right", "top", "bottom"};
        auto* const overlays = flat().findChild<OverlayChoice*>();
        QVERIFY(overlays && overlays->isVisible());
        for (const int wide : {1400, 1000}) {
            f_->window->resize(wide, 760);
            settle(*f_->window);
            QVERIFY(
                !QRect(sides().mapTo(&flat(), QPoint()), sides().size()).intersects(overlays->geometry()));
            QVERIFY(flat().rect().contains(QRect(sides().mapTo(&flat(), QPoint(0, 0)), sides().size())));
        }
        const std::vector<std::string> words{"GANNET", "TERN", "WREN", "TEAL", "FULMAR", "QUAY 3"};
        for (int i = 0; i < int(names.size()); ++i) {
            QCOMPARE(sides().button(i)->text(), names[i]);
            sides().button(i)->click();
            QCOMPARE(editor().side(), names[i].toStdString());
            editor().select(i);
            QCOMPARE(editor().inscription()->words, words[size_t(i)]);
            QCOMPARE(editor().side(), names[i].toStdString());
        }
        // As a tube the words on faces it lacks are kept, and told.
        editor().edit({}, {}, [](card::Card& card) { card.blank.kind = blank::Kind::tube; });
        settle(*f_->window);
        QCOMPARE(sides().button(1)->text(), QString("inside"));
        QVERIFY(std::ranges::any_of(
            f_->window->maker().shown().made.checked->findings,
            [](const check::Finding& finding) { return finding.kind == check::FindingKind::sideMissing; }));
        QCOMPARE(editor().card().inscriptions[2].side, std::string("left"));
    }

    void whatIsSelectedBringsItsSide() {
        open("fender-pin");
        editor().select(2);
        QCOMPARE(editor().side(), std::string("end"));
        QCOMPARE(sides().chosen(), 2);
        QCOMPARE(flat().handles().size(), qsizetype(5));
        editor().select(0);
        QCOMPARE(editor().side(), std::string("outside"));
        sides().button(1)->click();
        QCOMPARE(editor().side(), std::string("start"));
        QVERIFY(flat().handles().isEmpty()); // what is selected lies elsewhere
    }

    void aClickFindsOnlyWhatIsShown() {
        open("fender-pin");
        sides().button(2)->click();
        const QPoint seven = flat().scale().toPixels({16, 13}).toPoint();
        QTest::mouseClick(&flat(), Qt::LeftButton, {}, seven);
        QCOMPARE(editor().selected(), 2);
    }

    void newWordsGoToTheSideThatIsShown() {
        open("berth-14");
        sides().button(1)->click();
        QCOMPARE(editor().side(), std::string("back"));
        const size_t before = editor().card().inscriptions.size();
        f_->window->routeCard().open(RouteCard::lettering);
        f_->button("Add inscription")->click();
        settle(*f_->window);
        QCOMPARE(editor().card().inscriptions.size(), before + 1);
        QCOMPARE(editor().card().inscriptions.back().side, std::string("back"));
        QCOMPARE(editor().side(), std::string("back"));
    }

    void wordsAreMovedToAnotherSideInOneStep() {
        open("fender-pin");
        editor().select(0);
        QVERIFY(sideRow());
        const int steps = editor().history().count();
        emit sideRow()->activated(1);
        settle(*f_->window);
        QCOMPARE(editor().card().inscriptions[0].side, std::string("start"));
        QCOMPARE(editor().side(), std::string("start"));
        QCOMPARE(editor().history().count(), steps + 1);
        const setting::Placing& placing = editor().card().inscriptions[0].placing;
        QVERIFY(placing.x >= 0 && placing.x <= 32 && placing.y >= 0 && placing.y <= 32);
        editor().history().undo();
        QCOMPARE(editor().card().inscriptions[0].side, std::string());
    }

    void aSideThatTheBlankLacksIsToldAndKept() {
        open("fender-pin");
        editor().edit({}, {}, [](card::Card& card) { card.blank.kind = blank::Kind::disc; });
        settle(*f_->window);
        const auto& findings = f_->window->maker().shown().made.checked->findings;
        QVERIFY(
            std::ranges::any_of(findings, [](const check::Finding& f) { return f.id == "sideMissing:i2"; }));
        editor().select(2);
        QVERIFY(sideRow());
        QCOMPARE(sideRow()->currentText(), QString("end"));
        QCOMPARE(editor().side(), std::string("front"));
    }
};
QTEST_MAIN(SidesInWindowTest)
#include "sides_in_window_test.moc"
