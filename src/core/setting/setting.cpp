#include "setting/setting.hpp"
#include "setting/dots.hpp"
#include <map>
#include <unordered_map>

namespace bollard::setting {
namespace {

using plane::Box, plane::Point, plane::toUnits;

bool isSpace(char32_t c) {
    return c == U' ' || c == U'\u00A0' || c == U'\t' || (c >= U'\u2000' && c <= U'\u200A') || c == U'\u3000';
}

bool isInvisible(std::u32string_view text) {
    return std::ranges::all_of(text, [](char32_t c) {
        return isSpace(c) || c < 0x20 || c == U'\u00AD' || (c >= U'\u200B' && c <= U'\u200F') ||
               c == U'\u2060' || c == U'\uFEFF' || (c >= U'\uFE00' && c <= U'\uFE0F');
    });
}

plane::Vector turned(plane::Vector v, double degrees) {
    if (degrees == 0)
        return v;
    const double c = std::cos(degrees * M_PI / 180), s = std::sin(degrees * M_PI / 180);
    return {c * v.x - s * v.y, s * v.x + c * v.y};
}

Box boxOf(const Letter& letter) {
    if (letter.upright())
        return plane::shifted(plane::boxOf(*letter.region), letter.at);
    Box box;
    for (const plane::Ring& ring : letter.region->rings)
        for (const Point p : ring)
            box.include(plane::onGrid(letter.toFrame(plane::vectorOf(p))));
    return box;
}

const std::shared_ptr<const plane::Region>& nothing() {
    static const auto region = std::make_shared<const plane::Region>();
    return region;
}

/// Takes the box of the letter where it is now. A letter that the grid cuts off is not drawn at all.
void settle(Letter& letter) {
    letter.box = boxOf(letter);
    const bool cut = plane::boxOf(*letter.region).beyondGrid() || letter.box.beyondGrid() ||
                     Box{letter.at, letter.at}.beyondGrid();
    if (!cut)
        return;
    letter.beyond = true;
    letter.region = nothing();
    letter.box = {};
}

/// The nudges by the code point they belong to.
using NudgeOfLetter = std::unordered_map<int, const Nudge*>;
NudgeOfLetter byLetter(const std::vector<Nudge>& nudges) {
    NudgeOfLetter found;
    for (const Nudge& nudge : nudges)
        if (nudge.within == 0)
            found.try_emplace(nudge.letter, &nudge);
    return found;
}

struct LineText {
    int first;
    std::u32string text;
};

std::vector<LineText> linesOf(const std::string& words) {
    std::vector<LineText> lines{{0, {}}};
    int index = 0;
    for (const char32_t c : type::codePoints(words)) {
        ++index;
        if (c == U'\n')
            lines.push_back({index, {}});
        else
            lines.back().text.push_back(c);
    }
    return lines;
}

/// Adds one line to a setting whose scale and form are known.
class LineSetter {
  public:
    LineSetter(const LineText& line, const std::shared_ptr<const type::Typeface>& typeface,
               const TextStyle& style, const Laying& laying, const NudgeOfLetter& nudges,
               const std::stop_token& stop, Setting& out)
        : line_(line), typeface_(*typeface), style_(style), laying_(laying), nudges_(nudges), stop_(stop),
          out_(out) {}

