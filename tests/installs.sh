# Installs of the tests' own: one demo shop is made once and copied. Sourced after scripts/lib.sh.
# shellcheck shell=bash

TEMPLATE="$ROOT/var/test-template"

# template: a demo shop as ./start makes it, stopped; made again where code or seeders changed since.
template() {
    local version
    version=$(find app core config database composer.pins start scripts ops -type f -print0 | sort -z \
        | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    (
        flock 8
        [ "$(cat "$TEMPLATE/made-from" 2>/dev/null)" != "$version" ] || exit 0
        remove_install "$TEMPLATE"
        AENUM_VAR="$TEMPLATE" AENUM_DURABLE=0 AENUM_PORT=$(free_port 8471) ./start >/dev/null || exit 1
        # A plan is searched for less long than in a shop.
        echo AENUM_DAY_SECONDS=0.5 >>"$TEMPLATE/.env"
        AENUM_VAR="$TEMPLATE" ./start --stop >/dev/null
        printf '%s' "$version" >"$TEMPLATE/made-from"
    ) 8>"$ROOT/var/test-template.lock" || fail "the demo shop of the tests could not be made; see $TEMPLATE/log"
}

# copy_of_template DIR PORT: an install of its own with the demo shop in it, not started; on a free port from PORT up.
copy_of_template() {
    template
    remove_install "$1"
    mkdir "$1"
    chown --reference="$TEMPLATE" "$1"
    fill_from_template "$1" "$2"
}

# fill_from_template DIR PORT: the same into a folder that is there.
fill_from_template() {
    cp -a "$TEMPLATE/." "$1/"
    # What has the place, the ports or the name of the other in it.
    rm -rf "$1"/run/* "$1"/storage/cache/* "$1"/db/changes.* "$1/db.sock" "$1/made-from"
    set_up "$1" -e '/^AENUM_INSTANCE=/d' -e "s/^AENUM_PORT=.*/AENUM_PORT=$(free_port "$2")/" \
        -e "s/^DB_PORT=.*/DB_PORT=$(free_port $(($2 + 25000)))/"
}

# set_up DIR SED...: changes an install's settings, which stay its own user's.
set_up() {
    sed -i "${@:2}" "$1/.env"
    chown --reference="$1" "$1/.env"
}

# turn_back DIR: the clock of a started copy to where the template's stood when it was made.
turn_back() {
    local age=$(($(date +%s) - $(stat -c %Y "$TEMPLATE/made-from")))
    into "$1" aenum -e "UPDATE shops SET clock_ahead_s = clock_ahead_s - $age"
}

port_of() { sed -n 's/^AENUM_PORT=//p' "$1/.env"; }

# into DIR [ARGS...]: the database of an install, as its root.
into() {
    MYSQL_PWD=$(sed -n 's/^AENUM_DB_ROOT=//p' "$1/.env") mariadb --no-defaults --socket="$1/db.sock" -u root -N "${@:2}"
}

remove_install() {
    [ ! -d "$1" ] || AENUM_VAR="$1" ./start --stop >/dev/null 2>&1 || true
    rm -rf "$1"
}
