package itrova.formats.cli;

import itrova.core.brakes.KitBrakes;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.check.completeness.NotChecked;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.phrase.Phrase;
import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.formats.DemoData;
import itrova.formats.DocumentException;
import itrova.formats.FindingsDocument;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * {@code itrova check JOB.json [--kits KITS.json] [--parts PARTS.json] [--axle NUMBER|NAME] [--side left|right] [--format
 * text|json] [--units mm|in] [--chosen
 * [--wheels WHEELS.json]]}.
 *
 * <p>With {@code --chosen} only what was chosen for an axle is judged, with its options, wheel and work.
 *
 * <p>Prints every finding, and beside each kit what the vehicle's brakes as planned do with it. Exit status 0: every axle looked at has
 * at least one kit proven to fit the axle, with or without work; 1: none for some axle; 2: bad input, said on standard error. Whether the
 * brakes are proven too is {@code together} in the JSON; what holds an order is told by {@code itrova order}.
 */
public final class CheckCommand {
    private static final String USAGE =
            "usage: itrova check JOB.json [--kits KITS.json] [--parts PARTS.json] [--axle NUMBER|NAME] [--side left|right] [--format text|json] [--units mm|in] [--chosen [--wheels WHEELS.json]]";

    private CheckCommand() {}

    /** What was asked for. */
    private record Request(
            Path job,
            Optional<Path> kits,
            Optional<String> axle,
            List<Side> sides,
            boolean json,
            Wording wording,
            boolean chosen,
            Optional<Path> wheels,
            Optional<Path> parts) {}

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
            return check(job, kits, request, out);
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }

    private static int check(Job job, List<Kit> kits, Request request, PrintStream out) throws BadInput {
        PlannedVehicle vehicle = JobBrakes.of(job, JobBrakes.chosen(job, kits), JobBrakes.catalogue(request.parts()));
        boolean allProven = true;
        List<FindingsDocument.AxleReports> all = new ArrayList<>();
        List<AxleEnd> ends = new ArrayList<>();
        for (AxleRecord axle : SelectedKit.axles(job, request.axle())) {
            AxleCase looked = axle.toCase(request.sides());
            ends.addAll(looked.ends());
            List<KitReport> reports = request.chosen()
                    ? List.of(SelectedKit.of(axle, looked, kits, Optional.empty(), request.wheels())
                            .report())
                    : FitEngine.match(looked, kits, ShopSettings.DEFAULTS);
            allProven &= reports.stream().anyMatch(r -> r.verdict().isProven());
            all.add(new FindingsDocument.AxleReports(axle.name(), reports, new KitBrakes(vehicle, axle.name())));
        }
        if (request.json()) {
            out.println(FindingsDocument.json(all, request.wording()));
        } else {
            out.print(FindingsDocument.text(all, request.wording()));
            out.println("Each check is guarded singly; there is no correction for many checks.");
            vehicle.problem()
                    .ifPresent(problem ->
                            out.println("Brakes: " + request.wording().say(problem)));
            out.println("Not checked here, check by hand: "
                    + request.wording().say(Phrase.joined("; ", NotChecked.on(ends))) + ".");
        }
        return allProven ? 0 : 1;
    }

    private static Request parse(String[] args) throws BadInput {
        Path job = null;
        Optional<Path> kits = Optional.empty();
        Optional<String> axle = Optional.empty();
        List<Side> sides = List.of(Side.values());
        boolean json = false;
        Wording wording = Wording.METRIC;
        boolean chosen = false;
        Optional<Path> wheels = Optional.empty();
        Optional<Path> parts = Optional.empty();
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--kits" -> kits = Optional.of(Path.of(Call.value(args, ++i, USAGE)));
                case "--parts" -> parts = Optional.of(Path.of(Call.value(args, ++i, USAGE)));
                case "--axle" -> axle = Optional.of(Call.value(args, ++i, USAGE));
                case "--side" -> sides = List.of(side(Call.value(args, ++i, USAGE)));
                case "--format" -> json = Call.isJson(Call.value(args, ++i, USAGE));
                case "--chosen" -> chosen = true;
                case "--wheels" -> wheels = Optional.of(Path.of(Call.value(args, ++i, USAGE)));
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
        return new Request(job, kits, axle, sides, json, wording, chosen, wheels, parts);
    }

    private static Side side(String text) throws BadInput {
        return switch (text) {
            case "left" -> Side.LEFT;
            case "right" -> Side.RIGHT;
            default -> throw new BadInput("--side is left or right, not “" + text + "”.");
        };
    }
}
