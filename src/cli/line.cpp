#include "cli/line.h"

#include "core/job/bounds.h"

#include <CLI/CLI.hpp>

#include <QRegularExpression>
#include <QString>

#include <algorithm>
#include <cmath>
#include <optional>

namespace cli {

Option& Option::required() {
    option_->required();
    return *this;
}

Option& Option::oneOf(const std::vector<std::string>& words) {
    option_->check(CLI::IsMember(words));
    return *this;
}

Option& Option::within(double least, double most) {
    option_->check(CLI::Range(least, most));
    return *this;
}

Option& Option::positive() {
    option_->check(CLI::PositiveNumber);
    return *this;
}

Option& Option::delimiter(char sign) {
    option_->delimiter(sign);
    return *this;
}

bool Option::given() const {
    return option_->count() > 0;
}

template <class T>
Option Command::option(const std::string& names, T& value, const std::string& says) {
    return Option(app_->add_option(names, value, says));
}
template Option Command::option(const std::string&, std::string&, const std::string&);
template Option Command::option(const std::string&, double&, const std::string&);
template Option Command::option(const std::string&, int&, const std::string&);
template Option Command::option(const std::string&, unsigned&, const std::string&);
template Option Command::option(const std::string&, std::optional<double>&, const std::string&);
template Option Command::option(const std::string&, std::optional<int>&, const std::string&);
template Option Command::option(const std::string&, std::optional<std::string>&,
                                const std::string&);
template Option Command::option(const std::string&, std::vector<double>&, const std::string&);
template Option Command::option(const std::string&, std::vector<int>&, const std::string&);
template Option Command::option(const std::string&, std::vector<std::string>&, const std::string&);

Option Command::flag(const std::string& names, bool& value, const std::string& says) {
    return Option(app_->add_flag(names, value, says));
}

void Command::callback(std::function<void()> run) {
    app_->callback(std::move(run));
}

Command Command::command(const std::string& name, const std::string& says) {
    return Command(app_->add_subcommand(name, says));
}

Line::Line(const std::string& says, const std::string& program)
    : app_(std::make_unique<CLI::App>(says, program)) {}

Line::~Line() = default;

Command Line::top() {
    return Command(app_.get());
}

void Line::setVersion(const std::string& said) {
    app_->set_version_flag("--version", said);
}

void Line::requireCommand() {
    app_->require_subcommand(1);
}

void Line::checkNumbers() {
    const CLI::Validator plain(
        [](std::string& text) {
            static const QRegularExpression decimal(
                QStringLiteral("^[-+]?(\\d+\\.?\\d*|\\.\\d+)([eE][-+]?\\d+)?$"));
            const QString said = QString::fromStdString(text);
            if (!decimal.match(said).hasMatch()) return text + " is no plain number";
            const double v = said.toDouble();
            if (!lobe::bounds::any.hold(v) || (v != 0.0 && std::abs(v) < 1e-9))
                return text + " is beyond what can be meant";
            return std::string();
        },
        std::string());
    // One number with a comma is meant as at the entry line; in a list the comma parts numbers.
    const CLI::Validator comma(
        [](std::string& text) {
            if (std::count(text.begin(), text.end(), ',') == 1 && text.find('.') == text.npos)
                std::replace(text.begin(), text.end(), ',', '.');
            return std::string();
        },
        std::string());
    for (CLI::App* command : app_->get_subcommands({}))
        for (CLI::Option* option : command->get_options())
            if (option->get_type_name() == "FLOAT" || option->get_type_name() == "INT") {
                // The one put on last is asked first.
                option->check(plain);
                if (option->get_delimiter() == '\0') option->transform(comma);
            }
}

LineRead Line::read(int argc, const char* const* argv) {
    try {
        app_->parse(argc, argv);
    } catch (const CLI::CallForHelp&) {
        return {true, {}, app_->help("", CLI::AppFormatMode::Normal)};
    } catch (const CLI::ParseError& e) {
        if (e.get_exit_code() == 0) return {true, {}, std::string(e.what()) + '\n'};
        return {false, e.what(), {}};
    }
    return {};
}

} // namespace cli
