package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a measured axle end to the bench card, once without a mouse and once with one. */
class StoryIT extends BrowserTest {
    /** What a mechanic finds on either side, by the title the strip asks with. */
    private static final Map<String, String> FOUND = Map.ofEntries(
            Map.entry("Lug count", "5"),
            Map.entry("Outside over next but one", "121.33"),
            Map.entry("Stud thread", "1/2-20"),
            Map.entry("Stud diameter", "12.62"),
            Map.entry("Stud shoulder diameter", "12.68"),
            Map.entry("Stud stick-out", "36.0"),
            Map.entry("Register diameter", "70.81"),
            Map.entry("Register height", "18.2"),
            Map.entry("Rim flange outside diameter", "389"),
            Map.entry("Axle flange outside diameter", "147.9"),
            Map.entry("Bracket bolt count", "4"),
            Map.entry("Bracket bolt circle", "101.60"),
            Map.entry("Bracket hole diameter", "11.58"),
            Map.entry("Wheel backspacing", "80.0"),
            Map.entry("Wheel thickness under the nut", "5.10"),
            Map.entry("Wheel centre bore", "71.10"),
            Map.entry("Tyre to fender", "45"),
            Map.entry("Tyre to frame", "60"),
            Map.entry("Drum face thickness", "6.2"),
            Map.entry("Bracket face to hub face", "66.0"),
            Map.entry("Rib standing out of the knuckle", "7.5"),
            Map.entry("Rib, radius from the axis", "66"),
            Map.entry("Nut seat in the wheel", "60"),
            Map.entry("Wheel stud hole", "14.60"),
            Map.entry("Inner bearing journal", "34.90"),
            Map.entry("Outer bearing journal", "21.98"),
            Map.entry("Weights inside, height", "3.0"));

    private static final Map<String, List<String[]>> PROFILES = Map.of(
            "Barrel inside diameter",
            List.of(new String[] {"10", "362.1"}, new String[] {"45", "342.3"}, new String[] {"85", "342.0"}),
            "Mounting face to spoke back",
            List.of(new String[] {"72", "4.2"}, new String[] {"95", "4.7"}, new String[] {"165", "28.2"}));

    private static final int MOST_READINGS = 40;

