// A slow engine by the tape at the desk: arcs round the rim as facts, asked one after the other.
#pragma once

#include "core/flywheel/tape.h"
#include "desk/facts_desk.h"

namespace app {

/// What is asked there.
std::vector<Field> flywheelFields();

class FlywheelDesk : public FactsDesk {
    Q_OBJECT
public:
    FlywheelDesk(Session& session, Manner manner);

    void begin() override;
    void leave() override;
    void follow() override;

    lobe::TapeFigures figures() const;
    QString verdict() const;
    QString notes() const;
    static QString caution();
    static QString factsName();

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownSubmit(const QString& text) override;
    StandCard ownCard(bool asked) const override;

private:
    bool notNow_ = false; ///< what is missing was left
};

} // namespace app
