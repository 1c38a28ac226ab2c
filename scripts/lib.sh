# Shared by ./start, ./test, ./backup and ./restore: what the machine needs, who runs it, the database, the servers.
# shellcheck shell=bash

: "${ROOT:?set ROOT to the project folder before sourcing this file}"
VAR="${AENUM_VAR:-$ROOT/var}" # everything an install keeps; two installs on one machine have two of these
export AENUM_VAR="$VAR"
APP_USER=aenum

say() { printf '%s\n' "$*"; }
fail() { printf 'aenum: %s\n' "$*" >&2; exit 1; }

# The first port from this one up that nobody listens on.
free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
    printf '%s' "$port"
}

# need_packages PACKAGE:PROOF ... where PROOF is a command, or ext/NAME for a PHP extension.
need_packages() {
    local missing=() pair package proof modules=''
    command -v php >/dev/null && modules=$(php -m)
    for pair in "$@"; do
        package=${pair%%:*} proof=${pair#*:}
        case $proof in
            ext/*) grep -qix "${proof#ext/}" <<<"$modules" || missing+=("$package") ;;
            *) command -v "$proof" >/dev/null || [ -x "/usr/sbin/$proof" ] || missing+=("$package") ;;
        esac
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing ${missing[*]} ..."
    local sudo=()
    [ "$(id -u)" -eq 0 ] || sudo=(sudo)
    "${sudo[@]}" apt-get update -qq >"$VAR/log/apt.log" 2>&1 || true
    "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" \
        >>"$VAR/log/apt.log" 2>&1 \
        || fail "could not install ${missing[*]}; see $VAR/log/apt.log"
    # Ours run from the project's folder; Debian's own services of the same programs are not wanted.
    if [ -d /run/systemd/system ]; then
        "${sudo[@]}" systemctl disable --now nginx php8.2-fpm supervisor mariadb >/dev/null 2>&1 || true
    fi
}

app_packages=(
    php8.2-cli:php php8.2-mbstring:ext/mbstring php8.2-intl:ext/intl php8.2-xml:ext/dom php8.2-mysql:ext/pdo_mysql
    php8.2-curl:ext/curl php8.2-zip:ext/zip php8.2-gd:ext/gd
    composer:composer mariadb-server:mariadbd mariadb-client:mariadb curl:curl
)
server_packages=(nginx-light:nginx php8.2-fpm:php-fpm8.2 supervisor:supervisord openssl:openssl)

need_vendor() {
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/.installed ] \
        || [ composer.pins -nt vendor/.installed ]; then
        say 'Installing PHP packages ...'
        local pinned
        mapfile -t pinned < <(php scripts/packages.php wanted)
        COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-scripts --no-progress --quiet "${pinned[@]}" \
            >"$VAR/log/composer.log" 2>&1 \
            || fail "composer failed; see $VAR/log/composer.log"
        php scripts/packages.php check >>"$VAR/log/composer.log" 2>&1 \
            || fail "the installed PHP packages are not those in composer.pins; see $VAR/log/composer.log"
        touch vendor/.installed
    fi
    # What root installed with its own umask, the one who runs it must read.
    if [ "${WHO:-root}" != root ] && [ -n "$(find vendor ! -perm -o=r -print -quit)" ]; then chmod -R go+rX vendor; fi
}

# Who runs it: an unprivileged user of its own where root starts it, else whoever does. AS is put before a command.
need_user() {
    AS=() WHO=$(id -un) PRIVATE=
    [ "$(id -u)" -eq 0 ] || return 0
    id "$APP_USER" >/dev/null 2>&1 \
        || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$APP_USER"
    if runuser -u "$APP_USER" -- test -r "$ROOT/artisan" && runuser -u "$APP_USER" -- test -x "$(dirname "$VAR")"; then
        AS=(runuser -u "$APP_USER" --) WHO=$APP_USER
    else
        PRIVATE=1
        say "The user $APP_USER cannot read $ROOT, so root runs it, and it stays on loopback."
    fi
}

# The folders an install keeps, for nobody else to read.
need_folders() {
    mkdir -p "$VAR"/{log,run,backups,files,storage/framework/{views,sessions,testing},storage/logs,storage/cache} \
        "$VAR/storage/framework/cache/data/aenum"
    chmod 0700 "$VAR"
    [ "$WHO" = root ] || [ "$(id -u)" -ne 0 ] || chown -R --from=root "$WHO:" "$VAR"
}

# need_settings DEMO: the settings of a new install, with a key, a password and a name of its own.
need_settings() {
    local demo=${1:-true}
    if [ ! -f "$VAR/.env" ] && [ "$VAR" = "$ROOT/var" ] && [ -f .env ]; then mv .env "$VAR/.env"; fi
    if [ ! -f "$VAR/.env" ]; then
        say 'Writing settings ...'
        (umask 077; cat >"$VAR/.env") <<SETTINGS
APP_ENV=production
APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')
APP_DEBUG=false
AENUM_DEMO=$demo
DB_HOST=127.0.0.1
DB_PORT=$(free_port "$(database_port)")
DB_DATABASE=aenum
DB_USERNAME=aenum
DB_PASSWORD=$(php -r 'echo bin2hex(random_bytes(16));')
DB_PERSISTENT=true
SETTINGS
    fi
    has_setting AENUM_INSTANCE || keep AENUM_INSTANCE "$(php -r 'echo bin2hex(random_bytes(8));')"
    has_setting AENUM_DB_ROOT || keep AENUM_DB_ROOT "$(php -r 'echo bin2hex(random_bytes(16));')"
    chmod 0600 "$VAR/.env"
    [ "$(id -u)" -ne 0 ] || chown "$WHO" "$VAR/.env"
}

# Where the database of an install is looked for first: two installs on one machine do not begin at one place.
database_port() {
    if [ -n "${AENUM_DB_PORT:-}" ] || [ "$VAR" = "$ROOT/var" ]; then
        printf '%s' "${AENUM_DB_PORT:-33061}"
    else
        printf '%s' $((33100 + $(cksum <<<"$VAR" | cut -d' ' -f1) % 800))
    fi
}

# A port that somebody else has taken since is given up.
database_has_port() {
    if ! database_listens && [ "$(free_port "$(setting DB_PORT)")" != "$(setting DB_PORT)" ]; then
        keep DB_PORT "$(free_port "$(database_port)")"
    fi
}

setting() { sed -n "s/^$1=//p" "$VAR/.env" | tail -1; }
has_setting() { grep -q "^$1=" "$VAR/.env"; }

# keep NAME VALUE: stores a setting; the cached configuration goes where it changed.
keep() {
    local rest
    ! grep -qxF "$1=$2" "$VAR/.env" || return 0
    rm -f "$VAR/storage/cache/config.php"
    rest=$(grep -v "^$1=" "$VAR/.env" || true)
    (umask 077; printf '%s\n%s=%s\n' "$rest" "$1" "$2" >"$VAR/.env.new")
    mv "$VAR/.env.new" "$VAR/.env"
    [ "$(id -u)" -ne 0 ] || chown "$WHO" "$VAR/.env"
}

# With another database than the install's, the cached settings are not those meant.
artisan() {
    "${AS[@]}" env AENUM_VAR="$VAR" \
        ${DB_DATABASE:+DB_DATABASE="$DB_DATABASE" APP_CONFIG_CACHE="$VAR/storage/cache/none.php"} php artisan "$@"
}

# ---- the database ------------------------------------------------------------------------------------------------

# The database's root has a password that only the one who runs it can read.
db_root() {
    MYSQL_PWD=$(setting AENUM_DB_ROOT) "$1" --no-defaults --socket="$VAR/db.sock" -u root "${@:2}"
}

# alone COMMAND...: while nobody else changes the tables or copies them; a copy taken between two changes is none.
alone() {
    [ -e "$VAR/run/tables" ] || { : >"$VAR/run/tables"; chmod a+r "$VAR/run/tables"; }
    (flock 9; "$@") 9<"$VAR/run/tables"
}

database_answers() { db_root mariadb-admin ping >/dev/null 2>&1; }

# lay TEMPLATE [TO]: a file of ops/ with the paths of this install, in var/run/.
lay() {
    local to="$VAR/run/${2:-$1}" cores memory
    cores=$(nproc)
    memory=$(awk '/MemTotal/ { mb = int($2 / 1024 / 8); print (mb < 128 ? 128 : mb > 2048 ? 2048 : mb) }' /proc/meminfo)
    sed -e "s#@ROOT@#$ROOT#g" -e "s#@VAR@#$VAR#g" -e "s#@HOST@#${HOST:-127.0.0.1}#g" -e "s#@PORT@#${PORT:-8080}#g" \
        -e "s#@TLS_PORT@#${TLS_PORT:-8443}#g" -e "s#@DB_PORT@#$(setting DB_PORT)#g" \
        -e "s#@INSTANCE@#$(setting AENUM_INSTANCE)#g" \
        -e "s#@DB_MEMORY@#${memory}M#g" -e "s#@DURABLE@#${AENUM_DURABLE:-1}#g" \
        -e "s#@WORKERS@#$((cores * 4 > 32 ? 32 : cores * 4 < 6 ? 6 : cores * 4))#g" \
        -e "s#@DB_USER@#$([ "$WHO" = root ] && echo user=root || true)#g" \
        -e "s#@NGINX_USER@#$([ "$WHO" = root ] && echo 'user root;' || true)#g" \
        -e "s#@FPM_ROOT@#$([ "$WHO" = root ] && echo -R || true)#g" \
        -e "s#@FPM_USER@#$([ "$WHO" = root ] && echo 'user = root' || true)#g" \
        -e "s#@SUPERVISOR_USER@#$([ "$WHO" = root ] && echo 'user=root' || true)#g" \
        -e "/@SERVERS@/{r $VAR/run/servers.conf
            d}" "ops/$1" >"$to"
    [ "$(id -u)" -ne 0 ] || chown "$WHO" "$to"
}

database_made() {
    [ ! -d "$VAR/db/mysql" ] || return 0
    say 'Making the database ...'
    "${AS[@]}" mariadb-install-db --no-defaults --datadir="$VAR/db" --auth-root-authentication-method=normal \
        --skip-test-db >"$VAR/log/db-install.log" 2>&1 \
        || fail "could not make the database; see $VAR/log/db-install.log"
}

# What the app may do in the database. An install from before root had a password gets one here.
database_rights() {
    local password root name open=
    password=$(setting DB_PASSWORD) root=$(setting AENUM_DB_ROOT)
    if ! db_root mariadb -e 'SELECT 1' >/dev/null 2>&1; then open=1; fi
    { if [ -n "$open" ]; then
        printf "SET PASSWORD FOR root@localhost = PASSWORD('%s');\n" "$root"
    fi
    printf "DELETE FROM mysql.global_priv WHERE User='' OR (User='root' AND Host<>'localhost');\nFLUSH PRIVILEGES;\n"
    printf "CREATE USER IF NOT EXISTS 'aenum'@'127.0.0.1' IDENTIFIED BY '%s';\n" "$password"
    printf "ALTER USER 'aenum'@'127.0.0.1' IDENTIFIED BY '%s';\n" "$password"
    for name in aenum ${AENUM_DATABASES:-}; do
        printf 'CREATE DATABASE IF NOT EXISTS %s CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;\n' "$name"
        printf "GRANT ALL ON %s.* TO 'aenum'@'127.0.0.1';\n" "$name"
    done; } | if [ -n "$open" ]; then
        mariadb --no-defaults --socket="$VAR/db.sock" -u root
    else
        db_root mariadb
    fi
}

database_listens() { mariadb-admin --no-defaults --socket="$VAR/db.sock" -u nobody ping 2>&1 \
    | grep -qE 'is alive|Access denied'; }

wait_for_database() {
    local _
    for _ in $(seq 480); do database_listens && return 0; sleep 0.25; done
    fail "the database does not answer; see $VAR/log/db.log"
}

# The private MariaDB alone, for the tests: made if it is not there, started if it does not run.
database_up() {
    database_made
    database_has_port
    local try
    for try in 1 2 3; do
        database_listens && break
        lay mariadb.cnf
        "${AS[@]}" setsid nohup mariadbd --defaults-file="$VAR/run/mariadb.cnf" >>"$VAR/log/db.out" 2>&1 </dev/null &
        # One that was killed while it came up is started again at once.
        while ! database_listens && kill -0 $! 2>/dev/null; do sleep 0.25; done
    done
    database_listens || fail "the database does not answer; see $VAR/log/db.log"
    database_rights
}

database_down() {
    [ -S "$VAR/db.sock" ] || return 0
    db_root mariadb-admin shutdown >/dev/null 2>&1 \
        || mariadb-admin --no-defaults --socket="$VAR/db.sock" -u root shutdown >/dev/null 2>&1 || true
    for _ in $(seq 120); do [ -S "$VAR/db.sock" ] || return 0; sleep 0.25; done
}

# ---- the servers -------------------------------------------------------------------------------------------------

supervisor() { "${AS[@]}" supervisorctl -c "$VAR/run/supervisord.conf" "$@"; }
is_up() { [ -S "$VAR/run/supervisor.sock" ] && supervisor pid >/dev/null 2>&1; }

# Whether what answers on a port of this machine is this install, by the name it gives of itself.
is_ours() { curl -fsS -m 5 "http://127.0.0.1:$1/health" 2>/dev/null | grep -q "$(setting AENUM_INSTANCE)"; }

# Every program running, or started again with the settings as they are laid now; up when it answers.
servers_up() {
    is_up || database_has_port
    lay php.ini; lay fpm.conf; lay nginx-app.conf; lay supervisord.conf
    lay "nginx-$([ -n "${TLS:-}" ] && echo tls || echo plain).conf" servers.conf
    lay nginx.conf; lay mariadb.cnf
    if is_up; then
        supervisor update >/dev/null
        supervisor restart php web nightly >/dev/null
    else
        database_down
        "${AS[@]}" supervisord -c "$VAR/run/supervisord.conf"
    fi
    wait_for_database
}

# Laravel's caches of configuration, routes, events and views, made again where code or settings changed since.
app_cached() {
    local version
    version=$(find app bootstrap config core resources/views routes composer.pins "$VAR/.env" -type f -print0 \
        | sort -z | xargs -0 sha256sum | sha256sum)
    [ "$version" != "$(cat "$VAR/run/cached" 2>/dev/null)" ] || [ ! -f "$VAR/storage/cache/config.php" ] || return 0
    say 'Caching settings, routes and views ...'
    artisan optimize >"$VAR/log/optimize.log" 2>&1 || fail "could not cache the app; see $VAR/log/optimize.log"
    printf '%s' "$version" >"$VAR/run/cached"
}

wait_for_app() {
    local _
    for _ in $(seq 240); do is_ours "$PORT" && return 0; sleep 0.25; done
    return 1
}

servers_down() {
    if is_up; then
        local pid
        pid=$(supervisor pid)
        supervisor shutdown >/dev/null
        for _ in $(seq 300); do kill -0 "$pid" 2>/dev/null || return 0; sleep 0.2; done
    fi
    database_down
}
