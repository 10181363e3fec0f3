// What the 3MF library hands out, given back by itself. For the sources of this folder only.
#pragma once
#include <Model/COM/NMR_DLLInterfaces.h>
#include <memory>

namespace bollard::files {

struct Lib3mfRelease {
    void operator()(NMR::PLib3MFBase* handle) const { NMR::lib3mf_release(handle); }
};
template<class T> using Lib3mfHandle = std::unique_ptr<T, Lib3mfRelease>;

} // namespace bollard::files
