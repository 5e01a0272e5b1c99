package itrova.formats.template;

import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.Kit;
import itrova.core.kit.SectorOutline;
import itrova.core.vehicle.BracketShape;
import itrova.formats.template.Template.Circle;
import itrova.formats.template.Template.Layer;
import itrova.formats.template.Template.Line;
import itrova.formats.template.Template.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Templates of a kit's parts: the caliper's profile to hold into a wheel, the bracket's holes to hold against an axle. */
public final class KitTemplates {
    private KitTemplates() {}

    /**
     * The caliper's profile: x from the disc's mid-plane, y from the wheel axis, with the mid-plane and the face the wheel sits
     * on as lines. Absent if the papers give no profile.
     */
    public static Optional<Template> caliper(Kit kit) {
        List<SectorOutline> parts = kit.caliper().parts();
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        List<Line> lines = new ArrayList<>();
        double low = Double.POSITIVE_INFINITY;
        double high = 0;
        for (SectorOutline part : parts) {
            Outline o = part.outline();
            lines.add(new Line(o.corners(), true, Layer.OUTLINE));
            low = Math.min(low, o.minR());
            high = Math.max(high, o.maxR());
        }
        double face = kit.disc().hatDepth().value() + kit.disc().hatThickness().value();
        double from = low - 12;
        double to = high + 12;
        lines.add(new Line(List.of(new Point(0, from), new Point(0, to)), false, Layer.REFERENCE));
        lines.add(new Line(List.of(new Point(face, from), new Point(face, to)), false, Layer.REFERENCE));
        lines.add(new Line(List.of(new Point(-10, low), new Point(10, low)), false, Layer.REFERENCE));
        List<Note> notes = List.of(
                new Note(new Point(2, to), "disc's mid-plane"),
                new Note(new Point(face + 2, from), "wheel's mounting face"),
                new Note(
                        new Point(12, low - 8),
                        String.format(Locale.ROOT, "this line is %.1f mm from the wheel axis", low)));
        return Optional.of(new Template(
                kit.code() + " caliper, section over all its angles, pads new", lines, List.of(), notes, false));
    }

    /** The bracket's bolt holes around the wheel axis, seen from outboard. Absent for a bracket that is welded on. */
    public static Optional<Template> bracket(Kit kit) {
        Bracket b = kit.bracket();
        if (b.isWelded()) {
            return Optional.empty();
        }
        List<Circle> holes = new ArrayList<>();
        double hole = b.hole().value();
        if (b.shape() == BracketShape.RECTANGLE) {
            double x = b.across().orElseThrow().value() / 2;
            double y = b.up().orElseThrow().value() / 2;
            for (int corner = 0; corner < 4; corner++) {
                holes.add(new Circle(new Point(corner % 2 == 0 ? x : -x, corner < 2 ? y : -y), hole));
            }
        } else {
            double radius = b.circle().orElseThrow().value() / 2;
            for (int i = 0; i < b.count(); i++) {
                double turn = 2 * Math.PI * (i + 0.5) / b.count();
                holes.add(new Circle(new Point(radius * Math.sin(turn), radius * Math.cos(turn)), hole));
            }
        }
        return Optional.of(new Template(
                kit.code() + " bracket, bolt holes from outboard, up is up", List.of(), holes, List.of(), true));
    }
}
