# A layer is one static library made of every source below its folder. It links what is named after
# BELOW, and nothing else: that is the whole of the layering rule, enforced by the linker
# and by include paths (each layer's headers are found as "core/…", "book/…" and so on). READ_ONCE
# names headers that are read once for the whole layer, or the layer whose are taken: they are most of
# what a file of it costs to compile. Of our own only what nearly every unit reads anyway, since an edit
# of it rebuilds the layer: never the job. A file names what it uses all the same.
# QUICK names the folders whose work is done thousands of times for one key.
include(${CMAKE_CURRENT_LIST_DIR}/Warnings.cmake)

# Files are compiled together, folder by folder, up to so many bytes of them: what they all include is
# read, and what they all make of templates is made, once (four units of 31 CPU-seconds were one of 18).
# Names of a file's own are therefore one per layer (tests/one_layer.py looks).
#
# Those that look into a job are compiled with their like: an edit of it leaves the others as they are.
#
# What is being worked at is compiled alone, so that the next edit of it does not compile its neighbours
# again: files that differ from the last commit, as they stand when the build is configured. After a
# change to many of them nothing is gained by it.
set(AMBER_TOGETHER 100000 CACHE STRING "Bytes of source compiled together; 0 for each file alone")
set(AMBER_IN_HAND "")
find_package(Git QUIET)
if(GIT_FOUND AND EXISTS ${PROJECT_SOURCE_DIR}/.git)
    execute_process(COMMAND ${GIT_EXECUTABLE} diff --name-only HEAD WORKING_DIRECTORY ${PROJECT_SOURCE_DIR}
        OUTPUT_VARIABLE changed ERROR_QUIET OUTPUT_STRIP_TRAILING_WHITESPACE)
    string(REGEX MATCHALL "[^\n]+\\.cpp" changed "${changed}")
    list(LENGTH changed count)
    if(count LESS 9)
        list(TRANSFORM changed PREPEND "${PROJECT_SOURCE_DIR}/" OUTPUT_VARIABLE AMBER_IN_HAND)
    endif()
endif()

function(amber_together target) # [bytes]: where more than usual is of one kind
    if(NOT AMBER_TOGETHER)
        return()
    endif()
    set(folder "")
    set(part 0)
    set(bytes 0)
    set(enough ${AMBER_TOGETHER} ${ARGN})
    list(GET enough -1 enough)
    math(EXPR most "${enough} * 3 / 2")
    get_target_property(all ${target} SOURCES)
    set(sources "")
    set(others "")
    set(rest 0)
    foreach(source IN LISTS all)
        get_filename_component(source ${source} ABSOLUTE)
        get_source_file_property(made ${source} TARGET_DIRECTORY ${target} GENERATED)
        if(made OR source IN_LIST AMBER_IN_HAND OR NOT source MATCHES "\\.cpp$")
            continue()
        endif()
        file(STRINGS ${source} job REGEX "^#include \"core/job/job\\.h\"$" LIMIT_COUNT 1)
        if(job)
            list(APPEND sources ${source})
        else()
            list(APPEND others ${source})
            file(SIZE ${source} size)
            math(EXPR rest "${rest} + ${size}")
        endif()
    endforeach()
    # A few files are no unit of their own.
    set(apart -1)
    if(rest GREATER 14000)
        list(LENGTH sources apart)
    endif()
    foreach(source IN LISTS sources others)
        file(SIZE ${source} size)
        get_filename_component(its ${source} DIRECTORY)
        if(bytes AND ((bytes GREATER enough AND NOT its STREQUAL folder) OR bytes GREATER most OR apart EQUAL 0))
            math(EXPR part "${part} + 1")
            set(bytes 0)
        endif()
        math(EXPR apart "${apart} - 1")
        set(folder ${its})
        math(EXPR bytes "${bytes} + ${size}")
        get_source_file_property(moc ${source} TARGET_DIRECTORY ${target} AMBER_MOC)
        if(NOT moc)
            set(moc "")
        endif()
        set_source_files_properties(${source} ${moc} TARGET_DIRECTORY ${target} PROPERTIES UNITY_GROUP "${part}")
    endforeach()
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_MODE GROUP)
endfunction()

# What Qt's compiler makes of classes with Q_OBJECT: of a header, compiled together with the source
# beside it, which has read that header already; of a source, included at its end as "name.moc". It is
# told of no folders to include from: it would read all of Qt and of the core again for each class
# (0.7 s instead of 0.01), and only Q_INTERFACES would need it. Files are looked through when the build
# is configured, which ./run always does: do so after giving a file its first Q_OBJECT.
function(amber_moc target)
    set(all "")
    get_target_property(sources ${target} SOURCES)
    foreach(source IN LISTS sources)
        get_filename_component(source ${source} ABSOLUTE)
        if(NOT source MATCHES "\\.(h|cpp)$")
            continue()
        endif()
        file(STRINGS ${source} objects REGEX "^ *Q_OBJECT$" LIMIT_COUNT 1)
        if(NOT objects)
            continue()
        endif()
        file(RELATIVE_PATH made ${CMAKE_CURRENT_SOURCE_DIR} ${source})
        set(made "${CMAKE_CURRENT_BINARY_DIR}/moc/${made}")
        if(source MATCHES "\\.h$")
            string(REGEX REPLACE "\\.h$" ".cpp" made ${made})
            string(REGEX REPLACE "\\.h$" ".cpp" beside ${source})
            set_source_files_properties(${beside} TARGET_DIRECTORY ${target} PROPERTIES AMBER_MOC ${made})
        else()
            string(REGEX REPLACE "\\.cpp$" ".moc" made ${made})
            get_filename_component(folder ${made} DIRECTORY)
            target_include_directories(${target} PRIVATE ${folder})
        endif()
        qt_generate_moc(${source} ${made})
        target_sources(${target} PRIVATE ${made})
        list(APPEND all ${made})
    endforeach()
    # A command of the target's alone waits for all it links, and its first file for the command. Asked
    # for by one that links nothing it waits for nothing, and layers are compiled beside each other.
    if(all)
        add_custom_target(${target}_moc DEPENDS ${all})
    endif()
