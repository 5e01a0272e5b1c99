package itrova.formats;

import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.kit.CaliperShape;
import itrova.core.kit.Contradiction;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PartKind;
import itrova.core.kit.TorqueSpec;
import itrova.core.quantity.Dimension;
import itrova.core.vehicle.AxleEndKind;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.text.similarity.LevenshteinDistance;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Kit documents, format {@code itrova-kits/1}; schema in {@code docs/formats/itrova-kits.schema.json}. */
public final class KitDocument {
    static final String FORMAT = "itrova-kits/1";

    private KitDocument() {}

    /**
     * Reads all kits of a document.
     *
     * @param file name used in reports
     * @param text the JSON text
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static List<Kit> read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.KITS_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        List<Kit> kits = new ArrayList<>();
        Set<String> codes = new HashSet<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("kits", true)) {
            Optional<Kit> kit = c.guarded((cursor, f) -> kit(cursor));
            kit.ifPresent(k -> {
                kits.add(k);
                shapeFaults(k).forEach((where, fault) -> faults.add(c.row(), where, fault));
                k.torques().forEach(t -> k.threadFor(t)
                        .flatMap(thread -> Tightening.whyImpossible(t.torque(), thread))
                        .ifPresent(why -> faults.add(c.row(), "torques, " + t.fastener(), why)));
            });
            checkFigures(c);
            String code = c.text("code", "");
            if (!codes.add(code)) {
                faults.add(c.row(), "code", "The code " + code + " stands twice in this file. Give each kit its own.");
            }
        }
        faults.throwIfAny();
        return kits;
    }

    /** Outlines that cannot be a caliper's, by where they stand. */
    private static Map<String, String> shapeFaults(Kit kit) {
        Map<String, String> faults = new LinkedHashMap<>();
        CaliperShape.fault(kit.caliper(), kit.disc()).ifPresent(f -> faults.put("caliper.outline_mm", f));
        for (KitOption option : kit.choices().options()) {
            Kit with = kit.with(List.of(option));
            if (option.change().caliper().isPresent()) {
                CaliperShape.fault(with.caliper(), with.disc())
                        .ifPresent(f -> faults.put("options." + option.code() + ".caliper.outline_mm", f));
            }
        }
        return faults;
    }

    /**
     * Reads a kit this program wrote, perhaps in an earlier edition that looked less closely: an outline that cannot be a caliper's is
     * left out, so that nothing is proven by it.
     *
     * @throws DocumentException if the text is no kit document
     */
    public static Kit readStored(String text) {
        JsonNode root = Json.read("catalogue", text, Json.KITS_SCHEMA);
        Json.Faults faults = new Json.Faults("catalogue");
        Kit kit = kit(new Cursor(root, 0, "", faults).entries("kits", true).get(0));
        faults.throwIfAny();
        return CaliperShape.fault(kit.caliper(), kit.disc()).isEmpty()
                ? kit
                : kit.withCaliper(kit.caliper().withoutOutline());
    }

    private static Kit kit(Cursor c) {
        Set<AxleEndKind> fits = new HashSet<>();
        c.node()
                .path("fits")
                .forEach(n -> fits.add(AxleEndKind.valueOf(n.asString().toUpperCase(Locale.ROOT))));
        KitParts parts = PartsReader.parts(c);
        List<Contradiction> clashes = new ArrayList<>(c.faults().takeClashes());
        c.entries("contradictions", false).stream()
                .flatMap(p -> clash(p).stream())
                .forEach(clashes::add);
        Kit.Choices choices = new Kit.Choices(
                c.entries("options", false).stream().map(KitDocument::option).toList(),
                clashes,
                PartsReader.texts(c, "needs"));
        List<TorqueSpec> torques =
                c.entries("torques", false).stream().map(KitDocument::torque).toList();
        List<String> notes = new ArrayList<>(PartsReader.texts(c, "notes"));
        notes.addAll(c.faults().takeWarnings());
        return new Kit(
                c.text("code", ""),
                c.text("name", ""),
                c.text("supplier", ""),
                fits,
                parts,
                new KitTerms(
                        PartsReader.texts(c, "box"),
                        contents(c),
                        c.entries("missing", false).stream()
                                .map(KitDocument::missing)
                                .toList(),
                        c.cents("price"),
                        c.whole("lead_days", 0),
                        c.flag("returnable", false),
                        c.flag("reversible", false),
                        c.text("parking_brake", "")),
                torques,
                notes,
                choices);
    }

    /** A contradiction; nothing where no check goes by such a figure. */
    private static Optional<Contradiction> clash(Cursor p) {
        return PaperFigure.named(p.text("figure", ""))
                .map(figure -> new Contradiction(figure, p.text("one", ""), p.text("other", "")));
    }

    /** A misspelt figure would be a contradiction lost: it is a fault, with the nearest name there is. */
    private static void checkFigures(Cursor kit) {
        for (Cursor p : kit.entries("contradictions", false)) {
            String figure = p.text("figure", "");
            if (PaperFigure.named(figure).isEmpty()) {
                String nearest = Arrays.stream(PaperFigure.values())
                        .map(KitDocument::toKey)
                        .min(Comparator.comparingInt(
                                f -> LevenshteinDistance.getDefaultInstance().apply(f, figure)))
                        .orElseThrow();
                p.faults()
                        .add(
                                p.row(),
                                p.path() + ".figure",
                                "“" + Json.shortened(p.text("figure", "")) + "” is no figure of a kit. Is “" + nearest
                                        + "” meant?");
            }
        }
    }