    void set(int lineNumber, double baseline_mm, const Track& track) {
        const bool spaced = style_.letterSpace != 0;
        const auto glyphs = type::shaped(typeface_, line_.text, {style_.kerning, !spaced, style_.features});
        std::vector<double> carets(line_.text.size() + 1, 0);
        firstLetter_ = out_.letters.size();
        double pen = 0; // grid units
        for (size_t i = 0; i < glyphs.size() && !stop_.stop_requested(); ++i) {
            const type::ShapedGlyph& glyph = glyphs[i];
            const std::u32string text = line_.text.substr(size_t(glyph.first), size_t(glyph.count));
            const double start = pen;
            const Nudge* nudge = nudgeOf(line_.first + glyph.first);
            const double zoom = nudge ? nudge->size / 100 : 1;
            const double advance = glyph.advance * out_.form.width * out_.scale * zoom;
            if (glyph.count > 0)
                pivot_ = pen + typeface_.glyph(glyph.glyph).advance * out_.form.width * out_.scale * zoom /
                                   2; // its own, without kerning; marks turn with their letter
            place(glyph, text, pen, zoom, lineNumber, baseline_mm);
            pen += advance + spaceAfter(glyphs, i, text) +
                   (nudge && glyph.count > 0 ? nudge->space * plane::unitsPerMillimetre : 0);
            for (int k = 0; k < glyph.count; ++k) {
                const double share = (pen - start) / glyph.count;
                const auto place = size_t(glyph.first + k);
                carets[place] = glyph.rightToLeft ? pen - share * k : start + share * k;
                if (place + 1 == carets.size() - 1)
                    carets[place + 1] = glyph.rightToLeft ? pen - share * (k + 1) : start + share * (k + 1);
            }
        }
        Line line{line_.first, baseline_mm, std::move(carets), {}, 0, 0, 0};
        if (laying_.room > 0)
            giveOut(line);
        else
            align(pen, line);
        for (double* x : {&line.from, &line.to})
            *x = plane::toMillimetres(*x);
        for (double& caret : line.carets)
            caret = plane::toMillimetres(caret);
        for (size_t i = firstLetter_; i < out_.letters.size(); ++i)
            out_.flat.include(out_.letters[i].box);
        if (!track.straight()) {
            line.curve = std::make_shared<const plane::Curve>(track.curve(baseline_mm));
            const double share = style_.align == Align::left ? 0 : style_.align == Align::centre ? 0.5 : 1;
            line.home = track.home(*line.curve, share);
            if (laying_.baseline.kind == BaselineKind::arc) // the middle of the words is its top
                line.home -= (line.from + line.to) / 2 * plane::unitsPerMillimetre;
        }
        turnAndCurve(line);
        out_.lines.push_back(std::move(line));
    }

  private:
    const Nudge* nudgeOf(int letter) const {
        const auto found = nudges_.find(letter);
        return found == nudges_.end() ? nullptr : found->second;
    }

    void place(const type::ShapedGlyph& glyph, const std::u32string& text, double pen, double zoom,
               int lineNumber, double baseline_mm) {
        Letter letter;
        letter.glyph = glyph.glyph;
        letter.index = line_.first + glyph.first;
        letter.line = lineNumber;
        letter.text = type::utf8(text);
        letter.missing = glyph.missing && !isInvisible(text);
        letter.region = glyph.missing ? nothing() : typeface_.region(glyph.glyph, out_.scale, out_.form);
        if (style_.joint > 0 && hasDots(*letter.region)) {
            letter.region = withDotsDown(letter.region, style_.joint * plane::unitsPerMillimetre);
            letter.own = true;
        }
        // A weight change can leave nothing of a letter; that is found elsewhere, with its measure.
        const bool hasOutline =
            !letter.region->empty() ||
            (!glyph.missing && out_.form.weight < 0 && !typeface_.region(glyph.glyph, out_.scale)->empty());
        letter.drawsNothing = !glyph.missing && glyph.count > 0 && !hasOutline && !isInvisible(text);
        letter.zoom = zoom;
        const plane::Vector shift = zoom * out_.scale * out_.form.moved(glyph.shift);
        letter.at = {plane::onGrid(pen + shift.x), plane::onGrid(shift.y) + toUnits(baseline_mm)};
        settle(letter);
        if (hasOutline || letter.missing || letter.drawsNothing) {
            out_.letters.push_back(std::move(letter));
            pivots_.push_back(pivot_);
        }
    }

    double spaceAfter(const std::vector<type::ShapedGlyph>& glyphs, size_t i,
                      const std::u32string& text) const {
        double space_mm = !text.empty() && isSpace(text.front()) ? style_.wordSpace : 0;
        const bool groupEnds = i + 1 < glyphs.size() && glyphs[i + 1].count > 0;
        if (groupEnds)
            space_mm += style_.letterSpace;
        return space_mm * plane::unitsPerMillimetre;
    }

