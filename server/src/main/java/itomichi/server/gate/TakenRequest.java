package itomichi.server.gate;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body was taken in whole. */
final class TakenRequest extends HttpServletRequestWrapper {

    private final ByteArrayInputStream body;

    TakenRequest(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = new ByteArrayInputStream(body);
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
            @Override
            public int read() {
                return body.read();
            }

            @Override
            public int read(byte[] into, int from, int most) {
                return body.read(into, from, most);
            }

            @Override
            public boolean isFinished() {
                return body.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException("What was taken in whole is not waited for; read " + listener);
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
