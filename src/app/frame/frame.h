// Where the parts of the window stand: bar on top, entry line below, route, bench and slate
// between. Placed by hand and not by a layout, so that a sentence that changes on one bench does
// not make the whole window measure itself again at every reading.
#pragma once

#include <QWidget>

namespace app {

class Frame : public QWidget {
public:
    struct Parts {
        QWidget *top, *route, *slate, *entry, *message, *stand;
    };
    explicit Frame(QWidget* parent) : QWidget(parent) { setObjectName(QStringLiteral("bench")); }

    /// Children of it; before anything else.
    void setParts(const Parts& parts) { parts_ = parts; }
    QWidget* bench() const { return current_; }
    /// Shows a child of it, hidden so far, in place of the other.
    /// Beside it the slate, unless what it says stands on the bench already.
    void setBench(QWidget* bench, bool slate = true);
    /// At the stand, route, slate and bench give way to one big card.
    void setAtStand(bool on);
    /// Places everything anew; needed when the message comes or goes.
    void place();

protected:
    void changeEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    Parts parts_{};
    QWidget* current_ = nullptr;
    bool atStand_ = false, slate_ = true;
};

} // namespace app
