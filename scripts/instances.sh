# Several copies of the application before one database, behind nginx. Read by ./ripple-rest.

INSTANCES=1
INNER_PORTS=() # where each of them listens, on loopback

names() { # of the processes of the application
  if [ "$INSTANCES" -gt 1 ]; then seq -f 'app-%g' "$INSTANCES"; else echo app; fi
}

# As many as were ever started may have been left behind.
end_apps() { local name; for name in app $(cd "$STATE" && ls app-*.pid 2>/dev/null | sed 's/\.pid$//'); do end "$name"; done; }

any_app() { local name; for name in app $(cd "$STATE" && ls app-*.pid 2>/dev/null | sed 's/\.pid$//'); do if owned "$name" >/dev/null; then return 0; fi; done; return 1; }

check_instances() {
  [[ $INSTANCES =~ ^[1-9]$ ]] || die "instances is '$INSTANCES', must be a number from 1 to 9; try --instances 3."
  [ "$INSTANCES" -eq 1 ] || [ -n "$SHARED" ] || die "--instances goes with --shared; whoever is alone needs one."
  [ "$INSTANCES" -eq 1 ] || command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || install_packages nginx
}

nginx_program() { command -v nginx || echo /usr/sbin/nginx; }

# A change is sent again to another copy when one dies under it: it happens once, for it has its key. Streams
# are not held back on their way.
write_nginx() { # write_nginx PORT
  local folder="$STATE/nginx" inner
  mkdir -p "$folder/body" "$folder/proxy"
  {
    echo "daemon off;"
    echo "pid $folder/nginx.pid;"
    echo "error_log $LOGS/nginx.log warn;"
    echo "worker_processes auto;"
    if [ "$(id -u)" -eq 0 ]; then echo "user postgres;"; fi
    cat <<NGINX
events { worker_connections 4096; }
http {
  access_log off;
  server_tokens off;
  client_max_body_size 110m;
  client_body_temp_path $folder/body;
  proxy_temp_path $folder/proxy;
  fastcgi_temp_path $folder/proxy;
  uwsgi_temp_path $folder/proxy;
  scgi_temp_path $folder/proxy;
  upstream ripple_rest {
    zone ripple_rest 64k;
NGINX
    for inner in "${INNER_PORTS[@]}"; do echo "    server 127.0.0.1:$inner max_fails=1 fail_timeout=2s;"; done
    cat <<NGINX
    keepalive 64;
  }
  server {
    listen ${ADDRESS:-0.0.0.0}:$1 ssl http2;
    ssl_certificate $CERTIFICATE;
    ssl_certificate_key $KEY;
    ssl_protocols TLSv1.2 TLSv1.3;
    location / {
      proxy_pass http://ripple_rest;
      proxy_http_version 1.1;
      proxy_set_header Connection "";
      proxy_set_header Host \$http_host;
      proxy_set_header X-Forwarded-For \$remote_addr;
      proxy_set_header X-Forwarded-Proto https;
      proxy_set_header X-Forwarded-Port $1;
      proxy_connect_timeout 2s;
      proxy_read_timeout 900s;
      proxy_next_upstream error timeout non_idempotent;
      proxy_next_upstream_tries ${#INNER_PORTS[@]};
    }
  }
}
NGINX
  } >"$folder/nginx.conf"
  if [ "$(id -u)" -eq 0 ]; then chown -R postgres "$folder"; fi
}

start_nginx() { # start_nginx PORT
  write_nginx "$1"
  setsid "$(nginx_program)" -p "$STATE/nginx" -c "$STATE/nginx/nginx.conf" >"$LOGS/nginx-start.log" 2>&1 </dev/null 9>&- &
  own nginx $!
  for _ in $(seq 50); do if port_taken "$1"; then return; fi; sleep 0.1; done
  die "nginx did not start: $(tail -1 "$LOGS/nginx-start.log") (log: $LOGS/nginx-start.log, $LOGS/nginx.log)"
}

# All copies at once, each on a port of its own behind nginx on PORT.
start_instances() { # start_instances PORT
  local i inner=$(($1 + 100))
  SHARED_ENV+=(RIPPLE_REST_ADDRESS=127.0.0.1 RIPPLE_REST_TLS=false SERVER_FORWARDHEADERSSTRATEGY=native "RIPPLE_REST_SITE=$(site "$1")")
  INNER_PORTS=()
  for i in $(seq "$INSTANCES"); do
    while port_taken "$inner"; do inner=$((inner + 1)); done
    INNER_PORTS+=("$inner")
    inner=$((inner + 1))
  done
  for i in $(seq "$INSTANCES"); do launch_app "${INNER_PORTS[i - 1]}" "app-$i"; done
  for i in $(seq "$INSTANCES"); do
    wait_until_ready "${INNER_PORTS[i - 1]}" "app-$i" || die "copy $i of the application did not start (log: $LOGS/console-app-$i.log)"
  done
  start_nginx "$1"
}

# Starts a copy again when it ends; the others go on meanwhile.
watch_instances() { # watch_instances PORT
  local i
  while [ ! -f "$STATE/stopping" ]; do
    sleep 1
    if ! db_alive; then revive_db; fi
    if [ -f "$STATE/restoring" ]; then continue; fi
    for i in $(seq "$INSTANCES"); do
      owned "app-$i" >/dev/null && continue
      say "copy $i of the application ended by itself; starting it again (log: $LOGS/app-$i.log)"
      launch_app "${INNER_PORTS[i - 1]}" "app-$i"
    done
    owned nginx >/dev/null || start_nginx "$1"
  done
}
