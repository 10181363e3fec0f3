// Machines, tools and dialects of one's own, kept for all cards.
#pragma once
#include "cut/shop.hpp"
#include <QObject>
#include <QString>
#include <memory>

namespace bollard::app {

/// What ships, with a person's own shop.json in their data folder. What cannot be read there is told, and
/// never written over.
class KeptShop : public QObject {
    Q_OBJECT
  public:
    explicit KeptShop(QObject* parent = nullptr);

    const std::shared_ptr<const cut::Shop>& shop() const { return shop_; }
    /// What was wrong with the file; empty: nothing.
    const QString& problem() const { return problem_; }
    static QString file();

    /// Keeps a tool, a machine or the last job; what went wrong, or nothing.
    template<class One> QString keep(One one) {
        cut::Shop own = own_;
        own.keep(std::move(one));
        return write(own);
    }

    /// Forgets a machine or a tool of one's own; what shipped under its name is there again.
    template<class One> QString forget(const One& one) {
        cut::Shop own = own_;
        std::erase(listOf(own, one), one);
        return write(own);
    }
    /// What is a person's own of it.
    const cut::Shop& own() const { return own_; }

  signals:
    void changed();

  private:
    static std::vector<cut::RackTool>& listOf(cut::Shop& shop, const cut::RackTool&) { return shop.rack; }
    static std::vector<cut::Machine>& listOf(cut::Shop& shop, const cut::Machine&) { return shop.machines; }
    QString write(const cut::Shop& own);
    cut::Shop own_;
    std::shared_ptr<const cut::Shop> shop_;
    QString problem_;
};

} // namespace bollard::app
