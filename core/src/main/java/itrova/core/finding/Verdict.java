package itrova.core.finding;

import itrova.core.phrase.Titled;

/** Outcome of a check or of a whole kit, from best to worst. */
public enum Verdict implements Titled {
    FITS("fits"),
    FITS_WITH_WORK("fits with work"),
    NOT_PROVEN("not proven"),
    DOES_NOT_FIT("does not fit");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    @Override
    public String title() {
        return word;
    }

    public String word() {
        return word;
    }

    /** Whether it is proven that the kit can be used, with or without work. */
    public boolean isProven() {
        return this == FITS || this == FITS_WITH_WORK;
    }

    /** The worse of two. */
    public Verdict worst(Verdict other) {
        return other.ordinal() > ordinal() ? other : this;
    }
}
