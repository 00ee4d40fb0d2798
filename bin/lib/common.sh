# Shared by the commands in bin/. Sourced, never run.
# Everything Velko keeps on this machine outside git lives in .velko/ (database files, ports, logs, stamps).

set -euo pipefail
root="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
state="$root/.velko"
cd "$root"
mkdir -p "$state/log" storage/logs
chmod 750 "$state/log" storage/logs
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '%s\n' "$*"; }
step() { printf '· %s\n' "$*"; }
fail() {
    printf 'velko: %s\n' "$*" >&2
    exit 1
}

# quietly LOG COMMAND…: output goes to a log that is shown only when the command fails.
quietly() {
    local log="$state/log/$1.log"
    shift
    mkdir -p "$state/log"
    if ! "$@" >"$log" 2>&1 </dev/null; then
        tail -n 40 "$log" >&2
        fail "'$*' failed; the whole output is in ${log#"$root"/}"
    fi
}

# unchanged NAME FILE…: true when the files are the same as when stamp NAME was last kept.
digest() { cat "$@" | sha256sum | cut -d' ' -f1; }
unchanged() {
    local name="$1"
    shift
    [ -f "$state/stamp/$name" ] && [ "$(cat "$state/stamp/$name")" = "$(digest "$@")" ]
}
keep_stamp() {
    local name="$1"
    shift
    mkdir -p "$state/stamp"
    digest "$@" >"$state/stamp/$name"
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# claim_port NAME FROM: the port kept under NAME, or the first free one from FROM up, kept for next time.
claim_port() {
    local file="$state/$1.port" port="$2"
    if [ ! -s "$file" ]; then
        until port_is_free "$port"; do port=$((port + 1)); done
        printf '%s' "$port" >"$file"
    fi
    cat "$file"
}

# alive PIDFILE NAME: true when the process whose id the file holds runs and is called NAME.
alive() {
    local pid
    [ -s "$1" ] || return 1
    pid="$(cat "$1")"
    [ -r "/proc/$pid/cmdline" ] && [[ "$(tr '\0' ' ' <"/proc/$pid/cmdline")" == *"$2"* ]]
}
