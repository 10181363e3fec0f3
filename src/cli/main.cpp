// bollard-cli: the pipeline of the window without a display.
#include "card/card_format.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "drawing/flat_drawing.hpp"
#include "picture/frame.hpp"
#include "wording/wording.hpp"
#include <CLI/CLI.hpp>
#include <QBuffer>
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QTemporaryDir>
#include <clocale>
#include <filesystem>
#include <iostream>
#include <nlohmann/json.hpp>
#include <optional>

using namespace bollard;
using Json = nlohmann::ordered_json;

namespace {

/// 2 is for wrong use too.
enum Exit { done = 0, stopFinding = 1, unreadable = 2, notWritten = 3 };

int complain(const quantity::Problem& problem, const std::string& about, int code) {
    std::cerr << (about.empty() ? "" : about + ": ") << wording::sentenceOf(problem).toStdString() << "\n";
    return code;
}

std::shared_ptr<const type::Catalogue> catalogue() {
    return std::make_shared<const type::Catalogue>((drawing::shareFolder() + "/fonts").toStdString());
}

/// Which card, and which of its rows, from 1.
struct CardChoice {
    std::string path;
    int row = 1;
};

/// A card read and made. Problems with the card or a file it needs end in exit code 2.
struct Run {
    card::Made made;
    int code = done;

