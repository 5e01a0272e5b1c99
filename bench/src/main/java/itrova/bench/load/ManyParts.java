package itrova.bench.load;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A price list of a hundred thousand rows, brought, looked over and taken by a running demo server; one of a tenth of it first, so that
 * the ratio tells whether time grows with the rows. Arguments: address, rows.
 */
public final class ManyParts {
    private static final List<String> SORTS =
            List.of("bearing", "seal", "nut", "bolt", "stud", "banjo bolt", "washer", "grease");
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern PHASE = Pattern.compile("\"phase\":\"([A-Z]+)\"");
    private static final String COLUMNS = """
            {"supplier":"Upcott Fasteners","uses":[{"heading":"code","field":"code","unit":""},{"heading":"sort","field":"sort","unit":""},
            {"heading":"name","field":"name","unit":""},{"heading":"price","field":"price","unit":""},
            {"heading":"size","field":"size","unit":""}]}""";

    private ManyParts() {}

    public static void main(String[] args) throws InterruptedException {
        Visitor lead = new Visitor(args[0]).signIn("wilma");
        int rows = Integer.parseInt(args[1]);
        double tenth = seconds(lead, "TENTH-", rows / 10);
        double all = seconds(lead, "WHOLE-", rows);
        System.out.printf(
                Locale.ROOT,
                "%d rows brought, looked over and taken in %.1f s; a tenth of them in %.1f s: ratio %.1f%n",
                rows,
                all,
                tenth,
                all / tenth);
    }

    private static double seconds(Visitor lead, String prefix, int rows) throws InterruptedException {
        StringBuilder list = new StringBuilder("code,sort,name,price,size\n");
        for (int i = 0; i < rows; i++) {
            String sort = SORTS.get(i % SORTS.size());
            list.append(prefix)
                    .append(i)
                    .append(',')
                    .append(sort)
                    .append(',')
                    .append(sort)
                    .append(" number ")
                    .append(i);
            list.append(',').append(i % 500).append(".50,").append(i % 300).append(" mm\n");
        }
        long begin = System.nanoTime();
        String brought = lead.post(
                        "/api/price-lists/import?file=long.csv", list.toString().getBytes(StandardCharsets.UTF_8))
                .ok();
        Matcher id = ID.matcher(brought);
        if (!id.find()) {
            throw new IllegalStateException(brought);
        }
        String one = "/api/price-lists/" + id.group(1);
        lead.put(one + "/columns", COLUMNS).ok();
        await(lead, one, "LOOKED");
        lead.post(one + "/take", "{}").ok();
        await(lead, one, "TAKEN");
        return (System.nanoTime() - begin) / 1e9;
    }

    private static void await(Visitor lead, String list, String wanted) throws InterruptedException {
        while (true) {
            String now = lead.get(list).ok();
            Matcher phase = PHASE.matcher(now);
            if (phase.find() && phase.group(1).equals(wanted)) {
                return;
            }
            if (!now.contains("ING\"")) {
                throw new IllegalStateException(now);
            }
            Thread.sleep(200);
        }
    }
}
