package itrova.server.setup;

import itrova.core.quantity.UnitSystem;
import itrova.core.record.Job;
import itrova.formats.DemoData;
import itrova.server.security.Role;
import itrova.server.store.JobArchive;
import itrova.server.store.KitStore;
import itrova.server.store.PeopleStore;
import itrova.server.store.WheelStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Fills an empty data base before anybody is answered: with the demo shop when asked for, else with a first lead. */
@Component
@org.springframework.boot.autoconfigure.condition.ConditionalOnProperty(
        name = "itrova.describe-only",
        havingValue = "false",
        matchIfMissing = true)
class FirstRun implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(FirstRun.class);
    /** The demo's passwords are public; they exist only in a demo data base on this machine. */
    private static final String DEMO_PASSWORD = "ambleford";

    private final PeopleStore people;
    private final KitStore kits;
    private final WheelStore wheels;
    private final JobArchive archive;
    private final PasswordEncoder encoder;
    private final boolean demo;
    private final String firstLeadPassword;

    FirstRun(
            PeopleStore people,
            KitStore kits,
            WheelStore wheels,
            JobArchive archive,
            PasswordEncoder encoder,
            @Value("${itrova.demo}") boolean demo,
            @Value("${itrova.first-lead-password}") String firstLeadPassword) {
        this.people = people;
        this.kits = kits;
        this.wheels = wheels;
        this.archive = archive;
        this.encoder = encoder;
        this.demo = demo;
        this.firstLeadPassword = firstLeadPassword;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!people.isEmpty()) {
            return;
        }
        if (demo) {
            fillDemo();
        } else if (firstLeadPassword.isBlank()) {
            LOG.warn("Nobody can sign in yet: set ITROVA_FIRST_LEAD_PASSWORD and start again.");
        } else {
            people.add("lead", "Shop lead", Role.LEAD, encoder.encode(firstLeadPassword), UnitSystem.METRIC);
        }
    }

    private void fillDemo() {
        String hash = encoder.encode(DEMO_PASSWORD);
        people.add("wilma", "Wilma Quillfield", Role.LEAD, hash, UnitSystem.METRIC);
        people.add("tam", "Tam Orrin", Role.MECHANIC, hash, UnitSystem.METRIC);
        people.add("jory", "Jory Pell", Role.VIEWER, hash, UnitSystem.INCH);
        kits.save(DemoData.kits());
        wheels.save(DemoData.wheels());
        long lead = people.get("wilma").id();
        for (Job job : DemoData.jobs()) {
            archive.add(job, lead);
        }
    }
}
