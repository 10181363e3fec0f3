#include "files/three_mf.hpp"
#include "files/lib3mf_handle.hpp"
#include "files/xml_text.hpp"

namespace bollard::files {
namespace {

/// Metadata values go into the file as they are: escape what XML needs.
/// The library writes through callbacks, and goes back to patch what it wrote.
struct Bytes {
    std::string text;
    size_t at = 0;
};
LIB3MFRESULT putBytes(const std::uint8_t* data, std::uint32_t count, void* user) {
    auto& bytes = *static_cast<Bytes*>(user);
    if (bytes.text.size() < bytes.at + count)
        bytes.text.resize(bytes.at + count);
    bytes.text.replace(bytes.at, count, reinterpret_cast<const char*>(data), count);
    bytes.at += count;
    return 0;
}
LIB3MFRESULT seekBytes(std::uint64_t position, void* user) {
    static_cast<Bytes*>(user)->at = size_t(position);
    return 0;
}

class Model {
  public:
    Model() {
        NMR::PLib3MFModel* model = nullptr;
        ok(NMR::lib3mf_createmodel(&model));
        model_.reset(model);
        ok(NMR::lib3mf_model_setunit(model, NMR::MODELUNIT_MILLIMETER));
        ok(NMR::lib3mf_model_setbuilduuidutf8(model, nextUuid().c_str()));
        NMR::PLib3MFModelBaseMaterial* materials = nullptr;
        ok(NMR::lib3mf_model_addbasematerialgroup(model, &materials));
        materials_.reset(materials);
    }

    void title(const std::string& text) {
        ok(NMR::lib3mf_model_addmetadatautf8(model_.get(), "Title", escaped(text).c_str()));
        ok(NMR::lib3mf_model_addmetadatautf8(model_.get(), "Application", "Bollard"));
    }

    void add(const NamedBody& body) {
        NMR::PLib3MFModelMeshObject* object = nullptr;
        ok(NMR::lib3mf_model_addmeshobject(model_.get(), &object));
        const Lib3mfHandle<NMR::PLib3MFModelMeshObject> owner(object);
        if (failed_)
            return;
        ok(NMR::lib3mf_object_setnameutf8(object, body.name.c_str()));
        ok(NMR::lib3mf_object_setuuidutf8(object, nextUuid().c_str()));
        std::vector<NMR::MODELMESHVERTEX> vertices;
        for (const body::Vertex& v : body.mesh->vertices)
            vertices.push_back({{float(v.x), float(v.y), float(v.z)}});
        std::vector<NMR::MODELMESHTRIANGLE> triangles;
        for (const auto& t : body.mesh->triangles)
            triangles.push_back({{std::uint32_t(t[0]), std::uint32_t(t[1]), std::uint32_t(t[2])}});
        ok(NMR::lib3mf_meshobject_setgeometry(object, vertices.data(), std::uint32_t(vertices.size()),
                                              triangles.data(), std::uint32_t(triangles.size())));
        colour(object, body);
        NMR::PLib3MFModelBuildItem* item = nullptr;
        ok(NMR::lib3mf_model_addbuilditem(model_.get(), object, nullptr, &item));
        const Lib3mfHandle<NMR::PLib3MFModelBuildItem> itemOwner(item);
        ok(NMR::lib3mf_builditem_setuuidutf8(item, nextUuid().c_str()));
    }

    quantity::Result<std::string> bytes() {
        NMR::PLib3MFModelWriter* writer = nullptr;
        ok(NMR::lib3mf_model_querywriter(model_.get(), "3mf", &writer));
        const Lib3mfHandle<NMR::PLib3MFModelWriter> owner(writer);
        Bytes result;
        if (!failed_)
            ok(NMR::lib3mf_writer_writetocallback(writer, reinterpret_cast<void*>(&putBytes),
                                                  reinterpret_cast<void*>(&seekBytes), &result));
        if (failed_)
            return quantity::Problem{quantity::ProblemKind::geometryFailed, {}, "3MF"};
        return std::move(result.text);
    }

  private:
    /// The library draws random ones; numbered ones make the same part the same file.
    std::string nextUuid() {
        std::string digits = std::to_string(++uuids_);
        return "b011a4d0-0000-4000-8000-" + std::string(12 - digits.size(), '0') + digits;
    }
    void ok(LIB3MFRESULT result) { failed_ |= result != 0; }

    void colour(NMR::PLib3MFModelMeshObject* object, const NamedBody& body) {
        const Rgb c = body.colour;
        std::uint32_t index = 0, group = 0;
        ok(NMR::lib3mf_basematerial_addmaterialutf8(materials_.get(), body.name.c_str(), c.red, c.green,
                                                    c.blue, &index));
        // Adding leaves the colour wholly transparent.
        ok(NMR::lib3mf_basematerial_setdisplaycolorrgba(materials_.get(), index, c.red, c.green, c.blue,
                                                        255));
        ok(NMR::lib3mf_basematerial_getresourceid(materials_.get(), &group));
        NMR::PLib3MFDefaultPropertyHandler* handler = nullptr;
        ok(NMR::lib3mf_object_createdefaultpropertyhandler(object, &handler));
        const Lib3mfHandle<NMR::PLib3MFDefaultPropertyHandler> owner(handler);
        ok(NMR::lib3mf_defaultpropertyhandler_setbasematerial(handler, group, index));
    }

    Lib3mfHandle<NMR::PLib3MFModel> model_;
    Lib3mfHandle<NMR::PLib3MFModelBaseMaterial> materials_;
    int uuids_ = 0;
    bool failed_ = false;
};

} // namespace

quantity::Result<std::string> threeMfOf(const std::vector<NamedBody>& bodies, const std::string& title) {
    Model model;
    model.title(title);
    for (const NamedBody& body : bodies)
        model.add(body);
    return model.bytes();
}

} // namespace bollard::files
