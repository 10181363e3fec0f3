#include "cut/dialect.hpp"
#include "quantity/field.hpp"

namespace bollard::cut {

const std::vector<Dialect>& shippedDialects() {
    static const std::vector<Dialect> all = [] {
        Dialect lines, arcs;
        lines.name = "lines";
        arcs.name = "arcs";
        arcs.arcs = true;
        return std::vector{lines, arcs};
    }();
    return all;
}

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Dialect>() {
    using cut::Dialect;
    static const PartFields fields =
        std::move(Describing<Dialect>()
                      .text("name", &Dialect::name)
                      .about("what machines call it")
                      .text("ending", &Dialect::ending)
                      .about("of its files")
                      .flag("arcs", &Dialect::arcs)
                      .about("G2 and G3 where a cut is an arc, else straight moves only")
                      .flag("lineNumbers", &Dialect::lineNumbers)
                      .about("each line begins with N and its number")
                      .flag("inches", &Dialect::inches)
                      .about("G20, with one more decimal")
                      .number("decimals", &Dialect::decimals, Dimension::count, Range{2, 6})
                      .about("of lengths")
                      .text("header", &Dialect::header)
                      .about("the first words: all modes")
                      .text("spindleOn", &Dialect::spindleOn)
                      .about("{speed}: turns a minute")
                      .text("spindleOff", &Dialect::spindleOff)
                      .about("the same off")
                      .text("dwell", &Dialect::dwell)
                      .about("{seconds}")
                      .text("firstTool", &Dialect::firstTool)
                      .about("{tool}: its number")
                      .text("toolChange", &Dialect::toolChange)
                      .about("between tools")
                      .text("burnOn", &Dialect::burnOn)
                      .about("torch, laser")
                      .text("burnOff", &Dialect::burnOff)
                      .about("the same off")
                      .text("footer", &Dialect::footer)
                      .about("the last lines: all off, and the program's end")
                      .number("spinUp", &Dialect::spinUp, Dimension::ratio, ranges::seconds)
                      .about("seconds the spindle takes"));
    return fields;
}
