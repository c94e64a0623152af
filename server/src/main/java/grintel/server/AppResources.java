package grintel.server;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The files of the web application. Those under /assets have a digest of their content in the name and are kept for long;
 * the page that names them is asked for anew each time, so that nobody is left with one that names files of yesterday.
 */
@Configuration(proxyBeanMethods = false)
class AppResources implements WebMvcConfigurer {
    private static final String FILES = "classpath:/static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**").addResourceLocations(FILES).setCacheControl(CacheControl.noStore());
    }
}
