// What program this is, whose it is, and what it stands on.
#pragma once

#include "app/frame/overlay.h"

class QLabel;

namespace app {

class AboutPage : public Overlay {
public:
    AboutPage(const Look& look, QWidget* parent);

    /// `book` is the file that is open.
    void open(const QString& book);

protected:
    QRect box() const override;
    void place() override;

private:
    QLabel* text_;
};

} // namespace app