    /// Moves the line so that its ink (its pen line when there is none) starts, is centred, or ends at x = 0.
    void align(double pen, Line& line) {
        Box ink;
        for (size_t i = firstLetter_; i < out_.letters.size(); ++i)
            ink.include(out_.letters[i].box);
        const double left = ink.empty() ? 0 : ink.low.x, right = ink.empty() ? pen : ink.high.x;
        const double from = style_.align == Align::left     ? left
                            : style_.align == Align::centre ? (left + right) / 2
                                                            : right;
        const Point by{-plane::onGrid(from), 0};
        for (size_t i = firstLetter_; i < out_.letters.size(); ++i) {
            out_.letters[i].at = out_.letters[i].at + by;
            settle(out_.letters[i]);
            pivots_[i - firstLetter_] += by.x;
        }
        for (double& caret : line.carets)
            caret += by.x;
        line.from = left + by.x;
        line.to = right + by.x;
    }

    /// Each into a room of its own, the first with its middle at x = 0; spaces between letters are rooms too.
    void giveOut(Line& line) {
        const bool byWord = laying_.giveOut.by == GiveOut::By::word;
        std::map<int, int> roomOf; // of each code point
        int room = -1, count = 0;
        for (size_t i = 0; i < line_.text.size(); ++i) {
            const bool space = isSpace(line_.text[i]);
            if (byWord)
                room = space ? -1 : room < 0 ? count++ : room;
            else
                room = count++;
            roomOf[line_.first + int(i)] = room;
        }
        std::map<int, std::pair<size_t, size_t>> lettersOf; // first and after the last, by room
        for (size_t i = firstLetter_; i < out_.letters.size(); ++i) {
            auto& [first, after] = lettersOf.try_emplace(roomOf[out_.letters[i].index], i, i).first->second;
            first = std::min(first, i);
            after = std::max(after, i + 1);
        }
        for (const auto& [place, letters] : lettersOf) {
            Box ink;
            for (size_t i = letters.first; i < letters.second; ++i)
                ink.include(out_.letters[i].box);
            if (ink.empty())
                continue;
            const plane::Vector middle = 0.5 * (plane::vectorOf(ink.low) + plane::vectorOf(ink.high)),
                                to{place * laying_.room * plane::unitsPerMillimetre, middle.y};
            for (size_t i = letters.first; i < letters.second; ++i) {
                Letter& letter = out_.letters[i];
                letter.turn += laying_.giveOut.turn;
                letter.at =
                    plane::onGrid(to + turned(plane::vectorOf(letter.at) - middle, laying_.giveOut.turn));
                settle(letter);
            }
        }
        line.from = 0;
        line.to = std::max(0, count - 1) * laying_.room * plane::unitsPerMillimetre;
        for (size_t i = 0; i < line.carets.size(); ++i) // before each room's middle
            line.carets[i] = (double(std::min(i, line.carets.size() - 1)) - 0.5) * laying_.room *
                             plane::unitsPerMillimetre;
    }

    /// Letters by hand, and onto the curve.
    void turnAndCurve(const Line& line) {
        const double baseline = line.baseline * plane::unitsPerMillimetre;
        for (size_t i = firstLetter_; i < out_.letters.size(); ++i) {
            Letter& letter = out_.letters[i];
            const Nudge* nudge = nudgeOf(letter.index);
            if ((!line.curve && !nudge) || letter.beyond)
                continue;
            if (stop_.stop_requested())
                return;
            plane::Vector at = plane::vectorOf(letter.at);
            if (nudge) {
                const plane::Vector middle =
                    letter.box.empty()
                        ? at
                        : 0.5 * (plane::vectorOf(letter.box.low) + plane::vectorOf(letter.box.high));
                at = middle + turned(at - middle, nudge->turn) +
                     plane::unitsPerMillimetre * plane::Vector{nudge->x, nudge->y};
                letter.turn += nudge->turn;
            }
            if (line.curve && laying_.baseline.bend && canBend(letter, line)) {
                bend(letter, at, line, baseline);
                continue;
            }
            if (line.curve) {
                const double pivot = pivots_[i - firstLetter_];
                const plane::Curve::Place place = line.curve->at(line.home + pivot);
                const double angle = std::atan2(place.along.y, place.along.x) * 180 / M_PI;
                at = place.at + turned(at - plane::Vector{pivot, baseline}, angle);
                letter.turn += angle;
            }
            letter.at = plane::onGrid(at);
            settle(letter);
        }
    }

