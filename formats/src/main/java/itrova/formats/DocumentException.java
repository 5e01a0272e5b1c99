package itrova.formats;

import java.util.List;
import java.util.stream.Collectors;

/** A document that cannot be taken. Nothing of it was. */
public final class DocumentException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<DocumentProblem> problems;

    public DocumentException(List<DocumentProblem> problems) {
        super(problems.stream().map(DocumentProblem::toString).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    /** All faults found, at least one. */
    public List<DocumentProblem> problems() {
        return problems;
    }
}
