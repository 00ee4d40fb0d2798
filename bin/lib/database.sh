# MariaDB as an ordinary process of this project: its own files, its own port on loopback, stopped by its pid file.

db_dir="$state/db"
db_pid="$state/db.pid"
# Its own: a MariaDB that starts sweeps away what another has in a temporary folder that both use.
db_tmp="$state/db.tmp"
db_socket="$state/db.sock"
# A socket path longer than this is refused by the kernel; deep checkouts fall back to the temporary folder.
[ "${#db_socket}" -le 100 ] || db_socket="${TMPDIR:-/tmp}/velko-$(printf '%s' "$state" | sha256sum | cut -c1-12).sock"

random_secret() { php -r 'echo bin2hex(random_bytes(16));'; }

env_value() { sed -n "s/^$1=//p" .env | head -n 1; }
set_env_value() {
    if grep -q "^$1=" .env; then sed -i "s|^$1=.*|$1=$2|" .env; else printf '%s=%s\n' "$1" "$2" >>.env; fi
}

db_port() { claim_port db 33106; }

prepare_env() {
    if [ ! -f .env ]; then
        cp .env.example .env
        chmod 600 .env
    fi
    # Made before there was a log a day.
    [ "$(env_value LOG_CHANNEL)" != single ] || set_env_value LOG_CHANNEL daily
    [ -n "$(env_value APP_KEY)" ] || set_env_value APP_KEY "base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    [ -n "$(env_value DB_PASSWORD)" ] || set_env_value DB_PASSWORD "$(random_secret)"
    set_env_value DB_PORT "$(db_port)"
}

db_admin() { mariadb --no-defaults --user=root --password="$(cat "$state/db.secret")" --socket="$db_socket" "$@"; }

# db_each DATABASE SQL: for each of its tables this statement, with {} in it for its name.
db_each() {
    db_admin --skip-column-names --batch --execute="SELECT CONCAT(REPLACE('$2', '{}', CONCAT('\`', TABLE_NAME, '\`')), ';') FROM information_schema.TABLES WHERE TABLE_SCHEMA = '$1' AND TABLE_TYPE = 'BASE TABLE'"
}

# db_remember DATABASE: its rows as they are now, in a database beside it. db_again DATABASE: those rows again.
db_remember() {
    {
        echo "DROP DATABASE IF EXISTS ${1}_seeded; CREATE DATABASE ${1}_seeded;"
        db_each "$1" "CREATE TABLE ${1}_seeded.{} AS SELECT * FROM $1.{}"
    } | db_admin
}
db_again() {
    {
        echo 'SET FOREIGN_KEY_CHECKS = 0;'
        db_each "$1" "TRUNCATE $1.{}"
        db_each "$1" "INSERT INTO $1.{} SELECT * FROM ${1}_seeded.{}"
    } | db_admin
}

start_database() {
    local mariadbd who password
    mkdir -p "$db_tmp"
    mariadbd="$(command -v mariadbd || echo /usr/sbin/mariadbd)"
    who="$(id -un)"
    if [ ! -d "$db_dir/mysql" ]; then
        step "making the database files"
        rm -rf "$db_dir" "$db_dir.new" "$state/db.secret"
        quietly db-install mariadb-install-db --no-defaults --user="$who" --datadir="$db_dir.new" --tmpdir="$db_tmp" \
            --auth-root-authentication-method=normal --skip-test-db
        # Under its name once it is whole.
        mv "$db_dir.new" "$db_dir"
    fi
    if ! alive "$db_pid" mariadbd; then
        step "starting MariaDB on 127.0.0.1:$(db_port)"
        port_is_free "$(db_port)" || fail "port $(db_port) is taken by another process; remove ${state#"$root"/}/db.port to let Velko choose another"
        mkdir -p "$state/log"
        setsid "$mariadbd" --no-defaults --user="$who" --datadir="$db_dir" --bind-address=127.0.0.1 \
            --port="$(db_port)" --socket="$db_socket" --pid-file="$db_pid" --tmpdir="$db_tmp" \
            --character-set-server=utf8mb4 --collation-server=utf8mb4_uca1400_ai_ci --default-time-zone=+00:00 \
            --innodb-flush-log-at-trx-commit=1 --sql-mode=STRICT_ALL_TABLES,NO_ENGINE_SUBSTITUTION \
            >"$state/log/mariadb.log" 2>&1 </dev/null &
        disown
        for _ in $(seq 1 150); do
            if [ -S "$db_socket" ] && ! port_is_free "$(db_port)"; then break; fi
            sleep 0.2
        done
        [ -S "$db_socket" ] || fail "MariaDB did not start; see ${state#"$root"/}/log/mariadb.log"
    fi
    password="$(env_value DB_PASSWORD)"
    if [ ! -s "$state/db.secret" ]; then
        # Kept under its name once it is the server's, not before.
        (umask 077 && random_secret >"$state/db.secret.new")
        mariadb --no-defaults --user=root --socket="$db_socket" <<SQL
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(cat "$state/db.secret.new")';
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
FLUSH PRIVILEGES;
SQL
        mv "$state/db.secret.new" "$state/db.secret"
    fi
    db_admin <<SQL
CREATE DATABASE IF NOT EXISTS velko;
CREATE DATABASE IF NOT EXISTS velko_test;
CREATE USER IF NOT EXISTS 'velko'@'127.0.0.1';
CREATE USER IF NOT EXISTS 'velko'@'localhost';
ALTER USER 'velko'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'velko'@'localhost' IDENTIFIED BY '$password';
GRANT ALL ON velko.* TO 'velko'@'127.0.0.1', 'velko'@'localhost';
GRANT ALL ON velko_test.* TO 'velko'@'127.0.0.1', 'velko'@'localhost';
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
