#include "app/frame/ending.h"

#include <QGuiApplication>

#include <csignal>
#include <initializer_list>
#include <utility>

#include <fcntl.h>
#include <unistd.h>

namespace app {

namespace {

constexpr std::initializer_list<int> kSignals = {SIGTERM, SIGHUP, SIGINT};
/// A handler may do next to nothing: it writes one byte, and the event loop reads it.
int pipe_[2] = {-1, -1};

void onSignal(int) {
    const char byte = 1;
    [[maybe_unused]] const auto written = ::write(pipe_[1], &byte, 1);
}

} // namespace

Ending::Ending(std::function<void()> end, QObject* parent) : QObject(parent), end_(std::move(end)) {
    if (::pipe2(pipe_, O_CLOEXEC | O_NONBLOCK) == 0) {
        notifier_ = new QSocketNotifier(pipe_[0], QSocketNotifier::Read, this);
        connect(notifier_, &QSocketNotifier::activated, this, [this] {
            notifier_->setEnabled(false);
            end_();
        });
        struct sigaction action {};
        action.sa_handler = onSignal;
        action.sa_flags = SA_RESTART;
        for (int number : kSignals) {
            struct sigaction before {};
            // What was told to be ignored stays so: nohup.
            if (::sigaction(number, nullptr, &before) == 0 && before.sa_handler != SIG_IGN)
                ::sigaction(number, &action, nullptr);
        }
    }
    if (auto* gui = qobject_cast<QGuiApplication*>(QCoreApplication::instance()))
        connect(
            gui, &QGuiApplication::commitDataRequest, this, [this] { end_(); },
            Qt::DirectConnection);
}

Ending::~Ending() {
    for (int number : kSignals)
        ::signal(number, SIG_DFL);
    for (int& end : pipe_)
        if (end >= 0) ::close(std::exchange(end, -1));
}

} // namespace app
