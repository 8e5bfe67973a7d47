// A digit typed while a picture, a list or a slide has the focus is meant for the entry line.
#pragma once

#include <QObject>

class QWidget;

namespace app {

class EntryLine;

class Typing : public QObject {
    Q_OBJECT
public:
    /// Watches the window of the line as long as it lives.
    explicit Typing(EntryLine* line);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    EntryLine* line_;
};

} // namespace app
