# What ./cluster does, node by node. A node's folder is an install's var/ of its own, with its own settings; what all
# share (key, passwords, the front's ports) is laid into each.
# shellcheck shell=bash

DBS=(db1 db2 db3)
APPS=(app1 app2)
ALL_NODES=("${DBS[@]}" "${APPS[@]}" front)
MOST=2 # so many of the databases are more than half

is_db() { case " ${DBS[*]} " in *" $1 "*) [ -n "$1" ] ;; *) return 1 ;; esac; }
is_node() { case " ${ALL_NODES[*]} " in *" $1 "*) [ -n "$1" ] ;; *) return 1 ;; esac; }

# at NODE COMMAND...: as if NODE's folder were the install's.
at() { (VAR="$CLUSTER/$1" AENUM_VAR="$CLUSTER/$1"; export AENUM_VAR; "${@:2}"); }
in_db() { at "$1" db_root "${@:2}"; }
node_setting() { at "$1" setting "$2"; }

# alive PIDFILE: whether the process it names runs and is one of this cluster's; numbers of dead ones are used again.
alive() { [ -s "$1" ] && tr '\0' ' ' 2>/dev/null <"/proc/$(cat "$1")/cmdline" | grep -qE "$CLUSTER|scripts/nightly"; }
db_runs() { alive "$CLUSTER/$1/run/db.pid"; }
app_runs() { alive "$CLUSTER/$1/run/fpm.pid" && alive "$CLUSTER/$1/run/nginx.pid"; }
front_runs() { alive "$CLUSTER/run/front.pid"; }
runs() {
    case $1 in db*) db_runs "$1" ;; app*) app_runs "$1" ;; *) front_runs ;; esac
}

# ports NAME...: a free port for each that has none yet, all below those the kernel gives out itself.
ports() {
    local name next
    next=$((21000 + 20 * ($(cksum <<<"$CLUSTER" | cut -d' ' -f1) % 400)))
    for name in "$@"; do
        has_setting "$name" || keep "$name" "$(free_port "$next")"
        next=$(($(setting "$name") + 1))
    done
}

# The settings all nodes share, and each node's own.
cluster_settings() {
    local node shared
    need_settings "${AENUM_DEMO:-true}"
    keep AENUM_PORT "${AENUM_PORT:-$(setting AENUM_PORT)}"
    [ -n "$(setting AENUM_PORT)" ] || keep AENUM_PORT "$(free_port 8090)"
    ports PORT_DB1 GROUP_DB1 IST_DB1 SST_DB1 PORT_DB2 GROUP_DB2 IST_DB2 SST_DB2 PORT_DB3 GROUP_DB3 IST_DB3 SST_DB3 \
        PORT_APP1 PORT_APP2 DB_WRITE DB_READ
    shared=$(grep -E '^(APP_|AENUM_DEMO|AENUM_DB_ROOT|DB_DATABASE|DB_USERNAME|DB_PASSWORD)' "$CLUSTER/.env")
    for node in "${DBS[@]}" "${APPS[@]}"; do
        at "$node" need_folders
        (umask 077; { printf '%s\nAENUM_INSTANCE=%s-%s\n' "$shared" "$(setting AENUM_INSTANCE)" "$node"
            case $node in
                db*) printf 'DB_PORT=%s\n' "$(setting "PORT_${node^^}")" ;;
                *) cat <<SETTINGS
DB_HOST=127.0.0.1
DB_PORT=$(setting DB_WRITE)
DB_READ_PORT=$(setting DB_READ)
DB_PERSISTENT=false
AENUM_NODE=$node
AENUM_BACKUPS=$CLUSTER/backups
CACHE_STORE=database
FILESYSTEM_DISK=database
SESSION_SECURE_COOKIE=false
SETTINGS
                    ;;
            esac; } >"$CLUSTER/$node/.env.new")
        if cmp -s "$CLUSTER/$node/.env.new" "$CLUSTER/$node/.env"; then
            rm "$CLUSTER/$node/.env.new"
        else
            # Whole or not at all: a node reads it with every request.
            mv "$CLUSTER/$node/.env.new" "$CLUSTER/$node/.env"
            rm -f "$CLUSTER/$node/storage/cache/config.php"
        fi
    done
}

