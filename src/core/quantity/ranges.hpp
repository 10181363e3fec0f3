// What the numbers of a card may be.
#pragma once

namespace bollard::quantity {

/// Both ends included.
struct Range {
    double least;
    double most;
    bool holds(double value) const { return value >= least && value <= most; }
    bool operator==(const Range&) const = default;
};

namespace ranges {
constexpr Range blankSize{1, 5000};
constexpr Range thickness{0.1, 500};
constexpr Range comfort{0, 50};
constexpr Range profile{0, 2500};
constexpr Range wall{0, 500};
constexpr Range corner{0, 2500};
constexpr Range margin{0, 1000};
constexpr Range holeDiameter{0.1, 2000};
constexpr Range centreHole{0, 5000};
constexpr Range headAngle{30, 150};
constexpr Range corners{3, 60};
constexpr Range ear{0, 1000};
constexpr Range outlineDistance{0.1, 500};
constexpr Range size{0.2, 5000};
constexpr Range width{10, 400}; // percent
constexpr Range slant{-45, 45};
constexpr Range weight{-20, 20};
constexpr Range space{-500, 500};
constexpr Range position{-10000, 10000};
constexpr Range turn{-360, 360};
constexpr Range height{0.01, 500};
constexpr Range bedding{0, 500};
constexpr Range stroke{0.01, 50};
constexpr Range joint{0, 50};
constexpr Range edge{0.01, 50};
constexpr Range edgeAngle{-45, 80};
constexpr Range foot{0, 50};
constexpr Range bitAngle{5, 170};
constexpr Range clearance{0, 5};
constexpr Range radius{-10000, 10000};
constexpr Range ornamentSize{0.1, 5000};
constexpr Range band{0.01, 500};
constexpr Range scale{0.1, 10000}; // percent
constexpr Range group{0, 1000};
constexpr Range axis{-100000, 100000};
constexpr Range feature{0, 100};
constexpr Range letter{0, 1000000};
constexpr Range faceIndex{0, 65535};
constexpr Range numberingStart{-1000000, 1000000};
constexpr Range numberingDigits{1, 12};
constexpr Range limit{0, 1000};
constexpr Range toolDiameter{0.01, 100};
constexpr Range toolTip{0, 50};
constexpr Range kerf{0.005, 20};
constexpr Range seconds{0, 60};
constexpr Range flutes{1, 12};
constexpr Range optionalLength{0, 500}; // 0: not told
constexpr Range feed{0, 100000};        // mm/min; 0: the rack's
constexpr Range speed{0, 100000};       // 1/min; 0: the rack's
constexpr Range tabs{0, 100};
constexpr Range travel{0, 100000};
constexpr Range axisTravel{-1000000, 1000000}; // degrees
constexpr Range axisSpeed{1, 1000000};         // degrees a minute
constexpr Range acceleration{1, 100000};       // mm/s²
constexpr Range through{0, 0.5};
constexpr Range direction{-1, 1};
constexpr Range arc{0, 360};
constexpr Range partScale{0.0001, 10000};
} // namespace ranges

} // namespace bollard::quantity
