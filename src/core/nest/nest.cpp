#include "nest/nest.hpp"
#include "nest/strips.hpp"
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numeric>
#include <random>

namespace bollard::nest {
namespace {

constexpr std::array<std::string_view, 4> turnings{"none", "half", "quarter", "any"};

/// Those first that are worth trying most.
std::vector<double> turnsOf(Turning turning) {
    std::vector<double> all{0, 180, 90, 270};
    constexpr int step = 15;
    switch (turning) {
    case Turning::none:
        all.resize(1);
        break;
    case Turning::half:
        all.resize(2);
        break;
    case Turning::quarter:
        break;
    case Turning::any:
        for (int turn = step; turn < 360; turn += step)
            if (turn % 90 != 0)
                all.push_back(turn);
    }
    return all;
}

/// What parts that are alike share.
struct Shape {
    std::vector<Strips> turned{}; ///< one a turn
    std::vector<double> turns{};
    double tallest = 0, area = 0; ///< mm, mm²; of its box as it is drawn
    std::vector<int> parts{};     ///< in order
    plane::Vector shift{};        ///< from the shape to its first part: none; others are told by `offsets`
    std::vector<plane::Vector> offsets{};
};

struct Laid {
    int shape = 0;
    size_t turn = 0;
    plane::Vector low{}; ///< where its box begins, mm
};

/// What comes next, and how it is turned.
struct Next {
    int shape = 0;
    int turn = -1; ///< -1: as it lies lowest
    bool operator==(const Next&) const = default;
};

/// One way of laying all.
struct Trial {
    std::vector<std::vector<Laid>> sheets{};
    double reach = 0; ///< of the last sheet
    double heft = 0;  ///< how high its parts reach on the whole, each by its share of all parts' area

    double score() const { return double(sheets.size()) * 1e6 + reach + heft; }
    bool operator<(const Trial& other) const {
        constexpr double hair = 1e-6;
        return sheets.size() != other.sheets.size() ? sheets.size() < other.sheets.size()
                                                    : reach < other.reach - hair;
    }
};

class Nesting {
  public:
    Nesting(std::span<const plane::Region> parts, const Board& board, const std::stop_token& stop)
        : parts_(parts), board_(board), stop_(stop) {}

    Nest find() {
        collect();
        if (!order_.empty())
            search();
        return told();
    }

  private:
    double roomWide() const { return board_.width - 2 * board_.margin + board_.spacing; }
    double roomHigh() const { return board_.height - 2 * board_.margin + board_.spacing; }
    double edge() const { return board_.margin - board_.spacing / 2; }

    /// Parts that are alike, wherever they are drawn, are one shape.
    void collect() {
        std::map<std::vector<plane::Ring>, int> known;
        for (size_t i = 0; i < parts_.size() && !stop_.stop_requested(); ++i) {
            const plane::Box box = plane::boxOf(parts_[i]);
            if (parts_[i].empty()) {
                nest_.tooLarge.push_back(int(i));
                continue;
            }
            std::vector<plane::Ring> rings = parts_[i].rings;
            for (plane::Ring& ring : rings)
                for (plane::Point& point : ring)
                    point = point - box.low;
            const auto [at, isNew] = known.emplace(std::move(rings), int(shapes_.size()));
            if (isNew)
                shapes_.push_back(shapeOf(parts_[i]));
            Shape& shape = shapes_[size_t(at->second)];
            if (shape.turned.empty()) {
                nest_.tooLarge.push_back(int(i));
                continue;
            }
            shape.offsets.push_back(plane::vectorOf(box.low));
            shape.parts.push_back(int(i));
            order_.push_back({at->second, -1});
            area_ += shape.area;
        }
        // Strips as high as the tallest parts come out even with.
        double tallest = 0, lowest = 1e9;
        for (const Shape& shape : shapes_)
            for (const Strips& strips : shape.turned) {
                tallest = std::max(tallest, strips.size().y);
                lowest = std::min(lowest, strips.size().y);
            }
        if (tallest <= 0)
            return;
        const double wanted = std::clamp(lowest / 40, 0.1, 1.0);
        high_ = tallest / std::ceil(tallest / wanted - 1e-9);
        for (Shape& shape : shapes_)
            for (Strips& strips : shape.turned)
                strips.cut(high_);
    }

