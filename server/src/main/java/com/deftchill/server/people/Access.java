package com.deftchill.server.people;

import com.deftchill.server.address.Address;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.http.HttpMethod;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * What each role may do, in one list: the first line that fits counts. What is not listed is read by everybody of the kitchen and
 * written by nobody but its head, so that a new endpoint is closed until it is thought of. Only what stands here as everybody's is
 * open to whoever has not signed in.
 */
public final class Access {
    /** Any method that writes. */
    private static final HttpMethod WRITING = null;

    /** @param role null: whoever asks, signed in or not */
    private record Rule(HttpMethod method, PathPattern path, Role role) {}

    private static final List<Rule> RULES = List.of(
            // The door itself.
            rule(HttpMethod.GET, "/api/session", null),
            rule(HttpMethod.POST, "/api/session", null),
            rule(HttpMethod.POST, "/api/session/key", null),
            rule(HttpMethod.GET, "/api/invitations/{secret}", null),
            rule(HttpMethod.POST, "/api/invitations/{secret}/accepted", null),
            rule(HttpMethod.GET, "/api/schemas/**", null),
            // Signing in by passkey; to get another one, one has signed in.
            rule(HttpMethod.POST, "/webauthn/authenticate/options", null),
            rule(HttpMethod.POST, "/login/webauthn", null),
            rule(WRITING, "/webauthn/register/**", Role.GUEST),
            // Whether it is alive and ready; figures for operators are told to their machine alone, see
            // SecurityConfiguration.
            rule(HttpMethod.GET, "/actuator/health/**", null),
            rule(HttpMethod.GET, "/actuator/prometheus", null),
            // One's own session, account and kitchens.
            rule(WRITING, "/api/session/**", Role.GUEST),
            rule(WRITING, "/api/account/**", Role.GUEST),
            // Who works here is the head's to see, and what they did.
            rule(HttpMethod.GET, "/api/people/**", Role.HEAD),
            // All of a kitchen at once leaves it by its head's hand alone.
            rule(HttpMethod.GET, "/api/kitchen/archive.zip", Role.HEAD),
            // Computed and stored nowhere.
            rule(HttpMethod.POST, "/api/assessments", Role.GUEST),
            rule(HttpMethod.POST, "/api/chills/**", Role.GUEST),
            rule(HttpMethod.POST, "/api/comparisons", Role.GUEST),
            rule(HttpMethod.POST, "/api/documents/lifted", Role.GUEST),
            rule(HttpMethod.POST, "/api/larder/own/preview", Role.GUEST),
            rule(HttpMethod.POST, "/api/learning/comparisons", Role.GUEST),
            rule(HttpMethod.POST, "/api/learning/proposals", Role.GUEST),
            rule(HttpMethod.POST, "/api/new-desserts", Role.GUEST),
            rule(HttpMethod.POST, "/api/pasted-lists", Role.GUEST),
            rule(HttpMethod.POST, "/api/plan-answers", Role.GUEST),
            rule(HttpMethod.POST, "/api/plan-checks", Role.GUEST),
            rule(HttpMethod.POST, "/api/plan-conflicts", Role.GUEST),
            rule(HttpMethod.POST, "/api/read-recipes", Role.GUEST),
            rule(HttpMethod.POST, "/api/rescue", Role.GUEST),
            rule(HttpMethod.POST, "/api/scalings", Role.GUEST),
            rule(HttpMethod.POST, "/api/split-batches", Role.GUEST),
            rule(HttpMethod.POST, "/api/sums/*", Role.GUEST),
            rule(HttpMethod.POST, "/api/swaps", Role.GUEST),
            rule(HttpMethod.POST, "/api/variants", Role.GUEST),
            rule(HttpMethod.POST, "/api/log/batches/{id}/probe-log", Role.GUEST),
            rule(HttpMethod.POST, "/api/formulas/{id}/opened", Role.GUEST),
            // Making, planning, logging.
            rule(WRITING, "/api/plans/**", Role.COOK),
            rule(WRITING, "/api/makings/**", Role.COOK),
            rule(WRITING, "/api/instruments/**", Role.COOK),
            rule(WRITING, "/api/log/**", Role.COOK),
            rule(WRITING, "/api/photos/**", Role.COOK),
            rule(WRITING, "/api/formulas/{id}/batches/**", Role.COOK),
            rule(HttpMethod.POST, "/api/ladders", Role.COOK),
            rule(HttpMethod.PUT, "/api/ladders/{id}/scores", Role.COOK),
            rule(HttpMethod.POST, "/api/ladders/{id}/shown", Role.COOK),
            rule(HttpMethod.PUT, "/api/learning/using", Role.COOK),
            rule(HttpMethod.PUT, "/api/book/{id}/tags", Role.COOK));

    private Access() {}

    private static Rule rule(HttpMethod method, String path, Role role) {
        return new Rule(method, PathPatternParser.defaultInstance.parse(path), role);
    }

    /** What is under none of these is a page or a file of it: the same for all, read only. */
    private static final Set<String> NO_PAGES = Set.of("api", "v3", "actuator", "webauthn", "login", "error");

    /** Who may ask this; empty: anybody, signed in or not. */
    public static Optional<Role> needed(String method, Address address) {
        boolean reads = method.equals("GET") || method.equals("HEAD") || method.equals("OPTIONS");
        for (var rule : RULES) {
            boolean fits = rule.method() == WRITING
                    ? !reads
                    : rule.method().name().equals(method.equals("HEAD") ? "GET" : method);
            if (fits && rule.path().matches(address.path())) {
                return Optional.ofNullable(rule.role());
            }
        }
        if (reads && !NO_PAGES.contains(address.first())) {
            return Optional.empty();
        }
        return Optional.of(reads ? Role.GUEST : Role.HEAD);
    }

    /**
     * Whether somebody may ask this.
     *
     * @param has their role, asked for only where it matters; empty: somebody who has not signed in
     */
    public static boolean allows(Supplier<Optional<Role>> has, String method, Address address) {
        return needed(method, address)
                .map(needed ->
                        has.get().filter(role -> role.compareTo(needed) <= 0).isPresent())
                .orElse(true);
    }
}
