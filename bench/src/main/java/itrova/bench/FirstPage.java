package itrova.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * First page of a running server: bytes over the wire and time until the sign-in can be typed into. Wanted: at most
 * 400 kB and 1.5 s. The yardstick in the same run is an empty page of the same server.
 */
public final class FirstPage {
    private static final int RUNS = 5;

    private FirstPage() {}

    public static void main(String[] args) {
        String address = args[0];
        try (Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of(System.getenv("ITROVA_BROWSER")))
                                .setArgs(
                                        List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")))) {
            List<Double> usable = new ArrayList<>();
            List<Double> yardstick = new ArrayList<>();
            long bytes = 0;
            for (int run = 0; run <= RUNS; run++) {
                try (BrowserContext fresh = browser.newContext()) {
                    Page page = fresh.newPage();
                    List<Response> responses = new ArrayList<>();
                    page.onResponse(responses::add);
                    long start = System.nanoTime();
                    page.navigate(address);
                    page.getByLabel("Name").fill("x");
                    double ms = (System.nanoTime() - start) / 1e6;
                    page.waitForLoadState(LoadState.NETWORKIDLE);
                    // a copy: asking for sizes lets further answers in
                    bytes = List.copyOf(responses).stream()
                            .mapToLong(r -> (long) r.request().sizes().responseBodySize)
                            .sum();
                    Page empty = fresh.newPage();
                    start = System.nanoTime();
                    empty.navigate(address + "/api/session");
                    double plain = (System.nanoTime() - start) / 1e6;
                    if (run > 0) { // the first run warms the browser up
                        usable.add(ms);
                        yardstick.add(plain);
                    }
                }
            }
            System.out.printf(
                    "first page: %.0f kB over the wire, usable after %.0f ms (median of %d; a bare answer takes %.0f ms, ratio %.1f)%n",
                    bytes / 1e3, median(usable), RUNS, median(yardstick), median(usable) / median(yardstick));
        }
    }

    private static double median(List<Double> values) {
        Collections.sort(values);
        return values.get(values.size() / 2);
    }
}
