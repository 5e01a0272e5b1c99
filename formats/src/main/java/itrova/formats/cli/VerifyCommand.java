package itrova.formats.cli;

import itrova.formats.DocumentException;
import itrova.formats.DossierDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Optional;

/**
 * {@code itrova verify DOSSIER.json [--head HASH]}.
 *
 * <p>Works the chain of a dossier's log out anew and tells its head. Exit status 0: nothing was changed, as far as the document tells, or
 * against the head where one is given; 1: something was changed, taken out or moved; 2: bad input, said on standard error.
 */
public final class VerifyCommand {
    private static final String USAGE = "usage: itrova verify DOSSIER.json [--head HASH]";

    private VerifyCommand() {}

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            Path file = null;
            Optional<String> head = Optional.empty();
            for (int i = 0; i < args.length; i++) {
                if (args[i].equals("--head")) {
                    head = Optional.of(hash(Call.value(args, ++i, USAGE)));
                } else if (args[i].startsWith("--") || file != null) {
                    throw new BadInput("Not understood: “" + args[i] + "”.\n" + USAGE);
                } else {
                    file = Path.of(args[i]);
                }
            }
            if (file == null) {
                throw new BadInput(USAGE);
            }
            DossierDocument.Found found = DossierDocument.verify(file.toString(), Call.text(file), head);
            found.faults().forEach(fault -> out.println("changed: " + fault));
            out.println("head " + found.head());
            if (found.faults().isEmpty()) {
                out.println(
                        head.isPresent()
                                ? "unchanged since it was written under this head."
                                : "its chain holds together. Only a head kept elsewhere shows that nothing was changed: give it with --head.");
            }
            return found.faults().isEmpty() ? 0 : 1;
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }

    private static String hash(String text) throws BadInput {
        if (!text.strip().matches("[0-9a-fA-F]{64}")) {
            throw new BadInput("--head is the 64 hexadecimal digits printed on the dossier, not “" + text + "”.");
        }
        return text;
    }
}
