// Ports of a two-stroke at the desk: edges and angles as facts; a number alone moves the piston.
#pragma once

#include "core/ports/ports.h"
#include "desk/facts_desk.h"

#include <optional>
#include <vector>

namespace app {

class PortsDesk : public FactsDesk {
    Q_OBJECT
public:
    PortsDesk(Session& session, Manner manner);

    Echo command(QChar letter) override;
    void begin() override;
    void leave() override;
    void follow() override;

    /// Where the piston is shown, crank degrees after TDC, 0 to 360.
    double at_deg() const { return at_deg_; }
    void movePiston(double deg);
    /// Null without stroke and rod.
    std::optional<lobe::PortCrank> crank() const;
    /// Those that are known.
    std::vector<lobe::PortFigures> figures() const;

    QString verdict() const;
    QString notes() const;
    static QString caution();
    static QString factsName();

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    Echo ownMeasured(const InstrumentReading& reading) override;
    LiveWish ownLive() const override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    /// A gravity gauge that was tipped since says so.
    QString gaugeDoubt() const;

    double at_deg_ = 0.0;
    bool notNow_ = false; ///< what is missing was left
};

} // namespace app
