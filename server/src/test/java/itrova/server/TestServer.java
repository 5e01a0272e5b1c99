package itrova.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole server on a fresh schema of the MariaDB that {@code ./itrova test} starts. */
final class TestServer implements AutoCloseable {
    private static final String SCHEMA = "itrova_test_api";
    private static final JsonMapper JSON = new JsonMapper();

    private final ConfigurableApplicationContext context;
    private final String base;

    private TestServer(ConfigurableApplicationContext context) {
        this.context = context;
        this.base = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    static TestServer start() throws SQLException {
        try (Connection db = connect("");
                Statement statement = db.createStatement()) {
            statement.execute("DROP DATABASE IF EXISTS " + SCHEMA);
            statement.execute("CREATE DATABASE " + SCHEMA + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        }
        return new TestServer(SpringApplication.run(ItrovaApplication.class, settings()));
    }

    /** A second instance on the same data base. */
    static TestServer another() {
        return new TestServer(SpringApplication.run(ItrovaApplication.class, settings()));
    }

    private static String[] settings() {
        return new String[] {
            "--server.port=0",
            "--itrova.demo=true",
            "--spring.datasource.url=" + url(SCHEMA),
            "--spring.datasource.username=itrova",
            "--spring.datasource.password=" + password(),
            "--logging.level.root=error"
        };
    }

    static Connection connect(String schema) throws SQLException {
        return DriverManager.getConnection(url(schema), "itrova", password());
    }

    static Connection data() throws SQLException {
        return connect(SCHEMA);
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

        Client(String base) {
            this.base = base;
        }

        Client at(TestServer other) {
            Client moved = new Client(other.base);
            cookies.getCookieStore()
                    .getCookies()
                    .forEach(c -> moved.cookies.getCookieStore().add(URI.create(other.base), c));
            return moved;
        }

        Answer get(String path) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(base + path)));
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
            HttpRequest.Builder builder =
                    HttpRequest.newBuilder(URI.create(base + path)).header("Content-Type", type);
            if (sendsToken) {
                cookies.getCookieStore().getCookies().stream()
                        .filter(c -> c.getName().equals("XSRF-TOKEN"))
                        .map(HttpCookie::getValue)
                        .findFirst()
                        .ifPresent(token -> builder.header("X-XSRF-TOKEN", token));
            }
            return builder;
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
