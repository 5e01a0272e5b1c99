package itrova.formats.cli;

import itrova.core.check.completeness.NotChecked;
import itrova.core.choice.Selection;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.phrase.Phrase;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.core.wording.Wording;
import itrova.formats.DemoData;
import itrova.formats.DocumentException;
import itrova.formats.FindingsDocument;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.formats.WheelDocument;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * {@code itrova check JOB.json [--kits KITS.json] [--axle NUMBER|NAME] [--side left|right] [--format
 * text|json] [--units mm|in] [--chosen
 * [--wheels WHEELS.json]]}.
 *
 * <p>With {@code --chosen} only what was chosen for an axle is judged, with its options, wheel and work.
 *
 * <p>Prints every finding. Exit status 0: every axle looked at has at least one kit proven to fit, with or without
 * work; 1: none for some axle; 2: bad input, said on standard error.
 */
public final class CheckCommand {
    private static final String USAGE =
            "usage: itrova check JOB.json [--kits KITS.json] [--axle NUMBER|NAME] [--side left|right] [--format text|json] [--units mm|in] [--chosen [--wheels WHEELS.json]]";
    /** Documents larger than this (bytes) are refused. */
    private static final long LARGEST_FILE = 64L * 1024 * 1024;

    private CheckCommand() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(args, out, err));
    }

    /** What was asked for. */
    private record Request(
            Path job,
            Optional<Path> kits,
            Optional<String> axle,
            List<Side> sides,
            boolean json,
            Wording wording,
            boolean chosen,
            Optional<Path> wheels) {}

    /** A fault of the call or of a file, said to the person. */
    private static final class BadInput extends Exception {
        private static final long serialVersionUID = 1L;

        BadInput(String message) {
            super(message);
        }
    }

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            Request request = parse(args);
            Job job = JobDocument.read(request.job().toString(), text(request.job()));
            List<Kit> kits = request.kits().isPresent()
                    ? KitDocument.read(
                            request.kits().get().toString(), text(request.kits().get()))
                    : DemoData.kits();
            return check(job, kits, request, out);
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }

    private static int check(Job job, List<Kit> kits, Request request, PrintStream out) throws BadInput {
        boolean allProven = true;
        List<FindingsDocument.AxleReports> all = new ArrayList<>();
        List<AxleEnd> ends = new ArrayList<>();
        for (AxleRecord axle : axles(job, request.axle())) {
            AxleCase looked = axle.toCase(request.sides());
            ends.addAll(looked.ends());
            List<KitReport> reports = request.chosen()
                    ? List.of(chosen(axle, looked, kits, request))
                    : FitEngine.match(looked, kits, ShopSettings.DEFAULTS);
            allProven &= reports.stream().anyMatch(r -> r.verdict().isProven());
            all.add(new FindingsDocument.AxleReports(axle.name(), reports));
        }
        if (request.json()) {
            out.println(FindingsDocument.json(all, request.wording()));
        } else {
            out.print(FindingsDocument.text(all, request.wording()));
            out.println("Each check is guarded singly; there is no correction for many checks.");
            out.println("Not checked here, check by hand: "
                    + request.wording().say(Phrase.joined("; ", NotChecked.on(ends))) + ".");
        }
        return allProven ? 0 : 1;
    }

    private static KitReport chosen(AxleRecord axle, AxleCase looked, List<Kit> kits, Request request) throws BadInput {
        Selection selection = axle.chosen()
                .orElseThrow(() -> new BadInput("Nothing is chosen for the " + axle.name()
                        + " in this document. Leave --chosen out to judge every kit."));
        Kit kit = kits.stream()
                .filter(k -> k.code().equals(selection.kit()))
                .findFirst()
                .orElseThrow(() -> new BadInput("Kit " + selection.kit() + ", chosen for the " + axle.name()
                        + ", is not among the kits. Name the document that has it with --kits."));
        Optional<Wheel> wheel = Optional.empty();
        if (selection.wheel().isPresent()) {
            List<Wheel> wheels = request.wheels().isPresent()
                    ? WheelDocument.read(
                            request.wheels().get().toString(),
                            text(request.wheels().get()))
                    : DemoData.wheels();
            String code = selection.wheel().get();
            wheel = wheels.stream().filter(w -> w.code().equals(code)).findFirst();
            if (wheel.isEmpty()) {
                throw new BadInput("Wheel " + code + ", chosen for the " + axle.name()
                        + ", is not among the wheels. Name the document that has it with --wheels.");
            }
        }
        try {
            return selection.judge(looked, kit, wheel, ShopSettings.DEFAULTS);
        } catch (IllegalArgumentException e) {
            throw new BadInput(e.getMessage());
        }
    }

    /** All axles of the job, or the one asked for by its number from 1 or its name. */
    private static List<AxleRecord> axles(Job job, Optional<String> wanted) throws BadInput {
        if (wanted.isEmpty()) {
            return job.axles();
        }
        for (int i = 0; i < job.axles().size(); i++) {
            AxleRecord axle = job.axles().get(i);
            if (wanted.get().equals(String.valueOf(i + 1)) || axle.name().equalsIgnoreCase(wanted.get())) {
                return List.of(axle);
            }
        }
        throw new BadInput("The job has no axle “" + wanted.get() + "”. It has: "
                + job.axles().stream().map(AxleRecord::name).collect(Collectors.joining(", ")) + ".");
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
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--kits" -> kits = Optional.of(Path.of(value(args, ++i)));
                case "--axle" -> axle = Optional.of(value(args, ++i));
                case "--side" -> sides = List.of(side(value(args, ++i)));
                case "--format" -> json = isJson(value(args, ++i));
                case "--chosen" -> chosen = true;
                case "--wheels" -> wheels = Optional.of(Path.of(value(args, ++i)));
                case "--units" -> wording = Wording.english(units(value(args, ++i)));
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
        return new Request(job, kits, axle, sides, json, wording, chosen, wheels);
    }

    private static String value(String[] args, int i) throws BadInput {
        if (i >= args.length) {
            throw new BadInput("“" + args[i - 1] + "” wants a value.\n" + USAGE);
        }
        return args[i];
    }

    private static Side side(String text) throws BadInput {
        return switch (text) {
            case "left" -> Side.LEFT;
            case "right" -> Side.RIGHT;
            default -> throw new BadInput("--side is left or right, not “" + text + "”.");
        };
    }

    private static UnitSystem units(String text) throws BadInput {
        return switch (text) {
            case "mm" -> UnitSystem.METRIC;
            case "in" -> UnitSystem.INCH;
            default -> throw new BadInput("--units is mm or in, not “" + text + "”.");
        };
    }

    private static boolean isJson(String text) throws BadInput {
        return switch (text) {
            case "json" -> true;
            case "text" -> false;
            default -> throw new BadInput("--format is text or json, not “" + text + "”.");
        };
    }

    private static String text(Path file) throws BadInput {
        try {
            if (Files.size(file) > LARGEST_FILE) {
                throw new BadInput(file + " is larger than " + LARGEST_FILE / (1024 * 1024) + " MB. Split it.");
            }
            return Files.readString(file);
        } catch (NoSuchFileException e) {
            throw new BadInput("There is no file " + file + ". Check the path.");
        } catch (CharacterCodingException e) {
            throw new BadInput(file + " is not UTF-8 text. Save it as UTF-8.");
        } catch (IOException e) {
            throw new BadInput(file + " cannot be read: " + e.getMessage());
        }
    }
}
