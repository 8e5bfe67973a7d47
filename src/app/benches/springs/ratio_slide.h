// Other rockers under the hand: the ratio tried, from 1.0 to 2.0, beside the one that is fitted.
// Drag it, or Left and Right (a hundredth), Page Up and Down (a twentieth), Home for those fitted.
#pragma once

#include "app/style/look.h"
#include "words/numbers.h"

#include <QWidget>

#include <optional>

namespace app {

class RatioSlide : public QWidget {
    Q_OBJECT
public:
    explicit RatioSlide(const Look& look, QWidget* parent = nullptr);

    /// As a desk has it; emits nothing.
    void setState(double fitted, std::optional<double> tried);
    double value() const { return tried_.value_or(fitted_); }
    QSize sizeHint() const override { return {220, 48}; }

signals:
    /// By the user's hand; nothing for those fitted.
    void moved(std::optional<double> ratio);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    double x(double ratio) const;
    void put(double ratio);

    const Look& look_;
    double fitted_ = 1.5;
    std::optional<double> tried_;
};

} // namespace app
