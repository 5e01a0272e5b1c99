package itrova.server.setup;

import itrova.core.quantity.UnitSystem;
import itrova.core.record.Job;
import itrova.formats.DemoData;
import itrova.server.store.JobArchive;
import itrova.server.store.KitStore;
import itrova.server.store.PartStore;
import itrova.server.store.PeopleStore;
import itrova.server.store.Role;
import itrova.server.store.ShopStore;
import itrova.server.store.SupplierStore;
import itrova.server.store.WheelStore;
import java.util.Map;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills an empty data base with the demo shop, when asked for, before anybody is answered. It is filled wholly or not at all, and by
 * one of several instances that start at once: the shop's one row is taken first.
 */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class FirstRun implements SmartInitializingSingleton {
    /** The demo's passwords are public; they exist only in a demo data base on this machine. */
    private static final String DEMO_PASSWORD = "ambleford";

    private static final String DEMO_SHOP = "Quillfield Restorations, Ambleford";

    /** Made-up suppliers and the simulated services that stand in for theirs; one takes orders on paper only. */
    private static final Map<String, String> SIMULATED = Map.of(
            "Tolverne Brake Parts", "sim:steady",
            "Ambleford Motor Factors", "sim:flaky",
            "Marrish Axle Supply", "sim:short",
            "Oddmoor Bracketry", "sim:odd",
            "Saltmarsh Trailer Works", "");

    private final PeopleStore people;
    private final ShopStore shop;
    private final KitStore kits;
    private final WheelStore wheels;
    private final PartStore parts;
    private final SupplierStore suppliers;
    private final JobArchive archive;
    private final PasswordEncoder encoder;
    private final TransactionTemplate transaction;
    private final boolean demo;

    FirstRun(
            PeopleStore people,
            ShopStore shop,
            KitStore kits,
            WheelStore wheels,
            PartStore parts,
            SupplierStore suppliers,
            JobArchive archive,
            PasswordEncoder encoder,
            TransactionTemplate transaction,
            @Value("${itrova.demo}") boolean demo) {
        this.people = people;
        this.shop = shop;
        this.kits = kits;
        this.wheels = wheels;
        this.parts = parts;
        this.suppliers = suppliers;
        this.archive = archive;
        this.encoder = encoder;
        this.transaction = transaction;
        this.demo = demo;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (demo) {
            transaction.executeWithoutResult(status -> {
                if (shop.open(DEMO_SHOP) && people.isEmpty()) {
                    fill();
                }
            });
        } else if (shop.name().isEmpty() && !people.isEmpty()) {
            shop.open("Workshop"); // data of an edition that knew no shop's name
        }
    }

    private void fill() {
        String hash = encoder.encode(DEMO_PASSWORD);
        people.add("wilma", "Wilma Quillfield", Role.LEAD, hash, UnitSystem.METRIC);
        people.add("tam", "Tam Orrin", Role.MECHANIC, hash, UnitSystem.METRIC);
        people.add("jory", "Jory Pell", Role.VIEWER, hash, UnitSystem.INCH);
        long lead = people.get("wilma").id();
        kits.save(DemoData.kits(), lead);
        wheels.save(DemoData.wheels(), lead);
        parts.save(DemoData.parts(), lead);
        SIMULATED.forEach((supplier, address) -> suppliers.saveSupplier(supplier, address, 0));
        for (Job job : DemoData.jobs()) {
            archive.add(job, lead);
        }
    }
}
