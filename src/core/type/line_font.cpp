#include "type/line_font.hpp"
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <optional>

namespace bollard::type {
namespace {

constexpr int bands = 24;

/// How far the glyph reaches to both sides, by level.
struct Profile {
    std::array<double, bands> left, right;
};

Profile profileOf(const LineFont& font, const LineFont::Glyph& glyph) {
    Profile profile{};
    profile.left.fill(std::numeric_limits<double>::infinity());
    profile.right.fill(-std::numeric_limits<double>::infinity());
    const double height = font.ascender - font.descender;
    const auto bandOf = [&](double y) {
        return std::clamp(int((y - font.descender) / height * bands), 0, bands - 1);
    };
    constexpr double scale = 64;
    for (const plane::Line& line : plane::lines(glyph.outline, scale, scale * font.unitsPerEm / 400))
        for (size_t i = 0; i < line.size(); ++i) {
            const plane::Vector a = plane::vectorOf(line[i]);
            const plane::Vector b = plane::vectorOf(line[std::min(i + 1, line.size() - 1)]);
            constexpr int steps = 12;
            for (int k = 0; k <= steps; ++k) {
                const plane::Vector p = (1 / scale) * (a + (double(k) / steps) * (b - a));
                // What lies a little higher or lower is still felt as near.
                for (int band = bandOf(p.y) - 1; band <= bandOf(p.y) + 1; ++band)
                    if (band >= 0 && band < bands) {
                        profile.left[size_t(band)] = std::min(profile.left[size_t(band)], p.x);
                        profile.right[size_t(band)] = std::max(profile.right[size_t(band)], p.x);
                    }
            }
        }
    return profile;
}

bool isFigure(char32_t c) {
    return c >= U'0' && c <= U'9';
}

} // namespace

const LineFont::Glyph* LineFont::find(char32_t code) const {
    const auto found = std::ranges::lower_bound(glyphs, code, {}, &Glyph::code);
    return found != glyphs.end() && found->code == code ? &*found : nullptr;
}

double LineFont::closer(const Glyph& first, const Glyph& second) const {
    if (!kerning.empty()) {
        const auto pair = kerning.find({first.code, second.code});
        return pair == kerning.end() ? 0 : pair->second;
    }
    const bool figures = isFigure(first.code) && isFigure(second.code); // they stand in columns
    if (!singleLine || figures || first.outline.contours.empty() || second.outline.contours.empty())
        return 0;
    const Profile a = profileOf(*this, first), b = profileOf(*this, second);
    const double rightmost = *std::ranges::max_element(a.right), leftmost = *std::ranges::min_element(b.left);
    const double usual = first.advance - rightmost + leftmost;
    double least = std::numeric_limits<double>::infinity();
    for (size_t i = 0; i < bands; ++i)
        if (std::isfinite(a.right[i]) && std::isfinite(b.left[i]))
            least = std::min(least, first.advance - a.right[i] + b.left[i]);
    constexpr double share = 0.6, mostOfEm = 0.16;
    return std::clamp(share * (least - usual), 0.0, mostOfEm * unitsPerEm);
}

} // namespace bollard::type
