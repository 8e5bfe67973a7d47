// A tool that is not there, as a device file somebody can plug into: a pseudo-terminal, perhaps
// called by a name of one's own.
#pragma once

#include <QString>

#include <string_view>

namespace instrument {

class PseudoTerminal {
public:
    PseudoTerminal() = default;
    PseudoTerminal(const PseudoTerminal&) = delete;
    PseudoTerminal& operator=(const PseudoTerminal&) = delete;
    ~PseudoTerminal() { close(); }

    /// Opens one; a link of that name leads to it, where one is given. What is wrong, or empty.
    QString open(const QString& link = {});
    void close();
    bool isOpen() const { return fd_ >= 0; }
    /// Where it can be opened.
    QString path() const { return path_; }
    /// Without waiting: what nobody takes away is lost, as on a wire. False where some was.
    bool write(std::string_view bytes);

private:
    int fd_ = -1, far_ = -1;
    QString path_, link_;
};

} // namespace instrument
