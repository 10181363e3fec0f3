set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME bollard)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "The Bollard developers <developers@bollardworks.org>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "lettering for printing, engraving and cutting")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION
    "Sets words in outline or single-line typefaces on a piece of material, shows
at once what cannot be made, mends it, and writes solids for printing or
toolpaths for engraving and cutting.

Also bollard-cli, the same without a window, and bollard-standin, a
simulated controller.")
set(CPACK_DEBIAN_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_STRIP_FILES ON)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE
    WORLD_READ WORLD_EXECUTE)
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
include(CPack)
