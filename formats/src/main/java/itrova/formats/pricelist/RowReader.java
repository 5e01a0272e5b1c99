package itrova.formats.pricelist;

import itrova.core.fastener.Fitting;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import itrova.core.quantity.NotationException;
import itrova.core.quantity.Printed;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.formats.DocumentDifferences;
import itrova.formats.DocumentProblem;
import itrova.formats.KitDocument;
import itrova.formats.PartDocument;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads rows as parts. What a row does not tell stays as the catalogue has it; a figure two columns contradict each other in is taken by
 * neither, and the rest of the part is kept.
 */
final class RowReader {
    private static final Pattern CODE = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]{0,39}");
    private static final Pattern WHOLE = Pattern.compile("[0-9]{1,3}(\\.0+)?");
    private static final Pattern BARE = Pattern.compile("[0-9 .,/⁄½¼¾⅛⅜⅝⅞±+-]+");
    /** A figure with its tolerance. */
    private static final Pattern STATED = Pattern.compile("(.+)±(.+)");

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_SIZE = 60;
    /** A price that changes by more than this many times is looked at again. */
    private static final long LEAP = 3;

    private final String file;
    private final Columns columns;
    private final Map<Integer, Columns.Use> places;
    private final String currency;

    /** Reads rows below that heading; prices are in that currency (ISO 4217). */
    RowReader(String file, Columns columns, List<String> headings, String currency) {
        this.file = file;
        this.columns = columns;
        this.places = columns.places(headings);
        this.currency = currency;
    }

    /** The code a row tells; empty if none. */
    String code(SheetRow row) {
        return places.entrySet().stream()
                .filter(e -> e.getValue().field().equals(ListField.CODE.key()))
                .map(e -> row.cell(e.getKey()).text())
                .findFirst()
                .orElse("");
    }

    /**
     * What a row would do.
     *
     * @param known the part of that code in the catalogue
     */
    ListRow read(SheetRow row, Optional<Part> known) {
        return new Draft(row, known).read();
    }

    /** What a row with the code of a kit would do. */
    ListRow read(SheetRow row, Kit known) {
        return new Draft(row, Optional.empty()).readKit(known);
    }

    /** One row on its way to be a part. */
    private final class Draft {
        private final SheetRow row;
        private final Optional<Part> known;
        private final Map<String, List<String>> texts = new HashMap<>();
        private final List<DocumentProblem> faults = new ArrayList<>();
        private final List<DocumentProblem> remarks = new ArrayList<>();

        Draft(SheetRow row, Optional<Part> known) {
            this.row = row;
            this.known = known;
        }

        ListRow read() {
            places.forEach((column, use) -> collect(use, row.cell(column)));
            String code = text(ListField.CODE);
            if (!CODE.matcher(code).matches()) {
                fault(
                        ListField.CODE,
                        code.isEmpty()
                                ? "The row has no code. Give the supplier's, or take the row out."
                                : "“" + code + "” is no code. Use letters, figures, points, dashes; at most 40.");
            }
            known.ifPresent(p -> ofSupplier(code, p.offer().supplier()));
            Optional<Part> part = part(code);
            if (!faults.isEmpty() || part.isEmpty()) {
                return ListRow.refused(row.number(), code, faults, remarks);
            }
            known.ifPresent(
                    before -> leap(before.offer().cents(), part.get().offer().cents()));
            List<String> changes = known.map(
                            before -> changes(PartDocument.writeOne(before), PartDocument.writeOne(part.get())))
                    .orElse(List.of());
            ListRow.Effect effect = known.isEmpty()
                    ? ListRow.Effect.ADDED
                    : changes.isEmpty() ? ListRow.Effect.SAME : ListRow.Effect.CHANGED;
            return new ListRow(row.number(), code, effect, part, Optional.empty(), changes, faults, remarks);
        }

        /** Price and days of a kit. */
        ListRow readKit(Kit kit) {
            places.forEach((column, use) -> collect(use, row.cell(column)));
            String code = text(ListField.CODE);
            ofSupplier(code, kit.supplier());
            Optional<Long> cents = price();
            Optional<Integer> days =
                    or(ListField.DAYS, this::days, Optional.of(kit.terms().leadDays()));
            if (!faults.isEmpty()) {
                return ListRow.refused(row.number(), code, faults, remarks);
            }
            Kit now = kit.offeredAt(cents.orElseThrow(), days.orElseThrow());
            leap(kit.terms().priceCents(), now.terms().priceCents());
            List<String> changes = changes(KitDocument.write(List.of(kit)), KitDocument.write(List.of(now)));
            ListRow.Effect effect = changes.isEmpty() ? ListRow.Effect.SAME : ListRow.Effect.CHANGED;
            return new ListRow(
                    row.number(), code, effect, Optional.empty(), Optional.of(now), changes, faults, remarks);
        }

        private void ofSupplier(String code, String owner) {
            if (!owner.equals(columns.supplier())) {
                fault(
                        ListField.CODE,
                        code + " is of " + owner + ", and this list is of " + columns.supplier()
                                + ". Put letters of the supplier before the code.");
            }
        }

        private Optional<Long> price() {
            Optional<Long> cents = or(ListField.PRICE, t -> ListPrice.cents(t, currency), Optional.empty());
            if (cents.isEmpty() && texts.get(ListField.PRICE.key()) == null) {
                fault(ListField.PRICE, "The row has no price: nothing is ever bought for 0 by mistake. Give it.");
            }
            return cents;
        }

        private void collect(Columns.Use use, SheetRow.Cell cell) {
            if (cell.isDate()) {
                problem(
                        faults,
                        use.heading(),
                        "The spreadsheet took what was written here for a date, such as 1/2 for a day. Format the"
                                + " column as text and write it again.");
            } else if (!cell.text().isEmpty()) {
                ListField field = ListField.named(use.field()).orElseThrow();
                boolean wantsUnit = field.dimension().isPresent()
                        && BARE.matcher(cell.text()).matches();
                texts.computeIfAbsent(use.field(), f -> new ArrayList<>())
                        .add(wantsUnit ? cell.text() + " " + use.unit() : cell.text());
            }
        }

        private Optional<Part> part(String code) {
            Optional<PartSort> sort =
                    or(ListField.SORT, this::sort, known.map(Part::sort).or(columns::sort));
            if (sort.isEmpty() && texts.get(ListField.SORT.key()) == null) {
                fault(
                        ListField.SORT,
                        "Nothing tells what sort of part this is. Map a column, or choose one sort for all.");
            }
            Optional<String> name = or(ListField.NAME, t -> bounded(t, LONGEST_NAME), known.map(Part::name));
            if (name.isEmpty() && texts.get(ListField.NAME.key()) == null) {
                fault(ListField.NAME, "A part that is new needs a name.");
            }
            String size = or(ListField.SIZE, t -> bounded(t, LONGEST_SIZE), known.map(Part::size))
                    .orElse("");
            Optional<Long> cents = price();
            int days = or(ListField.DAYS, this::days, known.map(p -> p.offer().leadDays()))
                    .orElse(0);
            List<Fitting> ports =
                    or(ListField.PORTS, Draft::fittings, known.map(Part::ports)).orElse(List.of());
            List<Fitting> ends =
                    or(ListField.ENDS, Draft::fittings, known.map(Part::ends)).orElse(List.of());
            Set<PartTrait> traits =
                    or(ListField.TRAITS, Draft::traits, known.map(Part::traits)).orElse(Set.of());
            Map<PartQuantity, Figure> figures = figures();
            if (!faults.isEmpty()) {
                return Optional.empty();
            }
            Part.Offer offer = new Part.Offer(columns.supplier(), cents.orElseThrow(), days);
            try {
                return Optional.of(new Part(
                        code, sort.orElseThrow(), name.orElseThrow(), size, figures, ports, ends, traits, offer));
            } catch (IllegalArgumentException e) {
                problem(faults, "", e.getMessage());
                return Optional.empty();
            }
        }

        private Map<PartQuantity, Figure> figures() {
            Map<PartQuantity, Figure> figures = new EnumMap<>(PartQuantity.class);
            known.ifPresent(p -> figures.putAll(p.figures()));
            texts.forEach((key, said) -> PartQuantity.named(key).ifPresent(quantity -> {
                figures.remove(quantity); // what is contradicted is not as it was before either
                figure(quantity, said).ifPresent(f -> figures.put(quantity, f));
            }));
            return figures;
        }

        private Optional<Figure> figure(PartQuantity quantity, List<String> said) {
            ListField field = ListField.figure(quantity);
            try {
                Matcher stated = STATED.matcher(said.get(0));
                if (said.size() == 1 && stated.matches()) {
                    double value = quantity.checked(si(field, stated.group(1)));
                    return Optional.of(Figure.stated(value, si(field, stated.group(2))));
                }
                if (field.dimension().isEmpty()) {
                    return Optional.of(quantity.assumed(quantity.checked(si(field, said.get(0)))));
                }
                String text = said.size() == 1 ? said.get(0) : said.get(0) + " (" + said.get(1) + ")";
                Printed printed = ShopNotation.parsePrinted(
                        text, field.dimension().get(), Unit.si(field.dimension().get()));
                double value = quantity.checked(printed.finer().si());
                Figure usual = quantity.assumed(value);
                double doubt = printed.apart() > 0 ? usual.tolerance() + printed.apart() : printed.between();
                return Optional.of(doubt > usual.tolerance() ? Figure.stated(value, doubt) : usual);
            } catch (NumberFormatException e) {
                fault(field, "“" + said.get(0) + "” is no number. Write it such as 0.35.");
            } catch (NotationException e) {
                if (said.size() > 1) {
                    remark(
                            field,
                            "“" + said.get(0) + "” and “" + said.get(1)
                                    + "” contradict each other: neither is taken, and " + quantity.decides()
                                    + " cannot be told of this part. Ask the supplier.");
                } else {
                    fault(field, e.getMessage());
                }
            } catch (IllegalArgumentException e) {
                fault(field, e.getMessage());
            }
            return Optional.empty();
        }

        private static double si(ListField field, String text) {
            return field.dimension()
                    .map(d -> ShopNotation.parse(text, d, Unit.si(d)).si())
                    .orElseGet(() -> Double.parseDouble(text.strip().replace(',', '.')));
        }

        private PartSort sort(String text) {
            String wanted = text.toLowerCase(Locale.ROOT).replace('_', ' ').strip();
            return Arrays.stream(PartSort.values())
                    .filter(s -> s.key().replace('_', ' ').equals(wanted)
                            || s.title().equals(wanted)
                            || (s.title() + "s").equals(wanted)
                            || (s.key().replace('_', ' ') + "s").equals(wanted))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("“" + text + "” is no sort of part. It is one of "
                            + Arrays.stream(PartSort.values())
                                    .map(PartSort::title)
                                    .collect(Collectors.joining(", "))
                            + "."));
        }

        private int days(String text) {
            if (!WHOLE.matcher(text).matches()) {
                throw new IllegalArgumentException(
                        "“" + text + "” is no number of working days. Write it such as 5; 0 if it is there at once.");
            }
            return (int) Double.parseDouble(text);
        }

        private static String bounded(String text, int max) {
            if (text.length() > max) {
                throw new IllegalArgumentException(
                        "This has " + text.length() + " characters, and " + max + " are kept. Shorten it.");
            }
            return text;
        }

        private static List<Fitting> fittings(String text) {
            return Arrays.stream(text.split(";")).map(Fitting::parse).toList();
        }

        private static Set<PartTrait> traits(String text) {
            Set<PartTrait> traits = EnumSet.noneOf(PartTrait.class);
            for (String word : text.split("[;,]")) {
                String wanted = word.strip().toLowerCase(Locale.ROOT).replace(' ', '_');
                traits.add(Arrays.stream(PartTrait.values())
                        .filter(t -> t.key().equals(wanted))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException("“" + word.strip()
                                + "” is nothing a part is known to have. It is one of "
                                + Arrays.stream(PartTrait.values())
                                        .map(t -> t.key().replace('_', ' '))
                                        .collect(Collectors.joining(", "))
                                + ".")));
            }
            return traits;
        }

        /** What the row tells of a field, otherwise what is known; a row that tells nonsense of it has a fault. */
        private <T> Optional<T> or(ListField field, Function<String, T> read, Optional<T> otherwise) {
            List<String> said = texts.get(field.key());
            if (said == null) {
                return otherwise;
            }
            try {
                return Optional.of(read.apply(said.get(0)));
            } catch (IllegalArgumentException e) {
                fault(field, e.getMessage());
                return Optional.empty();
            }
        }

        private void leap(long was, long is) {
            if (is > LEAP * was || was > LEAP * is) {
                remark(
                        ListField.PRICE,
                        "The price goes from " + price(was) + " to " + price(is) + ". Check that it is of one piece.");
            }
        }

        private static String price(long cents) {
            return String.format(Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
        }

        private static List<String> changes(String before, String after) {
            return DocumentDifferences.between(before, after).stream()
                    .map(d -> d.field().replace("kits[1].", "") + " " + said(d.before()) + " → " + said(d.after()))
                    .toList();
        }

        private static String said(String text) {
            return text.isEmpty() ? "nothing" : text;
        }

        private String text(ListField field) {
            return texts.getOrDefault(field.key(), List.of("")).get(0);
        }

        private void fault(ListField field, String why) {
            problem(faults, heading(field), why);
        }

        private void remark(ListField field, String why) {
            problem(remarks, heading(field), why);
        }

        private void problem(List<DocumentProblem> into, String heading, String why) {
            into.add(new DocumentProblem(file, row.number(), heading, why));
        }

        /** The column as the list calls it, otherwise the field's own name. */
        private String heading(ListField field) {
            return places.values().stream()
                    .filter(u -> u.field().equals(field.key()))
                    .map(Columns.Use::heading)
                    .findFirst()
                    .orElse(field.key());
        }
    }
}
