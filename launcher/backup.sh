# Backup and restore: one file that holds the whole data base, photos, events and people with it. Sourced by ./itrova.

write_backup() { # SCHEMA DEMO FILE: consistent while people work; the file appears whole or not at all
  local work sum
  mkdir -p "$(dirname "$3")"
  work=$(umask 077; mktemp -d "$state/backup.XXXXXX")
  MYSQL_PWD=$(cat "$state/db.root-password") mariadb-dump --no-defaults --socket="$(cat "$state/db.socket")" -uroot \
    --single-transaction --skip-lock-tables --quick --triggers --hex-blob --default-character-set=utf8mb4 "$1" >"$work/data.sql" ||
    { rm -rf "$work"; die "the backup was not made: the data base could not be read"; }
  tail -1 "$work/data.sql" | grep -q '^-- Dump completed' || { rm -rf "$work"; die "the backup was not made: it broke off"; }
  sum=$(sha256sum "$work/data.sql" | cut -d' ' -f1)
  printf '%s\n' "format=itrova-backup/1" "edition=$(data_edition "$1")" "demo=$2" "made=$(date -u +%Y-%m-%dT%H:%M:%SZ)" "sha256=$sum" >"$work/manifest"
  (umask 077; tar -czf "$3.partial" -C "$work" manifest data.sql) || { rm -rf "$work" "$3.partial"; die "the backup was not made: $3 could not be written"; }
  sync "$3.partial"
  mv "$3.partial" "$3"
  rm -rf "$work"
}

backup() { # [FILE]
  lock
  local was_running=yes file=${1:-$state/backups/itrova-$(date -u +%Y%m%d-%H%M%S).tar.gz}
  [ -f "$state/schema" ] || die "there is nothing to back up yet"
  [ ! -e "$file" ] || die "$file is there already. Name another file; nothing was written."
  alive "$state/db.pid" || was_running=no
  database_start
  write_backup "$(cat "$state/schema")" "$(cat "$state/demo")" "$file"
  [ "$was_running" = yes ] || end_process "$state/db.pid"
  echo "Backed up to $file"
}

said() { sed -n "s/^$1=//p" "$2/manifest" | head -1; }

restore() { # FILE [--replace]
  local file=${1:-} replace=${2:-} work schema fresh was_running=no
  [ -n "$file" ] || die "usage: ./itrova restore FILE [--replace]"
  [ -f "$file" ] || die "there is no file $file"
  [ -z "$replace" ] || [ "$replace" = --replace ] || die "“$replace” is not known. usage: ./itrova restore FILE [--replace]"
  lock
  work=$(umask 077; mktemp -d "$state/restore.XXXXXX")
  # shellcheck disable=SC2064
  trap "rm -rf '$work'" EXIT
  tar -xzf "$file" -C "$work" --no-same-owner manifest data.sql 2>/dev/null || die "$file is not a backup of Itrova, or it is damaged. Nothing was changed."
  [ "$(said format "$work")" = itrova-backup/1 ] || die "$file is not a backup this program can read. Nothing was changed."
  [ "$(sha256sum "$work/data.sql" | cut -d' ' -f1)" = "$(said sha256 "$work")" ] || die "$file is damaged: its contents are not what was backed up. Nothing was changed."
  [ "$(said edition "$work")" -le "$(program_edition)" ] ||
    die "$file is of edition $(said edition "$work"), this program knows editions up to $(program_edition). Nothing was changed. Use the newer program."
  build
  database_start --may-be-new
  schema=$(cat "$state/schema" 2>/dev/null || own_schema)
  if schema_has_tables "$schema"; then
    [ -n "$replace" ] || die "there is a living data base here. Nothing was changed.
To put the backup in its place: ./itrova restore \"$file\" --replace   (the present data are backed up first and stay set aside)"
    alive "$state/server.pid" && was_running=yes
    end_process "$state/server.pid"
    local before
    before=$state/backups/before-restore-$(date -u +%Y%m%d-%H%M%S).tar.gz
    write_backup "$schema" "$(cat "$state/demo" 2>/dev/null || echo false)" "$before"
    say "The present data are backed up to $before and stay set aside as data base $schema."
  fi
  fresh=itrova_$(date -u +%Y%m%d_%H%M%S)_$$
  root_sql -e "CREATE DATABASE \`$fresh\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
  if ! root_sql "$fresh" <"$work/data.sql" 2>"$work/problem"; then
    root_sql -e "DROP DATABASE \`$fresh\`"
    die "the backup could not be read in: $(head -3 "$work/problem"). The data that were here are as they were."
  fi
  echo "$fresh" >"$state/schema"
  said demo "$work" >"$state/demo"
  [ "$(said demo "$work")" = true ] || echo "$fresh" >"$state/own-schema"
  echo "Restored the backup of $(said made "$work")."
  if [ "$was_running" = yes ]; then
    unlock
    start
  else
    echo "Start with: ./itrova start"
  fi
}
