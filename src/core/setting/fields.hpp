// The fields of settings in cards. Of a text style, size and stroke are parts of their own there.
#pragma once
#include "quantity/fields_of.hpp"
#include "setting/ornament.hpp"
#include "setting/placing.hpp"
#include "setting/rows.hpp"

namespace bollard::setting {

const quantity::PartFields& sizeFields();   ///< of a TextStyle
const quantity::PartFields& strokeFields(); ///< of a TextStyle

} // namespace bollard::setting

namespace bollard::quantity {
template<> const PartFields& fieldsOf<setting::Placing>();
template<> const PartFields& fieldsOf<setting::GiveOut>();
template<> const PartFields& fieldsOf<setting::CurvePoint>();
template<> const PartFields& fieldsOf<setting::Baseline>();
template<> const PartFields& fieldsOf<setting::Nudge>();
template<> const PartFields& fieldsOf<setting::Ornament>();
template<> const PartFields& fieldsOf<setting::Numbering>();
template<> const PartFields& fieldsOf<setting::Rows>();
} // namespace bollard::quantity
