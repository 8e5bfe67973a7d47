# Every target of the project asks for the same warnings here; CI turns them into errors.
option(AMBER_WERROR "Treat warnings as errors" OFF)

function(amber_warnings target)
    target_compile_options(${target} PRIVATE
        -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wsign-conversion
        -Wnon-virtual-dtor -Woverloaded-virtual -Wnull-dereference -Wdouble-promotion
        -Wimplicit-fallthrough
        # GCC 12 sees uninitialised reads behind every std::optional it inlines.
        -Wno-maybe-uninitialized)
    if(AMBER_WERROR)
        target_compile_options(${target} PRIVATE -Werror)
    endif()
endfunction()
