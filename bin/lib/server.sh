# PHP's own server with a few workers, OPcache and its JIT. One pid file a port.

# start_server NAME PORT [VAR=value …]: serves on loopback, waits until it answers, leaves it running.
start_server() {
    local name="$1" port="$2" pid_file="$state/$1.pid"
    shift 2
    if alive "$pid_file" "127.0.0.1:$port"; then return; fi
    port_is_free "$port" || fail "port $port is taken by another process; remove ${state#"$root"/}/$name.port to let Velko choose another"
    mkdir -p "$state/log"
    (
        cd public
        exec env PHP_CLI_SERVER_WORKERS=4 "$@" setsid php \
            -d post_max_size=40M -d memory_limit="${MEMORY_LIMIT:-1G}" -d opcache.enable_cli=1 -d opcache.jit=function -d opcache.jit_buffer_size=64M -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=0 \
            -d expose_php=0 -d zend.exception_ignore_args=1 -d variables_order=EGPCS \
            -S "127.0.0.1:$port" ../bin/lib/router.php >"$state/log/$name.log" 2>&1 </dev/null
    ) &
    printf '%s' "$!" >"$pid_file"
    disown
    for _ in $(seq 1 100); do
        if ! port_is_free "$port"; then return; fi
        sleep 0.1
    done
    fail "the server did not start; see ${state#"$root"/}/log/$name.log"
}

# stop_server NAME: ends the server and its workers.
stop_server() {
    local pid_file="$state/$1.pid" pid
    if alive "$pid_file" '-S 127.0.0.1'; then
        pid="$(cat "$pid_file")"
        pkill -TERM -P "$pid" 2>/dev/null || true
        kill "$pid" 2>/dev/null || true
        for _ in $(seq 1 50); do [ -d "/proc/$pid" ] || break; sleep 0.1; done
    fi
    rm -f "$pid_file"
}
