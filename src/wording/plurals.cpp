#include "wording/plurals.hpp"
#include <QCoreApplication>
#include <QTranslator>

static void initResources() {
    Q_INIT_RESOURCE(plurals);
}

namespace bollard::wording {

void usePlurals() {
    initResources();
    auto* plurals = new QTranslator(QCoreApplication::instance());
    [[maybe_unused]] const bool there = plurals->load(QStringLiteral(":/plurals.qm"));
    Q_ASSERT(there);
    QCoreApplication::installTranslator(plurals);
}

} // namespace bollard::wording