    /// A letter wider than its whole line would lie over itself.
    static bool canBend(const Letter& letter, const Line& line) {
        return !letter.box.empty() &&
               (!line.curve->closed() || double(letter.box.high.x) - letter.box.low.x < line.curve->length());
    }

    /// The letter as the curve bends it: points keep their distance along and off the line.
    void bend(Letter& letter, plane::Vector at, const Line& line, double baseline) const {
        const auto flat = [&](plane::Vector inGlyph) {
            return at + turned(letter.zoom * inGlyph, letter.turn);
        };
        const auto bent = [&](plane::Vector p) {
            const plane::Curve::Place place = line.curve->at(line.home + p.x);
            return place.at + (p.y - baseline) * plane::Vector{-place.along.y, place.along.x};
        };
        // Sides are bent at steps first, for what happens within them, then halved where they are not
        // straight.
        constexpr double leastStep = 0.5 * plane::unitsPerMillimetre;
        constexpr int stepsPerLetter = 64, mostHalvings = 10;
        const Box box = plane::boxOf(*letter.region);
        const double step =
            std::max(leastStep, letter.zoom / stepsPerLetter *
                                    std::max(double(box.high.x) - box.low.x, double(box.high.y) - box.low.y));
        std::vector<plane::Ring> rings;
        for (const plane::Ring& ring : letter.region->rings) {
            plane::Ring round;
            const auto add = [&](plane::Vector q) { round.push_back(plane::onGrid(q)); };
            const auto side = [&](auto&& self, plane::Vector p, plane::Vector q, plane::Vector bentP,
                                  plane::Vector bentQ, int halvings) -> void {
                constexpr double bentTolerance = 0.004 * plane::unitsPerMillimetre;
                const plane::Vector middle = 0.5 * (p + q), bentMiddle = bent(middle);
                if (halvings == 0 || stop_.stop_requested() ||
                    plane::distanceToSegment(bentMiddle, bentP, bentQ) <= bentTolerance) {
                    add(bentQ);
                    return;
                }
                self(self, p, middle, bentP, bentMiddle, halvings - 1);
                self(self, middle, q, bentMiddle, bentQ, halvings - 1);
            };
            plane::Vector p = flat(plane::vectorOf(ring.back())), bentP = bent(p);
            for (const Point corner : ring) {
                const plane::Vector end = flat(plane::vectorOf(corner)), start = p;
                const int steps = std::max(1, int(std::ceil(plane::length(end - start) / step)));
                for (int k = 1; k <= steps; ++k) {
                    const plane::Vector q = start + (double(k) / steps) * (end - start), bentQ = bent(q);
                    side(side, p, q, bentP, bentQ, mostHalvings);
                    p = q;
                    bentP = bentQ;
                }
            }
            rings.push_back(std::move(round));
        }
        letter.region = std::make_shared<const plane::Region>(plane::filled(rings));
        letter.own = true;
        letter.at = {};
        letter.turn = 0;
        letter.zoom = 1;
        settle(letter);
    }

