package itrova.bench.load;

import itrova.formats.DemoData;
import itrova.formats.KitDocument;
import java.util.List;
import java.util.stream.IntStream;

/** Puts many copies of the demo's kits, under codes of their own, into a running demo server. Arguments: address, how many. */
public final class ManyKits {
    private static final int AT_ONCE = 1_000;

    private ManyKits() {}

    public static void main(String[] args) throws InterruptedException {
        Visitor lead = new Visitor(args[0]).signIn("wilma");
        List<itrova.core.kit.Kit> models = DemoData.kits();
        int many = Integer.parseInt(args[1]);
        for (int from = 0; from < many; from += AT_ONCE) {
            List<itrova.core.kit.Kit> kits = IntStream.range(from, Math.min(many, from + AT_ONCE))
                    .mapToObj(i -> models.get(i % models.size()).withCode("MANY-" + i))
                    .toList();
            lead.post("/api/kits/import", KitDocument.write(kits)).ok();
        }
        System.out.println(many + " kits more");
    }
}
