package itrova.core.fastener;

import itrova.core.phrase.Titled;
import java.util.Locale;
import java.util.Optional;

/**
 * Strength class of a bolt or stud with its proof stress.
 *
 * <p>Source: SAE J429 (common sizes), grades 2, 5, 8: 55, 85, 120 ksi; ISO 898-1, classes 8.8 (up to and over M16), 10.9, 12.9:
 * 580 and 600, 830, 970 MPa.
 */
public enum BoltGrade implements Titled {
    SAE_2("grade 2", 55 * BoltGrade.KSI),
    SAE_5("grade 5", 85 * BoltGrade.KSI),
    SAE_8("grade 8", 120 * BoltGrade.KSI),
    ISO_8_8("class 8.8", 580),
    ISO_10_9("class 10.9", 830),
    ISO_12_9("class 12.9", 970);

    private static final double KSI = 6.894757293;
    private static final double ISO_8_8_OVER_M16 = 600;
    private static final double LARGEST_OF_FIRST_RANGE = 16;

    private final String title;
    private final double proof;

    BoltGrade(String title, double proof) {
        this.title = title;
        this.proof = proof;
    }

    @Override
    public String title() {
        return title;
    }

    /** Proof stress (MPa) of a bolt with the given thread. */
    public double proofStress(Thread thread) {
        return this == ISO_8_8 && thread.diameter() > LARGEST_OF_FIRST_RANGE ? ISO_8_8_OVER_M16 : proof;
    }

    /** Proof load (N): stress area times proof stress. */
    public double proofLoad(Thread thread) {
        return thread.stressArea() * proofStress(thread);
    }

    /** The grade written as {@code 5}, {@code grade 8}, {@code 8.8} or {@code 10.9}; absent if it is none of these. */
    public static Optional<BoltGrade> of(String text) {
        String digits = text.toLowerCase(Locale.ROOT).replaceAll("[^0-9.]", "");
        return switch (digits) {
            case "2" -> Optional.of(SAE_2);
            case "5" -> Optional.of(SAE_5);
            case "8" -> Optional.of(SAE_8);
            case "8.8" -> Optional.of(ISO_8_8);
            case "10.9" -> Optional.of(ISO_10_9);
            case "12.9" -> Optional.of(ISO_12_9);
            default -> Optional.empty();
        };
    }
}
