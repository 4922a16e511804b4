# shellcheck shell=bash
# Words on the console: one line a step, and an end that says what to do.

step() {
    printf '\033[1m· %s\033[0m\n' "$*"
}

stop_with() {
    printf 'waypost: %s\n' "$*" >&2
    exit 1
}

# with_progress COMMAND...: runs it and prints the time that passed every fifteen seconds.
with_progress() {
    local began=$SECONDS ticker result=0
    (while sleep 15; do printf '    … %d s\n' $((SECONDS - began)) >&2; done) &
    ticker=$!
    "$@" || result=$?
    kill "$ticker" 2>/dev/null || true
    wait "$ticker" 2>/dev/null || true
    return $result
}
