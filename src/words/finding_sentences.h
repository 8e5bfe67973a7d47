// A sentence for each kind of finding, for sentences.cpp alone: a kind without one does not
// compile. `of` is the finding it stands in: its lobe and cylinder.
#pragma once

#include "words/sentences.h"

namespace words {

/// "Intake 1"; empty where it is of no lobe.
QString lobeName(const lobe::Finding& f);

#define AMBER_SENTENCE(kind)                                                                       \
    QString said(const lobe::found::kind& f, const lobe::Finding& of, const Style& style)

// Of true TDC. (tdc_sentences.cpp)
AMBER_SENTENCE(TopOther);
AMBER_SENTENCE(TdcStopShallow);
AMBER_SENTENCE(TdcMethodsApart);
AMBER_SENTENCE(TdcOtherScale);
AMBER_SENTENCE(TdcMoved);
AMBER_SENTENCE(TdcSpanUnlikely);
AMBER_SENTENCE(TdcSpanOff);
AMBER_SENTENCE(TdcDwell);
AMBER_SENTENCE(TdcDrift);
AMBER_SENTENCE(TdcHalfDuration);
AMBER_SENTENCE(TdcContactsSwapped);
AMBER_SENTENCE(TdcTakeEnds);
AMBER_SENTENCE(TdcPointerOff);
AMBER_SENTENCE(TdcNotProved);
AMBER_SENTENCE(TdcProved);
AMBER_SENTENCE(TdcNotTaken);

// Of a run of lift readings. (run_sentences.cpp)
AMBER_SENTENCE(TooFewReadings);
AMBER_SENTENCE(FlatTable);
AMBER_SENTENCE(NoseNotReached);
AMBER_SENTENCE(FlankMissing);
AMBER_SENTENCE(HeightAboveNose);
AMBER_SENTENCE(HeightUnderLash);
AMBER_SENTENCE(NoisyCrossings);
AMBER_SENTENCE(SecondLift);
AMBER_SENTENCE(OffTheCurve);
AMBER_SENTENCE(AreaOfPart);
AMBER_SENTENCE(ZeroNotHome);
AMBER_SENTENCE(ZeroSlipped);
AMBER_SENTENCE(ZeroBleeding);
AMBER_SENTENCE(ZeroRunOut);
AMBER_SENTENCE(PartLoose);
AMBER_SENTENCE(TravelEnds);
AMBER_SENTENCE(NoseUnknown);
AMBER_SENTENCE(RatioMeasured);
AMBER_SENTENCE(BaseNotZero);
AMBER_SENTENCE(DropShortened);
AMBER_SENTENCE(RepeatedAngle);
AMBER_SENTENCE(WideStep);
AMBER_SENTENCE(BackedUp);
AMBER_SENTENCE(OtherTurn);
AMBER_SENTENCE(DialTurn);
AMBER_SENTENCE(FirstLiftUnlikely);
AMBER_SENTENCE(RestsElsewhere);

// Of a lobe taken by its events. (events_sentences.cpp)
AMBER_SENTENCE(EventsOnly);
AMBER_SENTENCE(CentreOnly);
AMBER_SENTENCE(DurationUnlikely);
AMBER_SENTENCE(CentreUnlikely);
AMBER_SENTENCE(NoseUnlikely);
AMBER_SENTENCE(WaysDiffer);
AMBER_SENTENCE(WaysAgree);
AMBER_SENTENCE(CardHeightNear);
AMBER_SENTENCE(EventOdd);
AMBER_SENTENCE(EventSide);

// What lobes say against card, other cylinders and one another. (check_sentences.cpp)
AMBER_SENTENCE(PassesAgree);
AMBER_SENTENCE(PassesDiffer);
AMBER_SENTENCE(PassesMean);
AMBER_SENTENCE(MovedSince);
AMBER_SENTENCE(CentreFarOff);
AMBER_SENTENCE(SidesSwapped);
AMBER_SENTENCE(CylinderTdcUnknown);
AMBER_SENTENCE(Twist);
AMBER_SENTENCE(CamShift);
AMBER_SENTENCE(SeparationOff);
AMBER_SENTENCE(CardShift);
AMBER_SENTENCE(CardOff);
AMBER_SENTENCE(AsCard);
AMBER_SENTENCE(SplitPointMissing);

// Of valve to piston. (clearance_sentences.cpp)
AMBER_SENTENCE(PressesApart);
AMBER_SENTENCE(PressOdd);
AMBER_SENTENCE(LeastAtEdge);
AMBER_SENTENCE(PressStops);
AMBER_SENTENCE(FollowerLive);
AMBER_SENTENCE(HeadLoose);
AMBER_SENTENCE(ClearanceUnder);
AMBER_SENTENCE(ClearanceOverTravel);
AMBER_SENTENCE(GapShape);
AMBER_SENTENCE(ClearanceUnsaid);
AMBER_SENTENCE(MapCarried);
AMBER_SENTENCE(MapVoid);
AMBER_SENTENCE(WaysApart);
AMBER_SENTENCE(MapsApart);
AMBER_SENTENCE(ValvesMeet);

// Of springs. (spring_sentences.cpp)
AMBER_SENTENCE(SpringRoomShort);
AMBER_SENTENCE(SpringOdd);

#undef AMBER_SENTENCE

} // namespace words
