# Shared by the sub-commands: what a machine needs, a database of our own, a web server of our own.

step() { printf '· %s\n' "$*"; }
fail() { printf 'imbrex: %s\n' "$*" >&2; exit 1; }

packages=(php8.2-cli php8.2-mysql php8.2-curl php8.2-gd php8.2-zip php8.2-intl php8.2-mbstring php8.2-xml mariadb-server procps)
browser_packages=(chromium-headless-shell chromium-driver)

# Installs Debian packages that are missing; says which, and why it cannot where it cannot.
need_packages() {
    local missing=() name
    for name in "$@"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'install ok installed' || missing+=("$name")
    done
    [ ${#missing[@]} -eq 0 ] && return
    step "installing ${missing[*]}"
    local sudo=""
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || fail "these packages are missing and only root can install them: ${missing[*]}"
        sudo="sudo"
    fi
    mkdir -p var
    { $sudo apt-get update -q && $sudo env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${missing[@]}"; } >var/apt.log 2>&1 \
        || { tail -n 15 var/apt.log >&2; fail "apt-get could not install ${missing[*]} (whole log: var/apt.log)"; }
}

# Runs a command whose inputs have changed since it last succeeded. $1 = stamp, $2 = what it depends on, rest = command
once_for() {
    local stamp="var/stamps/$1" inputs="$2" sum
    shift 2
    mkdir -p var/stamps
    # shellcheck disable=SC2086
    sum="$({ find $inputs -type f -not -path "*/resources/js/contracts/*" -print0 2>/dev/null || true; } | sort -z | xargs -0 -r sha256sum | sha256sum)"
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return
    "$@"
    printf '%s' "$sum" >"$stamp"
}

composer_install() {
    command -v composer >/dev/null || need_packages composer
    step "installing PHP packages"
    composer update --no-interaction --no-progress --no-scripts --quiet >var/composer.log 2>&1 \
        || { tail -n 15 var/composer.log >&2; fail "composer could not install the PHP packages (whole log: var/composer.log)"; }
}

npm_install() {
    step "installing front-end packages"
    npm ci --no-audit --no-fund --loglevel=error >var/npm.log 2>&1 \
        || { tail -n 15 var/npm.log >&2; fail "npm could not install the front-end packages (whole log: var/npm.log)"; }
}

front_end_build() {
    step "building the front end"
    npm run --silent build >var/build.log 2>&1 || { tail -n 30 var/build.log >&2; fail "the front end does not build (whole log: var/build.log)"; }
}

need_php_packages() {
    [ -d vendor ] || rm -f var/stamps/composer
    once_for composer "composer.json compat" composer_install
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs
}

need_node_packages() {
    [ -d node_modules ] || rm -f var/stamps/npm
    command -v npm >/dev/null || need_packages nodejs npm
    once_for npm "package.json package-lock.json" npm_install
}

need_front_end() {
    [ -f public/build/manifest.json ] || rm -f var/stamps/build
    # The types of the screens are made from what the stations say beside their writers.
    php -r 'require "vendor/autoload.php"; echo json_encode(App\Contracts\PlanContract::schema());' >var/plan-contract.json
    once_for build "package.json package-lock.json vite.config.ts tsconfig.json resources/js resources/contracts.mjs resources/notices.mjs resources/pack.mjs lang contracts var/plan-contract.json" front_end_build
}

# What is kept does not outlive the code that made it: its hash is worked out once, not at each request. While code is changed under way it is left out.
know_programme() {
    rm -f bootstrap/cache/programme
    [ "${dev:-no}" = yes ] && return
    php -r 'require "vendor/autoload.php"; echo App\Plans\Programme::read(App\Plans\Programme::MADE_BY);' >bootstrap/cache/programme.new
    mv bootstrap/cache/programme.new bootstrap/cache/programme
}

# For commands that must be quick and quiet.
quietly_ready_php() {
    [ -f vendor/autoload.php ] || { need_packages "${packages[@]}" >&2; mkdir -p var; need_php_packages >&2; }
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs
}

opcode_folder() { mkdir -p var/opcodes; printf '%s' "$root/var/opcodes"; }
plain_env() { printf 'APP_ENV=local APP_KEY=%s CACHE_STORE=array LOG_CHANNEL=null' "base64:$(printf 'imbrex-plain-key-imbrex-plain-ke' | base64)"; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Held from the choice of a port until somebody listens there: two that start together do not choose one.
ports_lock="${TMPDIR:-/tmp}/imbrex-ports.$(id -u)"
hold_ports() {
    local tries=0 holder
    until mkdir "$ports_lock" 2>/dev/null; do
        holder="$(cat "$ports_lock/pid" 2>/dev/null || true)"
        tries=$((tries + 1))
        # One that was killed holds nothing any more.
        if { [ -n "$holder" ] && ! kill -0 "$holder" 2>/dev/null; } || [ "$tries" -gt 600 ]; then rm -rf "$ports_lock"; fi
        sleep 0.1
    done
    printf '%s' "$$" >"$ports_lock/pid"
}
release_ports() { [ "$(cat "$ports_lock/pid" 2>/dev/null || true)" != "$$" ] || rm -rf "$ports_lock"; }

# The first free port from $1 on; says so when the wanted one is taken.
free_port() {
    local port="$1"
    until port_is_free "$port"; do
        port=$((port + 1))
        [ "$port" -lt $(($1 + 200)) ] || fail "no free port from $1 on"
    done
    [ "$port" = "$1" ] || printf '· port %s is taken, using %s\n' "$1" "$port" >&2
    printf '%s' "$port"
}

started=()
stop_all() {
    local pid i
    release_ports
    for ((i = ${#started[@]} - 1; i >= 0; i--)); do
        pid="${started[$i]}"
        pkill -TERM -P "$pid" 2>/dev/null || true
        kill -TERM "$pid" 2>/dev/null || true
    done
    for pid in "${started[@]}"; do
        wait "$pid" 2>/dev/null || true
    done
    started=()
}

# A MariaDB of our own on loopback. $1 = folder, $2 = wanted port (under 32768: above it any connection may stand on it), rest = more options. Sets DB_PORT.
start_database() {
    local folder="$root/$1" port other
    other="$(cat "$root/$1/db.pid" 2>/dev/null || true)"
    if [ -n "$other" ] && kill -0 "$other" 2>/dev/null && grep -q mariadbd "/proc/$other/cmdline" 2>/dev/null; then
        fail "the database in $1 is in use already (process $other): stop the command that runs it first"
    fi
    hold_ports
    port="$(free_port "$2")"
    shift 2
    mkdir -p "$folder"
    if [ ! -d "$folder/data/mysql" ]; then
        step "making a database in ${folder#"$root"/}"
        rm -rf "$folder/data"
        mysql_install_db --no-defaults --user="$(id -un)" --datadir="$folder/data" --auth-root-authentication-method=normal --skip-test-db >"$folder/install.log" 2>&1 \
            || { tail -n 10 "$folder/install.log" >&2; fail "the database could not be made"; }
    fi
    run_database "${folder#"$root"/}" "$port" "$@"
    release_ports
    mariadb --no-defaults --socket="$db_socket" --user=root -e "CREATE DATABASE IF NOT EXISTS imbrex; CREATE USER IF NOT EXISTS 'imbrex'@'127.0.0.1' IDENTIFIED BY 'imbrex'; GRANT ALL ON \`imbrex%\`.* TO 'imbrex'@'127.0.0.1';"
    export DB_HOST=127.0.0.1 DB_PORT="$port" DB_DATABASE=imbrex DB_USERNAME=imbrex DB_PASSWORD=imbrex
}

# Runs a database that is made already. $1 = folder, $2 = port, rest = more options. Sets database to its process and
# db_socket to where it listens besides.
run_database() {
    local folder="$root/$1" port="$2" tries=0
    shift 2
    # A socket's path may have some 100 characters at most, so it does not live beside the data.
    db_socket="$(mktemp -d)/db.sock"
    mariadbd --no-defaults --user="$(id -un)" --datadir="$folder/data" --socket="$db_socket" --port="$port" --bind-address=127.0.0.1 \
        --pid-file="$folder/db.pid" --skip-log-bin --innodb-buffer-pool-size=64M --innodb-flush-log-at-trx-commit=2 "$@" >"$folder/db.log" 2>&1 &
    database=$!
    started+=("$database")
    until mariadb-admin --no-defaults --socket="$db_socket" --user=root ping >/dev/null 2>&1; do
        tries=$((tries + 1))
        if [ "$tries" -ge 150 ] || ! kill -0 "$database" 2>/dev/null; then
            tail -n 10 "$folder/db.log" >&2
            fail "the database did not start (is another one using ${folder#"$root"/}? whole log: ${folder#"$root"/}/db.log)"
        fi
        sleep 0.2
    done
}

# A key that stays the same between starts, so that sessions do.
app_key() {
    local file="$root/$1/app-key"
    mkdir -p "$root/$1"
    [ -f "$file" ] || printf 'base64:%s' "$(head -c 32 /dev/urandom | base64)" >"$file"
    cat "$file"
}

# Compiling whole functions takes a fifth off a plan; the cache of opcodes on disk would undo that. Following traces
# instead takes a third, but now and then comes to another plan (CompiledPlanTest).
jit=(-d opcache.jit=function -d opcache.jit_buffer_size=128M)

# Sets APP_URL, and web to its process. $1 = wanted port, $2 = log file, rest = more options for PHP
start_web() {
    local port
    hold_ports
    port="$(free_port "$1")"
    shift
    run_web "$port" "$@"
    release_ports
}

# $1 = port, $2 = log file, rest = more options for PHP
run_web() {
    local port="$1" log="$2" tries=0
    shift 2
    export APP_URL="http://127.0.0.1:$port" PHP_CLI_SERVER_WORKERS=4
    know_programme
    php -d opcache.enable=1 "${jit[@]}" -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=1 -d variables_order=EGPCS -d expose_php=0 \
        -d memory_limit=256M -d upload_max_filesize=5M -d post_max_size=6M "$@" \
        -S "127.0.0.1:$port" -t public bin/lib/router.php >>"$log" 2>&1 &
    web=$!
    started+=("$web")
    until ! port_is_free "$port"; do
        tries=$((tries + 1))
        [ "$tries" -lt 100 ] || { tail -n 10 "$log" >&2; fail "the web server did not start"; }
        sleep 0.1
    done
}

# Makes what takes long, after everything else; begun anew when it ends. $1 = log file
start_worker() {
    (
        trap 'kill -KILL "$own" 2>/dev/null; exit 0' TERM
        while true; do
            nice -n 10 php -d memory_limit=256M -d opcache.enable_cli=1 "${jit[@]}" artisan queue:work --sleep=0.2 --max-jobs=1 --max-time=3600 >>"$1" 2>&1 &
            own=$!
            # One task each: none leaves its memory, or an older programme, to the next.
            wait "$own" || sleep 1
        done
    ) &
    started+=("$!")
}
