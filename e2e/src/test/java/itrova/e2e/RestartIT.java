package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** One choice from the search to the bench, the server's process killed and started again between each step. */
class RestartIT extends BrowserTest {
    private static final String TITLE = "Van that outlives the server";

    /** A copy of the demo's van, so that no other test's choices are in the way. */
    private long copyOfVan() {
        page.navigate("/floor");
        long van = axleOf("Light van, front discs", "front axle");
        String job =
                page.request().get("/api/axles/" + van + "/end").text().replaceAll("(?s).*\"jobId\":(\\d+).*", "$1");
        String document = page.request()
                .get("/api/jobs/" + job + "/document")
                .text()
                .replace("Light van, front discs", TITLE)
                .replaceAll("(?s),\\s*\"chosen\":\\{.*?\"works\":\\[.*?]\\s*}", "");
        page.locator("input[type=file]")
                .first()
                .setInputFiles(
                        new FilePayload("van.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        assertThat(heading(TITLE)).isVisible();
        return axleOf(TITLE, "front axle");
    }

    private void restartAt(String address) {
        RunningApplication.restart();
        page.navigate(address);
    }

    @Test
    void aChoiceIsFoundSignedOrderedContradictedAndPlannedOverRestarts() {
        signIn("wilma");
        long axle = copyOfVan();
        BrakePlans.plan(page, axle, BrakePlans.VAN);
        String order = "/axles/" + axle + "/order";
        String bench = "/axles/" + axle + "/bench";

        page.navigate("/axles/" + axle + "/match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-106 ")))
                .click();
        button("Choose this kit").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.navigate(order);
        page.getByLabel("Reason for ordering").fill("Outline taken with a paper template, dry-fitted in the wheel");
        button("Sign by name").click();
        assertThat(page.getByText("Signed for by Wilma Quillfield.")).isVisible();
        restartAt(order);
        assertThat(page.getByText("Signed for by Wilma Quillfield.")).isVisible();

        page.navigate("/axles/" + axle + "/search");
        assertThat(page.locator("ol.found > li").first()).isVisible();
        page.getByLabel("Other wheels may go on").check();
        button("Search again").click();
        Locator onAWheel = page.locator("ol.found > li")
                .filter(new Locator.FilterOptions().setHasText("On wheel"))
                .first();
        assertThat(onAWheel).isVisible();
        String kit = onAWheel.locator("strong").first().textContent();
        onAWheel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Choose this combination"))
                .click();
        page.waitForURL("**" + order);
        Locator chosen = page.locator("#main")
                .getByText(Pattern.compile("^Chosen: " + kit + ".* on wheel ")); // not the message that passes
        assertThat(chosen).isVisible();
        String words = chosen.textContent();
        restartAt(order);
        assertThat(chosen).hasText(words);
        assertThat(page.getByText("Pair of wheels")).isVisible();
        button("Place the order").click();
        assertThat(page.getByText(Pattern.compile("Ordered .* by Wilma Quillfield")))
                .isVisible();
        restartAt(bench);
        assertThat(heading("Lift and secure")).isVisible();
        readCaution();
        button("Done").click();
        assertThat(page.getByText("Step 2 of")).containsText("1 done");

        page.navigate("/axles/" + axle + "/measure");
        button("Hub and studs").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Register diameter: ")))
                .click();
        // shown only once the dimension is picked: counted before that, none would be withdrawn and all would be
        // repeats
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Withdraw ")))
                        .first())
                .isVisible();
        while (page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Withdraw ")))
                        .count()
                > 0) {
            Locator withdraw =
                    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Withdraw ")));
            int left = withdraw.count();
            withdraw.first().click();
            assertThat(withdraw).hasCount(left - 1);
        }
        // what was withdrawn may have sent the bench on to what is wanted more
        button("Hub and studs").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Register diameter: ")))
                .click();
        assertThat(page.getByRole(AriaRole.FORM).locator("h2")).containsText("Register diameter");
        page.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true)).fill("72.4 mm");
        // taken by the server, not only by the page, before the server is killed
        page.waitForResponse(
                r -> r.url().endsWith("/readings") && r.request().method().equals("POST") && r.ok(),
                () -> button("Enter").click());
        restartAt(order);
        assertThat(page.getByText("The order was placed by verdicts that do not hold any more"))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("^Register, left: was")).first())
                .isVisible();
        page.navigate(bench);
        assertThat(page.getByText("The work would be planned otherwise now.")).isVisible();
        assertThat(page.getByText("Step 2 of")).containsText("1 done");
        restartAt(bench);
        assertThat(page.getByText("Step 2 of")).containsText("1 done");
        page.navigate("/floor");
        assertThat(page.getByText("hold any more").first()).isVisible();
    }
}
