// The Proof view of a print: its layers, what is told of them, and that they follow the card.
#include "app/board/body_view.hpp"
#include "app/card/route_card.hpp"
#include "app/proof/layers_view.hpp"
#include "app/proof/proof_view.hpp"
#include "window_fixture.hpp"
#include <QSlider>

using namespace bollard;
using namespace bollard::app;

class LayersInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    LayersView& view() { return window().layersView(); }
    void open(const char* sample) {
        f_->openSample(sample);
        settle(window());
        window().showView(MainWindow::proof);
        proveNow();
    }
    void proveNow() { QTRY_VERIFY_WITH_TIMEOUT(view().proof() != nullptr, 20000); }
    QColor at(double x, double y) {
        const QImage image = view().canvas().grab().toImage();
        const QPointF place = view().canvas().onScreen(x, y) * image.devicePixelRatio();
        return image.pixelColor(place.toPoint());
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        window().resize(1280, 800);
    }
    void cleanup() { f_.reset(); }

    void layersAreShownAndToldOneByOne() {
        open("buoy-tag");
        QVERIFY(view().isVisible() && !window().proofView().isVisible());
        const auto proof = view().proof();
        QCOMPARE(proof->layers.size(), size_t(12));
        QCOMPARE(view().scrubber().minimum(), 1);
        QCOMPARE(view().scrubber().maximum(), 12);
        QCOMPARE(view().scrubber().value(), 12);
        QVERIFY2(view().told().contains("12 layers") && view().told().contains("two nozzles") &&
                     view().told().contains("roughly"),
                 qPrintable(view().told()));
        // Face down: letters lie in the first three layers, with walls of their own.
        view().scrubber().setValue(1);
        QVERIFY2(view().toldOfLayer().startsWith("layer 1 of 12") &&
                     view().toldOfLayer().contains("wall between"),
                 qPrintable(view().toldOfLayer()));
        const QImage first = view().canvas().grab().toImage();
        view().scrubber().setValue(4);
        QVERIFY(!view().toldOfLayer().contains("wall between"));
        QVERIFY(view().canvas().grab().toImage() != first);
        // Above there is only the plate where a letter was.
        const plane::Point inLetter = [&] {
            for (const plane::Region& part : plane::parts(proof->layers[0].ofLetters))
                for (int x = 1; x < 20; ++x) {
                    const plane::Box box = plane::boxOf(part);
                    const plane::Point p{box.low.x + (box.high.x - box.low.x) / 20 * x,
                                         (box.low.y + box.high.y) / 2};
                    if (plane::contains(plane::grown(part, -5000), p))
                        return p;
                }
            return plane::Point{};
        }();
        const double x = plane::toMillimetres(inLetter.x), y = plane::toMillimetres(inLetter.y);
        const QColor above = at(x, y);
        view().scrubber().setValue(1);
        const QColor below = at(x, y);
        QVERIFY(above != below);
        QVERIFY(below.blue() - below.red() > above.blue() - above.red()); // letters are blue
    }

    void beforeThereAreLayersNothingIsSteppedTo() {
        f_->openSample("buoy-tag");
        window().showView(MainWindow::proof);
        QVERIFY(!view().proof());
        for (const char* name : {"Trouble below", "Trouble above"}) {
            QVERIFY(!f_->button(name)->isEnabled());
            emit f_->button(name)->clicked(); // however it is reached
        }
        QTest::keyClick(&view().scrubber(), Qt::Key_Right);
        QCOMPARE(view().scrubber().value(), 0);
        settle(window());
        proveNow();
        QCOMPARE(view().scrubber().value(), 12);
    }

    void troubleIsSteppedTo() {
        open("berth-14");
        const auto proof = view().proof();
        // Letters so thin at their tops that a line does not fit
        window().editor().edit({}, {}, [](card::Card& card) {
            card.inscriptions.resize(1);
            card.inscriptions[0].style.size = 2;
            card.inscriptions[0].working.kind = working::Kind::raised;
            card.inscriptions[0].working.height = 1;
        });
        settle(window());
        QTRY_VERIFY_WITH_TIMEOUT(view().proof() && view().proof() != proof, 20000);
        QVERIFY(view().proof()->largestLost.area > 0);
        QVERIFY2(view().told().contains("the largest lost"), qPrintable(view().told()));
        auto* const below = f_->button("Trouble below");
        auto* const above = f_->button("Trouble above");
        view().scrubber().setValue(1);
        QVERIFY(view().proof()->layers[0].lost.empty());
        QVERIFY(above->isEnabled() && !below->isEnabled());
        above->click();
        const int first = view().scrubber().value();
        QVERIFY(!view().proof()->layers[size_t(first) - 1].lost.empty());
        QVERIFY2(view().toldOfLayer().contains("lost in"), qPrintable(view().toldOfLayer()));
        for (int number = 2; number < first; ++number)
            QVERIFY(view().proof()->layers[size_t(number) - 1].lost.empty());
        view().scrubber().setValue(view().scrubber().maximum());
        below->click();
        QVERIFY(view().scrubber().value() < view().scrubber().maximum());
    }

    void layersAreShownOnTheSolidAsItLies() {
        open("buoy-tag");
        auto* const solid = f_->button("On the solid");
        QVERIFY(solid && !view().showsSolid() && view().canvas().isVisible());
        solid->click();
        QVERIFY(view().showsSolid() && view().solid().isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(view().solid().sharp(), 20000);
        const proof::Layer& top = view().proof()->layers.back();
        QVERIFY(view().solid().view().section && view().solid().view().section->axis == 2);
        QCOMPARE(view().solid().view().section->at, (top.low + top.high) / 2);
        const QImage whole = view().solid().grab().toImage();
        view().scrubber().setValue(2);
        QTRY_VERIFY_WITH_TIMEOUT(view().solid().sharp(), 20000);
        QVERIFY(view().solid().grab().toImage() != whole);
        // It is turned by keys, and not looked at from below, where nothing is cut.
        const double turn = view().solid().view().camera.turn;
        QTest::keyClick(&view().solid(), Qt::Key_Right);
        QCOMPARE(view().solid().view().camera.turn, turn + 5);
        for (int i = 0; i < 40; ++i)
            QTest::keyClick(&view().solid(), Qt::Key_Up);
        QVERIFY(view().solid().view().camera.tilt < 90);
        solid->click();
        QVERIFY(!view().showsSolid());
    }

    void anotherCardHasLayersOfItsOwn() {
        open("buoy-tag");
        const auto before = view().proof();
        window().openSample(QStringLiteral(BOLLARD_SOURCE "/samples/store-tag.bollard")); // not waited for
        window().editor().edit({}, {}, [](card::Card& card) {
            card.process.kind = process::Filament{};
            for (card::Inscription& inscription : card.inscriptions) {
                inscription.style.size = std::min(inscription.style.size, 2.4);
                inscription.working.kind = working::Kind::raised;
            }
        });
        settle(window());
        QTRY_VERIFY_WITH_TIMEOUT(view().proof() && view().proof() != before, 20000);
        QCOMPARE(view().scrubber().maximum(), int(view().proof()->layers.size()));
        QVERIFY(view().proof()->layers.size() > 12);
    }

    void theFaceThatItLiesOnIsPointedAt() {
        open("buoy-tag");
        window().routeCard().open(RouteCard::process);
        for (auto* heading : window().routeCard().findChildren<QPushButton*>())
            if (heading->isVisible() && heading->text().endsWith(QStringLiteral("Lying and layers")))
                heading->click();
        auto* const point = f_->button("Point at a face");
        QVERIFY(point && point->isVisible());
        point->click();
        BodyCanvas& canvas = window().bodyView().canvas();
        QVERIFY(canvas.isVisible() && canvas.pointing() && point->isChecked());
        canvas.stand(0, 180); // its back
        QTRY_VERIFY_WITH_TIMEOUT(canvas.sharp(), 20000);
        const std::string before = window().editor().card().lying.on;
        QCOMPARE(before, std::string("front"));
        QTest::mouseClick(&canvas, Qt::LeftButton, {}, canvas.rect().center());
        QVERIFY(!canvas.pointing() && !point->isChecked());
        QCOMPARE(window().editor().card().lying.on, std::string("back"));
        window().editor().history().undo();
        QCOMPARE(window().editor().card().lying.on, before);
    }

    void theColourChangeIsTold() {
        open("berth-14");
        window().editor().edit({}, {}, [](card::Card& card) {
            card.inscriptions.resize(1);
            card.inscriptions[0].working.kind = working::Kind::raised;
        });
        settle(window());
        QTRY_VERIFY_WITH_TIMEOUT(view().proof() && view().proof()->changes.size() == 1, 20000);
        QVERIFY2(view().told().contains("the letters' colour above"), qPrintable(view().told()));
    }

    void whatIsCutIsProvedAsBefore() {
        open("buoy-tag");
        window().editor().edit({}, {}, [](card::Card& card) { card.process.kind = process::Milling{}; });
        settle(window());
        QVERIFY(!view().isVisible() && window().proofView().isVisible());
        window().editor().history().undo();
        settle(window());
        QVERIFY(view().isVisible() && !window().proofView().isVisible());
        proveNow();
        // What cannot be made has no layers.
        window().editor().edit({}, {}, [](card::Card& card) {
            card.blank.kind = blank::Kind::turned;
            card.blank.profile = {{5, 0, false}, {5, 0, false}};
        });
        settle(window());
        QTRY_VERIFY_WITH_TIMEOUT(view().proof() && view().proof()->layers.empty(), 20000);
        QVERIFY2(view().told().contains("nothing is printed"), qPrintable(view().told()));
    }
};
QTEST_MAIN(LayersInWindowTest)
#include "layers_in_window_test.moc"
