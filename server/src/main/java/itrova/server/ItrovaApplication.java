package itrova.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class ItrovaApplication {
    static {
        // a connection is looked at each time it is lent: once the data base dropped everybody, nobody is given a dead
        // one
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
    }

    public static void main(String[] args) {
        SpringApplication.run(ItrovaApplication.class, args);
    }
}
