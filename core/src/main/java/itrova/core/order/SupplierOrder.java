package itrova.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What was ordered from one supplier, and what became of it.
 *
 * @param supplier who sells
 * @param currency of all prices
 * @param state how it stands
 * @param number the supplier's own number; empty until he gave one
 * @param said what there is to be said of it: why it is refused, prices that changed; empty if nothing
 * @param lines what was ordered
 */
public record SupplierOrder(
        String supplier, String currency, State state, String number, String said, List<Line> lines) {
    /** How an order stands. */
    public enum State {
        /** It waits to be sent. */
        WAITING,
        /** The supplier has no service: somebody sends the paper. */
        BY_HAND,
        /** Sent on paper. */
        SENT,
        CONFIRMED,
        /** Some of it is back-ordered. */
        PARTLY_CONFIRMED,
        /** The supplier does not take it, or his answer makes no sense: a person looks. */
        REFUSED,
        CANCELLED,
        PARTLY_DELIVERED,
        DELIVERED,
        /** All that came went back for the money. */
        RETURNED
    }

    /**
     * One line.
     *
     * @param item in words
     * @param ordered how many
     * @param confirmed how many the supplier confirmed
     * @param backOrdered how many he will send later
     * @param received how many came whole
     * @param damaged how many came and cannot be used as they are
     * @param unitCents price it was ordered at (cents)
     * @param confirmedCents price it was confirmed at (cents); as ordered where none was told
     * @param leadDays working days until it is there
     * @param lots what is stamped on what came, lot or date; absent in orders kept before it was asked
     * @param goneBack how many went back for the money and nobody sends again; absent in orders kept before it was asked
     */
    public record Line(
            String item,
            int ordered,
            int confirmed,
            int backOrdered,
            int received,
            int damaged,
            long unitCents,
            long confirmedCents,
            int leadDays,
            @Nullable List<String> lots,
            @Nullable Integer goneBack) {
        public Line {
            lots = lots == null ? List.of() : List.copyOf(lots);
            goneBack = goneBack == null ? 0 : goneBack;
        }

        static Line of(String item, int ordered, long unitCents, int leadDays) {
            return new Line(item, ordered, 0, 0, 0, 0, unitCents, unitCents, leadDays, List.of(), 0);
        }

        /** The same with other pieces here, or gone. */
        Line counted(int whole, int unusable, List<String> stamped, int paidBack) {
            return new Line(
                    item,
                    ordered,
                    confirmed,
                    backOrdered,
                    whole,
                    unusable,
                    unitCents,
                    confirmedCents,
                    leadDays,
                    stamped,
                    paidBack);
        }

        /** How many are still to come, or to come again, from whomever. */
        public int open() {
            return ordered - received;
        }

        /** How many this supplier still sends. */
        public int awaited() {
            return open() - Objects.requireNonNull(goneBack);
        }
    }

    /**
     * A line of the supplier's answer.
     *
     * @param confirmed how many he will send
     * @param backOrdered how many later
     * @param unitCents his price (cents)
     * @param leadDays working days
     */
    public record Confirmed(int confirmed, int backOrdered, long unitCents, int leadDays) {}

    public SupplierOrder {
        lines = List.copyOf(lines);
    }

    /** A new order of lines of one supplier. */
    public static SupplierOrder of(String supplier, String currency, boolean hasService, List<Line> lines) {
        return new SupplierOrder(supplier, currency, hasService ? State.WAITING : State.BY_HAND, "", "", lines);
    }

    /** What is ordered of a sheet's lines from one supplier; outside work is no order of parts. */
    public static Line line(String item, OrderLine line) {
        return Line.of(item, line.quantity(), line.unitCents(), line.leadDays());
    }

    /** The supplier's answer. One that does not fit what was ordered is no confirmation: a person looks at it. */
    public SupplierOrder answered(String theirNumber, String theirCurrency, List<Confirmed> answer) {
        String wrong = wrong(theirNumber, theirCurrency, answer);
        if (!wrong.isEmpty()) {
            return with(
                    State.REFUSED, theirNumber, "The answer makes no sense: " + wrong + " Ask the supplier.", lines);
        }
        List<Line> now = new ArrayList<>();
        List<String> remarks = new ArrayList<>();
        boolean isWhole = true;
        for (int i = 0; i < lines.size(); i++) {
            Line l = lines.get(i);
            Confirmed c = answer.get(i);
            if (c.unitCents() != l.unitCents()) {
                remarks.add(l.item() + " costs " + price(c.unitCents()) + " " + currency + " and not "
                        + price(l.unitCents()) + ".");
            }
            if (c.confirmed() + c.backOrdered() < l.ordered()) {
                remarks.add(l.item() + ": " + (l.ordered() - c.confirmed() - c.backOrdered()) + " will not come.");
            }
            isWhole &= c.confirmed() == l.ordered();
            now.add(new Line(
                    l.item(),
                    l.ordered(),
                    c.confirmed(),
                    c.backOrdered(),
                    l.received(),
                    l.damaged(),
                    l.unitCents(),
                    c.unitCents(),
                    c.leadDays(),
                    l.lots(),
                    l.goneBack()));
        }
        return with(isWhole ? State.CONFIRMED : State.PARTLY_CONFIRMED, theirNumber, String.join(" ", remarks), now);
    }

    private String wrong(String theirNumber, String theirCurrency, List<Confirmed> answer) {
        if (theirNumber.isBlank()) {
            return "it has no order number.";
        }
        if (!theirCurrency.equals(currency)) {
            return "its prices are in “" + theirCurrency + "”, ordered was in " + currency + ".";
        }
        if (answer.size() != lines.size()) {
            return "it has " + answer.size() + " lines, ordered were " + lines.size() + ".";
        }
        for (int i = 0; i < lines.size(); i++) {
            Confirmed c = answer.get(i);
            if (c.confirmed() < 0
                    || c.backOrdered() < 0
                    || c.confirmed() + c.backOrdered() > lines.get(i).ordered()) {
                return lines.get(i).item() + " is confirmed " + c.confirmed() + " times, " + c.backOrdered()
                        + " later; ordered were " + lines.get(i).ordered() + ".";
            }
            if (c.unitCents() < 0 || c.leadDays() < 0) {
                return lines.get(i).item() + " has a price or days below 0.";
            }
        }
        return "";
    }

    /** The supplier does not take it, or cannot be reached for good. */
    public SupplierOrder refused(String why) {
        return with(State.REFUSED, number, why, lines);
    }

    /** Sent on paper. @throws IllegalArgumentException if it is none that goes out on paper */
    public SupplierOrder sentByHand() {
        if (state != State.BY_HAND && state != State.REFUSED) {
            throw new IllegalArgumentException(
                    "An order to " + supplier + " that is " + words() + " is not sent on paper again.");
        }
        return with(State.SENT, number, "", lines);
    }

    /** Cancelled here while it was on its way, and the supplier took it: he must be told. */
    public SupplierOrder takenAfterAll(String theirNumber) {
        return with(
                State.CANCELLED,
                theirNumber,
                "It was cancelled while it was on its way, and " + supplier + " took it as number " + theirNumber
                        + ". Cancel it with the supplier too.",
                lines);
    }

    /** Taken back here; one that went out is cancelled with the supplier by a person. @throws IllegalArgumentException if something came already */
    public SupplierOrder cancelled() {
        if (lines.stream().anyMatch(l -> l.received() + l.damaged() > 0)) {
            throw new IllegalArgumentException(
                    "Something of the order to " + supplier + " came already. Send back what is not wanted.");
        }
        boolean isOut = state != State.WAITING && state != State.BY_HAND;
        return with(
                State.CANCELLED,
                number,
                isOut ? "Nobody tells " + supplier + " by this: cancel it with the supplier too." : "",
                lines);
    }

    /**
     * A parcel was unpacked.
     *
     * @param line index of the line
     * @param whole how many came whole
     * @param damaged how many came and cannot be used as they are
     * @param lot what is stamped on it, lot or date; empty if nothing is
     * @throws IllegalArgumentException naming line and count if more came than was ordered, or nothing could come
     */
    public SupplierOrder received(int line, int whole, int damaged, String lot) {
        if (state == State.WAITING || state == State.BY_HAND || state == State.CANCELLED || state == State.RETURNED) {
            throw new IllegalArgumentException("Nothing can come of an order that is " + words() + ".");
        }
        if (line < 0 || line >= lines.size()) {
            throw new IllegalArgumentException("The order has no line " + (line + 1) + ".");
        }
        Line l = lines.get(line);
        if (whole < 0 || damaged < 0 || whole + damaged == 0) {
            throw new IllegalArgumentException(l.item() + ": count what came, whole or damaged.");
        }
        if (whole > l.awaited()) {
            throw new IllegalArgumentException(l.item() + ": " + (l.received() + whole) + " came whole, ordered were "
                    + l.ordered() + ". Count again; what is too much goes back.");
        }
        List<String> lots = new ArrayList<>(Objects.requireNonNull(l.lots()));
        if (!lot.isBlank() && !lots.contains(lot.strip())) {
            lots.add(lot.strip());
        }
        List<Line> now = new ArrayList<>(lines);
        now.set(
                line,
                l.counted(l.received() + whole, l.damaged() + damaged, lots, Objects.requireNonNull(l.goneBack())));
        boolean isAll = now.stream().allMatch(n -> n.open() == 0);
        return with(isAll ? State.DELIVERED : State.PARTLY_DELIVERED, number, said, now);
    }

    /**
     * Something that came goes back.
     *
     * @param line index of the line
     * @param whole how many of those that came whole
     * @param damaged how many of those that came damaged
     * @param isReplaced whether the supplier sends others for them; else they are paid back, and nobody sends them
     * @throws IllegalArgumentException naming line and count if more goes back than came
     */
    public SupplierOrder sentBack(int line, int whole, int damaged, boolean isReplaced) {
        if (line < 0 || line >= lines.size()) {
            throw new IllegalArgumentException("The order has no line " + (line + 1) + ".");
        }
        Line l = lines.get(line);
        if (whole < 0 || damaged < 0 || whole + damaged == 0) {
            throw new IllegalArgumentException(l.item() + ": say how many go back, whole or damaged.");
        }
        if (whole > l.received() || damaged > l.damaged()) {
            throw new IllegalArgumentException(l.item() + ": " + l.received() + " whole and " + l.damaged()
                    + " damaged are here, no more can go back.");
        }
        // a damaged piece was still awaited: paid back, it is not any more
        int forGood = isReplaced ? 0 : whole + Math.min(damaged, l.awaited());
        List<Line> now = new ArrayList<>(lines);
        now.set(
                line,
                l.counted(
                        l.received() - whole,
                        l.damaged() - damaged,
                        Objects.requireNonNull(l.lots()),
                        Objects.requireNonNull(l.goneBack()) + forGood));
        String went = (whole + damaged) + " × " + l.item()
                + (isReplaced ? " went back and is replaced." : " went back and is paid back: nobody sends it again.");
        boolean isAllBack = now.stream().allMatch(n -> n.received() + n.damaged() == 0 && n.awaited() == 0);
        return with(isAllBack ? State.RETURNED : State.PARTLY_DELIVERED, number, (said + " " + went).strip(), now);
    }

    /** Everything that was open came whole. @throws IllegalArgumentException if nothing could come, or nothing was open */
    public SupplierOrder allReceived() {
        SupplierOrder now = this;
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).awaited() > 0) {
                now = now.received(i, lines.get(i).awaited(), 0, "");
            }
        }
        if (now == this) {
            throw new IllegalArgumentException("Everything " + supplier + " was asked for came before.");
        }
        return now;
    }

    /** Lots of what came, each line that has any, in words. */
    public List<String> lots() {
        return lines.stream()
                .filter(l -> !Objects.requireNonNull(l.lots()).isEmpty())
                .map(l -> l.item() + ": " + String.join(", ", Objects.requireNonNull(l.lots())))
                .toList();
    }

    private String words() {
        return state.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    private SupplierOrder with(State now, String theirNumber, String remark, List<Line> all) {
        return new SupplierOrder(supplier, currency, now, theirNumber, remark, all);
    }

    private static String price(long cents) {
        return java.math.BigDecimal.valueOf(cents, 2).toPlainString();
    }
}
