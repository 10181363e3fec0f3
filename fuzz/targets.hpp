// Readers that must answer any bytes: each is given some, and may refuse them.
#pragma once
#include <array>
#include <cstdint>
#include <string>
#include <string_view>

namespace bollard::fuzz {

void card(const std::string& bytes);
void number(const std::string& bytes);
void path(const std::string& bytes);
void table(const std::string& bytes);
void font(const std::string& bytes);
void hershey(const std::string& bytes);
void svgfont(const std::string& bytes);
void svg(const std::string& bytes);
void dxf(const std::string& bytes);
void stl(const std::string& bytes);
void obj(const std::string& bytes);
void threemf(const std::string& bytes);
void program(const std::string& bytes);
void shop(const std::string& bytes);
void sent(const std::string& bytes);
void protocol(const std::string& bytes);
void controller(const std::string& bytes);

struct Target {
    std::string_view name; ///< also of its folder in corpus/
    void (*read)(const std::string& bytes);
};
/// A new reader is one function and one line here.
inline constexpr std::array targets{Target{"card", card},
                                    Target{"number", number},
                                    Target{"path", path},
                                    Target{"table", table},
                                    Target{"font", font},
                                    Target{"hershey", hershey},
                                    Target{"svgfont", svgfont},
                                    Target{"svg", svg},
                                    Target{"dxf", dxf},
                                    Target{"stl", stl},
                                    Target{"obj", obj},
                                    Target{"threemf", threemf},
                                    Target{"program", program},
                                    Target{"shop", shop},
                                    Target{"sent", sent},
                                    Target{"protocol", protocol},
                                    Target{"controller", controller}};

} // namespace bollard::fuzz
