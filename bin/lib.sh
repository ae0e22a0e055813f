# Shared by bin/start, bin/stop, bin/test and bin/bench. Sourced, not run.
# shellcheck shell=bash

cd "$(dirname "${BASH_SOURCE[0]}")/.." || exit 1
root=$PWD
export COMPOSER_ALLOW_SUPERUSER=1

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }
am_root() { [ "$(id -u)" -eq 0 ]; }

# Where a running Ulvrach keeps its database and sockets. PostgreSQL will not run as root, and the unprivileged user it
# then runs as must be able to reach the directory, which it cannot below /root.
run_directory() {
    if [ -n "${ULVRACH_RUN:-}" ]; then printf '%s' "$ULVRACH_RUN"
    elif am_root; then printf '/var/lib/ulvrach/%s' "$(printf '%s' "$root" | md5sum | cut -c1-12)"
    else printf '%s/.run' "$root"; fi
}

as_postgres() { if am_root; then (cd / && exec runuser -u postgres -- "$@"); else "$@"; fi; }

# Installs Debian packages that provide what is missing. Arguments: pairs of a test command and a package.
need_packages() {
    local missing=()
    while [ $# -gt 0 ]; do
        eval "$1" >/dev/null 2>&1 || missing+=("$2")
        shift 2
    done
    [ ${#missing[@]} -eq 0 ] && return
    am_root || fail "These Debian packages are missing: ${missing[*]}. Ask an administrator to run: apt-get install ${missing[*]}"
    say "Installing from Debian: ${missing[*]}"
    # The packages would start services of their own on the usual ports; only ours shall run.
    local policy=/usr/sbin/policy-rc.d made=
    if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' >$policy && chmod +x $policy && made=1; fi
    if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >/tmp/ulvrach-apt.log 2>&1; then
        [ -n "$made" ] && rm -f $policy
        tail -5 /tmp/ulvrach-apt.log >&2
        fail "Debian's packages could not be installed (${missing[*]}); the lines above say why."
    fi
    [ -n "$made" ] && rm -f $policy
    return 0
}

has_php() { printf "php -r 'exit(extension_loaded(\"%s\") ? 0 : 1);'" "$1"; }

need_tools() {
    need_packages \
        'command -v php' php8.2-cli \
        "$(has_php mbstring)" php8.2-mbstring "$(has_php dom)" php8.2-xml "$(has_php intl)" php8.2-intl \
        "$(has_php pdo_pgsql)" php8.2-pgsql "$(has_php curl)" php8.2-curl "$(has_php bcmath)" php8.2-bcmath "$(has_php zip)" php8.2-zip \
        'command -v composer' composer 'command -v unzip' unzip 'command -v node' nodejs 'command -v npm' npm \
        'ls /usr/lib/postgresql/*/bin/initdb' postgresql "$@"
    node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)' \
        || fail "Node.js $(node --version) is too old: the front end needs version 20 or newer."
}

# PHP and JavaScript libraries, again only when their lists have changed.
need_libraries() {
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ]; then
        say "Installing the PHP libraries"
        composer install --no-interaction --quiet || fail "The PHP libraries could not be installed; composer says why above."
        touch vendor/autoload.php
    fi
    if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
        say "Installing the JavaScript libraries"
        npm ci --no-audit --no-fund --loglevel=error || fail "The JavaScript libraries could not be installed; npm says why above."
        touch node_modules/.package-lock.json
    fi
}

# The front end, again only when something it is made from has changed.
need_front_end() {
    local built=public/build/manifest.json
    if [ ! -f $built ] || [ -n "$(find resources vite.config.ts package-lock.json -newer $built -print -quit)" ]; then
        say "Building the front end"
        npx vite build --logLevel warn || fail "The front end could not be built; Vite says why above."
        touch $built
    fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port
    for port in $(shuf -i "$1-$2" -n 40); do
        port_is_free "$port" && { printf '%s' "$port"; return; }
    done
    fail "No free port between $1 and $2."
}

# Starts a PostgreSQL of our own in $1 on port $2 and makes the database. Password in $1/password.
start_database() {
    local home=$1 port=$2 bin data=$1/postgres
    bin=$(dirname "$(find /usr/lib/postgresql -path '*/bin/initdb' | sort -V | tail -1)")
    if [ ! -f "$data/PG_VERSION" ]; then
        mkdir -p "$data"
        (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$home/password")
        am_root && chown postgres "$data" "$home/password"
        as_postgres "$bin/initdb" -D "$data" -U ulvrach -A scram-sha-256 --pwfile="$home/password" -E UTF8 --locale=C.UTF-8 \
            >"$home/initdb.log" 2>&1 || { tail -3 "$home/initdb.log" >&2; fail "The database could not be made in $data."; }
    fi
    as_postgres "$bin/pg_ctl" -D "$data" -s -w -t 30 -l "$data/server.log" \
        -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${3:-}" start \
        || { tail -3 "$data/server.log" >&2; fail "The database does not come up; its last words are above (all of them in $data/server.log)."; }
    PGPASSWORD=$(cat "$home/password") && export PGPASSWORD
    psql -h 127.0.0.1 -p "$port" -U ulvrach -d postgres -Atc "SELECT 1 FROM pg_database WHERE datname = 'ulvrach'" | grep -q 1 \
        || createdb -h 127.0.0.1 -p "$port" -U ulvrach ulvrach || fail "The database does not accept our connection."
}

stop_database() {
    local data=$1/postgres bin
    [ -f "$data/postmaster.pid" ] || return 0
    bin=$(dirname "$(find /usr/lib/postgresql -path '*/bin/initdb' | sort -V | tail -1)")
    as_postgres "$bin/pg_ctl" -D "$data" -s -m fast -w stop
}
