// Preloaded into a program under test: ends it at the Nth write to a folder, as a kill or a power
// cut would. DIE_IN names the folder, DIE_AT the call; DIE_COUNT a file that gets the number of
// calls there were; from FULL_AT on the disk is full instead. Linux with glibc.
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/sendfile.h>
#include <sys/types.h>
#include <unistd.h>

static int calls = 0;

static int ours(const char* path) {
    const char* in = getenv("DIE_IN");
    return in && path && strncmp(path, in, strlen(in)) == 0;
}

static int oursByFd(int fd) {
    char link[64], path[4096];
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    const ssize_t n = readlink(link, path, sizeof path - 1);
    if (n <= 0) return 0;
    path[n] = 0;
    return ours(path);
}

/// With DIE_SYNCS only what makes data durable is counted. It is not done: what a killed process
/// wrote is seen by the next one all the same, and on a slow disk a thousand kills would wait for it.
static void countSync(void);
static void count(void) {
    const char* at = getenv("DIE_AT");
    if (getenv("DIE_SYNCS")) return;
    ++calls;
    if (at && atoi(at) == calls) _exit(9);
}

static void countSync(void) {
    if (getenv("DIE_SYNCS"))
        ++calls;
    else
        count();
}

__attribute__((destructor)) static void report(void) {
    const char* file = getenv("DIE_COUNT");
    if (!file) return;
    FILE* f = fopen(file, "w");
    if (!f) return;
    fprintf(f, "%d\n", calls);
    fclose(f);
}

/// With FULL_AT the disk is full from the Nth of those calls on.
static int full(void) {
    const char* at = getenv("FULL_AT");
    if (!at || calls < atoi(at)) return 0;
    errno = ENOSPC;
    return 1;
}

#define NEXT(name) ((__typeof__(&name))dlsym(RTLD_NEXT, #name))

ssize_t write(int fd, const void* data, size_t size) {
    if (oursByFd(fd)) {
        count();
        if (full()) return -1;
    }
    return NEXT(write)(fd, data, size);
}
ssize_t pwrite(int fd, const void* data, size_t size, off_t at) {
    if (oursByFd(fd)) {
        count();
        if (full()) return -1;
    }
    return NEXT(pwrite)(fd, data, size, at);
}
ssize_t pwrite64(int fd, const void* data, size_t size, off64_t at) {
    if (oursByFd(fd)) {
        count();
        if (full()) return -1;
    }
    return NEXT(pwrite64)(fd, data, size, at);
}
ssize_t sendfile(int to, int from, off_t* at, size_t size) {
    if (oursByFd(to)) {
        count();
        if (full()) return -1;
    }
    return NEXT(sendfile)(to, from, at, size);
}
ssize_t sendfile64(int to, int from, off64_t* at, size_t size) {
    if (oursByFd(to)) {
        count();
        if (full()) return -1;
    }
    return NEXT(sendfile64)(to, from, at, size);
}
int ftruncate(int fd, off_t size) {
    if (oursByFd(fd)) count();
    return NEXT(ftruncate)(fd, size);
}
int ftruncate64(int fd, off64_t size) {
    if (oursByFd(fd)) count();
    return NEXT(ftruncate64)(fd, size);
}
int fsync(int fd) {
    if (!oursByFd(fd)) return NEXT(fsync)(fd);
    countSync();
    return 0;
}
int fdatasync(int fd) {
    if (!oursByFd(fd)) return NEXT(fdatasync)(fd);
    countSync();
    return 0;
}
int unlink(const char* path) {
    if (ours(path)) count();
    return NEXT(unlink)(path);
}
int rename(const char* from, const char* to) {
    if (ours(to)) count();
    return NEXT(rename)(from, to);
}
int renameat2(int a, const char* from, int b, const char* to, unsigned int flags) {
    if (ours(to)) count();
    return NEXT(renameat2)(a, from, b, to, flags);
}
