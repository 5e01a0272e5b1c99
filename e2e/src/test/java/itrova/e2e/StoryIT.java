package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a measured axle end to the bench card, once without a mouse and once with one. */
class StoryIT extends BrowserTest {
    /** Readings of one side in the order the strip asks for them; a pair is a place and a value. */
    private static final String[][] AXLE_END = {
        {"5"},
        {"121.33"},
        {"1/2-20"},
        {"12.62"},
        {"12.68"},
        {"36.0"},
        {"70.81"},
        {"147.9"},
        {"4"},
        {"101.60"},
        {"11.58"}
    };

    private static final String[][] WHEEL = {
        {"80.0"},
        {"10", "362.1"},
        {"45", "342.3"},
        {"85", "342.0"},
        {"72", "4.2"},
        {"100", "14.0"},
        {"165", "28.2"},
        {"5.10"},
        {"71.20"},
        {"3.0"}
    };

    private void takeByKeyboard(String[][] readings) {
        Locator strip = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Gauge strip"));
        for (String[] reading : readings) {
            String before =
                    strip.locator("h2").innerText() + strip.locator(".taken li").count();
            assertThat(strip.locator("input").first()).isFocused();
            for (String text : reading) {
                type(text);
            }
            page.waitForCondition(() -> !before.equals(
                    strip.locator("h2").innerText() + strip.locator(".taken li").count()));
        }
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

        takeByKeyboard(AXLE_END);
        takeByKeyboard(WHEEL);
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Left.*all read"))))
                .isVisible();
        page.keyboard().press("Alt+r");
        takeByKeyboard(AXLE_END);
        tabTo(button("Same wheel as the other side"));
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right.*all read"))))
                .isVisible();
        assertThat(page.getByText("5 on 4 1/2 in")).isVisible();

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
        tabTo(button("Done"));
        page.keyboard().press("Enter");
        assertThat(heading("Catch the fluid, cap the lines")).isVisible();
        assertThat(page.getByText("Step 2 of")).containsText("1 done");
    }

    @Test
    void withThePointer() throws IOException {
        signIn("wilma");
        long axle = axleOf("Coupe, rear discs", "rear axle");
        page.navigate("/axles/" + axle + "/measure");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Right")))
                .click();
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
        assertThat(page.getByText("The owner wants to be able to go back to drums"))
                .isVisible();
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Turn the flange down")))
                .hasCount(2);
        Download pdf = page.waitForDownload(() -> link("PDF").click());
        assertThat(new String(Files.readAllBytes(pdf.path()), 0, 4, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF");
        button("Place the order").click();
        assertThat(page.getByText(Pattern.compile("Ordered .* by Wilma Quillfield")))
                .isVisible();

        link("Fit").click();
        button("Bracket, left").click();
        page.getByLabel("Torque set").fill("55");
        button("Done").click();
        assertThat(page.getByRole(AriaRole.ALERT).last()).containsText("75 N·m");
        page.getByLabel("Torque set").fill("55 lbf·ft");
        button("Log it as set").click();
        button("Bracket, left, done").click();
        assertThat(page.getByText("set to 75 N·m")).isVisible();
        assertThat(page.getByText("Done by Wilma Quillfield")).isVisible();
        button("Take the tick back").click();
        assertThat(page.getByLabel("Torque set")).isVisible();
    }

    @Test
    void aLeadSignsForWhatIsNotProvenAndNobodyForWhatIsProvenNot() {
        signIn("wilma");
        long axle = axleOf("Light van, front discs", "front axle");
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
        page.getByLabel("Reason for ordering what is not proven")
                .fill("Outline taken with a paper template, dry-fitted in the wheel");
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
