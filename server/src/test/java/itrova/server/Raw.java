package itrova.server;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** Requests with a Host of one's choice, which the usual client does not let one make. */
final class Raw {
    private Raw() {}

    /** The whole answer, headers and all. */
    static String get(String address, String path, String host) throws IOException {
        URI uri = URI.create(address);
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream()
                    .write(("GET " + path + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
