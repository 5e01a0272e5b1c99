package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.formats.DemoData;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * How much is typed from a job's first page to its first kit proven to fit, written to {@code .itrova/counts.txt}. A key is a key pressed or
 * a tap on something; an entry is a field filled. The readings are those of the demo vehicles, typed as short as they are read.
 */
class CountsIT extends BrowserTest {
    private static final Map<String, String> COUNTS = new TreeMap<>();
    private static final int MOST_READINGS = 60;
    /** Stations a profile is read at. */
    private static final int STATIONS = 3;

    private UnitSystem units = UnitSystem.METRIC;
    private final Set<Callout> readOnLeft = EnumSet.noneOf(Callout.class);
    /** What was read of an axle this one may be the same as. */
    private final Set<Callout> twinRead = EnumSet.noneOf(Callout.class);

    private int keys;
    private int entries;

    @AfterAll
    static void write() throws IOException {
        Path folder = Path.of(System.getProperty("itrova.traces"))
                .resolveSibling("../../.itrova")
                .normalize();
        Files.createDirectories(folder);
        StringBuilder all = new StringBuilder();
        COUNTS.forEach(
                (job, count) -> all.append(job).append(": ").append(count).append('\n'));
        Files.writeString(folder.resolve("counts.txt"), all);
        System.out.print(all);
    }

    private void tap(Locator what) {
        keys++;
        what.click();
    }

    private void press(String key) {
        keys++;
        page.keyboard().press(key);
    }

    private void enter(String text) {
        keys += text.length();
        entries++;
        page.keyboard().type(text);
    }

    private void fill(Locator field, String text) {
        tap(field);
        enter(text);
    }

    /** As the tool for it shows it in these units: a tape mm or tenths, a rule halves or hundredths, a caliper hundredths or thousandths. */
    private String shortly(Reading r) {
        return r.callout().kind() == Callout.Kind.LENGTH
                ? shown(r.callout(), r.value().orElseThrow())
                : r.text().equals("60 deg cone") ? "60" : r.text();
    }

    private String shown(Callout callout, double mm) {
        return switch (ReadingSpec.of(callout).preferred()) {
            case TAPE -> shown(mm, 0, 1);
            case STEEL_RULE -> shown(units == UnitSystem.METRIC ? Math.round(mm * 2) / 2.0 : mm, 1, 2);
            default -> shown(mm, 2, 3);
        };
    }

    private String shown(double mm, int metric, int inch) {
        // an inch tool's last digit is written though it be 0: it tells how fine it was read
        String plain = units == UnitSystem.METRIC
                ? BigDecimal.valueOf(mm)
                        .setScale(metric, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                : BigDecimal.valueOf(mm / 25.4)
                        .setScale(inch, RoundingMode.HALF_UP)
                        .toPlainString();
        return plain.startsWith("0.") ? plain.substring(1) : plain;
    }

    private void newJob(String kind, String load) {
        page.navigate("/new-job");
        assertThat(page.getByLabel("What the shop calls it")).isFocused();
        if (!kind.isEmpty()) {
            tap(page.locator("#end0"));
            entries++;
            tap(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(kind)));
        }
        fill(page.getByLabel("Axle load"), load);
        tap(button("Start measuring"));
        page.waitForURL(Pattern.compile(".*/axles/\\d+/measure"));
    }

    /** Whether a kit is proven to fit, with work or without. */
    private boolean isProven() {
        Locator tally = page.locator(".tally span[class=''], .tally > span");
        return number(tally.nth(0)) + number(tally.nth(1)) > 0;
    }

    private static int number(Locator told) {
        String digits = told.textContent().replaceAll("\\D+", "");
        return digits.isEmpty() ? 0 : Integer.parseInt(digits);
    }

    private void settle() {
        assertThat(page.getByText(Pattern.compile("\\d+ to send"))).hasCount(0);
        assertThat(page.locator("[aria-busy=true]")).hasCount(0); // what is asked next hangs on the advice
    }

