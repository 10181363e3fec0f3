#include "files/part_in_3mf.hpp"
#include "files/lib3mf_handle.hpp"
#include <functional>

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

/// Where what an object holds lies; first its own, then that of what holds it.
using Placing = std::function<space::Vertex(const space::Vertex&)>;

Placing placedBy(const NMR::MODELTRANSFORM& transform, Placing then) {
    return [transform, then = std::move(then)](const space::Vertex& v) {
        const auto row = [&](int k) {
            const FLOAT* const f = transform.m_fFields[k];
            return double(f[0]) * v.x + double(f[1]) * v.y + double(f[2]) * v.z + double(f[3]);
        };
        return then({row(0), row(1), row(2)});
    };
}

void addMesh(body::Mesh& mesh, NMR::PLib3MFModelMeshObject* object, const Placing& placing) {
    DWORD vertices = 0, triangles = 0;
    NMR::lib3mf_meshobject_getvertexcount(object, &vertices);
    NMR::lib3mf_meshobject_gettrianglecount(object, &triangles);
    const int first = int(mesh.vertices.size());
    for (DWORD i = 0; i < vertices; ++i) {
        NMR::MODELMESHVERTEX v;
        NMR::lib3mf_meshobject_getvertex(object, i, &v);
        mesh.vertices.push_back(placing({v.m_fPosition[0], v.m_fPosition[1], v.m_fPosition[2]}));
    }
    for (DWORD i = 0; i < triangles; ++i) {
        NMR::MODELMESHTRIANGLE t;
        NMR::lib3mf_meshobject_gettriangle(object, i, &t);
        mesh.triangles.push_back(
            {first + int(t.m_nIndices[0]), first + int(t.m_nIndices[1]), first + int(t.m_nIndices[2])});
    }
}

/// More than anyone builds: objects that hold others many times over grow beyond all use.
constexpr size_t mostTriangles = 5'000'000;
constexpr int mostObjects = 10'000, deepest = 16;

/// An object with all that it holds; false where it cannot be read. `left`: so many objects more.
bool addObject(body::Mesh& mesh, NMR::PLib3MFModelObjectResource* object, const Placing& placing, int& left,
               int depth = 0) {
    BOOL isMesh = false;
    if (--left < 0 || NMR::lib3mf_object_ismeshobject(object, &isMesh) != LIB3MF_OK)
        return false;
    if (isMesh) {
        addMesh(mesh, static_cast<NMR::PLib3MFModelMeshObject*>(object), placing);
        return mesh.triangles.size() <= mostTriangles;
    }
    BOOL holds = false;
    if (depth >= deepest || NMR::lib3mf_object_iscomponentsobject(object, &holds) != LIB3MF_OK || !holds)
        return false;
    auto* const holder = static_cast<NMR::PLib3MFModelComponentsObject*>(object);
    DWORD count = 0;
    bool good = NMR::lib3mf_componentsobject_getcomponentcount(holder, &count) == LIB3MF_OK;
    for (DWORD i = 0; good && i < count; ++i) {
        const auto component = taken<NMR::PLib3MFModelComponent>(
            [&](auto** c) { return NMR::lib3mf_componentsobject_getcomponent(holder, i, c); }, good);
        const auto held = taken<NMR::PLib3MFModelObjectResource>(
            [&](auto** o) { return NMR::lib3mf_component_getobjectresource(component.get(), o); }, good);
        if (!good)
            return false;
        BOOL moved = false;
        NMR::MODELTRANSFORM transform;
        NMR::lib3mf_component_hastransform(component.get(), &moved);
        if (moved)
            NMR::lib3mf_component_gettransform(component.get(), &transform);
        good = addObject(mesh, held.get(), moved ? placedBy(transform, placing) : placing, left, depth + 1);
    }
    return good;
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
    const Placing inMm = [of = millimetresOf(unit)](const space::Vertex& v) { return of * v; };
    body::Mesh mesh;
    int left = mostObjects;
    for (BOOL more = false;
         good && NMR::lib3mf_builditemiterator_movenext(items.get(), &more) == LIB3MF_OK && more;) {
        const auto item = taken<NMR::PLib3MFModelBuildItem>(
            [&](auto** i) { return NMR::lib3mf_builditemiterator_getcurrent(items.get(), i); }, good);
        const auto object = taken<NMR::PLib3MFModelObjectResource>(
            [&](auto** o) { return NMR::lib3mf_builditem_getobjectresource(item.get(), o); }, good);
        if (!good)
            return refused;
        BOOL moved = false;
        NMR::MODELTRANSFORM transform;
        NMR::lib3mf_builditem_hasobjecttransform(item.get(), &moved);
        if (moved)
            NMR::lib3mf_builditem_getobjecttransform(item.get(), &transform);
        good = addObject(mesh, object.get(), moved ? placedBy(transform, inMm) : inMm, left);
    }
    return good ? quantity::Result<body::Mesh>(std::move(mesh)) : refused;
}

} // namespace bollard::files
