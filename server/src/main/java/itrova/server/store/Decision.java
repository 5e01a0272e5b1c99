package itrova.server.store;

import itrova.core.choice.Selection;
import itrova.core.receive.HandTrial;
import itrova.core.receive.Tried;
import itrova.core.vehicle.Side;
import itrova.core.work.LooseItem;
import itrova.formats.SelectionDocument;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Kind;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * What somebody decided, as far as later answers hang on it. Each is written in its present edition and read in every edition there was:
 * the first knew a selection only by the kit's code.
 */
public sealed interface Decision {
    /** Edition in which decisions are written. */
    String EDITION = "2";

    Kind kind();

    /** To what it was decided, for the log. */
    String subject();

    /** Particulars, as they are stored. */
    Map<String, String> payload();

    /**
     * A kit was chosen, or the choice taken back.
     *
     * @param chosen what was chosen; absent where the choice was taken back
     * @param before what was chosen before, in words
     */
    record KitChosen(Optional<Selection> chosen, String before) implements Decision {
        @Override
        public Kind kind() {
            return Kind.KIT_CHOSEN;
        }

        @Override
        public String subject() {
            return chosen.map(Selection::describe).orElse("none");
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            chosen.ifPresent(s -> p.put("selection", SelectionDocument.write(s)));
            p.put("before", before);
            return p;
        }
    }

    /**
     * A lead signed for what is not proven.
     *
     * @param selection what was signed for
     * @param covers seal of the report that was seen
     * @param reason why
     */
    record OrderSigned(Selection selection, String covers, String reason) implements Decision {
        @Override
        public Kind kind() {
            return Kind.ORDER_SIGNED;
        }

        @Override
        public String subject() {
            return selection.describe();
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("selection", SelectionDocument.write(selection));
            p.put("reason", reason);
            p.put("covers", covers);
            return p;
        }
    }

    /**
     * An order was placed.
     *
     * @param selection what was ordered
     * @param covers seal of the report that was seen; empty in the first edition
     * @param verdict the verdict then, in words
     * @param totalCents what it came to (cents)
     * @param csv the order as it went out
     */
    record OrderPlaced(Selection selection, String covers, String verdict, long totalCents, String csv)
            implements Decision {
        @Override
        public Kind kind() {
            return Kind.ORDER_PLACED;
        }

        @Override
        public String subject() {
            return selection.describe();
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("selection", SelectionDocument.write(selection));
            p.put("covers", covers);
            p.put("verdict", verdict);
            p.put("totalCents", Long.toString(totalCents));
            p.put("csv", csv);
            return p;
        }
    }

    /**
     * A lead released an order anew, as what it was released by has changed.
     *
     * @param selection what is released
     * @param covers seal of the report that was seen
     * @param reason why
     */
    record ReleasedAnew(Selection selection, String covers, String reason) implements Decision {
        @Override
        public Kind kind() {
            return Kind.RELEASED_ANEW;
        }

        @Override
        public String subject() {
            return selection.describe();
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("selection", SelectionDocument.write(selection));
            p.put("reason", reason);
            p.put("covers", covers);
            return p;
        }
    }

    /**
     * Something that came cannot be used as it is.
     *
     * @param supplier who sent it
     * @param item what it is
     * @param what what is wrong with it
     * @param then what is done about it
     */
    record DefectNoted(String supplier, String item, String what, Then then) implements Decision {
        /** What is done about something defective. */
        public enum Then {
            RETURN,
            REWORK,
            USE
        }

        @Override
        public Kind kind() {
            return Kind.DEFECT_NOTED;
        }

        @Override
        public String subject() {
            return item;
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("supplier", supplier);
            p.put("what", what);
            p.put("then", then.name());
            return p;
        }
    }

    /**
     * A piece of what came was tried by hand.
     *
     * @param kit code of the kit it belongs to
     */
    record PartTried(String kit, Tried tried) implements Decision {
        @Override
        public Kind kind() {
            return Kind.PART_TRIED;
        }

