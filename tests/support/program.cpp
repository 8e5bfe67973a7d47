#include "support/program.h"

#include <QTest>

// As the layer needs it: a core, a gui or a widgets application.
#include AMBER_APPLICATION_HEADER

#include <cstdio>
#include <map>
#include <string>

namespace tests {
namespace {

// In functions: they are filled before main, in no order.
std::map<std::string, Make>& known() {
    static std::map<std::string, Make> tests;
    return tests;
}

std::map<std::string, Child>& children() {
    static std::map<std::string, Child> calls;
    return calls;
}

int run(Make make, QStringList arguments) {
    const std::unique_ptr<QObject> test = make();
    return QTest::qExec(test.get(), arguments);
}

} // namespace

bool addTest(const char* file, Make make) {
    const std::string path = file;
    const std::size_t from = path.rfind("test_") + 5;
    return known().emplace(path.substr(from, path.rfind(".cpp") - from), make).second;
}

bool addChild(const char* argument, Child child) {
    return children().emplace(argument, child).second;
}

} // namespace tests

int main(int argc, char** argv) {
    AMBER_APPLICATION application(argc, argv);
    application.setAttribute(Qt::AA_Use96Dpi, true);
    QStringList arguments = AMBER_APPLICATION::arguments();
    const std::string name = arguments.value(1).toStdString();
    if (const auto child = tests::children().find(name); child != tests::children().end())
        return child->second();
    if (const auto test = tests::known().find(name); test != tests::known().end()) {
        arguments.removeAt(1);
        return tests::run(test->second, arguments);
    }
    if (argc == 1) {
        int failed = 0;
        for (const auto& [each, make] : tests::known())
            failed += tests::run(make, arguments);
        return failed;
    }
    std::fprintf(stderr, "no test %s; there are:", name.c_str());
    for (const auto& [each, make] : tests::known())
        std::fprintf(stderr, " %s", each.c_str());
    std::fprintf(stderr, "\n");
    return 1;
}
