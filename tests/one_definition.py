#!/usr/bin/env python3
"""Types of one name in two files are a violation of the one-definition rule that no linker tells:
every struct, class and enum of a named namespace is defined once among the sources given."""
import re
import sys

TOKEN = re.compile(
    r'//[^\n]*|/\*.*?\*/|R"(\w*)\(.*?\)\1"|"(?:\\.|[^"\\\n])*"|\'(?:\\.|[^\'\\\n])*\'|#[^\n]*(?:\\\n[^\n]*)*'
    r'|[A-Za-z_]\w*(?:::[A-Za-z_]\w*)*|[{};()<>=:,]', re.S)


def definitions(text):
    """Qualified names of the types defined outside functions and unnamed namespaces."""
    scopes = []  # of each open brace: a name, '' for an unnamed namespace, None for anything else
    head = []
    for match in TOKEN.finditer(text):
        token = match.group(0)
        if token[0] in '/#"\'' or token.startswith('R"'):
            continue
        if token == '{':
            scope = None
            words = [w for w in head if w not in '<>=:,()']
            if 'namespace' in words:
                scope = words[words.index('namespace') + 1] if words[-1] != 'namespace' else ''
            elif '(' not in head and '=' not in head:
                for kind in ('struct', 'class', 'enum'):
                    if kind in words and head[0] != 'template' and None not in scopes:
                        rest = [w for w in words[words.index(kind) + 1:] if w not in ('class', 'struct')]
                        if rest:
                            scope = rest[0]
                            if '' not in scopes:
                                yield '::'.join([s for s in scopes if s] + [scope])
                        break
            scopes.append(scope)
            head = []
        elif token == '}':
            if scopes:
                scopes.pop()
            head = []
        elif token == ';':
            head = []
        else:
            head.append(token)


def main(paths):
    seen, twice = {}, []
    for path in paths:
        with open(path, encoding='utf-8') as source:
            for name in definitions(source.read()):
                if '::' in name and seen.setdefault(name, path) != path:
                    twice.append(f'{name}: {seen[name]} and {path}')
    print('\n'.join(sorted(set(twice))))
    return 1 if twice else 0


sys.exit(main(sys.argv[1:]))
