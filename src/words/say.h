// Every text a person reads comes from here, so that it can be translated. What only the program
// reads (keys of the book, names of objects, words that are typed) does not.
//
// A whole sentence is one text with its numbers as %1, %2: another language has another order. A
// count is %n, for languages with more plurals than one and many.
#pragma once

#include <QCoreApplication>

class Say {
    Q_DECLARE_TR_FUNCTIONS(Say)
};
