package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings at the drawing: bad ones, odd ones, taken back ones. */
class MeasuringIT extends BrowserTest {
    private Locator reading;
    private Locator echo;

    @BeforeEach
    void newJob() {
        signIn("tam");
        button("New job").click();
        page.getByLabel("What the shop calls it").fill("Measuring");
        button("Start measuring").click();
        page.waitForURL(Pattern.compile(".*/axles/\\d+/measure"));
        reading = page.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true));
        echo = page.locator("#understood");
        pick("Register diameter");
    }

    private void pick(String title) {
        callout(title).click();
        assertThat(page.getByRole(AriaRole.FORM).locator("h2")).containsText(title);
    }

    private Locator callout(String title) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + title + ": ")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 13/6x|is not a measure",
                "-5|cannot be negative",
                "''|Nothing was typed",
                "1000 in|is outside 30 to 250 mm",
                "12 kg|not a unit of length"
            })
    void whatCannotBeIsSaidPlainlyAndKept(String text, String message) {
        reading.fill(text);
        reading.press("Enter");
        assertThat(echo).containsText(message);
        assertThat(reading).hasValue(text);
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
    }

    @Test
    void whatWasUnderstoodIsShownWhileTyping() {
        reading.fill("2 13/16");
        assertThat(echo).containsText("71.44 mm ± ");
        assertThat(echo).containsText("2.813 in");
        reading.fill("2 13/6x");
        assertThat(echo).containsText("13/6");
    }

    @Test
    void aReadingTenTimesItsNeighbourIsQuestionedAndMayBeKept() {
        pick("Stud stick-out");
        type("11.0");
        pick("Stud stick-out");
        type("110");
        assertThat(echo).containsText("decimal point");
        assertThat(reading).hasValue("110");
        button("Keep it").click();
        pick("Stud stick-out");
        assertThat(page.locator(".taken li strong")).hasText(new String[] {"11.0", "110"});
    }

    @Test
    void aReadingIsUndoneAndWithdrawn() {
        type("70.81");
        assertThat(callout("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81 mm ± 0\\.0"));
        page.keyboard().press("Control+z");
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
        pick("Register diameter");
        type("70.83");
        pick("Register diameter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Withdraw 70.83"))
                .click();
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
    }

    @Test
    void unitsSwitchForThePerson() {
        type("70.81");
        button("in").click();
        assertThat(callout("Register diameter")).hasAccessibleName(Pattern.compile("2\\.788 in"));
        pick("Axle flange outside");
        type("5.82");
        assertThat(callout("Axle flange outside")).hasAccessibleName(Pattern.compile("5\\.820 in"));
        button("mm").click();
        assertThat(callout("Axle flange outside")).hasAccessibleName(Pattern.compile("147\\.83 mm"));
    }

    @Test
    void aLostConnectionKeepsWhatWasTyped() {
        context.setOffline(true);
        reading.fill("70.81");
        reading.press("Enter");
        assertThat(echo).containsText("cannot be reached");
        assertThat(reading).hasValue("70.81");
        context.setOffline(false);
        reading.press("Enter");
        assertThat(callout("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81"));
    }

    @Test
    void aViewerLooksOnly() {
        String url = page.url();
        button("Sign out").click();
        signIn("jory");
        page.navigate(url);
        assertThat(page.getByText("Your role looks only")).isVisible();
        assertThat(reading).hasCount(0);
        page.navigate("/floor");
        assertThat(button("New job")).hasCount(0);
    }
}
