package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The drive flange or locking hub of a driven, steered axle must still close the hub. */
final class DriveCheck implements Check {
    private static final String SOURCE =
            "Common practice: some kits drop the outer snap ring and need a locking hub in one piece";

    @Override
    public CheckId id() {
        return CheckId.DRIVE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.end().kind() == AxleEndKind.CLOSED_KNUCKLE;
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.DRIVE, c, "");
        Optional<DriveStyle> found = c.worked().onePieceHub()
                ? Optional.of(DriveStyle.LOCKING_HUB_ONE_PIECE)
                : c.end().word(Callout.DRIVE_STYLE).flatMap(DriveStyle::of);
        Set<DriveStyle> keeps = c.kit().fitting().drive();
        ruling.want(found, Callout.DRIVE_STYLE);
        if (keeps.isEmpty()) {
            ruling.missing("which drive flanges and locking hubs still fit: ask the supplier");
        }
        if (found.isPresent() && !keeps.isEmpty() && !keeps.contains(found.get())) {
            return ruling.outright(
                    why("The axle has a " + found.get().word() + ", the kit takes a " + words(keeps) + "."));
        }
        return ruling.satisfied()
                .finding(r -> why(
                        found.isEmpty() || keeps.isEmpty()
                                ? "What closes the hub and what the kit takes cannot be compared yet."
                                : "The kit keeps the " + found.get().word() + "."));
    }

    private static String words(Set<DriveStyle> styles) {
        return styles.stream().sorted().map(DriveStyle::word).collect(Collectors.joining(" or a "));
    }

    private static Explanation why(String words) {
        return new Explanation(words, "style found ∈ styles the kit takes", List.of(), SOURCE);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        if (!c.kit().fitting().drive().contains(DriveStyle.LOCKING_HUB_ONE_PIECE)) {
            return List.of();
        }
        return List.of(WorkOffer.of(Work.with(
                WorkKind.ONE_PIECE_HUB, c.end().side(), new NewPart.OnePieceHub(), "both sides are changed together")));
    }
}
