#include "app/frame/voice.h"

#include "words/spoken.h"

#include <QLocale>

#ifdef AMBER_VOICE
#include <QTextToSpeech>
#else
class QTextToSpeech {};
#endif

namespace app {

Voice::Voice(QObject* parent) : QObject(parent) {}

Voice::~Voice() = default;

bool Voice::possible() {
#ifdef AMBER_VOICE
    return true;
#else
    return false;
#endif
}

void Voice::say(const QString& shown) {
    const QString words = words::spoken(shown);
    if (words.isEmpty()) return;
    emit said(words);
#ifdef AMBER_VOICE
    if (!engine_) {
        engine_ = std::make_unique<QTextToSpeech>();
        engine_->setLocale(QLocale());
    }
    if (engine_->state() == QTextToSpeech::BackendError) return;
    engine_->stop();
    engine_->say(words);
#endif
}

} // namespace app
