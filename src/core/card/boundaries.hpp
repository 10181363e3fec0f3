// Bodies of a card with true curves, for formats that keep them.
#pragma once
#include "body/boundary.hpp"
#include "card/pipeline.hpp"

namespace bollard::card {

/// Blank or letters as it lies; empty where there are none. What was joined from bodies is made of facets.
/// With a problem where its columns could not be made as a whole, or it was stopped. `made` holds a sound
/// solid.
quantity::Result<body::Boundary> boundaryOf(const Made& made, body::Selection selection,
                                            const std::stop_token& stop = {});

} // namespace bollard::card
