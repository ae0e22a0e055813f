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
    local policy=/usr/sbin/policy-rc.d made= bundle=/etc/ssl/certs/ca-certificates.crt trusted=
    # A machine may trust authorities that stand in its bundle only; the package of authorities, where it comes along for
    # the first time, writes that bundle anew without them, and nothing more could be fetched.
    if [ -s $bundle ] && ! dpkg -s ca-certificates >/dev/null 2>&1; then trusted=$(mktemp) && cp $bundle "$trusted"; fi
    if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' >$policy && chmod +x $policy && made=1; fi
    if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >/tmp/ulvrach-apt.log 2>&1; then
        [ -n "$made" ] && rm -f $policy
        tail -5 /tmp/ulvrach-apt.log >&2
        fail "Debian's packages could not be installed (${missing[*]}); the lines above say why."
    fi
    [ -n "$made" ] && rm -f $policy
    [ -n "$trusted" ] && { cmp -s "$trusted" $bundle || cat "$trusted" >>$bundle; rm -f "$trusted"; }
    return 0
}

has_php() { printf "php -r 'exit(extension_loaded(\"%s\") ? 0 : 1);'" "$1"; }

# What serves the application, as pairs for need_packages.
SERVER_PACKAGES=('command -v php-fpm8.2 || ls /usr/sbin/php-fpm8.2' php8.2-fpm 'command -v nginx || ls /usr/sbin/nginx' nginx-light)

need_tools() {
    need_packages \
        'command -v php' php8.2-cli \
        "$(has_php mbstring)" php8.2-mbstring "$(has_php dom)" php8.2-xml "$(has_php intl)" php8.2-intl \
        "$(has_php pdo_pgsql)" php8.2-pgsql "$(has_php curl)" php8.2-curl "$(has_php bcmath)" php8.2-bcmath "$(has_php zip)" php8.2-zip \
        "$(has_php gd)" php8.2-gd "$(has_php apcu)" php8.2-apcu \
        'command -v composer' composer 'command -v unzip' unzip 'command -v npm' npm \
        'ls /usr/lib/postgresql/*/bin/initdb' postgresql "$@"
    need_node
}

# The front end is built with Node.js 20 or newer; Debian 12 has 18. Where the one at hand is too old or missing, one is
# installed for this project alone, from npm packages that hold the plain binary, and used for everything.
NODE_VERSION=22.23.3
own_node() { printf '%s/.tools/node_modules/node-linux-%s/bin' "$root" "$1"; }

node_is_new_enough() { node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)' 2>/dev/null; }

need_node() {
    node_is_new_enough && return
    local machine
    case $(uname -m) in
        x86_64) machine=x64 ;;
        aarch64) machine=arm64 ;;
        *) fail "The front end needs Node.js 20 or newer, and there is none to be had for $(uname -m): install it by hand." ;;
    esac
    if [ ! -x "$(own_node $machine)/node" ]; then
        say "Installing Node.js $NODE_VERSION for this project alone"
        # Without rights to install Debian's npm there is no way to get one.
        command -v npm >/dev/null || fail "The front end needs Node.js 20 or newer. Ask an administrator to run: apt-get install npm"
        mkdir -p .tools && npm install --prefix .tools --no-save --no-audit --no-fund --loglevel=error "node-linux-$machine@$NODE_VERSION" \
            || fail "Node.js could not be installed; npm says why above."
    fi
    PATH=$(own_node $machine):$PATH && export PATH
    node_is_new_enough || fail "The Node.js that was installed in .tools does not run here: $(node --version 2>&1 | tail -1)"
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

# Settings of this place, made at the first start. The framework complains of a place without them.
need_settings() { [ -f .env ] || (umask 077 && cp .env.example .env) || fail "The settings could not be written to .env."; }

