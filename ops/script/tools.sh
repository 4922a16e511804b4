# shellcheck shell=bash
# Finds the tools a command needs and installs what is missing from Debian's packages.

postgres_bin() {
    find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1
}

has_tool() {
    case "$1" in
    java) javac -version 2>&1 | grep -qE 'javac (1[7-9]|[2-9][0-9])' ;;
    maven) command -v mvn >/dev/null ;;
    node) command -v node >/dev/null && command -v npm >/dev/null ;;
    postgres) [ -n "$(postgres_bin)" ] && [ -x "$(postgres_bin)/initdb" ] ;;
    systemd) command -v systemd-analyze >/dev/null ;;
    shellcheck) command -v shellcheck >/dev/null ;;
    age) command -v age >/dev/null && command -v age-keygen >/dev/null ;;
    nginx) command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] ;;
    chromium) [ -x /usr/bin/chromium ] && [ -x /usr/bin/chromedriver ] ;;
    esac
}

packages_of() {
    case "$1" in
    java) echo openjdk-17-jdk-headless ;;
    maven) echo maven ;;
    node) echo nodejs npm ;;
    postgres) echo postgresql ;;
    systemd) echo systemd ;;
    shellcheck) echo shellcheck ;;
    age) echo age ;;
    nginx) echo nginx-light ;;
    chromium) echo chromium chromium-driver ;;
    esac
}

# need_tools NAME...: installs as root or by sudo, otherwise says exactly what to install.
need_tools() {
    local missing=() tool
    for tool in "$@"; do
        # shellcheck disable=SC2207 # One tool may need several packages.
        has_tool "$tool" || missing+=($(packages_of "$tool"))
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    local sudo=""
    if [ "$(id -u)" -ne 0 ]; then
        sudo -n true 2>/dev/null || stop_with "missing tools; as root run: apt-get update && apt-get install ${missing[*]}"
        sudo="sudo -n"
    fi
    step "installing ${missing[*]}"
    if [[ " ${missing[*]} " == *" postgresql "* ]] && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
        # Waypost has a cluster of its own; the package need not make one.
        $sudo mkdir -p /etc/postgresql-common
        echo "create_main_cluster = false" | $sudo tee /etc/postgresql-common/createcluster.conf >/dev/null
    fi
    $sudo apt-get update -qq
    with_progress $sudo env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${missing[@]}" >/dev/null
    for tool in "$@"; do
        has_tool "$tool" || stop_with "$tool is still missing after installing ${missing[*]}; install it by hand and start again"
    done
}
