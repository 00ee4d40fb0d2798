#!/usr/bin/env bash
# A server of its own on its own demo kitchen (database velko_browser), for browser tests and pictures.
#   fresh   make the demo kitchen anew and serve it; prints the address
#   kill    end the server and MariaDB at once, as a power cut would
#   serve   start both again on what was kept
#   devices FOLDER  put a scale, a probe and a knob at every ring there, their keys into the folder
#   stop    end the server
source "$(dirname "${BASH_SOURCE[0]}")/common.sh"
source bin/lib/database.sh
source bin/lib/server.sh

serve() {
    local port
    port="$(claim_port browser-test 8520)"
    start_server browser-test "$port" DB_DATABASE=velko_browser APP_ENV=local CACHE_STORE=array VELKO_CLOCKS_RUN_AHEAD=true
    say "http://127.0.0.1:$port"
}

case "${1:-}" in
    fresh)
        DB_DATABASE=velko_browser quietly browser-migrate php artisan migrate:fresh --seed --force
        # What anybody spent there before, by whatever clock.
        quietly browser-cache php artisan cache:clear file
        serve
        ;;
    serve)
        start_database >&2
        serve
        ;;
    kill)
        if alive "$state/browser-test.pid" '-S 127.0.0.1'; then
            pkill -KILL -P "$(cat "$state/browser-test.pid")" || true
            kill -KILL "$(cat "$state/browser-test.pid")"
        fi
        if alive "$db_pid" mariadbd; then kill -KILL "$(cat "$db_pid")"; fi
        rm -f "$db_pid" "$db_socket" "$state/browser-test.pid"
        ;;
    devices) DB_DATABASE=velko_browser quietly browser-devices php artisan velko:demo-devices "${2:?a folder for the keys}" ;;
    stop) stop_server browser-test ;;
    *) fail "demo-server.sh fresh | serve | kill | devices FOLDER | stop" ;;
esac
