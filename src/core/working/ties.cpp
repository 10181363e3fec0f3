#include "working/ties.hpp"
#include "plane/near_boxes.hpp"
#include "plane/point_hash.hpp"
#include "quantity/field.hpp"
#include "quantity/groups.hpp"
#include "quantity/kept.hpp"
#include "working/placed_letters.hpp"
#include <cmath>
#include <map>
#include <tbb/parallel_for.h>
#include <unordered_map>

namespace bollard::working {
namespace {

using plane::Region, plane::Vector;

struct TieKey {
    Region cut{};
    TieStyle style{};
    bool operator==(const TieKey&) const = default;
};
struct TieHash {
    size_t operator()(const TieKey& key) const {
        size_t hash = plane::hashOf(key.cut);
        for (const double number : {key.style.width, key.style.angle, key.style.baseline})
            hash = quantity::mixed(hash, std::hash<double>()(number));
        return quantity::mixed(hash, size_t(key.style.count) << 8 | size_t(key.style.direction));
    }
};
using Places = std::shared_ptr<const std::vector<TiePlace>>;

} // namespace

struct TieMemory::State {
    quantity::Kept<TieKey, Places, std::unordered_map<TieKey, Places, TieHash>> places{64};
};

namespace {

double turnOf(Vector way) {
    return std::atan2(way.y, way.x) * 180 / M_PI;
}

/// From a letter's own frame to the side: points in em (of ornaments in mm), and which way lines run there.
class LetterFrame {
  public:
    LetterFrame(const PlacedLetters& letters, size_t letter)
        : letters_(letters), letter_(letters.setting->letters[letter]),
          unit_(letters.setting->typeface ? letters.setting->scale * letters.setting->typeface->unitsPerEm()
                                          : plane::unitsPerMillimetre) {}

    Vector toSide(Vector own) const { return letters_.place.toSide(letter_.toFrame(unit_ * own)); }
    double turnOnSide(double own) const {
        const double turn = own * M_PI / 180;
        return turnOf(toSide({std::cos(turn), std::sin(turn)}) - toSide({}));
    }
    Vector toOwn(Vector onSide) const {
        // Letters are turned, made larger and mirrored, but never sheared: two directions tell all of it.
        const Vector origin = toSide({}), x = toSide({1, 0}) - origin, y = toSide({0, 1}) - origin;
        const Vector d = onSide - origin;
        return {plane::dot(d, x) / plane::dot(x, x), plane::dot(d, y) / plane::dot(y, y)};
    }
    double turnOfOwn(double onSide) const {
        const double turn = onSide * M_PI / 180;
        const Vector origin = toSide({});
        return turnOf(toOwn(origin + unit_ * Vector{std::cos(turn), std::sin(turn)}) - toOwn(origin));
    }

  private:
    const PlacedLetters& letters_;
    const setting::Letter& letter_;
    double unit_;
};

struct OneLetter {
    int slot = 0, letter = 0;
};

/// Letters that run into each other, and what becomes of them.
struct Tied {
    std::vector<OneLetter> letters{};
    std::vector<PlacedTie> ties{};
    std::vector<Region> left{};   ///< of each letter
    std::vector<Region> strips{}; ///< within each letter
};

class Tier {
  public:
    Tier(std::vector<PlacedLetters>& inscriptions, TieMemory& memory, const std::stop_token& stop)
        : inscriptions_(inscriptions), memory_(memory), stop_(stop) {}

    void tie() {
        std::vector<Tied> all = groups();
        memory_.state().places.makeRoom(2 * all.size());
        tbb::parallel_for(size_t{0}, all.size(), [&](size_t i) {
            if (!stop_.stop_requested())
                workOut(all[i]);
        });
        for (Tied& one : all)
            put(one);
    }

  private:
    const PlacedLetters& of(OneLetter one) const { return inscriptions_[size_t(one.slot)]; }
    const Region& regionOf(OneLetter one) const { return of(one).onSide[size_t(one.letter)]; }

    std::vector<Tied> groups() const {
        std::vector<OneLetter> letters;
        std::vector<plane::Box> boxes;
        for (size_t slot = 0; slot < inscriptions_.size(); ++slot) {
            const PlacedLetters& inscription = inscriptions_[slot];
            if (!isTied(inscription))
                continue;
            for (size_t i = 0; i < inscription.onSide.size(); ++i)
                if (!inscription.onSide[i].empty()) {
                    letters.push_back({int(slot), int(i)});
                    boxes.push_back(plane::boxOf(inscription.onSide[i]));
                }
        }
        quantity::Groups together(letters.size());
        for (const auto& [a, b] : plane::nearBoxes(boxes)) {
            const OneLetter one = letters[size_t(a)], other = letters[size_t(b)];
            if (of(one).side == of(other).side && !plane::common(regionOf(one), regionOf(other)).empty())
                together.join(size_t(a), size_t(b));
        }
        std::vector<Tied> all;
        std::map<size_t, size_t> place;
        for (size_t i = 0; i < letters.size(); ++i) {
            const auto [found, isNew] = place.try_emplace(together.of(i), all.size());
            if (isNew)
                all.emplace_back();
            all[found->second].letters.push_back(letters[i]);
        }
        return all;
    }

