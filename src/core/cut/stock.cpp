#include "cut/stock.hpp"
#include "quantity/field.hpp"

namespace bollard::cut {

Block blockOf(const Stock& stock, const Block& part) {
    Block block = part;
    if (stock.width > 0 && stock.height > 0) {
        block.low.x = stock.x;
        block.low.y = stock.y;
        block.high.x = stock.x + stock.width;
        block.high.y = stock.y + stock.height;
    } else {
        block.low.x -= stock.margin;
        block.low.y -= stock.margin;
        block.high.x += stock.margin;
        block.high.y += stock.margin;
    }
    block.high.z = stock.top;
    block.low.z = stock.thickness > 0 ? stock.top - stock.thickness : std::min(part.low.z, stock.top);
    return block;
}

Stock turnedOver(Stock stock, const Block& part) {
    if (stock.width > 0 && stock.height > 0)
        stock.x = part.low.x + part.high.x - stock.x - stock.width;
    const double blank = part.high.z - part.low.z;
    if (stock.thickness <= 0) // down to the blank's back, wherever its top is
        stock.thickness = blank + stock.top;
    stock.top = stock.thickness - blank - stock.top;
    return stock;
}

space::Vertex placeOf(const Zero& zero, const Block& stock) {
    space::Vertex place;
    // Of a plan its lower and its upper edge are the ends of a bar.
    const ZeroAt at = zero.place.at == ZeroAt::start ? ZeroAt::bottom
                      : zero.place.at == ZeroAt::end ? ZeroAt::top
                                                     : zero.place.at;
    const int column = int(at) % 3, row = int(at) / 3;
    const auto along = [](double low, double high, int half) { return low + (high - low) * half / 2; };
    place.x = along(stock.low.x, stock.high.x, column);
    place.y = along(stock.low.y, stock.high.y, 2 - row);
    if (zero.place.at == ZeroAt::point) {
        place.x = zero.place.x;
        place.y = zero.place.y;
    }
    place.z = zero.on == ZeroOn::top ? stock.high.z : zero.on == ZeroOn::bottom ? stock.low.z : 0;
    return place;
}

} // namespace bollard::cut

