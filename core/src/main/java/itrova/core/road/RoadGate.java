package itrova.core.road;

import itrova.core.phrase.Phrase;
import itrova.core.road.RoadCase.AxleWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What keeps a vehicle from the road and from its owner.
 *
 * @param standing why it does not move at all; empty where it may
 * @param handing why it is not handed over though it moves; empty where nothing is left
 */
public record RoadGate(List<Phrase> standing, List<Phrase> handing) {
    public RoadGate {
        standing = List.copyOf(standing);
        handing = List.copyOf(handing);
    }

    private static final String WENT_WRONG = "road.went-wrong";

    /** Judges a vehicle. What nobody told is never taken for done. */
    public static RoadGate of(RoadCase c) {
        List<Phrase> standing = new ArrayList<>();
        if (c.axles().isEmpty()) {
            standing.add(Phrase.of("road.nothing-ordered"));
        }
        for (AxleWork axle : c.axles()) {
            axle.openSteps().stream()
                    .findFirst()
                    .ifPresent(first -> standing.add(Phrase.of(
                            "road.steps-open", axle.name(), axle.openSteps().size(), first)));
            axle.overturned().forEach(o -> standing.add(Phrase.of("road.overturned", axle.name(), o)));
            if (!axle.replanned().isEmpty()) {
                standing.add(Phrase.of("road.replanned", axle.name()));
            }
        }
        bleeding(c, standing);
        for (FirstMove move : FirstMove.of(c.isTrailer())) {
            if (c.went(move.id()).equals(Optional.of(false))) {
                standing.add(Phrase.of(WENT_WRONG, move.title()));
            }
        }
        List<Phrase> handing = new ArrayList<>();
        for (FirstMove move : FirstMove.of(c.isTrailer())) {
            if (c.went(move.id()).isEmpty()) {
                handing.add(Phrase.of("road.not-tried", move.title()));
            }
        }
        c.bedding()
                .ifPresentOrElse(
                        log -> {
                            if (!log.whole()) {
                                handing.add(Phrase.of(
                                        "road.stops-open",
                                        log.rule().stops() - log.stops().size()));
                            }
                        },
                        () -> handing.add(Phrase.of("road.no-bedding-rule")));
        return new RoadGate(standing, handing);
    }

    private static void bleeding(RoadCase c, List<Phrase> standing) {
        if (c.bleeding().isEmpty()) {
            standing.add(Phrase.of("road.circuit-not-told"));
            return;
        }
        RoadCase.Bleeding b = c.bleeding().get();
        if (!b.openPoints().isEmpty()) {
            standing.add(Phrase.of("road.points-open", String.join("; ", b.openPoints())));
        }
        if (!b.openJoints().isEmpty()) {
            standing.add(Phrase.of("road.joints-open", b.openJoints().size()));
        }
        if (!b.isPedalRead()) {
            standing.add(Phrase.of("road.pedal-not-read"));
        }
    }

    public boolean moves() {
        return standing.isEmpty();
    }

    public boolean isHandedOver() {
        return standing.isEmpty() && handing.isEmpty();
    }

    /**
     * Why a move may not be tried yet; empty where it may.
     *
     * @param c the same case
     */
    public Optional<Phrase> holdsBack(FirstMove move, RoadCase c) {
        for (FirstMove before : FirstMove.of(c.isTrailer())) {
            if (before.id().equals(move.id())) {
                break;
            }
            if (!c.went(before.id()).equals(Optional.of(true))) {
                return Optional.of(Phrase.of("road.comes-after", move.title(), before.title()));
            }
        }
        // what stands before it went well, or we would not be here; a later one is tried again in its turn
        Optional<Phrase> other =
                standing.stream().filter(p -> !p.code().equals(WENT_WRONG)).findFirst();
        if (other.isPresent()) {
            return Optional.of(Phrase.of("road.stands", other.get()));
        }
        return move.isAfterBedding() && c.bedding().filter(BeddingLog::whole).isEmpty()
                ? Optional.of(Phrase.of("road.bedding-first", move.title()))
                : Optional.empty();
    }
}
