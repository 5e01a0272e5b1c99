package itrova.server.measure;

import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.PhotoStore;
import jakarta.validation.constraints.Pattern;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photos of readings, in and out. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class PhotosController {
    private final PhotoStore photos;
    private final AxleEnds ends;
    private final Workbench bench;
    private final CurrentPerson me;

    PhotosController(PhotoStore photos, AxleEnds ends, Workbench bench, CurrentPerson me) {
        this.bench = bench;
        this.photos = photos;
        this.ends = ends;
        this.me = me;
    }

    @PostMapping(
            value = "/readings/{readingId}/photos",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    public AxleEndView take(
            @PathVariable long axleId,
            @PathVariable long readingId,
            @RequestParam @Pattern(regexp = MeasureController.UUID_PATTERN) String clientId,
            @RequestBody byte[] bytes) {
        PhotoIntake.Photo photo = PhotoIntake.take(bytes);
        bench.lockedAxle(axleId);
        photos.add(
                axleId,
                readingId,
                clientId,
                photo.width(),
                photo.height(),
                photo.jpeg(),
                me.get().id());
        return ends.of(axleId);
    }

    @GetMapping("/photos/{photoId}")
    public ResponseEntity<byte[]> show(@PathVariable long axleId, @PathVariable long photoId) {
        return PhotoAnswer.of("photo-" + photoId, photos.bytes(axleId, photoId));
    }
}