    /** Answers whatever the strip asks for until the side is read; the order is the program's. */
    private void takeWhatIsAsked(String side) {
        Locator strip = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Gauge strip"));
        Locator done = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + side + ".*all read")));
        Map<String, Integer> places = new HashMap<>();
        for (int n = 0; n < MOST_READINGS; n++) {
            assertThat(page.getByText(Pattern.compile("\\d+ to send"))).hasCount(0);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            if (done.count() > 0) {
                break;
            }
            String asked = strip.locator("h2")
                    .evaluate("h => h.firstChild.textContent")
                    .toString()
                    .strip();
            assertThat(strip.locator("input:not([type=file])").first()).isFocused();
            if (PROFILES.containsKey(asked)) {
                int station = places.merge(asked, 1, Integer::sum) - 1;
                if (station == PROFILES.get(asked).size()) {
                    page.keyboard().press("Enter"); // the profile is done
                    continue;
                }
                type(PROFILES.get(asked).get(station)[0]);
                type(PROFILES.get(asked).get(station)[1]);
            } else {
                org.assertj.core.api.Assertions.assertThat(FOUND).containsKey(asked);
                type(FOUND.get(asked));
            }
        }
        assertThat(done).isVisible();
    }

    /** Nothing stands around either wheel: four ticks, and the ratings of wheel and tyre. */
    private void lookAround() {
        tabTo(link("Around"));
        page.keyboard().press("Enter");
        Locator looked = page.getByLabel("Looked all round");
        for (int side = 0; side < 2; side++) {
            for (int what = 0; what < 2; what++) {
                tabTo(looked.nth(what));
                page.keyboard().press("Space");
            }
            for (String[] figure : new String[][] {
                {"Tyre width", "165"}, {"Tyre diameter", "634"}, {"Tyre rated", "560 kg"}, {"Wheel rated", "600 kg"}
            }) {
                tabTo(page.getByLabel(figure[0]));
                page.keyboard().type(figure[1]);
            }
            if (side == 0) {
                tabTo(button("Right"));
                page.keyboard().press("Enter");
            }
        }
        tabTo(button("Keep"));
        page.keyboard().press("Enter");
        assertThat(page.getByText("The kits are judged by it from now on.")).isVisible();
    }

    @Test
    void withTheKeyboardAlone() throws IOException {
        page.navigate("/");
        assertThat(page.getByLabel("Name")).isFocused();
        page.keyboard().type("tam");
        page.keyboard().press("Tab");
        type("ambleford");
        page.waitForURL("**/floor");

        tabTo(button("New job"));
        page.keyboard().press("Enter");
        tabTo(page.getByLabel("What the shop calls it"));
        page.keyboard().type("Keyboard van");
        tabTo(page.getByLabel("Axle load"));
        page.keyboard().type("2100 lb");
        tabTo(button("Start measuring"));
        page.keyboard().press("Enter");
        page.waitForURL(Pattern.compile(".*/axles/\\d+/measure"));

        takeWhatIsAsked("Left");
        page.keyboard().press("Alt+r");
        takeWhatIsAsked("Right");
        assertThat(page.getByText("Measuring is finished")).isVisible();
        tabTo(button("What is it"));
        page.keyboard().press("Enter");
        assertThat(page.getByText("5 on 4 1/2 in")).isVisible();

        lookAround();

        tabTo(link("Choose"));
        page.keyboard().press("Enter");
        tabTo(page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-101 fits Front set"))));
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Caliper to spokes");
        tabTo(button("Choose this kit"));
        page.keyboard().press("Enter");
        assertThat(dialog).isHidden();

        tabTo(link("Section"));
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Section of the wheel with kit QF-101"))))
                .isVisible();
        assertThat(page.locator(".gap .size").first()).containsText("±");

        tabTo(link("Order"));
        page.keyboard().press("Enter");
        assertThat(page.getByText("Nobody looked at the brakes of the whole vehicle"))
                .isVisible();
        assertThat(button("Place the order")).isDisabled();
        BrakePlans.plan(page, Long.parseLong(page.url().replaceAll(".*/axles/(\\d+)/.*", "$1")), BrakePlans.BARE_VAN);
        page.reload();
        assertThat(page.getByText("Every check made is proven.")).isVisible();
        tabTo(link("CSV"));
        Download csv = page.waitForDownload(() -> page.keyboard().press("Enter"));
        assertThat(Files.readString(csv.path())).contains("QF-101");
        tabTo(button("Place the order"));
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("Ordered .* by Tam Orrin"))).isVisible();

        tabTo(link("Fit"));
        page.keyboard().press("Enter");
        assertThat(heading("Lift and secure")).isVisible();
        tabTo(button("I have read this"));
        page.keyboard().press("Enter");
        tabTo(button("Done"));
        page.keyboard().press("Enter");
        assertThat(heading("Catch the fluid, cap the lines")).isVisible();
        assertThat(page.getByText("Step 2 of")).containsText("1 done");
    }

    @Test
    void withThePointer() throws IOException {
        signIn("wilma");
        long axle = axleOf("Coupe, rear discs", "rear axle");
        BrakePlans.plan(page, axle, BrakePlans.COUPE);
        page.navigate("/axles/" + axle + "/measure");
        assertThat(page.getByText("The papers say Corvane narrow")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right")))
                .click();
        button("Wheel").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Weights, height: not read"))
                .click();
        page.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true)).fill("1/8 in");
        assertThat(page.locator("#understood")).containsText("3.17 mm");
        button("Enter").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right.*all read"))))
                .isVisible();

        link("Choose").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^QR-204, Hat over flange: fits with work")))
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Turn the flange down");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Why?"))
                .first()
                .click();
        assertThat(dialog).containsText("d_flange");
        button("Choose this kit").click();
        assertThat(dialog).isHidden();

        link("Section").click();
        button("Right").click();
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("QR-204, right side"))))
                .isVisible();

        link("Order").click();
        assertThat(page.getByText("The owner wants to be able to go back to drums")
                        .first())
                .isVisible();
        assertThat(button("Place the order")).isDisabled();
        page.getByLabel("Reason for ordering").fill("The owner gives the way back to drums up, by letter");
        button("Sign by name").click();
        assertThat(page.getByText("Signed for by Wilma Quillfield.")).isVisible();
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Turn the flange down")))
                .hasCount(2);
        Download pdf = page.waitForDownload(() -> link("PDF").click());
        assertThat(new String(Files.readAllBytes(pdf.path()), 0, 4, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF");
        button("Place the order").click();
        assertThat(page.getByText(Pattern.compile("Ordered .* by Wilma Quillfield")))
                .isVisible();

        receiveEverything();

        link("Fit").click();
        button("Bracket, left").click();
        assertThat(page.getByText("Comes after: ")).isVisible();
        assertThat(button("Done")).hasCount(0);
        button("Lift and secure").click();
        while (!"Bracket, left".equals(page.locator("article h2").textContent())) {
            readCaution();
            Locator held = page.getByLabel("Measured or seen at the hold");
            if (held.count() > 0) {
                held.fill("seen");
            }
            if (page.getByRole(
                                    AriaRole.GROUP,
                                    new Page.GetByRoleOptions().setName(Pattern.compile("^Play at the piston")))
                            .count()
                    > 0) {
                page.getByLabel("Play at the piston", new Page.GetByLabelOptions().setExact(true))
                        .fill("0 mm");
                assertThat(page.getByText("it is to lie between")).isVisible();
                button("Done").click();
                assertThat(page.locator("article").getByRole(AriaRole.ALERT)).containsText("let a lead sign");
                page.getByLabel("Play at the piston", new Page.GetByLabelOptions().setExact(true))
                        .fill("1 mm");
            }
            Locator toTry = page.getByLabel("Pads dry, without springs and grease");
            if (toTry.count() > 0) {
                toTry.check();
            }
            String step = page.locator("article h2").textContent();
            button("Done").click();
            assertThat(page.locator("article h2")).not().hasText(step);
        }
        readCaution();
        page.getByLabel("Torque set").fill("55");
        page.getByLabel("Measured or seen at the hold").fill("square");
        button("Done").click();
        assertThat(page.getByRole(AriaRole.ALERT).last()).containsText("45 N·m");
        page.getByLabel("Torque set").fill("45 N·m");
        button("Log it as set").click();
        button("Bracket, left, done").click();
        assertThat(page.getByText("set to 45 N·m")).isVisible();
        assertThat(page.getByText("Done by Wilma Quillfield")).isVisible();
        button("Take the tick back").click();
        assertThat(page.getByLabel("Torque set")).isVisible();
    }

    @Test
    void aLeadSignsForWhatIsNotProvenAndNobodyForWhatIsProvenNot() {
        signIn("wilma");
        long axle = axleOf("Light van, front discs", "front axle");
        BrakePlans.plan(page, axle, BrakePlans.VAN);
        page.navigate("/axles/" + axle + "/match");
        choose("QF-102");
        link("Order").click();
        assertThat(page.getByText("No signature covers that").first()).isVisible();
        assertThat(button("Place the order")).isDisabled();
        assertThat(page.getByText("Reason for ordering")).hasCount(0);

        link("Choose").click();
        choose("QF-106");
        link("Order").click();
        assertThat(button("Place the order")).isDisabled();
        button("Sign by name").click();
        assertThat(page.getByRole(AriaRole.ALERT).last()).containsText("Give the reason");
        page.getByLabel("Reason for ordering").fill("Outline taken with a paper template, dry-fitted in the wheel");
        button("Sign by name").click();
        assertThat(page.getByText("Signed for by Wilma Quillfield.")).isVisible();
        assertThat(button("Place the order")).isEnabled();
        link("Choose").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^QF-106 .*Front brackets only")))
                .click();
        button("Take the choice back").click();
        assertThat(page.getByText("Choice taken back")).isVisible();
    }

    private void choose(String code) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + code + " ")))
                .click();
        button("Choose this kit").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    }
}
