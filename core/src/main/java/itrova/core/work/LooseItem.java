package itrova.core.work;

import itrova.core.phrase.Titled;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a mock-up leaves out or puts in only to try; each must be made good before the work goes on. */
public enum LooseItem implements Titled {
    NUTS("One-use nuts not used: temporary ones in"),
    THREADLOCKER("Threads without their locker"),
    COTTERS("Old cotters, or none"),
    PADS("Pads dry, without springs and grease"),
    GREASE("Bearings without grease"),
    WASHERS("Packing washers in"),
    /** Said by a person: it was put together as it stays. */
    NOTHING("Nothing: all as it stays");

    private final String title;

    LooseItem(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }

    /** Those that wait to be made good after a trial. */
    public static List<LooseItem> open(Collection<LooseItem> tried, Collection<LooseItem> madeGood) {
        Set<LooseItem> open = EnumSet.noneOf(LooseItem.class);
        open.addAll(tried);
        open.remove(NOTHING);
        open.removeAll(madeGood);
        return List.copyOf(open);
    }

    /** Whether somebody said what was put in loosely: something, or that it was nothing, not both. */
    public static boolean isTold(Collection<LooseItem> told) {
        return !told.isEmpty() && (!told.contains(NOTHING) || Set.copyOf(told).size() == 1);
    }
}
