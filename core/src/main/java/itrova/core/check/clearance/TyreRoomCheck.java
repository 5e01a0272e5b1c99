package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.geometry.Point3;
import itrova.core.kit.KitPart;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.PaperFigure;
import itrova.core.measure.DerivedValues;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Hat, spacer or another wheel move the tyre: it must stay clear of fender and frame. Says what track and scrub radius become. */
final class TyreRoomCheck implements Check {
    static final String FORMULA =
            "m = g_fender − s − g_min and g_frame + s − g_min, s = t_hat + t_spacer − t_drum + Δwheel; track + 2·s";
    private static final String SOURCE =
            "Geometry: a mounting face moved out by t a side widens the track by 2t and wants offset + t to keep the tyre in place; least gap 12 mm is common practice";

    @Override
    public CheckId id() {
        return CheckId.TYRE_ROOM;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.TYRE_ROOM, c);
        Optional<Measured> shift = shift(c);
        Optional<Measured> fender = c.length(Callout.WHEEL_TO_FENDER);
        Optional<Measured> frame = c.length(Callout.WHEEL_TO_FRAME);
        ruling.want(c.length(Callout.DRUM_FACE), Callout.DRUM_FACE)
                .want(fender, Callout.WHEEL_TO_FENDER)
                .want(frame, Callout.WHEEL_TO_FRAME);
        if (shift.isEmpty() && c.length(Callout.DRUM_FACE).isPresent()) {
            if (c.kit().fitting().spindle().isPresent()) {
                ruling.missing(Phrase.of("tyre-room.how-far-kit-s-spindle"));
            } else if (c.end().otherWheel().isPresent() && c.end().wheelShift().isEmpty()) {
                ruling.missing(Phrase.of("tyre-room.backspacing-and-width-over-flanges"));
            } else {
                ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING);
                if (c.bringsHub()) {
                    ruling.want(c.length(Callout.SHOULDER), Callout.SHOULDER)
                            .want(DerivedValues.hubFace(c.end()), DerivedValues.hubFaceCallout(c.end()));
                    if (c.kit().fitting().hub().get().face().isEmpty()) {
                        ruling.missing(Phrase.of("tyre-room.how-far-face-kit-s"));
                    }
                }
            }
        }
        double wanted = c.settings().of(Limit.SOFT_GAP);
        shift.ifPresent(s -> {
            fender.ifPresent(g -> ruling.require(
                    Phrase.of("tyre-room.tyre-fender"), g.minus(s).plus(-wanted)));
            frame.ifPresent(g ->
                    ruling.require(Phrase.of("tyre-room.tyre-frame"), g.plus(s).plus(-wanted)));
        });
        return ruling.finding(r -> new Explanation(
                shift.map(s -> words(c, s)).orElse(Phrase.of("tyre-room.how-far-wheel-moves-not")),
                FORMULA,
                new Inputs()
                        .add("s", shift)
                        .add("g_fender", fender)
                        .add("g_frame", frame)
                        .add("g_min", wanted, "mm")
                        .list(),
                SOURCE));
    }

    /** How much further outboard the wheel stands than as found (mm). */
    private static Optional<Measured> shift(KitOnSide c) {
        Optional<Measured> drum = c.length(Callout.DRUM_FACE);
        Optional<Measured> wheel = c.end().wheelShift();
        if (drum.isEmpty() || wheel.isEmpty()) {
            return Optional.empty();
        }
        Measured own = c.hat().plus(c.worked().spacer()).minus(drum.get()).plus(wheel.get());
        Optional<OwnSpindle> spindle = c.kit().fitting().spindle();
        if (spindle.isPresent()) {
            return spindle.get()
                    .faceShift()
                    .map(f -> own.plus(f.measured(c.kit().source(PaperFigure.SPINDLE_FACE_SHIFT))));
        }
        if (!c.bringsHub()) {
            return Optional.of(own);
        }
        Optional<Measured> found = DerivedValues.hubFace(c.end());
        return c.hubFace().flatMap(face -> found.map(old -> own.plus(face).minus(old)));
    }

    private static Phrase words(KitOnSide c, Measured shift) {
        Phrase text = Phrase.of(
                "tyre-room.wheel-moves-track-changes-by",
                Amount.mm(Math.abs(shift.value()), 1),
                shift.value() >= 0 ? Phrase.of("tyre-room.outboard") : Phrase.of("tyre-room.inboard"),
                Amount.mm(2 * shift.value(), 1).asSigned());
        Optional<Surroundings.Steering> steering = c.end().around().steering();
        Optional<Surroundings.Tyre> tyre = c.end().around().tyre();
        if (c.end().kind().isSteered() && steering.isPresent() && tyre.isPresent()) {
            text = Phrase.all(
                    text,
                    Phrase.of(
                            "tyre-room.king-pin-axis-meets-road",
                            Amount.mm(groundX(steering.get(), tyre.get()), 0),
                            Amount.mm(shift.value(), 1)));
        }
        return text;
    }

    /** Where the king-pin axis meets the road (mm from the bracket face). */
    private static double groundX(Surroundings.Steering steering, Surroundings.Tyre tyre) {
        Point3 axis = steering.upper().minus(steering.lower());
        double t = (-tyre.diameter() / 2 - steering.lower().z()) / axis.z();
        return steering.lower().plus(axis.times(t)).x();
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        return List.of(WorkOffer.refused(Phrase.of("tyre-room.wheel-with-more-or-less")));
    }
}
