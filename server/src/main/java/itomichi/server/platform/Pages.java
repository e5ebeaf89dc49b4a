package itomichi.server.platform;

import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the pages: every place of the single page begins with its index, which is never kept by the browser. */
@Configuration
class Pages implements WebMvcConfigurer {

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String place : new String[] {
            "/",
            "/books/{id}",
            "/books/{id}/{stage}",
            "/classes",
            "/classes/{id}",
            "/classes/{id}/front",
            "/days",
            "/learned",
            "/notebook",
            "/notebook/{page}",
            "/patterns",
            "/drawers",
            "/drawers/{drawer}",
            "/shelf",
            "/shopping",
            "/templates"
        }) {
            registry.addViewController(place).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/index.html")
                .addResourceLocations("classpath:/static/")
                // every build carries the same date, so a browser that asked by it would keep the pages of an earlier
                // one
                .setUseLastModified(false)
                .setCacheControl(CacheControl.noCache());
    }
}
