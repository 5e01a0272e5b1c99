package itrova.server.order;

import itrova.server.store.Decision;
import itrova.server.store.Decision.DefectNoted;
import itrova.server.store.DefectPhotoStore;
import itrova.server.store.DefectPhotoStore.DefectPhoto;
import itrova.server.store.EventStore;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;

/** What came defective, as it was noted, with its photos. */
@Component
public class Defects {
    private final EventStore events;
    private final DefectPhotoStore photos;

    Defects(EventStore events, DefectPhotoStore photos) {
        this.events = events;
        this.photos = photos;
    }

    /** @param photos their numbers, oldest first */
    public record DefectView(
            long id,
            String supplier,
            String item,
            String what,
            DefectNoted.Then then,
            String by,
            Instant at,
            List<Long> photos) {}

    List<DefectView> of(long axleId) {
        List<DefectPhoto> taken = photos.ofAxle(axleId);
        return events.ofAxle(axleId).stream()
                .flatMap(e -> Decision.of(e)
                        .filter(DefectNoted.class::isInstance)
                        .map(DefectNoted.class::cast)
                        .map(n -> new DefectView(
                                e.id(),
                                n.supplier(),
                                n.item(),
                                n.what(),
                                n.then(),
                                e.by(),
                                e.at(),
                                taken.stream()
                                        .filter(f -> f.defectId() == e.id())
                                        .map(DefectPhoto::id)
                                        .toList()))
                        .stream())
                .toList();
    }
}
