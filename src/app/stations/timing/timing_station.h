// Timing: what the two lobes say together, at each checking height, against the card.
#pragma once

#include "app/frame/bench.h"

class QButtonGroup;
class QGridLayout;
class QLabel;

namespace app {

class Dialogs;
class EventBars;
class MidpointPlot;

class TimingStation : public Bench {
    Q_OBJECT
public:
    TimingStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void refresh() override;
    StandCard standCard() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    bool low() const;
    void makeRoom();
    double highest_mm(lobe::Place at) const;
    const stations::Station* elsewhere() const;
    lobe::Held<lobe::CylinderFindings> cylinder() const;
    /// The heights after the typed one is added or, when it stands there, taken away; or why not.
    Echo heightsAfter(const QString& text, std::vector<lobe::Height>& heights) const;
    QString verdict() const;
    void refreshSchools(const lobe::Held<lobe::CylinderFindings>& c);

    QString reasons(const lobe::CylinderFindings& c) const;
    QString figures(const lobe::CylinderFindings& c) const;

    QGridLayout* grid_;
    QLabel *verdict_, *more_, *events_, *together_, *curve_;
    QLabel* centres_[4][2];
    QButtonGroup* schools_;
    EventBars* bars_;
    MidpointPlot* midpoints_;
};

} // namespace app
