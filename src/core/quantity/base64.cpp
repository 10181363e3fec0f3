#include "quantity/base64.hpp"
#include <algorithm>
#include <boost/archive/iterators/base64_from_binary.hpp>
#include <boost/archive/iterators/binary_from_base64.hpp>
#include <boost/archive/iterators/transform_width.hpp>

namespace bollard::quantity {

namespace turned = boost::archive::iterators;

std::string base64Of(std::string_view bytes) {
    using Signs = turned::base64_from_binary<turned::transform_width<const char*, 6, 8>>;
    std::string whole(bytes);
    const size_t missing = (3 - whole.size() % 3) % 3;
    whole.append(missing, '\0'); // the iterators would read on beyond the end
    std::string text(Signs(whole.data()), Signs(whole.data() + whole.size()));
    std::fill(text.end() - long(missing), text.end(), '=');
    return text;
}

std::optional<std::string> bytesOfBase64(std::string_view text) {
    using Bytes = turned::transform_width<turned::binary_from_base64<const char*>, 8, 6>;
    std::string signs;
    signs.reserve(text.size());
    for (const char c : text)
        if (c != ' ' && c != '\n' && c != '\r' && c != '\t')
            signs.push_back(c);
    size_t missing = 0;
    for (; missing < 2 && signs.size() > missing && signs[signs.size() - 1 - missing] == '='; ++missing) {
    }
    if (signs.size() % 4 != 0)
        return std::nullopt;
    std::fill(signs.end() - long(missing), signs.end(), 'A');
    const auto isSign = [](char c) {
        return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '+' ||
               c == '/';
    };
    if (!std::ranges::all_of(signs, isSign))
        return std::nullopt;
    std::string bytes(Bytes(signs.data()), Bytes(signs.data() + signs.size()));
    bytes.resize(bytes.size() - missing);
    return bytes;
}

} // namespace bollard::quantity
