#include "../sample_cards.hpp"
#include "card/travelling.hpp"
#include "quantity/base64.hpp"
#include <QTemporaryDir>
#include <filesystem>
#include <random>

using namespace bollard;
using quantity::ProblemKind;

namespace {

const type::TypefaceEntry* installedFace() {
    for (const type::TypefaceEntry& entry : samples::catalogue()->entries())
        if (!entry.shipped && !entry.singleLine && entry.file.ends_with(".ttf"))
            return &entry;
    return nullptr;
}

/// Of the font's table of licences, at its place in OS/2.
void setLicence(std::string& font, int bits) {
    const size_t tables =
        size_t(static_cast<unsigned char>(font[4])) << 8 | static_cast<unsigned char>(font[5]);
    for (size_t i = 0; i < tables; ++i) {
        const size_t record = 12 + 16 * i;
        if (font.compare(record, 4, "OS/2") != 0)
            continue;
        size_t at = 0;
        for (size_t k = 8; k < 12; ++k)
            at = at << 8 | static_cast<unsigned char>(font[record + k]);
        font[at + 8] = char(bits >> 8);
        font[at + 9] = char(bits & 0xFF);
    }
}

card::Card travelling(const std::string& family, const std::string& style) {
    card::Card card = samples::plate("Kittiwake");
    card.inscriptions[0].typeface = {family, style, {}, 0};
    card.travels = true;
    return card;
}

std::vector<plane::Region> lettersOf(const card::Card& card,
                                     std::shared_ptr<const type::Catalogue> catalogue) {
    card::Pipeline pipeline(std::move(catalogue));
    const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), "");
    return made.lettering->inscriptions.empty() ? std::vector<plane::Region>{}
                                                : made.lettering->inscriptions[0].onSide;
}

} // namespace

class TravellingTest : public QObject {
    Q_OBJECT
  private slots:
    void anyBytesComeBackFromTheirText() {
        std::mt19937 random(11);
        for (size_t size = 0; size < 300; ++size) {
            std::string bytes(size, '\0');
            for (char& byte : bytes)
                byte = char(random());
            QCOMPARE(quantity::bytesOfBase64(quantity::base64Of(bytes)), std::optional(bytes));
        }
        QCOMPARE(quantity::base64Of("berth"), std::string("YmVydGg="));
        QCOMPARE(quantity::bytesOfBase64("YmVy\n  dGg="), std::optional(std::string("berth")));
        for (const char* wrong : {"Y", "YmVydGg", "Ym=ydGg=", "Ym*ydGg=", "===="})
            QVERIFY2(!quantity::bytesOfBase64(wrong), wrong);
    }

    void aCardThatTravelsOpensTheSameWhereItsTypefaceIsNot() {
        const type::TypefaceEntry* const face = installedFace();
        QVERIFY(face);
        card::Card card = travelling(face->family, face->style);
        const auto here = lettersOf(card, samples::catalogue());
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QCOMPARE(card.typefaces.size(), size_t(1));

        const auto bare = std::make_shared<const type::Catalogue>(std::vector<type::TypefaceEntry>{});
        const std::string text = card::jsonOf(card);
        const auto read = card::cardFromJson(text);
        QVERIFY(read);
        QVERIFY(lettersOf(*read, bare) == here);
        QVERIFY(lettersOf(*read, nullptr) == here);
        QCOMPARE(card::jsonOf(*read), text);

        card.typefaces.clear();
        QVERIFY(lettersOf(card, bare).empty());
    }

    void aTypefaceTravelsOnlyAsFarAsItsLicenceLetsIt() {
        const auto bytes = quantity::readWhole(installedFace()->file);
        QVERIFY(bytes);
        constexpr int installable = 0, restricted = 2, preview = 4, editable = 8, bitmapsOnly = 0x200;
        for (const auto& [bits, goes] : {std::pair{installable, true},
                                         {editable, true},
                                         {editable | preview, true},
                                         {restricted, false},
                                         {preview, false},
                                         {editable | bitmapsOnly, false}}) {
            QTemporaryDir folder;
            std::string font = *bytes;
            setLicence(font, bits);
            QVERIFY(
                files::writeWhole(folder.filePath("own.ttf").toStdString(), font, files::IfThere::refuse));
            card::Card card = travelling({}, {});
            card.inscriptions[0].typeface.file = "own.ttf";
            card.inscriptions.push_back(card.inscriptions[0]); // is told once
            const auto left = card::takeAlong(card, samples::catalogue().get(), folder.path().toStdString());
            QCOMPARE(card.typefaces.size(), size_t(goes ? 1 : 0));
            QCOMPARE(left.size(), size_t(goes ? 0 : 1));
            if (!goes)
                QCOMPARE(left[0].kind, ProblemKind::typefaceStays);
            else
                QCOMPARE(*card.typefaces[0].bytes, font);
        }
    }

    void whatShipsStaysAndWhatIsNoLongerUsedIsLeft() {
        card::Card card = travelling("League Spartan", "Bold");
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QVERIFY(card.typefaces.empty());

        const type::TypefaceEntry* const face = installedFace();
        card.inscriptions[0].typeface = {face->family, face->style, {}, 0};
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QCOMPARE(card.typefaces.size(), size_t(1));
        // What it carries it keeps where it is not installed
        QVERIFY(card::takeAlong(card, nullptr, "").empty());
        QCOMPARE(card.typefaces.size(), size_t(1));
        card.inscriptions[0].typeface = {"League Spartan", "Bold", {}, 0};
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QVERIFY(card.typefaces.empty());
    }

    void aTypefaceThatIsNotThereIsTold() {
        card::Card card = travelling("Harbour Grotesk", "Bold");
        const auto left = card::takeAlong(card, samples::catalogue().get(), "");
        QCOMPARE(left.size(), size_t(1));
        QCOMPARE(left[0].kind, ProblemKind::typefaceUnknown);
    }
};

QTEST_GUILESS_MAIN(TravellingTest)
#include "travelling_test.moc"
