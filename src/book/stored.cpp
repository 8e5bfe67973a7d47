#include "book/stored.h"

#include "book/fields.h"

namespace book {

namespace {

/// Goes over the fields of a struct as Writer and Reader do, and notes where each lies.
class Locator {
public:
    Locator(QString path, std::vector<StoredValue>& out) : path_(std::move(path)), out_(out) {}

    template <class T, class... Bounded>
    void operator()(const char* key, const T& v, const Bounded&...) {
        out_.push_back({&v, under(key)});
    }
    template <class T> void object(const char* key, const T& v) {
        Locator inner(under(key), out_);
        fields(inner, v);
    }
    /// One that is not there lies nowhere.
    template <class T> void object(const char* key, const std::optional<T>& v) {
        if (v) object(key, *v);
    }
    template <class T, class... How> void objects(const char* key, const T& list, const How&...) {
        out_.push_back({&list, under(key)});
    }

private:
    QString under(const char* key) const { return path_ + QLatin1Char('.') + QLatin1String(key); }

    QString path_;
    std::vector<StoredValue>& out_;
};

template <class T> void locate(const char* part, const T* from, std::vector<StoredValue>& out) {
    if (!from) return;
    Locator f(QLatin1String(part), out);
    fields(f, *from);
}

} // namespace

std::vector<StoredValue> storedValues(const StatedParts& parts) {
    std::vector<StoredValue> out;
    locate("engine", parts.engine, out);
    locate("settings", parts.settings, out);
    locate("card", parts.card, out);
    locate("terms", parts.terms, out);
    locate("mock_up", parts.mockUp, out);
    return out;
}

} // namespace book
