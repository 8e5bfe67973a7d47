// Setting the cam in words: what is to be moved, how the hands do it, what it did.
//
// Directions are as seen from the drive end, for engines turning either way and drives turning
// with or against them; moves are crank degrees, positive advances.
#pragma once

#include "core/drive/choices.h"
#include "core/setting/setting.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

namespace words {

/// "clockwise": the way the cam turns when the engine runs, or, not `advance`, the way back.
QString camTurn(const lobe::Engine& engine, bool advance);

/// "4.0° earlier" or "1.5° later".
QString moveBy(double deg, const Style& style, int places = 1);

/// Every part of a move, a sentence each, in the order of the hands; the caution about the crank
/// last. `cam` names the cam wheel where there are two.
/// `fitted` is what was in use before the move.
QStringList moveSteps(const lobe::Engine& engine, const lobe::DriveMove& move, const QString& cam,
                      const Style& style, const lobe::DriveState& fitted = {});
/// "1 tooth on, hub hole 3": for a list.
QString moveShort(const lobe::Drive& drive, const lobe::DriveMove& move, const Style& style,
                  const lobe::DriveState& fitted = {});

/// What is to be moved and why, or why that cannot be said.
QString needSentence(const lobe::Job& job, const lobe::Need& need, const Style& style);
QString sentence(lobe::NeedFault fault);
QString sentence(lobe::DriveFault fault);
/// What a choice leaves, against what can be measured.
QString residualNote(double residual_deg, double uncertainty_deg, const Style& style);

QString targetName(lobe::TargetKind kind);
QString setSchoolName(lobe::SetSchool school);
QString driveName(lobe::DriveKind kind);
QString eventName(lobe::Event event);

/// Whether a change did what it was meant to, and what to do next.
QString sentence(const lobe::MoveCheck& check, const Style& style);

/// What moving a cam earlier or later usually does, and narrowing or widening: reasons, never a
/// promise. Two sentences.
QString adviceOnMove(double advance_deg);
/// Of an exhaust cam moved alone: its opening, the overlap and its valve.
QString adviceOnExhaust(double advance_deg);
QString adviceOnSeparation(double wider_deg);
/// The cautions of the station, once.
QString setCaution();

/// The way to set a cam without marks, step by step, with the numbers of this job.
QStringList withoutMarks(const lobe::Job& job, const Style& style);
/// What the level followers say.
QString sentence(const lobe::LevelCheck& check, double tooth_deg, const lobe::Engine& engine,
                 const Style& style);

} // namespace words
