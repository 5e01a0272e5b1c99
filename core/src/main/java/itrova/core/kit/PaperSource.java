package itrova.core.kit;

import itrova.core.quantity.Source;

/** A tolerance of a kit's papers: one cause for all that goes by that figure of that kit. */
public record PaperSource(PaperFigure figure, String id) implements Source {
    /** Directions an outline's tolerance works in. */
    public enum Along {
        AXLE,
        RADIUS
    }

    static PaperSource of(String code, PaperFigure figure) {
        return new PaperSource(figure, "kit:" + code + ":" + figure.key());
    }

    static PaperSource of(String code, PaperFigure figure, Along along) {
        return new PaperSource(figure, "kit:" + code + ":" + figure.key() + ":" + along);
    }
}
