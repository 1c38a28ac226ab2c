# Shared by ./start, ./test, ./backup and ./restore: what the machine needs, who runs it, the database, the servers.
# shellcheck shell=bash
#
# Root installs packages, makes the user and the install's folder, and hands over. Everything in that folder belongs to
# the app's user, so root writes nothing there, runs nothing from there and takes nothing from there as code.

: "${ROOT:?set ROOT to the project folder before sourcing this file}"
VAR=$(realpath -m "${AENUM_VAR:-$ROOT/var}") # everything an install keeps; two installs have two of these
export AENUM_VAR="$VAR"
APP_USER=aenum

say() { printf '%s\n' "$*"; }
fail() { printf 'aenum: %s\n' "$*" >&2; exit 1; }

# ---- who runs it ---------------------------------------------------------------------------------------------------

# Sets WHO to the user who runs the install: an unprivileged user of its own where root starts it, else the user who
# does. AS goes before a command that this user is to run. PRIVATE is set where that user cannot read the project.
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

# The install's folder, for its user alone. A folder that root owns has been written to by nobody else yet.
need_var() {
    [ -d "$VAR" ] || mkdir -p "$VAR"
    [ ${#AS[@]} -eq 0 ] || [ "$(stat -c %u "$VAR")" -ne 0 ] || chown -hR "$WHO:" "$VAR"
    "${AS[@]}" chmod 0700 "$VAR"
}

# hand_over SCRIPT [ARGS...]: where root began, the app's user goes on with the same script, without the terminal.
hand_over() {
    [ ${#AS[@]} -gt 0 ] || return 0
    exec "${AS[@]}" setsid --wait "$ROOT/$1" "${@:2}"
}

# logged NAME COMMAND...: what it prints goes to log/NAME, which the app's user writes.
logged() {
    "${@:2}" 2>&1 </dev/null \
        | "${AS[@]}" sh -c 'mkdir -p "${1%/*}" && rm -f "$1" && cat >"$1"' sh "$VAR/log/$1"
}

# The folders an install keeps. Files that root left in them, as releases before this one did, make room for new ones.
need_folders() {
    need_var
    [ ${#AS[@]} -eq 0 ] || fail 'these folders belong to the app; its user makes them'
    mkdir -p "$VAR"/{log,run/programs,backups,files,storage/framework/{views,sessions,testing},storage/logs} \
        "$VAR/storage/cache" "$VAR/storage/framework/cache/data/aenum"
    find "$VAR/log" "$VAR/run" "$VAR/storage" -type f ! -user "$(id -u)" -delete 2>/dev/null || true
}

# ---- packages ------------------------------------------------------------------------------------------------------

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
    logged apt-update.log "${sudo[@]}" apt-get update -qq || true
    logged apt.log "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive \
        apt-get install -y --no-install-recommends "${missing[@]}" \
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
server_packages=(
    nginx-light:nginx php8.2-fpm:php-fpm8.2 supervisor:supervisord openssl:openssl logrotate:logrotate
)

# need_vendor [dev]: PHP packages as pinned; those for tests and analysis only where they are asked for. A checkout that
# has them keeps them.
need_vendor() {
    local kind=${1:-shop} has pinned options=(--no-dev)
    has=$(cat vendor/.installed 2>/dev/null || true)
    [ "$has" != dev ] || kind=dev
    [ "$kind" != dev ] || options=()
    if [ "$has" != "$kind" ] || [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/.installed ] \
        || [ composer.pins -nt vendor/.installed ]; then
        say 'Installing PHP packages ...'
        mapfile -t pinned < <(php scripts/packages.php wanted)
        logged composer.log env COMPOSER_ALLOW_SUPERUSER=1 composer update "${options[@]}" --no-interaction \
            --no-scripts --no-plugins --no-progress --quiet "${pinned[@]}" \
            || fail "composer failed; see $VAR/log/composer.log"
        logged packages.log php scripts/packages.php check "$kind" \
            || fail "the installed PHP packages are not those in composer.pins; see $VAR/log/packages.log"
        printf '%s' "$kind" >vendor/.installed
    fi
    # What root installed with a umask of its own, the app's user must read.
    if [ "$WHO" != root ] && [ -n "$(find vendor ! -perm -o=r -print -quit)" ]; then chmod -R go+rX vendor; fi
}

# ---- settings ------------------------------------------------------------------------------------------------------

# The first port from this one up that nobody listens on.
free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
    printf '%s' "$port"
}

# need_settings DEMO: the settings of a new install, with a key, a password and a name of its own.
need_settings() {
    local demo=${1:-true}
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
}

# With another database than the install's, the cached settings are not those meant.
artisan() {
    env AENUM_VAR="$VAR" \
        ${DB_DATABASE:+DB_DATABASE="$DB_DATABASE" APP_CONFIG_CACHE="$VAR/storage/cache/none.php"} php artisan "$@"
}

# ---- the database ------------------------------------------------------------------------------------------------

# The database's root has a password that only the one who runs it can read.
db_root() {
    MYSQL_PWD=$(setting AENUM_DB_ROOT) "$1" --no-defaults --socket="$VAR/db.sock" -u root "${@:2}"
}

# alone COMMAND...: while nobody else changes the tables or copies them; a copy taken between two changes is none.
alone() { (flock 9; "$@") 9>>"$VAR/run/tables"; }

database_answers() { db_root mariadb-admin ping >/dev/null 2>&1; }

# lay TEMPLATE [TO]: a file of ops/ with the values of this install, in var/run/. Values are text, whatever they hold.
lay() {
    local to="$VAR/run/${2:-$1}" text name cores
    local -A values
    cores=$(nproc)
    values=(
        [ROOT]=$ROOT [VAR]=$VAR [HOST]=${HOST:-127.0.0.1} [PORT]=${PORT:-8080} [TLS_PORT]=${TLS_PORT:-8443}
        [DB_PORT]=$(setting DB_PORT) [NAMES]=$(setting AENUM_HOSTS | tr , ' ') [INSTANCE]=$(setting AENUM_INSTANCE)
        [DB_MEMORY]=$(awk '/MemTotal/ { mb = int($2 / 8192); print (mb < 128 ? 128 : mb > 2048 ? 2048 : mb) }' \
            /proc/meminfo)M
        [DURABLE]=${AENUM_DURABLE:-1} [WORKERS]=$((cores * 4 > 32 ? 32 : cores * 4 < 6 ? 6 : cores * 4))
        [SERVERS]=$(cat "$VAR/run/servers.conf" 2>/dev/null || true)
        # Where no other user can run it, root does, and each program wants to be told so.
        [DB_USER]='' [NGINX_USER]='' [FPM_ROOT]='' [FPM_USER]='' [SUPERVISOR_USER]=''
    )
    if [ "$WHO" = root ]; then
        values[DB_USER]=user=root values[NGINX_USER]='user root;' values[FPM_ROOT]=-R values[FPM_USER]='user = root'
        values[SUPERVISOR_USER]=user=root
    fi
    text=$(<"ops/$1")
    for name in "${!values[@]}"; do text=${text//"@$name@"/"${values[$name]}"}; done
    rm -f "$to"
    printf '%s\n' "$text" >"$to"
}

database_made() {
    [ ! -d "$VAR/db/mysql" ] || return 0
    say 'Making the database ...'
    mariadb-install-db --no-defaults --datadir="$VAR/db" --auth-root-authentication-method=normal \
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

# ---- programs ------------------------------------------------------------------------------------------------------
#
# A program is started by scripts/run-program, and holds the file run/programs/NAME open, as does all that it starts.
# So the processes of an install are found whatever their titles and parents are.

# holders FILE: the processes that hold it open, a number a line.
holders() {
    find /proc/[0-9]*/fd -maxdepth 1 -lname "$(sed 's/[][*?\\]/\\&/g' <<<"$1")" 2>/dev/null | cut -d/ -f3 | sort -un
}

# end_program NAME [SECONDS [SIGNAL...]]: ends all of it, asking first; fails where some of it is there afterwards.
end_program() {
    local file="$VAR/run/programs/$1" left signal signals=("${@:3}")
    [ ${#signals[@]} -gt 0 ] || signals=(TERM KILL)
    for signal in "${signals[@]}"; do
        mapfile -t left < <(holders "$file")
        [ ${#left[@]} -gt 0 ] || return 0
        kill "-$signal" "${left[@]}" 2>/dev/null || true
        for _ in $(seq $((${2:-5} * 10))); do
            [ -n "$(holders "$file")" ] || return 0
            sleep 0.1
        done
    done
    return 1
}

# The private MariaDB alone, for the tests: made if it is not there, started if it does not run.
database_up() {
    database_made
    database_has_port
    local try
    for try in 1 2 3; do
        database_listens && break
        lay mariadb.cnf
        setsid nohup scripts/run-program db /usr/sbin/mariadbd --defaults-file="$VAR/run/mariadb.cnf" \
            >>"$VAR/log/db.out" 2>&1 </dev/null &
        # One that was killed while it came up is started again at once.
        while ! database_listens && kill -0 $! 2>/dev/null; do sleep 0.25; done
    done
    database_listens || fail "the database does not answer; see $VAR/log/db.log"
    database_rights
}

# A database that is asked to end writes out what it holds: it has a minute for that.
database_down() { end_program db 60; }

# ---- the servers ---------------------------------------------------------------------------------------------------

# One that hangs is as good as none.
supervisor() { timeout 40 supervisorctl -c "$VAR/run/supervisord.conf" "$@"; }
is_up() {
    [ -S "$VAR/run/supervisor.sock" ] && timeout 2 supervisorctl -c "$VAR/run/supervisord.conf" pid >/dev/null 2>&1
}

# left_running: the programs of this install of which something runs, with their process numbers.
left_running() {
    local name pids
    for name in supervisor nightly queue web php db; do
        pids=$(holders "$VAR/run/programs/$name" | paste -sd' ')
        [ -z "$pids" ] || printf '%s (%s)\n' "$name" "$pids"
    done
}

# Whether what answers on a port of this machine is this install, by the name it gives of itself.
is_ours() { curl -fsS -m 5 "http://127.0.0.1:$1/health" 2>/dev/null | grep -q "$(setting AENUM_INSTANCE)"; }

# Every program running, or started again with the settings as they are laid now; up when it answers.
servers_up() {
    is_up || database_has_port
    lay php.ini; lay fpm.conf; lay nginx-app.conf; lay nginx-headers.conf; lay supervisord.conf; lay logrotate.conf
    lay "nginx-$([ -n "${TLS:-}" ] && echo tls || echo plain).conf" servers.conf
    lay nginx.conf; lay mariadb.cnf
    if is_up; then
        supervisor update >/dev/null
        supervisor start db >/dev/null 2>&1 || true
        supervisor restart php web queue nightly >/dev/null
    else
        scripts/run-program supervisor supervisord -c "$VAR/run/supervisord.conf"
    fi
    wait_for_database
}

# Laravel's caches of configuration, routes, events and views, made again where code or settings changed since.
app_cached() {
    local version
    version=$(find app bootstrap config core resources/views routes vendor/composer/installed.php "$VAR/.env" \
        -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ "$version" != "$(cat "$VAR/run/cached" 2>/dev/null)" ] || [ ! -f "$VAR/storage/cache/config.php" ] || return 0
    say 'Caching settings, routes and views ...'
    rm -f "$VAR"/storage/cache/{packages,services,config}.php
    artisan optimize >"$VAR/log/optimize.log" 2>&1 || fail "could not cache the app; see $VAR/log/optimize.log"
    printf '%s' "$version" >"$VAR/run/cached"
    rm -f "$VAR/run/prepared"
}

wait_for_app() {
    local _
    for _ in $(seq 240); do is_ours "$PORT" && return 0; sleep 0.25; done
    return 1
}

# Ends what a killed supervisor or master left behind; fails where something cannot be ended.
end_left() {
    local name
    end_program supervisor 2 KILL || true
    for name in nightly queue web php; do end_program "$name" 2 || true; done
    end_program db 60 || true
    rm -f "$VAR/run/supervisor.sock"
    [ -z "$(left_running)" ] || fail "these could not be ended: $(left_running | paste -sd' ')"
}

# Ends all that runs.
servers_down() {
    local pid
    if is_up; then
        pid=$(supervisor pid)
        supervisor shutdown >/dev/null || true
        for _ in $(seq 300); do kill -0 "$pid" 2>/dev/null || break; sleep 0.2; done
    fi
    end_left
}
