package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The parts wall: a supplier's price list comes in, a kit is made, changed and brought back. */
class WallIT extends BrowserTest {
    private void bring(String name, String text) {
        page.navigate("/parts/lists");
        page.getByLabel("Price list to bring")
                .setInputFiles(new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("What its columns tell")).isVisible();
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void aPriceListIsMendedThenTakenWhole() {
        signIn("wilma");
        bring(
                "upcott.csv",
                "Item;What;Group;Each;Bore in\nUP-1;Stud 1/2-20;wheel stud;1,20;\nUP-2;Tandem master;master;189,00;7/8\n");
        field("Supplier").fill("Upcott Fasteners");
        field("What tells").selectOption("name");
        assertThat(field("Each tells")).hasValue("price");
        assertThat(field("Unit of Bore in")).hasValue("in");
        button("See what it would do").click();
        assertThat(page.getByText("without its stroke")).isVisible();
        assertThat(page.getByText("whether the fluid suffices as the pads wear"))
                .isVisible();
        assertThat(page.getByText("A list is taken whole or not at all.")).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take all"))))
                .isHidden();
        assertAccessible("a list with faults");

        bring(
                "upcott-mended.csv",
                "Item;What;Group;Each;Bore in\nUP-1;Stud 1/2-20;wheel stud;1,20;\nUP-3;Nut M12;nut;0,80;\n");
        assertThat(field("Supplier")).hasValue("Upcott Fasteners");
        assertThat(field("What tells")).hasValue("name");
        button("See what it would do").click();
        button("Take all 2 rows").click();
        assertThat(page.getByText("Some of what changed")).isVisible();
        link("See the parts").click();
        page.getByPlaceholder("code, name or supplier").fill("UP-");
        assertThat(link("UP-3")).isVisible();
        page.navigate("/parts/lists");
        assertThat(page.getByText("looked over, 1 row refused")).isVisible();
        assertAccessible("price lists");
    }

    @Test
    void aKitIsMadeOfAnotherChangedAndBroughtBack() {
        signIn("wilma");
        page.navigate("/parts/kits");
        link("QF-101").click();
        assertThat(page.getByLabel("Section of disc and caliper above the axle line"))
                .isVisible();
        assertAccessible("a kit's sheet");
        link("Copy as a new kit").click();
        page.locator("#place-code").fill("WL-1");
        page.locator("#place-price").fill("600.00");
        button("Keep the kit").click();
        assertThat(heading("WL-1 edition 1")).isVisible();
        assertThat(page.getByText("No job.")).isVisible();

        page.locator("#place-disc-diameter_mm").fill("eleven");
        button("Keep as a new edition").click();
        assertThat(page.getByText(Pattern.compile("disc diameter mm: .*eleven")))
                .isVisible();
        page.locator("#place-disc-diameter_mm").fill("11 in");
        button("Keep as a new edition").click();
        assertThat(heading("WL-1 edition 2")).isVisible();
        assertThat(page.locator("#place-disc-diameter_mm")).hasValue(Pattern.compile("279\\.4|279\\.39+.*"));

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Edition 2")))
                .click();
        assertThat(page.getByText(Pattern.compile("disc.diameter_mm.*280.* → 279")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Edition 1")))
                .click();
        button("Bring this edition back").click();
        assertThat(page.locator("#place-disc-diameter_mm")).hasValue("280");
        button("Keep as a new edition").click();
        assertThat(heading("WL-1 edition 3")).isVisible();
    }

    @Test
    void whatTwoChangeOfAPartIsBroughtTogether() {
        signIn("wilma");
        page.navigate("/parts/sheets/parts/BO-203");
        page.locator("#place-name").fill("Booster, mine");
        Page other = another("wilma");
        other.navigate("/parts/sheets/parts/BO-203");
        other.locator("#place-lead_days").fill("17");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep as a new edition"))
                .click();
        assertThat(other.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("BO-203 edition 2")))
                .isVisible();
        button("Keep as a new edition").click();
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(page.locator("#place-lead_days")).hasValue("17");
        assertThat(page.locator("#place-name")).hasValue("Booster, mine");
        button("Keep as a new edition").click();
        assertThat(heading("BO-203 edition 3")).isVisible();
    }

    @Test
    void aMechanicLooksAndChangesNothing() {
        signIn("tam");
        page.navigate("/parts/sheets/kits/QF-102");
        assertThat(page.locator("#place-price")).isDisabled();
        assertThat(button("Keep as a new edition")).isHidden();
        page.navigate("/parts/lists");
        assertThat(button("Bring a price list")).isHidden();
    }
}
