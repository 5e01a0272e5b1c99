package itrova.server.description;

import itrova.server.ItrovaApplication;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Writes the API's description to a file during the build; the web client's types are generated from it. No data base is needed. */
public final class OpenApiExport {
    private OpenApiExport() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        SpringApplication application = new SpringApplication(ItrovaApplication.class);
        String[] settings = {
            "--server.port=0",
            "--spring.flyway.enabled=false",
            "--spring.main.lazy-initialization=true",
            "--itrova.describe-only=true",
            "--spring.autoconfigure.exclude=org.springframework.boot.session.jdbc.autoconfigure.JdbcSessionAutoConfiguration",
            "--spring.datasource.hikari.initialization-fail-timeout=-1"
        };
        try (ConfigurableApplicationContext context = application.run(settings)) {
            String port = context.getEnvironment().getProperty("local.server.port");
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/openapi"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(
                        "The API's description was answered with status " + answer.statusCode());
            }
            Files.writeString(Path.of(args[0]), answer.body());
        }
    }
}
