// A bench of facts beside one picture: verdict over them, what else is to be said under them. Its
// desk says all of it.
#pragma once

#include "app/bench/bench.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace app {

template <class Kind> class FactBench : public BenchOf<Kind> {
public:
    /// `name` begins the object names: "ports" for "portsStation", "portsVerdict", "portsFacts".
    FactBench(Session& session, const Look& look, const QString& name, QWidget* parent)
        : BenchOf<Kind>(session, look, parent),
          verdict_(new ShrinkingLabel(this)),
          notes_(new ShrinkingLabel(this)),
          caution_(new ShrinkingLabel(this)),
          facts_(new RowList(look, false, this)) {
        this->setObjectName(name + QStringLiteral("Station"));
        verdict_->setObjectName(name + QStringLiteral("Verdict"));
        verdict_->setProperty("role", "verdict");
        notes_->setObjectName(name + QStringLiteral("Notes"));
        caution_->setProperty("role", "quiet");
        caution_->setText(Kind::caution());
        facts_->setObjectName(name + QStringLiteral("Facts"));
        facts_->setAccessibleName(Kind::factsName());
        facts_->setMinimumHeight(60);
        for (ShrinkingLabel* label : {verdict_, notes_, caution_})
            label->setWordWrap(true);
        notes_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
        QObject::connect(facts_, &RowList::chosen, this, [this](qint64 id) {
            this->desk_->moveTo(static_cast<int>(id) - 1);
            emit this->desk_->entryWanted();
        });
    }

    /// What the slate would show is of lobes: here it is of no use.
    bool foldsSlate() const override { return true; }

    void refresh() override {
        showFacts(*facts_, this->desk_->sheet(), this->desk_->facts(), this->style());
        verdict_->setText(this->desk_->verdict());
        notes_->setText(this->desk_->notes());
        notes_->setVisible(!notes_->text().isEmpty());
        showPicture();
    }

protected:
    /// The picture's scene, made anew.
    virtual void showPicture() = 0;

    /// `more` stands under the facts; may be null.
    void layOut(QWidget* picture, QWidget* more = nullptr) {
        auto* side = new QVBoxLayout;
        side->setSpacing(6);
        side->addWidget(facts_, 5);
        if (more) side->addWidget(more, 4);
        auto* middle = new QHBoxLayout;
        middle->setSpacing(12);
        middle->addWidget(picture, 7);
        middle->addLayout(side, 6);
        auto* column = new QVBoxLayout(this);
        column->setContentsMargins(14, 8, 14, 5);
        column->setSpacing(6);
        column->addWidget(verdict_);
        column->addLayout(middle, 1);
        column->addWidget(notes_);
        column->addWidget(caution_);
    }

private:
    ShrinkingLabel *verdict_, *notes_, *caution_;
    RowList* facts_;
};

} // namespace app
