package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** At the bench: the card goes on without a connection and over a reload; the bleed bay from the first wheel to the pedal. */
class BenchIT extends BrowserTest {
    private void tickOne() {
        readCaution();
        Locator held = page.getByLabel("Measured or seen at the hold");
        if (held.count() > 0) {
            held.fill("seen");
        }
        String step = page.locator("article h2").textContent();
        button("Done").click();
        assertThat(page.locator("article h2")).not().hasText(step);
    }

    @Test
    void theCardGoesOnWithoutAConnectionAndOverAReload() {
        long axle = van("tam", "Van at the bench");
        page.navigate("/axles/" + axle + "/order");
        button("Place the order").click();
        assertThat(page.getByText(Pattern.compile("Ordered .* by"))).isVisible();
        page.navigate("/axles/" + axle + "/bench");
        assertThat(page.locator("article h2")).hasText("Lift and secure");
        // the pages themselves are kept once the worker has them
        page.waitForFunction("() => navigator.serviceWorker.ready.then(() => true)");
        page.reload();
        assertThat(page.locator("article h2")).hasText("Lift and secure");
        tickOne();
        assertThat(page.getByText("1 done")).isVisible();

        context.setOffline(true);
        String second = page.locator("article h2").textContent();
        tickOne();
        assertThat(page.getByText("No connection")).isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Ticks that wait")))
                .containsText(second);
        String third = page.locator("article h2").textContent();
        page.reload();
        assertThat(page.getByText("this is the card as it was")).isVisible();
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("All steps"))
                .getByText(third, new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("article h2")).hasText(third);
        tickOne();
        waitForStillness();
        assertAccessible("bench card without a connection");

