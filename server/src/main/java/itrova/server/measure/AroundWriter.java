package itrova.server.measure;

import itrova.core.fastener.Thread;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.TapedThing.Beside;
import itrova.core.vehicle.TapedThing.OnVehicle;
import itrova.core.vehicle.Wheel;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.Valve;
import itrova.server.measure.AroundText.BoxText;
import itrova.server.measure.AroundText.DetailsText;
import itrova.server.measure.AroundText.HoseText;
import itrova.server.measure.AroundText.JointText;
import itrova.server.measure.AroundText.KingPinText;
import itrova.server.measure.AroundText.ObstacleText;
import itrova.server.measure.AroundText.SideText;
import itrova.server.measure.AroundText.SteeringText;
import itrova.server.measure.AroundText.TapedText;
import itrova.server.measure.AroundText.TravelText;
import itrova.server.measure.AroundText.TyreText;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.OptionalDouble;

/** Writes the surroundings of a wheel for a person to read and change. */
public final class AroundWriter {
    private final UnitSystem units;

    AroundWriter(UnitSystem units) {
        this.units = units;
    }

    public SideText write(Surroundings s) {
        return new SideText(
                s.inboard().isAll(),
                s.inboard().things().stream().map(this::text).toList(),
                s.chassis().isAll(),
                s.chassis().things().stream().map(this::text).toList(),
                s.steering()
                        .map(t -> new SteeringText(
                                said(t.lower().x()),
                                said(t.lower().f()),
                                said(t.lower().z()),
                                said(t.upper().x()),
                                said(t.upper().f()),
                                said(t.upper().z()),
                                angle(t.lockIn()),
                                angle(t.lockOut())))
                        .orElse(new SteeringText("", "", "", "", "", "", "", "")),
                s.travel()
                        .map(t -> new TravelText(said(t.bump()), said(t.droop()), angle(t.roll())))
                        .orElse(new TravelText("", "", "")),
                s.tyre()
                        .map(t -> new TyreText(
                                said(t.width()),
                                said(t.diameter()),
                                t.ratedKg().isPresent() ? mass(t.ratedKg().getAsDouble()) : "",
                                t.chains() > 0 ? said(t.chains()) : ""))
                        .orElse(new TyreText("", "", "", "")),
                s.hose()
                        .map(h -> new HoseText(
                                said(h.at().x()),
                                said(h.at().f()),
                                said(h.at().z()),
                                h.thread().map(Thread::designation).orElse("")))
                        .orElse(new HoseText("", "", "", "")),
                s.joints().stream().map(j -> new JointText(j.place(), j.size())).toList(),
                text(s.details()),
                s.taped().things().stream().map(this::text).toList(),
                s.taped().kingPin().map(this::text).orElse(KingPinText.UNREAD));
    }

    private TapedText text(TapedThing thing) {
        String kind = thing.kind().name();
        String from = thing.from().name();
        if (thing instanceof Beside b) {
            return new TapedText(
                    kind,
                    b.name(),
                    true,
                    from,
                    angle(b.clock()),
                    said(b.across()),
                    said(b.near()),
                    said(b.far()),
                    said(b.in()),
                    said(b.inFar()),
                    said(b.mayBeGround()),
                    "",
                    "",
                    "",
                    "");
        }
        OnVehicle v = (OnVehicle) thing;
        return new TapedText(
                kind,
                v.name(),
                false,
                from,
                "",
                "",
                "",
                "",
                said(v.in()),
                said(v.inFar()),
                "",
                said(v.rear()),
                said(v.front()),
                said(v.low()),
                said(v.high()));
    }

    private KingPinText text(KingPinTape k) {
        return new KingPinText(
                said(k.lowerIn()),
                said(k.lowerDown()),
                said(k.upperIn()),
                said(k.upperUp()),
                said(k.lowerAhead()),
                said(k.upperAhead()),
                angle(k.lockIn()),
                angle(k.lockOut()));
    }

    private String said(OptionalDouble mm) {
        return mm.isPresent() ? said(mm.getAsDouble()) : "";
    }

    private DetailsText text(WheelDetails d) {
        Optional<Valve> stands = d.valve().filter(v -> v.height() > 0);
        return new DetailsText(
                d.held().map(Enum::name).orElse(""),
                d.valve().isPresent() && stands.isEmpty(),
                stands.map(v -> said(v.depth())).orElse(""),
                stands.map(v -> said(v.height())).orElse(""),
                d.cap().map(c -> said(c.room())).orElse(""),
                d.spare()
                        .map(s -> s.wheel().map(Wheel::code).orElse(s.kind().name()))
                        .orElse(""),
                d.ratedKg().isPresent() ? mass(d.ratedKg().getAsDouble()) : "",
                d.donor().stream()
                        .map(l -> new AroundText.DonorText(l.kit(), l.at(), l.isSo()))
                        .toList());
    }

    private ObstacleText text(Obstacle o) {
        return new ObstacleText(
                o.name(),
                angle(o.window().from()),
                angle(o.window().to()),
                said(o.xFrom()),
                said(o.xTo()),
                said(o.rFrom()),
                said(o.rTo()),
                said(o.halfLimit()),
                o.mayBeGround().isPresent() ? said(o.mayBeGround().getAsDouble()) : "");
    }

    private BoxText text(Box b) {
        return new BoxText(
                b.name(),
                said(b.low().x()),
                said(b.high().x()),
                said(b.low().f()),
                said(b.high().f()),
                said(b.low().z()),
                said(b.high().z()),
                said(b.halfLimit()));
    }

    /** A length with its unit, fine enough to be read back unchanged. */
    private String said(double mm) {
        return units == UnitSystem.METRIC ? plain(mm, 2) + " mm" : plain(mm / Unit.INCH.toSi(), 4) + " in";
    }

    /** A mass as it is marked or was told: in the reader's units, unless it is a whole number only in the others. */
    String mass(double kg) {
        Unit own = Unit.defaultFor(Dimension.MASS, units);
        Unit other = Unit.defaultFor(Dimension.MASS, units == UnitSystem.METRIC ? UnitSystem.INCH : UnitSystem.METRIC);
        Unit told = isWhole(kg / other.toSi()) && !isWhole(kg / own.toSi()) ? other : own;
        return plain(kg / told.toSi(), 1) + " " + told.symbol();
    }

    private static boolean isWhole(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-6;
    }

    private static String angle(double degrees) {
        return plain(degrees, 2);
    }

    private static String plain(double value, int digits) {
        BigDecimal rounded =
                BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }
}
