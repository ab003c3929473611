package com.deftchill.server.problem;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.address.Address;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.util.FastByteArrayOutputStream;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives an answer of the API only when it is no larger than an answer may be. */
@Component
class AnswerLimitFilter extends OncePerRequestFilter {
    private final long limit;
    private final ProblemWriter problems;

    AnswerLimitFilter(DeftChillSettings settings, ProblemWriter problems) {
        limit = settings.maxAnswer().toBytes();
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        // What is kept as a file may be as large as it is.
        var address = Address.of(request);
        return !address.isOfTheApi() || address.toString().endsWith(".zip");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var kept = new Kept(response, limit);
        chain.doFilter(request, kept);
        if (kept.body.exceeded) {
            response.reset();
            problems.write(
                    response,
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "answer-too-large",
                    "Too much to answer",
                    "the answer would be larger than " + limit / 1024 + " kB: take fewer components or places");
        } else if (kept.body.bytes.size() > 0) {
            response.setContentLength(kept.body.bytes.size());
            kept.body.bytes.writeTo(response.getOutputStream());
        }
    }

    /** A response whose body is kept back. */
    private static final class Kept extends HttpServletResponseWrapper {
        private final Body body;

        Kept(HttpServletResponse response, long limit) {
            super(response);
            body = new Body(limit);
        }

        @Override
        public ServletOutputStream getOutputStream() {
            return body;
        }

        @Override
        public void flushBuffer() {
            // All of it goes out together, once it is known to be small enough.
        }

        @Override
        public void resetBuffer() {
            body.bytes.reset();
        }

        @Override
        public void reset() {
            super.reset();
            body.bytes.reset();
        }
    }

    private static final class Body extends ServletOutputStream {
        private final FastByteArrayOutputStream bytes = new FastByteArrayOutputStream(8192);
        private final long limit;
        private boolean exceeded;

        Body(long limit) {
            this.limit = limit;
        }

        @Override
        public void write(int value) throws IOException {
            write(new byte[] {(byte) value}, 0, 1);
        }

        @Override
        public void write(byte[] from, int offset, int length) throws IOException {
            exceeded |= bytes.size() + length > limit;
            if (!exceeded) {
                bytes.write(from, offset, length);
            }
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            throw new IllegalStateException("answers are not written bit by bit");
        }
    }
}
