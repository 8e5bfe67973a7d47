// What goes in and out of the window as files: lift tables, jobs, books, pictures; and what is
// pasted.
#pragma once

#include "app/bench/dialogs.h"
#include "app/frame/books.h"
#include "app/frame/preferences.h"
#include "desk/notes.h"

class QMimeData;

namespace app {

class MainWindow;

class FileTraffic : public QObject {
    Q_OBJECT
public:
    /// Everything outlives it.
    FileTraffic(MainWindow& window, Session& session, Books& books, Dialogs& dialogs,
                Preferences& preferences);

    /// Whatever it is: a book, a job file or a folder of them, a picture, a lift table of ours or
    /// somebody else's.
    void take(const QString& path);
    /// The same of what was opened from elsewhere: a job that is not the demo's goes into the book
    /// that was open before it.
    void takeOwn(const QString& path);
    /// A book, whatever it is called.
    void openBook(const QString& path) { books_.open(path); }
    /// A table or a picture that stands on the clipboard.
    void paste(const QMimeData& data);
    void readTable(const QString& path);
    void writeTable();
    void readJob(const QString& path);
    /// Every job file in a folder.
    void readJobs(const QString& folder);
    /// As what the chosen name's ending says: the whole job, or its sheet, figures, readings or
    /// pictures.
    void writeJob(qint64 id);
    /// Every job of the book as a file in a new folder.
    void writeJobs();
    Notes& notes() { return notes_; }

private:
    void say(const QString& sentence);
    /// Somebody else's table, to be asked how it is meant; false where it is none.
    bool askHow(const QString& text, const QString& source);
    /// False, and said, where something stands that may not be replaced.
    bool mayReplace(const QString& path, bool ours, const QString& question);

    MainWindow& window_;
    Session& session_;
    Books& books_;
    Dialogs& dialogs_;
    Preferences& preferences_;
    Notes notes_;
};

} // namespace app
