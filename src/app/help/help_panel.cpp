#include "app/help/help_panel.hpp"
#include "app/help/topic.hpp"
#include "drawing/tokens.hpp"
#include <QAbstractTextDocumentLayout>
#include <QEvent>
#include <QImageReader>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollBar>
#include <QStackedWidget>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextList>

namespace bollard::app {
namespace {

bool isSection(const QTextBlock& block, const QString& title) {
    return block.blockFormat().headingLevel() == 2 && block.text() == title;
}

} // namespace

HelpPanel::HelpPanel(const HelpBook& book, QWidget* parent) : QWidget(parent), book_(book) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* head = new QHBoxLayout;
    contents_ = new QPushButton(tr("Contents"), this);
    head->addWidget(contents_);
    search_ = new QLineEdit(this);
    search_->setPlaceholderText(tr("Search the help"));
    search_->setAccessibleName(tr("Search the help"));
    search_->setClearButtonEnabled(true);
    head->addWidget(search_, 1);
    layout->addLayout(head);
    stack_ = new QStackedWidget(this);
    layout->addWidget(stack_, 1);
    list_ = new QListWidget(stack_);
    list_->setAccessibleName(tr("Places in the help"));
    list_->setWordWrap(true);
    stack_->addWidget(list_);
    page_ = new QTextBrowser(stack_);
    page_->setAccessibleName(tr("Page of the help"));
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    stack_->addWidget(page_);
    setFocusProxy(search_);
    connect(contents_, &QPushButton::clicked, this, [this] {
        search_->clear();
        showContents();
    });
    connect(search_, &QLineEdit::textChanged, this, &HelpPanel::showContents);
    connect(search_, &QLineEdit::returnPressed, this, [this] {
        if (list_->count() > 0 && stack_->currentWidget() == list_)
            emit list_->itemActivated(list_->currentItem() ? list_->currentItem() : list_->item(0));
    });
    const auto open = [this](const QListWidgetItem* item) {
        if (item->flags() & Qt::ItemIsEnabled)
            show({item->data(Qt::UserRole).toInt(), item->data(Qt::UserRole + 1).toInt()});
    };
    connect(list_, &QListWidget::itemActivated, this, open);
    connect(list_, &QListWidget::itemClicked, this, open);
    connect(page_, &QTextBrowser::anchorClicked, this, [this](const QUrl& link) {
        if (const int page = book_.pageOf(link.fileName()); page >= 0)
            show({page, -1});
    });
    showContents();
}

void HelpPanel::showTopic(const QStringList& topics) {
    for (const QString& topic : topics)
        if (const HelpPlace place = book_.placeOf(topic); place.page >= 0)
            return show(place);
    showContents();
}

void HelpPanel::showContents() {
    shown_ = {};
    fillList();
    stack_->setCurrentWidget(list_);
}

void HelpPanel::fillList() {
    list_->clear();
    const auto add = [this](const QString& text, const HelpPlace& place) {
        auto* item = new QListWidgetItem(text, list_);
        item->setData(Qt::UserRole, place.page);
        item->setData(Qt::UserRole + 1, place.section);
        return item;
    };
    const QList<HelpPage>& pages = book_.pages();
    if (search_->text().trimmed().isEmpty()) {
        for (int page = 0; page < pages.size(); ++page)
            add(pages[page].title, {page, -1});
        return;
    }
    for (const HelpPlace& place : book_.search(search_->text()))
        add(tr("%1: %2").arg(pages[place.page].title, pages[place.page].sections[place.section].title),
            place);
    if (list_->count() == 0)
        add(tr("The help says nothing of “%1”. Try fewer or other words.").arg(search_->text().trimmed()), {})
            ->setFlags(Qt::NoItemFlags);
}

void HelpPanel::show(const HelpPlace& place) {
    shown_ = place;
    const HelpPage& page = book_.pages()[place.page];
    page_->document()->setBaseUrl(QUrl::fromLocalFile(book_.folder() + QLatin1Char('/')));
    page_->document()->setMarkdown(page.text(), QTextDocument::MarkdownDialectGitHub);
    dress(place.section >= 0 ? page.sections[place.section].title : QString());
    stack_->setCurrentWidget(page_);
    int at = 0;
    for (QTextBlock block = page_->document()->begin(); block.isValid(); block = block.next())
        if (place.section >= 0 && isSection(block, page.sections[place.section].title))
            at = int(page_->document()->documentLayout()->blockBoundingRect(block).top());
    page_->verticalScrollBar()->setValue(at);
}

/// Sizes and room as the rest of the window has them; pictures are as wide as the page at most. The section
/// that was asked for is marked.
void HelpPanel::dress(const QString& asked) {
    const int most = page_->viewport()->width() - 2 * int(page_->document()->documentMargin());
    const drawing::Tokens& t = drawing::tokens();
    constexpr int page = 16, section = 14, usual = 13, gap = 6;
    QTextCursor cursor(page_->document());
    for (QTextBlock block = page_->document()->begin(); block.isValid(); block = block.next()) {
        const int level = block.blockFormat().headingLevel();
        QTextBlockFormat room;
        room.setTopMargin(level == 2 ? 2 * gap : 0);
        room.setBottomMargin(block.textList() ? gap / 3 : gap);
        cursor.setPosition(block.position());
        cursor.mergeBlockFormat(room);
        QList<QTextFragment> fragments;
        for (auto at = block.begin(); !at.atEnd(); ++at)
            fragments << at.fragment();
        for (const QTextFragment& fragment : fragments) {
            cursor.setPosition(fragment.position());
            cursor.setPosition(fragment.position() + fragment.length(), QTextCursor::KeepAnchor);
            if (fragment.charFormat().isImageFormat()) {
                QTextImageFormat picture = fragment.charFormat().toImageFormat();
                const QUrl file =
                    QUrl::fromLocalFile(book_.folder() + QLatin1Char('/')).resolved(picture.name());
                const QSize size = QImageReader(file.toLocalFile()).size();
                picture.setWidth(std::min(size.width(), most));
                picture.setHeight(size.width() > 0 ? picture.width() * size.height() / size.width() : 0);
                cursor.setCharFormat(picture);
                continue;
            }
            QTextCharFormat format;
            if (fragment.charFormat().fontWeight() > QFont::DemiBold || level > 0)
                format.setFontWeight(QFont::DemiBold);
            if (level > 0) {
                format.clearProperty(QTextFormat::FontSizeAdjustment);
                format.setProperty(QTextFormat::FontSizeAdjustment, 0);
                format.setProperty(QTextFormat::FontPixelSize, drawing::scaled(level == 1   ? page
                                                                               : level == 2 ? section
                                                                                            : usual));
            }
            if (isSection(block, asked))
                format.setForeground(t.tide);
            cursor.mergeCharFormat(format);
        }
    }
}

void HelpPanel::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    if (shown_.page >= 0 && event->oldSize().width() != event->size().width())
        show(HelpPlace(shown_));
}

void HelpPanel::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && shown_.page >= 0)
        show(HelpPlace(shown_));
}

} // namespace bollard::app
