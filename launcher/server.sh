# The server: started, known again, greeted. Sourced by ./itrova.

answer_of() { # PORT PATH
  timeout 6 bash -c 'exec 3<>"/dev/tcp/127.0.0.1/$1" && printf "GET %s HTTP/1.1\r\nHost: 127.0.0.1:%s\r\nConnection: close\r\n\r\n" "$2" "$1" >&3 && cat <&3' \
    _ "$1" "$2" 2>/dev/null || true
}

# Whether the answer on the port is that of the server started here, and its data base answers it.
is_ours() { [[ $(answer_of "$(cat "$state/server.port")" /api/health) == *"\"instance\":\"$(cat "$state/server.token" 2>/dev/null)\",\"database\":true"* ]]; }

ours_or_ended() { # 0: it answers, 1: it has ended, 2: it lives and does not answer
  for _ in $(seq 1 300); do
    is_ours && return 0
    alive "$state/server.pid" || return 1
    sleep 0.2
  done
  return 2
}

wait_until_ours() {
  local how=0
  ours_or_ended || how=$?
  [ $how = 1 ] && { tail -30 "$state/server.log" >&2; die "the server did not start, see $state/server.log"; }
  [ $how = 0 ] || does_not_answer
}

does_not_answer() {
  if is_free "$(cat "$state/server.port")"; then
    die "the server does not answer, see $state/server.log"
  fi
  die "on port $(cat "$state/server.port") another program answers, or the server has lost its data base; see $state/server.log. Another port: ITROVA_PORT=8090 ./itrova start"
}

server_start() { # SCHEMA DEMO
  local port=${ITROVA_PORT:-}
  if [ -n "$port" ]; then
    is_free "$port" || die "port $port is taken by another program. Choose another with ITROVA_PORT, or end that program."
  else
    port=$(free_port 8080)
  fi
  echo "$port" >"$state/server.port"
  owner_sql -e "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
  echo "$1" >"$state/schema"
  echo "$2" >"$state/demo"
  secret "$state/server.token"
  [ -s "$state/setup-code" ] || (umask 077; head -c 5 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$state/setup-code")
  local base
  base="jdbc:mariadb://127.0.0.1:$(cat "$state/db.port")/$1"
  ITROVA_PORT=$port ITROVA_DB_URL="$base?connectTimeout=2000&socketTimeout=20000" ITROVA_DB_USER=itrova \
    ITROVA_DB_PASSWORD=$(cat "$state/db.password") ITROVA_DB_OWNER_URL=$base ITROVA_DB_OWNER=itrova_owner \
    ITROVA_DB_OWNER_PASSWORD=$(cat "$state/db.owner-password") ITROVA_DEMO=$2 ITROVA_INSTANCE=$(cat "$state/server.token") \
    ITROVA_SETUP_CODE=$(cat "$state/setup-code") \
    nohup java "-Xmx${ITROVA_HEAP:-1g}" -XX:MaxMetaspaceSize=160m -XX:+UseParallelGC -jar "$app_jar" >"$state/server.log" 2>&1 9>&- &
  remember "$state/server.pid" $!
  wait_until_ours
}

greet() {
  local port
  port=$(cat "$state/server.port")
  echo "Itrova is at http://127.0.0.1:$port/"
  if [ "$(cat "$state/demo")" = true ]; then
    echo "Sign in as wilma (lead), tam (mechanic) or jory (viewer); the password of all three is: ambleford"
  elif [[ $(answer_of "$port" /api/session) == *'"fresh":true'* ]]; then
    echo "Nobody is known here yet. Open the page, name the shop and its first lead; the one-time code is: $(cat "$state/setup-code")"
  else
    rm -f "$state/setup-code"
  fi
  echo "Stop with: ./itrova stop"
}

demo() {
  lock
  build
  database_start
  end_process "$state/server.pid"
  owner_sql -e "DROP DATABASE IF EXISTS itrova_demo"
  server_start itrova_demo true
  greet
}

own_schema() { cat "$state/own-schema" 2>/dev/null || echo itrova; }

start() { # [--own] [--new]
  lock
  local schema demo=false may_be_new=
  schema=$(own_schema)
  if [ "${1:-}" = --new ]; then
    may_be_new=--may-be-new
  elif [ "${1:-}" != --own ] && [ -f "$state/schema" ]; then
    schema=$(cat "$state/schema")
    demo=$(cat "$state/demo")
  fi
  if alive "$state/server.pid" && { [ "${1:-}" != --own ] || [ "$(cat "$state/demo")" = false ]; }; then
    alive "$state/db.pid" || say "The data base had ended; starting it again ..."
    database_start $may_be_new
    local how=0
    ours_or_ended || how=$?
    [ $how = 2 ] && does_not_answer
    [ $how = 0 ] && { greet; return 0; }
    say "The server had ended; starting it again ..." # it was on its way out when it was looked at
  fi
  build
  database_start $may_be_new
  end_process "$state/server.pid"
  before_migration "$schema"
  server_start "$schema" "$demo"
  greet
}

# Tables of an older edition are backed up before they are changed; those of a newer one are not touched.
before_migration() { # SCHEMA
  local have want
  have=$(data_edition "$1")
  want=$(program_edition)
  [ "$have" -gt 0 ] || return 0
  if [ "$have" -gt "$want" ]; then
    die "the data are of edition $have, this program knows editions up to $want. Nothing was changed. Start the newer program, or restore a backup of edition $want or older."
  fi
  if [ "$have" -lt "$want" ]; then
    local file
    file=$state/backups/before-edition-$want-$(date -u +%Y%m%d-%H%M%S).tar.gz
    say "The data are of edition $have and will be brought to $want; backing them up first ..."
    write_backup "$1" "$(cat "$state/demo" 2>/dev/null || echo false)" "$file"
    say "Backed up to $file"
  fi
}

stop() {
  lock
  end_process "$state/server.pid"
  end_process "$state/db.pid"
}
