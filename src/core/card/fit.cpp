#include "card/fit.hpp"
#include "plane/gap.hpp"

namespace bollard::card {
namespace {

/// Whether the words fit with a size and a width.
class Trial {
  public:
    Trial(const Card& card, const Inscription& inscription,
          const std::shared_ptr<const type::Typeface>& typeface, const std::stop_token& stop)
        : inscription_(inscription), typeface_(typeface), laying_(layingOf(card, inscription)),
          words_(setting::filled(inscription.words, *card.rows, card.row).words), stop_(stop),
          room_(plane::grown(blank::boundaryOf(card.blank, inscription.side),
                             -card.blank.margin * plane::unitsPerMillimetre)),
          allowed_(room_) {}

    bool anywhere() const { return !room_.empty(); }
    bool anyInk() const {
        return !setting::set(words_, typeface_, inscription_.style, laying_, stop_).ink.empty();
    }
    bool fits(double size, double width) const {
        setting::TextStyle style = inscription_.style;
        style.size = size;
        style.width = width;
        const setting::Setting set = setting::set(words_, typeface_, style, laying_, stop_);
        const setting::Place place(set, inscription_.placing);
        return std::ranges::all_of(set.letters, [&](const setting::Letter& letter) {
            return !letter.beyond && !stop_.stop_requested() &&
                   allowed_.lies(place.onSide(letter)) == plane::BoundaryIndex::Lies::inside;
        });
    }

  private:
    const Inscription& inscription_;
    const std::shared_ptr<const type::Typeface>& typeface_;
    setting::Laying laying_;
    std::string words_;
    const std::stop_token& stop_;
    plane::Region room_;
    plane::BoundaryIndex allowed_;
};

/// The largest value in steps of `step` that passes, between one that does and one that need not.
template<class Passes>
std::optional<double> largest(double low, double high, double step, const std::stop_token& stop,
                              Passes passes) {
    while (high - low > 0.4 * step) {
        if (stop.stop_requested())
            return std::nullopt;
        const double middle = (low + high) / 2;
        (passes(middle) ? low : high) = middle;
    }
    return std::floor(low / step + 1e-9) * step;
}

} // namespace

std::optional<Fit> largestThatFits(const Card& card, const Inscription& inscription,
                                   const std::shared_ptr<const type::Typeface>& typeface, double leastWidth,
                                   const std::stop_token& stop) {
    const Trial trial(card, inscription, typeface, stop);
    const double widest = inscription.style.width, narrowest = std::min(leastWidth, widest);
    const plane::Vector room = blank::sizeOf(card.blank, inscription.side);
    const double most = std::min(std::max(room.x, room.y) * 2, ranges::size.most);
    if (!trial.anywhere() || !trial.anyInk() || !(most > ranges::size.least) ||
        !trial.fits(ranges::size.least, narrowest))
        return std::nullopt;
    constexpr double sizeStep = 0.01, widthStep = 0.1;
    const auto size = largest(ranges::size.least, most, sizeStep, stop,
                              [&](double tried) { return trial.fits(tried, narrowest); });
    if (!size || *size < ranges::size.least)
        return std::nullopt;
    if (narrowest == widest || trial.fits(*size, widest))
        return Fit{*size, widest};
    const auto width =
        largest(narrowest, widest, widthStep, stop, [&](double tried) { return trial.fits(*size, tried); });
    if (!width)
        return std::nullopt;
    return Fit{*size, std::max(*width, narrowest)};
}

} // namespace bollard::card
