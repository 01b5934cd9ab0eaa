# bin/imbrex fuzz, bin/imbrex kill: what the outside may do to a running application.

. bin/lib/demo.sh

# Brings up an application of the drill's own, freshly seeded. $1 = folder, $2 = port
drill_ground() {
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    export IMBREX_PATIENCE=1000
    application_up "$1" $(($2 + 15000)) "$2" yes
}

fuzz() {
    drill_ground var/fuzz 8400
    step "hostile requests"
    php -d memory_limit=512M artisan imbrex:fuzz "$APP_URL" "$@"
}

# Ends a process and what it started, without a word. $1 = pid
strike() {
    local child
    for child in $(pgrep -P "$1" 2>/dev/null || true); do builtin kill -KILL "$child" 2>/dev/null || true; done
    builtin kill -KILL "$1" 2>/dev/null || true
    wait "$1" 2>/dev/null || true
}

kill_drill() {
    local kills=40 folder=var/kill round saver
    for word in "$@"; do
        case "$word" in
            --kills=*) kills="${word#--kills=}" ;;
            *) fail "kill takes --kills=N; understood: $word" ;;
        esac
    done
    drill_ground "$folder" 8500
    rm -f "$folder/acknowledged" "$folder/stop"
    step "saving, and $kills kills"
    php artisan imbrex:saver "$APP_URL" "$folder/acknowledged" "$folder/stop" &
    saver=$!
    started+=("$saver")
    until [ -s "$folder/acknowledged" ]; do
        builtin kill -0 "$saver" 2>/dev/null || fail "the one who saves has not begun"
        sleep 0.1
    done
    for ((round = 1; round <= kills; round++)); do
        sleep "$((RANDOM % 2)).$((RANDOM % 9 + 1))"
        builtin kill -0 "$saver" 2>/dev/null || fail "the one who saves has stopped"
        if ((round % 2)); then
            strike "$database"
            run_database "$folder" "$DB_PORT"
        else
            strike "$web"
            run_web "${APP_URL##*:}" "$folder/web.log"
        fi
    done
    sleep 1
    touch "$folder/stop"
    wait "$saver" || fail "the one who saves has stopped"
    php artisan imbrex:saver "$APP_URL" "$folder/acknowledged" "$folder/stop" --check
}

crowd() {
    drill_ground var/crowd 8600
    step "reads beside large plans"
    php artisan imbrex:crowd "$APP_URL"
}
