package itrova.server.api;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses of views belong to the web client. */
@Controller
class PagesController {
    @GetMapping({"/", "/{page:[a-z-]+}", "/jobs/{*rest}", "/axles/{*rest}", "/parts/{*rest}"})
    String page() {
        return "forward:/index.html";
    }
}
