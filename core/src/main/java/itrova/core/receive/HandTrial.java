package itrova.core.receive;

import itrova.core.kit.Kit;
import itrova.core.phrase.Titled;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/** What of a kit is tried by hand or looked at when it is unpacked: what no caliper tells (common practice). */
public enum HandTrial implements Titled {
    THREADS("Every thread takes its own bolt by hand, all the way", kit -> true),
    BOLTS("Bolts told apart by length and shank, each laid to its place", kit -> true),
    SIDES("Left and right told apart: discs by arrow or vanes, calipers with the bleed nipple on top", kit -> true),
    STAMP("Least thickness stands on the disc, and is the papers'", kit -> true),
    PADS("Pads lie flat in their guides and move", kit -> true),
    SLIDES("Caliper slides by hand over its whole way, boots whole", kit -> true),
    CAP("Dust cap goes on over nut and hub", kit -> kit.fitting().hub().isPresent()),
    DONOR(
            "Donor parts show what they are told by",
            kit -> !kit.fitting().donorChecks().isEmpty());

    private final String title;
    private final Predicate<Kit> applies;

    HandTrial(String title, Predicate<Kit> applies) {
        this.title = title;
        this.applies = applies;
    }

    @Override
    public String title() {
        return title;
    }

    /** What a kit is tried by. */
    public static List<HandTrial> of(Kit kit) {
        return Arrays.stream(values()).filter(t -> t.applies.test(kit)).toList();
    }
}
