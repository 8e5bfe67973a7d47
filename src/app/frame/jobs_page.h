// All jobs of the book, over the window: searched as one types, and what can be done with one.
#pragma once

#include "app/frame/overlay.h"
#include "desk/session.h"

#include <QElapsedTimer>
#include <QSet>

#include <map>
#include <memory>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QMimeData;
class QTemporaryDir;
class QTimer;

namespace app {

class JobPortrait;
class RowList;

class JobsPage : public Overlay {
    Q_OBJECT
public:
    JobsPage(Session& session, const Look& look, QWidget* parent);
    ~JobsPage() override;
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
    void forget();
    void reload();
    void search() { search(current()); }
    /// `keep` stays the current one, where it is among those found.
    void search(qint64 keep);
    void regard(qint64 job);
    void portray();
    QStringList aboutOf(const book::JobLine& job) const;
    void lookAtNext();
    bool lookAt(std::size_t job);
    QString nextOf(const lobe::Findings& findings) const;
    QMimeData* asFile(qint64 job) const;
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
    QTimer* idle_;  ///< looks at one job after the other, for what is still to be taken
    QTimer* later_; ///< the portrait, once the marked job has been shown
    std::vector<book::JobLine> jobs_;
    std::vector<QString> texts_; ///< of each, for the search: lower case
    QSet<QString> same_;         ///< names that several have
    std::vector<std::size_t> shown_;
    /// What is still to be taken of a job as it stood at a time.
    struct Left {
        qint64 changed_ms = 0;
        QString text;
    };
    const QString* leftOf(const book::JobLine& job) const;
    bool matches(std::size_t job, const QStringList& wanted) const;
    QStringList wanted() const;
    std::map<qint64, Left> left_;                         ///< of those looked at
    QElapsedTimer typed_;                                 ///< since a key was pressed
    std::size_t looked_ = 0;                              ///< how far all of them are gone through
    std::unique_ptr<QTemporaryDir> dragged_;              ///< files of jobs that were dragged out
    std::vector<std::pair<qint64, book::JobState>> done_; ///< to be taken back, the last first
    QString book_;                                        ///< whose jobs those are
    qint64 renaming_ = 0;
};

} // namespace app
