// The window as a screen reader has it: pictures are graphics with their words, slides are sliders
// with a value that can be set, pages over the window are dialogs, the route is a list.
#pragma once

namespace app {

/// Once, before the first widget.
void describeWidgets();

} // namespace app
