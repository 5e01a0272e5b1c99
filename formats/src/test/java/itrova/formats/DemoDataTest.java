package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.WantedReadings;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The made-up jobs still show what they were made to show, and no check waits for a reading nobody is told to take. */
class DemoDataTest {
    private static final List<Side> BOTH = List.of(Side.values());

    private static Stream<AxleRecord> axles() {
        return DemoData.jobs().stream().flatMap(j -> j.axles().stream());
    }

    private static AxleRecord axle(String job, int number) {
        return DemoData.jobs().stream()
                .filter(j -> j.title().equals(job))
                .findFirst()
                .orElseThrow()
                .axles()
                .get(number);
    }

    private static AxleCase read(AxleRecord axle, Stream<Reading> readings) {
        return new AxleRecord(
                        axle.name(),
                        axle.form(),
                        axle.papers(),
                        axle.load(),
                        axle.wheelStays(),
                        axle.around(),
                        readings.toList(),
                        axle.chosen(),
                        axle.facts())
                .toCase(BOTH);
    }

    /** Verdicts by kit, after what is read besides. */
    private static Map<String, Verdict> verdicts(AxleRecord axle, Reading... besides) {
        AxleCase state = read(axle, Stream.concat(axle.readings().stream(), Stream.of(besides)));
        return FitEngine.match(state, DemoData.kits(), ShopSettings.DEFAULTS).stream()
                .collect(Collectors.toMap(r -> r.kit().code(), KitReport::verdict));
    }

    @Test
    void theVanHasKitsThatFitThatWantWorkThatAreOpenAndThatDoNotFit() {
        assertThat(verdicts(axle("Light van, front discs", 0)))
                .containsEntry("QF-101", Verdict.FITS)
                .containsEntry("QF-107", Verdict.FITS_WITH_WORK)
                .containsEntry("QF-106", Verdict.NOT_PROVEN)
                .containsEntry("QF-102", Verdict.DOES_NOT_FIT);
    }

    /** Every kind of axle end, both ways a shaft is kept included, shows all that can be said of a kit. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Light van, front discs",
                "Estate car, rear discs",
                "Panel van, rear discs",
                "Forestry wagon, front discs",
                "Crew carrier, front discs",
                "Roadster, independent rear",
                "Boat trailer, two axles"
            })
    void everyKindOfAxleEndHasAKitOfEveryVerdict(String job) {
        assertThat(Set.copyOf(verdicts(axle(job, 0)).values())).containsExactlyInAnyOrder(Verdict.values());
    }

    @Test
    void theJobsCoverEveryKindOfAxleEndAndBothWaysAShaftIsKept() {
        assertThat(axles().map(a -> a.form().kind())).contains(AxleEndKind.values());
        assertThat(axles().filter(a -> a.form().kind() == AxleEndKind.REAR_LIVE_AXLE)
                        .map(a -> a.form().retention()))
                .contains(Retention.values());
    }

    @Test
    void theCoupeLacksOneReadingOfOneSide() {
        AxleRecord coupe = axle("Coupe, rear discs", 0);
        assertThat(verdicts(coupe)).doesNotContainValue(Verdict.FITS_WITH_WORK);
        Reading weights = Reading.take(
                Side.RIGHT, Callout.WHEEL_WEIGHTS, "", "1/8 in", Instrument.CALIPER_OUTSIDE, UnitSystem.INCH);
        assertThat(verdicts(coupe, weights))
                .containsEntry("QR-205", Verdict.FITS_WITH_WORK)
                .as("it takes turning the flange down, and the owner wants to be able to go back to drums")
                .containsEntry("QR-204", Verdict.DOES_NOT_FIT);
    }

    @Test
    void theTrailersFrontAxleIsReadyAndNothingFitsItsRearAxle() {
        assertThat(verdicts(axle("Boat trailer, two axles", 0))).containsEntry("QT-301", Verdict.FITS);
        assertThat(verdicts(axle("Boat trailer, two axles", 1)).values()).containsOnly(Verdict.DOES_NOT_FIT);
    }

    /** A side may be called read only when no critical check of a kit that keeps the hub waits for a reading on it. */
    @ParameterizedTest
    @MethodSource("axles")
    void whatACriticalCheckWaitsForCountsTowardsASideBeingRead(AxleRecord axle) {
        List<Kit> keepTheHub = DemoData.kits().stream()
                .filter(k -> k.fitting().hub().isEmpty())
                .toList();
        Set<Callout> waited = new TreeSet<>();
        for (Callout leftOut : Callout.values()) {
            AxleCase state = read(axle, axle.readings().stream().filter(r -> r.callout() != leftOut));
            for (KitReport report : FitEngine.match(state, keepTheHub, ShopSettings.DEFAULTS)) {
                for (Finding f : report.findings()) {
                    AxleEnd end = state.ends().get(BOTH.indexOf(f.side()));
                    // what only some kits need is asked for by those kits
                    if (f.check().isCritical() && f.check() != CheckId.NEEDS) {
                        waited.addAll(f.missing());
                        assertThat(f.missing())
                                .as(
                                        "%s without %s, %s",
                                        f.check(), leftOut, report.kit().code())
                                // one place more may be wanted of a profile that counts as read
                                .allMatch(c -> c.hasPlaces()
                                        || WantedReadings.wanted(end).contains(c));
                    }
                }
            }
        }
        assertThat(waited).contains(Callout.WHEEL_BACKSPACING, Callout.STUD_STICK_OUT);
    }
}
