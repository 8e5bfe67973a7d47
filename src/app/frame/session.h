// The job on the bench. Everything typed goes through keep() into the book, the job is read back
// and examined, and changed() tells the views. Nothing flows the other way.
#pragma once

#include "book/book.h"
#include "core/examine.h"

#include <QObject>
#include <QString>

#include <memory>

namespace app {

class Session : public QObject {
    Q_OBJECT
public:
    explicit Session(std::unique_ptr<book::Book> book, QObject* parent = nullptr);

    book::Book& book() { return *book_; }
    bool hasJob() const { return job_.id != 0; }
    const lobe::Job& job() const { return job_; }
    const lobe::Findings& findings() const { return findings_; }

    /// The lobe at hand.
    int cylinder() const { return cylinder_; }
    lobe::Side side() const { return side_; }
    void select(int cylinder, lobe::Side side);
    /// The newest run of the lobe at hand; null without one taken since the cam was last moved.
    const lobe::LiftRun* run() const;

    bool openJob(std::int64_t id);
    bool newJob(const QString& name);
    /// Opens the job worked on last: the one with the newest row. False in an empty book.
    bool openAnyJob(const QString& preferred);
    void useBook(std::unique_ptr<book::Book> book, const QString& preferredJob);

    /// Keeps one action; true when it is on disk. On failure troubled() says why.
    bool keep(const book::Change& change);
    /// The id of the row the last keep() made.
    std::int64_t lastId() const { return lastId_; }
    std::int64_t now() const { return book::Book::systemClock(); }

    QString undoable() const;
    QString redoable() const;
    void undo();
    void redo();
    /// Reads the job again when another window wrote to the book.
    void lookForChanges();

signals:
    void changed();
    void selectionChanged();
    void troubled(const QString& sentence);
    void kept();

private:
    bool reload();

    std::unique_ptr<book::Book> book_;
    lobe::Job job_;
    lobe::Findings findings_;
    int cylinder_ = 1;
    lobe::Side side_ = lobe::Side::Intake;
    std::int64_t lastId_ = 0;
};

} // namespace app
