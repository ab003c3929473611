package com.deftchill.server.people;

import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotLetInException;
import com.deftchill.server.problem.TooManyTriesException;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and who one is. */
@RestController
@RequestMapping("/api")
@Tag(name = "People")
class SessionController {
    private static final String LONG = "must have at most 200 characters";

    private final SignInService signIn;
    private final Sessions sessions;
    private final Door door;
    private final Tries tries;
    private final PeopleSettings settings;
    private final Passkeys passkeys;

    SessionController(
            SignInService signIn,
            Sessions sessions,
            Door door,
            Tries tries,
            PeopleSettings settings,
            Passkeys passkeys) {
        this.passkeys = passkeys;
        this.signIn = signIn;
        this.sessions = sessions;
        this.door = door;
        this.tries = tries;
        this.settings = settings;
    }

    /** A kitchen that one works in. */
    record PlaceView(String id, String name, Role role) {}

    /** Who is signed in, and where they work. */
    record WhoView(
            String name, String kitchen, String kitchenName, Role role, boolean password, List<PlaceView> kitchens) {}

    /** {@code who} is absent where nobody is signed in. */
    record SessionView(Optional<WhoView> who) {}

    @GetMapping("/session")
    @Operation(operationId = "whoAmI", summary = "Who is signed in")
    SessionView who() {
        return new SessionView(Visitor.member().map(this::view));
    }

    private WhoView view(Member member) {
        var places = signIn.placesOf(member.account());
        return new WhoView(
                member.called(),
                member.kitchen(),
                places.stream()
                        .filter(p -> p.id().equals(member.kitchen()))
                        .map(SignInService.Place::name)
                        .findFirst()
                        .orElse(""),
                member.role(),
                signIn.hasPassword(member.account()),
                places.stream()
                        .map(p -> new PlaceView(p.id(), p.name(), p.role()))
                        .toList());
    }

    /** Name and password. */
    record Credentials(
            @NotBlank(message = "is missing") @Size(max = 200, message = LONG)
            String name,

            @NotBlank(message = "is missing") @Size(max = 200, message = LONG)
            String password) {}

