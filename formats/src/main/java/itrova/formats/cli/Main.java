package itrova.formats.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** The stages without a server: {@code check}, {@code brakes}, {@code order}, {@code plan} and {@code verify}. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(args, out, err));
    }

    /** Runs the command named first and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        String[] rest = args.length == 0 ? args : Arrays.copyOfRange(args, 1, args.length);
        return switch (args.length == 0 ? "" : args[0]) {
            case "check" -> CheckCommand.run(rest, out, err);
            case "brakes" -> BrakesCommand.run(rest, out, err);
            case "order" -> OrderCommand.run(rest, out, err);
            case "verify" -> VerifyCommand.run(rest, out, err);
            case "plan" -> PlanCommand.run(rest, out, err);
            default -> {
                err.println("usage: itrova check|brakes|order|plan JOB.json … | verify DOSSIER.json …");
                yield 2;
            }
        };
    }
}
