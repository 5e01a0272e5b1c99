package itrova.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class ItrovaApplication {
    public static void main(String[] args) {
        SpringApplication.run(ItrovaApplication.class, args);
    }
}
