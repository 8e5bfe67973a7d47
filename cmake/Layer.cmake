# A layer is one static library made of every source below its folder. It links what is named after
# BELOW, and nothing else: that is the whole of the layering rule, enforced by the linker
# and by include paths (each layer's headers are found as "core/…", "book/…" and so on). READ_ONCE
# names headers that are read once for the whole layer, or the layer whose are taken: they are most of
# what a file of it costs to compile. Of our own only the one that every file of the layer includes
# anyway, so that an edit rebuilds what includes it and no more; a file names what it uses all the same.
include(${CMAKE_CURRENT_LIST_DIR}/Warnings.cmake)

# Files of one folder are compiled together, up to so many bytes of them: what they all include is
# read, and what they all make of templates is made, once. Names of a file's own are therefore one
# per folder; an edit compiles its neighbours again, which bounds how many they are.
set(AMBER_TOGETHER 60000 CACHE STRING "Bytes of source compiled together; 0 for each file alone")
function(amber_together target)
    if(NOT AMBER_TOGETHER)
        return()
    endif()
    set(folder "")
    get_target_property(sources ${target} SOURCES)
    foreach(source IN LISTS sources)
        get_filename_component(source ${source} ABSOLUTE)
        if(NOT source MATCHES "\\.cpp$")
            continue()
        endif()
        file(SIZE ${source} size)
        get_filename_component(its ${source} DIRECTORY)
        if(NOT its STREQUAL folder)
            set(folder ${its})
            file(RELATIVE_PATH group ${CMAKE_CURRENT_SOURCE_DIR} ${its})
            string(REPLACE "/" "_" group "x${group}")
            set(part 0)
            set(bytes 0)
        elseif(bytes GREATER AMBER_TOGETHER)
            math(EXPR part "${part} + 1")
            set(bytes 0)
        endif()
        math(EXPR bytes "${bytes} + ${size}")
        set_source_files_properties(${source} TARGET_DIRECTORY ${target} PROPERTIES UNITY_GROUP "${group}_${part}")
    endforeach()
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_MODE GROUP)
endfunction()

# What nobody calls is left out of a program: it would be read from disk and kept in memory.
add_compile_options(-ffunction-sections -fdata-sections)
add_link_options(-Wl,--gc-sections)

# Less inlined, one of Qt's own headers is taken to read through nothing.
set(AMBER_LIGHTLY -O1 -Wno-null-dereference)

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
    amber_together(amber_${name})
    # What computes is made as quick as can be. What says and shows waits for disk, fonts and people,
    # and most of the time to compile it would go into that.
    if(NOT name STREQUAL "core")
        target_compile_options(amber_${name} PRIVATE ${AMBER_LIGHTLY})
    endif()
    if(TARGET "amber_${ARG_READ_ONCE}")
        target_precompile_headers(amber_${name} REUSE_FROM amber_${ARG_READ_ONCE})
    else()
        target_precompile_headers(amber_${name} PRIVATE ${AMBER_STANDARD_HEADERS} ${ARG_READ_ONCE})
    endif()
endfunction()
