package itrova.bench;

import itrova.bench.load.Visitor;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;

/**
 * A reading sent to a running demo server until the drawing and the updated verdicts are back. Wanted: at most 150 ms. The
 * yardstick in the same run is the server's smallest answer.
 */
public final class EnterReading {
    private static final int WARM_UP = 30;
    private static final int RUNS = 40;

    private EnterReading() {}

    public static void main(String[] args) throws Exception {
        Visitor visitor = new Visitor(args[0]).signIn("tam");
        String path = "/api/axles/" + visitor.newAxle("bench");
        List<Double> taken = new ArrayList<>();
        List<Double> advised = new ArrayList<>();
        List<Double> yardstick = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            long start = System.nanoTime();
            visitor.post(path + "/readings", Visitor.register(UUID.randomUUID().toString(), "70." + (78 + i % 5)))
                    .ok();
            long drawn = System.nanoTime();
            visitor.get(path + "/advice").ok();
            long done = System.nanoTime();
            visitor.get("/api/session").ok();
            if (i >= WARM_UP) {
                taken.add((drawn - start) / 1e6);
                advised.add((done - start) / 1e6);
                yardstick.add((System.nanoTime() - done) / 1e6);
            }
        }
        System.out.printf(
                "a reading until the drawing is back %.0f ms, until verdicts and advice are %.0f ms (median of %d; the smallest answer takes %.0f ms, ratio %.1f)%n",
                median(taken), median(advised), RUNS, median(yardstick), median(advised) / median(yardstick));
    }

    private static double median(List<Double> values) {
        Collections.sort(values);
        return values.get(values.size() / 2);
    }
}
