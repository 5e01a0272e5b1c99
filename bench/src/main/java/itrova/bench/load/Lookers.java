package itrova.bench.load;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * One, and eight at the same time, look at a match table right after a reading changed it. Wanted: the slowest of eight waits at most
 * one and a half times as long as one alone. Argument: address.
 */
public final class Lookers {
    private static final int MANY = 8;
    private static final int ROUNDS = 7;

    private Lookers() {}

    public static void main(String[] args) throws Exception {
        Visitor hand = new Visitor(args[0]).signIn("wilma");
        List<Visitor> visitors = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            visitors.add(new Visitor(args[0]).signIn("tam"));
        }
        List<Double> alone = new ArrayList<>();
        List<Double> slowest = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            takeReading(hand, 2 * round);
            alone.add(look(visitors.subList(0, 1)));
            takeReading(hand, 2 * round + 1);
            slowest.add(look(visitors));
        }
        double one = median(alone);
        double eight = median(slowest);
        System.out.printf(
                "match table after a reading: one looker %.0f ms, the slowest of %d %.0f ms (medians of %d), ratio %.2f%n",
                one, MANY, eight, ROUNDS, eight / one);
    }

    private static void takeReading(Visitor hand, int n) throws InterruptedException {
        hand.post(
                        "/api/axles/1/readings",
                        Visitor.register(
                                UUID.randomUUID().toString(), String.format(java.util.Locale.ROOT, "70.8%02d", n)))
                .ok();
    }

    /** The longest any of them waits (ms). */
    private static double look(List<Visitor> visitors) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(visitors.size());
        try {
            List<Future<Double>> waits = new ArrayList<>();
            for (Visitor visitor : visitors) {
                waits.add(pool.submit(() -> {
                    long start = System.nanoTime();
                    visitor.get("/api/axles/1/match").ok();
                    return (System.nanoTime() - start) / 1e6;
                }));
            }
            double longest = 0;
            for (Future<Double> wait : waits) {
                longest = Math.max(longest, wait.get());
            }
            return longest;
        } finally {
            pool.shutdownNow();
        }
    }

    private static double median(List<Double> values) {
        Collections.sort(values);
        return values.get(values.size() / 2);
    }
}
