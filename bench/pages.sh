#!/usr/bin/env bash
# Start to first page, first page's size and time, the server's memory. Uses demo data on a server of its own.
set -euo pipefail
cd "$(dirname "$0")/.."
./itrova stop
./itrova demo >/dev/null
./itrova stop
start=$(date +%s%N)
./itrova start >/dev/null
echo "start on built code to first answer: $((($(date +%s%N) - start) / 1000000)) ms"
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 java -cp 'bench/target/itrova-bench.jar:bench/target/lib/*' itrova.bench.FirstPage \
  "http://127.0.0.1:$(cat .itrova/server.port)"
java -cp 'bench/target/itrova-bench.jar:bench/target/lib/*' itrova.bench.EnterReading "http://127.0.0.1:$(cat .itrova/server.port)"
awk '/VmHWM/ {printf "server memory, highest resident: %d MB (heap limited to 1 GB)\n", $2 / 1024}' "/proc/$(cut -d" " -f1 .itrova/server.pid)/status"
./itrova stop
