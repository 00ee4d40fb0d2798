# MariaDB as an ordinary process of this project: its own files, its own port on loopback, stopped by its pid file.

db_dir="$state/db"
db_pid="$state/db.pid"
db_socket="$state/db.sock"
# A socket path longer than this is refused by the kernel; deep checkouts fall back to the temporary folder.
[ "${#db_socket}" -le 100 ] || db_socket="${TMPDIR:-/tmp}/velko-$(printf '%s' "$root" | sha256sum | cut -c1-12).sock"

random_secret() { php -r 'echo bin2hex(random_bytes(16));'; }

env_value() { sed -n "s/^$1=//p" .env | head -n 1; }
set_env_value() {
    if grep -q "^$1=" .env; then sed -i "s|^$1=.*|$1=$2|" .env; else printf '%s=%s\n' "$1" "$2" >>.env; fi
}

prepare_env() {
    if [ ! -f .env ]; then
        cp .env.example .env
        chmod 600 .env
    fi
    # Made before there was a log a day.
    [ "$(env_value LOG_CHANNEL)" != single ] || set_env_value LOG_CHANNEL daily
    [ -n "$(env_value APP_KEY)" ] || set_env_value APP_KEY "base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    [ -n "$(env_value DB_PASSWORD)" ] || set_env_value DB_PASSWORD "$(random_secret)"
    set_env_value DB_PORT "$(claim_port db 33106)"
}

db_admin() { mariadb --no-defaults --user=root --password="$(cat "$state/db.secret")" --socket="$db_socket" "$@"; }

start_database() {
    local mariadbd who password
    mariadbd="$(command -v mariadbd || echo /usr/sbin/mariadbd)"
    who="$(id -un)"
    if [ ! -d "$db_dir/mysql" ]; then
        step "making the database files"
        rm -rf "$db_dir"
        quietly db-install mariadb-install-db --no-defaults --user="$who" --datadir="$db_dir" \
            --auth-root-authentication-method=normal --skip-test-db
        rm -f "$state/db.secret"
    fi
    if ! alive "$db_pid" mariadbd; then
        step "starting MariaDB on 127.0.0.1:$(env_value DB_PORT)"
        port_is_free "$(env_value DB_PORT)" || fail "port $(env_value DB_PORT) is taken by another process; remove .velko/db.port to let Velko choose another"
        mkdir -p "$state/log"
        setsid "$mariadbd" --no-defaults --user="$who" --datadir="$db_dir" --bind-address=127.0.0.1 \
            --port="$(env_value DB_PORT)" --socket="$db_socket" --pid-file="$db_pid" \
            --character-set-server=utf8mb4 --collation-server=utf8mb4_uca1400_ai_ci --default-time-zone=+00:00 \
            --innodb-flush-log-at-trx-commit=1 --sql-mode=STRICT_ALL_TABLES,NO_ENGINE_SUBSTITUTION \
            >"$state/log/mariadb.log" 2>&1 </dev/null &
        disown
        for _ in $(seq 1 150); do
            if [ -S "$db_socket" ] && ! port_is_free "$(env_value DB_PORT)"; then break; fi
            sleep 0.2
        done
        [ -S "$db_socket" ] || fail "MariaDB did not start; see .velko/log/mariadb.log"
    fi
    password="$(env_value DB_PASSWORD)"
    if [ ! -s "$state/db.secret" ]; then
        (umask 077 && random_secret >"$state/db.secret")
        mariadb --no-defaults --user=root --socket="$db_socket" <<SQL
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(cat "$state/db.secret")';
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
FLUSH PRIVILEGES;
SQL
    fi
    db_admin <<SQL
CREATE DATABASE IF NOT EXISTS velko;
CREATE DATABASE IF NOT EXISTS velko_test;
CREATE DATABASE IF NOT EXISTS velko_browser;
CREATE USER IF NOT EXISTS 'velko'@'127.0.0.1';
CREATE USER IF NOT EXISTS 'velko'@'localhost';
ALTER USER 'velko'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'velko'@'localhost' IDENTIFIED BY '$password';
GRANT ALL ON velko.* TO 'velko'@'127.0.0.1', 'velko'@'localhost';
GRANT ALL ON velko_test.* TO 'velko'@'127.0.0.1', 'velko'@'localhost';
GRANT ALL ON velko_browser.* TO 'velko'@'127.0.0.1', 'velko'@'localhost';
SQL
}

stop_database() {
    if alive "$db_pid" mariadbd; then
        local pid
        pid="$(cat "$db_pid")"
        kill "$pid"
        for _ in $(seq 1 100); do [ -d "/proc/$pid" ] || break; sleep 0.1; done
    fi
}
