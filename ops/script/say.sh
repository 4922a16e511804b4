# Words on the console: one line a step, and an end that says what to do.

step() {
    printf '\033[1m· %s\033[0m\n' "$*"
}

stop_with() {
    printf 'waypost: %s\n' "$*" >&2
    exit 1
}
