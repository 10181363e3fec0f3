#include "quantity/field.hpp"

namespace bollard::quantity {
namespace {

template<class... Each> struct Overloaded : Each... { using Each::operator()...; };
template<class... Each> Overloaded(Each...) -> Overloaded<Each...>;

} // namespace

void eachNumber(void* part, const PartFields& fields,
                const std::function<void(double&, const Field&)>& onNumber,
                const std::function<void(int&, const Field&)>& onWhole) {
    for (const Field& field : fields.fields)
        std::visit(Overloaded{[&](const held::Number& number) { onNumber(number.at(part), field); },
                              [&](const held::Whole& whole) { onWhole(whole.at(part), field); },
                              [&](const held::Pair& pair) {
                                  for (double* number : pair.at(part))
                                      onNumber(*number, field);
                              },
                              [&](const held::Numbers& numbers) {
                                  auto values = numbers.get(part);
                                  for (auto& [name, value] : values)
                                      onNumber(value, field);
                                  numbers.set(part, values);
                              },
                              [&](const held::Part& inner) {
                                  eachNumber(inner.at(part), inner.fields(), onNumber, onWhole);
                              },
                              [&](const held::Parts& list) {
                                  for (std::size_t i = 0; i < list.count(part); ++i)
                                      eachNumber(list.at(part, i), list.fields(), onNumber, onWhole);
                              },
                              [&](const held::Kinds& kinds) {
                                  for (const held::Kinds::Kind& kind : kinds.kinds)
                                      eachNumber(kind.at(part), kind.fields(), onNumber, onWhole);
                              },
                              [](const auto&) {}},
                   field.holds);
}

void chooseKind(const held::Kinds& kinds, void* part, std::size_t to) {
    const std::size_t from = kinds.get(part);
    if (to == from || to >= kinds.kinds.size())
        return;
    const held::Kinds::Kind &before = kinds.kinds[from], &after = kinds.kinds[to];
    for (const Field& field : after.fields().fields) {
        const Field* const same = before.fields().find(field.name);
        const auto* const number = std::get_if<held::Number>(&field.holds);
        const auto* const was = same ? std::get_if<held::Number>(&same->holds) : nullptr;
        if (number && was && same->dimension == field.dimension &&
            field.range.holds(was->at(before.at(part))))
            number->at(after.at(part)) = was->at(before.at(part));
    }
    kinds.set(part, to);
}

} // namespace bollard::quantity
