// How a struct becomes JSON and is read back, from one list of its fields. Private to the book.
//
// Reading is strict: a value of the wrong kind, a name that no list holds and a text that is no
// JSON are said, by where they stand, and never replaced by a default; a key that is not known is
// said too, since a newer program may have put it there. A key that is missing keeps what the
// struct has, so that a newer reader takes an older text. What is longer than any job has is
// beyond too. A number beyond its bounds is left out
// and said: the struct keeps what it has, a list or one of its objects is left out whole.
#pragma once

#include "core/angle/rows.h"
#include "core/job/bounds.h"

#include <nlohmann/json.hpp>

#include <array>
#include <cmath>
#include <cstddef>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace book {

using Json = nlohmann::json;

/// What could not be understood, by where it stands ("engine.rotation: widdershins").
struct Misread {
    std::vector<std::string> wrong;  ///< values that mean nothing here
    std::vector<std::string> newer;  ///< keys this program does not know
    std::vector<std::string> beyond; ///< numbers no engine has: left out
    bool none() const { return wrong.empty() && newer.empty() && beyond.empty(); }
    /// One of them, the worst first; there is one.
    const std::string& first() const {
        return !wrong.empty() ? wrong.front() : !beyond.empty() ? beyond.front() : newer.front();
    }
};

/// Names of an enum's values, in the enum's order.
template <std::size_t N> struct Names {
    std::array<const char*, N> names;
    template <class E> const char* text(E value) const {
        return names[static_cast<std::size_t>(value)];
    }
    template <class E> std::optional<E> value(std::string_view text) const {
        for (std::size_t i = 0; i < N; ++i)
            if (text == names[i]) return static_cast<E>(i);
        return std::nullopt;
    }
};

/// Longer than anybody types, or than a list of what is stated gets; of readings there may be more.
constexpr std::size_t kMostText = 20000, kMostStated = 1000, kMostRows = 1000000;

/// A line of text as it could have been typed: what would end the line, or speak to a terminal, is
/// a space.
inline std::string plainText(std::string text) {
    for (char& c : text)
        if (static_cast<unsigned char>(c) < 0x20 || c == 0x7f) c = ' ';
    return text;
}

class Writer;
class Reader;

/// The fields of a struct, as fields.h has them.
struct Fields {
    void operator()(auto& f, auto& each) const;
};

/// Writes the fields of one struct into an object.
class Writer {
public:
    explicit Writer(Json& json) : json_(json) {}

    /// What is written was judged when it was said.
    template <class T> void operator()(const char* key, const T& v, const lobe::Bounds&) {
        (*this)(key, v);
    }
    void operator()(const char* key, const double& v) { json_[key] = v; }
    void operator()(const char* key, const int& v) { json_[key] = v; }
    void operator()(const char* key, const bool& v) { json_[key] = v; }
    void operator()(const char* key, const std::int64_t& v) { json_[key] = v; }
    void operator()(const char* key, const std::string& v) { json_[key] = v; }
    void operator()(const char* key, const std::vector<double>& v) { json_[key] = v; }
    void operator()(const char* key, const std::vector<std::string>& v) { json_[key] = v; }
    void operator()(const char* key, const std::optional<double>& v) {
        if (v) json_[key] = *v;
    }
    void operator()(const char* key, const std::vector<int>& v) { json_[key] = v; }
    /// May hold values that are not known: they are null.
    void operator()(const char* key, const std::vector<std::optional<double>>& v) {
        Json all = Json::array();
        for (const auto& each : v)
            all.push_back(each ? Json(*each) : Json());
        json_[key] = std::move(all);
    }
    template <class E, std::size_t N>
    void operator()(const char* key, const E& v, const Names<N>& names) {
        json_[key] = names.text(v);
    }
    template <class E, std::size_t N>
    void operator()(const char* key, const std::optional<E>& v, const Names<N>& names) {
        if (v) json_[key] = names.text(*v);
    }
    template <class T> void object(const char* key, const T& v);
    template <class T> void object(const char* key, const std::optional<T>& v) {
        if (v) object(key, *v);
    }
    /// Each by its `fields`, or by others.
    template <class T, class How = Fields>
    void objects(const char* key, const std::vector<T>& v, How how = {});
    template <class T, class How = Fields>
    void objects(const char* key, const lobe::Rows<T>& v, How how = {}) {
        objects(key, v.get(), how);
    }

private:
    Json& json_;
};

/// Reads the fields of one struct from an object.
class Reader {
public:
    Reader(const Json& json, std::string where, Misread& out)
        : json_(json), where_(std::move(where)), out_(out) {
        if (!json_.is_object()) out_.wrong.push_back(where_ + ": not an object");
    }
    ~Reader() {
        if (json_.is_object())
            for (const auto& [key, value] : json_.items())
                if (!known_.count(key)) out_.newer.push_back(where_ + "." + key);
    }
    Reader(const Reader&) = delete;
    Reader& operator=(const Reader&) = delete;

