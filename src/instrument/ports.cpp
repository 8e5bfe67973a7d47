#include "instrument/port.h"
#include "instrument/simulated_rig.h"
#include "instrument/stream.h"
#include "words/say.h"

#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QSerialPort>
#include <QSerialPortInfo>
#include <QSocketNotifier>
#include <QTimer>

#include <cerrno>
#include <fcntl.h>
#include <sys/file.h>
#include <termios.h>
#include <unistd.h>
#include <utility>

namespace instrument {

namespace {

constexpr int kLookAgain_ms = 1000;

QString noRight(const QString& path) {
    const QString group = QFileInfo(path).group();
    return Say::tr("No right to read %1: whoever is in the group %2 may. Join it (sudo usermod -aG "
                   "%2 $USER), and log in again.")
        .arg(path, group.isEmpty() ? QStringLiteral("dialout") : group);
}

QString inUse(const QString& path) {
    return Say::tr("%1 is in use by another program. Close that, and it goes on.").arg(path);
}

/// Looks for itself once a second while it is not there.
class Seeking : public Port {
public:
    Seeking(Seconds clock) : clock_(std::move(clock)) {
        again_.setInterval(kLookAgain_ms);
        connect(&again_, &QTimer::timeout, this, [this] { look(); });
    }
    void start() override { look(); }

protected:
    /// Opens it; what is wrong, or empty.
    virtual QString open() = 0;
    double now() const { return clock_(); }
    void gone(const QString& why) {
        again_.start();
        // Of one that was there, that it is gone says more than what is found in its place.
        if (why == said_ || (was_ && !said_.isEmpty())) return;
        said_ = why;
        emit lost(why);
    }

private:
    void look() {
        const QString wrong = open();
        if (!wrong.isEmpty()) return gone(wrong);
        again_.stop();
        said_.clear();
        was_ = true;
        emit found();
    }

