// What the codecs share: names of enums, values that may be missing. Private to the book.
#pragma once

#include <QJsonArray>
#include <QJsonObject>
#include <QString>

#include <array>
#include <cstddef>
#include <optional>
#include <string>

namespace book {

/// Names of an enum's values, in the enum's order; an unknown name is the first.
template <class E, std::size_t N> struct Names {
    std::array<const char*, N> names;
    QString text(E value) const {
        return QString::fromLatin1(names[static_cast<std::size_t>(value)]);
    }
    E value(const QString& text) const {
        for (std::size_t i = 0; i < N; ++i)
            if (text == QLatin1String(names[i])) return static_cast<E>(i);
        return static_cast<E>(0);
    }
};

inline QString qt(const std::string& s) {
    return QString::fromStdString(s);
}

inline void put(QJsonObject& json, const char* key, const std::optional<double>& value) {
    if (value) json[QLatin1String(key)] = *value;
}
inline std::optional<double> maybe(const QJsonObject& json, const char* key) {
    const QJsonValue v = json[QLatin1String(key)];
    if (!v.isDouble()) return std::nullopt;
    return v.toDouble();
}
inline void take(const QJsonObject& json, const char* key, double& value) {
    value = json[QLatin1String(key)].toDouble(value);
}
inline void take(const QJsonObject& json, const char* key, std::string& value) {
    value = json[QLatin1String(key)].toString(qt(value)).toStdString();
}
template <class N, class E>
inline void take(const QJsonObject& json, const char* key, const N& names, E& value) {
    const QJsonValue v = json[QLatin1String(key)];
    if (v.isString()) value = names.value(v.toString());
}

} // namespace book
