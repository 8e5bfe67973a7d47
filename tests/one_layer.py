#!/usr/bin/env python3
"""A name of a file's own is its layer's only one: files are compiled together, and which with which
changes with what is being worked at (cmake/Layer.cmake). Each layer is read here as one file.

    one_layer.py BUILD_FOLDER     after everything in it was built; says what stands twice
"""
import json
import os
import re
import subprocess
import sys
import tempfile
from concurrent.futures import ThreadPoolExecutor


def layers(build):
    """Of each layer its units, as compiled: a file, its command and where that is run."""
    out = {}
    with open(os.path.join(build, 'compile_commands.json'), encoding='utf-8') as commands:
        for entry in json.load(commands):
            made = re.search(r' -o (\S+)', entry['command']).group(1)
            target = re.match(r'src/\w+/CMakeFiles/amber_(\w+?)(?:_quick)?\.dir/', made)
            if target and not re.search(r'cmake_pch|/\.rcc/', made):
                out.setdefault(target.group(1), []).append((entry['file'], entry['command'], entry['directory']))
    return out


def read_whole(layer, units):
    """What the compiler has against all of them in one file."""
    with tempfile.TemporaryDirectory() as folder:
        whole = os.path.join(folder, 'whole.cpp')
        with open(whole, 'w', encoding='utf-8') as text:
            text.writelines(f'#include "{file}"\n' for file, _, _ in units)
        # As the first is compiled that reads ahead what all do.
        file, command, cwd = next((u for u in units if 'cmake_pch' in u[1]), units[0])
        command = re.sub(r' -o \S+', '', command).replace(f'-c {file}', f'-c {whole}')
        # What is defined for one of them alone is defined for all.
        for _, other, _ in units:
            for defined in re.findall(r' -D\S+', other):
                if defined not in command:
                    command += defined
        done = subprocess.run(command + ' -fsyntax-only -fmax-errors=0', shell=True, cwd=cwd,
                              capture_output=True, text=True, check=False)
    said = [line for line in done.stderr.split('\n') if 'error' in line] or [done.stderr]
    return [f'{layer}: {line}' for line in said[:20]] if done.returncode else []


def main(build):
    several = [(layer, units) for layer, units in sorted(layers(build).items()) if len(units) > 1]
    with ThreadPoolExecutor(os.cpu_count()) as compilers:
        wrong = [line for said in compilers.map(lambda each: read_whole(*each), several) for line in said]
    print('\n'.join(wrong))
    return 1 if wrong else 0


sys.exit(main(sys.argv[1]))