        @Override
        public String subject() {
            return tried.trial().title() + ", " + tried.side().word();
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("kit", kit);
            p.put("trial", tried.trial().name());
            p.put("side", tried.side().name());
            p.put("good", String.valueOf(tried.isGood()));
            p.put("note", tried.note());
            return p;
        }
    }

    /**
     * A step was ticked off.
     *
     * @param stepId the step
     * @param kit code of the kit it was done for
     * @param title what the step was called
     * @param set what was set or noted, as typed
     * @param held what was measured or seen at its hold, as typed
     * @param torqueNm torque set (N·m), where the step wants one and a wrench reached
     * @param signed why a lead let it pass outside its limits; empty where it lies within
     * @param tool what it was read or set with; empty where nobody said
     * @param loose what a mock-up put in only to try, or what of it was made good
     */
    record StepTicked(
            String stepId,
            String kit,
            String title,
            String set,
            String held,
            OptionalDouble torqueNm,
            String signed,
            String tool,
            List<LooseItem> loose)
            implements Decision {
        public StepTicked {
            loose = List.copyOf(loose);
        }

        @Override
        public Kind kind() {
            return Kind.STEP_TICKED;
        }

        @Override
        public String subject() {
            return stepId;
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("kit", kit);
            p.put("title", title);
            p.put("setValue", set);
            p.put("held", held);
            torqueNm.ifPresent(t -> p.put("torqueNm", Double.toString(t)));
            if (!signed.isEmpty()) {
                p.put("signed", signed);
            }
            if (!tool.isEmpty()) {
                p.put("tool", tool);
            }
            if (!loose.isEmpty()) {
                p.put("loose", loose.stream().map(Enum::name).collect(Collectors.joining(" ")));
            }
            return p;
        }
    }

    /**
     * A tick was taken back.
     *
     * @param stepId the step
     * @param kit code of the kit it was done for
     */
    record StepUnticked(String stepId, String kit) implements Decision {
        @Override
        public Kind kind() {
            return Kind.STEP_UNTICKED;
        }

        @Override
        public String subject() {
            return stepId;
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("kit", kit);
            return p;
        }
    }

    /**
     * Something was done at the bleed bay.
     *
     * @param what kind of entry
     * @param told particulars by their name
     */
    record Bled(What what, Map<String, String> told) implements Decision {
        /** What can be done at the bleed bay. */
        public enum What {
            POINT,
            TOPPED_UP,
            RAN_DRY,
            JOINT,
            PEDAL,
            TAKEN_BACK
        }

        public Bled {
            told = Map.copyOf(told);
        }

        @Override
        public Kind kind() {
            return Kind.BLED;
        }

        @Override
        public String subject() {
            return what.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("what", what.name());
            p.putAll(told);
            return p;
        }
    }

    /**
     * Something was done on the road, or said of it.
     *
     * @param what kind of entry
     * @param told particulars by their name
     */
    record Drove(What what, Map<String, String> told) implements Decision {
        /** What is entered on the road card. */
        public enum What {
            MOVE,
            RULE,
            STOP,
            RUN,
            ODOMETER,
            RECHECK,
            SIGNED,
            TAKEN_BACK
        }

        public Drove {
            told = Map.copyOf(told);
        }

        @Override
        public Kind kind() {
            return Kind.ROAD;
        }

        @Override
        public String subject() {
            return what.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("what", what.name());
            p.putAll(told);
            return p;
        }

        /** A particular; empty where it was not told. */
        public String told(String name) {
            return told.getOrDefault(name, "");
        }
    }

    /**
     * A caution was read before the work it belongs to.
     *
     * @param caution as it was read
     * @param login of who read it
     */
    record CautionRead(String caution, String login) implements Decision {
        private static final int LONGEST = 120;

        @Override
        public Kind kind() {
            return Kind.CAUTION_READ;
        }

