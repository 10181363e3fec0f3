// The window in other languages: complete, with every number kept, and seen in the window.
#include "app/card/stations.hpp"
#include "window_fixture.hpp"
#include "wording/language.hpp"
#include <QLabel>
#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QXmlStreamReader>

using namespace bollard;
using namespace bollard::app;

namespace {

struct Message {
    QString source{};
    QStringList translations{};
    bool counts = false, unfinished = false;
};

QList<Message> messagesIn(const QString& path, QString* language = nullptr) {
    QFile file(path);
    QList<Message> messages;
    if (!file.open(QIODevice::ReadOnly))
        return messages;
    QXmlStreamReader xml(&file);
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement)
            continue;
        const auto name = xml.name();
        if (name == QLatin1String("TS") && language)
            *language = xml.attributes().value("language").toString();
        if (name == QLatin1String("message"))
            messages.append({{}, {}, xml.attributes().value("numerus") == QLatin1String("yes"), false});
        if (name == QLatin1String("source"))
            messages.last().source = xml.readElementText();
        if (name == QLatin1String("translation")) {
            messages.last().unfinished = xml.attributes().hasAttribute("type");
            if (!messages.last().counts)
                messages.last().translations << xml.readElementText();
        }
        if (name == QLatin1String("numerusform"))
            messages.last().translations << xml.readElementText();
    }
    return messages;
}

QStringList placesIn(const QString& text) {
    static const QRegularExpression place("%([0-9]|n)");
    QStringList all;
    for (auto found = place.globalMatch(text); found.hasNext();)
        all << found.next().captured(0);
    all.sort();
    return all;
}

} // namespace

class TranslationsTest : public QObject {
    Q_OBJECT

  private slots:
    void everyLanguageIsComplete_data() {
        QTest::addColumn<QString>("language");
        for (const char* language : {"de", "fr", "es", "he"})
            QTest::newRow(language) << language;
    }
    void everyLanguageIsComplete() {
        QFETCH(QString, language);
        const QString path = QStringLiteral(BOLLARD_SOURCE "/translations/bollard_%1.ts").arg(language);
        QString told;
        const QList<Message> messages = messagesIn(path, &told);
        QCOMPARE(told, language);
        QVERIFY(messages.size() > 1500);
        static const QRegularExpression words("[A-Za-z]{3,}"), hebrew("[\\x{0590}-\\x{05ff}]");
        int alike = 0, worded = 0, inScript = 0;
        for (const Message& message : messages) {
            QVERIFY2(!message.unfinished, qPrintable(message.source));
            QCOMPARE(message.translations.size(), message.counts ? 2 : 1);
            for (const QString& text : message.translations) {
                QVERIFY2(!text.isEmpty(), qPrintable(message.source));
                QVERIFY2(placesIn(text) == placesIn(message.source),
                         qPrintable(message.source + " → " + text));
                // What joins words keeps its blanks.
                QVERIFY2(text.startsWith(' ') == message.source.startsWith(' ') &&
                             text.endsWith(' ') == message.source.endsWith(' '),
                         qPrintable(message.source + " → " + text));
            }
            alike += message.translations.front() == message.source;
            if (message.source.contains(words)) {
                ++worded;
                inScript += message.translations.front().contains(hebrew);
            }
        }
        QVERIFY2(alike * 100 < messages.size() * 12, qPrintable(QString::number(alike)));
        if (language == "he")
            QVERIFY2(inScript * 100 > worded * 85, qPrintable(QString("%1 of %2").arg(inScript).arg(worded)));
        // Nothing in the sources is missing from it.
        QTemporaryDir folder;
        const QString copy = folder.filePath("bollard_" + language + ".ts");
        QVERIFY(QFile::copy(path, copy));
        QProcess update;
        const QString tool = QStandardPaths::findExecutable("lupdate", {"/usr/lib/qt6/bin", "/usr/bin"});
        update.start(tool, {QStringLiteral(BOLLARD_SOURCE "/src"), "-recursive", "-no-obsolete", "-locations",
                            "none", "-ts", copy});
        QVERIFY(update.waitForFinished(60000));
        const QByteArray output = update.readAllStandardOutput() + update.readAllStandardError();
        QVERIFY2(output.contains("(0 new and"), output.constData());
    }

    void theWindowSpeaksThem_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("lettering");
        QTest::newRow("de") << "de"
                            << "Beschriftung";
        QTest::newRow("fr") << "fr"
                            << "Lettrage";
        QTest::newRow("es") << "es"
                            << "Rotulación";
        QTest::newRow("he") << "he"
                            << "כיתוב";
    }
    void theWindowSpeaksThem() {
        QFETCH(QString, language);
        QFETCH(QString, lettering);
        // In a program of its own, as a language is chosen once.
        QTemporaryDir folder;
        QProcess program;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("BOLLARD_LANGUAGE", language);
        environment.insert("XDG_DATA_HOME", folder.path());
        environment.insert("XDG_CONFIG_HOME", folder.path());
        program.setProcessEnvironment(environment);
        program.start(QCoreApplication::applicationFilePath(), {"saysInItsLanguage"});
        QVERIFY(program.waitForFinished(120000));
        const QString said = QString::fromUtf8(program.readAllStandardOutput());
        QVERIFY2(program.exitCode() == 0 && said.contains(lettering), qPrintable(said));
    }

    /// Run by the one before.
    void saysInItsLanguage() {
        const QString language = qEnvironmentVariable("BOLLARD_LANGUAGE");
        if (language.isEmpty())
            return;
        QCOMPARE(wording::useLanguage(QLocale(language), QStringLiteral(BOLLARD_TRANSLATIONS)), language);
        QGuiApplication::setLayoutDirection(QLocale(language).textDirection());
        QTemporaryDir unsaved;
        Session session(unsaved.path());
        MainWindow window(session);
        window.show();
        window.openSample(QStringLiteral(BOLLARD_SOURCE "/samples/valve-tag.bollard"));
        settle(window);
        QCOMPARE(window.layoutDirection(), language == "he" ? Qt::RightToLeft : Qt::LeftToRight);
        // Words of the sources that are longer than a few signs are nowhere left.
        QStringList left;
        const QList<Message> messages =
            messagesIn(QStringLiteral(BOLLARD_SOURCE "/translations/bollard_%1.ts").arg(language));
        QHash<QString, QString> known;
        for (const Message& message : messages)
            known[message.source] = message.translations.front();
        for (auto* one : window.findChildren<QAbstractButton*>())
            if (known.contains(one->text()) && known[one->text()] != one->text() && one->text().size() > 6)
                left << one->text();
        for (auto* one : window.findChildren<QLabel*>())
            if (known.contains(one->text()) && known[one->text()] != one->text() && one->text().size() > 6)
                left << one->text();
        QVERIFY2(left.isEmpty(), qPrintable(left.join("|")));
        QStringList said;
        for (auto* one : window.findChildren<QLabel*>())
            said << one->text();
        QTextStream(stdout) << said.join('|') << Qt::endl;
    }
};

QTEST_MAIN(TranslationsTest)
#include "translations_test.moc"