    bool was_ = false; ///< it was there
    Seconds clock_;
    QTimer again_;
    QString said_;
};

QString usbOf(const QSerialPortInfo& info) {
    return QStringLiteral("%1:%2:%3")
        .arg(info.vendorIdentifier(), 4, 16, QLatin1Char('0'))
        .arg(info.productIdentifier(), 4, 16, QLatin1Char('0'))
        .arg(info.serialNumber());
}

class SerialPort : public Seeking {
public:
    SerialPort(Instrument instrument, Seconds clock)
        : Seeking(std::move(clock)), instrument_(std::move(instrument)) {
        connect(&port_, &QSerialPort::readyRead, this,
                [this] { emit arrived(port_.readAll(), now()); });
        connect(&port_, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError e) {
            if (e != QSerialPort::ResourceError && e != QSerialPort::ReadError) return;
            port_.close();
            gone(Say::tr("%1 is unplugged.").arg(instrument_.name));
        });
    }

protected:
    QString open() override {
        QString path = instrument_.place.section(QLatin1Char(':'), 1);
        // Plugged in again it may have another number.
        if (!instrument_.usb.isEmpty())
            for (const QSerialPortInfo& info : QSerialPortInfo::availablePorts())
                if (usbOf(info) == instrument_.usb) path = info.systemLocation();
        if (!QFileInfo::exists(path)) return Say::tr("There is no port %1.").arg(path);
        port_.setPortName(path);
        port_.setBaudRate(instrument_.baud);
        port_.setDataBits(instrument_.framing.startsWith(QLatin1Char('7')) ? QSerialPort::Data7
                                                                           : QSerialPort::Data8);
        port_.setParity(instrument_.framing.contains(QLatin1Char('E'))   ? QSerialPort::EvenParity
                        : instrument_.framing.contains(QLatin1Char('O')) ? QSerialPort::OddParity
                                                                         : QSerialPort::NoParity);
        port_.setStopBits(instrument_.framing.endsWith(QLatin1Char('2')) ? QSerialPort::TwoStop
                                                                         : QSerialPort::OneStop);
        if (port_.open(QIODevice::ReadOnly)) return {};
        if (port_.error() != QSerialPort::PermissionError)
            return Say::tr("%1 cannot be opened: %2.").arg(path, port_.errorString());
        return QFileInfo(path).isReadable() ? inUse(path) : noRight(path);
    }

private:
    Instrument instrument_;
    QSerialPort port_;
};

/// A pipe, a pseudo-terminal, standard input: whatever is read from a file descriptor.
class PipePort : public Seeking {
public:
    PipePort(const Instrument& instrument, Seconds clock)
        : Seeking(std::move(clock)),
          path_(instrument.place.section(QLatin1Char(':'), 1)),
          name_(instrument.name) {}
    ~PipePort() override { shut(); }

protected:
    QString open() override {
        shut();
        if (path_ == QLatin1String("-")) {
            fd_ = ::dup(STDIN_FILENO);
        } else {
            const QFileInfo there(path_);
            if (!there.exists()) return Say::tr("There is no port %1.").arg(path_);
            if (there.isFile() || there.isDir())
                return Say::tr("%1 is a file, and no port. A recorded stream is played as such.")
                    .arg(path_);
            fd_ = ::open(QFile::encodeName(path_).constData(),
                         O_RDONLY | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
        }
        if (fd_ < 0)
            return errno == EACCES ? noRight(path_)
                                   : Say::tr("%1 cannot be opened: %2.")
                                         .arg(path_, QString::fromLocal8Bit(std::strerror(errno)));
        // Of two that read one tool each would hear half of it.
        if (path_ != QLatin1String("-") && ::flock(fd_, LOCK_EX | LOCK_NB) != 0 &&
            errno == EWOULDBLOCK) {
            ::close(std::exchange(fd_, -1));
            return inUse(path_);
        }
        termios t{};
        if (::isatty(fd_) && ::tcgetattr(fd_, &t) == 0) {
            ::cfmakeraw(&t);
            ::tcsetattr(fd_, TCSANOW, &t);
        }
        heard_ = std::make_unique<QSocketNotifier>(fd_, QSocketNotifier::Read);
        connect(heard_.get(), &QSocketNotifier::activated, this, [this] { read(); });
        return {};
    }

private:
    void shut() {
        if (heard_) heard_.release()->deleteLater(); // it may be the one that is speaking
        if (fd_ >= 0) ::close(fd_);
        fd_ = -1;
    }
    void read() {
        QByteArray bytes(16384, Qt::Uninitialized);
        const ssize_t n = ::read(fd_, bytes.data(), static_cast<std::size_t>(bytes.size()));
        if (n > 0) {
            bytes.truncate(n);
            emit arrived(bytes, now());
            return;
        }
        if (n < 0 && (errno == EAGAIN || errno == EINTR)) return;
        // The far end of a pipe is shut, the terminal is gone.
        if (heard_) heard_->setEnabled(false);
        shut();
        gone(Say::tr("%1 is unplugged.").arg(name_));
    }

    QString path_, name_;
    int fd_ = -1;
    std::unique_ptr<QSocketNotifier> heard_;
};

/// A recorded stream, at the pace it was recorded.
class RecordedPort : public Port {
public:
    RecordedPort(const Instrument& instrument, Seconds clock) : clock_(std::move(clock)) {
        const QString rest = instrument.place.section(QLatin1Char(':'), 1);
        path_ = rest.section(QLatin1Char('#'), 0, 0);
        role_ = rest.section(QLatin1Char('#'), 1);
        tick_.setInterval(5);
        connect(&tick_, &QTimer::timeout, this, [this] { play(); });
    }
    void start() override {
        const auto read = readStream(path_);
        if (const auto* why = std::get_if<QString>(&read)) {
            emit lost(*why);
            return;
        }
        for (const StreamPiece& piece : std::get<Stream>(read).pieces)
            if (piece.role == role_) pieces_.push_back(piece);
        begun_ = clock_();
        tick_.start();
        emit found();
    }

private:
    void play() {
        const double t = clock_() - begun_;
        for (; next_ < pieces_.size() && pieces_[next_].t_s <= t; ++next_)
            emit arrived(pieces_[next_].bytes, begun_ + pieces_[next_].t_s);
        if (next_ < pieces_.size()) return;
        tick_.stop();
        emit lost(Say::tr("The recorded stream is at its end."));
    }

    Seconds clock_;
    QString path_, role_;
    std::vector<StreamPiece> pieces_;
    std::size_t next_ = 0;
    double begun_ = 0.0;
    QTimer tick_;
};

} // namespace

std::vector<SerialPlace> serialPlaces() {
    std::vector<SerialPlace> all;
    for (const QSerialPortInfo& info : QSerialPortInfo::availablePorts())
        all.push_back({info.systemLocation(), info.description(),
                       info.hasVendorIdentifier() ? usbOf(info) : QString()});
    return all;
}

Seconds steadyClock() {
    auto timer = std::make_shared<QElapsedTimer>();
    timer->start();
    return [timer] { return static_cast<double>(timer->nsecsElapsed()) * 1e-9; };
}

std::unique_ptr<Port> portAt(const Instrument& instrument, Seconds clock, SimulatedRig* rig) {
    const QString kind = instrument.place.section(QLatin1Char(':'), 0, 0);
    if (kind == QLatin1String("serial"))
        return std::make_unique<SerialPort>(instrument, std::move(clock));
    if (kind == QLatin1String("pipe"))
        return std::make_unique<PipePort>(instrument, std::move(clock));
    if (kind == QLatin1String("recorded"))
        return std::make_unique<RecordedPort>(instrument, std::move(clock));
    if (kind == QLatin1String("simulated") && rig)
        return rig->port(instrument.place.section(QLatin1Char(':'), 1), std::move(clock));
    return nullptr;
}

} // namespace instrument
