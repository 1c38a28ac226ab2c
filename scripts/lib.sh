# Shared by ./start and ./test: what the machine needs, the private database, the app's own settings.
# shellcheck shell=bash

VAR="$ROOT/var"
DB_PORT="${AENUM_DB_PORT:-33061}" # where a new database is made; if the port is taken, the next free one
# Photos come up to 15 MB, meshes up to 64.
PHP=(php -d upload_max_filesize=64M -d post_max_size=66M -d memory_limit=512M
    -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing)

# The first port from this one up that nobody listens on.
free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
    printf '%s' "$port"
}

say() { printf '%s\n' "$*"; }
fail() { printf 'aenum: %s\n' "$*" >&2; exit 1; }

# need_packages PACKAGE:PROOF ... where PROOF is a command, or ext/NAME for a PHP extension.
need_packages() {
    local missing=() pair package proof modules=''
    command -v php >/dev/null && modules=$(php -m)
    for pair in "$@"; do
        package=${pair%%:*} proof=${pair#*:}
        case $proof in
            ext/*) grep -qix "${proof#ext/}" <<<"$modules" || missing+=("$package") ;;
            *) command -v "$proof" >/dev/null || missing+=("$package") ;;
        esac
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing ${missing[*]} ..."
    local sudo=()
    [ "$(id -u)" -eq 0 ] || sudo=(sudo)
    "${sudo[@]}" apt-get update -qq >"$VAR/log/apt.log" 2>&1 || true
    DEBIAN_FRONTEND=noninteractive "${sudo[@]}" apt-get install -y --no-install-recommends "${missing[@]}" \
        >>"$VAR/log/apt.log" 2>&1 \
        || fail "could not install ${missing[*]}; see $VAR/log/apt.log"
}

app_packages=(
    php8.2-cli:php php8.2-mbstring:ext/mbstring php8.2-intl:ext/intl php8.2-xml:ext/dom php8.2-mysql:ext/pdo_mysql
    php8.2-curl:ext/curl php8.2-zip:ext/zip php8.2-gd:ext/gd
    composer:composer mariadb-server:mariadbd mariadb-client:mariadb curl:curl
)

need_vendor() {
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/.installed ]; then
        say 'Installing PHP packages ...'
        COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-scripts --no-progress --quiet \
            >"$VAR/log/composer.log" 2>&1 \
            || fail "composer failed; see $VAR/log/composer.log"
        touch vendor/.installed
    fi
}

need_settings() {
    [ -f .env ] && return
    say 'Writing settings ...'
    local key password
    key=$(php -r 'echo base64_encode(random_bytes(32));')
    password=$(php -r 'echo bin2hex(random_bytes(16));')
    (umask 077; cat >.env) <<EOF
APP_ENV=production
APP_KEY=base64:$key
APP_DEBUG=false
AENUM_DEMO=true
DB_HOST=127.0.0.1
DB_PORT=$(free_port "$DB_PORT")
DB_DATABASE=aenum
DB_USERNAME=aenum
DB_PASSWORD=$password
DB_PERSISTENT=true
EOF
}

setting() { sed -n "s/^$1=//p" .env | tail -1; }

database_answers() { mariadb-admin --no-defaults --socket="$VAR/db.sock" -u root ping >/dev/null 2>&1; }

# Starts the private MariaDB on loopback, making it first if it is not there.
database_up() {
    DB_PORT=$(setting DB_PORT)
    if [ ! -d "$VAR/db/mysql" ]; then
        say 'Making the database ...'
        mariadb-install-db --no-defaults --datadir="$VAR/db" --auth-root-authentication-method=normal \
            --skip-test-db >"$VAR/log/db-install.log" 2>&1 \
            || fail "could not make the database; see $VAR/log/db-install.log"
    fi
    if ! database_answers; then
        local as=()
        [ "$(id -u)" -eq 0 ] && as=(--user=root)
        nohup mariadbd --no-defaults --datadir="$VAR/db" --bind-address=127.0.0.1 --port="$DB_PORT" \
            --socket="$VAR/db.sock" \
            --pid-file="$VAR/db.pid" --innodb-buffer-pool-size=256M --skip-name-resolve "${as[@]}" \
            >"$VAR/log/db.log" 2>&1 </dev/null &
        for _ in $(seq 480); do database_answers && break; sleep 0.25; done
        database_answers || fail "the database does not answer; see $VAR/log/db.log"
    fi
    local password
    password=$(setting DB_PASSWORD)
    mariadb --no-defaults --socket="$VAR/db.sock" -u root <<EOF
CREATE DATABASE IF NOT EXISTS aenum CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS aenum_test CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS aenum_browser CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'aenum'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'aenum'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON aenum.* TO 'aenum'@'127.0.0.1';
GRANT ALL ON aenum_test.* TO 'aenum'@'127.0.0.1';
GRANT ALL ON aenum_browser.* TO 'aenum'@'127.0.0.1';
EOF
}

# serve PORT LOG: the app in the background, its pid in var/app-PORT.pid. Other settings come from the environment.
serve() {
    local port=$1 log=$2 host=${AENUM_HOST:-127.0.0.1}
    PHP_CLI_SERVER_WORKERS=4 setsid nohup "${PHP[@]}" -d variables_order=EGPCS \
        -t public -S "$host:$port" scripts/router.php >"$log" 2>&1 </dev/null &
    echo $! >"$VAR/app-$port.pid"
    for _ in $(seq 320); do
        curl -fsS -o /dev/null "http://127.0.0.1:$port/health" 2>/dev/null && return 0
        sleep 0.25
    done
    return 1
}

# The server and its workers are a process group of their own.
stop_app() {
    local pid="$VAR/app-$1.pid"
    [ -f "$pid" ] || return 0
    kill -TERM -- "-$(cat "$pid")" 2>/dev/null || true
    rm -f "$pid"
    for _ in $(seq 40); do curl -fsS -o /dev/null "http://127.0.0.1:$1/health" 2>/dev/null || return 0; sleep 0.1; done
}
