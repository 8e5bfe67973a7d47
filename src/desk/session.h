// The job on the bench. Everything typed goes through keep() into the book; the job as it then
// stands is examined and becomes the next snapshot, and changed() tells the views. Nothing flows
// the other way.
#pragma once

#include "book/book.h"
#include "book/check.h"
#include "core/examine/held.h"
#include "desk/behind.h"
#include "words/numbers.h"

#include <QObject>
#include <QString>

#include <functional>
#include <memory>

namespace app {

class Session : public QObject {
    Q_OBJECT
public:
    /// Without a job until one is opened.
    explicit Session(std::unique_ptr<book::Book> book, QObject* parent = nullptr);

    book::Book& book() { return *book_; }
    bool hasJob() const;
    /// The job and what was found of it. Whoever keeps anything of it keeps this. A job that takes
    /// long stands there without findings, pending, until they come: never with another's.
    const lobe::SnapshotPtr& snapshot() const { return snapshot_; }
    /// What examines a job; lobe::examined, but for tests.
    using Examiner = std::function<lobe::SnapshotPtr(lobe::Job, const lobe::SnapshotPtr& before)>;
    void setExaminer(Examiner examiner, bool slow);
    /// Waits for what is still being worked out: what is typed next is understood by all of it.
    void settle();
    /// Of the snapshot, for the moment: the next change has another.
    const lobe::Job& job() const;
    const lobe::Findings& findings() const;
    /// Numbers of that style, angles as the job's wheel shows them and loads in its unit.
    words::Style atTheEngine(words::Style style) const;

    /// The lobe at hand.
    int cylinder() const { return cylinder_; }
    lobe::Side side() const { return side_; }
    /// Takes another lobe in hand; cylinders from 1.
    void select(int cylinder, lobe::Side side);
    /// The newest run of the lobe at hand; null without one taken since the cam was last moved.
    lobe::Held<lobe::LiftRun> run() const { return run(cylinder_, side_); }
    /// The same of any lobe.
    lobe::Held<lobe::LiftRun> run(int cylinder, lobe::Side side) const;

    /// False when it cannot be read: troubled() says why, and the job at hand stays.
    bool openJob(std::int64_t id);
    /// Who measures, in jobs begun from now on; empty: not said.
    void setBy(const QString& name) { by_ = name; }
    /// An empty job of that name, opened; false when it is not on disk.
    bool newJob(const QString& name);
    /// The same of a job as it is to begin.
    bool newJob(const lobe::Job& job);
    /// Opens a job by its id, else the one begun last; false in an empty book, or where it cannot
    /// be opened.
    bool openAnyJob(std::int64_t preferred);
    /// From now on this book; without a job until one is opened.
    void useBook(std::unique_ptr<book::Book> book);

    /// Keeps one action; true when it is on disk. On failure troubled() says why.
    bool keep(const book::Change& change);
    /// The id of the row the last keep() made.
    std::int64_t lastId() const { return lastId_; }
    /// The book's clock, ms since the epoch.
    std::int64_t now() const { return book_->now(); }

    /// What undo or redo would act on; empty when there is nothing, of no kind when it cannot be
    /// read.
    std::optional<book::Deed> undoable() const;
    std::optional<book::Deed> redoable() const;
    /// Takes the last action back, or brings it again; undone() says which.
    void undo();
    void redo();
    /// Reads the job again when another window wrote to the book.
    void lookForChanges();
    /// Reads it again, whoever wrote.
    void lookAgain() {
        if (hasJob()) reload();
    }
    /// Everything in hand as a new book at a path: all jobs where the old file can still be read,
    /// else the job on the bench. Goes on in it. False when it cannot be written.
    bool keepAsNewBook(const QString& path);

signals:
    /// Another job is on the bench, or none: before changed() says so too. What was asked of the
    /// one before is over.
    void jobChanged();
    /// Another snapshot: of what was kept, undone, opened, or written by another window. For desks,
    /// which ask by it what is needed now; before changed().
    void snapshotTaken();
    /// The same, when the desks have followed: for whoever shows it.
    void changed();
    /// Another lobe is in hand.
    void selectionChanged();
    /// What was to be kept or read is not; why, in a sentence.
    void troubled(const QString& sentence);
    /// Another window wrote to the book: the job is about to be read again, and then was.
    void rereading();
    void reread();
    /// What was typed last is on disk.
    void kept();
    /// What undo took back, or redo brought again.
    void undone(const book::Deed& deed, bool again);

private:
    bool reload();
    /// What is still to be looked into of the book just taken in hand.
    void lookThrough();
    /// Takes in hand what was read of a job, or says why not.
    bool open(book::Result<book::Loaded> loaded);
    void sayIfUnexamined();
    void tell(const book::Loaded& read);
    void take(lobe::Job job);
    /// Makes the snapshot of a job, here or, where that takes longer than one waits, behind.
    void workOut(lobe::Job job, const lobe::SnapshotPtr& before);
    void arrived(lobe::SnapshotPtr snapshot, int ms);
    void drop();
    void say(const book::Error& error);
    void switchState(bool back);

    std::unique_ptr<book::Book> book_;
    lobe::SnapshotPtr snapshot_; ///< never null; of no job at first
    lobe::SnapshotPtr whole_;    ///< the last that was not pending; may be null
    Examiner examiner_;
    Behind examining_;
    struct UnderWay;
    std::shared_ptr<UnderWay> underWay_; ///< null unless the snapshot is pending
    int cost_ms_ = 0;                    ///< of the last examination
    int cylinder_ = 1;
    lobe::Side side_ = lobe::Side::Intake;
    std::int64_t lastId_ = 0;
    QString by_;
    QString leftOut_;   ///< of the job at hand, as it was said last
    book::Check check_; ///< of a book too large to be looked through as it is opened
};

} // namespace app
