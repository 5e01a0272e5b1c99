package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
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
            ruling.missing(Phrase.of("drive.which-drive-flanges-and-locking"));
        }
        if (found.isPresent() && !keeps.isEmpty() && !keeps.contains(found.get())) {
            return ruling.outright(why(Phrase.of("drive.axle-has-kit-takes", found.get(), words(keeps))));
        }
        return ruling.satisfied()
                .finding(r -> why(
                        found.isEmpty() || keeps.isEmpty()
                                ? Phrase.of("drive.what-closes-hub-and-what")
                                : Phrase.of("drive.kit-keeps", found.get())));
    }

    private static Phrase words(Set<DriveStyle> styles) {
        return Phrase.either(styles.stream().sorted().toList());
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, "style found ∈ styles the kit takes", List.of(), SOURCE);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        if (!c.kit().fitting().drive().contains(DriveStyle.LOCKING_HUB_ONE_PIECE)) {
            return List.of();
        }
        return List.of(WorkOffer.of(Work.with(
                WorkKind.ONE_PIECE_HUB,
                c.end().side(),
                new NewPart.OnePieceHub(),
                Phrase.of("drive.both-sides-changed-together"))));
    }
}
