package itrova.core.fastener;

import java.util.Locale;

/**
 * How a brake line is joined: thread, what seals, and the hand.
 *
 * @param thread of nut and port
 * @param seat what seals
 * @param leftHand whether it is turned the other way
 */
public record Fitting(Thread thread, Seat seat, boolean leftHand) {
    /** What seals a joint. */
    public enum Seat {
        /** Two folds of the pipe on a cone of the port, SAE J533. */
        INVERTED_FLARE("inverted flare"),
        /** One bulb of the pipe on a hollow of the port, DIN 74234 form F. */
        BUBBLE_FLARE("bubble flare"),
        /** A hollow bolt between two washers. */
        BANJO("banjo"),
        /** A tapered pipe thread, with sealant. */
        TAPER("taper");

        private final String words;

        Seat(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final String LEFT = "left";

    /**
     * Understands a thread and a seat in words, such as {@code 3/8-24 inverted flare} or {@code M10x1 bubble flare left}.
     *
     * @throws IllegalArgumentException naming the text and the remedy
     */
    public static Fitting parse(String text) {
        String rest = text.strip().toLowerCase(Locale.ROOT);
        boolean leftHand = rest.endsWith(LEFT) || rest.endsWith("left hand");
        rest = rest.replace("left hand", "").replace(LEFT, "").strip();
        for (Seat seat : Seat.values()) {
            if (rest.endsWith(seat.words())) {
                String thread = rest.substring(0, rest.length() - seat.words().length())
                        .replace("in ", " ")
                        .replace("npt", "")
                        .strip();
                return new Fitting(Thread.parse(thread), seat, leftHand);
            }
        }
        throw new IllegalArgumentException(
                "“" + text + "” names no seat. Write thread and seat, such as 3/8-24 inverted"
                        + " flare, M10x1 bubble flare, 3/8-24 banjo or 1/8-27 taper.");
    }

    /** Whether the one screws into the other and seals there. */
    public boolean goesInto(Fitting port) {
        return thread.equals(port.thread) && seat == port.seat && leftHand == port.leftHand;
    }

    /** Thread and seat in words, read back by {@link #parse}. */
    public String words() {
        return thread.designation() + " " + seat.words() + (leftHand ? " " + LEFT : "");
    }
}