        context.setOffline(false);
        assertThat(page.getByText("No connection")).isHidden();
        assertThat(page.getByText("3 done")).isVisible();
        page.reload();
        assertThat(page.getByText("3 done")).isVisible();
    }

    /** The order goes out by itself, one supplier after an outage; a parcel is counted, and too much is not believed. */
    @Test
    void theOrderGoesOutAndTheParcelIsCounted() {
        long axle = van("tam", "Van with parcels");
        page.navigate("/axles/" + axle + "/order");
        button("Ask the suppliers what they have").click();
        assertThat(page.getByText("In stock")).isVisible();
        button("Place the order").click();
        Locator suppliers = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Orders to suppliers"));
        Locator steady = suppliers
                .locator(".order")
                .filter(new Locator.FilterOptions().setHasText("Tolverne Brake Parts"))
                .first();
        assertThat(steady).containsText("confirmed");
        assertThat(suppliers).not().containsText("waits to be sent");
        Locator line = steady.getByRole(AriaRole.ROW).nth(1);
        line.getByRole(AriaRole.SPINBUTTON).first().fill("99");
        line.getByRole(AriaRole.BUTTON).click();
        assertThat(suppliers.getByRole(AriaRole.ALERT)).containsText("Count again");
        line.getByRole(AriaRole.SPINBUTTON).first().fill("0");
        line.getByRole(AriaRole.SPINBUTTON).last().fill("1");
        line.getByRole(AriaRole.BUTTON).click();
        assertThat(steady).containsText("came in part");
        waitForStillness();
        assertAccessible("orders to suppliers");

        Locator bench = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Unpack and measure"));
        bench.getByLabel("Disc, outside diameter, left").fill("500 mm");
        page.keyboard().press("Enter");
        assertThat(bench.getByLabel("Disc, outside diameter, right")).isFocused();
        assertThat(bench.getByText("NOT as promised")).hasCount(1);
        page.keyboard().type("500 ± 0.5 mm");
        page.keyboard().press("Enter");
        assertThat(bench.getByText("NOT as promised")).hasCount(2);
        assertThat(bench.getByText("What came changes the fit")).isVisible();
        assertThat(bench).containsText("does not fit now");
        Locator alarm = page.getByText("The order was placed by verdicts that do not hold any more");
        assertThat(alarm).isVisible();
        bench.getByLabel("Part", new Locator.GetByLabelOptions().setExact(true)).fill("caliper, left");
        bench.getByLabel("What is wrong").fill("slide seized");
        button("Note it").click();
        assertThat(bench.getByText("slide seized; goes back")).isVisible();
        String letter = bench.getByRole(AriaRole.LINK).first().getAttribute("href");
        assertThat(page.request().get(letter)).isOK();
        for (String side : new String[] {"left", "right"}) {
            bench.getByLabel("Disc, outside diameter, " + side).fill("");
            page.keyboard().press("Enter");
        }
        assertThat(bench.getByText("What came changes the fit")).isHidden();
        assertThat(alarm).isHidden(); // what moves between the press of a button and its release is not clicked

        // the damaged one goes back and is replaced; a caliper that sticks is said so, and is good when it is tried
        // again
        line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Send back")))
                .click();
        line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Went back"))
                .click();
        assertThat(steady).containsText("went back and is replaced");
        Locator slides = bench.getByRole(
                AriaRole.GROUP, new Locator.GetByRoleOptions().setName(Pattern.compile("^Caliper slides.*, left$")));
        slides.getByText("Not so").click();
        page.keyboard().type("sticks after 6 mm");
        page.keyboard().press("Enter");
        assertThat(bench.getByText("sticks after 6 mm, Tam Orrin")).isVisible();
        waitForStillness();
        assertAccessible("unpacking");
        slides.getByText("Good").click();
        assertThat(bench.getByText("sticks after 6 mm")).isHidden();
        assertThat(page.request().get("/api/axles/" + axle + "/order/offer.pdf"))
                .isOK();
    }

    /** The box alone looks cheap: what it lacks is priced into the sheet, and the order is held by what is not proven. */
    @Test
    void aKitThatLacksItsActuatorIsDearerThanItLookedAndHeld() {
        signIn("tam");
        String was = DemoData.jobs().get(2).title();
        page.getByLabel("Job document to import")
                .setInputFiles(new FilePayload(
                        "job.json",
                        "application/json",
                        JobDocument.write(DemoData.jobs().get(2))
                                .replace(was, "Trailer told its price")
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(heading("Trailer told its price")).isVisible();
        long axle = axleOf("Trailer told its price", "front trailer axle");
        page.navigate("/axles/" + axle + "/match");
        Locator row = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QT-304 ")))
                .first();
        row.click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Not in the box");
        button("Choose this kit").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.navigate("/axles/" + axle + "/order");
        assertThat(page.getByText("Neither in the box nor priced").first()).isVisible();
        assertThat(button("Place the order")).isDisabled();
        assertThat(page.getByText("actuator").first()).isVisible();
    }

    /** Stud holes that came too small and off their circle: claimed, released anew by the lead, and drilled within the limit. */
    @Test
    void holesThatCameTooSmallAreDrilledAndTheJobGoesOn() {
        long axle = van("wilma", "Van with small holes", "QF-101");
        page.navigate("/axles/" + axle + "/order");
        button("Place the order").click();
        Locator bench = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Unpack and measure"));
        for (String side : new String[] {"left", "right"}) {
            bench.getByLabel("Stud holes of the disc, the smallest, " + side).fill("12.40 ± 0.02 mm");
            page.keyboard().press("Enter");
            bench.getByLabel("Stud circle of the disc, " + side).fill("114.36 ± 0.03 mm");
            page.keyboard().press("Enter");
        }
        assertThat(bench.getByText("What came changes the fit")).isVisible();
        assertThat(bench).containsText("fits with work now");
        assertThat(bench.getByText("NOT as promised")).hasCount(2);
        bench.getByLabel("Part", new Locator.GetByLabelOptions().setExact(true)).fill("disc, left and right");
        bench.getByLabel("What is wrong").fill("stud holes 12.40 mm, promised 13.40 mm");
        bench.getByLabel("Then").selectOption("REWORK");
        button("Note it").click();
        String letter = bench.getByRole(
                        AriaRole.LINK, new Locator.GetByRoleOptions().setName("Claim letter to Tolverne Brake Parts"))
                .getAttribute("href");
        assertThat(page.request().get(letter)).isOK();
        bench.getByLabel("Release it anew, because").fill("drilled to size here, within the limit");
        bench.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Release").setExact(true))
                .click();
        assertThat(bench.getByText("Released anew by")).isVisible();
        page.navigate("/axles/" + axle + "/bench");
        assertThat(page.getByText("Drill the disc's stud holes").first()).isVisible();
    }

    @Test
    void theBleedBayFromTheFirstWheelToThePedal() {
        long axle = van("tam", "Van at the bleed bay");
        Object job = page.evaluate(
                "(axle) => fetch(`/api/axles/${axle}/end`).then((r) => r.json()).then((end) => end.jobId)", (int) axle);
        page.navigate("/jobs/" + job + "/brakes");
        link("Bleed").click();
        assertThat(heading("1. rear axle, right")).isVisible();
        page.getByLabel("Strokes", new Page.GetByLabelOptions().setExact(true)).fill("12");
        page.getByLabel("Fluid caught, cm³").fill("40");
        button("Log it").click();
        assertThat(page.getByText("bubbles still come").first()).isVisible();
        for (String wheel : new String[] {"rear axle, left", "front axle, right", "front axle, left"}) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("\\d: " + wheel)))
                    .click();
            page.getByLabel("Strokes", new Page.GetByLabelOptions().setExact(true))
                    .fill("8");
            page.getByLabel("Fluid caught, cm³").fill("60");
            button("No more bubbles").click();
            button("Log it").click();
            assertThat(page.getByText(wheel + ": 8 strokes, no more bubbles")).isVisible();
        }
        assertThat(heading("1. rear axle, right")).isVisible();
        button("Filled to its mark").click();
        page.getByLabel("Strokes", new Page.GetByLabelOptions().setExact(true)).fill("8");
        page.getByLabel("Fluid caught, cm³").fill("25");
        button("No more bubbles").click();
        button("Log it").click();
        assertThat(page.getByText("Every wheel is clear.")).isVisible();
        button("hose into caliper, front axle, left: wet").click();
        assertThat(page.getByText("axle 1 left end: WET")).isVisible();
        button("hose into caliper, front axle, left: dry").click();

        page.getByLabel("Force").first().fill("20 N");
        page.getByLabel("Travel").first().fill("50 mm");
        page.getByLabel("Force").last().fill("400 N");
        page.getByLabel("Travel").last().fill("90 mm");
        button("Work out the air").click();
        Locator air = page.getByText(Pattern.compile("cm³ of air\\.$"));
        assertThat(air).isVisible();
        page.getByLabel("Travel").last().fill("91 mm");
        assertThat(air).isHidden();
        page.getByLabel("What is it").selectOption("DRAGS");
        assertThat(page.getByText("No play at the push rod.")).isVisible();
        button("Feeler at the push rod: is there no play? No").click();
        assertThat(page.getByText("A drum's residual valve on discs.")).isVisible();
        waitForStillness();
        assertAccessible("bleed bay");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Take back: Reservoir filled")))
                .click();
        assertThat(page.getByText("Reservoir filled to its mark")).isHidden();
    }
}
