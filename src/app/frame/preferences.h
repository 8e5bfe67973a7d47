// What the window remembers between starts. The file is named by whoever makes it.
#pragma once

#include <QSettings>
#include <QString>

namespace app {

class Preferences {
public:
    explicit Preferences(const QString& file) : settings_(file, QSettings::IniFormat) {}

    bool inches() const { return settings_.value(QStringLiteral("inches"), false).toBool(); }
    void setInches(bool v) { settings_.setValue(QStringLiteral("inches"), v); }
    bool dark() const { return settings_.value(QStringLiteral("dark"), false).toBool(); }
    void setDark(bool v) { settings_.setValue(QStringLiteral("dark"), v); }
    QString lastJob() const { return settings_.value(QStringLiteral("job")).toString(); }
    void setLastJob(const QString& v) { settings_.setValue(QStringLiteral("job"), v); }
    int lastStation() const { return settings_.value(QStringLiteral("station"), -1).toInt(); }
    void setLastStation(int v) { settings_.setValue(QStringLiteral("station"), v); }
    bool tick() const { return settings_.value(QStringLiteral("tick"), true).toBool(); }
    void setTick(bool v) { settings_.setValue(QStringLiteral("tick"), v); }
    bool atStand() const { return settings_.value(QStringLiteral("stand"), false).toBool(); }
    void setAtStand(bool v) { settings_.setValue(QStringLiteral("stand"), v); }
    QByteArray geometry() const {
        return settings_.value(QStringLiteral("geometry")).toByteArray();
    }
    void setGeometry(const QByteArray& v) { settings_.setValue(QStringLiteral("geometry"), v); }

private:
    QSettings settings_;
};

} // namespace app
