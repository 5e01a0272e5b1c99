package itrova.server.api;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Addresses of views belong to the web client. Pages are asked for anew each time, so that nobody keeps an old client after an
 * upgrade; their parts bear their content in their names and never change.
 */
@Controller
public class PagesController implements WebMvcConfigurer {
    @GetMapping({"/", "/{page:[a-z-]+}", "/jobs/{*rest}", "/axles/{*rest}", "/parts/{*rest}"})
    public String page() {
        return "forward:/index.html";
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
