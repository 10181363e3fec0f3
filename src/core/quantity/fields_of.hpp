// Declares what field.hpp defines, for headers that only name it.
#pragma once

namespace bollard::quantity {

struct PartFields;

/// The fields of a kind of part; specialized beside each struct that has some.
template<class Part> const PartFields& fieldsOf();

} // namespace bollard::quantity
