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
    local driver
    mkdir -p "$folder"
    # A database of its own, always freshly seeded: pictures show the demo data and nothing else.
    application_up var/pictures 23260 8200 yes
    hold_ports
    driver="$(free_port 9615)"
    chromedriver --port="$driver" >var/pictures/driver.log 2>&1 &
    started+=("$!")
    until ! port_is_free "$driver"; do sleep 0.1; done
    release_ports
    DRIVER_URL="http://127.0.0.1:$driver" php tests/Support/screenshots.php "$folder" "${views[@]}"
}