    @PostMapping("/session")
    @Operation(
            operationId = "signIn",
            summary = "Sign in by name and password",
            description = "401 where they do not belong together, 429 after too many tries from one address.")
    SessionView signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        var address = request.getRemoteAddr();
        if (!tries.another(address, credentials.name())) {
            throw new TooManyTriesException();
        }
        var member = signIn.byPassword(credentials.name(), credentials.password())
                .orElseThrow(() -> new NotLetInException("name and password do not belong together"));
        tries.gotIn(address, credentials.name());
        door.let(member, settings.session(), request, response);
        return who();
    }

    /** The key that ./start printed. */
    record Key(
            @NotBlank(message = "is missing") @Size(max = 200, message = LONG)
            String key) {}

    @PostMapping("/session/key")
    @Operation(operationId = "enterByKey", summary = "Come in by the key that ./start printed; it counts once")
    SessionView enter(@Valid @RequestBody Key key, HttpServletRequest request, HttpServletResponse response) {
        if (!tries.another(request.getRemoteAddr(), "")) {
            throw new TooManyTriesException();
        }
        var member = signIn.byKey(key.key().strip())
                .orElseThrow(() -> new NotLetInException("this key was used or is none: ./start prints a fresh one"));
        tries.gotIn(request.getRemoteAddr(), "");
        door.let(member, settings.machineSession(), request, response);
        return who();
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "signOut", summary = "Sign out")
    void signOut(HttpServletRequest request) {
        door.end(request);
    }

    /** Another of one's kitchens. */
    record Elsewhere(
            @NotBlank(message = "is missing: the kitchen's id")
            String kitchen) {}

    @PutMapping("/session/kitchen")
    @Operation(operationId = "workIn", summary = "Go on in another of one's kitchens")
    SessionView workIn(
            @Valid @RequestBody Elsewhere elsewhere, HttpServletRequest request, HttpServletResponse response) {
        var member = signIn.in(Visitor.member().orElseThrow(), elsewhere.kitchen())
                .orElseThrow(() -> new NotFoundException("Kitchen", elsewhere.kitchen()));
        door.put(member, request, response);
        return who();
    }

    /** A session of one's own. */
    record OpenSession(String id, String device, long since, long used, boolean here) {}

    record OpenSessions(List<OpenSession> sessions) {}

    @GetMapping("/session/all")
    @Operation(operationId = "mySessions", summary = "Where one is signed in; moments in s since 1970")
    OpenSessions mine(HttpServletRequest request) {
        var here = Secrets.hash(request.getSession().getId());
        return new OpenSessions(sessions.of(Visitor.member().orElseThrow().account()).stream()
                .map(one -> new OpenSession(
                        one.id(),
                        one.device(),
                        one.since().getEpochSecond(),
                        one.used().getEpochSecond(),
                        one.id().equals(here)))
                .toList());
    }

    @DeleteMapping("/session/all/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "endSession", summary = "End one of one's own sessions")
    void end(@PathVariable String id) {
        if (!sessions.end(Visitor.member().orElseThrow().account(), id)) {
            throw new NotFoundException("Session", id);
        }
    }

    /** Name, and a new password where one is wanted; with it go all other sessions. */
    record AccountChange(
            @NotNull(message = "is missing") @Size(max = 80, message = "must have at most 80 characters")
            String name,

            Optional<@Size(max = 200, message = LONG) String> password,
            Optional<@Size(max = 200, message = LONG) String> oldPassword) {
        AccountChange {
            password = password == null ? Optional.empty() : password;
            oldPassword = oldPassword == null ? Optional.empty() : oldPassword;
        }
    }

    @PutMapping("/account")
    @Operation(operationId = "changeAccount", summary = "Another name, or another password, of one's own")
    SessionView change(
            @Valid @RequestBody AccountChange change, HttpServletRequest request, HttpServletResponse response) {
        var member = Visitor.member().orElseThrow();
        if (change.password().isPresent() && signIn.hasPassword(member.account())) {
            if (!tries.another(request.getRemoteAddr(), member.called())) {
                throw new TooManyTriesException();
            }
            signIn.byPassword(member.called(), change.oldPassword().orElse(""))
                    .orElseThrow(() -> SignInService.refused("oldPassword", "", "people.old-password"));
        }
        var changed = signIn.change(member, change.name(), change.password());
        door.put(changed, request, response);
        if (change.password().isPresent()) {
            sessions.endOthers(member.account(), request.getSession().getId());
        }
        return who();
    }

    /** A passkey of one's own; moments in s since 1970. */
    record PasskeyView(String id, String label, long since, long used) {}

    record PasskeyList(List<PasskeyView> passkeys) {}

    @GetMapping("/account/passkeys")
    @Operation(
            operationId = "myPasskeys",
            summary = "One's own passkeys",
            description = "One is added by the ceremony at /webauthn/register, and signs in at /login/webauthn.")
    PasskeyList passkeys() {
        var me = Visitor.member().orElseThrow().account();
        return new PasskeyList(passkeys.findByUserId(Passkeys.handle(me)).stream()
                .map(one -> new PasskeyView(
                        one.getCredentialId().toBase64UrlString(),
                        one.getLabel(),
                        one.getCreated().getEpochSecond(),
                        one.getLastUsed().getEpochSecond()))
                .toList());
    }

    @DeleteMapping("/account/passkeys/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removePasskey", summary = "One of one's own passkeys signs in no more")
    void removePasskey(@PathVariable String id) {
        var passkey = passkeys.own(Visitor.member().orElseThrow().account(), id)
                .orElseThrow(() -> new NotFoundException("Passkey", id));
        passkeys.delete(passkey.getCredentialId());
    }

    /** A kitchen that is opened. */
    record NewKitchen(
            @NotBlank(message = "is missing: what it is called")
            @Size(max = 80, message = "must have at most 80 characters")
            String name) {}

    @PostMapping("/account/kitchens")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "openKitchen", summary = "Open a kitchen of one's own and go there")
    SessionView open(@Valid @RequestBody NewKitchen wanted, HttpServletRequest request, HttpServletResponse response) {
        door.put(signIn.open(Visitor.member().orElseThrow(), wanted.name()), request, response);
        return who();
    }
}
