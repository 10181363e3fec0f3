// Cards and fonts that the tests share.
#pragma once
#include "body/faults.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "card/pipeline.hpp"
#include "files/whole_file.hpp"
#include "working/changes.hpp"
#include <QtTest>
#include <memory>
#include <string>

namespace samples {

inline std::string source(const std::string& path) {
    return std::string(BOLLARD_SOURCE "/").append(path);
}

inline std::shared_ptr<const bollard::type::Catalogue> catalogue() {
    static const auto all = std::make_shared<const bollard::type::Catalogue>(source("fonts"));
    return all;
}

inline std::shared_ptr<const bollard::type::Typeface> typeface(const std::string& family,
                                                               const std::string& style = {}) {
    const auto opened = catalogue()->open({family, style, {}, 0});
    return opened ? *opened : nullptr;
}

/// A plate of 120 x 45 x 4 with one raised inscription in the middle.
inline bollard::card::Card plate(const std::string& words,
                                 bollard::working::Kind kind = bollard::working::Kind::raised) {
    bollard::card::Card card;
    card.blank.thickness = 4;
    bollard::card::Inscription inscription;
    inscription.words = words;
    inscription.placing.x = 60;
    inscription.placing.y = 22.5;
    inscription.working.kind = kind;
    card.inscriptions.push_back(inscription);
    return card;
}

/// The same words with no blank.
inline bollard::card::Card freeStanding(const std::string& words) {
    bollard::card::Card card = plate(words, bollard::working::Kind::freeStanding);
    card.blank.kind = bollard::blank::Kind::none;
    return card;
}

/// A card on which every field is there at least once.
inline bollard::card::Card fullCard() {
    using namespace bollard;
    card::Card card = plate("A{no}");
    card.blank.holes = {{8, 20, 4}};
    card.rows = setting::Rows{{"no"}, {{"1"}}, {"count", 5, 1, 2}};
    card.process.own["raised.strokeStop"] = 0.5;
    card::Inscription& words = card.inscriptions[0];
    words.style.features = {{"smcp", 1}};
    words.style.kerning = false;
    words.typeface.axes = {{"wght", 400}};
    words.nudges = {{0, 1, 1, 5, 90, 1}};
    words.baseline.kind = setting::BaselineKind::curve;
    words.baseline.points = {{0, 0, {}, {5, 0}}, {40, 0, {-5, 0}, {}}};
    words.group = 1;
    card::Inscription frame;
    frame.ornament.kind = setting::OrnamentKind::frame;
    card.inscriptions.push_back(frame);
    card::Inscription artwork;
    artwork.ornament.kind = setting::OrnamentKind::artwork;
    artwork.ornament.artwork = plane::Outline{{plane::circle({}, 4)}};
    card.inscriptions.push_back(artwork);
    return card;
}

inline bollard::card::Made made(const bollard::card::Card& card) {
    bollard::card::Pipeline pipeline(catalogue());
    return pipeline.run(std::make_shared<const bollard::card::Card>(card), {});
}

inline bollard::card::Card read(const std::string& sample) {
    auto card =
        *bollard::card::cardFromJson(*bollard::files::readWhole(source("samples/" + sample + ".bollard")));
    if (std::string& part = card.blank.part.file; !part.empty()) // whichever folder it is run in
        part = source("samples/" + part);
    return card;
}

/// mm3 of its blank alone, on the strips that it was made on.
inline double blankVolumeOf(const bollard::card::Made& made) {
    using namespace bollard;
    std::vector<working::Columns> columns;
    for (const blank::Panel& panel : *made.solid->panels)
        columns.push_back(*working::columnsOf(working::changesOf(panel.outline, working::Thickness(panel)),
                                              {}, panel.cuts));
    std::vector<body::PanelColumns> parts;
    for (size_t i = 0; i < columns.size(); ++i)
        parts.push_back({(*made.solid->panels)[i], columns[i]});
    return body::volumeOf(body::meshOf(parts));
}

/// Into a file, by its ending.
inline bollard::quantity::Result<bollard::quantity::Done>
write(const bollard::card::Made& made, const std::string& path, bollard::files::IfThere ifThere,
      bollard::files::DxfCurves curves = bollard::files::DxfCurves::arcs) {
    const auto output =
        bollard::card::outputOf(made, *bollard::card::formatOf(path), path, {{}, curves, false});
    if (!output)
        return output.problem();
    return bollard::files::writeTogether(*output, ifThere);
}

/// Of a format that comes to one file; none when it cannot be written.
inline std::string bytesOf(const bollard::card::Made& made, const std::string& ending,
                           const std::string& title = "berth") {
    const std::string path = title + "." + ending;
    const auto output = bollard::card::outputOf(made, *bollard::card::formatOf(path), path);
    return output && output->size() == 1 ? output->front().bytes : std::string();
}

inline const bollard::check::Finding* finding(const bollard::card::Made& made,
                                              bollard::check::FindingKind kind) {
    for (const auto& finding : made.checked->findings)
        if (finding.kind == kind)
            return &finding;
    return nullptr;
}

} // namespace samples

/// Compares within a tolerance and tells both numbers.
#define COMPARE_NEAR(actual, expected, tolerance)                                                            \
    do {                                                                                                     \
        const double actual_ = (actual), expected_ = (expected);                                             \
        QVERIFY2(                                                                                            \
            std::fabs(actual_ - expected_) <= (tolerance),                                                   \
            qPrintable(QStringLiteral("%1 is not %2").arg(actual_, 0, 'g', 12).arg(expected_, 0, 'g', 12))); \
    } while (false)