endfunction()

# What nobody calls is left out of a program: it would be read from disk and kept in memory.
add_compile_options(-ffunction-sections -fdata-sections)
add_link_options(-Wl,--gc-sections)
# The quicker of binutils' two linkers, where it is: 0.8 s for the window instead of 1.9.
find_program(AMBER_GOLD ld.gold)
if(AMBER_GOLD AND NOT AMBER_SANITIZE)
    add_link_options(-fuse-ld=gold)
endif()

# Less inlined, one of Qt's own headers is taken to read through nothing.
set(AMBER_LIGHTLY -Og -Wno-null-dereference)

set(AMBER_STANDARD_HEADERS <algorithm> <array> <cmath> <functional> <map> <memory> <numbers>
    <optional> <string> <utility> <variant> <vector>)
set(AMBER_QT_CORE_HEADERS <QDateTime> <QDir> <QFile> <QFileInfo> <QLocale> <QObject>
    <QRegularExpression> <QString> <QStringList> <QVariant>)
set(AMBER_QT_WIDGET_HEADERS ${AMBER_QT_CORE_HEADERS} <QAction> <QApplication> <QHBoxLayout>
    <QKeyEvent> <QLabel> <QLineEdit> <QPainter> <QPainterPath> <QPushButton> <QStyle> <QWidget>)
# Most of QTest, for the tests that take a layer's headers: to read them ahead once more for tests alone
# costs more than it saves (to write them down is half of it). The program is not linked with it.
set(AMBER_TEST_HEADERS <QtTest/qtestcase.h> <QtTest/qtestdata.h> <QtTest/qbenchmark.h> <QAbstractItemModel>
    <QCborMap> <QRect> <QUrl> <QUuid>)

function(amber_layer name)
    cmake_parse_arguments(ARG "" "" "BELOW;LINK;READ_ONCE;QUICK" ${ARGN})
    file(GLOB_RECURSE sources CONFIGURE_DEPENDS
        ${CMAKE_CURRENT_SOURCE_DIR}/*.cpp ${CMAKE_CURRENT_SOURCE_DIR}/*.h)
    list(FILTER sources EXCLUDE REGEX "/main\\.cpp$")
    set(hot "")
    if(ARG_QUICK)
        list(JOIN ARG_QUICK "|" quick)
        set(hot ${sources})
        list(FILTER hot INCLUDE REGEX "^${CMAKE_CURRENT_SOURCE_DIR}/(${quick})/.*\\.cpp$")
        list(REMOVE_ITEM sources ${hot})
    endif()
    add_library(amber_${name} STATIC ${sources})
    target_include_directories(amber_${name} PUBLIC ${PROJECT_BINARY_DIR}/include-${name})
    # One include root per layer, so that a layer can see only what it links.
    file(MAKE_DIRECTORY ${PROJECT_BINARY_DIR}/include-${name})
    file(CREATE_LINK ${CMAKE_CURRENT_SOURCE_DIR} ${PROJECT_BINARY_DIR}/include-${name}/${name}
        SYMBOLIC)
    list(TRANSFORM ARG_BELOW PREPEND amber_)
    target_link_libraries(amber_${name} PUBLIC ${ARG_BELOW} ${ARG_LINK})
    amber_warnings(amber_${name})
    amber_moc(amber_${name})
    amber_together(amber_${name})
    # What says and shows waits for disk, fonts and people, and most of the time to compile it would go
    # into making it quick; of the core only what is done thousands of times is made as quick as can be.
    if(name STREQUAL "core")
        target_compile_options(amber_core PRIVATE -O1)
    else()
        target_compile_options(amber_${name} PRIVATE ${AMBER_LIGHTLY})
    endif()
    if(hot)
        # By itself: a target's files are compiled at the level of the headers read ahead for it.
        add_library(amber_${name}_quick OBJECT ${hot})
        target_link_libraries(amber_${name}_quick PRIVATE ${ARG_LINK})
        target_include_directories(amber_${name}_quick PRIVATE ${PROJECT_BINARY_DIR}/include-${name})
        amber_warnings(amber_${name}_quick)
        amber_together(amber_${name}_quick)
        target_sources(amber_${name} PRIVATE $<TARGET_OBJECTS:amber_${name}_quick>)
    endif()
    if(TARGET "amber_${ARG_READ_ONCE}")
        target_precompile_headers(amber_${name} REUSE_FROM amber_${ARG_READ_ONCE})
    elseif(ARG_READ_ONCE)
        target_precompile_headers(amber_${name} PRIVATE ${AMBER_STANDARD_HEADERS} ${ARG_READ_ONCE})
    endif()
endfunction()

# A program of a layer: what it reads first is what the layer reads.
function(amber_program target layer source)
    add_executable(${target} ${source})
    target_link_libraries(${target} PRIVATE amber_${layer})
    amber_warnings(${target})
    target_compile_options(${target} PRIVATE ${AMBER_LIGHTLY})
    target_precompile_headers(${target} REUSE_FROM amber_${layer})
endfunction()
