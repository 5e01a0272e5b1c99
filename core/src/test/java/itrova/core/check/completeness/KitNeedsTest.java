package itrova.core.check.completeness;

import static itrova.core.judge.Findings.find;
import static itrova.core.judge.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.Samples;
import itrova.core.kit.Disc;
import itrova.core.kit.DiscMake;
import itrova.core.kit.Kit;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.SetLimits;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.VehicleSheet.Booster;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a kit needs of the vehicle must be there, by a reading or by somebody's word. */
class KitNeedsTest {
    private static AxleEnd.Builder end(AxleEndKind kind) {
        return Samples.end(Side.LEFT, kind);
    }

    private static Kit needing(KitNeeds needs) {
        return Samples.kit().withFitting(Samples.kit().fitting().withNeeds(needs));
    }

    private static KitNeeds needs(
            OptionalInt rim, Optional<KitNeeds.Range> width, Optional<KitNeeds.Range> ear, Optional<Retention> held) {
        return new KitNeeds(rim, width, ear, held, Optional.empty(), Optional.empty());
    }

    /** By hand: flange 389 less twice 17.5 is 354 mm, a 14 in rim (seat 354.8 mm, ISO 4000-2, from memory). */
    @ParameterizedTest
    @CsvSource({
        "389, 14, FITS",
        "389, 15, DOES_NOT_FIT",
        "389, 13, FITS",
        "377, 14, NOT_PROVEN",
        "364, 14, DOES_NOT_FIT"
    })
    void aRimTooSmallForTheKitIsFound(double flange, int inches, Verdict wanted) {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE)
                .length(Callout.WHEEL_FLANGE, Samples.mm(flange, 0.5))
                .build();
        Kit kit = needing(needs(OptionalInt.of(inches), Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(find(end, kit, CheckId.NEEDS).verdict()).isEqualTo(wanted);
        AxleEnd unread = end.toBuilder().without(Set.of(Callout.WHEEL_FLANGE)).build();
        assertThat(find(unread, kit, CheckId.NEEDS).missing()).containsExactly(Callout.WHEEL_FLANGE);
    }

    /** What is marked settles it without the flange; where the two contradict each other nothing is proven, either way. */
    @ParameterizedTest
    @CsvSource({
        "5J x 14, , 14, FITS",
        "5J x 14, , 15, DOES_NOT_FIT",
        "5J x 14, 389, 14, FITS",
        "6J x 15, 389, 15, NOT_PROVEN",
        "4J x 13, 389, 14, NOT_PROVEN"
    })
    void theMarkingTellsTheRim(String marked, Double flange, int inches, Verdict wanted) {
        AxleEnd.Builder end = end(AxleEndKind.FRONT_SPINDLE).word(Callout.WHEEL_MARKING, marked);
        if (flange != null) {
            end.length(Callout.WHEEL_FLANGE, Samples.mm(flange, 0.5));
        }
        Set<Callout> unread = flange == null ? Set.of(Callout.WHEEL_FLANGE) : Set.of();
        Kit kit = needing(needs(OptionalInt.of(inches), Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(find(end.without(unread).build(), kit, CheckId.NEEDS).verdict())
                .isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource({"1400, FITS", "1381, NOT_PROVEN", "1370, DOES_NOT_FIT", "1450, DOES_NOT_FIT"})
    void theAxlesWidthIsWithinWhatTheKitIsMadeFor(double width, Verdict wanted) {
        Kit kit = needing(needs(
                OptionalInt.empty(), Optional.of(new KitNeeds.Range(1380, 1420)), Optional.empty(), Optional.empty()));
        AxleEnd end = end(AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.AXLE_WIDTH, Samples.mm(width, 1))
                .build();
        assertThat(find(end, kit, CheckId.NEEDS).verdict()).isEqualTo(wanted);
        assertThat(find(end(AxleEndKind.REAR_LIVE_AXLE).build(), kit, CheckId.NEEDS)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    @ParameterizedTest
    @CsvSource({"12, FITS", "14.05, NOT_PROVEN", "16, DOES_NOT_FIT", "8, DOES_NOT_FIT"})
    void theCaliperEarIsWithinWhatTheKitIsMadeFor(double ear, Verdict wanted) {
        Kit kit = needing(needs(
                OptionalInt.empty(), Optional.empty(), Optional.of(new KitNeeds.Range(10, 14)), Optional.empty()));
        AxleEnd end = end(AxleEndKind.REAR_UPRIGHT)
                .length(Callout.EAR_THICKNESS, Samples.mm(ear, 0.05))
                .build();
        assertThat(find(end, kit, CheckId.NEEDS).verdict()).isEqualTo(wanted);
        assertThat(found(Samples.axle(AxleEndKind.FRONT_SPINDLE), kit, CheckId.NEEDS))
                .isEmpty();
    }

    private static Finding hydraulics(boolean booster, double needed, Booster found, double gauge) {
        Kit kit = needing(new KitNeeds(
                OptionalInt.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                booster,
                needed > 0 ? OptionalDouble.of(needed) : OptionalDouble.empty(),
                SetLimits.NONE));
        VehicleFacts facts = new VehicleFacts(
                false,
                found,
                gauge > 0
                        ? Optional.of(
                                Measured.of(gauge, Component.rectangular(Source.named("pressure:gauge"), 0.05 * gauge)))
                        : Optional.empty());
        AxleCase axle = Samples.axle(AxleEndKind.FRONT_SPINDLE).of(facts);
        return found(axle, kit, CheckId.PRESSURE).orElseThrow();
    }

    /** 1500 psi is 10.34 MPa; a gauge's 5 % are U = 0.6 MPa there. */
    @ParameterizedTest
    @CsvSource({"11.2, FITS", "10.6, NOT_PROVEN", "9.5, DOES_NOT_FIT", "0, NOT_PROVEN"})
    void theLineGivesThePressureTheKitAsksFor(double gauge, Verdict wanted) {
        assertThat(hydraulics(false, 1500 * 0.006894757293, Booster.NOT_LOOKED, gauge)
                        .verdict())
                .isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource({"VACUUM, FITS", "HYDRAULIC, FITS", "NOT_LOOKED, NOT_PROVEN", "NONE, DOES_NOT_FIT"})
    void aBoosterTheKitNeedsIsThere(Booster found, Verdict wanted) {
        assertThat(hydraulics(true, 0, found, 0).verdict()).isEqualTo(wanted);
    }

    private static AxleEnd.Builder form(boolean clip, boolean handed, boolean ring) {
        AxleEnd sample = end(AxleEndKind.REAR_LIVE_AXLE).build();
        AxleEnd.Builder b = new AxleEnd.Builder(
                Side.LEFT,
                new AxleForm(
                        AxleEndKind.REAR_LIVE_AXLE,
                        BracketShape.CIRCLE,
                        SpindleNut.CASTLE,
                        clip ? Retention.C_CLIP : Retention.PRESSED_BEARING,
                        false,
                        handed,
                        ring,
                        false));
        for (Callout c : Callout.values()) {
            sample.length(c).ifPresent(v -> b.length(c, v));
        }
        return b;
    }

    @Test
    void anAxleHeldByAClipIsNotOneHeldByItsBearing() {
        Kit kit = needing(
                needs(OptionalInt.empty(), Optional.empty(), Optional.empty(), Optional.of(Retention.PRESSED_BEARING)));
        assertThat(find(form(false, false, false).build(), kit, CheckId.NEEDS).verdict())
                .isEqualTo(Verdict.FITS);
        assertThat(find(form(true, false, false).build(), kit, CheckId.NEEDS).verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void aToneRingIsSpokenOf() {
        AxleEnd ringed = form(false, false, true).build();
        assertThat(find(ringed, Samples.kit(), CheckId.TONE_RING).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        for (KitNeeds.ToneRing told : KitNeeds.ToneRing.values()) {
            Kit kit = needing(new KitNeeds(
                    OptionalInt.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(told),
                    Optional.empty()));
            assertThat(find(ringed, kit, CheckId.TONE_RING).verdict())
                    .isEqualTo(told == KitNeeds.ToneRing.LOST ? Verdict.DOES_NOT_FIT : Verdict.FITS);
            assertThat(found(Samples.axle(AxleEndKind.REAR_LIVE_AXLE), kit, CheckId.TONE_RING))
                    .isEmpty();
        }
    }

    @Test
    void handedPartsWantPartsForEachSide() {
        AxleEnd handed = form(false, true, false).build();
        assertThat(find(handed, Samples.kit(), CheckId.HANDED).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        Disc vaned = Samples.disc()
                .but()
                .make(new DiscMake(false, true, Optional.empty()))
                .build();
        for (KitNeeds.Sides sides : KitNeeds.Sides.values()) {
            Kit kit = needing(new KitNeeds(
                    OptionalInt.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(sides)));
            assertThat(find(handed, kit, CheckId.HANDED).verdict()).isEqualTo(Verdict.FITS);
            assertThat(find(handed, kit.withDisc(vaned), CheckId.HANDED).verdict())
                    .isEqualTo(sides == KitNeeds.Sides.EITHER ? Verdict.DOES_NOT_FIT : Verdict.FITS);
        }
    }

    /** An end play may be none; a range that runs backwards is no range. */
    @Test
    void aRangeMayBeginAtNothingAndNotEndThere() {
        assertThat(new KitNeeds.Range(0, 0.05).to()).isEqualTo(0.05);
        for (double[] wrong : new double[][] {{0, 0}, {-0.01, 0.05}, {0.2, 0.1}, {Double.NaN, 1}}) {
            assertThatIllegalArgumentException().isThrownBy(() -> new KitNeeds.Range(wrong[0], wrong[1]));
        }
    }
}
