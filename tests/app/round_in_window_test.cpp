// Blanks that words go round, as a person comes to them.
#include "app/board/flat_view.hpp"
#include "app/board/side_choice.hpp"
#include "app/card/profile_editor.hpp"
#include "app/controls/choice.hpp"
#include "blank/ready.hpp"
#include "blank/ring_sizes.hpp"
#include "blank/shape.hpp"
#include "card/sides.hpp"
#include "window_fixture.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>

using namespace bollard;
using namespace bollard::app;

class RoundInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    CardEditor& editor() { return f_->window->editor(); }
    const blank::Blank& blank() { return editor().card().blank; }
    void open(const char* sample, int station) {
        f_->openSample(sample);
        editor().select(0);
        f_->window->routeCard().open(station);
        settle(*f_->window);
    }
    template<class Widget> Widget* named(const char* name) {
        for (Widget* widget : f_->window->findChildren<Widget*>())
            if (widget->accessibleName() == QLatin1String(name) && widget->isVisible())
                return widget;
        return nullptr;
    }
    void openArranging() {
        for (auto* heading : f_->window->routeCard().findChildren<QPushButton*>())
            if (heading->isVisible() && heading->text().endsWith(QLatin1String("Arrange")) &&
                !f_->button("Copy this side to the others"))
                heading->click();
        settle(*f_->window);
    }
    bool isMade() {
        const auto& solid = f_->window->maker().shown().made.solid;
        return solid && !solid->problem && !solid->mesh.empty();
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void everyKindCanBeChosenAndIsMade() {
        open("fender-pin", RouteCard::blank);
        auto* kinds = f_->window->routeCard().findChild<Choice*>();
        QVERIFY(kinds);
        editor().edit({}, {}, [](card::Card& card) { card.inscriptions.clear(); });
        for (const blank::Shape& shape : blank::shapes()) {
            if (shape.kind == blank::Kind::none)
                continue;
            kinds->button(int(shape.kind))->click();
            settle(*f_->window);
            QCOMPARE(int(blank().kind), int(shape.kind));
            QCOMPARE(isMade(), shape.kind != blank::Kind::file); // which is asked for
            const auto sides = f_->window->flatView().findChild<SideChoice*>()->isVisible();
            QCOMPARE(sides, shape.sides.size() > 1);
        }
        editor().history().undo();
        settle(*f_->window);
        QVERIFY(blank().kind != blank::shapes().back().kind);
    }

    void aReadyShapeIsTakenInOneStep() {
        open("fender-pin", RouteCard::blank);
        auto* ready = named<QComboBox>("A ready shape to begin from");
        QVERIFY(ready);
        const int steps = editor().history().count();
        ready->setCurrentIndex(2);
        emit ready->activated(2);
        settle(*f_->window);
        QCOMPARE(int(blank().kind), int(blank::Kind::turned)); // an egg
        QCOMPARE(editor().history().count(), steps + 1);
        QCOMPARE(ready->currentIndex(), 0);
        editor().history().undo();
        QCOMPARE(int(blank().kind), int(blank::Kind::bar));
    }

    void aRingIsSizedByAnyScale() {
        open("ring-band", RouteCard::blank);
        auto* scale = named<QComboBox>("Scale of ring sizes");
        auto* size = named<QLineEdit>("Ring size");
        QVERIFY(scale && size);
        const auto type = [&](blank::RingScale of, const char* text) {
            scale->setCurrentIndex(int(of));
            emit scale->activated(int(of));
            size->setFocus();
            size->selectAll();
            QTest::keyClicks(size, text);
            QTest::keyClick(size, Qt::Key_Return);
            settle(*f_->window);
        };
        type(blank::RingScale::japanese, "13");
        QVERIFY(std::fabs(blank().bore - 17) < 1e-9);
        type(blank::RingScale::british, "P 1/2");
        QVERIFY(std::fabs(blank().bore - (37.5 + 15.5 * 1.25) / M_PI) < 1e-9);
        const double before = blank().bore;
        type(blank::RingScale::northAmerican, "large");
        QCOMPARE(blank().bore, before);
        QVERIFY(!size->text().contains("large"));
    }

    void aProfileIsDrawnByItsPoints() {
        open("net-float", RouteCard::blank);
        auto* canvas = f_->window->findChild<ProfileCanvas*>();
        QVERIFY(canvas && canvas->isVisible());
        const auto before = blank().profile;
        const QPoint at = canvas->pixelOf(before[1]).toPoint();
        const int steps = editor().history().count();
        QTest::mousePress(canvas, Qt::LeftButton, {}, at);
        QTest::mouseMove(canvas, at + QPoint(-6, 0));
        QTest::mouseMove(canvas, at + QPoint(-12, 4));
        QTest::mouseRelease(canvas, Qt::LeftButton, {}, at + QPoint(-12, 4));
        settle(*f_->window);
        QVERIFY(blank().profile[1].r < before[1].r - 1);
        QVERIFY(blank().profile[1].smooth);
        QCOMPARE(editor().history().count(), steps + 1);
        QVERIFY(isMade());
        // A double click puts a point in where the line is; the keys move it and take it away.
        const QPoint between = canvas->pixelOf({10, 45, true}).toPoint();
        QTest::mouseDClick(canvas, Qt::LeftButton, {}, between);
        QTest::mouseRelease(canvas, Qt::LeftButton, {}, between); // which a double click leaves out
        QCOMPARE(blank().profile.size(), size_t(4));
        QCOMPARE(canvas->chosen(), 2);
        const double r = blank().profile[2].r;
        QTest::keyClick(canvas, Qt::Key_Right);
        QVERIFY(std::fabs(blank().profile[2].r - r - 0.5) < 1e-9);
        QTest::keyClick(canvas, Qt::Key_S);
        QVERIFY(!blank().profile[2].smooth);
        QTest::keyClick(canvas, Qt::Key_Delete);
        QCOMPARE(blank().profile.size(), size_t(3));
        // And the same as numbers
        auto* smooth = named<QCheckBox>("Profile point 2, smooth");
        QVERIFY(smooth && smooth->isChecked());
        smooth->click();
        settle(*f_->window);
        QVERIFY(!blank().profile[1].smooth && isMade());
    }

    void lettersAreGivenOutToFacets() {
        open("key-ring", RouteCard::placing);
        auto* goes = named<QComboBox>("Whether letters or words go one by one to facets");
        QVERIFY(goes);
        QCOMPARE(goes->currentIndex(), 1);
        const auto crossed = [&] {
            return std::ranges::any_of(
                f_->window->maker().shown().made.checked->findings,
                [](const check::Finding& f) { return f.kind == check::FindingKind::facetCrossed; });
        };
        QVERIFY(!crossed());
        goes->setCurrentIndex(0);
        emit goes->activated(0);
        settle(*f_->window);
        QVERIFY(crossed());
        editor().history().undo();
        settle(*f_->window);
        QVERIFY(!crossed());
    }

    void theBodyOpensTheSideThatIsPointedAt() {
        open("fender-pin", RouteCard::placing);
        f_->window->showView(MainWindow::body);
        settle(*f_->window);
        BodyCanvas* const canvas = &f_->window->bodyView().canvas();
        canvas->stand(0, 90); // the start faces the eye
        QVERIFY(settle(*f_->window));
        QSignalSpy pointed(canvas, &BodyCanvas::pointed);
        for (int i = 0; i < 50 && pointed.isEmpty(); ++i) {
            QTest::mouseMove(canvas, canvas->rect().center() + QPoint(3 + i % 2, 3));
            QTest::qWait(10);
        }
        QVERIFY(!pointed.isEmpty());
        QVERIFY2(pointed.last().first().toString().startsWith("start: x "),
                 qPrintable(pointed.last().first().toString()));
        // How thick it is there: all of its length, but for what is sunk into its other end.
        const QStringList told = pointed.last().first().toString().split(' ');
        QCOMPARE(told.last(), QStringLiteral("thick"));
        const double thick = told[told.size() - 2].toDouble();
        QVERIFY(thick > blank().length - 1 && thick <= blank().length);
        QTest::mouseDClick(canvas, Qt::LeftButton, {}, canvas->rect().center());
        QCOMPARE(editor().side(), std::string("start"));
        QVERIFY(f_->window->flatView().isVisible());
    }

    void aHoleIsDrilledAlongTheAxis() {
        open("fender-pin", RouteCard::blank);
        const auto type = [&](const char* name, const char* text) {
            auto* field = named<QLineEdit>(name);
            QVERIFY2(field, name);
            field->setFocus();
            field->selectAll();
            QTest::keyClicks(field, text);
            QTest::keyClick(field, Qt::Key_Return);
            settle(*f_->window);
            QVERIFY(isMade());
        };
        const double solid = body::volumeOf(f_->window->maker().shown().made.solid->mesh);
        QVERIFY(!named<QComboBox>("Where the hole along the axis opens"));
        type("Hole along the axis", "4");
        QCOMPARE(blank().axisHole.diameter, 4.0);
        const double through = body::volumeOf(f_->window->maker().shown().made.solid->mesh);
        QVERIFY(through < solid);
        type("Depth of the hole, 0 for right through", "6"); // then it opens at one end only
        QVERIFY(body::volumeOf(f_->window->maker().shown().made.solid->mesh) > through);
        auto* opens = named<QComboBox>("Where the hole along the axis opens");
        QVERIFY(opens);
        opens->setCurrentIndex(1);
        emit opens->activated(1);
        settle(*f_->window);
        QVERIFY(blank().axisHole.fromEnd && isMade());
        for (int i = 0; i < 3; ++i)
            editor().history().undo();
        QCOMPARE(blank().axisHole.diameter, 0.0);
    }

    void lettersOverARimAreJoinedAndTold() {
        open("fender-pin", RouteCard::placing);
        editor().editInscription("x", {}, [&](card::Inscription& inscription) {
            inscription.side.clear();
            inscription.placing.y = blank().length;
        });
        bool joining = false;
        const auto heard = connect(&f_->window->maker(), &Maker::stageDone, this, [&] {
            const card::Made& made = f_->window->maker().shown().made;
            joining = joining || wording::verdictOf(made).contains("Joining");
        });
        settle(*f_->window);
        disconnect(heard);
        QVERIFY(joining);
        QVERIFY(isMade());
        QVERIFY(!wording::verdictOf(f_->window->maker().shown().made).contains("Joining"));
    }

    void theSeamGoesAcrossFromTheWords() {
        open("fender-pin", RouteCard::placing);
        editor().select(1); // across the seam
        settle(*f_->window);
        const double turn = blank::turnOf(blank(), "outside"),
                     own = editor().card().inscriptions[1].placing.x;
        openArranging();
        f_->button("Put the seam across from these words")->click();
        settle(*f_->window);
        const card::Card& card = editor().card();
        const double seam = card::seamOf(card, "outside");
        QVERIFY(std::fabs(std::remainder(own - turn / 2 - seam, turn)) < 0.5);
        // Nothing is turned: words are only counted from there.
        for (const card::Inscription& words : card.inscriptions)
            QVERIFY(words.ornament.goesWithWords() || !(blank::turnOf(card.blank, words.side) > 0) ||
                    (words.placing.x >= seam && words.placing.x < seam + turn));
        QVERIFY(std::fabs(std::remainder(card.inscriptions[1].placing.x - own, turn)) < 1e-6);
        editor().history().undo();
        QCOMPARE(editor().card().inscriptions[1].placing.x, own);
        QCOMPARE(editor().card().seam, 0.0);
    }

    void theSeamIsDraggedAndWordsRollAlong() {
        open("fender-pin", RouteCard::placing);
        settle(*f_->window);
        auto* const flat = f_->window->findChild<FlatView*>();
        const double turn = blank::turnOf(blank(), "outside");
        const double length = blank::sizeOf(blank(), "outside").y;
        const QPointF left = flat->scale().toPixels({0, length * 0.06});
        const double across = turn / 6 * flat->scale().pixelsPerMm;
        const int steps = editor().history().count();
        QTest::mousePress(flat, Qt::LeftButton, {}, left.toPoint());
        for (const double share : {0.3, 0.7, 1.0})
            QTest::mouseMove(flat, (left + QPointF(across * share, 0)).toPoint());
        QTest::mouseRelease(flat, Qt::LeftButton, {}, (left + QPointF(across, 0)).toPoint());
        settle(*f_->window);
        QCOMPARE(editor().card().seam, 300.0); // a sixth back, at whole fives
        QCOMPARE(editor().history().count(), steps + 1);
        // The side is shown from there, its ends where they were.
        const QPointF now = flat->scale().toPixels({card::seamOf(editor().card(), "outside"), length * 0.06});
        QVERIFY(std::fabs(now.x() - left.x()) < 1);
        editor().history().undo();
        QCOMPARE(editor().card().seam, 0.0);
    }

    void aSideIsCopiedToTheOthersInOneStep() {
        open("boat-block", RouteCard::placing);
        editor().edit({}, {}, [](card::Card& card) { card.inscriptions.resize(1); });
        editor().select(0);
        settle(*f_->window);
        const int steps = editor().history().count();
        openArranging();
        f_->button("Copy this side to the others")->click();
        settle(*f_->window);
        QCOMPARE(editor().card().inscriptions.size(), size_t(6));
        QCOMPARE(editor().history().count(), steps + 1);
        QCOMPARE(editor().side(), std::string("front"));
    }
};
QTEST_MAIN(RoundInWindowTest)
#include "round_in_window_test.moc"