# When a process was born, in ticks since boot: with it, an id that was given to another process since is told apart.
born_at() { sed 's/^.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20; }

# Whether the process that a line "id birth" of a pid file speaks of is still there.
still_runs() { [ -n "${1:-}" ] && [ -n "${2:-}" ] && [ "$(born_at "$1")" = "$2" ]; }

# Keeps the id of a process in a file, so that it can be ended later, and nothing else in its place.
remember() { printf '%s %s\n' "$1" "$(born_at "$1")" >>"$2"; }

# Runs a command in the background as the head of a process group of its own, which can be ended as a whole: web servers
# leave workers behind when they are killed. Its id is in $!.
in_own_group() {
    set -m
    "$@" &
    set +m
}

# Ends a process group: gently with the signal $2, by force where that takes more than five seconds.
end_group() {
    kill -"$2" -- -"$1" 2>/dev/null || return 0
    for _ in $(seq 50); do kill -0 -- -"$1" 2>/dev/null || return 0; sleep 0.1; done
    kill -KILL -- -"$1" 2>/dev/null
    return 0
}

# Ends what a start that was killed has left running. Usage: end_left_overs DIRECTORY
end_left_overs() {
    local id birth
    [ -f "$1/children" ] || return 0
    while read -r id birth; do
        # The head of a group may be gone while its workers live on; a group keeps its number until the last has ended.
        if still_runs "$id" "$birth" || { [ ! -e "/proc/$id" ] && kill -0 -- -"$id" 2>/dev/null; }; then end_group "$id" TERM; fi
    done <"$1/children"
    rm -f "$1/children"
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

# Where the settings of this place are.
env_file=${ULVRACH_ENV:-.env}

# The settings without what nobody else may know.
without_secrets() { grep -E '^[A-Z][A-Z0-9_]*=' "$1" | grep -vE '^[A-Z0-9_]*(KEY|PASSWORD|SECRET|TOKEN)[A-Z0-9_]*='; }

# What a backup holds (lines "accounts 3") as a reader says it: "3 accounts, 5 builds".
in_words() { paste -sd, "$1" | sed 's/\([a-z]*\) \([0-9]*\)/\2 \1/g; s/,/, /g'; }

# Reaches the database in $1, whether Ulvrach runs or not; one that had to be started is told by `started`.
open_database() {
    db_port=$(cat "$1/db-port" 2>/dev/null || free_port 54400 54999)
    if [ -f "$1/postgres/PG_VERSION" ] && ! port_is_free "$db_port"; then
        PGPASSWORD=$(cat "$1/password") && export PGPASSWORD
        psql -h 127.0.0.1 -p "$db_port" -U ulvrach -d ulvrach -Atc 'SELECT 1' >/dev/null 2>&1 && return
        db_port=$(free_port 54400 54999)
    fi
    started=1
    start_database "$1" "$db_port"
    printf '%s' "$db_port" >"$1/db-port"
}

stop_database() {
    local data=$1/postgres bin
    [ -f "$data/postmaster.pid" ] || return 0
    bin=$(dirname "$(find /usr/lib/postgresql -path '*/bin/initdb' | sort -V | tail -1)")
    as_postgres "$bin/pg_ctl" -D "$data" -s -m fast -w stop
}

# Names of environment variables that move the framework's caches; a server for tests keeps its own beside its database.
CACHE_VARIABLES=(APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE)

# One pool of PHP processes. Usage: fpm_pool NAME PROCESSES NICENESS SECONDS, the last being processor time a request.
fpm_pool() {
    cat <<CONF
[$1]
$(am_root && printf 'user = %s\ngroup = %s\nlisten.owner = %s\n' "$web_user" "$web_group" "$web_user")
$(printf '%s\n' "${caches[@]}")
listen = $run/$1.sock
listen.backlog = 512
process.priority = $3
pm = static
pm.max_children = $2
pm.max_requests = 5000
catch_workers_output = yes
decorate_workers_output = no
request_terminate_timeout = 120s
php_admin_value[max_execution_time] = $4
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.validate_timestamps] = 0
php_admin_value[post_max_size] = 26M
php_admin_value[memory_limit] = 256M
php_admin_value[expose_php] = 0
CONF
}

# Starts PHP-FPM and nginx with their files in $1, on port $2, and adds their process ids to the array `children`.
# Returns 1, with the servers' last words, if one of them does not come up.
serve() {
    local run=$1 port=$2 web_user web_group cache caches=() variable
    web_user=$(id -un) web_group=$(id -gn)
    cache=$(dirname "${APP_CONFIG_CACHE:-$root/bootstrap/cache/config.php}")
    if am_root; then
        # Behind the web server PHP runs without rights wherever it can read the checkout.
        if runuser -u www-data -- test -r "$root/public/index.php"; then
            web_user=www-data web_group=www-data
            # Some archives unpack files that only their owner may read.
            chmod -R a+rX vendor public/build
            chgrp www-data "$cache"/*.php && chmod 640 "$cache"/*.php
        else
            say "Only root can read $root, so the web server runs as root too. A checkout elsewhere avoids that."
        fi
    fi
    for variable in "${CACHE_VARIABLES[@]}"; do
        [ -n "${!variable:-}" ] && caches+=("env[$variable] = ${!variable}")
    done
    # Headers of what nginx sends by itself; the application sets its own.
    local safe='add_header X-Content-Type-Options nosniff always; add_header Referrer-Policy same-origin always; add_header X-Frame-Options DENY always;'
    mkdir -p "$run/nginx"; am_root && chown "$web_user" "$run/nginx"
    {
        printf '[global]\nerror_log = %s\ndaemonize = no\n' "$run/php.log"
        # What is long to work out has processes of its own, which give way to all others.
        fpm_pool plain 4 0 10
        fpm_pool heavy 2 "${HEAVY_NICENESS:-10}" 40
    } >"$run/fpm.conf"
    cat >"$run/nginx.conf" <<CONF
$(am_root && printf 'user %s %s;' "$web_user" "$web_group")
daemon off;
pid $run/nginx.pid;
error_log $run/nginx.log warn;
worker_processes 1;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    types { font/woff2 woff2; }
    access_log off;
    server_tokens off;
    # Nothing larger is read, so that it costs nothing either. Photographs alone may be larger, see below.
    client_max_body_size 2m; client_body_buffer_size 64k;
    client_body_temp_path $run/nginx/body; proxy_temp_path $run/nginx/proxy; fastcgi_temp_path $run/nginx/fastcgi;
    uwsgi_temp_path $run/nginx/uwsgi; scgi_temp_path $run/nginx/scgi;
    fastcgi_buffers 16 16k; fastcgi_buffer_size 32k;
    # Answers stay as they are: packing them takes longer than sending them to the same machine.
    gzip on; gzip_min_length 800; gzip_types text/css application/javascript image/svg+xml;
    # Which of the two pools of PHP processes answers; middleware counts what the heavy ones cost.
    map "\$request_method \$request_uri" \$pool {
        default plain;
        "~^POST /api/builds\$" heavy;
        "~^POST /api/mixes/(closest|tones)" heavy;
        "~^POST /api/(mixes|builds)/[0-9a-f-]+/photos" heavy;
        "~^POST /api/builds/[0-9a-f-]+/(draft|rescue|spread/look|areas)" heavy;
        "~^GET /api/builds/[0-9a-f-]+/(repair|shedding)" heavy;
        "~^(GET|POST) /api/builds/[0-9a-f-]+/steps/[a-z0-9-]+/(jars|panel-mixes)" heavy;
        "~^GET /api/vehicles/[a-z-]+/plates" heavy;
    }
    server {
        listen 127.0.0.1:$port;
        root $root/public;
        error_page 413 = @too_large;
        # An address that cannot be read leads to no place with a name, but to one with an address.
        error_page 400 414 494 /.unreadable;
        location = /.unreadable { internal; $safe default_type application/json; return 400 '{"message":"The address of this request is no readable text."}'; }
        location @too_large { $safe default_type application/json; return 413 '{"message":"This is larger than any plan: at most 2 MB are read."}'; }
        location @too_large_a_photo { $safe default_type application/json; return 413 '{"message":"A photograph has at most 25 MB."}'; }
        location @too_large_an_archive { $safe default_type application/json; return 413 '{"message":"An archive of more than 25 MB is taken in by whoever runs this Ulvrach: php artisan ulvrach:take-in."}'; }
        location /build/ { expires 1y; $safe add_header Cache-Control immutable; try_files \$uri =404; }
        location ~ ^/api/(mixes|builds)/[0-9a-f-]+/photos\$ {
            client_max_body_size 26m; error_page 413 = @too_large_a_photo;
            # Passed on from here: the place that another request is sent on to has a limit of its own.
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param SCRIPT_FILENAME $root/public/index.php;
            fastcgi_pass unix:$run/heavy.sock;
        }
        # All that somebody keeps, on its way here or there.
        location = /api/archive {
            client_max_body_size 26m; error_page 413 = @too_large_an_archive;
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param SCRIPT_FILENAME $root/public/index.php;
            fastcgi_pass unix:$run/heavy.sock;
        }
        location / { $safe try_files \$uri /index.php?\$query_string; }
        location = /index.php {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME $root/public/index.php;
            fastcgi_pass unix:$run/\$pool.sock;
        }
        location ~ \.php\$ { return 404; }
    }
}
CONF
    local flags=(-F -y "$run/fpm.conf" "${SERVING[@]}"); [ "$web_user" = root ] && flags+=(-R)
    PATH=$PATH:/usr/sbin in_own_group php-fpm8.2 "${flags[@]}" >"$run/fpm.out" 2>&1
    children+=($!); remember $! "$run/children"
    for _ in $(seq 100); do [ -S "$run/heavy.sock" ] && break; sleep 0.05; done
    [ -S "$run/heavy.sock" ] || { tail -3 "$run/fpm.out" "$run/php.log" >&2; say "PHP does not come up; its last words are above." >&2; return 1; }
    start_worker "$web_user" "$run"
    PATH=$PATH:/usr/sbin in_own_group nginx -c "$run/nginx.conf" -e "$run/nginx.log" >"$run/nginx.out" 2>&1
    children+=($!); remember $! "$run/children"
    for _ in $(seq 100); do port_is_free "$port" || return 0; sleep 0.05; done
    tail -3 "$run/nginx.log" >&2
    say "The web server does not come up; its last words are above." >&2
    return 1
}

# Compiled to machine code, a search makes two and a half times as many moves a second, and a check takes four fifths of
# the time. What the processes of the web server remember together: colours, and what is said of plans that stay.
# The compiler's tables are made for programs a tenth as large: once they are full, what is asked for later stays slow.
COMPILED=(-d opcache.jit=tracing -d opcache.jit_buffer_size=128M -d opcache.jit_max_root_traces=16384)
COMPILED+=(-d opcache.jit_max_side_traces=16384 -d opcache.jit_max_exit_counters=131072)
SERVING=("${COMPILED[@]}" -d apc.shm_size=128M)
CRUNCHING=("${COMPILED[@]}" -d opcache.enable_cli=1)

# Starts the worker that does what takes longer than a request, as user $1, and starts it again should it end.
start_worker() { in_own_group keep_working "$@"; worker=$!; remember $worker "$2/children"; }

keep_working() {
    local as=(); [ "$1" = "$(id -un)" ] || as=(setpriv --reuid "$1" --regid "$1" --init-groups)
    while :; do
        "${as[@]}" php "${CRUNCHING[@]}" artisan queue:work --quiet --sleep=0.3 --tries=1 --timeout=60 >>"$2/worker.log" 2>&1
        sleep 1
    done
}

# Starts a stand-in for the thermo-hygrometer at the bench, which writes its readings to $1.
start_thermometer() { in_own_group bin/thermometer "$1"; thermometer=$!; remember $thermometer "$(dirname "$1")/children"; }

# Ends what serve() and start_thermometer() started, each by its id.
stop_serving() {
    local child
    for child in ${thermometer:-} ${worker:-}; do end_group "$child" TERM; done
    thermometer='' worker=''
    for child in "${children[@]}"; do end_group "$child" QUIT; done
    children=()
    rm -f "$run/children"
}

# A database and a server of their own, for tests and measurements: all files in the new directory $run, nothing
# shared with an Ulvrach that is in use. Sets run, db_port and, after serve_apart, web_port.
begin_apart() {
    run=$(mktemp -d /tmp/ulvrach-XXXXXX) && chmod 711 "$run" || fail "No directory can be made in /tmp."
    children=()
    trap 'stop_serving; stop_database "$run"; rm -rf "$run"' EXIT
    trap 'exit 130' INT TERM
    mkdir -p "$run/cache"
    local variable
    for variable in "${CACHE_VARIABLES[@]}"; do export "$variable=$run/cache/$variable.php"; done
    db_port=$(free_port 55000 55999)
    # What is in this database need not outlive a power cut.
    start_database "$run" "$db_port" '-c fsync=off -c synchronous_commit=off'
    export DB_PORT=$db_port DB_PASSWORD=$PGPASSWORD
}

serve_apart() {
    web_port=$(free_port 18000 18999)
    export APP_ENV=production APP_DEBUG=false APP_URL="http://127.0.0.1:$web_port" ULVRACH_DEMO=true DB_DATABASE=ulvrach
    APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" && export APP_KEY
    export ULVRACH_THERMOMETER=$run/thermometer.json
    start_thermometer "$ULVRACH_THERMOMETER"
    php artisan migrate --force --quiet && php artisan ulvrach:demo >/dev/null && php artisan optimize --quiet && serve "$run" "$web_port"
}
