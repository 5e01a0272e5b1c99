package itrova.formats.cli;

import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.MasterRank;
import itrova.core.brakes.PlanSearch;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.kit.Kit;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.wording.Wording;
import itrova.formats.BrakesDocument;
import itrova.formats.DemoData;
import itrova.formats.DocumentException;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * {@code itrova brakes JOB.json [--kits KITS.json] [--parts PARTS.json] [--kit CODE] [--format text|json] [--units mm|in]}.
 *
 * <p>Prints every figure of the vehicle's brakes before and after with unit and doubt, and every finding. After is the circuit with the kit
 * named, else with what was chosen for each axle, put in, and what else is planned. Exit status 0: every critical finding after is
 * proven; 1: some is not; 2: bad input, said on standard error.
 */
public final class BrakesCommand {
    private static final String USAGE =
            "usage: itrova brakes JOB.json [--kits KITS.json] [--parts PARTS.json] [--kit CODE] [--format text|json] [--units mm|in]";

    private BrakesCommand() {}

    private record Request(
            Path job, Optional<Path> kits, Optional<Path> parts, Optional<String> kit, boolean json, Wording wording) {}

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            Request request = parse(args);
            Job job = JobDocument.read(request.job().toString(), Call.text(request.job()));
            List<Kit> kits = request.kits().isPresent()
                    ? KitDocument.read(
                            request.kits().get().toString(),
                            Call.text(request.kits().get()))
                    : DemoData.kits();
            if (!job.circuit().isSeen()) {
                out.println(
                        "not proven: nobody looked at the brakes of the whole vehicle. Write down under vehicle.circuit"
                                + " what brakes each axle, the master, the pedal and the parking brake.");
                return 1;
            }
            Map<String, Kit> put = kitsOf(job, kits, request);
            PlannedVehicle vehicle = JobBrakes.of(job, put, JobBrakes.catalogue(request.parts()));
            for (String code : vehicle.sheet().unknownParts(vehicle.catalogue())) {
                throw new BadInput(
                        "Part " + code
                                + ", planned under vehicle.circuit.planned.parts, is not among the parts. Name the document that has it with --parts.");
            }
            BrakesDocument.Both both = new BrakesDocument.Both(
                    BrakeReport.of(vehicle.found(), vehicle.parkingNeeded()),
                    vehicle.report().orElseThrow(),
                    put,
                    vehicle.parts(),
                    MasterRank.of(vehicle),
                    PlanSearch.best(vehicle));
            out.print(
                    request.json()
                            ? BrakesDocument.json(both, request.wording())
                            : BrakesDocument.text(both, request.wording()));
            return both.after().isProven() ? 0 : 1;
        } catch (BadInput | DocumentException | IllegalArgumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }

    private static Map<String, Kit> kitsOf(Job job, List<Kit> kits, Request request) throws BadInput {
        Map<String, Kit> put = new HashMap<>();
        for (AxleRecord axle : job.axles()) {
            Optional<String> code = request.kit().or(() -> axle.chosen().map(s -> s.kit()));
            if (code.isPresent()) {
                Kit kit = kits.stream()
                        .filter(k -> k.code().equals(code.get()))
                        .findFirst()
                        .orElseThrow(() -> new BadInput("Kit " + code.get()
                                + " is not among the kits. Name the document that has it with --kits."));
                put.put(
                        axle.name(),
                        kit.with(axle.chosen()
                                .filter(s -> s.kit().equals(kit.code()))
                                .map(s -> s.optionsOf(kit))
                                .orElse(List.of())));
            }
        }
        for (String axle : job.circuit().unplaced(put)) {
            throw new BadInput("The circuit has no axle “" + axle
                    + "”, which is to be converted. Give the axle its name of the job under vehicle.circuit.axles.");
        }
        return put;
    }

    private static Request parse(String[] args) throws BadInput {
        Path job = null;
        Optional<Path> kits = Optional.empty();
        Optional<Path> parts = Optional.empty();
        Optional<String> kit = Optional.empty();
        boolean json = false;
        Wording wording = Wording.METRIC;
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--kits" -> kits = Optional.of(Path.of(Call.value(args, ++i, USAGE)));
                case "--parts" -> parts = Optional.of(Path.of(Call.value(args, ++i, USAGE)));
                case "--kit" -> kit = Optional.of(Call.value(args, ++i, USAGE));
                case "--format" -> json = Call.isJson(Call.value(args, ++i, USAGE));
                case "--units" -> wording = Wording.english(Call.units(Call.value(args, ++i, USAGE)));
                default -> {
                    if (args[i].startsWith("--") || job != null) {
                        throw new BadInput("Not understood: “" + args[i] + "”.\n" + USAGE);
                    }
                    job = Path.of(args[i]);
                }
            }
        }
        if (job == null) {
            throw new BadInput(USAGE);
        }
        return new Request(job, kits, parts, kit, json, wording);
    }
}
