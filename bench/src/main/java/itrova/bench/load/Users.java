package itrova.bench.load;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/**
 * Twenty people at one running demo server for a minute, each thinking about two seconds between clicks; what each kind of click
 * takes, its errors, and as yardsticks of the same run a bare {@code SELECT 1} and a static file.
 *
 * <p>Arguments: address, JDBC address and password of the data base, users, seconds.
 */
public final class Users {
    private static final long THINK_MS = 2_000;

    private final String address;
    private final Map<String, List<Double>> taken = new ConcurrentSkipListMap<>();
    private final Map<String, Integer> errors = new TreeMap<>();

    private Users(String address) {
        this.address = address;
    }

    public static void main(String[] args) throws Exception {
        new Users(args[0]).run(args[1], args[2], Integer.parseInt(args[3]), Integer.parseInt(args[4]));
    }

    private void run(String jdbc, String password, int users, int seconds) throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(users + 1);
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        for (int i = 0; i < users; i++) {
            int number = i;
            people.submit(() -> work(number, end));
        }
        people.submit(() -> measureYardsticks(jdbc, password, end));
        people.shutdown();
        people.awaitTermination(seconds + 120L, TimeUnit.SECONDS);
        report();
    }

    private Void work(int number, long end) throws InterruptedException {
        Random random = new Random(number);
        Visitor visitor = new Visitor(address).signIn(number % 3 == 0 ? "wilma" : "tam");
        long axle = number % 4 == 0 ? visitor.newAxle("load " + number) : 1;
        while (System.nanoTime() < end) {
            switch (random.nextInt(6)) {
                case 0 -> timed("floor", () -> visitor.get("/api/jobs"));
                case 1 -> timed("axle end", () -> visitor.get("/api/axles/" + axle + "/end"));
                case 2, 3 -> timed("match table", () -> visitor.get("/api/axles/" + axle + "/match"));
                case 4 -> timed("advice", () -> visitor.get("/api/axles/" + axle + "/advice"));
                default ->
                    timed(
                            "reading",
                            () -> visitor.post(
                                    "/api/axles/" + axle + "/readings",
                                    Visitor.register(UUID.randomUUID().toString(), "70.8" + random.nextInt(10))));
            }
            Thread.sleep((long) (THINK_MS * (0.5 + random.nextDouble())));
        }
        return null;
    }

    private Void measureYardsticks(String jdbc, String password, long end) throws Exception {
        Visitor visitor = new Visitor(address);
        try (Connection db = DriverManager.getConnection(jdbc, "itrova", password);
                Statement statement = db.createStatement()) {
            while (System.nanoTime() < end) {
                timed("a bare SELECT 1", () -> {
                    statement.execute("SELECT 1");
                    return new Visitor.Answer(200, "");
                });
                timed("a static file", () -> visitor.get("/mark.svg"));
                Thread.sleep(100);
            }
        }
        return null;
    }

    private interface Click {
        Visitor.Answer now() throws Exception;
    }

    private void timed(String name, Click click) {
        long start = System.nanoTime();
        int status;
        try {
            status = click.now().status();
        } catch (Exception e) {
            status = -1;
        }
        double ms = (System.nanoTime() - start) / 1e6;
        taken.computeIfAbsent(name, n -> Collections.synchronizedList(new ArrayList<>()))
                .add(ms);
        if (status != 200) {
            synchronized (errors) {
                errors.merge(name + " answered " + status, 1, Integer::sum);
            }
        }
    }

    private void report() {
        double select = at(taken.get("a bare SELECT 1"), 0.5);
        double file = at(taken.get("a static file"), 0.5);
        System.out.printf(
                "%-18s %6s %8s %8s %8s   p50 as a multiple of SELECT 1 and of a static file%n",
                "", "asked", "p50 ms", "p95 ms", "p99 ms");
        taken.forEach((name, all) -> System.out.printf(
                "%-18s %6d %8.1f %8.1f %8.1f   %.0f  %.1f%n",
                name,
                all.size(),
                at(all, 0.5),
                at(all, 0.95),
                at(all, 0.99),
                at(all, 0.5) / select,
                at(all, 0.5) / file));
        System.out.println("errors: " + (errors.isEmpty() ? "none" : errors));
    }

    private static double at(List<Double> values, double share) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        return sorted.get(Math.min(sorted.size() - 1, (int) (share * sorted.size())));
    }
}