    void workOut(Tied& tied) const {
        Region cut = regionOf(tied.letters.front());
        if (tied.letters.size() > 1) {
            std::vector<Region> regions;
            for (const OneLetter one : tied.letters)
                regions.push_back(regionOf(one));
            cut = plane::united(regions);
        }
        const TieStyle style = tieStyleOf(of(tied.letters.front()), size_t(tied.letters.front().letter));
        bool byHand = false;
        for (const OneLetter one : tied.letters)
            byHand = putOwn(one, cut, tied) || byHand;
        if (!byHand)
            putAutomatic(cut, style, tied);
        if (tied.ties.empty())
            return;
        std::vector<Region> strips;
        for (const PlacedTie& one : tied.ties)
            strips.push_back(one.strip);
        const Region all = plane::united(strips);
        for (const OneLetter one : tied.letters) {
            tied.left.push_back(plane::without(regionOf(one), all));
            tied.strips.push_back(plane::common(regionOf(one), all));
        }
    }

    /// Whether the letter has ties of its own, or none on purpose.
    bool putOwn(OneLetter one, const Region& cut, Tied& tied) const {
        const Ties& ties = of(one).ties;
        const int index = of(one).setting->letters[size_t(one.letter)].index;
        const LetterFrame frame(of(one), size_t(one.letter));
        bool any = ties.kind == TieKind::own;
        for (size_t i = 0; i < ties.own.size(); ++i) {
            const OwnTie& own = ties.own[i];
            if (own.letter != index)
                continue;
            any = true;
            if (own.none)
                continue;
            const TiePlace place{frame.toSide({own.x, own.y}), frame.turnOnSide(own.turn), 0};
            Region strip = stripOf(cut, place, tieStyleOf(of(one), size_t(one.letter)));
            if (!strip.empty())
                tied.ties.push_back({one.letter, place, std::move(strip), int(i)});
        }
        return any;
    }

    void putAutomatic(const Region& cut, const TieStyle& style, Tied& tied) const {
        const plane::Point corner = plane::boxOf(cut).low;
        const auto holes = [&] {
            return std::ranges::any_of(cut.rings, [](const plane::Ring& r) { return plane::areaOf(r) < 0; });
        };
        if (!holes())
            return;
        TieKey key{plane::shifted(cut, plane::Point{} - corner), style};
        const Places places = memory_.state().places.of(
            key, [&] { return std::make_shared<const std::vector<TiePlace>>(tiesOf(key.cut, style)); });
        for (TiePlace place : *places) {
            place.at = place.at + plane::vectorOf(corner);
            tied.ties.push_back({tied.letters.front().letter, place, stripOf(cut, place, style), -1});
        }
    }

    void put(Tied& tied) {
        if (tied.left.empty())
            return;
        for (size_t i = 0; i < tied.letters.size(); ++i) {
            PlacedLetters& letters = inscriptions_[size_t(tied.letters[i].slot)];
            const auto letter = size_t(tied.letters[i].letter);
            letters.onSide[letter] = std::move(tied.left[i]);
            letters.altered.resize(letters.onSide.size());
            letters.altered[letter] = true;
            if (letters.ties.depth == TieDepth::through)
                continue;
            letters.slab = {letters.ties.thickness,
                            letters.ties.depth == TieDepth::back ? Slab::Does::leavesAtBack
                                                                 : Slab::Does::leavesInMiddle,
                            0};
            letters.strips.resize(letters.onSide.size());
            letters.strips[letter] = std::move(tied.strips[i]);
        }
        auto& placed = inscriptions_[size_t(tied.letters.front().slot)].placedTies;
        std::ranges::move(tied.ties, std::back_inserter(placed));
    }