namespace bollard::quantity {

using namespace cut;

namespace {

constexpr std::array places{Named{ZeroAt::topLeft, "top-left"},
                            Named{ZeroAt::top, "top"},
                            Named{ZeroAt::topRight, "top-right"},
                            Named{ZeroAt::left, "left"},
                            Named{ZeroAt::centre, "centre"},
                            Named{ZeroAt::right, "right"},
                            Named{ZeroAt::bottomLeft, "bottom-left"},
                            Named{ZeroAt::bottom, "bottom"},
                            Named{ZeroAt::bottomRight, "bottom-right"},
                            Named{ZeroAt::start, "start"},
                            Named{ZeroAt::end, "end"}};

bool takePlace(ZeroPlace& place, const std::string& text) {
    for (const auto& row : places)
        if (row.name == text) {
            place.at = row.value;
            return true;
        }
    return false;
}
std::string tellPlace(const ZeroPlace& place) {
    const auto row = std::ranges::find_if(places, [&](const auto& one) { return one.value == place.at; });
    return row == places.end() ? std::string() : std::string(row->name);
}

} // namespace

template<> const PartFields& fieldsOf<Chuck>() {
    static constexpr std::array ends{Named{ChuckEnd::none, "none"}, Named{ChuckEnd::start, "start"},
                                     Named{ChuckEnd::end, "end"}};
    static const PartFields fields =
        std::move(Describing<Chuck>()
                      .choice("end", &Chuck::end, ends)
                      .about("which end of a bar it holds")
                      .number("reach", &Chuck::reach, Dimension::length, ranges::travel)
                      .when([](const Chuck& chuck) { return chuck.end != ChuckEnd::none; })
                      .about("how far over the stock, from its own end, mm"));
    return fields;
}

template<> const PartFields& fieldsOf<Stock>() {
    const auto sized = [](const Stock& stock) { return stock.width > 0 && stock.height > 0; };
    static const PartFields fields =
        std::move(Describing<Stock>()
                      .number("margin", &Stock::margin, Dimension::length, ranges::margin)
                      .when([sized](const Stock& stock) { return !sized(stock); })
                      .about("round the blank, where no size is told; with no blank round the letters, mm")
                      .number("x", &Stock::x, Dimension::length, ranges::position)
                      .when(sized)
                      .about("its lower left on the front, mm")
                      .number("y", &Stock::y, Dimension::length, ranges::position)
                      .when(sized)
                      .about("the same")
                      .number("width", &Stock::width, Dimension::length, ranges::travel)
                      .quiet()
                      .about("of its own, mm; 0: the blank's and the margin")
                      .number("height", &Stock::height, Dimension::length, ranges::travel)
                      .quiet()
                      .about("the same")
                      .number("thickness", &Stock::thickness, Dimension::length, ranges::optionalLength)
                      .quiet()
                      .about("mm; 0: the blank's. What is thicker stands below the blank")
                      .number("top", &Stock::top, Dimension::length, ranges::optionalLength)
                      .quiet()
                      .about("how far its top stands above the blank's front, mm")
                      .number("diameter", &Stock::diameter, Dimension::length, ranges::travel)
                      .quiet()
                      .about("of a bar, mm; 0: the blank's")
                      .number("length", &Stock::length, Dimension::length, ranges::travel)
                      .quiet()
                      .about("of a bar, mm; 0: the blank's")
                      .number("before", &Stock::before, Dimension::length, Range{-1, 100000})
                      .quiet()
                      .usual("the surplus at the chuck's end, else half")
                      .about("of a bar: how much of it lies before the blank's start, mm")
                      .part("chuck", &Stock::chuck)
                      .quiet()
                      .about("of a bar: what holds it")
                      .usual("none")
                      .text("material", &Stock::material)
                      .quiet()
                      .about("for feeds and passes"));
    return fields;
}

template<> const PartFields& fieldsOf<ZeroPlace>() {
    static const PartFields fields =
        std::move(Describing<ZeroPlace>()
                      .coded(
                          "kind",
                          [](const ZeroPlace& place) {
                              return place.at == ZeroAt::point ? std::string("point") : tellPlace(place);
                          },
                          [](ZeroPlace& place, const std::string& text) -> std::string {
                              if (text == "point")
                                  place.at = ZeroAt::point;
                              else if (!takePlace(place, text))
                                  return "point | bottom-left | …";
                              return {};
                          })
                      .about("`point`, or one of the nine points of the stock's plan")
                      .number("x", &ZeroPlace::x, Dimension::length, ranges::position)
                      .about("of a point of its own, mm on the front")
                      .number("y", &ZeroPlace::y, Dimension::length, ranges::position)
                      .about("the same"));
    return fields;
}

template<> const PartFields& fieldsOf<Zero>() {
    static constexpr std::array heights{Named{ZeroOn::top, "top"}, Named{ZeroOn::bottom, "bottom"},
                                        Named{ZeroOn::part, "part"}, Named{ZeroOn::axis, "axis"}};
    static const PartFields fields = [] {
        PartFields all = std::move(
            Describing<Zero>()
                .part("at", &Zero::place)
                .orText(takePlace, tellPlace)
                .about("one of the nine points of the stock's plan, of bars `start` or `end` of the "
                       "stock, or `{\"x\", \"y\"}`")
                .choice("on", &Zero::on, heights)
                .about("on the stock's top or bottom, on the blank's front, or on a bar's axis"));
        // Told by x and y it is a point of its own, also without saying so.
        std::get<held::Part>(all.fields.front().holds).empty = [](void* zero) {
            static_cast<Zero*>(zero)->place.at = ZeroAt::point;
        };
        return all;
    }();
    return fields;
}

template<> const PartFields& fieldsOf<Clamp>() {
    static const PartFields fields =
        std::move(Describing<Clamp>()
                      .number("x", &Clamp::x, Dimension::length, ranges::position)
                      .about("its lower left, mm on the front")
                      .number("y", &Clamp::y, Dimension::length, ranges::position)
                      .about("the same")
                      .number("width", &Clamp::width, Dimension::length, ranges::travel)
                      .about("mm")
                      .number("height", &Clamp::height, Dimension::length, ranges::travel)
                      .about("mm")
                      .number("top", &Clamp::top, Dimension::length, ranges::optionalLength)
                      .about("how far it stands above the stock's top, mm"));
    return fields;
}

} // namespace bollard::quantity
