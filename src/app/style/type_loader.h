// Loads the shipped type at the start, in a thread of its own beside the opening of the book: what
// the first text of a program takes is a good tenth of it.
#pragma once

#include <latch>
#include <thread>

namespace app {

class TypeLoader {
public:
    /// Begins; there is an application by then.
    TypeLoader();
    /// The shipped faces are there: before text is measured.
    void waitForFaces() const { faces_.wait(); }
    /// What all text shares is made too: before the first is painted.
    void finish();

private:
    void load();

    std::latch faces_{1};
    std::jthread thread_; ///< last, so that it ends first
};

} // namespace app
