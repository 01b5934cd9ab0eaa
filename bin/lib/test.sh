# bin/imbrex test [core|feature|browser] [phpunit options]

. bin/lib/sim.sh

run_tests() {
    local suites=(core feature browser)
    case "${1:-}" in
        core|feature|browser) suites=("$1"); shift ;;
        ''|-*) ;;
        *) fail "test takes core, feature or browser; understood: $1" ;;
    esac
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    mkdir -p var/test
    rm -rf var/test/shelves var/test/browser-shelves
    need_packages "${packages[@]}"
    need_php_packages
    export APP_ENV=testing APP_DEBUG=false LOG_CHANNEL=null MAIL_MAILER=array CACHE_STORE=array SESSION_DRIVER=database BCRYPT_ROUNDS=4 QUEUE_CONNECTION=sync IMBREX_SHELVES="$root/var/test/shelves"
    APP_KEY="$(app_key var/test)"
    export APP_KEY
    if [[ " ${suites[*]} " == *" feature "* || " ${suites[*]} " == *" browser "* ]]; then
        step "starting a database for the tests"
        start_database var/test 23160 --innodb-flush-log-at-trx-commit=0
        php artisan migrate:fresh --force --quiet
    fi
    if [[ " ${suites[*]} " == *" browser "* ]]; then
        need_packages "${browser_packages[@]}"
        need_node_packages
        need_front_end
        start_browser_ground
    fi
    local suite beside=0 failed=0
    # Nobody waits for what needs no browser twice: core and features run side by side.
    if [ $# -eq 0 ] && [[ " ${suites[*]} " == *" core "* && " ${suites[*]} " == *" feature "* ]]; then
        run_suite feature >var/test/feature.log 2>&1 &
        beside=$!
        started+=("$beside")
    fi
    for suite in "${suites[@]}"; do
        step "$suite tests"
        if [ "$suite" = feature ] && [ "$beside" != 0 ]; then
            wait "$beside" || failed=1
            cat var/test/feature.log
        else
            run_suite "$suite" "$@" || failed=1
        fi
    done
    [ "$failed" = 0 ] || fail "some tests failed"
}

# $1 = suite, rest = options of PHPUnit, with which it runs in one process
run_suite() {
    local suite="$1"
    shift
    local swift=(-d memory_limit=2G -d opcache.enable_cli=1 "${jit[@]}")
    # Browsers wait more than they work.
    declare -A processes=([core]=2 [feature]=1 [browser]=3)
    if [ $# -eq 0 ] && [ "${processes[$suite]}" -gt 1 ]; then
        php vendor/bin/paratest --processes "${processes[$suite]}" --passthru-php="$(printf "'%s' " "${swift[@]}")" --testsuite "$suite"
    else
        php "${swift[@]}" vendor/bin/phpunit --testsuite "$suite" "$@"
    fi
}

# The browser tests talk to a real server with a database of its own, and to a driver.
start_browser_ground() {
    local driver
    mariadb --no-defaults --host=127.0.0.1 --port="$DB_PORT" --user=imbrex --password=imbrex -e 'DROP DATABASE IF EXISTS imbrex_browser; CREATE DATABASE imbrex_browser;'
    export BROWSER_DB=imbrex_browser
    step "starting the application for the browser tests"
    (
        export DB_DATABASE=imbrex_browser
        php artisan migrate:fresh --force --seed --quiet
    )
    local kept="$DB_DATABASE"
    export DB_DATABASE=imbrex_browser IMBREX_DEMO=true CACHE_STORE=file QUEUE_CONNECTION=database IMBREX_SHELVES="$root/var/test/browser-shelves"
    start_sim 8150 var/test
    start_web 8100 var/test/web.log
    start_worker var/test/worker.log
    export DB_DATABASE="$kept" CACHE_STORE=array QUEUE_CONNECTION=sync IMBREX_SHELVES="$root/var/test/shelves"
    hold_ports
    driver="$(free_port 9515)"
    chromedriver --port="$driver" >var/test/driver.log 2>&1 &
    started+=("$!")
    until ! port_is_free "$driver"; do sleep 0.1; done
    release_ports
    export DRIVER_URL="http://127.0.0.1:$driver"
}
