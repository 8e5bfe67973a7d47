// Large values are made, copied, compared and given back in one file each, not anew in every file
// that holds one: that was a third of what most files cost to compile. In the struct
// MADE_ONCE(Name), in its source MADE_HERE(Name); both mean what `= default` means. What is
// assigned is copied and moved, so that no part needs an assignment of its own.
#pragma once

#define MADE_ONCE(T)                                                                               \
    T();                                                                                           \
    ~T();                                                                                          \
    T(const T&);                                                                                   \
    T(T&&) noexcept;                                                                               \
    T& operator=(const T&);                                                                        \
    T& operator=(T&&) noexcept

#define MADE_HERE(T)                                                                               \
    T::T() = default;                                                                              \
    T::~T() = default;                                                                             \
    T::T(const T&) = default;                                                                      \
    T::T(T&&) noexcept = default;                                                                  \
    T& T::operator=(const T& o) {                                                                  \
        return *this = T(o);                                                                       \
    }                                                                                              \
    T& T::operator=(T&&) noexcept = default;
