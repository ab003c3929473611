package com.deftchill.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where the server itself turns a request away: a problem like all others, and nothing of how it is built. */
@Hidden
@Controller
class ErrorPage implements ErrorController {
    private final ProblemWriter problems;

    ErrorPage(ProblemWriter problems) {
        this.problems = problems;
    }

    @RequestMapping("/error")
    void tell(HttpServletRequest request, HttpServletResponse response) throws IOException {
        var given = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        // Whoever asks for this address itself finds nothing at it.
        var known = given instanceof Integer code ? HttpStatus.resolve(code) : null;
        var status = known == null ? HttpStatus.NOT_FOUND : known;
        problems.write(response, status, "request-refused", status.getReasonPhrase(), "");
    }
}
