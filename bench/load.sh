#!/usr/bin/env bash
# Twenty users for a minute with the demo's kits and with ten thousand more; a price list of a hundred thousand rows; then server and
# data base killed ten times each under writes, and between the sending of orders and their answer. On a demo server of its own; all traffic stays on loopback.
set -euo pipefail
cd "$(dirname "$0")/.."
classes='bench/target/itrova-bench.jar:bench/target/lib/*'
export ITROVA_PORT=${ITROVA_PORT:-8188}
address=http://127.0.0.1:$ITROVA_PORT
memory() { awk '/VmHWM/ {printf "server memory, highest resident: %d MB\n", $2 / 1024}' "/proc/$(cut -d' ' -f1 .itrova/server.pid)/status"; }
users() {
  java -cp "$classes" itrova.bench.load.Users "$address" \
    "jdbc:mariadb://127.0.0.1:$(cat .itrova/db.port)/itrova_demo" "$(cat .itrova/db.password)" 20 "${SECONDS_OF_LOAD:-60}"
  memory
}
./itrova stop
./itrova demo >/dev/null
echo "--- twenty users, the demo's kits"
users
echo "--- twenty users, ten thousand kits more"
java -cp "$classes" itrova.bench.load.ManyKits "$address" 10000
java -cp "$classes" itrova.bench.load.Lookers "$address"
users
ITROVA_HEAP=512m ./itrova demo >/dev/null
echo "--- a price list of a hundred thousand rows, the server with 512 MB"
java -cp "$classes" itrova.bench.load.ManyParts "$address" 100000
memory
./itrova demo >/dev/null
echo "--- killed under writes"
java -cp "$classes" itrova.bench.load.KillUnderWrites "$address" "$PWD" "${KILLS:-10}"
echo "--- killed between the sending of orders and their answer"
java -cp "$classes" itrova.bench.load.KillUnderOrders "$address" "$PWD" "${KILLS:-10}"
./itrova stop
