// The guide inside: at the station one stands in, searched as one types.
#pragma once

#include "app/frame/overlay.h"

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace app {

class GuidePage : public Overlay {
    Q_OBJECT
public:
    GuidePage(const Look& look, QWidget* parent);

    /// At the page of a station, by its key; the first where none is its own.
    void open(const QString& station);

protected:
    QRect box() const override;
    void place() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void search();
    void show(int page);
    void mark();

    QLineEdit* find_;
    QListWidget* pages_;
    QTextBrowser* text_;
};

} // namespace app
