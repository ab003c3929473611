package com.deftchill.server.problem;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.connections.ConnectionSettings;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stops reading a request body once it is larger than any document, or once it has taken too long as a whole; a photo may be larger,
 * and says so by its kind.
 */
@Component
class BodyLimitFilter extends OncePerRequestFilter {
    private static final long SLACK = 1024;

    private final long document;
    private final long photo;
    private final long archive;
    private final ConnectionSettings connections;

    BodyLimitFilter(DeftChillSettings settings, ConnectionSettings connections) {
        this.connections = connections;
        this.document = settings.maxDocument().toBytes();
        this.archive = settings.maxArchive().toBytes();
        // One byte too many is refused by the photo's own rule, with its own words.
        this.photo = settings.maxPhoto().toBytes() + SLACK;
    }

    private TooLargeException.Of kind(HttpServletRequest request) {
        var kind = request.getContentType();
        if (kind != null && kind.startsWith("application/zip")) {
            return TooLargeException.Of.ARCHIVE;
        }
        return kind != null && kind.startsWith("image/") ? TooLargeException.Of.PHOTO : TooLargeException.Of.DOCUMENT;
    }

    private long limit(TooLargeException.Of kind) {
        return switch (kind) {
            case ARCHIVE -> archive;
            case PHOTO -> photo;
            case DOCUMENT -> document;
        };
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(
                new HttpServletRequestWrapper(request) {
                    @Override
                    public ServletInputStream getInputStream() throws IOException {
                        var kind = kind(request);
                        return new Limited(super.getInputStream(), kind, limit(kind), connections);
                    }
                },
                response);
    }

    private static final class Limited extends ServletInputStream {
        private final ServletInputStream in;
        private final TooLargeException.Of kind;
        private final long limit;
        private final ConnectionSettings connections;
        private final long began = System.nanoTime();
        private long left;

        Limited(ServletInputStream in, TooLargeException.Of kind, long limit, ConnectionSettings connections) {
            this.connections = connections;
            this.in = in;
            this.kind = kind;
            this.limit = limit;
            this.left = limit;
        }

        @Override
        public int read() throws IOException {
            int value = in.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int read = in.read(buffer, offset, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) throws IOException {
            left -= read;
            if (left < 0) {
                throw new TooLargeException(kind, limit);
            }
            if (read > 0 && connections.isTooSlow(limit - left, Duration.ofNanos(System.nanoTime() - began))) {
                throw new TooSlowException();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
