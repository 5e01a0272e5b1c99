# Tests and figures. Sourced by ./itrova.

run_tests() {
  need_build
  need_database
  need units units
  need_browser
  need_reader
  lock
  local was_running=no
  alive "$state/db.pid" && was_running=yes
  database_start
  unlock
  [ "$was_running" = yes ] || { tests_db=$(cat "$state/db.pid"); trap end_tests_database EXIT; }
  cd "$here"
  ITROVA_TEST_DB="127.0.0.1:$(cat "$state/db.port")" ITROVA_TEST_DB_PASSWORD=$(cat "$state/db.password") \
    ITROVA_TEST_DB_OWNER_PASSWORD=$(cat "$state/db.owner-password") \
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 MAVEN_OPTS="${MAVEN_OPTS:--XX:TieredStopAtLevel=1}" mvn -B -ntp verify "$@"
}

# Ends the data base the tests began, unless another command has begun one since.
end_tests_database() { [ "$(cat "$state/db.pid" 2>/dev/null)" != "$tests_db" ] || end_process "$state/db.pid"; }

run_bench() {
  mkdir -p "$state"
  need_database
  need_browser
  build
  (cd "$here" && mvn -B -q -DskipTests -pl bench -am package)
  java -cp "$here/bench/target/itrova-bench.jar:$here/bench/target/lib/*" org.openjdk.jmh.Main -rf text -rff "$state/bench.txt" "$@"
  java -cp "$here/bench/target/itrova-bench.jar:$here/bench/target/lib/*" itrova.bench.campaign.CoverageCampaign
  java -cp "$here/bench/target/itrova-bench.jar:$here/bench/target/lib/*" itrova.bench.campaign.NextReadingCampaign
  java -cp "$here/bench/target/itrova-bench.jar:$here/bench/target/lib/*" itrova.bench.campaign.truth.TruthCampaign
  "$here/bench/pages.sh"
}
