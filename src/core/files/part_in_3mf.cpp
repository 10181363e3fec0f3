#include "files/part_in_3mf.hpp"
#include "files/lib3mf_handle.hpp"

namespace bollard::files {
namespace {

/// Takes what a call of the library gives.
template<class T, class Call> Lib3mfHandle<T> taken(const Call& call, bool& good) {
    T* handle = nullptr;
    good = good && call(&handle) == LIB3MF_OK && handle;
    return Lib3mfHandle<T>(good ? handle : nullptr);
}

double millimetresOf(DWORD unit) {
    switch (unit) {
    case NMR::MODELUNIT_MICROMETER:
        return 1e-3;
    case NMR::MODELUNIT_CENTIMETER:
        return 10;
    case NMR::MODELUNIT_INCH:
        return 25.4;
    case NMR::MODELUNIT_FOOT:
        return 304.8;
    case NMR::MODELUNIT_METER:
        return 1000;
    default:
        return 1;
    }
}

void add(body::Mesh& mesh, NMR::PLib3MFModelMeshObject* object, const NMR::MODELTRANSFORM* transform,
         double unit) {
    DWORD vertices = 0, triangles = 0;
    NMR::lib3mf_meshobject_getvertexcount(object, &vertices);
    NMR::lib3mf_meshobject_gettrianglecount(object, &triangles);
    const int first = int(mesh.vertices.size());
    for (DWORD i = 0; i < vertices; ++i) {
        NMR::MODELMESHVERTEX v;
        NMR::lib3mf_meshobject_getvertex(object, i, &v);
        const double p[3] = {v.m_fPosition[0], v.m_fPosition[1], v.m_fPosition[2]};
        double q[3] = {p[0], p[1], p[2]};
        for (int k = 0; k < 3 && transform; ++k)
            q[k] = transform->m_fFields[0][k] * p[0] + transform->m_fFields[1][k] * p[1] +
                   transform->m_fFields[2][k] * p[2] + transform->m_fFields[3][k];
        mesh.vertices.push_back({unit * q[0], unit * q[1], unit * q[2]});
    }
    for (DWORD i = 0; i < triangles; ++i) {
        NMR::MODELMESHTRIANGLE t;
        NMR::lib3mf_meshobject_gettriangle(object, i, &t);
        mesh.triangles.push_back(
            {first + int(t.m_nIndices[0]), first + int(t.m_nIndices[1]), first + int(t.m_nIndices[2])});
    }
}

} // namespace

quantity::Result<body::Mesh> meshFrom3mf(const std::string& bytes) {
    const quantity::Problem refused{quantity::ProblemKind::partBroken, {}, "not a 3MF model"};
    bool good = true;
    const auto model = taken<NMR::PLib3MFModel>([](auto** m) { return NMR::lib3mf_createmodel(m); }, good);
    const auto reader = taken<NMR::PLib3MFModelReader>(
        [&](auto** r) { return NMR::lib3mf_model_queryreader(model.get(), "3mf", r); }, good);
    std::string copy = bytes; // the library wants to write to it
    good = good && NMR::lib3mf_reader_readfrombuffer(reader.get(), reinterpret_cast<BYTE*>(copy.data()),
                                                     copy.size()) == LIB3MF_OK;
    if (!good)
        return refused;
    DWORD unit = NMR::MODELUNIT_MILLIMETER;
    NMR::lib3mf_model_getunit(model.get(), &unit);
    const auto items = taken<NMR::PLib3MFModelBuildItemIterator>(
        [&](auto** i) { return NMR::lib3mf_model_getbuilditems(model.get(), i); }, good);
    body::Mesh mesh;
    for (BOOL more = false;
         good && NMR::lib3mf_builditemiterator_movenext(items.get(), &more) == LIB3MF_OK && more;) {
        const auto item = taken<NMR::PLib3MFModelBuildItem>(
            [&](auto** i) { return NMR::lib3mf_builditemiterator_getcurrent(items.get(), i); }, good);
        const auto object = taken<NMR::PLib3MFModelObjectResource>(
            [&](auto** o) { return NMR::lib3mf_builditem_getobjectresource(item.get(), o); }, good);
        if (!good)
            return refused;
        BOOL isMesh = false, moved = false;
        NMR::lib3mf_object_ismeshobject(object.get(), &isMesh);
        if (!isMesh)
            return quantity::Problem{quantity::ProblemKind::partBroken, {}, "components"};
        NMR::MODELTRANSFORM transform;
        NMR::lib3mf_builditem_hasobjecttransform(item.get(), &moved);
        if (moved)
            NMR::lib3mf_builditem_getobjecttransform(item.get(), &transform);
        add(mesh, static_cast<NMR::PLib3MFModelMeshObject*>(object.get()), moved ? &transform : nullptr,
            millimetresOf(unit));
    }
    return good ? quantity::Result<body::Mesh>(std::move(mesh)) : refused;
}

} // namespace bollard::files
