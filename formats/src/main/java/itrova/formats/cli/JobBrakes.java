package itrova.formats.cli;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.record.VehicleKind;
import itrova.formats.DemoData;
import itrova.formats.PartDocument;
import itrova.formats.cli.Call.BadInput;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The brakes of a job's vehicle with parts of a document, or of the demo. */
final class JobBrakes {
    private JobBrakes() {}

    static Map<String, Part> catalogue(Optional<Path> file) throws BadInput {
        List<Part> parts =
                file.isPresent() ? PartDocument.read(file.get().toString(), Call.text(file.get())) : DemoData.parts();
        Map<String, Part> byCode = new LinkedHashMap<>();
        parts.forEach(p -> byCode.put(p.code(), p));
        return byCode;
    }

    /** Kits chosen in the job, by the axle's name. */
    static Map<String, Kit> chosen(Job job, List<Kit> kits) {
        Map<String, Kit> chosen = new LinkedHashMap<>();
        for (AxleRecord axle : job.axles()) {
            axle.chosen().ifPresent(s -> kits.stream()
                    .filter(k -> k.code().equals(s.kit()))
                    .findFirst()
                    .ifPresent(k -> chosen.put(axle.name(), k.with(s.optionsOf(k)))));
        }
        return chosen;
    }

    static PlannedVehicle of(Job job, Map<String, Kit> kits, Map<String, Part> catalogue) {
        return PlannedVehicle.of(job.circuit(), job.sheet(), job.vehicleKind() == VehicleKind.TRAILER, kits, catalogue);
    }
}
