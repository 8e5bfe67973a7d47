#include "core/angle/processor.h"

#if defined(__x86_64__)
#include <immintrin.h>
#endif

namespace lobe {

#if defined(__x86_64__)
__attribute__((target("avx"))) static void zeroUpperHalves() {
    _mm256_zeroupper();
}

void letGoOfVectors() {
    static const bool there = __builtin_cpu_supports("avx") != 0;
    if (there) zeroUpperHalves();
}
#else
void letGoOfVectors() {}
#endif

} // namespace lobe