    /**
     * Answers what the strip asks, in its order, until nothing more is asked of the side, a kit is proven, or enough was read.
     *
     * @param isEnough told what was read so far on this side
     */
    private void measure(AxleRecord truth, Side side, Predicate<Set<Callout>> isEnough) {
        Locator strip = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Gauge strip"));
        String name = side == Side.LEFT ? "Left" : "Right";
        Locator done = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ".*all read")));
        Map<Callout, Integer> taken = new EnumMap<>(Callout.class);
        for (int n = 0; n < MOST_READINGS; n++) {
            settle();
            if (done.count() > 0 || isProven() || isEnough.test(taken.keySet())) {
                return;
            }
            String asked = strip.locator("h2")
                    .evaluate("h => h.firstChild.textContent")
                    .toString()
                    .strip();
            Callout callout = Arrays.stream(Callout.values())
                    .filter(c -> c.title().equals(asked))
                    .findFirst()
                    .orElseThrow();
            List<Reading> here = readings(truth, side, callout);
            assertThat(here).as(asked).isNotEmpty();
            assertThat(strip.locator("input:not([type=file])").first()).isFocused();
            int turn = taken.merge(callout, 1, Integer::sum) - 1;
            if (turn == STATIONS) {
                press("Enter"); // the profile is done
                taken.put(callout, STATIONS);
                continue;
            }
            List<Reading> other = readings(truth, side == Side.LEFT ? Side.RIGHT : Side.LEFT, callout);
            if (callout.hasPlaces()) {
                // the place proposed is taken
                String place = strip.locator(".place input").inputValue();
                press("Enter");
                enter(shown(
                        callout,
                        at(
                                here,
                                ShopNotation.parse(place, Dimension.LENGTH, Unit.MILLIMETRE)
                                        .si())));
            } else if (isTheSame(side, callout, here, other)) {
                entries++;
                press("="); // sent off as it is typed
                readHere(side, callout);
                continue;
            } else if (callout.kind() == Callout.Kind.THREAD
                    || callout.kind() == Callout.Kind.COUNT
                    || callout == Callout.WHEEL_NUT_SEAT) {
                Locator chip = strip.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(here.get(0).text())
                                .setExact(true));
                entries++;
                tap(chip);
                readHere(side, callout);
                continue;
            } else {
                enter(shortly(here.get(0)));
            }
            readHere(side, callout);
            press("Enter");
        }
        throw new AssertionError("asked for more than " + MOST_READINGS + " readings");
    }

    /** Enough was read and is the same: the guide offers to take the rest over. */
    private void takeOverTheRest() {
        tap(page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take the rest over"))));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        tap(dialog.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName("Take over").setExact(true)));
        assertThat(dialog).isHidden();
        settle();
    }

    /** Whether `=` repeats what is true here too: the other side's where that was read, else that of the axle before. */
    private boolean isTheSame(Side side, Callout callout, List<Reading> here, List<Reading> other) {
        return side == Side.RIGHT && readOnLeft.contains(callout)
                ? other.get(0).text().equals(here.get(0).text())
                : twinRead.contains(callout);
    }

    private boolean isTheSame(Set<Callout> read) {
        return page.getByText("Take the rest over").count() > 0;
    }

    /** Of both sides of another axle enough was read and is the same: all of it comes over, wheels looked round. */
    private void takeOverTheAxle() {
        tap(button("Take over"));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        tap(dialog.getByLabel("Looked round the left wheel"));
        tap(dialog.getByLabel("Looked round the right wheel"));
        tap(dialog.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName("Take over").setExact(true)));
        assertThat(dialog).isHidden();
        settle();
    }

    /** The left side whole, of the right one as much as it takes to take the rest over. */
    private void measureBothSides(AxleRecord truth) {
        measure(truth, Side.LEFT, read -> false);
        press("Alt+r");
        measure(truth, Side.RIGHT, this::isTheSame);
        takeOverTheRest();
        measure(truth, Side.RIGHT, read -> false);
    }

    private void readHere(Side side, Callout callout) {
        if (side == Side.LEFT) {
            readOnLeft.add(callout);
        }
    }

    /** What the profile is at a place (mm), straight between the places it was read at. */
    private static double at(List<Reading> profile, double place) {
        NavigableMap<Double, Double> along = new TreeMap<>();
        profile.forEach(r -> along.put(r.place().orElseThrow(), r.value().orElseThrow()));
        Map.Entry<Double, Double> before = along.floorEntry(place);
        Map.Entry<Double, Double> after = along.ceilingEntry(place);
        if (before == null || after == null || after.getKey() - before.getKey() < 1) {
            return (before == null ? after : before).getValue();
        }
        double share = (place - before.getKey()) / (after.getKey() - before.getKey());
        return before.getValue() + share * (after.getValue() - before.getValue());
    }

    private static List<Reading> readings(AxleRecord truth, Side side, Callout callout) {
        return truth.readings().stream()
                .filter(r -> r.side() == side && r.callout() == callout)
                .toList();
    }

    private void lookAround(String tyre, String wheel) {
        tap(link("Around"));
        assertThat(page.getByLabel("Tyre's marking")).isFocused();
        enter(tyre);
        press("Enter");
        assertThat(page.getByLabel("Tyre width")).not().hasValue("");
        assertThat(page.getByLabel("Wheel rated")).isFocused();
        enter(wheel);
        tap(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Went round both"))));
        tap(button("Keep"));
        assertThat(page.getByText("The kits are judged by it from now on.")).isVisible();
        assertThat(page.locator(".tally")).isVisible(); // how, stands beside it
    }

    private void count(String job, int mostKeysInMm, int mostKeysInInches, int mostEntries) {
        int mostKeys = units == UnitSystem.METRIC ? mostKeysInMm : mostKeysInInches;
        COUNTS.put(job + (units == UnitSystem.METRIC ? "" : " in inches"), keys + " keys, " + entries + " entries");
        assertThat(isProven()).as(job + " has a kit that is proven").isTrue();
        assertThat(keys).as(job + ", keys").isLessThanOrEqualTo(mostKeys);
        assertThat(entries).as(job + ", entries").isLessThanOrEqualTo(mostEntries);
    }

    private void signIn(UnitSystem in) {
        units = in;
        signIn("tam");
        readIn(in == UnitSystem.METRIC ? "mm" : "in");
    }

    /** Switches the person's units, and waits until the server has them: what is fetched anew at once would still be in the old ones. */
    private void readIn(String symbol) {
        Locator units = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(symbol).setExact(true));
        assertThat(units).isVisible();
        if (!"true".equals(units.getAttribute("aria-pressed"))) {
            page.waitForResponse(r -> r.url().endsWith("/units"), units::click);
        }
    }

    /** Units are kept with the person, and other stories read in mm. */
    @AfterEach
    void backToMillimetres() {
        readIn("mm");
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void frontAxle(UnitSystem in) {
        signIn(in);
        newJob("", in == UnitSystem.METRIC ? "953" : "2100");
        AxleRecord truth = DemoData.jobs().get(0).axles().get(0);
        measureBothSides(truth);
        lookAround("165/80R14 88", in == UnitSystem.METRIC ? "600" : "1320");
        count("front", 215, 240, 45);
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void rearAxle(UnitSystem in) {
        signIn(in);
        newJob("Rear live axle", in == UnitSystem.METRIC ? "748" : "1650");
        AxleRecord truth = DemoData.jobs().get(1).axles().get(0);
        measureBothSides(truth);
        lookAround("175/80R14 86", in == UnitSystem.METRIC ? "550" : "1210");
        count("rear", 200, 200, 45);
    }

    private void plateLoad(int axle) {
        fill(page.locator("#load" + axle), units == UnitSystem.METRIC ? "1361" : "3000");
        entries++;
        tap(page.locator("#source" + axle));
        tap(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("from its plate"))
                .last());
    }

    /** Two axles alike: the second one is measured as far as it takes to take the rest over from the first. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void trailer(UnitSystem in) {
        signIn(in);
        page.navigate("/new-job");
        assertThat(page.getByLabel("What the shop calls it")).isFocused();
        entries++;
        tap(page.locator("#kind"));
        tap(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Trailer")));
        plateLoad(0);
        tap(button("Add an axle"));
        plateLoad(1);
        tap(button("Start measuring"));
        page.waitForURL(Pattern.compile(".*/axles/\\d+/measure"));
        AxleRecord truth = DemoData.jobs().get(2).axles().get(0);
        measureBothSides(truth);
        lookAround("165/80R13 102", in == UnitSystem.METRIC ? "850" : "1880");
        count("trailer first axle", 230, 250, 51);

        keys = 0;
        entries = 0;
        readOnLeft.clear();
        truth.readings().stream()
                .map(Reading::callout)
                .filter(c -> c.kind() == Callout.Kind.LENGTH && !c.isGapOfVehicle())
                .forEach(twinRead::add);
        long first = Long.parseLong(page.url().replaceAll(".*/axles/(\\d+)/.*", "$1"));
        page.navigate("/axles/" + (first + 1) + "/measure");
        keys++;
        measure(truth, Side.LEFT, this::isTheSame);
        press("Alt+r");
        measure(truth, Side.RIGHT, this::isTheSame);
        takeOverTheAxle();
        for (Side side : Side.values()) {
            press(side == Side.LEFT ? "Alt+l" : "Alt+r");
            measure(truth, side, read -> false);
        }
        count("trailer second axle", 40, 40, 20);
    }
}
