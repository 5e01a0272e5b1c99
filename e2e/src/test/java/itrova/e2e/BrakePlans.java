package itrova.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;

/** Plans for the brakes of demo vehicles, written down without going through the pages that other tests look at. */
final class BrakePlans {
    private BrakePlans() {}

    /** Parts that prove the van's brakes with its front kits. */
    static final String VAN = """
            {"planned": {"outlets": {}, "lines": [], "parts": [{"code": "TM-106"}, {"code": "BO-203"}, {"code": "VA-301"}, {"code": "AD-601"},
              {"code": "PA-703", "axle": "front axle"}], "figures": {}}}
            """;

    /** Parts with which nothing of the coupe's brakes is proven not to do, lever calipers behind. */
    static final String COUPE = """
            {"planned": {"outlets": {}, "lines": [], "parking": "LEVER_CALIPER", "parts": [{"code": "TM-106"}, {"code": "BO-204"}, {"code": "VA-304"},
              {"code": "PA-701", "axle": "rear axle"}], "figures": {"VALVE_KNEE": "0.3"}}}
            """;

    /** The van's circuit for a vehicle of which nothing else was told. */
    static final String BARE_VAN = """
            {"fluid": "DOT_3", "split": "SINGLE", "parking": "DRUM_SHOES", "stopLamp": "PRESSURE", "lineEnd": "3/8-24 inverted flare",
             "figures": {"MASS_EMPTY": "1480 kg", "MASS_LADEN": "2050 kg", "FRONT_EMPTY": "840 kg", "FRONT_LADEN": "2100 lb",
               "WHEELBASE": "2440 mm", "CENTRE_HEIGHT": "640 mm", "TYRE_DIAMETER": "634 mm", "PEDAL_RATIO": "5.2",
               "MASTER_BORE": "3/4 in", "MASTER_STROKE": "1 3/8 in", "RESERVOIR": "260", "PEDAL_ROOM": "150 mm"},
             "axles": [
               {"name": "front axle", "shoes": "TWO_LEADING",
                "figures": {"DRUM_DIAMETER": "9 in", "LINING_WIDTH": "2 1/4 in", "CYLINDER_BORE": "1 in"}},
               {"name": "rear axle", "shoes": "LEADING_TRAILING",
                "figures": {"DRUM_DIAMETER": "9 in", "LINING_WIDTH": "1 3/4 in", "CYLINDER_BORE": "7/8 in"}}],
             "planned": {"outlets": {}, "lines": [], "parts": [{"code": "TM-106"}, {"code": "BO-203"}, {"code": "VA-301"},
               {"code": "AD-601"}, {"code": "PA-703", "axle": "front axle"}], "figures": {}}}
            """;

    private static final String PUT = """
              const token = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN=')).slice(11);
              const put = async (address, body) => {
                const answer = await fetch(address, {
                  method: 'PUT',
                  headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token),
                    'Idempotency-Key': crypto.randomUUID() },
                  body: JSON.stringify(body),
                });
                const said = await answer.text();
                return answer.ok ? '' : said;
              };
              const end = await (await fetch(`/api/axles/${axle}/end`)).json();
            """;

    private static final String PLAN = "async ([axle, told]) => {" + PUT + """
              const { fluid, ...plan } = JSON.parse(told);
              const job = `/api/jobs/${end.jobId}`;
              if (fluid) {
                const { version, sheet } = await (await fetch(`${job}/vehicle`)).json();
                const refused = await put(`${job}/vehicle`,
                  { version, sheet: { ...sheet, brakes: { ...sheet.brakes, fluid } } });
                if (refused) return refused;
              }
              const { circuit } = await (await fetch(`${job}/brakes`)).json();
              return put(`${job}/brakes`, { ...circuit, ...plan });
            }
            """;

    private static final String CHOICE = "async ([axle, kit]) => {" + PUT + """
              return put(`/api/axles/${axle}/choice`, { version: end.version, kit });
            }
            """;

    /** Writes a plan down for the vehicle of an axle; what it does not name stays. */
    static void plan(Page page, long axle, String told) {
        assertThat(page.evaluate(PLAN, List.of((int) axle, told))).isEqualTo("");
    }

    /** Chooses a kit, as the match table would. */
    static void choose(Page page, long axle, String kit) {
        assertThat(page.evaluate(CHOICE, List.of((int) axle, kit))).isEqualTo("");
    }
}
