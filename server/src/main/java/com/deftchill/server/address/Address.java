package com.deftchill.server.address;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.server.PathContainer;
import org.springframework.http.server.PathContainer.PathSegment;
import org.springframework.http.server.RequestPath;

/**
 * The address of a request as the router reads it: parsed first, each part decoded after that and without what follows a semicolon.
 * Whoever decides by an address decides by this one; the raw one has as many spellings as it has letters.
 */
public final class Address {
    /** Everything that is asked and answered, rather than shown. */
    private static final String API = "api";

    private final PathContainer path;

    private Address(PathContainer path) {
        this.path = path;
    }

    public static Address of(HttpServletRequest request) {
        return new Address(RequestPath.parse(request.getRequestURI(), request.getContextPath())
                .pathWithinApplication());
    }

    /** @param path as it is written in a pattern or a link, such as {@code /api/formulas} */
    public static Address of(String path) {
        return new Address(PathContainer.parsePath(path));
    }

    /** What patterns of Spring's are held against. */
    public PathContainer path() {
        return path;
    }

    /** Its first part, decoded; empty for the root. */
    public String first() {
        return path.elements().stream()
                .filter(PathSegment.class::isInstance)
                .map(element -> ((PathSegment) element).valueToMatch())
                .findFirst()
                .orElse("");
    }

    public boolean isOfTheApi() {
        return first().equals(API);
    }

    /** Decoded, for patterns of one's own and for the log. */
    @Override
    public String toString() {
        var text = new StringBuilder();
        path.elements()
                .forEach(element ->
                        text.append(element instanceof PathSegment segment ? segment.valueToMatch() : element.value()));
        return text.toString();
    }
}
