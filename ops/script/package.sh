# shellcheck shell=bash
# The archive that an administrator unpacks under /opt/waypost, and what stands behind one proxy.

package() {
    [ $# -eq 0 ] || stop_with "package: found '$*', allowed: nothing"
    need_tools java maven node
    build_app
    local version folder
    version=$(sed -n 's:.*<version>\(.*-SNAPSHOT\|[0-9.]*\)</version>.*:\1:p' pom.xml | sed -n 2p)
    folder=target/waypost-$version
    rm -rf "$folder" && mkdir -p "$folder/lib" "$folder/bin" "$folder/docs" "$folder/ops/script" "$folder/ops/backup"
    cp app/target/waypost-app-*-exec.jar "$folder/lib/waypost.jar"
    cp ops/package/waypost-server ops/package/waypost-migrate ops/package/waypost-backup "$folder/bin/"
    cp ops/package/*.service ops/package/*.example ops/package/Containerfile ops/nginx/waypost.conf LICENSE CHANGELOG.md "$folder/"
    cp ops/backup/* "$folder/ops/backup/"
    cp ops/script/say.sh ops/script/tools.sh ops/script/database.sh ops/script/backup.sh "$folder/ops/script/"
    cp -r ops/monitoring "$folder/ops/"
    cp docs/running.md docs/backup.md docs/upgrade.md docs/roles.md "$folder/docs/"
    [ ! -e app/target/bom.json ] || cp app/target/bom.json "$folder/"
    # The same content makes the same archive, whoever packs it and when.
    tar --sort=name --owner=0 --group=0 --numeric-owner --mtime="@$(git log -1 --format=%ct)" -C target \
        -cf - "waypost-$version" | gzip -n >"$folder.tar.gz"
    step "packed $folder.tar.gz, $(du -h "$folder.tar.gz" | cut -f 1)"
}

# proxy_start FOLDER PORT INSTANCE...: nginx with TLS by a certificate of its own, in front of two instances.
proxy_start() {
    local folder=$1 port=$2 one=$3 two=$4
    mkdir -p "$folder"
    [ -f "$folder/certificate.pem" ] ||
        openssl req -x509 -newkey rsa:2048 -nodes -days 30 -subj "/CN=localhost" -addext "subjectAltName=DNS:localhost,IP:127.0.0.1" \
            -keyout "$folder/key.pem" -out "$folder/certificate.pem" 2>/dev/null
    sed -e "s/INSTANCE_ONE/$one/; s/INSTANCE_TWO/$two/; s/LISTEN_PLAIN/127.0.0.1:$((port + 1))/" \
        -e "s/LISTEN_TLS/127.0.0.1:$port/; s/SERVER_NAME/localhost/" \
        -e "s#CERTIFICATE_KEY#$folder/key.pem#; s#CERTIFICATE#$folder/certificate.pem#" ops/nginx/waypost.conf >"$folder/waypost.conf"
    cat >"$folder/nginx.conf" <<CONF
pid $folder/nginx.pid;
error_log $folder/error.log crit;
worker_processes 1;
events { worker_connections 512; }
http {
    access_log off;
    client_body_temp_path $folder/body;
    proxy_temp_path $folder/proxy;
    fastcgi_temp_path $folder/fastcgi;
    uwsgi_temp_path $folder/uwsgi;
    scgi_temp_path $folder/scgi;
    include $folder/waypost.conf;
}
CONF
    PATH=$PATH:/usr/sbin nginx -c "$folder/nginx.conf" -e "$folder/error.log"
}

proxy_stop() {
    local pid
    [ -f "$1/nginx.pid" ] || return 0
    pid=$(cat "$1/nginx.pid")
    kill "$pid" 2>/dev/null || return 0
    while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
}
