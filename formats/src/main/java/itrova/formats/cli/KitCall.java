package itrova.formats.cli;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.kit.Kit;
import itrova.core.placed.VehicleCase;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.wording.Wording;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.formats.cli.Call.BadInput;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A call about kits on the axles of a job.
 *
 * @param job the job
 * @param selected for each axle looked at, the kit named or chosen
 * @param axles all axles of the vehicle with what is on each, those not looked at too: what serves all is bought and done once
 * @param vehicle the vehicle's brakes with them
 * @param json whether JSON is wanted
 * @param wording in which it is told
 */
record KitCall(
        Job job, List<SelectedKit> selected, VehicleCase axles, PlannedVehicle vehicle, boolean json, Wording wording) {

    /** Where an axle stands among all of the vehicle. */
    int place(SelectedKit of) {
        return job.axles().indexOf(of.axle());
    }

    /** Reads {@code JOB.json [--kits FILE] [--wheels FILE] [--parts FILE] [--axle NUMBER|NAME] [--kit CODE] [--format …] [--units …]}. */
    static KitCall parse(String[] args, String usage) throws BadInput {
        Path file = null;
        Optional<Path> kitFile = Optional.empty();
        Optional<Path> wheels = Optional.empty();
        Optional<Path> parts = Optional.empty();
        Optional<String> axle = Optional.empty();
        Optional<String> code = Optional.empty();
        boolean json = false;
        Wording wording = Wording.METRIC;
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--kits" -> kitFile = Optional.of(Path.of(Call.value(args, ++i, usage)));
                case "--wheels" -> wheels = Optional.of(Path.of(Call.value(args, ++i, usage)));
                case "--parts" -> parts = Optional.of(Path.of(Call.value(args, ++i, usage)));
                case "--axle" -> axle = Optional.of(Call.value(args, ++i, usage));
                case "--kit" -> code = Optional.of(Call.value(args, ++i, usage));
                case "--format" -> json = Call.isJson(Call.value(args, ++i, usage));
                case "--units" -> wording = Wording.english(Call.units(Call.value(args, ++i, usage)));
                default -> {
                    if (args[i].startsWith("--") || file != null) {
                        throw new BadInput("Not understood: “" + args[i] + "”.\n" + usage);
                    }
                    file = Path.of(args[i]);
                }
            }
        }
        if (file == null) {
            throw new BadInput(usage);
        }
        Job job = JobDocument.read(file.toString(), Call.text(file));
        List<Kit> kits = kitFile.isPresent()
                ? KitDocument.read(kitFile.get().toString(), Call.text(kitFile.get()))
                : DemoData.kits();
        List<SelectedKit> selected = new ArrayList<>();
        for (AxleRecord record : SelectedKit.axles(job, axle)) {
            selected.add(SelectedKit.of(record, kits, code, wheels));
        }
        Map<String, Kit> put = new LinkedHashMap<>(JobBrakes.chosen(job, kits));
        selected.forEach(s -> put.put(s.axle().name(), s.report().kit()));
        VehicleCase axles = new VehicleCase(job.axles().stream()
                .map(a -> new VehicleCase.OnAxle(a.name(), Optional.ofNullable(put.get(a.name())), false))
                .toList());
        return new KitCall(job, selected, axles, JobBrakes.of(job, put, JobBrakes.catalogue(parts)), json, wording);
    }
}
