# The data base: a MariaDB of its own on loopback, run by an unprivileged user. Sourced by ./itrova.
#
# Accounts: root only through the socket; itrova_owner makes and changes tables; itrova, as whom the server works, has what
# it needs of each table and no more (the server grants that after each migration).

database_user() { if [ "$(id -u)" -eq 0 ]; then echo mysql; else id -un; fi; }

as_database_user() { # COMMAND ...
  if [ "$(id -u)" -eq 0 ]; then
    setpriv --reuid=mysql --regid=mysql --clear-groups "$@"
  else
    "$@"
  fi
}

# Where the data lie: .itrova/db, or where .itrova/data-folder says because the unprivileged user cannot reach .itrova.
data_folder() { if [ -f "$state/data-folder" ]; then cat "$state/data-folder"; else echo "$state/db"; fi; }

reachable_folder() { # where a folder for the data can be reached by who runs the data base
  if as_database_user test -x "$state" 2>/dev/null; then
    echo "$state/db"
  else
    echo "/var/lib/itrova/$(printf %s "$state" | sha256sum | cut -c1-12)"
  fi
}

root_sql() {
  MYSQL_PWD=$(cat "$state/db.root-password") mariadb --no-defaults --socket="$(cat "$state/db.socket")" -uroot "$@"
}
owner_sql() {
  MYSQL_PWD=$(cat "$state/db.owner-password") mariadb --no-defaults -h127.0.0.1 -P"$(cat "$state/db.port")" \
    -uitrova_owner --protocol=tcp "$@"
}

database_program() { command -v mariadbd || echo /usr/sbin/mariadbd; }

# Never deletes: what is found and cannot be used is named, with what to do.
database_check_folder() {
  local data
  data=$(data_folder)
  [ -d "$data/mysql" ] && return 0
  if [ -e "$data" ] && [ -n "$(ls -A "$data" 2>/dev/null)" ]; then
    die "the data folder $data is there but is no data base: its folder “mysql” is missing. Found: $(ls -A "$data" | head -8 | tr '\n' ' ')
Nothing was changed. If a disk is not mounted, mount it and start again. Otherwise set the folder aside and restore a backup:
  mv \"$data\" \"$data-aside\"
  ./itrova restore FILE        (backups made here lie in $state/backups)"
  fi
  if [ -f "$state/db.root-password" ] && [ "${1:-}" != --may-be-new ]; then
    die "the data folder $data is gone, though a data base was made here before.
Nothing was changed. If a disk is not mounted, mount it and start again. Otherwise
  ./itrova restore FILE        brings a backup back (backups made here lie in $state/backups)
  ./itrova start --new         begins with an empty data base, if that is really what you want"
  fi
}

database_make() {
  local data making work base n=1
  data=$(reachable_folder)
  base=$data
  # what lies there may be another checkout's that stood at this path before: it is let be
  while [ -e "$data" ] && [ -n "$(ls -A "$data")" ]; do n=$((n + 1)) data=$base-$n; done
  say "Making the data base ..."
  # Made elsewhere, for the program that does it knows no paths with blanks, and put in its place in one step: a making that broke
  # off is never taken for a data base.
  work=$(mktemp -d)
  chmod 755 "$work"
  making=$work/db
  rm -rf "$data.making"
  if [ "$data" != "$state/db" ]; then
    mkdir -p "$(dirname "$data")"
    printf '%s\n' "$data" >"$state/data-folder"
  fi
  mkdir -p "$making"
  chown "$(database_user)" "$making"
  mariadb-install-db --no-defaults --auth-root-authentication-method=normal --skip-test-db --datadir="$making" \
    --user="$(database_user)" >"$state/db-install.log" 2>&1 || die "the data base could not be made, see $state/db-install.log"
  secret "$state/db.root-password.made"
  "$(database_program)" --no-defaults --bootstrap --datadir="$making" --user="$(database_user)" 2>>"$state/db-install.log" <<SQL ||
FLUSH PRIVILEGES;
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(cat "$state/db.root-password.made")';
SQL
    die "the data base could not be made, see $state/db-install.log"
  chmod 700 "$making"
  mv "$making" "$data.making"
  rmdir "$work"
  [ ! -d "$data" ] || rmdir "$data"
  mv "$state/db.root-password.made" "$state/db.root-password"
  mv "$data.making" "$data"
}

