// The words of a command line: subcommands, their options, and where each value goes. The option
// parser itself is behind line.cpp alone: it is long to read, and every command would read it.
#pragma once

#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace CLI {
class App;
class Option;
} // namespace CLI

namespace cli {

/// One option of a command; what is set of it holds for the value it was added with. Throws nothing
/// itself: a wrong word is refused when the line is read.
class Option {
public:
    explicit Option(CLI::Option* option) : option_(option) {}

    Option& required();
    /// One of these words.
    Option& oneOf(const std::vector<std::string>& words);
    Option& within(double least, double most);
    Option& positive();
    /// Several values in one word, parted by this.
    Option& delimiter(char sign);
    /// Whether the line had it.
    bool given() const;

private:
    CLI::Option* option_;
};

/// A command, to which options are added; the value of each outlives the reading of the line.
class Command {
public:
    explicit Command(CLI::App* app) : app_(app) {}

    /// `names`: "--job", or a word in capitals for what stands alone. T: text, whole and other
    /// numbers, lists of those, and an optional one of each.
    template <class T> Option option(const std::string& names, T& value, const std::string& says);
    Option flag(const std::string& names, bool& value, const std::string& says);
    /// Run when the line was read and it was this.
    void callback(std::function<void()> run);
    Command command(const std::string& name, const std::string& says);

private:
    CLI::App* app_;
};

/// What reading a line came to: 0 and nothing said where it goes on.
struct LineRead {
    bool done = false; ///< help or version was asked for: `said` answers
    std::string wrong; ///< why the line cannot be read; empty: it was
    std::string said;
};

/// A whole line.
class Line {
public:
    Line(const std::string& says, const std::string& program);
    ~Line();

    Command top();
    void setVersion(const std::string& said);
    /// One of the subcommands has to be given.
    void requireCommand();
    /// Every number of every option is written in decimals and of a size that can be meant: no
    /// hexadecimal, infinity, or what only overflows later. After the last option was added.
    void checkNumbers();
    LineRead read(int argc, const char* const* argv);

private:
    std::unique_ptr<CLI::App> app_;
};

} // namespace cli
