// Points and directions in space as pictures need them.
#pragma once

namespace bollard::space {

struct Point3 {
    float x = 0, y = 0, z = 0;
};

} // namespace bollard::space
