package itomichi.server.gate;

import java.io.IOException;
import java.util.Objects;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.apache.coyote.ContinueResponseTiming;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** How the connector is set: nothing is read of what is refused, and its own refusals are told like all others. */
@Component
class Connector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addConnectorCustomizers(connector -> {
            if (connector.getProtocolHandler() instanceof AbstractHttp11Protocol<?> http) {
                http.setMaxSwallowSize(0);
                http.setContinueResponseTiming(ContinueResponseTiming.ON_REQUEST_BODY_READ.toString());
            }
        });
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(OneLine.class.getName());
            }
        });
    }

    /** Writes what the connector itself refuses, such as an address that is none. */
    public static final class OneLine extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, @Nullable Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                Answers.SAFE_HEADERS.forEach(response::setHeader);
                HttpStatus known = Objects.requireNonNullElse(HttpStatus.resolve(status), HttpStatus.BAD_REQUEST);
                byte[] body = Answers.body(ErrorPages.line(known));
                response.setContentType("application/json");
                response.setContentLength(body.length);
                response.getOutputStream().write(body);
                response.finishResponse();
            } catch (IOException | IllegalStateException gone) {
                container.getLogger().debug("A refusal could not be told", gone);
            }
        }
    }
}
