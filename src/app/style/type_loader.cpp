#include "app/style/type_loader.h"

#include "app/style/look.h"

#include <QFontDatabase>
#include <QImage>
#include <QPainter>

#include <system_error>

namespace app {

TypeLoader::TypeLoader() {
    try {
        thread_ = std::jthread([this] { load(); });
    } catch (const std::system_error&) {
        load(); // a machine without room for one more thread
    }
}

void TypeLoader::load() {
    // The system's settings for fonts are read with the first.
    for (const char* face : {"B612-Regular", "B612-Bold"})
        QFontDatabase::addApplicationFont(
            QStringLiteral(":/fonts/%1.otf").arg(QLatin1String(face)));
    faces_.count_down();
    // One word has Qt make its table of how ink mixes with its ground.
    QImage plate(QSize(48, 24), QImage::Format_ARGB32_Premultiplied);
    plate.fill(Qt::white);
    QPainter p(&plate);
    p.setFont(Look::font(13));
    p.drawText(plate.rect(), Qt::AlignCenter, QStringLiteral("lobe"));
}

void TypeLoader::finish() {
    if (thread_.joinable()) thread_.join();
}

} // namespace app
