// Which book is open: opening one, the demo and back, a new one, and what to do when the open one
// is gone. The work goes on where it was left in each.
#pragma once

#include "app/frame/preferences.h"
#include "book/copies.h"
#include "desk/session.h"

namespace app {

/// Opens the demo book, built from the shipped job folders on first use.
book::Result<std::unique_ptr<book::Book>> openDemo(const QString& path,
                                                   const book::Book::Clock& clock);

class Books : public QObject {
    Q_OBJECT
public:
    Books(Session& session, Preferences& preferences, QString ownPath, QString demoPath);
    ~Books() override;

    /// Opens the job the work was left at in the open book, and selects its lobe; where that was.
    /// A job that twice did not get as far as standing in the window begins at Engine.
    LeftOff resume();
    /// Where the work was left in the open book.
    LeftOff leftOff() const;
    /// Where the work in this book stands: opened there again.
    void setLeftOff(const LeftOff& place);

    /// The demo's book is in hand.
    bool inDemo() const;
    /// "demo", or the file's name.
    QString name() const;
    /// Books that were open before and still stand where they did, the last first; without the one
    /// in hand and the demo.
    QStringList recent() const;
    /// The book a step back from the demo leads to.
    QString backName() const;

    /// Opens a book, or makes one; troubled() says why not, and the one in hand stays.
    void open(const QString& path);
    void make(const QString& path);
    /// The demo; from the demo, the book and job that were open before.
    void demoOrBack();
    /// Everything in hand as a new book, and on in it.
    void keepAsNew(const QString& path);
    /// That no copy was saved for as long as was wished; empty: nothing to remind of. To be asked
    /// once when a book is opened.
    QString reminder();
    /// The whole book as one file more; the work goes on in the open one.
    void saveCopy(const QString& path);

signals:
    void troubled(const QString& sentence);
    /// Another book is open, at the place it was left.
    void opened(const LeftOff& left);

private:
    bool use(book::Result<std::unique_ptr<book::Book>> opened, const QString& path);
    /// Keeps a copy of the open book beside it, once a week.
    void keepDatedCopy();

    Session& session_;
    Preferences& preferences_;
    QString ownPath_, demoPath_;
    QString back_; ///< the book before the demo
    book::Copies copies_;
};

} // namespace app
