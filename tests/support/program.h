// One program holds the tests of a layer: linked once, its headers read once. `test_core lobe`
// runs tests/core/test_lobe.cpp, with Qt Test's own arguments after it; without a name, all.
#pragma once

#include <QObject>

#include <memory>

namespace tests {

using Make = std::unique_ptr<QObject> (*)();
/// What the program does instead when it is started anew with this as its first argument.
using Child = int (*)();

/// Before main, by the macros below; of file's name, what stands between "test_" and ".cpp".
bool addTest(const char* file, Make make);
bool addChild(const char* argument, Child child);

} // namespace tests

#define AMBER_TEST(Class)                                                                          \
    static const bool isAdded##Class = tests::addTest(                                             \
        __FILE__, []() -> std::unique_ptr<QObject> { return std::make_unique<Class>(); });
