package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.order.CostRange;
import itrova.core.order.FullCost;
import itrova.core.order.OfferWords;
import itrova.core.order.WorkedPart;
import itrova.core.order.WorkedPart.Dimension;
import itrova.core.order.WorkedPart.Holes;
import itrova.core.order.WorkedPart.Of;
import itrova.core.order.WorkedPart.Piece;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Papers that leave the shop, read back. */
class ShopPapersTest {
    private static String text(byte[] file) throws IOException {
        try (PDDocument paper = Loader.loadPDF(file)) {
            return new PDFTextStripper().getText(paper);
        }
    }

    /** 71.05 mm is 2.7972 in (1 in = 25.4 mm). */
    @Test
    void theMachineShopSeesWhatIsMadeAndHowTruly() throws Exception {
        Work bore = Work.to(WorkKind.BORE_DISC, Side.LEFT, 70.4, 71.05, Phrase.given("both alike"));
        WorkedPart disc = new WorkedPart(
                bore,
                Piece.DISC,
                List.of(new Dimension(Of.OUTSIDE, 279, 0), new Dimension(Of.INSIDE, 71.05, 0.02)),
                Optional.of(new Holes(5, 114.3, 13)));
        String text = text(WorkOrderPdf.write(new WorkOrderPdf.WorkOrder(
                Letterhead.of("Shop", "Mill Lane 3", new byte[0]),
                "Van",
                "front axle",
                "2026-11-27",
                List.of(disc),
                Wording.METRIC)));
        assertThat(text)
                .contains("1. Brake disc, left: bore the disc's centre")
                .contains("Ø 71.05 ± 0.02 mm  (2.7972 ± 0.0008 in)")
                .contains("(Ø 279.00 mm, 10.984 in)")
                .contains("Hold: Measure the bore")
                .contains("Made and measured by");
    }

    @Test
    void theOwnerSeesTheBandTheTaxAndHonestWords() throws Exception {
        String text = text(OfferPdf.write(new OfferPdf.Offer(
                Letterhead.of("Shop", "", new byte[0]),
                "P. Dunmarrow",
                "Coupe",
                "rear axle",
                "2026-11-27",
                "Kit",
                "fits with work",
                List.of("Parking brake holds"),
                List.of("Bore the disc's centre (left) from 70.40 to 71.05 ± 0.02 mm."),
                new FullCost(
                        CostRange.exactly(80_000), new CostRange(1_000, 2_000, 3_000), new CostRange(0, 0, 10_000)),
                List.of("hard line"),
                new BigDecimal("19"),
                "EUR",
                9,
                List.of(new OfferWords.Option("slotted discs", 6_000)),
                OfferWords.gained(AxleEndKind.REAR_LIVE_AXLE).stream()
                        .map(Wording.METRIC::say)
                        .toList(),
                List.of("Not to be undone: turning the flange."))));
        // by hand: 810.00, 820.00, 930.00 and 19 %: 963.90, 975.80, 1106.70
        assertThat(text)
                .contains("To P. Dunmarrow")
                .containsPattern("963\\.90\\s+975\\.80\\s+1106\\.70 EUR")
                .contains("nobody has priced it yet", "hard line")
                .contains("slotted discs: 60.00 EUR")
                .contains("is no shorter than with drums")
                .contains("parking brake changes")
                .contains("Not proven yet")
                .contains("Owner ____");
    }
}
