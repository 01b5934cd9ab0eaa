# bin/imbrex demo: everything a newcomer needs to see the application.

. bin/lib/sim.sh

demo() {
    local fresh=no
    for word in "$@"; do
        case "$word" in
            --fresh) fresh=yes ;;
            *) fail "demo takes --fresh and nothing else; understood: $word" ;;
        esac
    done
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    demo_up "$fresh"
    printf '\nImbrex runs at %s\nThe sign-in page offers one account for each role. The laser and the report service are stand-ins at %s. Ctrl+C stops everything.\n' "$APP_URL" "$SIM_URL"
    wait "${started[-1]}"
}

demo_up() { application_up var/demo 33060 "${IMBREX_PORT:-8000}" "$1"; }

# Brings the application up with the demo data and returns. $1 = folder of its own, $2 and $3 = wanted ports of
# database and web server, $4 = yes to seed anew
application_up() {
    need_packages "${packages[@]}"
    mkdir -p var
    need_php_packages
    need_node_packages
    need_front_end
    export APP_ENV=local APP_DEBUG=false IMBREX_DEMO=true LOG_CHANNEL=single MAIL_MAILER=log CACHE_STORE=file SESSION_DRIVER=database
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
    step "starting the web server"
    start_web "$3" "$1/web.log"
}
