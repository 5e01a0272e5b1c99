package itrova.formats.cli;

import itrova.core.quantity.UnitSystem;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** What all commands share: words of a call, and files read with a bound. */
final class Call {
    /** Documents larger than this (bytes) are refused. */
    private static final long LARGEST_FILE = 64L * 1024 * 1024;

    private Call() {}

    /** A fault of the call or of a file, said to the person. */
    static final class BadInput extends Exception {
        private static final long serialVersionUID = 1L;

        BadInput(String message) {
            super(message);
        }
    }

    static String value(String[] args, int i, String usage) throws BadInput {
        if (i >= args.length) {
            throw new BadInput("“" + args[i - 1] + "” wants a value.\n" + usage);
        }
        return args[i];
    }

    static UnitSystem units(String text) throws BadInput {
        return switch (text) {
            case "mm" -> UnitSystem.METRIC;
            case "in" -> UnitSystem.INCH;
            default -> throw new BadInput("--units is mm or in, not “" + text + "”.");
        };
    }

    static boolean isJson(String text) throws BadInput {
        return switch (text) {
            case "json" -> true;
            case "text" -> false;
            default -> throw new BadInput("--format is text or json, not “" + text + "”.");
        };
    }

    static String text(Path file) throws BadInput {
        try {
            if (Files.size(file) > LARGEST_FILE) {
                throw new BadInput(file + " is larger than " + LARGEST_FILE / (1024 * 1024) + " MB. Split it.");
            }
            return Files.readString(file);
        } catch (NoSuchFileException e) {
            throw new BadInput("There is no file " + file + ". Check the path.");
        } catch (CharacterCodingException e) {
            throw new BadInput(file + " is not UTF-8 text. Save it as UTF-8.");
        } catch (IOException e) {
            throw new BadInput(file + " cannot be read: " + e.getMessage());
        }
    }
}
