package itrova.formats.cli;

import itrova.core.choice.Selection;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.formats.DemoData;
import itrova.formats.WheelDocument;
import itrova.formats.cli.Call.BadInput;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A kit named or chosen for an axle, judged there.
 *
 * @param axle the axle
 * @param selection kit, options, wheel and work
 * @param kit the kit without options
 * @param wheel the wheel put on, where one is
 * @param report everything found
 */
record SelectedKit(AxleRecord axle, Selection selection, Kit kit, Optional<Wheel> wheel, KitReport report) {

    /** All axles of the job, or the one asked for by its number from 1 or its name. */
    static List<AxleRecord> axles(Job job, Optional<String> wanted) throws BadInput {
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

    /** The kit of that code on both sides of an axle, or what was chosen for it. */
    static SelectedKit of(AxleRecord axle, List<Kit> kits, Optional<String> code, Optional<Path> wheels)
            throws BadInput {
        return of(axle, axle.toCase(List.of(Side.values())), kits, code, wheels);
    }

    static SelectedKit of(
            AxleRecord axle, AxleCase looked, List<Kit> kits, Optional<String> code, Optional<Path> wheels)
            throws BadInput {
        Selection selection = code.isPresent()
                ? Selection.of(code.get())
                : axle.chosen()
                        .orElseThrow(() -> new BadInput("Nothing is chosen for the " + axle.name()
                                + " in this document. Name a kit, or leave --chosen out to judge every kit."));
        Kit kit = kits.stream()
                .filter(k -> k.code().equals(selection.kit()))
                .findFirst()
                .orElseThrow(() -> new BadInput("Kit " + selection.kit() + ", for the " + axle.name()
                        + ", is not among the kits. Name the document that has it with --kits."));
        Optional<Wheel> wheel = Optional.empty();
        if (selection.wheel().isPresent()) {
            wheel = Optional.of(wheel(axle, selection.wheel().get(), wheels));
        }
        try {
            return new SelectedKit(
                    axle, selection, kit, wheel, selection.judge(looked, kit, wheel, ShopSettings.DEFAULTS));
        } catch (IllegalArgumentException e) {
            throw new BadInput(e.getMessage());
        }
    }

    private static Wheel wheel(AxleRecord axle, String code, Optional<Path> file) throws BadInput {
        List<Wheel> wheels =
                file.isPresent() ? WheelDocument.read(file.get().toString(), Call.text(file.get())) : DemoData.wheels();
        return wheels.stream()
                .filter(w -> w.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new BadInput("Wheel " + code + ", chosen for the " + axle.name()
                        + ", is not among the wheels. Name the document that has it with --wheels."));
    }
}
