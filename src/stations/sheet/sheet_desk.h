// Sheet: which parts go on paper, and where to.
#pragma once

#include "desk/desk.h"

#include <QStringList>

namespace app {

class SheetDesk : public Desk {
    Q_OBJECT
public:
    SheetDesk(Session& session, Manner manner);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    StandCard standCard() const override;
    /// As many as the preview has.
    void setPages(int pages) { pages_ = pages; }

    const QStringList& leftOut() const { return leftOut_; }
    bool letter() const { return letter_; }
    bool cardOnly() const { return cardOnly_; }
    /// Leaves a part out by its word, or takes it in again.
    void toggle(const QString& part);
    void setLetter(bool on);
    void setCardOnly(bool on);

signals:
    void pdfWanted();
    void printWanted();

private:
    enum class What { Pdf, Print, Card, A4, Letter, By, Out };
    struct Understood {
        Echo echo;
        What what = What::Pdf;
        QString rest{};
    };
    static Understood read(const QString& text);

    QStringList leftOut_;
    bool letter_ = false, cardOnly_ = false;
    int pages_ = 0;
};

} // namespace app