        @Override
        public String subject() {
            return caution.length() <= LONGEST ? caution : caution.substring(0, LONGEST - 1) + "…";
        }

        @Override
        public Map<String, String> payload() {
            Map<String, String> p = edition();
            p.put("caution", caution);
            p.put("login", login);
            return p;
        }
    }

    private static Map<String, String> edition() {
        Map<String, String> payload = new LinkedHashMap<>();
        payload.put("v", EDITION);
        return payload;
    }

    /** The decision an event tells of; absent for what is only logged. */
    static Optional<Decision> of(EventRow e) {
        Map<String, String> p = e.payload();
        return switch (e.kind()) {
            case KIT_CHOSEN ->
                Optional.of(new KitChosen(
                        e.subject().equals("none") ? Optional.empty() : Optional.of(selection(e)),
                        p.getOrDefault("before", "none")));
            case ORDER_SIGNED ->
                Optional.of(new OrderSigned(selection(e), p.getOrDefault("covers", ""), p.getOrDefault("reason", "")));
            case ORDER_PLACED ->
                Optional.of(new OrderPlaced(
                        selection(e),
                        p.getOrDefault("covers", ""),
                        p.getOrDefault("verdict", ""),
                        Long.parseLong(p.getOrDefault("totalCents", "0")),
                        p.getOrDefault("csv", "")));
            case RELEASED_ANEW ->
                Optional.of(new ReleasedAnew(selection(e), p.getOrDefault("covers", ""), p.getOrDefault("reason", "")));
            case DEFECT_NOTED ->
                Optional.of(new DefectNoted(
                        p.getOrDefault("supplier", ""),
                        e.subject(),
                        p.getOrDefault("what", ""),
                        DefectNoted.Then.valueOf(p.getOrDefault("then", "RETURN"))));
            case PART_TRIED ->
                Optional.of(new PartTried(
                        p.getOrDefault("kit", ""),
                        new Tried(
                                HandTrial.valueOf(p.getOrDefault("trial", "")),
                                Side.valueOf(p.getOrDefault("side", "")),
                                Boolean.parseBoolean(p.get("good")),
                                p.getOrDefault("note", ""))));
            case STEP_TICKED ->
                Optional.of(new StepTicked(
                        e.subject(),
                        p.getOrDefault("kit", ""),
                        p.getOrDefault("title", ""),
                        p.getOrDefault("setValue", ""),
                        p.getOrDefault("held", ""),
                        p.containsKey("torqueNm")
                                ? OptionalDouble.of(Double.parseDouble(p.get("torqueNm")))
                                : OptionalDouble.empty(),
                        p.getOrDefault("signed", ""),
                        p.getOrDefault("tool", ""),
                        Arrays.stream(p.getOrDefault("loose", "").split(" "))
                                .filter(item -> !item.isEmpty())
                                .map(LooseItem::valueOf)
                                .toList()));
            case BLED -> {
                Map<String, String> told = new LinkedHashMap<>(p);
                told.remove("v");
                told.remove("what");
                yield Optional.of(new Bled(Bled.What.valueOf(p.get("what")), told));
            }
            case ROAD -> {
                Map<String, String> told = new LinkedHashMap<>(p);
                told.remove("v");
                told.remove("what");
                yield Optional.of(new Drove(Drove.What.valueOf(p.get("what")), told));
            }
            case CAUTION_READ ->
                Optional.of(new CautionRead(p.getOrDefault("caution", e.subject()), p.getOrDefault("login", "")));
            case STEP_UNTICKED -> Optional.of(new StepUnticked(e.subject(), p.getOrDefault("kit", "")));
            default -> Optional.empty();
        };
    }

    private static Selection selection(EventRow e) {
        String written = e.payload().get("selection");
        if (written != null) {
            return SelectionDocument.readStored(written);
        }
        Selection bare = Selection.of(e.subject());
        String edition = e.payload().getOrDefault("edition", "");
        return edition.isEmpty() ? bare : bare.inEdition(Integer.parseInt(edition));
    }
}