    Shape shapeOf(const plane::Region& part) const {
        constexpr double tolerance = 5; // grid units
        plane::Region filled;           // without holes
        for (const plane::Region& one : plane::parts(part))
            filled.rings.push_back(one.rings.front());
        const plane::Region grown =
            plane::grown(filled, plane::toUnits(board_.spacing / 2), plane::Corners::round, tolerance);
        Shape shape;
        const plane::Box box = plane::boxOf(part);
        shape.tallest = plane::toMillimetres(box.high.y - box.low.y);
        shape.area = plane::areaOf(part) / plane::unitsPerMillimetre / plane::unitsPerMillimetre;
        for (const double turn : turnsOf(board_.turning)) {
            Strips strips(grown, turn);
            if (strips.size().x > roomWide() + slack || strips.size().y > roomHigh() + slack)
                continue;
            shape.turned.push_back(std::move(strips));
            shape.turns.push_back(turn);
        }
        return shape;
    }

    /// Lowest place first, of those the leftmost, in the order given.
    Trial laidInOrder(const std::vector<Next>& order) {
        Trial trial;
        std::vector<Filling> sheets;
        constexpr size_t lookBack = 3; // those before are as good as full
        // Where there was no room for a shape there will be none.
        std::map<std::pair<size_t, std::pair<int, size_t>>, Filling::From> known;
        for (const auto& [which, asked] : order) {
            if (stop_.stop_requested())
                break;
            const Shape& shape = shapes_[size_t(which)];
            std::optional<Laid> best;
            size_t onSheet = sheets.size() > lookBack ? sheets.size() - lookBack : 0;
            for (; !best; ++onSheet) {
                if (onSheet == sheets.size()) {
                    sheets.emplace_back(roomWide(), roomHigh(), high_);
                    trial.sheets.emplace_back();
                }
                double bestTop = 0, bestX = 0;
                for (size_t turn = 0; turn < std::min(allowed_, shape.turned.size()); ++turn) {
                    if (asked >= 0 && size_t(asked) != turn)
                        continue;
                    Filling::From& from = known[{onSheet, {which, turn}}];
                    const auto place = sheets[onSheet].placeFor(shape.turned[turn], from, work_);
                    if (!place)
                        continue;
                    const double top = place->y + shape.turned[turn].size().y,
                                 right = place->x + shape.turned[turn].size().x;
                    constexpr double hair = 1e-6;
                    if (!best || top < bestTop - hair || (top < bestTop + hair && right < bestX - hair)) {
                        best = Laid{which, turn, *place};
                        bestTop = top;
                        bestX = right;
                    }
                }
                if (!best && onSheet + 1 == sheets.size() && trial.sheets[onSheet].empty())
                    return trial; // it does not even go on an empty one
            }
            put(trial, sheets, onSheet - 1, *best);
        }
        measure(trial);
        return trial;
    }

    /// The same, but each time the one of those left that leaves the least room behind it.
    Trial laidByFit() {
        Trial trial;
        std::vector<int> left(shapes_.size());
        size_t all = 0;
        for (size_t i = 0; i < shapes_.size(); ++i)
            all += size_t(left[i] = int(shapes_[i].parts.size()));
        std::vector<Filling> sheets;
        while (all > 0 && !stop_.stop_requested()) {
            sheets.emplace_back(roomWide(), roomHigh(), high_);
            trial.sheets.emplace_back();
            std::map<std::pair<int, size_t>, Filling::From> known;
            while (all > 0 && !stop_.stop_requested()) {
                std::optional<Laid> best;
                double bestCost = 0;
                for (size_t i = 0; i < shapes_.size(); ++i) {
                    if (left[i] == 0)
                        continue;
                    for (size_t turn = 0; turn < std::min(allowed_, shapes_[i].turned.size()); ++turn) {
                        const Strips& strips = shapes_[i].turned[turn];
                        const auto place = sheets.back().placeFor(strips, known[{int(i), turn}], work_);
                        if (!place)
                            continue;
                        const double cost = sheets.back().lostBy(strips, *place) / shapes_[i].area +
                                            (place->y + strips.size().y) / roomHigh();
                        if (!best || cost < bestCost - 1e-9) {
                            best = Laid{int(i), turn, *place};
                            bestCost = cost;
                        }
                    }
                }
                if (!best)
                    break;
                put(trial, sheets, sheets.size() - 1, *best);
                --left[size_t(best->shape)];
                --all;
            }
            if (trial.sheets.back().empty())
                break;
        }
        measure(trial);
        return trial;
    }

    void put(Trial& trial, std::vector<Filling>& sheets, size_t sheet, const Laid& laid) {
        sheets[sheet].put(shapes_[size_t(laid.shape)].turned[laid.turn], laid.low);
        trial.sheets[sheet].push_back(laid);
    }

