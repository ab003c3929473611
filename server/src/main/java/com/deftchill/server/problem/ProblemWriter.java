package com.deftchill.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes problem details where no controller is reached. */
@Component
public class ProblemWriter {
    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    /** Answers a request that a filter turns away. */
    public void write(HttpServletResponse response, HttpStatus status, String code, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(body(status, code, title, detail));
    }

    /** The same, where only this view of the response is at hand. */
    public void write(ServerHttpResponse response, HttpStatus status, String code, String title, String detail)
            throws IOException {
        response.setStatusCode(status);
        response.getHeaders().setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        response.getBody().write(body(status, code, title, detail));
    }

    private byte[] body(HttpStatus status, String code, String title, String detail) {
        return json.writeValueAsBytes(
                new ProblemResponse(code, title, status.value(), detail, List.of(), Optional.empty()));
    }
}
