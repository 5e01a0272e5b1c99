package itrova.formats;

import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.record.Job;
import itrova.core.vehicle.Wheel;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The made-up catalogue and jobs that ship with the program. */
public final class DemoData {
    private static final List<String> JOBS = List.of(
            "job-light-van.json",
            "job-coupe.json",
            "job-boat-trailer.json",
            "job-field-car.json",
            "job-panel-van.json",
            "job-crew-carrier.json",
            "job-roadster.json",
            "job-estate-car.json",
            "job-forestry-car.json");

    private DemoData() {}

    /** The made-up kits. */
    public static List<Kit> kits() {
        return KitDocument.read("kits.json", text("kits.json"));
    }

    /** The made-up jobs. */
    public static List<Job> jobs() {
        return JOBS.stream().map(name -> JobDocument.read(name, text(name))).toList();
    }

    /** The made-up wheels. */
    public static List<Wheel> wheels() {
        return WheelDocument.read("wheels.json", text("wheels.json"));
    }

    /** The made-up parts. */
    public static List<Part> parts() {
        return PartDocument.read("parts.json", text("parts.json"));
    }

    private static String text(String name) {
        try (InputStream in = DemoData.class.getResourceAsStream("/demo/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The demo file " + name + " is not in the build.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
