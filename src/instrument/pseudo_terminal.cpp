#include "instrument/pseudo_terminal.h"

#include "words/say.h"

#include <QFile>
#include <QFileInfo>

#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

namespace instrument {

QString PseudoTerminal::open(const QString& link) {
    close();
    const auto why = [] { return QString::fromLocal8Bit(std::strerror(errno)); };
    fd_ = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
    if (fd_ < 0 || ::grantpt(fd_) != 0 || ::unlockpt(fd_) != 0)
        return Say::tr("There is no pseudo-terminal to be had: %1.").arg(why());
    char name[128];
    if (::ptsname_r(fd_, name, sizeof name) != 0)
        return Say::tr("There is no pseudo-terminal to be had: %1.").arg(why());
    path_ = QString::fromLocal8Bit(name);
    // Held open, so that whoever plugs in and out leaves it as it is; raw, so that nothing is
    // turned into something else.
    far_ = ::open(name, O_RDWR | O_NOCTTY | O_CLOEXEC);
    termios t{};
    if (far_ >= 0 && ::tcgetattr(far_, &t) == 0) {
        ::cfmakeraw(&t);
        ::tcsetattr(far_, TCSANOW, &t);
    }
    if (link.isEmpty()) return {};
    // A link of an earlier run; nothing else is taken away.
    if (QFileInfo(link).isSymLink()) QFile::remove(link);
    if (!QFile::link(path_, link))
        return Say::tr("%1 cannot be made: is it there already?").arg(link);
    link_ = link;
    return {};
}

void PseudoTerminal::close() {
    if (!link_.isEmpty()) QFile::remove(link_);
    if (far_ >= 0) ::close(far_);
    if (fd_ >= 0) ::close(fd_);
    fd_ = far_ = -1;
    path_.clear(), link_.clear();
}

bool PseudoTerminal::write(std::string_view bytes) {
    while (fd_ >= 0 && !bytes.empty()) {
        const ssize_t n = ::write(fd_, bytes.data(), bytes.size());
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) {
            // Full: nobody listens. The oldest goes, as a wire holds nothing back.
            ::tcflush(far_, TCIFLUSH);
            return false;
        }
        bytes.remove_prefix(static_cast<std::size_t>(n));
    }
    return true;
}

} // namespace instrument
