# bin/imbrex demo: everything a newcomer needs to see the application.

. bin/lib/sim.sh

demo() {
    local fresh=no
    for word in "$@"; do
        case "$word" in
            --fresh) fresh=yes ;;
            --dev) dev=yes ;;
            *) fail "demo takes --fresh and --dev; understood: $word" ;;
        esac
    done
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    demo_up "$fresh"
    [ "$dev" = no ] || printf '\nChanges are seen at once: PHP and words at the next request, screens by themselves, contracts are put together when they change. Faults are shown in full.\n'
    printf '\nImbrex runs at %s\nThe sign-in page offers one account for each role. The laser and the report service are stand-ins at %s. Ctrl+C stops everything.\n' "$APP_URL" "$SIM_URL"
    wait "$web"
}

dev=no

demo_up() { application_up var/demo 23060 "${IMBREX_PORT:-8000}" "$1"; }

# Brings the application up with the demo data and returns. $1 = folder of its own, $2 and $3 = wanted ports of
# database and web server, $4 = yes to seed anew
application_up() {
    need_packages "${packages[@]}"
    mkdir -p var
    need_php_packages
    need_node_packages
    [ "$dev" = yes ] || need_front_end
    export APP_ENV=local APP_DEBUG=false IMBREX_DEMO=true LOG_CHANNEL=daily MAIL_MAILER=log CACHE_STORE=file SESSION_DRIVER=database QUEUE_CONNECTION=database IMBREX_SHELVES="$root/$1/shelves"
    APP_KEY="$(app_key "$1")"
    export APP_KEY
    step "starting the database"
    start_database "$1" "$2"
    if [ "$4" = yes ]; then
        step "seeding the demo anew"
        php artisan migrate:fresh --force --seed --quiet
    else
        php artisan migrate --force --quiet
        php artisan db:seed --force --quiet
    fi
    step "starting the stand-ins for outside services and devices"
    start_sim $(($3 + 50)) "$1"
    local more=()
    if [ "$dev" = yes ]; then
        export APP_DEBUG=true
        more=(-d opcache.revalidate_freq=0)
        watch "$1"
    fi
    step "starting the web server"
    start_web "$3" "$1/web.log" "${more[@]}"
    start_worker "$1/worker.log"
    # What `bin/imbrex artisan` goes by.
    (for name in APP_ENV APP_DEBUG APP_KEY APP_URL IMBREX_DEMO LOG_CHANNEL MAIL_MAILER CACHE_STORE SESSION_DRIVER QUEUE_CONNECTION IMBREX_SHELVES DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD; do printf 'export %s=%q\n' "$name" "${!name}"; done) >"$1/env"
}

# Vite serves the screens as they are changed, contracts are put together when they change. $1 = folder
watch() {
    local port tries=0
    export IMBREX_HOT="$root/$1/hot"
    rm -f "$IMBREX_HOT"
    step "watching contracts and screens"
    npm run --silent types >"$1/types.log" 2>&1 || { tail -n 20 "$1/types.log" >&2; fail "the contracts cannot be put together"; }
    node --watch-path=contracts/job --watch-path=stations/src resources/contracts.mjs >"$1/types.log" 2>&1 &
    started+=("$!")
    hold_ports
    port="$(free_port 5173)"
    node node_modules/vite/bin/vite.js --host 127.0.0.1 --port "$port" --strictPort >"$1/vite.log" 2>&1 &
    started+=("$!")
    until [ -f "$IMBREX_HOT" ]; do
        tries=$((tries + 1))
        [ "$tries" -lt 150 ] || { tail -n 20 "$1/vite.log" >&2; fail "Vite did not start"; }
        sleep 0.1
    done
    release_ports
}

# Runs artisan as the demo does: beside it where it runs, else with its database for as long as it takes.
demo_artisan() {
    local other
    need_packages "${packages[@]}"
    need_php_packages
    other="$(cat var/demo/db.pid 2>/dev/null || true)"
    if [ -n "$other" ] && kill -0 "$other" 2>/dev/null && [ -f var/demo/env ]; then
        . var/demo/env
        exec php artisan "$@"
    fi
    [ -f var/demo/env ] || fail "there is no demo yet: run bin/imbrex demo once"
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    . var/demo/env
    start_database var/demo 23060
    php artisan "$@"
}
