// Where a setting lies on its side of the blank.
#pragma once
#include "setting/setting.hpp"
#include <array>

namespace bollard::setting {

/// The nine points of a setting's frame that can be held in place.
enum class Anchor { topLeft, top, topRight, left, centre, right, bottomLeft, bottom, bottomRight };

/// From where the words are read. All but the first mirror them.
enum class ReadingSide {
    onPart,      ///< on the part itself
    impression,  ///< in the impression it leaves: stamp, roller, mould
    throughBack, ///< through the part, from its back
};

/// How letters lie on a side whose width differs from place to place.
enum class LetterShape {
    parallel, ///< as wide, in degrees, above and below: they narrow towards a pole
    rigid     ///< each as it is drawn
};

/// The anchor lies at (x, y) in mm on the side; the words are turned about it by `turn` degrees,
/// counter-clockwise. Anchors are named as they are seen on the side, mirrored or not.
struct Placing {
    Anchor anchor = Anchor::centre;
    double x = 0;
    double y = 0;
    double turn = 0;
    ReadingSide reading = ReadingSide::onPart;
    LetterShape shape = LetterShape::parallel;
    bool operator==(const Placing&) const = default;
};

/// The same place of a side so wide (mm), as the side across a flat blank sees it.
Placing seenFromBehind(Placing placing, double width_mm);

/// The anchor in the setting's own frame, on the grid.
plane::Point anchorPoint(const plane::Box& frame, Anchor anchor);

/// From the setting's frame to the side: a shift by -anchor, mirrored where it is asked for, a turn, a shift
/// by (x, y).
class Place {
  public:
    Place(const Setting& setting, const Placing& placing);

    plane::Vector toSide(plane::Vector inSetting) const; ///< grid units both ways
    plane::Vector toSetting(plane::Vector onSide) const;
    plane::Region onSide(const Letter& letter) const;
    /// Where a point of the frame lies, mm.
    plane::Vector anchorOnSide(Anchor anchor) const;
    plane::Point at() const { return to_; } ///< where the anchor lies on the side
    double turn() const { return turn_; }
    ReadingSide reading() const { return reading_; }
    LetterShape shape() const { return shape_; }
    bool mirrors() const { return reading_ != ReadingSide::onPart; }
    bool operator==(const Place&) const = default;

  private:
    plane::Box frame_;
    ReadingSide reading_;
    LetterShape shape_;
    plane::Point anchor_;
    plane::Point to_;
    double turn_;
    double cosine_;
    double sine_;
};

/// The four corners of what is seen as the setting's box on the side (the frame of straight words, else the
/// ink), grid units, starting at what is the lower left there, counter-clockwise.
std::array<plane::Vector, 4> frameOnSide(const Setting& setting, const Place& place);

} // namespace bollard::setting
