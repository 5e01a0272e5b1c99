package itrova.server.security;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Refusals of the filters, before any controller is reached, in the form of RFC 9457. */
public final class ProblemWriter {
    private static final int LONGEST_ECHOED = 60;
    private static final JsonMapper JSON = new JsonMapper();

    private ProblemWriter() {}

    /** Writes a refusal, unless an answer has begun. */
    public static void write(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        write(response, status, title, detail, Map.of());
    }

    /** Writes a refusal with more to tell, unless an answer has begun. */
    public static void write(
            HttpServletResponse response, HttpStatus status, String title, String detail, Map<String, String> more)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setHeader("Cache-Control", "no-store");
        ObjectNode problem = JSON.createObjectNode()
                .put("type", "about:blank")
                .put("title", title)
                .put("status", status.value())
                .put("detail", detail);
        more.forEach(problem::put);
        response.getOutputStream().write(JSON.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8));
    }

    /** What a stranger sent, cut before it is told back. */
    static String shortened(String text) {
        return text.length() > LONGEST_ECHOED ? text.substring(0, LONGEST_ECHOED) + "…" : text;
    }
}
