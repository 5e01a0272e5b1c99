package itrova.core.remedy;

/** A second circle of holes in the disc, between those it has. */
final class DrillCircle extends Remedy {
    DrillCircle() {
        super(
                "Drill the disc on a second circle",
                0.1,
                Undo.NEVER,
                "Measure the first hole's place and size before drilling the next.",
                "Clamp the disc; swarf is sharp; eye protection. Never between cooling vanes that start at the hat.");
    }

    @Override
    boolean isPaired() {
        return true;
    }
}
