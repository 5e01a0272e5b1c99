package itrova.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole server on a fresh schema of the MariaDB that {@code ./itrova test} starts. */
final class TestServer implements AutoCloseable {
    /** One for each process that tests, so that several may do so at once. */
    private static final String SCHEMA =
            "itrova_test_api_" + ProcessHandle.current().pid();

    private static final JsonMapper JSON = new JsonMapper();

    private final ConfigurableApplicationContext context;
    private final String base;

    private TestServer(ConfigurableApplicationContext context) {
        this.context = context;
        this.base = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** With the demo's data, on a fresh schema. */
    static TestServer start() throws SQLException {
        freshSchema();
        return another();
    }

    /** Nobody known and nothing in it, on a fresh schema. */
    static TestServer empty(String setupCode) throws SQLException {
        freshSchema();
        return another("--itrova.demo=false", "--itrova.setup-code=" + setupCode);
    }

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(TestServer::dropSchema));
    }

    private static void dropSchema() {
        try (Connection db = owner("");
                Statement statement = db.createStatement()) {
            statement.execute("DROP DATABASE IF EXISTS " + SCHEMA);
        } catch (SQLException e) {
            // the data base has ended before: its files go with it or are dropped when it is next asked
        }
    }

    private static void freshSchema() throws SQLException {
        try (Connection db = owner("");
                Statement statement = db.createStatement()) {
            statement.execute("DROP DATABASE IF EXISTS " + SCHEMA);
            statement.execute("CREATE DATABASE " + SCHEMA + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        }
    }

    /** A second instance on the same data base. */
    static TestServer another(String... more) {
        List<String> all = new ArrayList<>(List.of(more));
        for (String setting : settings()) {
            if (all.stream().noneMatch(m -> m.startsWith(setting.substring(0, setting.indexOf('=') + 1)))) {
                all.add(setting);
            }
        }
        return new TestServer(SpringApplication.run(ItrovaApplication.class, all.toArray(String[]::new)));
    }

    /** A second instance on the same data base, in a process of its own. */
    static Elsewhere inAnotherProcess() throws IOException, InterruptedException {
        int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-Xmx384m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                ItrovaApplication.class.getName()));
        for (String setting : settings()) {
            command.add(setting.startsWith("--server.port=") ? "--server.port=" + port : setting);
        }
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Elsewhere there = new Elsewhere(process, "http://127.0.0.1:" + port);
        Client asking = new Client(there.address());
        while (true) {
            try {
                if (asking.get("/api/session").status() == 200) {
                    return there;
                }
            } catch (IOException e) {
                if (!process.isAlive()) {
                    throw new IllegalStateException("The other instance ended with " + process.exitValue(), e);
                }
            }
            Thread.sleep(200);
        }
    }

    /** An instance in another process. */
    record Elsewhere(Process process, String address) implements AutoCloseable {
        @Override
        public void close() {
            process.destroy();
            process.onExit().join();
        }
    }

    private static String[] settings() {
        return new String[] {
            "--server.port=0",
            "--itrova.week-seconds=1",
            // the least there is: slowness is what makes a password safe, and is no matter here
            "--itrova.password-rounds=4",
            "--itrova.demo=true",
            "--spring.datasource.url=" + url(SCHEMA),
            "--spring.datasource.username=itrova",
            "--spring.datasource.password=" + password(),
            "--spring.flyway.url=" + url(SCHEMA),
            "--spring.flyway.user=itrova_owner",
            "--spring.flyway.password=" + required("ITROVA_TEST_DB_OWNER_PASSWORD"),
            "--itrova.instance=the tests",
            "--logging.level.root=error"
        };
    }

    static Connection connect(String schema) throws SQLException {
        return DriverManager.getConnection(url(schema), "itrova", password());
    }

    /** As the server's own account. */
    static Connection data() throws SQLException {
        return connect(SCHEMA);
    }

    /** As the account that made the tables. */
    static Connection ownersData() throws SQLException {
        return owner(SCHEMA);
    }

    private static Connection owner(String schema) throws SQLException {
        return DriverManager.getConnection(url(schema), "itrova_owner", required("ITROVA_TEST_DB_OWNER_PASSWORD"));
    }

    private static String url(String schema) {
        return "jdbc:mariadb://" + required("ITROVA_TEST_DB") + "/" + schema;
    }

    private static String password() {
        return required("ITROVA_TEST_DB_PASSWORD");
    }

    private static String required(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set: these tests want a real MariaDB. Run ./itrova test");
        }
        return value;
    }

    String address() {
        return base;
    }

    Client client() {
        return new Client(base);
    }

    Client signedIn(String login) throws IOException, InterruptedException {
        Client client = client();
        client.get("/api/session");
        Answer answer = client.post("/api/session", "{\"login\":\"" + login + "\",\"password\":\"ambleford\"}");
        if (answer.status() != 200) {
            throw new IllegalStateException("sign-in answered " + answer.status() + " " + answer.text());
        }
        client.get("/api/session");
        return client;
    }

    /** A part of the running server. */
    <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        context.close();
    }

    /** An answer with its body. */
    record Answer(int status, String text, String contentType) {
        JsonNode json() {
            return JSON.readTree(text);
        }
    }

    /** A browser of sorts: keeps cookies, sends the CSRF token. */
    static final class Client {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(cookies).build();
        private final String base;
        boolean sendsToken = true;
        /** Id of the writes to come; a new one for each while empty. */
        String writeId = "";
        /** Units the page shows that asks; the person's own while empty. */
        String units = "";

        Client(String base) {
            this.base = base;
        }

        Client at(TestServer other) {
            return at(other.base);
        }

        Client at(String address) {
            Client moved = new Client(address);
            cookies.getCookieStore()
                    .getCookies()
                    .forEach(c -> moved.cookies.getCookieStore().add(URI.create(address), c));
            return moved;
        }

        Answer get(String path) throws IOException, InterruptedException {
            HttpRequest.Builder builder = HttpRequest.newBuilder(URI.create(base + path));
            return send(units.isEmpty() ? builder : builder.header("X-Itrova-Units", units));
        }

        Answer post(String path, String body) throws IOException, InterruptedException {
            return send(request(path).POST(HttpRequest.BodyPublishers.ofString(body)));
        }

        /** Posts bytes of any type. */
        Answer post(String path, String type, byte[] body) throws IOException, InterruptedException {
            return send(request(path, type).POST(HttpRequest.BodyPublishers.ofByteArray(body)));
        }

        Answer put(String path, String body) throws IOException, InterruptedException {
            return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(body)));
        }

        Answer delete(String path) throws IOException, InterruptedException {
            return send(request(path).DELETE());
        }

        private HttpRequest.Builder request(String path) {
            return request(path, "application/json");
        }

        private HttpRequest.Builder request(String path, String type) {
            HttpRequest.Builder builder = HttpRequest.newBuilder(URI.create(base + path))
                    .header("Content-Type", type)
                    .header(
                            "Idempotency-Key",
                            writeId.isEmpty() ? UUID.randomUUID().toString() : writeId);
            if (!units.isEmpty()) {
                builder.header("X-Itrova-Units", units);
            }
            if (sendsToken && !token().isEmpty()) {
                builder.header("X-XSRF-TOKEN", token());
            }
            return builder;
        }

        /** The token a page would send; empty if it has none. */
        String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
        }

        Answer send(HttpRequest.Builder builder) throws IOException, InterruptedException {
            HttpResponse<String> response = http.send(builder.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(
                    response.statusCode(),
                    response.body(),
                    response.headers().firstValue("Content-Type").orElse(""));
        }
    }
}
