// The slate: the figures that matter now, each with its height, school and difference from the
// card. Space pins a figure; Enter or a click asks where it comes from.
#pragma once

#include "app/style/ground.h"
#include "core/result/figure.h"
#include "desk/session.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace app {

class RowList;

class Slate : public Ground {
    Q_OBJECT
public:
    Slate(Session& session, const Look& look, QWidget* parent = nullptr);

    /// The figures, a line each, parted by tabs.
    QString text() const;

public slots:
    /// Figures of the job as it is; pinned ones first.
    void refresh();

signals:
    /// A figure is asked where it comes from.
    void asked(const lobe::Figure& figure);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void nameCard();
    bool pinned(const std::string& key) const;
    void togglePin(qint64 id);
    void explain(qint64 id);
    lobe::Held<std::vector<lobe::Figure>> shown() const;
    lobe::Held<lobe::Figure> figure(qint64 id) const;

    Session& session_;
    bool choosing_ = false; ///< all figures are listed, to be pinned
    QLabel *card_, *whereFrom_;
    QPushButton* choose_;
    RowList* list_;
};

} // namespace app