# An edition before this one let root run the data base.
database_change_owner() {
  local data reach
  data=$(data_folder)
  [ "$(id -u)" -eq 0 ] || return 0
  reach=$(reachable_folder)
  if [ "$data" != "$reach" ] && ! as_database_user test -x "$(dirname "$data")" 2>/dev/null; then
    say "Moving the data to $reach, where the user mysql can reach them ..."
    [ ! -e "$reach" ] || die "$reach is there already. Nothing was changed; see which of the two folders is the right one."
    mkdir -p "$(dirname "$reach")"
    mv "$data" "$reach"
    printf '%s\n' "$reach" >"$state/data-folder"
    data=$reach
  fi
  [ "$(stat -c %U "$data")" = mysql ] || chown -R mysql: "$data"
  chmod 700 "$data"
}

# No account without a password, none of root's but through the socket, the server's without rights it does not need.
database_accounts() {
  [ -f "$state/db.password" ] || secret "$state/db.password"
  [ -f "$state/db.owner-password" ] || secret "$state/db.owner-password"
  root_sql <<SQL
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost')
  OR (User IN ('itrova', 'itrova_owner') AND Host <> '127.0.0.1');
DELETE FROM mysql.db WHERE User = 'itrova' OR (User = 'itrova_owner' AND Host <> '127.0.0.1');
FLUSH PRIVILEGES;
CREATE USER IF NOT EXISTS 'itrova'@'127.0.0.1' IDENTIFIED BY '$(cat "$state/db.password")';
ALTER USER 'itrova'@'127.0.0.1' IDENTIFIED BY '$(cat "$state/db.password")';
CREATE USER IF NOT EXISTS 'itrova_owner'@'127.0.0.1' IDENTIFIED BY '$(cat "$state/db.owner-password")';
ALTER USER 'itrova_owner'@'127.0.0.1' IDENTIFIED BY '$(cat "$state/db.owner-password")';
GRANT ALL ON \`itrova%\`.* TO 'itrova_owner'@'127.0.0.1' WITH GRANT OPTION;
SQL
  local open
  open=$(root_sql -N -e "SELECT CONCAT(User, '@', Host) FROM mysql.global_priv
    WHERE COALESCE(JSON_VALUE(Priv, '\$.authentication_string'), '') = '' AND NOT COALESCE(JSON_VALUE(Priv, '\$.account_locked'), 0)")
  [ -z "$open" ] || die "accounts of the data base without a password: $open. Set one or drop them, then start again."
}

# Starts the data base if it does not run; --may-be-new also where one was before.
database_start() {
  need_database
  mkdir -p "$state"
  if alive "$state/db.pid" && [ -S "$(cat "$state/db.socket" 2>/dev/null)" ]; then return 0; fi
  end_process "$state/db.pid"
  database_check_folder "${1:-}"
  local data
  [ -d "$(data_folder)/mysql" ] || database_make
  database_change_owner
  data=$(data_folder)
  # the same port as before, so that a server that lost its data base finds it again
  local port
  port=$(cat "$state/db.port" 2>/dev/null || true)
  [ -n "$port" ] && is_free "$port" || free_port 33306 >"$state/db.port"
  # The socket's path must be short, so it does not lie under the project.
  local run
  run=$(mktemp -d)
  mkdir "$run/files"
  chown -R "$(database_user)" "$run"
  echo "$run/db.sock" >"$state/db.socket"
  nohup "$(database_program)" --no-defaults --datadir="$data" --user="$(database_user)" --bind-address=127.0.0.1 \
    --port="$(cat "$state/db.port")" --socket="$run/db.sock" --skip-name-resolve --local-infile=0 \
    --secure-file-priv="$run/files" --symbolic-links=0 --character-set-server=utf8mb4 --default-time-zone=+00:00 \
    --innodb-buffer-pool-size=128M --innodb-lock-wait-timeout=10 --performance-schema=OFF --max-allowed-packet=64M \
    >/dev/null 2>>"$state/db.log" 9>&- &
  remember "$state/db.pid" $!
  for _ in $(seq 1 300); do
    if root_sql -e 'SELECT 1' >/dev/null 2>&1; then
      database_accounts
      return 0
    fi
    alive "$state/db.pid" || { tail -20 "$state/db.log" >&2; die "the data base did not start, see $state/db.log"; }
    sleep 0.2
  done
  die "the data base does not answer, see $state/db.log"
}

schema_has_tables() { # SCHEMA
  [ "$(root_sql -N -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$1'")" -gt 0 ]
}

program_edition() {
  find "$here/server/src/main/resources/db/migration" -name 'V*__*.sql' | sed 's/.*\/V\([0-9]*\)__.*/\1/' | sort -n | tail -1
}
data_edition() { # SCHEMA: the edition of its tables, 0 for none
  root_sql -N -e "SELECT COALESCE(MAX(CAST(version AS UNSIGNED)), 0) FROM \`$1\`.flyway_schema_history WHERE version IS NOT NULL" 2>/dev/null || echo 0
}
