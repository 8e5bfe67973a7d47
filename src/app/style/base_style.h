// The style under the sheet.
#pragma once

#include <QProxyStyle>

namespace app {

/// Fusion, but for a picture it would read from a file: for the first of those every plug-in for
/// pictures is loaded, at each start, and it is hardly ever seen.
class BaseStyle : public QProxyStyle {
    Q_OBJECT
public:
    BaseStyle() : QProxyStyle(QStringLiteral("Fusion")) {}

    QIcon standardIcon(StandardPixmap which, const QStyleOption* option,
                       const QWidget* widget) const override;
};

} // namespace app
