package itrova.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/**
 * The launcher as a shop uses it, with a folder of its own whose path has a blank: begin, back up, lose the data, bring them back;
 * what it must never do is tried as well.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LauncherIT {
    private static final Path REPO = Path.of(System.getProperty("itrova.jar"))
            .toAbsolutePath()
            .normalize()
            .getParent()
            .getParent()
            .getParent();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private static Path top;
    private static Path state;
    private static int port;

    /** What a command printed and how it ended. */
    private record Ran(int exit, String said) {}

    /** The project under a path with a blank: links to what is built, so that nothing is built again. */
    @BeforeAll
    static void arrange() throws IOException {
        top = Files.createTempDirectory(Path.of("/tmp"), "itrova launcher ");
        Files.setPosixFilePermissions(top, java.nio.file.attribute.PosixFilePermissions.fromString("rwxr-xr-x"));
        for (String part : List.of("itrova", "launcher", "core", "formats", "server", "web", "docs", "pom.xml")) {
            if (part.equals("itrova")) {
                Files.copy(REPO.resolve(part), top.resolve(part), java.nio.file.StandardCopyOption.COPY_ATTRIBUTES);
            } else {
                Files.createSymbolicLink(top.resolve(part), REPO.resolve(part));
            }
        }
        state = top.resolve(".itrova");
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
    }

    @AfterAll
    static void clear() throws Exception {
        run("stop");
        if (Files.exists(state.resolve("data-folder"))) {
            delete(Path.of(Files.readString(state.resolve("data-folder")).strip()));
        }
        delete(top);
    }

    private static void delete(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }

    private static Ran run(String... words) throws IOException, InterruptedException {
        return run(Map.of("ITROVA_PORT", String.valueOf(port)), words);
    }

    private static Ran run(Map<String, String> environment, String... words) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(top.resolve("itrova").toString()));
        command.addAll(List.of(words));
        Path said = Files.createTempFile("itrova-said", ".txt");
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().putAll(environment);
        builder.environment().remove("ITROVA_STATE");
        builder.environment().put("JAVA_TOOL_OPTIONS", "-XX:TieredStopAtLevel=1"); // started often, living short
        Process process =
                builder.redirectErrorStream(true).redirectOutput(said.toFile()).start();
        int exit = process.waitFor();
        String text = Files.readString(said, StandardCharsets.UTF_8);
        Files.delete(said);
        return new Ran(exit, text);
    }

    private static Ran ok(Ran ran) {
        assertThat(ran.exit()).as(ran.said()).isZero();
        return ran;
    }

    private static Path data() throws IOException {
        return Files.exists(state.resolve("data-folder"))
                ? Path.of(Files.readString(state.resolve("data-folder")).strip())
                : state.resolve("db");
    }

    private static long process(String file) throws IOException {
        return Long.parseLong(Files.readString(state.resolve(file)).split(" ")[0]);
    }

    private static String get(String path) throws Exception {
        return HTTP.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .timeout(Duration.ofSeconds(120))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    @Test
    @Order(1)
    void theFirstStartGivesAOneTimeCodeAndOpensTheShop() throws Exception {
        Ran first = ok(run("start"));
        assertThat(first.said()).contains("http://127.0.0.1:" + port, "one-time code");
        String code = first.said().replaceAll("(?s).*one-time code is: (\\w+).*", "$1");
        String body =
                "{\"code\":\"%s\",\"shop\":\"Sill and Sons\",\"login\":\"edda\",\"name\":\"Edda Sill\",\"password\":\"three words in a row\",\"units\":\"METRIC\"}"
                        .formatted(code);
        HttpResponse<String> token = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/session"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        String csrf = token.headers().firstValue("Set-Cookie").orElse("").replaceAll("XSRF-TOKEN=([^;]*).*", "$1");
        HttpResponse<String> opened = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/setup"))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", csrf)
                        .header("Cookie", "XSRF-TOKEN=" + csrf)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(opened.statusCode()).as(opened.body()).isEqualTo(200);
        assertThat(ok(run("start")).said()).doesNotContain("one-time code");
    }

    @Test
    @Order(2)
    void theDataBaseIsNobodysButOurs() throws Exception {
        String root = sql("SELECT CONCAT(User, '@', Host) FROM mysql.global_priv WHERE User = 'root'");
        assertThat(root.strip()).isEqualTo("root@localhost");
        assertThat(sql("SELECT COUNT(*) FROM mysql.global_priv WHERE User = ''").strip())
                .isEqualTo("0");
        assertThat(sql("SELECT @@local_infile").strip()).isEqualTo("0");
        assertThat(sql("SELECT @@secure_file_priv").strip()).endsWith("files/");
        if (System.getProperty("user.name").equals("root")) {
            Path status = Path.of("/proc/" + process("db.pid") + "/status");
            assertThat(Files.readString(status)).doesNotContain("Uid:\t0\t");
        }
    }

    private static String sql(String statement) throws Exception {
        Process process = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "--socket="
                                + Files.readString(state.resolve("db.socket")).strip(),
                        "-uroot",
                        "-p"
                                + Files.readString(state.resolve("db.root-password"))
                                        .strip(),
                        "-N",
                        "-e",
                        statement)
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }

    @Test
    @Order(3)
    void aDeadDataBaseIsStartedAgainAndTheServerFindsIt() throws Exception {
        ProcessHandle daemon = ProcessHandle.of(process("db.pid")).orElseThrow();
        daemon.destroyForcibly();
        daemon.onExit().join();
        String away = get("/api/session");
        assertThat(away).contains("data base does not answer", "503");
        HttpResponse<String> signIn = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/session"))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", "any")
                        .header("Cookie", "XSRF-TOKEN=any; SESSION=none")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"login\":\"edda\",\"password\":\"three words in a row\"}"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(signIn.statusCode()).as(signIn.body()).isEqualTo(503);
        assertThat(signIn.headers().firstValue("Retry-After")).isPresent();
        HttpResponse<String> floor = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/floor"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(floor.headers().firstValue("Cache-Control").orElse("")).isEqualTo("no-cache");
        assertThat(floor.headers().firstValue("Set-Cookie")).isEmpty();
        String page = floor.body();
        assertThat(page).as("pages need no data base").contains("/assets/");
        String script = page.replaceAll("(?s).*\"(/assets/[^\"]+\\.js)\".*", "$1");
        HttpResponse<String> part = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + script))
                        .header("Cookie", "SESSION=c29tZWJvZHk")
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(part.statusCode()).isEqualTo(200);
        assertThat(part.headers().firstValue("Cache-Control").orElse("")).contains("immutable", "max-age=31536000");
        Ran again = ok(run("start"));
        assertThat(again.said()).contains("The data base had ended", "http://127.0.0.1:" + port);
        assertThat(get("/api/session")).contains("Sill and Sons");
    }

    @Test
    @Order(4)
    void aBackupBringsBackWhatALostFolderHeld() throws Exception {
        Path backup = top.resolve("a backup.tar.gz");
        ok(run("backup", backup.toString()));
        assertThat(run("backup", backup.toString()).said()).contains("is there already");
        ok(run("stop"));
        Path lost = data();
        Path aside = lost.resolveSibling("lost");
        Files.move(lost, aside);

        Ran start = run("start");
        assertThat(start.exit()).isNotZero();
        assertThat(start.said()).contains("is gone", "restore");
        assertThat(lost).doesNotExist();

        Files.createDirectory(lost);
        Files.writeString(lost.resolve("something"), "not a data base");
        Ran broken = run("start");
        assertThat(broken.exit()).isNotZero();
        assertThat(broken.said()).contains("is no data base", "something");
        assertThat(lost.resolve("something")).exists();
        Files.delete(lost.resolve("something"));

        assertThat(ok(run("restore", backup.toString())).said()).contains("Restored");
        ok(run("start"));
        assertThat(get("/api/session")).contains("Sill and Sons");
        delete(aside);
    }

    @Test
    @Order(5)
    void livingDataAreNotOverwrittenAndNoDamagedOrNewerFileIsTaken() throws Exception {
        Path backup = top.resolve("a backup.tar.gz");
        Ran living = run("restore", backup.toString());
        assertThat(living.exit()).isNotZero();
        assertThat(living.said()).contains("living data base", "--replace");
        Path damaged = top.resolve("damaged.tar.gz");
        byte[] bytes = Files.readAllBytes(backup);
        bytes[bytes.length / 2] ^= 0x55;
        Files.write(damaged, bytes);
        assertThat(run("restore", damaged.toString(), "--replace").said()).contains("damaged");
        assertThat(run("restore", changed(backup, "s/^edition=.*/edition=9999/"), "--replace")
                        .said())
                .contains("of edition 9999");
        assertThat(run("restore", changed(backup, "s/^sha256=.*/sha256=0/"), "--replace")
                        .said())
                .contains("damaged");
        assertThat(get("/api/session")).contains("Sill and Sons");
        Ran replaced = ok(run("restore", backup.toString(), "--replace"));
        assertThat(replaced.said()).contains("backed up to", "set aside", "http://127.0.0.1:" + port);
        assertThat(get("/api/session")).contains("Sill and Sons");
        try (Stream<Path> kept = Files.list(state.resolve("backups"))) {
            assertThat(kept).isNotEmpty();
        }
    }

    /** The backup with its manifest changed; gives its path. */
    private static String changed(Path backup, String how) throws Exception {
        Path work = Files.createTempDirectory("itrova-changed");
        Path file = work.resolve("changed.tar.gz");
        String script =
                "tar -xzf \"$1\" -C \"$2\" && sed -i \"$3\" \"$2/manifest\" && tar -czf \"$4\" -C \"$2\" manifest data.sql";
        assertThat(new ProcessBuilder(
                                "bash", "-c", script, "-", backup.toString(), work.toString(), how, file.toString())
                        .start()
                        .waitFor())
                .isZero();
        return file.toString();
    }

    @Test
    @Order(6)
    void dataOfANewerProgramAreNotTouched() throws Exception {
        String schema = Files.readString(state.resolve("schema")).strip();
        sql(
                "INSERT INTO `" + schema
                        + "`.flyway_schema_history (installed_rank, version, description, type, script, installed_by, execution_time, success) VALUES (999, '999', 'newer', 'SQL', 'V999__newer.sql', 'x', 1, 1)");
        ok(run("stop"));
        Ran newer = run("start");
        assertThat(newer.exit()).isNotZero();
        assertThat(newer.said()).contains("of edition 999");
        sql("DELETE FROM `" + schema + "`.flyway_schema_history WHERE version = '999'");
        // an older one is backed up before it is changed
        sql("UPDATE `" + schema
                + "`.flyway_schema_history SET version = '0.9' WHERE version = (SELECT v FROM (SELECT MAX(CAST(version AS UNSIGNED)) v FROM `"
                + schema + "`.flyway_schema_history) x)");
        Ran older = run("start");
        assertThat(older.said()).contains("backing them up first");
        sql(
                "UPDATE `" + schema
                        + "`.flyway_schema_history SET version = SUBSTRING(script, 2, LOCATE('__', script) - 2) WHERE version = '0.9'");
        ok(run("start"));
    }

    @Test
    @Order(7)
    void aStrangersProcessAndPortAreLeftAlone() throws Exception {
        ok(run("stop"));
        Process stranger = new ProcessBuilder("sleep", "600").start();
        try (ServerSocket taken = new ServerSocket(0, 50, java.net.InetAddress.getLoopbackAddress())) {
            Files.writeString(state.resolve("server.pid"), stranger.pid() + " 1 some-boot\n");
            Files.writeString(state.resolve("db.pid"), String.valueOf(stranger.pid()));
            ok(run("stop"));
            assertThat(stranger.isAlive()).isTrue();
            Ran refused = run(Map.of("ITROVA_PORT", String.valueOf(taken.getLocalPort())), "start");
            assertThat(refused.exit()).isNotZero();
            assertThat(refused.said()).contains("taken by another program").doesNotContain("Itrova is at");
        } finally {
            stranger.destroyForcibly();
        }
    }

    /** A server just killed still has its number when it is looked at: it is started again, not given up. */
    @Test
    @Order(8)
    void aServerOnItsWayOutIsStartedAgain() throws Exception {
        Process dying = new ProcessBuilder("sleep", "600").start();
        String stat = Files.readString(Path.of("/proc", String.valueOf(dying.pid()), "stat"));
        String began = stat.substring(stat.lastIndexOf(')') + 2).split(" ")[19];
        String boot =
                Files.readString(Path.of("/proc/sys/kernel/random/boot_id")).strip();
        Files.writeString(state.resolve("server.pid"), dying.pid() + " " + began + " " + boot + "\n");
        Files.writeString(state.resolve("server.port"), port + "\n");
        ServerSocket looked = new ServerSocket(port, 50, java.net.InetAddress.getByName("127.0.0.1"));
        CompletableFuture<Void> ending = CompletableFuture.runAsync(() -> {
            try (looked) {
                looked.accept().close();
            } catch (IOException e) {
                throw new IllegalStateException(e);
            } finally {
                dying.destroyForcibly();
            }
        });
        Ran started = ok(run("start"));
        ending.get();
        assertThat(started.said()).contains("The server had ended; starting it again", "Itrova is at");
        assertThat(process("server.pid")).isNotEqualTo(dying.pid());
    }

    @Test
    @Order(9)
    void twoDemosAtOnceWaitForEachOther() throws Exception {
        CompletableFuture<Ran> other = CompletableFuture.supplyAsync(() -> {
            try {
                return run(Map.of(), "demo");
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        });
        Ran one = run(Map.of(), "demo");
        ok(other.get());
        assertThat(ok(one).said() + other.get().said())
                .contains("Sign in as wilma")
                .doesNotContain("Exception", "unbound variable", "line ");
        ok(run("stop"));
    }
}
