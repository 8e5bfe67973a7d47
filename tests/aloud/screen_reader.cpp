#include "screen_reader.h"

#include <QDBusArgument>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusReply>
#include <QDBusVariant>
#include <QElapsedTimer>
#include <QTest>

namespace aloud {

namespace {

constexpr char kAccessible[] = "org.a11y.atspi.Accessible";
// Bits of the state, by the specification of the bus.
constexpr int kChecked = 4, kFocused = 12, kShowing = 25;
constexpr int kDeep = 12;

QList<Node> nodesOf(const QVariant& value) {
    QList<Node> out;
    const auto argument = value.value<QDBusArgument>();
    argument.beginArray();
    while (!argument.atEnd()) {
        Node node;
        QDBusObjectPath path;
        argument.beginStructure();
        argument >> node.service >> path;
        argument.endStructure();
        node.path = path.path();
        out << node;
    }
    argument.endArray();
    return out;
}

} // namespace

bool ScreenReader::start(const QStringList& words) {
    auto session = QDBusConnection::sessionBus();
    if (!session.isConnected()) return false;
    const auto where = session.call(QDBusMessage::createMethodCall(
        QStringLiteral("org.a11y.Bus"), QStringLiteral("/org/a11y/bus"),
        QStringLiteral("org.a11y.Bus"), QStringLiteral("GetAddress")));
    if (where.type() != QDBusMessage::ReplyMessage) return false;
    bus_ = QDBusConnection::connectToBus(where.arguments().value(0).toString(),
                                         QStringLiteral("aloud"));
    QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
    env.insert(QStringLiteral("QT_LINUX_ACCESSIBILITY_ALWAYS_ON"), QStringLiteral("1"));
    window_.setProcessEnvironment(env);
    window_.start(QStringLiteral(BIN_DIR "/amber-lobe"), words);
    if (!window_.waitForStarted()) return false;
    const Node registry{QStringLiteral("org.a11y.atspi.Registry"),
                        QStringLiteral("/org/a11y/atspi/accessible/root")};
    QElapsedTimer waited;
    for (waited.start(); waited.elapsed() < 30000; QTest::qWait(100)) {
        for (const Node& each : children(registry))
            if (said(each).name == QLatin1String("amber-lobe")) root_ = each;
        if (!root_.path.isEmpty() && find(QStringLiteral("text"), QStringLiteral("Entry line"), 0))
            return true;
    }
    return false;
}

ScreenReader::~ScreenReader() {
    window_.terminate();
    window_.waitForFinished(20000);
    QDBusConnection::disconnectFromBus(QStringLiteral("aloud"));
}

QVariantList ScreenReader::call(const Node& node, const char* interface, const char* method,
                                const QVariantList& arguments) const {
    auto message = QDBusMessage::createMethodCall(node.service, node.path, QLatin1String(interface),
                                                  QLatin1String(method));
    message.setArguments(arguments);
    return bus_.call(message).arguments();
}

QVariant ScreenReader::property(const Node& node, const char* interface, const char* name) const {
    const auto got = call(node, "org.freedesktop.DBus.Properties", "Get",
                          {QLatin1String(interface), QLatin1String(name)});
    return got.isEmpty() ? QVariant() : got.front().value<QDBusVariant>().variant();
}

Said ScreenReader::said(const Node& node) const {
    Said out{node, {}, {}, {}};
    const auto role = call(node, kAccessible, "GetRoleName");
    out.role = role.value(0).toString();
    out.name = property(node, kAccessible, "Name").toString();
    out.description = property(node, kAccessible, "Description").toString();
    const auto state = call(node, kAccessible, "GetState");
    if (!state.isEmpty()) {
        QList<uint> bits;
        state.front().value<QDBusArgument>() >> bits;
        const auto has = [&](int bit) {
            return bits.size() > bit / 32 && ((bits[bit / 32] >> (bit % 32)) & 1U) != 0U;
        };
        out.showing = has(kShowing);
        out.checked = has(kChecked);
        out.focused = has(kFocused);
    }
    return out;
}

QList<Node> ScreenReader::children(const Node& node) const {
    const auto got = call(node, kAccessible, "GetChildren");
    return got.isEmpty() || !got.front().canConvert<QDBusArgument>() ? QList<Node>()
                                                                     : nodesOf(got.front());
}

void ScreenReader::walk(const Node& node, int depth, const std::function<bool(const Said&)>& wanted,
                        QList<Said>& out) const {
    const Said here = said(node);
    // What is not on the screen is not read; a window is told from what it holds.
    if (depth > 1 && !here.showing) return;
    if (wanted(here)) out << here;
    if (depth > kDeep) return;
    for (const Node& child : children(node))
        walk(child, depth + 1, wanted, out);
}

QList<Said> ScreenReader::all(const std::function<bool(const Said&)>& wanted,
                              const std::optional<Node>& below) const {
    QList<Said> out;
    walk(below.value_or(root_), 0, wanted, out);
    return out;
}

std::optional<Said> ScreenReader::find(const QString& role, const QString& name,
                                       int wait_ms) const {
    QElapsedTimer waited;
    waited.start();
    do {
        const auto found =
            all([&](const Said& s) { return s.role == role && s.name.startsWith(name); });
        if (!found.isEmpty()) return found.front();
        if (wait_ms > 0) QTest::qWait(100);
    } while (waited.elapsed() < wait_ms);
    return std::nullopt;
}

bool ScreenReader::press(const Node& node) const {
    const auto done = call(node, "org.a11y.atspi.Action", "DoAction", {0});
    return done.value(0).toBool();
}

QStringList ScreenReader::columns(const Node& table) const {
    QStringList out;
    const int n = property(table, "org.a11y.atspi.Table", "NColumns").toInt();
    for (int i = 0; i < n; ++i)
        out << call(table, "org.a11y.atspi.Table", "GetColumnDescription", {i}).value(0).toString();
    return out;
}

QString ScreenReader::text(const Node& entry) const {
    return call(entry, "org.a11y.atspi.Text", "GetText", {0, -1}).value(0).toString();
}

double ScreenReader::value(const Node& slider) const {
    return property(slider, "org.a11y.atspi.Value", "CurrentValue").toDouble();
}

void ScreenReader::setValue(const Node& slider, double value) const {
    call(slider, "org.freedesktop.DBus.Properties", "Set",
         {QStringLiteral("org.a11y.atspi.Value"), QStringLiteral("CurrentValue"),
          QVariant::fromValue(QDBusVariant(value))});
}

void ScreenReader::type(const QString& text) const {
    // The whole text at once is for the letters of one keyboard: each by itself is for any.
    for (const QChar c : text)
        call({QStringLiteral("org.a11y.atspi.Registry"),
              QStringLiteral("/org/a11y/atspi/registry/deviceeventcontroller")},
             "org.a11y.atspi.DeviceEventController", "GenerateKeyboardEvent", {0, QString(c), 4U});
}

void ScreenReader::enter() const {
    constexpr int kReturn = 0xff0d; // keysym
    call({QStringLiteral("org.a11y.atspi.Registry"),
          QStringLiteral("/org/a11y/atspi/registry/deviceeventcontroller")},
         "org.a11y.atspi.DeviceEventController", "GenerateKeyboardEvent", {kReturn, QString(), 3U});
}

void ScreenReader::withCtrl(int keycode) const {
    constexpr int kCtrl = 37;
    const auto send = [&](int key, uint kind) {
        call({QStringLiteral("org.a11y.atspi.Registry"),
              QStringLiteral("/org/a11y/atspi/registry/deviceeventcontroller")},
             "org.a11y.atspi.DeviceEventController", "GenerateKeyboardEvent",
             {key, QString(), kind});
    };
    constexpr uint kPress = 0, kRelease = 1;
    send(kCtrl, kPress);
    send(keycode, kPress);
    send(keycode, kRelease);
    send(kCtrl, kRelease);
}

} // namespace aloud
