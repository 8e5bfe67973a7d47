// What a subcommand hangs in: where its result is printed, and what is run once the line is read.
#pragma once

#include "cli/json.h"
#include "cli/line.h"

#include <QString>

#include <cerrno>
#include <cstdio>
#include <cstring>
#include <functional>

namespace cli {

class Host {
public:
    explicit Host(std::FILE* out) : out_(out) {}

    void print(const QString& text) const { std::fputs(text.toUtf8().constData(), out_); }
    void print(const Json& json) const {
        std::fputs((json.dump(4, ' ', false, Json::error_handler_t::replace) + "\n").c_str(), out_);
    }
    /// A result that has both.
    template <class Printed> void print(bool json, const Printed& printed) const {
        if (json)
            print(printed.json);
        else
            print(printed.text);
    }

    /// Why what was printed did not arrive; empty when it did.
    QString undelivered() const {
        const bool arrived = std::fflush(out_) == 0 && !std::ferror(out_);
        return arrived ? QString() : QString::fromLocal8Bit(std::strerror(errno));
    }

    /// What the line asks for; throws Refusal for what cannot be.
    std::function<void()> command;

private:
    std::FILE* out_;
};

} // namespace cli
