package itrova.server.suppliers;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.Callable;
import org.springframework.stereotype.Component;

/** Speaks with suppliers' services: with time limits, again after a pause where it failed, not at all for a while where it keeps failing. */
@Component
class SupplierClient {
    private static final Duration LIMIT = Duration.ofSeconds(5);
    private static final int LONGEST_ANSWER = 200_000;
    private static final Duration FIRST_PAUSE = Duration.ofMillis(200);
    private static final int TRIES = 3;

    private final SimulatedSuppliers simulated;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final CircuitBreakerRegistry breakers = CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
            .slidingWindowSize(6)
            .minimumNumberOfCalls(4)
            .waitDurationInOpenState(Duration.ofSeconds(10))
            .build());
    private final Retry retry = Retry.of(
            "suppliers",
            RetryConfig.custom()
                    .maxAttempts(TRIES)
                    .intervalFunction(IntervalFunction.ofExponentialRandomBackoff(FIRST_PAUSE.toMillis(), 2))
                    .retryExceptions(IOException.class)
                    .build());

    SupplierClient(SimulatedSuppliers simulated) {
        this.simulated = simulated;
    }

    /** It cannot be reached now; later it may. */
    static final class NotReachedException extends Exception {
        private static final long serialVersionUID = 1L;

        NotReachedException(String why) {
            super(why);
        }
    }

    /** What came back: status and body. */
    record Answer(int status, String body) {}

    /** Asks once, and again where that failed. */
    Answer get(String supplier, String address, String path) throws NotReachedException {
        return call(
                supplier,
                HttpRequest.newBuilder(uri(address, path)).timeout(LIMIT).GET().build());
    }

    /** Sends under a key: sent again under the same key it is the same. */
    Answer post(String supplier, String address, String path, String key, String body) throws NotReachedException {
        return call(
                supplier,
                HttpRequest.newBuilder(uri(address, path))
                        .timeout(LIMIT)
                        .header("Content-Type", "application/json")
                        .header("Idempotency-Key", key)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build());
    }

    private URI uri(String address, String path) {
        return URI.create(simulated.resolve(address) + path);
    }

    private Answer call(String supplier, HttpRequest request) throws NotReachedException {
        CircuitBreaker breaker = breakers.circuitBreaker(supplier);
        Callable<Answer> once = CircuitBreaker.decorateCallable(breaker, () -> send(request));
        try {
            return Retry.decorateCallable(retry, once).call();
        } catch (CallNotPermittedException e) {
            throw new NotReachedException(
                    supplier + " failed several times in a row; it is asked again in some seconds.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new NotReachedException("This program ends.");
        } catch (Exception e) {
            throw new NotReachedException(supplier + " cannot be reached: " + e.getMessage());
        }
    }

    private Answer send(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 500) {
            throw new IOException("it answered " + answer.statusCode());
        }
        if (answer.body().length() > LONGEST_ANSWER) {
            throw new IOException("its answer is longer than an answer is");
        }
        return new Answer(answer.statusCode(), answer.body());
    }
}
