// A list whose copies share what is in it until one of them is changed: a job is then copied, kept
// and compared at the cost of what differs and not of every reading it holds.
#pragma once

#include <initializer_list>
#include <memory>
#include <utility>
#include <vector>

namespace lobe {

/// As a vector to read. Whoever changes one has it to himself from then on; a reference into it is
/// good until then.
template <class T> class Rows {
public:
    using value_type = T;
    using const_iterator = typename std::vector<T>::const_iterator;
    using iterator = typename std::vector<T>::iterator;

    Rows() = default;
    Rows(std::vector<T> all) : all_(std::make_shared<std::vector<T>>(std::move(all))) {}
    Rows(std::initializer_list<T> all) : Rows(std::vector<T>(all)) {}

    const std::vector<T>& get() const {
        static const std::vector<T> none;
        return all_ ? *all_ : none;
    }
    operator const std::vector<T>&() const { return get(); }
    const_iterator begin() const { return get().begin(); }
    const_iterator end() const { return get().end(); }
    auto rbegin() const { return get().rbegin(); }
    auto rend() const { return get().rend(); }
    std::size_t size() const { return get().size(); }
    bool empty() const { return get().empty(); }
    const T& operator[](std::size_t i) const { return get()[i]; }
    const T& front() const { return get().front(); }
    const T& back() const { return get().back(); }

    /// To be changed.
    std::vector<T>& edit() {
        if (!all_) {
            all_ = std::make_shared<std::vector<T>>();
        } else if (all_.use_count() > 1) {
            auto own = std::make_shared<std::vector<T>>();
            own->reserve(all_->size() + all_->size() / 8 + 1);
            own->assign(all_->begin(), all_->end());
            all_ = std::move(own);
        }
        return *all_;
    }
    void push_back(T value) { edit().push_back(std::move(value)); }
    void clear() { all_.reset(); }

    friend bool operator==(const Rows& a, const Rows& b) {
        return a.all_ == b.all_ || a.get() == b.get();
    }

private:
    std::shared_ptr<std::vector<T>> all_;
};

} // namespace lobe