    void operator()(const char* key, double& v, const lobe::Bounds& in = lobe::bounds::any) {
        if (const Json* j = find(key)) number(*j, key, v, in);
    }
    void operator()(const char* key, int& v, const lobe::Bounds& in = lobe::bounds::any) {
        whole(key, v, in);
    }
    void operator()(const char* key, std::int64_t& v) { whole(key, v, kExact); }
    void operator()(const char* key, bool& v) {
        const Json* j = find(key);
        if (!j) return;
        if (j->is_boolean())
            v = j->get<bool>();
        else
            wrong(key, *j);
    }
    void operator()(const char* key, std::string& v) {
        const Json* j = find(key);
        if (!j) return;
        text(*j, key, v);
    }
    void operator()(const char* key, std::optional<double>& v,
                    const lobe::Bounds& in = lobe::bounds::any) {
        const Json* j = find(key);
        if (!j) return;
        double d = 0.0;
        if (number(*j, key, d, in)) v = d;
    }
    void operator()(const char* key, std::vector<double>& v,
                    const lobe::Bounds& in = lobe::bounds::any) {
        whole(key, v, [&](const Json& j, double& d) { return number(j, key, d, in); });
    }
    void operator()(const char* key, std::vector<int>& v,
                    const lobe::Bounds& in = lobe::bounds::any) {
        whole(key, v, [&](const Json& j, int& i) {
            double d = 0.0;
            if (!number(j, key, d, in)) return false;
            if (d != std::floor(d)) return wrong(key, j);
            i = static_cast<int>(d);
            return true;
        });
    }
    void operator()(const char* key, std::vector<std::string>& v) {
        each(key, v, [&](const Json& j, std::string& s) { return text(j, key, s); });
    }
    void operator()(const char* key, std::vector<std::optional<double>>& v,
                    const lobe::Bounds& in = lobe::bounds::any) {
        whole(key, v, [&](const Json& j, std::optional<double>& o) {
            if (j.is_null()) return true;
            double d = 0.0;
            const bool read = number(j, key, d, in);
            if (read) o = d;
            return read;
        });
    }
    template <class E, std::size_t N>
    void operator()(const char* key, E& v, const Names<N>& names) {
        const Json* j = find(key);
        if (!j) return;
        const auto read =
            j->is_string() ? names.template value<E>(j->template get<std::string>()) : std::nullopt;
        if (read)
            v = *read;
        else
            wrong(key, *j);
    }
    template <class E, std::size_t N>
    void operator()(const char* key, std::optional<E>& v, const Names<N>& names) {
        if (!find(key)) return;
        E read{};
        const auto before = out_.wrong.size();
        (*this)(key, read, names);
        if (out_.wrong.size() == before) v = read;
    }
    template <class T> void object(const char* key, T& v);
    template <class T> void object(const char* key, std::optional<T>& v) {
        if (!find(key)) return;
        v.emplace();
        object(key, *v);
    }
    template <class T, class How = Fields>
    void objects(const char* key, std::vector<T>& v, How how = {});
    template <class T, class How = Fields>
    void objects(const char* key, lobe::Rows<T>& v, How how = {}) {
        std::vector<T> all;
        objects(key, all, how);
        v = lobe::Rows<T>(std::move(all));
    }

    /// A key that belongs here and is read elsewhere.
    void known(const char* key) { known_.insert(key); }

private:
    /// What a double holds exactly.
    static constexpr lobe::Bounds kExact{-9007199254740992.0, 9007199254740992.0};

    /// Null counts as missing, as it was written once for a value that is not there.
    const Json* find(const char* key) {
        known_.insert(key);
        if (!json_.is_object()) return nullptr;
        const auto it = json_.find(key);
        return it == json_.end() || it->is_null() ? nullptr : &*it;
    }
    bool wrong(const char* key, const Json& value) {
        out_.wrong.push_back(
            where_ + "." + key + ": " +
            value.dump(-1, ' ', false, Json::error_handler_t::replace).substr(0, 60));
        return false;
    }
    bool text(const Json& j, const char* key, std::string& v) {
        if (!j.is_string()) return wrong(key, j);
        const auto& all = j.get_ref<const std::string&>();
        if (all.size() > kMostText) return tooMuch(key, "longer than any text here");
        v = plainText(all);
        return true;
    }
    bool number(const Json& j, const char* key, double& v, const lobe::Bounds& in) {
        if (!j.is_number()) return wrong(key, j);
        if (!in.hold(j.get<double>())) return beyond(key, j);
        v = j.get<double>();
        return true;
    }
    bool tooMuch(const char* key, const char* what) {
        out_.beyond.push_back(where_ + "." + key + ": " + what);
        return false;
    }
    bool beyond(const char* key, const Json& value) {
        out_.beyond.push_back(where_ + "." + key + ": " + value.dump().substr(0, 60));
        return false;
    }
    template <class I> void whole(const char* key, I& v, const lobe::Bounds& in) {
        const Json* j = find(key);
        if (!j) return;
        double d = 0.0;
        if (!number(*j, key, d, in)) return;
        if (d != std::floor(d))
            wrong(key, *j);
        else
            v = static_cast<I>(d);
    }
    /// A list of numbers that belong together: one beyond its bounds takes all of them with it.
    template <class T, class Read> void whole(const char* key, std::vector<T>& v, Read read) {
        const auto before = out_.beyond.size();
        std::vector<T> all = v;
        each(key, all, read);
        if (out_.beyond.size() == before) v = std::move(all);
    }
    template <class T, class Read>
    void each(const char* key, std::vector<T>& v, Read read, std::size_t most = kMostStated) {
        const Json* j = find(key);
        if (!j) return;
        if (!j->is_array()) {
            wrong(key, *j);
            return;
        }
        if (j->size() > most) {
            tooMuch(key, "more of them than any job has");
            return;
        }
        v.clear();
        for (const Json& one : *j) {
            const auto before = out_.beyond.size();
            T value{};
            if (read(one, value) && out_.beyond.size() == before) v.push_back(std::move(value));
        }
    }

    const Json& json_;
    std::string where_;
    Misread& out_;
    std::set<std::string> known_;
};

} // namespace book
