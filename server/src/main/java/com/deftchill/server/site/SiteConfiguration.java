package com.deftchill.server.site;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built pages; an address without a file of its own is a station, so it gets the page itself. */
@Configuration
class SiteConfiguration implements WebMvcConfigurer {
    private static final String FILES = "classpath:/static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new StationResolver());
    }

    private static final class StationResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            var file = super.getResource(path, location);
            if (file != null || path.startsWith("api/") || path.startsWith("v3/") || path.contains(".")) {
                return file;
            }
            return super.getResource("index.html", location);
        }
    }
}
