package yellowtally.server.support;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the screens: hashed files for a year, the page itself always fresh, every address of a screen gives the page. */
@Configuration
class WebFiles implements WebMvcConfigurer {

    /**
     * Whatever an address names first, but for what is asked for by programs and for files: which screens there are, and that there
     * is none at an address, the page itself says.
     */
    private static final String SCREEN = "{first:(?!api$|assets$)[^.]+}";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/index.html", "/favicon.svg")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String address : new String[] {"/", "/" + SCREEN, "/" + SCREEN + "/**"}) {
            registry.addViewController(address).setViewName("forward:/index.html");
        }
    }
}
