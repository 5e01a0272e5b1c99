package itrova.formats;

import itrova.core.kit.Contradiction;
import itrova.core.kit.Figure;
import itrova.core.kit.PaperFigure;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.NotationException;
import itrova.core.quantity.Printed;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Understood;
import itrova.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/** A place in a document that knows its row and path, so that a fault can be named. The schema was checked before. */
record Cursor(JsonNode node, int row, String path, Json.Faults faults) {

    Cursor at(String key) {
        return new Cursor(node.path(key), row, path.isEmpty() ? key : path + "." + key, faults);
    }

    boolean isPresent() {
        return !node.isMissingNode() && !node.isNull();
    }

    <T> Optional<T> optional(String key, java.util.function.Function<Cursor, T> read) {
        Cursor c = at(key);
        return c.isPresent() ? Optional.of(read.apply(c)) : Optional.empty();
    }

    /** Entries of a list; rows are counted from 1 when they are the document's own list. */
    List<Cursor> entries(String key, boolean asRows) {
        JsonNode list = node.path(key);
        return IntStream.range(0, list.size())
                .mapToObj(i -> new Cursor(
                        list.get(i), asRows ? i + 1 : row, asRows ? "" : at(key).path() + "[" + (i + 1) + "]", faults))
                .toList();
    }

    String text(String key, String otherwise) {
        return at(key).isPresent() ? at(key).node().asString() : otherwise;
    }

    boolean flag(String key, boolean otherwise) {
        return at(key).isPresent() ? at(key).node().asBoolean() : otherwise;
    }

    int whole(String key, int otherwise) {
        return at(key).isPresent() ? at(key).node().asInt() : otherwise;
    }

    /** A quantity: a number in the SI unit the key names, or a text in shop notation. NaN after a fault. */
    double quantity(Dimension dimension) {
        if (node.isNumber()) {
            return node.asDouble();
        }
        try {
            return ShopNotation.parse(node.asString(), dimension, Unit.si(dimension))
                    .si();
        } catch (IllegalArgumentException e) {
            faults.add(row, path, e.getMessage());
            return Double.NaN;
        }
    }

    /** A quantity as papers print it; two units rounded by hand are one, and a warning. Absent after a fault. */
    Optional<Printed> printed(Dimension dimension) {
        Unit si = Unit.si(dimension);
        if (node.isNumber()) {
            return Optional.of(
                    new Printed(new Understood(node.asDouble(), si, true, false, 0, 0), Optional.empty(), 0));
        }
        try {
            Printed printed = ShopNotation.parsePrinted(node.asString(), dimension, si);
            if (printed.apart() > 0) {
                faults.warn(String.format(
                        Locale.ROOT,
                        "%s: the papers say “%s”, %.2f %s apart; both are allowed for. Ask which is meant.",
                        path,
                        Json.shortened(node.asString()),
                        printed.apart(),
                        dimension.siSymbol()));
            }
            return Optional.of(printed);
        } catch (NotationException e) {
            return unusable(e);
        } catch (IllegalArgumentException e) {
            faults.add(row, path, e.getMessage());
            return Optional.empty();
        }
    }

    /** Two values that clash leave the figure unusable and the rest of the kit as it is, where checks can be told so; else it is a fault. */
    private Optional<Printed> unusable(NotationException e) {
        Optional<PaperFigure> figure =
                PaperFigure.named(path.replaceFirst("\\.value$", "").replaceFirst("patterns\\[\\d+]\\.", ""));
        if (e.clash().isEmpty() || figure.isEmpty()) {
            faults.add(row, path, e.getMessage());
            return Optional.empty();
        }
        Understood one = e.clash().get().one();
        Understood other = e.clash().get().other();
        faults.clash(new Contradiction(
                figure.get(),
                ShopNotation.decimal(one.si(), one.unit(), 2),
                ShopNotation.decimal(other.si(), other.unit(), 2)));
        return Optional.of(new Printed(one, Optional.of(other), Math.abs(one.si() - other.si())));
    }

    double length(String key) {
        return at(key).quantity(Dimension.LENGTH);
    }

    double length(String key, double otherwise) {
        return at(key).isPresent() ? length(key) : otherwise;
    }

    /** A figure with the tolerance stated, or the default class. Absent after a fault. */
    Figure figure(String key, boolean isBore) {
        Cursor c = at(key);
        boolean withTolerance = c.node().isObject();
        Optional<Printed> printed = (withTolerance ? c.at("value") : c).printed(Dimension.LENGTH);
        if (printed.isEmpty()) {
            return Figure.general(0); // the fault is noted; the document will not be taken
        }
        double value = printed.get().finer().si();
        double apart = printed.get().apart();
        if (withTolerance) {
            double tolerance = c.at("tolerance").quantity(Dimension.LENGTH);
            if (!(tolerance >= 0)) {
                faults.add(row, c.path() + ".tolerance", "A tolerance is at least 0 mm. Give half its width.");
                return Figure.general(value);
            }
            return Figure.stated(value, tolerance + apart);
        }
        Figure usual = isBore ? Figure.bore(value) : Figure.general(value);
        if (apart > 0) {
            return Figure.stated(value, usual.tolerance() + apart);
        }
        double between = printed.get().between();
        return between > usual.tolerance() ? Figure.stated(value, between) : usual;
    }

    /** One of an enum's values by its lower-case name; the schema has made sure it is one. */
    <E extends Enum<E>> E choice(String key, Class<E> type) {
        return Enum.valueOf(type, at(key).node().asString().toUpperCase(java.util.Locale.ROOT));
    }

    /** A price such as {@code "389.00"} in cents. */
    long cents(String key) {
        return new BigDecimal(at(key).node().asString()).movePointRight(2).longValueExact();
    }

    /** Notes a fault of the domain instead of letting it break off the reading. */
    <T> Optional<T> guarded(BiFunction<Cursor, Json.Faults, T> read) {
        int before = faultsSoFar();
        try {
            T value = read.apply(this, faults);
            return faultsSoFar() == before ? Optional.of(value) : Optional.empty();
        } catch (IllegalArgumentException e) {
            faults.add(row, path, e.getMessage());
            return Optional.empty();
        }
    }

    private int faultsSoFar() {
        return faults.count();
    }
}
