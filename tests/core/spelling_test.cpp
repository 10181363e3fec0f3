#include "../sample_cards.hpp"
#include "type/spelling.hpp"
#include <QTemporaryDir>

using namespace bollard;

namespace {

const type::Dictionary& english() {
    static const auto all = type::installedDictionaries();
    static const auto found = std::ranges::find(all, std::string("en_GB"), &type::Dictionary::name);
    return *found;
}

std::vector<std::string> wrong(const type::Spelling& spelling, const std::string& words) {
    std::vector<std::string> list;
    for (const type::Misspelling& one : spelling.misspelt(words))
        list.push_back(one.word);
    return list;
}

} // namespace

class SpellingTest : public QObject {
    Q_OBJECT
  private slots:
    void onlyWordsAreJudged() {
        const type::Spelling spelling(english());
        QCOMPARE(wrong(spelling, "Harbour berth\nNORTH QUAY"), std::vector<std::string>{});
        QCOMPARE(wrong(spelling, "The harbor berht"), (std::vector<std::string>{"harbor", "berht"}));
        QCOMPARE(wrong(spelling, "PN-77XQ {serial} XQ7/12 3rd"), std::vector<std::string>{});
        QCOMPARE(wrong(spelling, "don\u2019t the ship's"), std::vector<std::string>{});
    }

    void placesAreCodePoints() {
        const type::Spelling spelling(english());
        const auto found = spelling.misspelt("café – hte quay");
        QCOMPARE(found.size(), size_t{1});
        QCOMPARE(found[0].first, 7);
        QCOMPARE(found[0].count, 3);
    }

    void suggestionsAndOwnWords() {
        type::Spelling spelling(english());
        const auto suggestions = spelling.suggestions("harbuor");
        QVERIFY(!suggestions.empty() && suggestions.size() <= 4);
        QVERIFY(std::ranges::count(suggestions, "harbour") == 1);
        QVERIFY(!wrong(spelling, "Grensund").empty());
        spelling.add("Grensund");
        QVERIFY(wrong(spelling, "Grensund").empty());
    }

    void foldersWithoutDictionariesAreEmpty() {
        const QTemporaryDir folder;
        QVERIFY(type::installedDictionaries({folder.path().toStdString(), "/no/such/folder"}).empty());
    }

    void featuresAndAxesChangeLetters() {
        const type::TypefaceEntry* garamond = samples::catalogue()->find("EB Garamond", "");
        QVERIFY(garamond);
        const auto face = type::openTypeface(garamond->file);
        QVERIFY(face && std::ranges::count((*face)->features(), "smcp") == 1);
        setting::TextStyle style;
        const auto plain = setting::set("quay 27", *face, style);
        style.features = {{"smcp", 1}};
        const auto small = setting::set("quay 27", *face, style);
        QVERIFY(plain.letters[0].glyph != small.letters[0].glyph);
        // A variable font's weight: the same letters with thicker strokes.
        const std::string path = "/usr/share/fonts/truetype/inter-vf/Inter-roman.var.ttf";
        const auto light = type::openTypeface(path, 0, 0, {{"wght", 200}});
        const auto heavy = type::openTypeface(path, 0, 0, {{"wght", 800}});
        QVERIFY(light && heavy);
        QVERIFY(std::ranges::count((*light)->axes(), std::string("wght"), &type::Axis::tag) == 1);
        setting::TextStyle ten;
        QVERIFY(check::thinnestStroke(setting::set("HI", *heavy, ten)) >
                2 * check::thinnestStroke(setting::set("HI", *light, ten)));
    }

    void boldIsTheFamilysOwnOrMade() {
        card::Inscription inscription;
        inscription.typeface = {"DejaVu Sans", "Book"};
        const type::Catalogue& all = *samples::catalogue();
        card::setBold(inscription, all, true);
        QVERIFY(card::emphasisOf(inscription, all).bold && !card::emphasisOf(inscription, all).boldMade);
        QCOMPARE(inscription.style.weight, 0.0);
        card::setBold(inscription, all, false);
        QVERIFY(!card::emphasisOf(inscription, all).bold);
        inscription.typeface = {"GFS Didot", "Regular"};
        card::setBold(inscription, all, true);
        card::setItalic(inscription, all, true);
        const card::Emphasis made = card::emphasisOf(inscription, all);
        QVERIFY(made.boldMade && made.italicMade);
        QVERIFY(inscription.style.weight > 0 && inscription.style.slant == 12);
        card::setBold(inscription, all, false);
        card::setItalic(inscription, all, false);
        QCOMPARE(inscription.style.weight, 0.0);
        QCOMPARE(inscription.style.slant, 0.0);
    }

    void typefacesAreOfTheirKind() {
        using type::TypefaceKind;
        const std::pair<const char*, TypefaceKind> faces[]{{"DejaVu Sans", TypefaceKind::sans},
                                                           {"DejaVu Serif", TypefaceKind::serif},
                                                           {"Allerta Stencil", TypefaceKind::stencil},
                                                           {"Bollard Wake", TypefaceKind::singleLine},
                                                           {"Hershey Roman", TypefaceKind::singleLine}};
        for (const auto& [family, kind] : faces)
            if (const auto face = samples::typeface(family))
                QVERIFY2(face->kind() == kind, family);
    }
};
QTEST_GUILESS_MAIN(SpellingTest)
#include "spelling_test.moc"
