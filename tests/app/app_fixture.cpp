#include "app_fixture.h"

#include "book/loaded.h"
#include "core/job/job.h"

namespace fixture {

lobe::Job Rig::onDisk() {
    auto opened = book::Book::open(session().book().path());
    const auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
    return std::get<lobe::Job>(b.load(session().job().id));
}

} // namespace fixture
