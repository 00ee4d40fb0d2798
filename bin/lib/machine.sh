# What the machine must bring. Debian's packages are installed when we may; else we say what is missing.

debian_packages=(
    php8.2-cli php8.2-mysql php8.2-curl php8.2-mbstring php8.2-xml php8.2-intl php8.2-zip php8.2-gd php8.2-opcache
    mariadb-server-core mariadb-client-core chromium unzip
)

missing_packages() {
    local package
    for package in "${debian_packages[@]}"; do
        [ "$(dpkg-query -W -f='${Status}' "$package" 2>/dev/null || true)" = 'install ok installed' ] || printf '%s\n' "$package"
    done
}

missing_tools() {
    local extension extensions
    # Read whole before it is searched: grep -q hangs up early, and under pipefail that counts as a failure of php.
    extensions="$(php -m 2>/dev/null || true)"
    for extension in pdo_mysql curl mbstring dom intl zip gd; do
        grep -qix "$extension" <<<"$extensions" || say "PHP extension $extension"
    done
    command -v mariadbd >/dev/null || [ -x /usr/sbin/mariadbd ] || say "MariaDB server (mariadbd)"
    command -v mariadb >/dev/null || say "MariaDB client (mariadb)"
    command -v chromium >/dev/null || say "Chromium (for the browser tests)"
}

require_command() { command -v "$1" >/dev/null || fail "$1 is missing: install $2 and run this again"; }

prepare_machine() {
    local missing
    if [ -n "$(missing_tools)" ] && command -v apt-get >/dev/null; then
        mapfile -t missing < <(missing_packages)
        if [ "$(id -u)" = 0 ]; then
            step "installing from Debian: ${missing[*]}"
            quietly apt-update apt-get update
            quietly apt-install env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"
        else
            fail "missing packages; run once: sudo apt-get install ${missing[*]}"
        fi
    fi
    [ -z "$(missing_tools)" ] || fail "this machine lacks: $(missing_tools | paste -sd, | sed 's/,/, /g')"
    require_command php "PHP 8.2"
    require_command composer "Composer 2"
    require_command node "Node 20.19 or newer"
    require_command npm "npm 11"
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP 8.2 or newer is needed, found $(php -r 'echo PHP_VERSION;')"
    node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||a===20&&b>=19?0:1)' ||
        fail "Node 20.19 or newer is needed, found $(node --version)"
}

install_packages() {
    install_php_packages &
    local php=$!
    install_front_end_packages
    wait "$php" || exit 1
}

install_php_packages() {
    if [ ! -f vendor/autoload.php ] || ! unchanged composer composer.json; then
        step "installing the PHP packages"
        quietly composer composer install --no-progress --no-scripts
        keep_stamp composer composer.json
    fi
}

install_front_end_packages() {
    if [ ! -d node_modules ] || ! unchanged npm package.json package-lock.json; then
        step "installing the front-end packages"
        quietly npm npm ci --no-progress
        keep_stamp npm package.json package-lock.json
    fi
}

build_front_end() {
    local sources
    mapfile -t sources < <(find resources contracts lang vite.config.ts tsconfig.json package-lock.json -type f -not -name '*.generated.ts' | LC_ALL=C sort)
    if [ ! -f public/build/manifest.json ] || ! unchanged build "${sources[@]}"; then
        step "building the screens"
        quietly build npm run build
        keep_stamp build "${sources[@]}"
    fi
}
