// What is worked on a side as bodies of their own, to be taken from others and put to them.
#pragma once
#include "body/mesh.hpp"

namespace bollard::body {

/// The panel as if it went on past its outline, by so much (mm) all round; of one that closes along its axis.
/// Past an end that runs straight out it goes on as it does there. Nothing of it belongs to neighbours.
blank::Panel goingOn(const blank::Panel& panel, double by_mm);

/// What the chosen columns of a panel (everything, or the blank) lack of what is between its sides, and a
/// little of what is above: closed.
Mesh hollowsOf(const blank::Panel& panel, const working::Columns& columns, Selection selection,
               const std::stop_token& stop = {});

/// The letters alone, a little deeper in what they stand on: closed.
Mesh lettersOf(const blank::Panel& panel, const working::Columns& columns, const std::stop_token& stop = {});

} // namespace bollard::body
