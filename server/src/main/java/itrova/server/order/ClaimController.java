package itrova.server.order;

import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.order.SupplierOrder;
import itrova.core.phrase.Amount;
import itrova.core.receive.Incoming;
import itrova.core.receive.Incoming.Compared;
import itrova.core.receive.IncomingFigure;
import itrova.core.vehicle.Side;
import itrova.formats.paper.ClaimPdf;
import itrova.formats.paper.Letterhead;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.measure.MeasureController;
import itrova.server.measure.PhotoAnswer;
import itrova.server.measure.PhotoIntake;
import itrova.server.store.Decision.DefectNoted;
import itrova.server.store.DefectPhotoStore;
import itrova.server.store.IncomingStore;
import itrova.server.store.ShopStore;
import itrova.server.suppliers.SupplierOrders;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is claimed of a supplier: the letter, and the photos that go with it. */
@RestController
@RequestMapping("/api/axles/{axleId}/unpacking")
public class ClaimController {
    /** A letter carries no more photos than this. */
    private static final int MOST_PHOTOS = 12;

    private final Workbench bench;
    private final Releases releases;
    private final IncomingStore incoming;
    private final SupplierOrders suppliers;
    private final Defects defects;
    private final DefectPhotoStore photos;
    private final ShopStore shop;
    private final CurrentPerson me;

    ClaimController(
            Workbench bench,
            Releases releases,
            IncomingStore incoming,
            SupplierOrders suppliers,
            Defects defects,
            DefectPhotoStore photos,
            ShopStore shop,
            CurrentPerson me) {
        this.bench = bench;
        this.releases = releases;
        this.incoming = incoming;
        this.suppliers = suppliers;
        this.defects = defects;
        this.photos = photos;
        this.shop = shop;
        this.me = me;
    }

    /** Adds a photo to a defect; the same client id again changes nothing. */
    @PostMapping(
            value = "/defects/{defectId}/photos",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    public List<Defects.DefectView> photo(
            @PathVariable long axleId,
            @PathVariable long defectId,
            @RequestParam @Pattern(regexp = MeasureController.UUID_PATTERN) String clientId,
            @RequestBody byte[] bytes) {
        PhotoIntake.Photo photo = PhotoIntake.take(bytes);
        bench.axle(axleId);
        photos.add(
                axleId,
                defectId,
                clientId,
                photo.width(),
                photo.height(),
                photo.jpeg(),
                me.get().id());
        return defects.of(axleId);
    }

    @GetMapping("/photos/{photoId}")
    public ResponseEntity<byte[]> show(@PathVariable long axleId, @PathVariable long photoId) {
        return PhotoAnswer.of("defect-" + photoId, photos.bytes(axleId, photoId));
    }

    /** The letter to a supplier about what did not come as it was ordered. */
    @GetMapping(value = "/claim.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> claim(@PathVariable long axleId, @RequestParam @Size(max = 80) String supplier) {
        ClaimPdf.Claim claim = claimOf(axleId, supplier);
        if (claim.isEmpty()) {
            throw new ConflictException("There is nothing to claim of " + supplier
                    + ": everything counted came, nothing measured is surely off, no defect is noted.");
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"claim-" + axleId + ".pdf\"")
                .body(ClaimPdf.write(claim));
    }

    private ClaimPdf.Claim claimOf(long axleId, String supplier) {
        Kit promised = UnpackController.promised(bench.chosen(bench.axle(axleId)));
        List<SupplierOrder> orders = suppliers.ofAxle(axleId).stream()
                .map(r -> r.order())
                .filter(o -> o.supplier().equals(supplier) && o.state() != SupplierOrder.State.CANCELLED)
                .toList();
        ShopStore.Settings own = shop.settings();
        return new ClaimPdf.Claim(
                Letterhead.of(own.name(), own.address(), shop.logo()),
                supplier,
                LocalDate.now().toString(),
                orders.stream()
                        .map(SupplierOrder::number)
                        .filter(n -> !n.isEmpty())
                        .toList(),
                orders.stream()
                        .flatMap(o -> o.lines().stream())
                        .flatMap(ClaimController::lacking)
                        .toList(),
                supplier.equals(promised.supplier())
                        ? Stream.concat(
                                        off(axleId, promised).stream(),
                                        releases.notGood(axleId, promised.code()).stream()
                                                .map(t -> me.wording().say(t.words()) + "."))
                                .toList()
                        : List.of(),
                defects.of(axleId).stream()
                        .filter(d -> d.supplier().equals(supplier))
                        .map(d -> d.item() + ": " + d.what() + ". " + ASKED.get(d.then()))
                        .toList(),
                defects.of(axleId).stream()
                        .filter(d -> d.supplier().equals(supplier))
                        .flatMap(d -> d.photos().stream())
                        .limit(MOST_PHOTOS)
                        .map(id -> photos.bytes(axleId, id))
                        .toList());
    }

    private static final Map<DefectNoted.Then, String> ASKED = Map.of(
            DefectNoted.Then.RETURN, "It goes back; please replace it.",
            DefectNoted.Then.REWORK, "We rework it within its limits and ask for the cost.",
            DefectNoted.Then.USE, "We use it as it is; this is for your knowledge.");

    /** Only of a parcel that was begun to be counted is known what lacks. */
    private static Stream<String> lacking(SupplierOrder.Line l) {
        List<String> all = new ArrayList<>();
        if (l.damaged() > 0) {
            all.add(l.damaged() + " × " + l.item() + " came damaged.");
        }
        int lacks = l.ordered() - l.received() - l.damaged() - l.backOrdered();
        if (lacks > 0 && l.received() + l.damaged() > 0) {
            all.add(lacks + " × " + l.item() + " did not come: " + l.ordered() + " ordered, "
                    + (l.received() + l.damaged()) + " came.");
        }
        return all.stream();
    }

    private List<String> off(long axleId, Kit promised) {
        Incoming came = incoming.of(axleId, promised.code());
        List<String> all = new ArrayList<>();
        for (IncomingFigure f : Incoming.of(promised)) {
            for (Side side : Side.values()) {
                if (came.compared(promised, f, side) == Compared.NOT_AS_PROMISED) {
                    Incoming.Reading r = came.readings().get(f).get(side);
                    Figure papers = f.promised(promised).orElseThrow();
                    all.add(f.title() + ", " + side.word() + ": " + amount(r.value(), r.half()) + ", promised "
                            + amount(papers.value(), papers.tolerance())
                            + (papers.assumed() ? " (tolerance not stated, usual class)" : "") + ".");
                }
            }
        }
        return all;
    }

    private String amount(double value, double half) {
        return Stream.of(Amount.mm(value, 2).asBare(), Amount.mm(half, 2))
                .map(me.wording()::amount)
                .collect(Collectors.joining(" ± "));
    }
}