    void measure(Trial& trial) const {
        if (trial.sheets.empty()) // it was stopped before anything lay
            return;
        trial.reach = reachOf(trial);
        for (const Laid& laid : trial.sheets.back()) {
            const Shape& shape = shapes_[size_t(laid.shape)];
            trial.heft += shape.area / area_ * (laid.low.y + shape.turned[laid.turn].size().y);
        }
    }

    double reachOf(const Trial& trial) const {
        double reach = 0;
        for (const Laid& laid : trial.sheets.back())
            reach = std::max(reach, laid.low.y + shapes_[size_t(laid.shape)].turned[laid.turn].size().y);
        return reach;
    }

    /// Boxes on shelves, first fit, highest first.
    Trial shelved(bool lying) const {
        struct Shelf {
            double y, high, right;
        };
        struct Item {
            int shape;
            size_t turn;
            plane::Vector size;
        };
        std::vector<Item> items;
        for (const auto& [which, asked] : order_) {
            const Shape& shape = shapes_[size_t(which)];
            size_t chosen = 0;
            for (size_t turn = 1; lying && turn < shape.turned.size(); ++turn)
                if (shape.turned[turn].size().y < shape.turned[chosen].size().y - 1e-9)
                    chosen = turn;
            items.push_back({which, chosen, shape.turned[chosen].size()});
        }
        std::ranges::stable_sort(items, std::greater{}, [](const Item& item) { return item.size.y; });
        Trial trial;
        std::vector<std::vector<Shelf>> shelves;
        for (const Item& item : items) {
            const auto layOn = [&](size_t sheet) {
                for (Shelf& shelf : shelves[sheet])
                    if (item.size.y <= shelf.high + 1e-9 && shelf.right + item.size.x <= roomWide() + slack) {
                        trial.sheets[sheet].push_back({item.shape, item.turn, {shelf.right, shelf.y}});
                        shelf.right += item.size.x;
                        return true;
                    }
                const double y =
                    shelves[sheet].empty() ? 0 : shelves[sheet].back().y + shelves[sheet].back().high;
                if (y + item.size.y > roomHigh() + slack)
                    return false;
                shelves[sheet].push_back({y, item.size.y, item.size.x});
                trial.sheets[sheet].push_back({item.shape, item.turn, {0, y}});
                return true;
            };
            size_t sheet = 0;
            while (sheet < shelves.size() && !layOn(sheet))
                ++sheet;
            if (sheet == shelves.size()) {
                shelves.emplace_back();
                trial.sheets.emplace_back();
                layOn(sheet);
            }
        }
        measure(trial);
        return trial;
    }

    /// All of the parts lie somewhere: it was not stopped, and each went on an empty sheet at least.
    bool isWhole(const Trial& trial) const {
        size_t laid = 0;
        for (const auto& sheet : trial.sheets)
            laid += sheet.size();
        return laid == order_.size();
    }

    void hold(Trial trial) {
        if (isWhole(trial) && trial < best_)
            best_ = std::move(trial);
    }

    /// Whether that order, with its turns, comes to less than the best so far.
    bool attempt(const std::vector<Next>& order) {
        Trial trial = laidInOrder(order);
        const double score = trial.score();
        const bool better = isWhole(trial) && score < bestScore_;
        if (better) {
            bestOrder_ = order;
            bestScore_ = score;
        }
        hold(std::move(trial));
        return better;
    }

    void search() {
        best_ = shelved(false);
        bestOrder_ = order_;
        hold(shelved(true));
        allowed_ = 1;
        attempt(order_);
        if (shapes_.size() == 1 && board_.turning == Turning::none)
            return; // whatever the order, it is the same
        // First with few turns, which more of them are to better. How long is counted in work, so that the
        // result is the same everywhere.
        constexpr std::uint64_t mostWork = 50'000'000;
        const size_t turns = turnsOf(board_.turning).size();
        std::vector<size_t> phases;
        for (const size_t some : {1u, 2u, 4u, 24u})
            if (some <= turns)
                phases.push_back(some);
        std::mt19937 random(1);
        for (size_t phase = 0; phase < phases.size(); ++phase) {
            allowed_ = phases[phase];
            const std::uint64_t until = mostWork * (phase + 1) / phases.size();
            for (const auto& value : {&Shape::tallest, &Shape::area}) {
                std::vector<Next> order = order_;
                std::ranges::stable_sort(order, std::greater{}, [&](const Next& next) {
                    return shapes_[size_t(next.shape)].*value;
                });
                if (work_ < until)
                    attempt(order);
            }
            constexpr size_t fewShapes = 60, fewTurns = 4;
            if (shapes_.size() <= fewShapes && allowed_ <= fewTurns && work_ < until) {
                Trial fit = laidByFit();
                std::vector<Next> order;
                for (const auto& sheet : fit.sheets)
                    for (const Laid& laid : sheet)
                        order.push_back({laid.shape, int(laid.turn)});
                hold(std::move(fit));
                if (order.size() == order_.size())
                    attempt(order);
            }
            improve(random, until);
        }
    }

