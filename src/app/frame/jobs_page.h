// All jobs of the book, over the window: searched as one types, and what can be done with one.
#pragma once

#include "app/frame/overlay.h"
#include "desk/session.h"

#include <map>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTimer;

namespace app {

class JobPortrait;
class RowList;

class JobsPage : public Overlay {
    Q_OBJECT
public:
    JobsPage(Session& session, const Look& look, QWidget* parent);
    /// Lists them, the one changed last first; what is typed searches.
    void open();

signals:
    /// To be opened and gone on with.
    void chosen(qint64 job);
    /// What was done, or why not, in a sentence.
    void said(const QString& sentence);
    /// To be kept as a file.
    void exportWanted(qint64 job);

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    QRect box() const override;
    void place() override;

private:
    void build();
    void reload();
    void search();
    void regard(qint64 job);
    void lookAtNext();
    QString nextOf(const lobe::Findings& findings) const;
    const book::JobLine* line(qint64 id) const;
    qint64 current() const;
    void rename();
    void copy(book::CopyOf what);
    void putAway(book::JobState state);
    void takeBack();
    void tell(const book::Error& error);

    Session& session_;
    QLineEdit* find_;
    RowList* list_;
    QLabel *hint_, *about_;
    JobPortrait* portrait_;
    QCheckBox* archived_;
    QPushButton* back_;
    QWidget* buttons_;
    QTimer* idle_; ///< looks at one job after the other, for what is still to be taken
    std::vector<book::JobLine> jobs_;
    std::vector<QString> texts_; ///< of each, for the search: lower case
    std::vector<std::size_t> shown_;
    std::map<qint64, QString> left_; ///< what is still to be taken, of those looked at
    std::vector<std::pair<qint64, book::JobState>> done_; ///< to be taken back, the last first
    QString book_;                                        ///< whose jobs those are
    qint64 renaming_ = 0;
};

} // namespace app
