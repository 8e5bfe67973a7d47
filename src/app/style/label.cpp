#include "app/style/label.h"

#include "app/style/announce.h"

namespace app {

void PlainLabel::setText(const QString& said) {
    if (said == text()) return;
    QLabel::setText(said);
    if (!said.isEmpty() &&
        (property("announced").toBool() || property("role").toString() == QLatin1String("verdict")))
        announce(*this);
}

} // namespace app
