# Shared by the commands in bin/: plain sentences on standard error, and an end with one.
say() { printf '%s\n' "$*" >&2; }
fail() { say "sturvek: $*"; exit 1; }
