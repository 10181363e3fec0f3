// Shapes that are worked like words: frames, bars, borders, artwork.
#pragma once
#include "quantity/shared.hpp"
#include "setting/setting.hpp"

namespace bollard::setting {

enum class OrnamentKind {
    none, ///< the inscription is words
    frame,
    bar,
    border,  ///< along the blank's edge
    artwork, ///< shapes and lines from a drawing
    backing  ///< behind words that stand free, to hold them together
};
constexpr int ornamentKinds = 6;

enum class FrameShape {
    rectangle, ///< with rounded corners where asked for
    oval,
    circle, ///< as wide as its width
    outline ///< follows the letters themselves; only around words
};
constexpr int frameShapes = 4;

enum class BackingForm {
    bars,    ///< the fewest level ones that hold every loose part
    plate,   ///< a rectangle, with rounded corners where asked for
    oval,    ///< through the corners of the words' box
    outline, ///< follows the words at a distance
    links,   ///< the shortest strips from each loose part to the next one, or to a frame round the words
    pins     ///< behind pierced words: bars that stand clear of the side, with a post to each counter
};
constexpr int backingForms = 6;
/// Of straight strips with a width of their own.
constexpr bool isOfStrips(BackingForm form) {
    return form == BackingForm::bars || form == BackingForm::links || form == BackingForm::pins;
}

/// Lengths in mm. Fields of other kinds are kept.
struct Ornament {
    OrnamentKind kind = OrnamentKind::none;
    FrameShape shape = FrameShape::rectangle;
    double width = 60;    ///< frame: outside; bar: its length
    double height = 30;   ///< frame: outside; bar: how thick
    double corner = 0;    ///< rectangle, border, bar, plate: radius of the outer corners
    double band = 2;      ///< frame, border: how wide the band is; backing: how wide bars and links are
    double distance = 3;  ///< border: from the edge; frame around words, backing: from them
    std::string around{}; ///< frame: the id of the inscription it goes round; empty: of its own size;
                          ///< backing: that it holds
    BackingForm form = BackingForm::bars; ///< of a backing
    double reach = 1;  ///< bars: so wide at least each part is joined to one; links: so far into each
    double clear = 5;  ///< pins: how long the posts are
    double closes = 0; ///< outline backing: holes and gaps narrower than this are filled
    quantity::Shared<plane::Outline>
        artwork{}; ///< closed contours are areas, open ones lines as wide as `stroke`
    double stroke = 1;
    double scale = 100;   ///< artwork: percent of its own size
    std::string source{}; ///< the file the artwork came from, without its folder
    bool operator==(const Ornament&) const = default;

    /// It lies where the words lie that it belongs to.
    bool goesWithWords() const {
        return !around.empty() && (kind == OrnamentKind::frame || kind == OrnamentKind::backing);
    }
};

/// The words that an ornament belongs to.
struct Belonging {
    const Setting* words = nullptr;       ///< null: there are none
    bool pierced = false;                 ///< they are cut through: a backing holds what they enclose
    std::vector<const Setting*> frames{}; ///< round the words too, and placed with them
    double turn = 0; ///< of a border: how far it is round the side, mm, where that closes; else 0
};

/// The ornament laid out; one letter without text for each separate shape. What goes with words takes their
/// setting's frame, so that it is placed with them. Without words, or with an empty `edge`, there may be
/// nothing to go round, and the setting is empty. Traced ornaments are outlines followed by a line of width
/// `stroke`.
Setting set(const Ornament& ornament, const Belonging& belongs, const plane::Outline& edge,
            bool traced = false, const std::stop_token& stop = {});

} // namespace bollard::setting
