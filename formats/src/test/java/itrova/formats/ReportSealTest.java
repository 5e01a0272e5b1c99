package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A seal names one report on every machine and after every start, and no other report. */
class ReportSealTest {
    private static KitReport report(String code, ShopSettings settings) {
        return FitEngine.report(
                DemoData.jobs().get(0).axles().get(0).toCase(List.of(Side.values())), kit(code), settings);
    }

    private static Kit kit(String code) {
        return DemoData.kits().stream()
                .filter(k -> k.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    /** What a fresh start of the program makes of it. */
    public static void main(String[] args) {
        System.out.println(ReportSeal.of(report("QF-106", ShopSettings.DEFAULTS)));
    }

    @Test
    void otherStartsOfTheProgramGiveTheSameSeal() throws Exception {
        String here = ReportSeal.of(report("QF-106", ShopSettings.DEFAULTS));
        for (int start = 0; start < 3; start++) {
            Process process = new ProcessBuilder(
                            ProcessHandle.current().info().command().orElse("java"),
                            "-cp",
                            System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                            ReportSealTest.class.getName())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            String there = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            assertThat(process.waitFor()).isZero();
            assertThat(there).isEqualTo(here);
        }
    }

    @Test
    void whateverChangesTheReportChangesTheSeal() {
        Set<String> seals = new HashSet<>();
        seals.add(ReportSeal.of(report("QF-106", ShopSettings.DEFAULTS)));
        seals.add(ReportSeal.of(report("QF-101", ShopSettings.DEFAULTS)));
        seals.add(ReportSeal.of(report("QF-101", ShopSettings.DEFAULTS.with(Limit.TURNING_GAP, 3.1))));
        Kit dearer = KitDocument.read(
                        "k",
                        KitDocument.write(List.of(kit("QF-106"))).replaceFirst("\"price\" : \"\\d+", "\"price\" : \"1"))
                .get(0);
        seals.add(ReportSeal.of(FitEngine.report(
                DemoData.jobs().get(0).axles().get(0).toCase(List.of(Side.values())), dearer, ShopSettings.DEFAULTS)));
        assertThat(seals).hasSize(4);
    }
}
