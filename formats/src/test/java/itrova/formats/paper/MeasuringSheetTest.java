package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import itrova.formats.drawing.AxleEndDrawing;
import itrova.formats.drawing.Sheet;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The drawing and the sheet on paper that carries it. */
class MeasuringSheetTest {
    private static AxleEnd empty(AxleEndKind kind) {
        BracketShape shape = kind == AxleEndKind.REAR_LIVE_AXLE ? BracketShape.RECTANGLE : BracketShape.CIRCLE;
        return new AxleEnd.Builder(Side.LEFT, AxleForm.defaultFor(kind, shape)).build();
    }

    @ParameterizedTest
    @EnumSource(AxleEndKind.class)
    void everyDimensionHasItsNumberedBlankInBothUnits(AxleEndKind kind) throws IOException {
        AxleEnd end = empty(kind);
        byte[] pdf = MeasuringSheetPdf.write("Van “A” 祝, front axle", end);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            List<Callout> order = MeasuringSheetPdf.order(end);
            for (int i = 0; i < order.size(); i++) {
                assertThat(text).contains((i + 1) + " " + order.get(i).title());
            }
            assertThat(text).contains("Left mm").contains("Right in").contains("never convert by hand");
            assertThat(document.getNumberOfPages()).isBetween(3, 6);
        }
    }

    @Test
    void whatIsReadIsDrawnToScaleAndSolidTheRestDashed() {
        List<Reading> readings = new ArrayList<>();
        for (String[] r : new String[][] {{"INNER_JOURNAL", "40"}, {"SHOULDER", "60"}}) {
            readings.add(Reading.take(
                    Side.LEFT, Callout.valueOf(r[0]), "", r[1], Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC));
        }
        AxleEnd end = Consolidation.of(
                Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE), readings);
        Sheet sheet = AxleEndDrawing.of(end, Sheet.View.INNER);
        assertThat(length(sheet, Callout.SHOULDER)).isEqualTo(60, within(0.11));
        assertThat(length(sheet, Callout.INNER_JOURNAL)).isEqualTo(20, within(0.11));
        assertThat(sheet.shapes()).anyMatch(s -> s.style() == Sheet.Style.CUT && s.known());
        assertThat(sheet.shapes()).anyMatch(s -> s.style() == Sheet.Style.CUT && !s.known());
    }

    private static double length(Sheet sheet, Callout callout) {
        Sheet.DimensionLine d = sheet.dimensions().stream()
                .filter(line -> line.callout() == callout)
                .findFirst()
                .orElseThrow();
        return Math.hypot(d.x2() - d.x1(), d.y2() - d.y1());
    }

    @ParameterizedTest
    @EnumSource(SpindleNut.class)
    void everyNutAndRetentionIsDrawnItsOwnWay(SpindleNut nut) {
        AxleForm usual = AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE);
        AxleForm other =
                new AxleForm(usual.kind(), usual.bracketShape(), nut, Retention.C_CLIP, true, false, false, false);
        Sheet sheet = AxleEndDrawing.of(new AxleEnd.Builder(Side.LEFT, other).build(), Sheet.View.INNER);
        assertThat(sheet.notes()).anyMatch(n -> n.text().equals(nut.word()));
    }
}
