# bin/imbrex sim: the stand-ins for outside services and devices, alone.

sim() {
    trap stop_all EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM
    need_packages php8.2-cli
    mkdir -p var/sim
    start_sim "${IMBREX_SIM_PORT:-8050}" var/sim
    cat <<TEXT
The stand-ins answer at $SIM_URL
  report service   GET  /report/roofs, /report/roofs/HQ-CLUBROOM
  laser and gauge  POST /gauge/fire {"kind": "length", "value": 4768} (mm) or {"kind": "angle", "value": 26.6}
  weather service  GET  /weather/rain
  to fail          POST /fail {"service": "report", "gauge" or "weather", "mode": "none", "slow", "down", "garbage" or "duplicate"}
Ctrl+C stops them.
TEXT
    wait "${started[-1]}"
}

# $1 = wanted port, $2 = folder. Sets SIM_URL, and where the application finds the services.
start_sim() {
    local port tries=0
    hold_ports
    port="$(free_port "$1")"
    mkdir -p "$2"
    rm -f "$2/sim.json"
    SIM_URL="http://127.0.0.1:$port"
    IMBREX_SIM_STATE="$root/$2/sim.json" PHP_CLI_SERVER_WORKERS=4 php -S "127.0.0.1:$port" simulators/server.php >"$2/sim.log" 2>&1 &
    started+=("$!")
    until ! port_is_free "$port"; do
        tries=$((tries + 1))
        [ "$tries" -lt 100 ] || { tail -n 10 "$2/sim.log" >&2; fail "the stand-ins did not start"; }
        sleep 0.1
    done
    release_ports
    export SIM_URL IMBREX_REPORT_URL="$SIM_URL" IMBREX_GAUGE_URL="$SIM_URL" IMBREX_WEATHER_URL="$SIM_URL"
}
