package itrova.server.parts;

import itrova.core.vehicle.Station;
import itrova.core.vehicle.Wheel;
import itrova.formats.WheelDocument;
import itrova.server.api.CurrentPerson;
import itrova.server.store.WheelStore;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Wheels that could be bought. */
@RestController
@RequestMapping("/api/wheels")
public class WheelsController {
    private final WheelStore wheels;
    private final CurrentPerson me;

    WheelsController(WheelStore wheels, CurrentPerson me) {
        this.wheels = wheels;
        this.me = me;
    }

    public record WheelView(
            String code,
            String name,
            int lugs,
            double circle,
            double backspacing,
            List<StationView> barrel,
            List<StationView> spokes,
            @Nullable String seat,
            String supplier,
            long pairCents,
            int leadDays) {}

    /** A size at a place: diameter at a depth for the barrel, distance from the mounting face at a radius for the spokes (mm). */
    public record StationView(double place, double size) {}

    public record WheelsTaken(int taken) {}

    @GetMapping
    public List<WheelView> all() {
        return wheels.all().stream().map(WheelsController::view).toList();
    }

    private static WheelView view(Wheel w) {
        return new WheelView(
                w.code(),
                w.name(),
                w.lugs(),
                w.circle().value(),
                w.backspacing().value(),
                stations(w.barrel()),
                stations(w.spokes()),
                w.seat().orElse(null),
                w.offer().supplier(),
                w.offer().pairCents(),
                w.offer().leadDays());
    }

    private static List<StationView> stations(List<Station> stations) {
        return stations.stream()
                .map(s -> new StationView(s.place().value(), s.size().value()))
                .toList();
    }

    @GetMapping(value = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"wheels.json\"")
                .body(WheelDocument.write(wheels.all()));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    public WheelsTaken take(@RequestParam(defaultValue = "wheels.json") String file, @RequestBody String text) {
        List<Wheel> taken = WheelDocument.read(file, text);
        wheels.save(taken, me.get().id());
        return new WheelsTaken(taken.size());
    }
}