    private static Map<PartKind, Integer> contents(Cursor c) {
        Map<PartKind, Integer> contents = new EnumMap<>(PartKind.class);
        c.node()
                .path("contents")
                .properties()
                .forEach(e -> contents.put(
                        PartKind.valueOf(e.getKey().toUpperCase(Locale.ROOT)),
                        e.getValue().asInt()));
        return contents;
    }

    private static KitOption option(Cursor c) {
        return new KitOption(
                c.text("code", ""),
                c.text("name", ""),
                c.text("group", ""),
                c.cents("price"),
                c.whole("lead_days", 0),
                new KitOption.Change(
                        c.optional("disc", PartsReader::disc),
                        c.optional("caliper", PartsReader::caliper),
                        c.optional("bracket", PartsReader::bracket),
                        c.optional("studs", PartsReader::studs),
                        c.optional("nuts", PartsReader::nuts),
                        c.optional("hose", PartsReader::hose)));
    }

    private static MissingPart missing(Cursor c) {
        return new MissingPart(
                c.text("name", ""),
                c.whole("quantity", 1),
                c.cents("price"),
                c.text("supplier", ""),
                c.whole("lead_days", 0),
                c.at("part").isPresent() ? Optional.of(c.choice("part", PartKind.class)) : Optional.empty());
    }

    private static TorqueSpec torque(Cursor c) {
        Optional<Thread> thread =
                c.at("thread").isPresent() ? Optional.of(Thread.parse(c.text("thread", ""))) : Optional.empty();
        return new TorqueSpec(
                c.text("fastener", ""), PartsReader.positive(c.at("torque_Nm"), Dimension.TORQUE), thread);
    }

    private static String toKey(PaperFigure figure) {
        return figure.key() + "_mm";
    }

    /** Writes kits as a document that reads back to the same kits. */
    public static String write(List<Kit> kits) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT);
        ArrayNode list = root.putArray("kits");
        kits.forEach(k -> list.add(node(k)));
        return Json.MAPPER.writeValueAsString(root);
    }

    private static ObjectNode node(Kit k) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("code", k.code()).put("name", k.name()).put("supplier", k.supplier());
        ArrayNode fits = n.putArray("fits");
        k.fits().stream().sorted().forEach(f -> fits.add(f.name().toLowerCase(Locale.ROOT)));
        n.set("disc", PartsWriter.node(k.disc()));
        n.set("caliper", PartsWriter.node(k.caliper()));
        n.set("bracket", PartsWriter.node(k.bracket()));
        k.studs().ifPresent(s -> n.set("studs", PartsWriter.node(s)));
        PartsWriter.fitting(n, k.fitting());
        n.put("rated_axle_load_kg", k.ratedLoadKg());
        terms(n, k.terms());
        ArrayNode torques = n.putArray("torques");
        k.torques().forEach(t -> {
            ObjectNode torque =
                    torques.addObject().put("fastener", t.fastener()).put("torque_Nm", t.torque());
            t.thread().ifPresent(thread -> torque.put("thread", thread.designation()));
        });
        PartsWriter.texts(n, "notes", k.notes());
        choices(n, k.choices());
        return n;
    }

    private static void terms(ObjectNode n, KitTerms terms) {
        n.put("price", price(terms.priceCents())).put("lead_days", terms.leadDays());
        n.put("returnable", terms.returnable())
                .put("reversible", terms.reversible())
                .put("parking_brake", terms.parkingBrake());
        PartsWriter.texts(n, "box", terms.box());
        if (!terms.contents().isEmpty()) {
            ObjectNode contents = n.putObject("contents");
            terms.contents().forEach((kind, count) -> contents.put(kind.key(), count));
        }
        ArrayNode missing = n.putArray("missing");
        terms.missing().forEach(m -> {
            ObjectNode part = missing.addObject()
                    .put("name", m.name())
                    .put("quantity", m.quantity())
                    .put("price", price(m.unitCents()))
                    .put("supplier", m.supplier())
                    .put("lead_days", m.leadDays());
            m.kind().ifPresent(kind -> part.put("part", kind.key()));
        });
    }

    private static void choices(ObjectNode n, Kit.Choices choices) {
        if (!choices.options().isEmpty()) {
            ArrayNode options = n.putArray("options");
            choices.options().forEach(o -> options.add(node(o)));
        }
        if (!choices.clashes().isEmpty()) {
            ArrayNode clashes = n.putArray("contradictions");
            choices.clashes().forEach(p -> clashes.addObject()
                    .put("figure", toKey(p.figure()))
                    .put("one", p.one())
                    .put("other", p.other()));
        }
        PartsWriter.texts(n, "needs", choices.needs());
    }

    private static ObjectNode node(KitOption o) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("code", o.code())
                .put("name", o.name())
                .put("group", o.group())
                .put("price", price(o.priceCents()))
                .put("lead_days", o.leadDays());
        KitOption.Change c = o.change();
        c.disc().ifPresent(d -> n.set("disc", PartsWriter.node(d)));
        c.caliper().ifPresent(d -> n.set("caliper", PartsWriter.node(d)));
        c.bracket().ifPresent(d -> n.set("bracket", PartsWriter.node(d)));
        c.studs().ifPresent(d -> n.set("studs", PartsWriter.node(d)));
        c.nuts().ifPresent(d -> n.set("nuts", PartsWriter.node(d)));
        c.hose().ifPresent(d -> n.set("hose", PartsWriter.node(d)));
        return n;
    }

    static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }
}