# ---- databases -----------------------------------------------------------------------------------------------------

lay_db() {
    local n=${1^^} peers
    peers=127.0.0.1:$(setting GROUP_DB1),127.0.0.1:$(setting GROUP_DB2),127.0.0.1:$(setting GROUP_DB3)
    at "$1" lay mariadb.cnf
    sed -e "s#@DB_PEERS@#$peers#" -e "s#@NODE@#$1#g" -e "s#@INSTANCE@#$(setting AENUM_INSTANCE)#g" \
        -e "s#@GROUP_PORT@#$(setting "GROUP_$n")#g" -e "s#@SST_PORT@#$(setting "SST_$n")#g" \
        -e "s#@IST_PORT@#$(setting "IST_$n")#g" ops/cluster/galera.cnf >>"$CLUSTER/$1/run/mariadb.cnf"
}

start_db() {
    local from
    # What it has it need not be sent again.
    from=$(position "$1")
    lay_db "$1"
    rm -f "$CLUSTER/$1/run/db.pid"
    # What a transfer that was cut short left behind holds its port.
    pkill -KILL -f "^rsync .*$CLUSTER/$1/db" || true
    mkdir -p "$CLUSTER/$1/db"
    AENUM_VAR="$CLUSTER/$1" setsid nohup scripts/run-program db mariadbd --defaults-file="$CLUSTER/$1/run/mariadb.cnf" \
        ${from:+--wsrep-start-position="$from"} "${@:2}" \
        >>"$CLUSTER/$1/log/db.out" 2>&1 </dev/null &
}

has_all() { scripts/db-has-all - - 127.0.0.1 "$(setting "PORT_${1^^}")"; }

# wait_db NODE SECONDS: until it has all the others have.
wait_db() {
    local _
    local looked
    for looked in $(seq $(($2 * 4))); do
        has_all "$1" && return 0
        sleep 0.25
        [ "$looked" -lt 20 ] || pgrep -f "^mariadbd --defaults-file=$CLUSTER/$1/run/mariadb.cnf" >/dev/null || return 1
    done
    return 1
}

# Where a database that does not run had come to, ID:NUMBER of its last write, read out of its own log; empty where it
# never ran.
position() {
    [ -d "$CLUSTER/$1/db/mysql" ] || return 0
    lay_db "$1"
    mariadbd --defaults-file="$CLUSTER/$1/run/mariadb.cnf" --wsrep-recover \
        --log-error="$CLUSTER/$1/log/recover.log" >/dev/null 2>&1 || true
    sed -n 's/.*Recovered position: \([-0-9a-f]*:[0-9]*\).*/\1/p' "$CLUSTER/$1/log/recover.log" | tail -1
    rm -f "$CLUSTER/$1/log/recover.log"
}

