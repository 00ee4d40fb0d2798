#!/usr/bin/env bash
# A house of its own for browser tests and pictures: a MariaDB, the demo kitchen in it, a server, its files, all under
# .velko/demo-LANE. What is broken there breaks nothing else. VELKO_LANE says which, 0 if nothing does.
#   fresh   make the demo kitchen anew and serve it; prints the address
#   again   the demo kitchen as `fresh` made it, whatever has been done to it
#   kill    end the server and MariaDB at once, as a power cut would
#   serve   start both again on what was kept
#   devices FOLDER  put a scale, a probe and a knob at every ring there, their keys into the folder
#   stop    end both
source "$(dirname "${BASH_SOURCE[0]}")/common.sh"
lane="${VELKO_LANE:-0}"
state="$state/demo-$lane"
source bin/lib/database.sh
source bin/lib/server.sh

mkdir -p "$state/log" "$state"/storage/{app,logs,framework/{cache/data,sessions,views}}
DB_PORT="$(claim_port db "$((33200 + 10 * lane))")"
# Whoever has the configuration cached means another database by it than the one that is made anew here.
export DB_PORT LARAVEL_STORAGE_PATH="$state/storage" APP_CONFIG_CACHE="$state/config.php"

serve() {
    local port
    port="$(claim_port web "$((8520 + 10 * lane))")"
    start_server web "$port" APP_ENV=local APP_URL="http://127.0.0.1:$port" CACHE_STORE=array VELKO_CLOCKS_RUN_AHEAD=true
    say "http://127.0.0.1:$port"
}

case "${1:-}" in
    fresh)
        start_database >&2
        quietly migrate php artisan migrate:fresh --seed --force
        db_remember velko
        # What anybody spent there before, by whatever clock.
        quietly cache php artisan cache:clear file
        serve
        ;;
    again) db_again velko ;;
    serve)
        start_database >&2
        serve
        ;;
    kill)
        if alive "$state/web.pid" '-S 127.0.0.1'; then
            pkill -KILL -P "$(cat "$state/web.pid")" || true
            kill -KILL "$(cat "$state/web.pid")"
        fi
        if alive "$db_pid" mariadbd; then kill -KILL "$(cat "$db_pid")"; fi
        rm -f "$db_pid" "$db_socket" "$state/web.pid"
        ;;
    devices) quietly devices php artisan velko:demo-devices "${2:?a folder for the keys}" ;;
    stop)
        stop_server web
        stop_database
        ;;
    *) fail "demo-server.sh fresh | again | serve | kill | devices FOLDER | stop" ;;
esac
