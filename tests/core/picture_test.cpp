#include "../sample_cards.hpp"
#include "picture/frame.hpp"

using namespace bollard;
using picture::Pixel, picture::Quality;

namespace {

struct Drawn {
    picture::View view;
    picture::Frame frame;
};

Drawn drawn(const card::Card& card, double turn, double tilt,
            const std::function<void(picture::View&)>& change = {}) {
    const auto scene = picture::sceneOf(samples::made(card).solid->mesh);
    Drawn result;
    result.view.camera = picture::fitted(scene.extent, turn, tilt, 300, 200, 10);
    result.view.quality = Quality::coarse;
    if (change)
        change(result.view);
    result.frame = picture::frameOf(scene, result.view, 300, 200);
    return result;
}
int count(const picture::Frame& frame, Pixel pixel) {
    return int(std::ranges::count(frame.pixels, pixel));
}

} // namespace

class PictureTest : public QObject {
    Q_OBJECT
  private slots:
    void pointsComeBackFromThePicture() {
        const Drawn d = drawn(samples::plate("H"), 0, 0);
        const auto& camera = d.view.camera;
        for (const body::Vertex point :
             {body::Vertex{10, 5, 0}, body::Vertex{110, 40, 0}, body::Vertex{60, 22.5, 1.6}}) {
            const picture::Point3 at = picture::inPicture(camera, 300, 200, point);
            const auto back = picture::pointUnder(d.frame, camera, int(at.x), int(at.y));
            QVERIFY(back);
            COMPARE_NEAR(back->x, point.x, camera.mmPerPixel);
            COMPARE_NEAR(back->y, point.y, camera.mmPerPixel);
            COMPARE_NEAR(back->z, point.z, 0.01); // the crossbar of H stands 1.6 high
        }
        QVERIFY(!picture::pointUnder(d.frame, camera, 1, 1));
    }

    void everyStandingViewShowsTheWholePart() {
        for (const auto& [turn, tilt] :
             {std::pair{0.0, 0.0}, {180.0, 180.0}, {0.0, 90.0}, {18.0, 42.0}, {-77.0, 20.0}}) {
            const Drawn d = drawn(samples::plate("H"), turn, tilt);
            int touched = 0;
            for (int x = 0; x < 300; ++x)
                touched += std::isfinite(d.frame.depths[size_t(x)]) ||
                                   std::isfinite(d.frame.depths[size_t(199 * 300 + x)])
                               ? 1
                               : 0;
            QCOMPARE(touched, 0); // nothing runs off the edge
            QVERIFY(std::ranges::count_if(d.frame.depths, [](float z) { return std::isfinite(z); }) > 500);
        }
    }

    void theSectionShowsItsCutFace() {
        const auto cut = [](picture::View& view) { view.section = picture::Section{1, 22.5}; };
        const Drawn front = drawn(samples::plate("H"), 0, 60, cut), whole = drawn(samples::plate("H"), 0, 60);
        const picture::Paints paints;
        QVERIFY(count(front.frame, paints.cut) > 300);
        QVERIFY(count(front.frame, paints.cutLetters) > 5); // through the crossbar
        QCOMPARE(count(whole.frame, paints.cut), 0);
    }

    void seeThroughShowsWhatLiesBehind() {
        card::Card card = samples::plate("H");
        const Drawn back = drawn(card, 180, 180),
                    seeThrough = drawn(card, 180, 180, [](picture::View&view) { view.seeThrough = true; });
        const auto middle = size_t(100 * 300 + 150);
        QVERIFY(seeThrough.frame.pixels[middle] != back.frame.pixels[middle]);
    }

    void theSamePictureEveryTime() {
        const Drawn one = drawn(samples::read("berth-14"), 18, 42),
                    two = drawn(samples::read("berth-14"), 18, 42);
        QVERIFY(one.frame.pixels == two.frame.pixels);
    }

    void sharpFramesHaveTheSameShape() {
        const Drawn coarse = drawn(samples::plate("H"), 18, 42);
        const Drawn sharp =
            drawn(samples::plate("H"), 18, 42, [](picture::View& view) { view.quality = Quality::sharp; });
        int different = 0;
        for (size_t i = 0; i < coarse.frame.depths.size(); ++i)
            different +=
                std::isfinite(coarse.frame.depths[i]) != std::isfinite(sharp.frame.depths[i]) ? 1 : 0;
        QVERIFY(different < 1500); // along the outline only
    }

    void aStoppedOrEmptyPictureIsHarmless() {
        std::stop_source stop;
        stop.request_stop();
        const auto scene = picture::sceneOf(samples::made(samples::plate("H")).solid->mesh);
        QVERIFY(picture::frameOf(scene, {}, 300, 200, stop.get_token()).pixels.empty());
        QCOMPARE(picture::frameOf({}, {}, 0, -5).width, 1);
    }
};
QTEST_GUILESS_MAIN(PictureTest)
#include "picture_test.moc"
