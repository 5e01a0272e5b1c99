package itrova.bench.load;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Server and data base killed outright while readings are written; each writer sends a reading again, under the same id, until it is
 * answered. Afterwards every reading answered is there, and there once.
 *
 * <p>Arguments: address, folder of the project, kills of each kind.
 */
public final class KillUnderWrites {
    private static final int WRITERS = 4;
    private static final Pattern TEXT = Pattern.compile("\"text\":\"([0-9.]+)( mm)?\"");

    private final String address;
    private final RunningItrova running;
    private final AtomicBoolean isOver = new AtomicBoolean();
    /** Texts of the readings answered; each is written once only. */
    private final ConcurrentLinkedQueue<String> answered = new ConcurrentLinkedQueue<>();

    private KillUnderWrites(String address, Path project) {
        this.address = address;
        this.running = new RunningItrova(address, project);
    }

    public static void main(String[] args) throws Exception {
        new KillUnderWrites(args[0], Path.of(args[1])).run(Integer.parseInt(args[2]));
    }

    private void run(int kills) throws Exception {
        List<Long> axles = new ArrayList<>();
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        for (int i = 0; i < WRITERS; i++) {
            Visitor visitor = new Visitor(address).signIn("tam");
            long axle = visitor.newAxle("killed " + i);
            axles.add(axle);
            int number = i;
            writers.submit(() -> write(visitor, axle, number));
        }
        for (String victim : List.of(RunningItrova.SERVER, RunningItrova.DATA_BASE)) {
            for (int i = 0; i < kills; i++) {
                Thread.sleep(1_500);
                running.killAndStart(victim);
            }
        }
        Thread.sleep(1_500);
        isOver.set(true);
        writers.shutdown();
        writers.awaitTermination(60, TimeUnit.SECONDS);
        report(axles);
    }

    private Void write(Visitor visitor, long axle, int number) throws InterruptedException {
        for (int n = 0; !isOver.get(); n++) {
            String text = String.format(java.util.Locale.ROOT, "70.%d%05d", number + 1, n);
            String id = UUID.randomUUID().toString();
            String body = Visitor.register(id, text);
            while (visitor.post("/api/axles/" + axle + "/readings", body, id).status() != 200) {
                Thread.sleep(100);
            }
            answered.add(text);
        }
        return null;
    }

    private void report(List<Long> axles) throws InterruptedException {
        Visitor visitor = new Visitor(address).signIn("tam");
        Map<String, Integer> there = new HashMap<>();
        for (long axle : axles) {
            Matcher text =
                    TEXT.matcher(visitor.get("/api/axles/" + axle + "/end").ok());
            while (text.find()) {
                there.merge(text.group(1), 1, Integer::sum);
            }
        }
        long lost = answered.stream().filter(t -> !there.containsKey(t)).count();
        long doubled = there.values().stream().filter(n -> n > 1).count();
        System.out.printf("%d readings answered over the kills: lost %d, doubled %d%n", answered.size(), lost, doubled);
        if (lost + doubled > 0) {
            System.exit(1);
        }
    }
}