    const LineText& line_;
    const type::Typeface& typeface_;
    const TextStyle& style_;
    const Laying& laying_;
    const NudgeOfLetter& nudges_;
    const std::stop_token& stop_;
    Setting& out_;
    size_t firstLetter_ = 0;
    double pivot_ = 0;
    std::vector<double> pivots_; ///< by letter of the line: the middle of its advance, about which it turns
};

/// Grid units per font unit at which a letter as high as `height` font units measures `size_mm`.
double scaleFor(double size_mm, double height, const TextStyle& style) {
    return std::max(size_mm - 2 * style.weight, 0.0) * plane::unitsPerMillimetre / height;
}

/// What anchors hold: the words as they stand straight, or the whole circle; a free curve has its own origin.
Box frameOf(const Setting& setting, const Baseline& baseline, const TextStyle& style, double lastLine_mm) {
    if (baseline.kind == BaselineKind::curve || baseline.kind == BaselineKind::edge)
        return {{0, 0}, {0, 0}};
    if (baseline.kind == BaselineKind::circle) {
        const std::int32_t radius = toUnits(baseline.radius);
        return {{-radius, -radius}, {radius, radius}};
    }
    std::int32_t left = setting.flat.empty() ? 0 : setting.flat.low.x;
    std::int32_t right = setting.flat.empty() ? 0 : setting.flat.high.x;
    if (baseline.kind == BaselineKind::arc) { // its top is the middle
        right = (right - left) / 2;
        left = -right;
    }
    const double capital_mm = measureOf(setting, SizeBy::capital);
    const double below = setting.form.weight == 0 ? 0 : style.weight;
    return {{left, toUnits(lastLine_mm - below)}, {right, toUnits(capital_mm - below)}};
}

Setting setAtScale(const std::string& words, const std::shared_ptr<const type::Typeface>& typeface,
                   const TextStyle& style, double scale, const Laying& laying, const std::stop_token& stop) {
    Setting result;
    result.typeface = typeface;
    result.baseline = laying.baseline.kind;
    result.sizeBy = style.sizeBy;
    result.asked = style.size;
    result.closedUp = !(scale > 0);
    if (!(scale > 0))
        return result;
    result.scale = scale;
    result.form = {style.width / 100, style.slant, style.weight * plane::unitsPerMillimetre / scale};
    if (typeface->singleLine() || laying.traced) {
        result.form.stroke = style.stroke * plane::unitsPerMillimetre / scale;
        result.form.ends = style.ends;
        result.form.traced = !typeface->singleLine();
    }
    const double capital_mm = measureOf(result, SizeBy::capital);
    const Track track(laying.baseline, laying.edge, capital_mm);
    const double lineHeight_mm = plane::toMillimetres(typeface->lineHeight() * scale) + style.lineSpace;
    const NudgeOfLetter nudges = byLetter(laying.nudges);
    int number = 0;
    double baseline_mm = 0;
    for (const LineText& line : linesOf(words)) {
        if (stop.stop_requested())
            return result;
        baseline_mm = -lineHeight_mm * number;
        LineSetter(line, typeface, style, laying, nudges, stop, result).set(number++, baseline_mm, track);
    }
    for (const Letter& letter : result.letters)
        result.ink.include(letter.box);
    result.frame = frameOf(result, laying.baseline, style, baseline_mm);
    if (laying.room > 0) // it is held by the middle of the first room
        result.frame.low.x = 0;
    return result;
}

/// The words so large that they measure what is asked for. The measure is nearly straight in the scale, so
/// following the line through the last two tries gets there in a few; where strokes vanish it jumps, so the
/// tries are kept between what is known to be too small and too large, and the best of them is taken.
Setting setToMeasure(const std::string& words, const std::shared_ptr<const type::Typeface>& typeface,
                     const TextStyle& style, const Laying& laying, const std::stop_token& stop) {
    constexpr double start_mm = 10, smallest_mm = 0.1, largest_mm = 10000, near_mm = 0.0002;
    constexpr int mostTries = 40;
    const auto scaleOfCapitals = [&](double height_mm) {
        return scaleFor(height_mm + 2 * std::max(style.weight, 0.0), typeface->capitalHeight(), style);
    };
    double low = scaleOfCapitals(smallest_mm), high = scaleOfCapitals(largest_mm);
    double scale = scaleOfCapitals(start_mm), scaleBefore = 0, measureBefore = 0;
    double best = scale, missedBy = std::numeric_limits<double>::infinity();
    Laying straight = laying; // words are measured as they would stand on straight lines
    straight.baseline = {};
    for (int tries = 0; tries < mostTries && !stop.stop_requested(); ++tries) {
        const Setting setting = setAtScale(words, typeface, style, scale, straight, stop);
        if (setting.letters.empty())
            return setting; // nothing to measure at any size
        const double measured = measureOf(setting, style.sizeBy);
        const double missed = measured > 0 ? std::fabs(measured - style.size)
                                           : std::numeric_limits<double>::max(); // worse than any words
        if (missed < missedBy) {
            missedBy = missed;
            best = scale;
        }
        if (missed <= near_mm)
            break;
        (measured < style.size ? low : high) = scale;
        constexpr double narrow = 1e-3, far = 0.02; // between such ends no words are so far off: it jumps
        if (high - low <= narrow * high && missedBy > far * style.size)
            break;
        const double steepness = (measured - measureBefore) / (scale - scaleBefore);
        double next = scale + (style.size - measured) / steepness;
        if (!(next > low && next < high)) // ends are tried too: the answer may lie just there
            next = measured <= 0 ? std::min(2 * scale, high) : (low + high) / 2;
        scaleBefore = scale;
        measureBefore = measured;
        if (std::fabs(next - scale) <= 1e-12 * scale)
            break;
        scale = next;
    }
    return setAtScale(words, typeface, style, best, laying, stop);
}

} // namespace

double measureOf(const Setting& setting, SizeBy by) {
    const auto lettersHigh = [&](double height) {
        return plane::toMillimetres((height + 2 * setting.form.weight) * setting.scale);
    };
    switch (by) {
    case SizeBy::capital:
        return setting.typeface ? lettersHigh(setting.typeface->capitalHeight()) : 0;
    case SizeBy::xHeight:
        return setting.typeface ? lettersHigh(setting.typeface->xHeight()) : 0;
    case SizeBy::line:
        return setting.typeface ? plane::toMillimetres(setting.typeface->lineHeight() * setting.scale) : 0;
    case SizeBy::width:
        return setting.flat.empty() ? 0
                                    : plane::toMillimetres(double(setting.flat.high.x) - setting.flat.low.x);
    case SizeBy::height:
        break;
    }
    return setting.flat.empty() ? 0 : plane::toMillimetres(double(setting.flat.high.y) - setting.flat.low.y);
}

plane::Vector Letter::toFrame(plane::Vector inGlyph) const {
    return plane::vectorOf(at) + turned(zoom * inGlyph, turn);
}

plane::Region shapeOf(const Letter& letter) {
    if (letter.upright())
        return plane::shifted(*letter.region, letter.at);
    return plane::turned(*letter.region, letter.turn, letter.at, letter.zoom);
}

plane::Curve::Place Line::at(double x_mm) const {
    const double x = x_mm * plane::unitsPerMillimetre;
    return curve ? curve->at(home + x)
                 : plane::Curve::Place{{x, baseline * plane::unitsPerMillimetre}, {1, 0}};
}

Setting set(const std::string& words, std::shared_ptr<const type::Typeface> typeface, const TextStyle& asked,
            const Laying& laying, const std::stop_token& stop) {
    if (!typeface || !(asked.size > 0))
        return {typeface};
    TextStyle style = asked;
    if (typeface->singleLine() || laying.traced)
        style.weight = 0; // lines have a stroke instead
    const auto atHeight = [&](double height) {
        return setAtScale(words, typeface, style, scaleFor(style.size, height, style), laying, stop);
    };
    switch (style.sizeBy) {
    case SizeBy::capital:
        return atHeight(typeface->capitalHeight());
    case SizeBy::xHeight:
        return atHeight(typeface->xHeight());
    case SizeBy::line:
        return setAtScale(words, typeface, style,
                          style.size * plane::unitsPerMillimetre / typeface->lineHeight(), laying, stop);
    case SizeBy::width:
    case SizeBy::height:
        break;
    }
    return setToMeasure(words, typeface, style, laying, stop);
}

} // namespace bollard::setting
