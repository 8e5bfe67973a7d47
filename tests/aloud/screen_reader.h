// The window as a program beside it has it that reads screens aloud: over the accessibility bus of
// a session of its own, with keys as that bus sends them. Nothing of the application is linked
// here.
#pragma once

#include <QDBusConnection>
#include <QProcess>
#include <QStringList>

#include <functional>
#include <optional>

namespace aloud {

/// One thing on the bus.
struct Node {
    QString service, path;
    bool operator==(const Node&) const = default;
};

/// As it says itself.
struct Said {
    Node node;
    QString role, name, description;
    bool showing = false, checked = false, focused = false;
};

class ScreenReader {
public:
    /// The window, on a data folder; false where no bus or no window answers.
    bool start(const QStringList& words);
    ~ScreenReader();

    /// Everything shown that `wanted` holds for, depth first; `below` one node, or the window.
    QList<Said> all(const std::function<bool(const Said&)>& wanted,
                    const std::optional<Node>& below = std::nullopt) const;
    /// The first of a role and name, as soon as it is there; nothing after `wait_ms`.
    std::optional<Said> find(const QString& role, const QString& name, int wait_ms = 8000) const;
    Said said(const Node& node) const;
    QList<Node> children(const Node& node) const;
    /// What a widget offers to be done, done; false when it offers none.
    bool press(const Node& node) const;
    /// "columns of row": what a table says of itself.
    QStringList columns(const Node& table) const;
    /// What stands in an entry.
    QString text(const Node& entry) const;
    double value(const Node& slider) const;
    void setValue(const Node& slider, double value) const;

    void type(const QString& text) const;
    void enter() const;
    /// Ctrl with the key of an X keycode.
    void withCtrl(int keycode) const;

private:
    QVariantList call(const Node& node, const char* interface, const char* method,
                      const QVariantList& arguments = {}) const;
    QVariant property(const Node& node, const char* interface, const char* name) const;
    void walk(const Node& node, int depth, const std::function<bool(const Said&)>& wanted,
              QList<Said>& out) const;

    QDBusConnection bus_{QString()};
    QProcess window_;
    Node root_;
};

} // namespace aloud
