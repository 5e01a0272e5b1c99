# What must be installed, and building. Sourced by ./itrova.

# need COMMAND PACKAGE ...: installs Debian packages whose command is missing, when it may
need() {
  local packages=()
  while [ $# -gt 0 ]; do
    command -v "$1" >/dev/null 2>&1 || [ -x "/usr/sbin/$1" ] || packages+=("$2")
    shift 2
  done
  [ ${#packages[@]} -eq 0 ] && return 0
  local as_root=()
  if [ "$(id -u)" -ne 0 ]; then
    if command -v sudo >/dev/null && sudo -n true 2>/dev/null; then
      as_root=(sudo -n)
    else
      die "missing: ${packages[*]}. Run: sudo apt-get install --no-install-recommends ${packages[*]}"
    fi
  fi
  say "Installing ${packages[*]} ..."
  "${as_root[@]}" apt-get update -qq
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${packages[@]}" >/dev/null
}

need_build() { need javac openjdk-17-jdk-headless mvn maven node nodejs npm npm; }
# a Python module of Debian's for the tests that read our drawings with a program of others
need_reader() { /usr/bin/python3 -c 'import ezdxf' 2>/dev/null || need no-such-command python3-ezdxf; }
# Chromium without a window takes less work to draw a page; the whole browser does where Debian has no such package
need_browser() {
  [ -x /usr/bin/chromium-headless-shell ] || (need chromium-headless-shell chromium-headless-shell) || need chromium chromium
  ITROVA_BROWSER=$(command -v chromium-headless-shell || command -v chromium)
  export ITROVA_BROWSER
}
need_database() { need mariadbd mariadb-server mariadb mariadb-client; }

newer_than() { # any source newer than the file?
  [ ! -f "$1" ] || [ -n "$(find "$here"/{core,formats,server,web}/ "$here/docs/formats" "$here/pom.xml" -type f -newer "$1" \
    -not -path '*/target/*' -not -path '*/node_modules/*' -not -path '*/dist/*' -not -path '*/src/test/*' \
    -not -path '*/src/api/schema.ts' -print -quit)" ]
}

build() {
  need_build
  if newer_than "$app_jar" || [ ! -f "$cli_jar" ]; then
    say "Building ..."
    (cd "$here" && mvn -B -q -DskipTests -pl server -am package >"$state/build.log" 2>&1) ||
      { tail -40 "$state/build.log" >&2; die "the build failed, see $state/build.log"; }
    touch "$app_jar"
  fi
}