    explicit Run(const CardChoice& choice) {
        const auto& [path, row] = choice;
        const auto text = files::readWhole(path);
        if (!text) {
            code = complain(text.problem(), "", unreadable);
            return;
        }
        auto read = card::cardFromJson(*text);
        if (!read) {
            code = complain(read.problem(), path, unreadable);
            return;
        }
        if (row < 1 || row > read->rows->count()) {
            code = complain(
                {quantity::ProblemKind::rowMissing, std::to_string(row), std::to_string(read->rows->count())},
                path, unreadable);
            return;
        }
        card::Card card = *std::move(read);
        card.row = row - 1;
        card::Pipeline pipeline(catalogue());
        const std::string folder = std::filesystem::path(path).parent_path().string();
        made = pipeline.run(std::make_shared<const card::Card>(std::move(card)), folder);
        for (const check::Finding& problem : made.lettering->problems)
            if (problem.kind == check::FindingKind::typefaceProblem)
                code = complain(problem.problem, path, unreadable);
    }
};

std::string plain(const check::Finding& finding, const card::Card& card) {
    const wording::FindingText text = wording::textOf(finding, card);
    constexpr std::array names{"note", "watch", "stop"};
    QString line = QString("%1: %2").arg(names[size_t(finding.severity)], text.title);
    if (!text.where.isEmpty())
        line += ", " + text.where;
    if (!text.measured.isEmpty())
        line += " (" + text.measured + ")";
    return (line + ". " + text.why).toStdString();
}

Json jsonOf(const check::Finding& finding, const card::Card& card) {
    const wording::FindingText text = wording::textOf(finding, card);
    constexpr std::array names{"note", "watch", "stop"};
    Json json{{"id", finding.id},
              {"kind", check::nameOf(finding.kind)},
              {"severity", names[size_t(finding.severity)]},
              {"what", text.title.toStdString()},
              {"where", text.where.toStdString()},
              {"measured", finding.measured},
              {"limit", finding.limit},
              {"count", finding.count},
              {"reason", text.why.toStdString()},
              {"inscription", finding.inscription >= 0 ? Json(finding.inscription) : Json()},
              {"accepted", finding.accepted},
              {"mends", Json::array()}};
    json["places"] = Json::array();
    for (const check::FindingPlace& place : finding.places)
        json["places"].push_back({{"text", place.text},
                                  {"x", plane::toMillimetres(place.at.x)},
                                  {"y", plane::toMillimetres(place.at.y)},
                                  {"width", place.width}});
    return json;
}

/// Tells the stop findings that keep a card from being written, unless they are let pass. False: go on.
bool refuses(const card::Made& made, bool accept) {
    if (accept || check::worstOf(made.checked->findings) != check::Severity::stop)
        return false;
    for (const check::Finding& finding : made.checked->findings)
        if (finding.severity == check::Severity::stop && !finding.accepted)
            std::cerr << plain(finding, *made.card) << "\n";
    std::cerr << "Nothing was written. Mend the card, or write all the same with --accept.\n";
    return true;
}

files::IfThere ifThere(bool force) {
    return force ? files::IfThere::replace : files::IfThere::refuse;
}

/// The path with `usual` as its ending where it has none. What ends in a few letters means them as an ending,
/// known or not: a dot elsewhere in a name does not.
std::string withAnEnding(const std::string& path, const std::string& usual) {
    const std::string ending = std::filesystem::path(path).extension().string();
    constexpr size_t longest = 5;
    const bool told =
        card::formatOf(path) ||
        (ending.size() > 2 && ending.size() <= longest &&
         std::ranges::all_of(ending.substr(1), [](unsigned char c) { return std::isalpha(c) != 0; }));
    return told ? path : files::withEnding(path, usual);
}

int checkCard(const CardChoice& choice, bool json, bool accept) {
    const Run run(choice);
    if (!run.made.checked)
        return run.code;
    const auto& findings = run.made.checked->findings;
    if (json) {
        Json list = Json::array();
        for (const check::Finding& finding : findings)
            list.push_back(jsonOf(finding, *run.made.card));
        std::cout << Json{{"verdict", wording::verdictOf(run.made).toStdString()}, {"findings", list}}.dump(2)
                  << "\n";
    } else {
        std::cout << wording::verdictOf(run.made).toStdString() << "\n";
        for (const check::Finding& finding : findings)
            std::cout << plain(finding, *run.made.card) << "\n";
    }
    if (run.code != done)
        return run.code;
    return !accept && check::worstOf(findings) == check::Severity::stop ? stopFinding : done;
}

/// Makes all the outputs, then writes all of them or none.
int write(const CardChoice& choice, const std::vector<std::string>& outputs, files::DxfCurves curves,
          bool accept, bool force) {
    std::error_code unknown;
    for (const std::string& output : outputs)
        if (!force && std::filesystem::exists(output, unknown))
            return complain({quantity::ProblemKind::fileExists, output}, "", notWritten);
    const Run run(choice);
    if (run.code != done)
        return run.code;
    if (refuses(run.made, accept))
        return stopFinding;
    std::vector<files::WholeFile> made;
    for (const std::string& output : outputs) {
        auto bytes = card::outputOf(run.made, *card::formatOf(output), output, curves);
        if (!bytes)
            return complain(bytes.problem(), "", notWritten);
        made.push_back({output, *std::move(bytes)});
    }
    const auto written = files::writeTogether(made, ifThere(force));
    return written ? done : complain(written.problem(), "", notWritten);
}

int make(const CardChoice& choice, std::vector<std::string> outputs, bool accept, bool force) {
    for (std::string& output : outputs) {
        output = withAnEnding(output, "stl");
        if (!card::formatOf(output))
            return complain({quantity::ProblemKind::unknownFormat, output}, "", unreadable);
    }
    return write(choice, outputs, files::DxfCurves::arcs, accept, force);
}

int drawLines(const CardChoice& choice, std::string output, const std::string& curves, bool accept,
              bool force) {
    output = withAnEnding(output, "dxf");
    const card::OutputFormat* format = card::formatOf(output);
    if (!format || format->solid)
        return complain({quantity::ProblemKind::unknownFormat, output, "svg dxf"}, "", unreadable);
    return write(choice, {output}, curves == "splines" ? files::DxfCurves::splines : files::DxfCurves::arcs,
                 accept, force);
}

Json smallest(const check::Measures& measures, check::ReadingKind kind) {
    const check::Reading* reading = check::narrowest(measures, kind);
    return {{"smallest", reading ? Json(reading->width) : Json()}};
}

/// The narrowest place that alone holds two parts together.
Json neckOf(const card::Made& made) {
    Json neck{{"smallest", nullptr}, {"x", nullptr}, {"y", nullptr}};
    const auto note = [&](double width, plane::Vector at) {
        if (neck["smallest"].is_null() || width < neck["smallest"].get<double>())
            neck = {
                {"smallest", width}, {"x", plane::toMillimetres(at.x)}, {"y", plane::toMillimetres(at.y)}};
    };
    const auto kindOf = [&](int slot) { return made.lettering->inscriptions[size_t(slot)].working.kind; };
    for (const check::Reading& reading : made.checked->measures->readings)
        if (reading.kind == check::ReadingKind::bridge &&
            kindOf(reading.inscription) == working::Kind::pierced)
            note(reading.width, reading.at);
    for (const check::Joint& joint : made.checked->measures->joints)
        if (kindOf(joint.inscription) == working::Kind::freeStanding)
            note(joint.neck, joint.at);
    return neck;
}

int measure(const CardChoice& choice) {
    const Run run(choice);
    if (run.code != done)
        return run.code;
    const card::Solid& solid = *run.made.solid;
    if (solid.problem)
        return complain(*solid.problem, choice.path, stopFinding);
    Json loose = Json::array();
    for (const check::DropOut& dropOut : solid.dropOuts.loose) {
        const auto& letters = run.made.lettering->inscriptions[size_t(dropOut.inscription)];
        const setting::Letter& letter = letters.setting->letters[size_t(dropOut.letter)];
        loose.push_back({{"kind", dropOut.kind == check::DropOut::Kind::counter ? "counter" : "letter"},
                         {"text", letter.text},
                         {"inscription", letters.inscription},
                         {"index", letter.index}});
    }
    plane::Box box;
    double area = 0;
    for (const working::Worked& worked : working::workedOf(run.made.lettering->inscriptions)) {
        box.include(plane::boxOf(worked.region));
        area += plane::areaOf(worked.region);
    }
    const auto extent = [&](std::int32_t low, std::int32_t high) {
        return box.empty() ? 0.0 : plane::toMillimetres(double(high) - low);
    };
    const check::Measures& measures = *run.made.checked->measures;
    std::cout << Json{{"pieces", solid.dropOuts.pieces},
                      {"loose", loose},
                      {"stroke", smallest(measures, check::ReadingKind::stroke)},
                      {"gap", smallest(measures, check::ReadingKind::gap)},
                      {"counter", smallest(measures, check::ReadingKind::counter)},
                      {"neck", neckOf(run.made)},
                      {"letters",
                       {{"width", extent(box.low.x, box.high.x)},
                        {"height", extent(box.low.y, box.high.y)},
                        {"area", area / (plane::unitsPerMillimetre * plane::unitsPerMillimetre)}}},
                      {"body",
                       {{"volume", body::volumeOf(solid.mesh)},
                        {"triangles", solid.mesh.triangles.size()},
                        {"vertices", solid.mesh.vertices.size()},
                        {"closed", !solid.mesh.empty() && body::faultsOf(solid.mesh).none()}}}}
                     .dump(2)
              << "\n";
    return done;
}

/// Text in pictures needs Qt's graphics, which need a folder for the session.
void startGraphics(int& argc, char** argv, std::optional<QGuiApplication>& graphics) {
    static const QTemporaryDir session;
    if (qEnvironmentVariableIsEmpty("XDG_RUNTIME_DIR"))
        qputenv("XDG_RUNTIME_DIR", session.path().toUtf8());
    qputenv("QT_QPA_PLATFORM", "offscreen");
    graphics.emplace(argc, argv);
    drawing::useInterfaceFont(drawing::shareFolder() + "/fonts");
}

int drawPicture(const CardChoice& choice, const std::string& view, const std::string& output,
                const QSize& size, bool force) {
    const Run run(choice);
    if (run.code != done)
        return run.code;
    QImage image(size, QImage::Format_RGB32);
    if (view == "flat") {
        const drawing::FlatDrawing flat(run.made);
        const QRectF area(QPointF(0, 0), QSizeF(size));
        QPainter painter(&image);
        flat.paint(painter, area, flat.fitted(area), {});
    } else {
        const picture::Scene scene = picture::sceneOf(run.made.solid->mesh);
        picture::View wanted;
        wanted.camera = picture::fitted(scene.extent, wanted.camera.turn, wanted.camera.tilt, size.width(),
                                        size.height());
        wanted.paints = drawing::paintsOf(drawing::Look::light);
        const picture::Frame frame = picture::frameOf(scene, wanted, size.width(), size.height());
        std::copy(frame.pixels.begin(), frame.pixels.end(), reinterpret_cast<picture::Pixel*>(image.bits()));
    }
    QByteArray bytes;
    QBuffer buffer(&bytes);
    image.save(&buffer, "PNG");
    const auto written = files::writeWhole(files::withEnding(output, "png"),
                                           {bytes.constData(), size_t(bytes.size())}, ifThere(force));
    return written ? done : complain(written.problem(), "", notWritten);
}

int listTypefaces(bool json, bool singleLine) {
    const auto all = catalogue();
    Json list = Json::array();
    for (const type::TypefaceEntry& entry : all->entries()) {
        if (singleLine && !entry.singleLine)
            continue;
        if (json)
            list.push_back({{"family", entry.family},
                            {"style", entry.style},
                            {"file", entry.file},
                            {"index", entry.index},
                            {"singleLine", entry.singleLine},
                            {"shipped", entry.shipped}});
        else
            std::cout << entry.family << " " << entry.style << "\n";
    }
    if (json)
        std::cout << list.dump(2) << "\n";
    return done;
}

int run(int argc, char** argv) {
    std::optional<QCoreApplication> console;
    std::optional<QGuiApplication> graphics;
    const bool draws = argc > 1 && std::string_view(argv[1]) == "picture";
    if (draws)
        startGraphics(argc, argv, graphics);
    else
        console.emplace(argc, argv);
    std::setlocale(LC_NUMERIC, "C"); // Qt takes the person's; numbers in files have a point everywhere

    CLI::App app{"Bollard without its window: makes, checks, measures and draws cards."};
    app.require_subcommand(1);
    CardChoice choice;
    std::string output, view = "flat", size = "1280x800";
    std::vector<std::string> outputs;
    bool accept = false, force = false, json = false;

    const auto takesCard = [&choice](CLI::App* command, const std::string& text) {
        command->add_option("CARD", choice.path, text)->required();
        command->add_option("--row", choice.row, "The row its fields are filled from")->capture_default_str();
    };

    CLI::App* makeCommand = app.add_subcommand("make", "Write the solid. Exit 1 when a stop finding stands.");
    takesCard(makeCommand, "The card to make");
    makeCommand
        ->add_option("-o,--output", outputs,
                     "File to write; .stl, .3mf, .svg or .dxf; may be given more than once")
        ->required();
    const auto accepts = [&accept](CLI::App* command) {
        command->add_flag("--accept", accept, "Let stop findings pass");
    };
    accepts(makeCommand);
    makeCommand->add_flag("--force", force, "Replace files that are there");

    CLI::App* checkCommand = app.add_subcommand(
        "check", "Tell the findings. Exit 0: nothing stops; 1: a stop finding; 2: cannot be read.");
    takesCard(checkCommand, "The card to check");
    checkCommand->add_flag("--json", json, "As JSON");
    accepts(checkCommand);

    CLI::App* measureCommand =
        app.add_subcommand("measure", "Tell pieces, widths and the solid's numbers as JSON.");
    takesCard(measureCommand, "The card to measure");
    measureCommand->add_flag("--json", json, "As JSON, which is how it always answers");

    CLI::App* pictureCommand = app.add_subcommand("picture", "Draw a view into a PNG file.");
    takesCard(pictureCommand, "The card to draw");
    pictureCommand->add_option("--view", view, "flat or body")
        ->check(CLI::IsMember({"flat", "body"}))
        ->capture_default_str();
    pictureCommand->add_option("-o,--output", output, "File to write; .png is added when missing")
        ->required();
    pictureCommand->add_option("--size", size, "Pixels, WIDTHxHEIGHT")->capture_default_str();
    pictureCommand->add_flag("--force", force, "Replace a file that is there");

    CLI::App* typefacesCommand =
        app.add_subcommand("typefaces", "List the typefaces that can be chosen by name.");
    typefacesCommand->add_flag("--json", json, "As JSON");
    bool singleLine = false;
    typefacesCommand->add_flag("--single-line", singleLine, "Only those whose letters are single lines");

    CLI::App* drawingCommand =
        app.add_subcommand("drawing", "Write outlines and scribed lines at true size.");
    takesCard(drawingCommand, "The card to draw");
    std::string curves = "arcs";
    drawingCommand->add_option("-o,--output", output, "File to write; .svg or .dxf")->required();
    drawingCommand->add_option("--curves", curves, "DXF: arcs or splines")
        ->check(CLI::IsMember({"arcs", "splines"}))
        ->capture_default_str();
    accepts(drawingCommand);
    drawingCommand->add_flag("--force", force, "Replace a file that is there");

    CLI::App* formatCommand = app.add_subcommand("format", "Tell every field of a card file, as Markdown.");

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error) == 0 ? done : unreadable;
    }
    if (*makeCommand)
        return make(choice, outputs, accept, force);
    if (*checkCommand)
        return checkCard(choice, json, accept);
    if (*measureCommand)
        return measure(choice);
    if (*typefacesCommand)
        return listTypefaces(json, singleLine);
    if (*formatCommand) {
        std::cout << card::formatText();
        return done;
    }
    if (*drawingCommand)
        return drawLines(choice, output, curves, accept, force);
    const QStringList sides = QString::fromStdString(size).split('x');
    const QSize pixels(sides.value(0).toInt(), sides.value(1).toInt());
    constexpr int most = 16000;
    if (pixels.width() < 16 || pixels.height() < 16 || pixels.width() > most || pixels.height() > most) {
        std::cerr << "--size wants WIDTHxHEIGHT in pixels, 16 to 16000 each, for example 1280x800.\n";
        return unreadable;
    }
    return drawPicture(choice, view, output, pixels, force);
}

} // namespace

int main(int argc, char** argv) {
    try {
        return run(argc, argv);
    } catch (const std::exception& error) {
        return complain({quantity::ProblemKind::stepFailed, {}, error.what()}, "", unreadable);
    }
}