    std::vector<PlacedLetters>& inscriptions_;
    TieMemory& memory_;
    const std::stop_token& stop_;
};

} // namespace

TieMemory::TieMemory() : state_(std::make_unique<State>()) {}
TieMemory::~TieMemory() = default;

TieStyle tieStyleOf(const PlacedLetters& letters, size_t letter) {
    const Ties& ties = letters.ties;
    const LetterFrame frame(letters, letter);
    const double baseline = frame.turnOnSide(0);
    return {ties.width * plane::unitsPerMillimetre,
            ties.count,
            ties.direction,
            ties.direction == TieDirection::angle ? frame.turnOnSide(ties.angle) - baseline : 0,
            ties.tapered,
            baseline};
}

bool isTied(const PlacedLetters& letters) {
    return letters.ties.kind != TieKind::none && letters.working.kind == Kind::pierced;
}

void tie(std::vector<PlacedLetters>& inscriptions, TieMemory& memory, const std::stop_token& stop) {
    if (std::ranges::any_of(inscriptions, isTied))
        Tier(inscriptions, memory, stop).tie();
}

OwnTie ownTieAt(const PlacedLetters& letters, int letter, const TiePlace& place) {
    const LetterFrame frame(letters, size_t(letter));
    OwnTie own;
    own.letter = letters.setting->letters[size_t(letter)].index;
    const Vector at = frame.toOwn(place.at);
    own.x = at.x;
    own.y = at.y;
    own.turn = frame.turnOfOwn(place.turn);
    return own;
}

} // namespace bollard::working

namespace bollard::quantity {

using namespace working;

template<> const PartFields& fieldsOf<OwnTie>() {
    static const PartFields fields = std::move(
        Describing<OwnTie>()
            .text("id", &OwnTie::id)
            .quiet()
            .about("a name of its own")
            .number("letter", &OwnTie::letter, Dimension::count, ranges::letter)
            .about("the first code point of its letter in the words, as of nudges")
            .number("within", &OwnTie::within, Dimension::count, ranges::letter)
            .quiet()
            .about("its first code point in what a field stands for")
            .number("x", &OwnTie::x, Dimension::ratio, ranges::position)
            .about("its middle, from the letter's origin and turned with it, in em; of ornaments in mm")
            .number("y", &OwnTie::y, Dimension::ratio, ranges::position)
            .about("the same, up the letter")
            .number("turn", &OwnTie::turn, Dimension::angle, ranges::turn)
            .about("which way it runs, degrees from the letter's baseline")
            .flag("none", &OwnTie::none)
            .quiet()
            .about("no tie, but a letter that has none"));
    return fields;
}

template<> const PartFields& fieldsOf<Ties>() {
    static constexpr std::array kindNames{Named{TieKind::none, "none"},
                                          Named{TieKind::automatic, "automatic"}, Named{TieKind::own, "own"}};
    static constexpr std::array counts{Named{TieCount::asNeeded, "as-needed"}, Named{TieCount::one, "one"},
                                       Named{TieCount::two, "two"}};
    static constexpr std::array directions{
        Named{TieDirection::asLetter, "as-letter"}, Named{TieDirection::upright, "upright"},
        Named{TieDirection::level, "level"}, Named{TieDirection::angle, "angle"}};
    static constexpr std::array depths{Named{TieDepth::through, "through"}, Named{TieDepth::back, "back"},
                                       Named{TieDepth::middle, "middle"}};
    const auto automatic = [](const Ties& ties) { return ties.kind == TieKind::automatic; };
    const auto any = [](const Ties& ties) { return ties.kind != TieKind::none; };
    static const PartFields fields = std::move(
        Describing<Ties>()
            .choice("kind", &Ties::kind, kindNames)
            .about("`automatic`: as few as hold everything, where they cost least, on letters that have none "
                   "in `own`; `own`: only those")
            .number("width", &Ties::width, Dimension::length, ranges::stroke)
            .when(any)
            .about("where they are narrowest, mm")
            .choice("count", &Ties::count, counts)
            .when(automatic)
            .quiet()
            .about("`as-needed`: small counters get one, wide ones a pair on opposite sides")
            .choice("direction", &Ties::direction, directions)
            .when(automatic)
            .quiet()
            .about("`as-letter`: upright or level, as the letter stands; what cannot be had so runs straight "
                   "across")
            .number("angle", &Ties::angle, Dimension::angle, ranges::turn)
            .when([](const Ties& ties) {
                return ties.kind == TieKind::automatic && ties.direction == TieDirection::angle;
            })
            .about("to the letter's baseline, degrees")
            .flag("tapered", &Ties::tapered)
            .when(any)
            .quiet()
            .about("half as wide again at both ends")
            .choice("depth", &Ties::depth, depths)
            .when(any)
            .quiet()
            .about("of the whole thickness, or so thick at the back or in the middle")
            .number("thickness", &Ties::thickness, Dimension::length, ranges::height)
            .when([](const Ties& ties) {
                return ties.kind != TieKind::none && ties.depth != TieDepth::through;
            })
            .about("of ties at the back and in the middle, mm")
            .parts("own", &Ties::own)
            .when([](const Ties& ties) { return !ties.own.empty(); })
            .quiet()
            .about("put by hand"));
    return fields;
}

} // namespace bollard::quantity