    /// Places in the best order, and turns, are changed at random, and what makes it better is kept.
    void improve(std::mt19937& random, std::uint64_t until) {
        constexpr int mostInVain = 3000;
        for (int vain = 0; work_ < until && vain < mostInVain && !stop_.stop_requested(); ++vain) {
            std::vector<Next> order = bestOrder_;
            const size_t n = order.size();
            for (size_t changes = 1 + random() % 3; changes > 0; --changes) {
                const size_t a = random() % n, b = random() % n;
                const size_t turns = std::min(allowed_, shapes_[size_t(order[a].shape)].turned.size());
                switch (random() % 3) {
                case 0:
                    std::swap(order[a], order[b]);
                    break;
                case 1: {
                    const Next moved = order[a];
                    order.erase(order.begin() + std::ptrdiff_t(a));
                    order.insert(order.begin() + std::ptrdiff_t(b), moved);
                    break;
                }
                default:
                    order[a].turn = int(random() % (turns + 1)) - 1;
                }
            }
            if (!(order == bestOrder_) && attempt(order))
                vain = 0;
        }
    }

    Nest told() {
        const double whole = board_.width * board_.height;
        for (std::vector<Laid>& sheet : best_.sheets)
            std::ranges::stable_sort(sheet, {},
                                     [](const Laid& laid) { return std::pair(laid.low.y, laid.low.x); });
        std::vector<size_t> next(shapes_.size());
        for (const std::vector<Laid>& laidOnes : best_.sheets) {
            Sheet sheet;
            for (const Laid& laid : laidOnes) {
                Shape& shape = shapes_[size_t(laid.shape)];
                const size_t which = next[size_t(laid.shape)]++;
                const double turn = shape.turns[laid.turn], s = std::sin(turn * M_PI / 180),
                             c = std::cos(turn * M_PI / 180);
                // Alike parts may be drawn elsewhere.
                const plane::Vector off =
                    1 / plane::unitsPerMillimetre * (shape.offsets[which] - shape.offsets.front());
                const plane::Vector turnedOff{c * off.x - s * off.y, s * off.x + c * off.y};
                const plane::Vector corner{edge(), edge()};
                const plane::Vector at = corner + laid.low - shape.turned[laid.turn].low() - turnedOff;
                sheet.places.push_back({shape.parts[which], turn, at});
                sheet.used += shape.area / whole;
                sheet.reach = std::max(sheet.reach, edge() + laid.low.y + shape.turned[laid.turn].size().y -
                                                        board_.spacing / 2);
            }
            std::ranges::sort(sheet.places, {}, &Place::part);
            nest_.sheets.push_back(std::move(sheet));
        }
        return std::move(nest_);
    }

    std::span<const plane::Region> parts_;
    const Board& board_;
    const std::stop_token& stop_;
    std::vector<Shape> shapes_{};
    std::vector<Next> order_{}; ///< as the parts come
    double area_ = 0;           ///< of all, mm²
    double high_ = 1;           ///< of a strip, mm
    std::uint64_t work_ = 0;
    size_t allowed_ = 1; ///< so many turns are tried, the first
    Trial best_{};
    std::vector<Next> bestOrder_{}; ///< by score, which is finer
    double bestScore_ = 1e18;
    Nest nest_{};
};

} // namespace

std::optional<Turning> turningCalled(std::string_view name) {
    const auto at = std::ranges::find(turnings, name);
    if (at == turnings.end())
        return std::nullopt;
    return Turning(at - turnings.begin());
}

std::string_view nameOf(Turning turning) {
    return turnings[size_t(turning)];
}

Nest nestOf(std::span<const plane::Region> parts, const Board& board, const std::stop_token& stop) {
    return Nesting(parts, board, stop).find();
}

} // namespace bollard::nest