# How far it had come; -1 where it never ran.
how_far() {
    local at
    [ -d "$CLUSTER/$1/db/mysql" ] || { echo -1; return; }
    at=$(position "$1")
    echo $((${at##*:} + 0))
}

# Whether one of them is with more than half of the cluster.
some_are_most() {
    local node said
    for node in "${DBS[@]}"; do
        db_runs "$node" || continue
        said=$(in_db "$node" mariadb -N -e "SHOW STATUS LIKE 'wsrep_cluster_status'" 2>/dev/null | cut -f2 || true)
        [ "$said" != Primary ] || return 0
    done
    return 1
}

# Whoever came furthest begins, and the others take from it; one that lives may be behind one that died.
begin_anew() {
    local node far best=-2 first=''
    for node in "${DBS[@]}"; do stop_db "$node"; done
    for node in "${DBS[@]}"; do
        far=$(how_far "$node")
        if [ "$far" -gt "$best" ]; then best=$far first=$node; fi
    done
    [ "$best" -ge 0 ] || at "$first" database_made
    [ ! -f "$CLUSTER/$first/db/grastate.dat" ] \
        || sed -i 's/^safe_to_bootstrap:.*/safe_to_bootstrap: 1/' "$CLUSTER/$first/db/grastate.dat"
    start_db "$first" --wsrep-new-cluster
    at "$first" wait_for_database
    at "$first" database_rights
    in_db "$first" mariadb -e "CREATE USER IF NOT EXISTS 'beat'@'127.0.0.1'"
    wait_db "$first" 60 || fail "$first does not come up; see $CLUSTER/$first/log/db.log"
}

databases_up() {
    local node try
    # Those that are only just coming, or giving to another, are waited for.
    for try in $(seq 20); do
        some_are_most && break
        for node in "${DBS[@]}"; do ! db_runs "$node" || { sleep 0.5; continue 2; }; done
        break
    done
    some_are_most || begin_anew
    # One after the other: each takes all it misses from those that are there.
    for node in "${DBS[@]}"; do
        # One that was refused in the middle of taking it goes again, as it would under a supervisor.
        for try in 1 2 3; do
            db_runs "$node" || start_db "$node"
            ! wait_db "$node" 180 || continue 2
        done
        fail "$node does not come up; see $CLUSTER/$node/log/db.log"
    done
}

# told NODE NAME=VALUE: a setting of its part in the cluster.
told() { in_db "$1" mariadb -e "SET GLOBAL wsrep_provider_options='$2'"; }

# ---- apps and front ------------------------------------------------------------------------------------------------

start_app() {
    local node=$1 HOST=127.0.0.1 PORT
    PORT=$(setting "PORT_${node^^}")
    (
        VAR="$CLUSTER/$node"
        export AENUM_VAR="$VAR"
        lay php.ini; lay fpm.conf; lay nginx-app.conf; lay nginx-headers.conf
        lay cluster/nginx-node.conf servers.conf; lay nginx.conf
        app_cached
        rm -f "$VAR/run/fpm.pid" "$VAR/run/nginx.pid" "$VAR/run/php.sock"
        setsid nohup scripts/run-program php scripts/php-workers \
            "$([ "$WHO" = root ] && echo -R || echo -O)" -g "$VAR/run/fpm.pid" \
            >>"$VAR/log/php.out" 2>&1 </dev/null &
        setsid nohup scripts/run-program web /usr/sbin/nginx -e "$VAR/log/nginx.log" -c "$VAR/run/nginx.conf" \
            >>"$VAR/log/nginx.out" 2>&1 </dev/null &
        setsid nohup scripts/run-program queue scripts/queue-worker \
            >>"$VAR/log/queue.out" 2>&1 </dev/null &
    )
}

start_front() {
    local name rule=()
    { printf 'HTTP/1.0 503 Service Unavailable\r\nCache-Control: no-store\r\nRetry-After: 5\r\n'
        printf 'Content-Type: text/html; charset=utf-8\r\n\r\n'
        # With nobody behind it, it brings its own looks.
        sed -e 's#run ./start on its machine#run ./cluster up on one of its machines#' \
            -e 's#<link rel="stylesheet" .*>#<style>body{font:1.15rem/1.4 system-ui,sans-serif;margin:15vh auto;#' \
            -e 's#15vh auto;$#&max-width:28rem;padding:0 1.5rem;background:\#e9edec;color:\#151d1c}</style>#' \
            public/away.html
    } >"$CLUSTER/run/away.http"
    for name in APP1 APP2 DB1 DB2 DB3; do rule+=(-e "s#@$name@#$(setting "PORT_$name")#g"); done
    sed -e "s#@ROOT@#$ROOT#g" -e "s#@VAR@#$CLUSTER#g" -e "s#@HOST@#127.0.0.1#" -e "s#@PORT@#$(setting AENUM_PORT)#" \
        -e "s#@DB_WRITE@#$(setting DB_WRITE)#" -e "s#@DB_READ@#$(setting DB_READ)#" "${rule[@]}" \
        ops/cluster/haproxy.cfg >"$CLUSTER/run/haproxy.cfg"
    rm -f "$CLUSTER/run/front.pid"
    setsid nohup scripts/run-program front haproxy -db -f "$CLUSTER/run/haproxy.cfg" \
        >>"$CLUSTER/log/front.log" 2>&1 </dev/null &
    front_pid
}

# haproxy in the foreground writes no file of its own: it is the one that has our settings.
front_pid() {
    local _
    for _ in $(seq 40); do
        pgrep -f "^haproxy -db -f $CLUSTER/run/haproxy.cfg" | head -1 >"$CLUSTER/run/front.pid" || true
        [ ! -s "$CLUSTER/run/front.pid" ] || return 0
        sleep 0.1
    done
    fail "the front does not start; see $CLUSTER/log/front.log"
}

nightly_up() {
    lay logrotate.conf
    if alive "$CLUSTER/run/nightly.pid"; then return; fi
    AENUM_VAR="$CLUSTER" setsid nohup scripts/run-program nightly scripts/nightly ./cluster backup \
        >>"$CLUSTER/log/nightly.log" 2>&1 </dev/null &
    sleep 0.2
    pgrep -f "^bash .*scripts/nightly ./cluster backup" | head -1 >"$CLUSTER/run/nightly.pid" || true
}

cluster_artisan() { at "${APP:-app1}" artisan "$@"; }

# Prepares the tables once for each set of migrations: a node that joins again finds them as they were.
tables_up() {
    local made="$CLUSTER/run/tables-made-from" from
    from=$(cat database/migrations/*.php | sha256sum)
    [ "$(cat "$made" 2>/dev/null)" != "$from" ] || return 0
    # One app node does it for all; the databases make a change of a table together. Each step says itself whether it
    # failed: the caller's || turns set -e off in here.
    cluster_artisan migrate --force || return 1
    [ "$(setting AENUM_DEMO)" != true ] || cluster_artisan demo:seed-if-empty || return 1
    printf '%s' "$from" >"$made"
}

cluster_up() {
    local node _
    cluster_settings
    front_runs || start_front
    databases_up
    for _ in $(seq 60); do db_answers_through_front && break; sleep 0.25; done
    tables_up >"$CLUSTER/log/migrate.log" 2>&1 || fail "could not prepare the database; see $CLUSTER/log/migrate.log"
    for node in "${APPS[@]}"; do app_runs "$node" || { kill_node "$node"; start_app "$node"; }; done
    for _ in $(seq 120); do is_ours "$(setting AENUM_PORT)" && break; sleep 0.25; done
    is_ours "$(setting AENUM_PORT)" || fail "the shop does not answer; see $CLUSTER/app1/log and $CLUSTER/log/front.log"
    nightly_up
    say "Aenum is at http://127.0.0.1:$(setting AENUM_PORT), on ${#DBS[@]} databases and ${#APPS[@]} app nodes"
    if [ "$(setting AENUM_DEMO)" = true ]; then cluster_artisan demo:sign-ins; else cluster_artisan shop:first-run; fi
}

db_answers_through_front() {
    mariadb --no-defaults -h 127.0.0.1 -P "$(setting DB_WRITE)" -u beat -e 'SELECT 1' >/dev/null 2>&1 \
        && mariadb --no-defaults -h 127.0.0.1 -P "$(setting DB_READ)" -u beat -e 'SELECT 1' >/dev/null 2>&1
}

# ---- going away ----------------------------------------------------------------------------------------------------

# end SIGNAL PIDFILE: the process it names.
end() {
    ! alive "$2" || kill "-$1" "$(cat "$2")" 2>/dev/null || true
}

end_node() {
    case $2 in
        db*) end "$1" "$CLUSTER/$2/run/db.pid" ;;
        app*)
            end "$1" "$CLUSTER/$2/run/fpm.pid"; end "$1" "$CLUSTER/$2/run/nginx.pid"
            holders "$CLUSTER/$2/run/programs/queue" | xargs -r kill "-$1" 2>/dev/null || true
            ;;
        front) end "$1" "$CLUSTER/run/front.pid" ;;
    esac
}

# kill_node NODE: kill -9 of all that it is, also of what lost its parent.
kill_node() {
    local program pids at="$CLUSTER/$1"
    [ "$1" != front ] || at=$CLUSTER
    for program in $(case $1 in db*) echo db ;; app*) echo php web queue ;; front) echo front ;; esac); do
        mapfile -t pids < <(holders "$at/run/programs/$program")
        [ ${#pids[@]} -eq 0 ] || kill -KILL "${pids[@]}" 2>/dev/null || true
    done
    rm -f "$at"/run/{db,fpm,nginx,front}.pid
}

stop_db() {
    local _
    end_node TERM "$1"
    for _ in $(seq 240); do db_runs "$1" || return 0; sleep 0.25; done
    kill_node "$1"
}

cluster_down() {
    local node
    end TERM "$CLUSTER/run/nightly.pid"; rm -f "$CLUSTER/run/nightly.pid"
    for node in front "${APPS[@]}"; do end_node TERM "$node"; done
    # The last to go has seen all, and begins again.
    for node in db3 db2 db1; do stop_db "$node"; done
}

# ---- looking, copying ----------------------------------------------------------------------------------------------

cluster_status() {
    local node size wrote
    for node in "${ALL_NODES[@]}"; do
        if ! runs "$node"; then printf '%-6s away\n' "$node"; continue; fi
        case $node in
            db*)
                size=$(in_db "$node" mariadb -N -e "SHOW STATUS LIKE 'wsrep_cluster_size'" 2>/dev/null | cut -f2 \
                    || true)
                printf '%-6s %s, sees %s of %s\n' "$node" \
                    "$(has_all "$node" && echo 'has all' || echo 'writes nothing')" "${size:-none}" "${#DBS[@]}" ;;
            *) printf '%-6s runs\n' "$node" ;;
        esac
    done
    wrote=$(writer || true)
    say "writes go to ${wrote:-nobody}; address http://127.0.0.1:$(setting AENUM_PORT); kept in $CLUSTER"
}

# Which database takes the writes: the one the front would go to now.
writer() {
    mariadb --no-defaults --connect-timeout=2 -h 127.0.0.1 -P "$(setting DB_WRITE)" -u beat -N \
        -e 'SELECT @@wsrep_node_name' 2>/dev/null
}

# A database that takes no writes is written out, and the photos are taken out of it, so that one file of one kind is
# what any install is restored from.
cluster_backup() {
    local node from='' work
    for node in db3 db2 db1; do [ -n "$from" ] || ! has_all "$node" || from=$node; done
    [ -n "$from" ] || fail 'no database has all there is; ./cluster status'
    work="$CLUSTER/$from/files/aenum"
    rm -rf "$work"
    mkdir -p "$work"
    cluster_artisan files:copy-out "$work" >/dev/null
    AENUM_VAR="$CLUSTER/$from" AENUM_WITHOUT='cache cache_locks stored_files' ./backup "$CLUSTER/backups"
    rm -rf "$work"
}

# The app nodes are away while it runs; photos go from the file into the database, where all nodes have them.
cluster_restore() {
    local node to='' files
    for node in "${DBS[@]}"; do [ -n "$to" ] || ! has_all "$node" || to=$node; done
    [ -n "$to" ] || fail 'no database has all there is; ./cluster status'
    say "What stood here is kept in $(cluster_backup | tail -1)"
    for node in "${APPS[@]}"; do kill_node "$node"; done
    files="$CLUSTER/$to/files/aenum"
    AENUM_VAR="$CLUSTER/$to" ./restore "$1" --over
    cluster_artisan files:take-in "$files" >/dev/null
    # It may be of an earlier release.
    rm -rf "$files" "$CLUSTER/run/tables-made-from"
    cluster_up >/dev/null
}
