# bin/imbrex screenshots [--keep] [view ...]: drives the real interface with the demo data and writes PNGs.

screenshots() {
    local folder="var/screenshots" views=()
    for word in "$@"; do
        case "$word" in
            --keep) folder="docs/screenshots" ;;
            -*) fail "screenshots takes --keep and names of views; understood: $word" ;;
            *) views+=("$word") ;;
        esac
    done
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    . bin/lib/demo.sh
    need_packages "${browser_packages[@]}"
    local port driver
    # A database of its own, always freshly seeded: pictures show the demo data and nothing else.
    need_packages "${packages[@]}"
    mkdir -p var/pictures "$folder"
    need_php_packages
    need_node_packages
    need_front_end
    export APP_ENV=local APP_DEBUG=false IMBREX_DEMO=true LOG_CHANNEL=single MAIL_MAILER=log CACHE_STORE=file SESSION_DRIVER=database
    APP_KEY="$(app_key var/pictures)"
    export APP_KEY
    start_database var/pictures 33260
    php artisan migrate:fresh --force --seed --quiet
    start_web 8200 var/pictures/web.log
    driver="$(free_port 9615)"
    chromedriver --port="$driver" >var/pictures/driver.log 2>&1 &
    started+=("$!")
    until ! port_is_free "$driver"; do sleep 0.1; done
    DRIVER_URL="http://127.0.0.1:$driver" php tests/Support/screenshots.php "$folder" "${views[@]}"
}
