package com.deftchill.server.problem;

import com.deftchill.server.DeftChillSettings;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a request body once it is larger than any document. */
@Component
class BodyLimitFilter extends OncePerRequestFilter {
    private final long limit;

    BodyLimitFilter(DeftChillSettings settings) {
        this.limit = settings.maxDocument().toBytes();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(
                new HttpServletRequestWrapper(request) {
                    @Override
                    public ServletInputStream getInputStream() throws IOException {
                        return new Limited(super.getInputStream(), limit);
                    }
                },
                response);
    }

    private static final class Limited extends ServletInputStream {
        private final ServletInputStream in;
        private long left;

        Limited(ServletInputStream in, long limit) {
            this.in = in;
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
                throw new TooLargeException();
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
