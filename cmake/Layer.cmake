# A layer is one static library made of every source below its folder. It links what is named after
# BELOW, and nothing else: that is the whole of the layering rule, enforced by the linker
# and by include paths (each layer's headers are found as "core/…", "book/…" and so on). READ_ONCE
# names headers that are read once for the whole layer, or the layer whose are taken: they are most of
# what a file of it costs to compile. Of our own only the one that every file of the layer includes
# anyway, so that an edit rebuilds what includes it and no more; a file names what it uses all the same.
include(${CMAKE_CURRENT_LIST_DIR}/Warnings.cmake)

set(AMBER_STANDARD_HEADERS <algorithm> <array> <cmath> <functional> <map> <memory> <numbers>
    <optional> <string> <utility> <variant> <vector>)
set(AMBER_QT_CORE_HEADERS <QDateTime> <QDir> <QFile> <QFileInfo> <QLocale> <QObject>
    <QRegularExpression> <QString> <QStringList> <QVariant>)
set(AMBER_QT_WIDGET_HEADERS ${AMBER_QT_CORE_HEADERS} <QAction> <QApplication> <QHBoxLayout>
    <QKeyEvent> <QLabel> <QLineEdit> <QPainter> <QPainterPath> <QPushButton> <QStyle> <QWidget>)

function(amber_layer name)
    cmake_parse_arguments(ARG "MOC" "" "BELOW;LINK;READ_ONCE" ${ARGN})
    file(GLOB_RECURSE sources CONFIGURE_DEPENDS
        ${CMAKE_CURRENT_SOURCE_DIR}/*.cpp ${CMAKE_CURRENT_SOURCE_DIR}/*.h)
    list(FILTER sources EXCLUDE REGEX "/main\\.cpp$")
    add_library(amber_${name} STATIC ${sources})
    target_include_directories(amber_${name} PUBLIC ${PROJECT_BINARY_DIR}/include-${name})
    # One include root per layer, so that a layer can see only what it links.
    file(MAKE_DIRECTORY ${PROJECT_BINARY_DIR}/include-${name})
    file(CREATE_LINK ${CMAKE_CURRENT_SOURCE_DIR} ${PROJECT_BINARY_DIR}/include-${name}/${name}
        SYMBOLIC)
    list(TRANSFORM ARG_BELOW PREPEND amber_)
    target_link_libraries(amber_${name} PUBLIC ${ARG_BELOW} ${ARG_LINK})
    set_target_properties(amber_${name} PROPERTIES AUTOMOC ${ARG_MOC})
    amber_warnings(amber_${name})
    if(TARGET "amber_${ARG_READ_ONCE}")
        target_precompile_headers(amber_${name} REUSE_FROM amber_${ARG_READ_ONCE})
    else()
        target_precompile_headers(amber_${name} PRIVATE ${AMBER_STANDARD_HEADERS} ${ARG_READ_ONCE})
    endif()
endfunction()
