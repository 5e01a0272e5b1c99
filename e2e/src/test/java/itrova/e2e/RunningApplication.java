package itrova.e2e;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** The packaged application as its own process, with demo data on a fresh schema of a real MariaDB. One for all tests. */
final class RunningApplication {
    private static final String SCHEMAS = "itrova_test_e2e_";
    /** One for each process that tests, as two do at a time. */
    private static final String SCHEMA = SCHEMAS + ProcessHandle.current().pid();

    private static final Duration PATIENCE = Duration.ofSeconds(180);
    private static RunningApplication only;

    private final String address;
    private final int port;
    private final String url;
    private Process process;

    private RunningApplication() throws IOException, InterruptedException, SQLException {
        String url = "jdbc:mariadb://" + required("ITROVA_TEST_DB") + "/";
        try (Connection db =
                        DriverManager.getConnection(url, "itrova_owner", required("ITROVA_TEST_DB_OWNER_PASSWORD"));
                Statement statement = db.createStatement()) {
            dropThoseOfTheDead(statement);
            statement.execute("DROP DATABASE IF EXISTS " + SCHEMA);
            statement.execute("CREATE DATABASE " + SCHEMA + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        }
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        this.url = url;
        address = "http://127.0.0.1:" + port;
        process = run();
        Runtime.getRuntime().addShutdownHook(new Thread(() -> process.destroy()));
    }

    private Process run() throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                "java",
                "-Xmx384m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1", // it starts often and lives short
                "-jar",
                System.getProperty("itrova.jar"));
        builder.environment().put("ITROVA_PORT", String.valueOf(port));
        builder.environment().put("ITROVA_DB_URL", url + SCHEMA);
        builder.environment().put("ITROVA_DB_USER", "itrova");
        builder.environment().put("ITROVA_DB_PASSWORD", required("ITROVA_TEST_DB_PASSWORD"));
        builder.environment().put("ITROVA_DB_OWNER", "itrova_owner");
        builder.environment().put("ITROVA_DB_OWNER_PASSWORD", required("ITROVA_TEST_DB_OWNER_PASSWORD"));
        builder.environment().put("ITROVA_DEMO", "true");
        File log = new File(
                System.getProperty("itrova.traces"),
                "server-" + ProcessHandle.current().pid() + ".log");
        log.getParentFile().mkdirs();
        Process started = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log))
                .start();
        waitUntilItAnswers(started, log);
        return started;
    }

    /** Ends the server's process without warning and starts another on the same data. */
    static synchronized void restart() {
        try {
            address();
            only.process.destroyForcibly().waitFor();
            only.process = only.run();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static void dropThoseOfTheDead(Statement statement) throws SQLException {
        List<String> left = new ArrayList<>();
        try (ResultSet schemas = statement.executeQuery("SHOW DATABASES LIKE 'itrova\\_test\\_e2e\\_%'")) {
            while (schemas.next()) {
                left.add(schemas.getString(1));
            }
        }
        for (String schema : left) {
            String tester = schema.substring(SCHEMAS.length());
            if (!tester.matches("\\d+")
                    || ProcessHandle.of(Long.parseLong(tester)).isEmpty()) {
                statement.execute("DROP DATABASE IF EXISTS " + schema);
            }
        }
    }

    private void waitUntilItAnswers(Process process, File log) throws InterruptedException {
        HttpClient http = HttpClient.newHttpClient();
        Instant last = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(last)) {
            if (!process.isAlive()) {
                throw new IllegalStateException("The application ended, see " + log);
            }
            try {
                if (http.send(
                                        HttpRequest.newBuilder(URI.create(address + "/api/session"))
                                                .build(),
                                        HttpResponse.BodyHandlers.discarding())
                                .statusCode()
                        == 200) {
                    return;
                }
            } catch (IOException e) {
                Thread.sleep(200);
            }
        }
        throw new IllegalStateException("The application does not answer, see " + log);
    }

    static String required(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(
                    name + " is not set: these tests want a real MariaDB and a browser. Run ./itrova test");
        }
        return value;
    }

    static synchronized String address() {
        try {
            if (only == null) {
                only = new RunningApplication();
            }
            return only.address;
        } catch (IOException | SQLException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
