package itrova.server.shop;

import itrova.core.work.SpecialTool;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.measure.PhotoIntake;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.NotFoundException;
import itrova.server.store.ShopStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop on its papers and as it reckons. */
@RestController
@RequestMapping("/api/shop")
public class ShopSettingsController {
    private final ShopStore shop;
    private final EventStore events;
    private final CurrentPerson me;

    ShopSettingsController(ShopStore shop, EventStore events, CurrentPerson me) {
        this.shop = shop;
        this.events = events;
        this.me = me;
    }

    /** Currency by ISO 4217; tax in per cent on top of prices; the rate is an own hour in cents. */
    public record ShopSettingsForm(
            @NotBlank @Size(max = 120) String name,
            @NotNull @Size(max = 300) String address,
            @NotBlank @Size(max = 3) String currency,

            @NotNull @DecimalMin("0") @DecimalMax("60") @Digits(integer = 2, fraction = 2)
            BigDecimal taxPercent,

            @Min(0) @Max(100_000) long rateCents,
            @NotNull @Size(max = 60) List<@NotNull @Size(max = 60) String> tools,
            int version) {
        static ShopSettingsForm of(ShopStore.Settings s) {
            return new ShopSettingsForm(
                    s.name(),
                    s.address(),
                    s.currency(),
                    s.taxPercent(),
                    s.rateCents(),
                    s.tools().stream().sorted().toList(),
                    s.version());
        }
    }

    @GetMapping
    public ShopSettingsForm settings() {
        return ShopSettingsForm.of(shop.settings());
    }

    @PutMapping
    @Transactional
    public ShopSettingsForm change(@Valid @RequestBody ShopSettingsForm body) {
        ShopStore.Settings before = shop.settings();
        ShopStore.Settings after = new ShopStore.Settings(
                body.name().strip(),
                body.address().strip(),
                currency(body.currency()),
                body.taxPercent(),
                body.rateCents(),
                known(body.tools()),
                body.version());
        shop.save(after);
        events.add(
                Place.SHOP,
                EventStore.Kind.CATALOGUE_CHANGED,
                "the shop",
                Map.of("shelf", "SHOP", "before", before.toString(), "after", after.toString()),
                me.get().id());
        return settings();
    }

    /** The shop's mark on its papers. */
    @GetMapping("/logo")
    public ResponseEntity<byte[]> logo() {
        byte[] jpeg = shop.logo();
        if (jpeg.length == 0) {
            throw new NotFoundException("The shop's mark");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .cacheControl(CacheControl.noStore())
                .body(jpeg);
    }

    @PostMapping(
            value = "/logo",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    @Transactional
    public ShopSettingsForm putLogo(@RequestBody byte[] picture) {
        mark(PhotoIntake.take(picture).jpeg(), "put on");
        return settings();
    }

    @DeleteMapping("/logo")
    @Transactional
    public ShopSettingsForm takeLogoOff() {
        mark(new byte[0], "taken off");
        return settings();
    }

    private void mark(byte[] jpeg, String what) {
        shop.mark(jpeg, me.get().id());
        events.add(
                Place.SHOP,
                EventStore.Kind.CATALOGUE_CHANGED,
                "the shop's mark",
                Map.of("shelf", "SHOP", "after", what),
                me.get().id());
    }

    /** A tool not every shop has, and how one without it comes by it. */
    public record SpecialToolView(String name, String ways) {}

    @GetMapping("/special-tools")
    public List<SpecialToolView> specialTools() {
        return SpecialTool.all().stream()
                .map(t -> new SpecialToolView(t.name(), t.ways()))
                .toList();
    }

    private static Set<String> known(List<String> tools) {
        Set<String> all = SpecialTool.all().stream().map(SpecialTool::name).collect(Collectors.toSet());
        for (String tool : tools) {
            if (!all.contains(tool)) {
                throw BadInputException.of(
                        "tools",
                        tool,
                        "“" + tool + "” is none of the tools asked about. Choose among: "
                                + all.stream().sorted().collect(Collectors.joining(", ")) + ".");
            }
        }
        return Set.copyOf(tools);
    }

    private static final int DECIMALS = 2;

    private static String currency(String code) {
        String told = code.strip().toUpperCase(Locale.ROOT);
        try {
            if (Currency.getInstance(told).getDefaultFractionDigits() == DECIMALS) {
                return told;
            }
        } catch (IllegalArgumentException e) {
            // told below
        }
        throw BadInputException.of(
                "currency",
                code,
                "“" + code + "” is no currency with two decimals. Write its three letters, such as EUR, GBP or USD.");
    }
}
