// Job parts as JSON, for the book's fact rows and for job folders. Unknown keys are ignored,
// missing ones keep their default, so that a newer reader takes an older text. mm and degrees.
#pragma once

#include "book/change.h"
#include "core/job.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QString>

namespace book {

QJsonObject toJson(const lobe::Engine& engine);
QJsonObject toJson(const lobe::Card& card);
QJsonObject toJson(const lobe::Settings& settings);
QJsonObject toJson(const lobe::RunTerms& terms);
QJsonObject toJson(const lobe::SettingChange& change);
QJsonObject toJson(const lobe::Drive& drive);
QJsonObject toJson(const lobe::Target& target);

lobe::Engine engineFrom(const QJsonObject& json);
/// The fitted card with the others under "others"; "none" stands for no fitted card.
QJsonObject toJson(const SetCards& cards);
SetCards cardsFrom(const QJsonObject& json);
lobe::Card cardFrom(const QJsonObject& json);
lobe::Settings settingsFrom(const QJsonObject& json);
lobe::Drive driveFrom(const QJsonObject& json);
lobe::Target targetFrom(const QJsonObject& json);
lobe::SettingChange settingChangeFrom(const QJsonObject& json);
lobe::RunTerms termsFrom(const QJsonObject& json);

QString sideText(lobe::Side side);
lobe::Side sideFrom(const QString& text);
QString scaleText(lobe::WheelScale scale);
lobe::WheelScale scaleFrom(const QString& text);
QString methodText(lobe::TdcMethod method);
lobe::TdcMethod methodFrom(const QString& text);

QString readingOfText(lobe::ReadingOf of);
lobe::ReadingOf readingOfFrom(const QString& text);

QString compact(const QJsonObject& json);
QJsonObject parsed(const QString& text);

} // namespace book
