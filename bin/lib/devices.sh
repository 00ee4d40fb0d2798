# Stand-ins for a scale, a probe and a knob at every ring of the demo kitchen: a process a kind, each with its pid file.

device_kinds=(scale probe knob)

# start_devices URL: new keys, and the three processes speaking to the Velko at that address.
start_devices() {
    local kind folder="$state/devices"
    stop_devices
    mkdir -p "$state/log" "$folder"
    chmod 700 "$folder"
    quietly devices php artisan velko:demo-devices "$folder"
    for kind in "${device_kinds[@]}"; do
        setsid php artisan velko:device "$kind" --url="$1" --keys="$folder/$kind.keys" \
            >"$state/log/device-$kind.log" 2>&1 </dev/null &
        printf '%s' "$!" >"$state/device-$kind.pid"
        disown
    done
}

stop_devices() {
    local kind
    for kind in "${device_kinds[@]}"; do
        if alive "$state/device-$kind.pid" velko:device; then kill "$(cat "$state/device-$kind.pid")"; fi
        rm -f "$state/device-$kind.pid"
    done
}
