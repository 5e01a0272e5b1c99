package itrova.server.road;

import itrova.core.road.Recheck;
import itrova.core.road.StopTest;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The road card as it is told. Speeds in km/h, distances in m, odometers in km, decelerations in m/s². */
public final class RoadViews {
    private RoadViews() {}

    /**
     * @param fine how it went when tried last since the last work; absent if it was not
     * @param heldBack why it may not be tried yet; empty where it may
     */
    public record MoveView(
            String id,
            String title,
            String text,
            String caution,
            boolean afterBedding,
            @Nullable Boolean fine,
            String heldBack) {}

    public record PhaseView(String title, int stops, double from, double to, double pause, int done) {}

    /**
     * @param ready when the pause after the last stop is over; absent before the first
     * @param early stops that came before their pause was over
     * @param hottest highest temperature of the front disc by this rule (°C), with its doubt; absent where it cannot be told
     * @param lastHeat how hot a disc was last read (°C); absent where nobody read one
     * @param wanted quantities wanted to tell it
     */
    public record BeddingView(
            List<PhaseView> phases,
            int counted,
            int stops,
            @Nullable Instant ready,
            int early,
            @Nullable Double hottest,
            @Nullable Double hottestDoubt,
            double tooHot,
            @Nullable Double lastHeat,
            List<String> wanted) {}

    public record RunView(long id, double speed, double distance, double deceleration) {}

    /**
     * @param deceleration mean of the runs; absent where they are too few or unlike
     * @param why why there is no mean; empty where there is
     * @param fromTwentyMph distance from 20 mph at that deceleration (m)
     */
    public record StopSetView(
            List<RunView> runs,
            @Nullable Double deceleration,
            @Nullable Double doubt,
            String why,
            @Nullable Double fromTwentyMph) {}

    public record StopsView(
            StopSetView before,
            StopSetView after,
            StopTest.@Nullable Change change,
            @Nullable Double gained,
            @Nullable Double gainedDoubt) {}

    /**
     * @param odometer at which it is due (km); absent where only the date counts
     * @param date on which it is due; absent before the first drive
     * @param found what was found; absent while it is not done
     */
    public record RecheckView(
            String id,
            String what,
            @Nullable Double odometer,
            @Nullable LocalDate date,
            Recheck.State state,
            @Nullable String found) {}

    public record HandOverSignature(String as, String name, String by, Instant at) {}

    public record RoadEntry(long id, Instant at, String by, String said) {}

    /**
     * @param standing why it does not move at all
     * @param handing why it is not handed over though it moves
     * @param listed what the owner is told of: tightened without a torque read, or let pass
     * @param odometer as last told (km)
     * @param changedSince whether it was handed over before and something has changed since
     */
    public record RoadView(
            long jobId,
            String title,
            boolean trailer,
            List<String> standing,
            List<String> handing,
            List<MoveView> moves,
            @Nullable BeddingView bedding,
            StopsView stops,
            @Nullable Double odometer,
            List<RecheckView> rechecks,
            List<String> listed,
            List<HandOverSignature> signatures,
            boolean handedOver,
            boolean changedSince,
            String seal,
            List<RoadEntry> entries) {}
}
