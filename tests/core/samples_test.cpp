// What every sample gives, by numbers that no rearrangement of the code may change.
#include "../sample_cards.hpp"
#include "body/mesh.hpp"

using namespace bollard;

namespace {

struct Expected {
    const char* sample;
    const char* findings; ///< severity and id of each, in order
    double volume;        ///< mm3
    size_t contours;      ///< of its drawing
    double length;        ///< of all its contours, mm
};

constexpr Expected expected[]{
    {"berth-14", "watch gapNarrow:i1:watch, watch openingNarrow:i1:watch", 22256.35669, 26, 963.686},
    {"mooring-ring", "", 52905.59850, 38, 2576.344},
    {"tide-board", "", 120000.03013, 18, 1622.393},
    {"tidewater", "stop letterLoose:i0", 14228.98114, 14, 1001.995},
    {"transom", "", 477787.08365, 23, 3573.619},
    {"valve-serial", "", 5602.04977, 25, 453.224},
    {"valve-tag", "stop counterLoose:i0", 3501.31497, 24, 513.114},
    {"fender-pin", "", 56435.68558, 37, 1250.417},
    {"berth-9", "", 23976.96582, 11, 713.560},
    {"oak-name", "", 376685.98516, 15, 1801.252},
    {"mooring-tag", "", 8047.45537, 21, 885.124},
    {"harbour-ties", "watch openingNarrow:i1:watch, watch neckNarrow:i1:watch", 37104.47939, 27, 2219.895},
    {"hull-closed", "", 4498.82960, 1, 351.911},
    {"pilot-loose-dot", "stop letterLoose:name", 6841.67718, 4, 396.943},
    {"quay-bars", "", 11460.25420, 15, 897.650},
    {"tern-plate", "", 9106.36157, 1, 392.486},
    {"osprey-transom", "note strokeFlat:name, note strokeFlat:home", 514468.72792, 28, 2188.792},
    {"valve-scribed", "", 1755.02411, 25, 288.429},
    {"berth-monogram", "watch gapNarrow:name:watch", 36859.29966, 4, 1564.943},
    {"slate-ground", "note cornerRounded:name, note cornerRounded:border", 148607.32620, 13, 1927.361},
    {"boat-block", "", 101674.17479, 43, 2369.465},
    {"store-tag", "watch gapNarrow:i1:watch, note strokeFlat:i0", 6372.53250, 24, 603.488},
    {"ring-band", "", 14368.11594, 47, 1342.749},
    {"float-roller", "watch gapNarrow:band:watch", 38552.61879, 33, 901.485},
    {"net-float", "watch gapNarrow:boat:watch, note latitudeUneven:boat", 39595.41053, 20, 840.474},
    {"signet", "", 1204.14543, 34, 725.310},
    {"key-ring", "", 2981.65994, 34, 821.246},
    {"bollard-cap", "note latitudeUneven:round", 61830.49418, 33, 1376.719},
    {"buoy-tag", "", 4799.62466, 23, 602.453},
    {"horn-cleat", "watch gapNarrow:boat:watch", 44510.19313, 25, 1067.393},
    {"brass-bar", "", 30294.6123144, 30, 552.780},
    {"float-seal", "note cornerRounded:band", 18575.9841243, 22, 582.451},
    {"net-egg", "watch gapNarrow:boat:watch, watch openingNarrow:boat:watch, note latitudeUneven:boat",
     40718.5028001, 10, 468.479},
    {"buoy-ball", "note latitudeUneven:berth", 113039.56000, 26, 1189.948},
    {"crew-tags", "note cornerRounded:name", 7115.52741315, 15, 335.111},
    {"valve-hundred", "", 1754.73122889, 28, 295.700},
};

std::string findingsOf(const card::Made& made) {
    constexpr std::array names{"note ", "watch ", "stop "};
    std::string all;
    for (const check::Finding& finding : made.checked->findings)
        all += (all.empty() ? "" : ", ") + std::string(names[size_t(finding.severity)]) + finding.id;
    return all;
}

double lengthOf(const plane::Contour& contour) {
    double length = 0;
    for (const plane::Line& line : plane::lines({{contour}}, plane::unitsPerMillimetre, 1))
        for (size_t i = 1; i < line.size(); ++i)
            length += plane::length(plane::vectorOf(line[i]) - plane::vectorOf(line[i - 1]));
    return length / plane::unitsPerMillimetre;
}

} // namespace

class SamplesTest : public QObject {
    Q_OBJECT
  private slots:
    void everySampleIsJudgedAndMadeAsItWas_data() {
        QTest::addColumn<size_t>("which");
        for (size_t i = 0; i < std::size(expected); ++i)
            QTest::newRow(expected[i].sample) << i;
    }
    void everySampleIsJudgedAndMadeAsItWas() {
        QFETCH(size_t, which);
        const Expected& wanted = expected[which];
        const card::Made made = samples::made(samples::read(wanted.sample));
        QCOMPARE(findingsOf(made), std::string(wanted.findings));
        COMPARE_NEAR(body::volumeOf(made.solid->mesh), wanted.volume, 1e-4);
        size_t contours = 0;
        double length = 0;
        for (const files::DrawingLayer& layer : card::layersOf(made))
            for (const plane::Contour& contour : plane::outlineOf(layer.stamps).contours) {
                ++contours;
                length += lengthOf(contour);
            }
        QVERIFY2(contours == wanted.contours,
                 qPrintable(QStringLiteral("%1 %2").arg(contours).arg(length, 0, 'f', 3)));
        COMPARE_NEAR(length, wanted.length, 0.01);
    }

    void noSampleIsForgotten() {
        const auto there = QDir(QString::fromStdString(samples::source("samples"))).entryList({"*.bollard"});
        QCOMPARE(size_t(there.size()), std::size(expected));
    }
};
QTEST_GUILESS_MAIN(SamplesTest)
#include "samples_test.moc"
