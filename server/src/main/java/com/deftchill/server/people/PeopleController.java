package com.deftchill.server.people;

import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.TooManyTriesException;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

/** Who works in this kitchen. */
@RestController
@RequestMapping("/api")
@Tag(name = "People")
class PeopleController {
    private final PeopleService people;
    private final SignInService signIn;
    private final Door door;
    private final Tries tries;
    private final PeopleSettings settings;

    PeopleController(PeopleService people, SignInService signIn, Door door, Tries tries, PeopleSettings settings) {
        this.people = people;
        this.signIn = signIn;
        this.door = door;
        this.tries = tries;
        this.settings = settings;
    }

    record PersonView(UUID id, String name, Role role, Instant since, boolean me) {}

    record WaitingView(UUID id, Role role, String by, Instant until) {}

    record PeopleView(List<PersonView> people, List<WaitingView> invited) {}

    @GetMapping("/people")
    @Operation(operationId = "people", summary = "Who works in this kitchen, and who is invited")
    PeopleView people() {
        var me = Visitor.member().map(Member::account);
        return new PeopleView(
                people.people().stream()
                        .map(p -> new PersonView(
                                p.id(),
                                p.name(),
                                p.role(),
                                p.since(),
                                me.filter(p.id()::equals).isPresent()))
                        .toList(),
                people.waiting().stream()
                        .map(w -> new WaitingView(w.id(), w.role(), w.by(), w.until()))
                        .toList());
    }

    /** A role to give. */
    record RoleGiven(
            @NotNull(message = "must be HEAD, COOK or GUEST")
            Role role) {}

    @PutMapping("/people/{id}")
    @Operation(operationId = "changeRole", summary = "Give somebody another role; they sign in anew")
    PeopleView changeRole(@PathVariable UUID id, @Valid @RequestBody RoleGiven given) {
        people.changeRole(id, given.role());
        return people();
    }

    @DeleteMapping("/people/{id}")
    @Operation(operationId = "removePerson", summary = "Somebody leaves this kitchen; what they made stays")
    PeopleView remove(@PathVariable UUID id) {
        people.remove(id);
        return people();
    }

    /** What the kitchen is called. */
    record KitchenName(
            @NotBlank(message = "is missing") @Size(max = 80, message = "must have at most 80 characters")
            String name) {}

    @PutMapping("/people/kitchen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "renameKitchen", summary = "Call the kitchen something else")
    void rename(@Valid @RequestBody KitchenName name) {
        people.rename(name.name());
    }

    /** The secret stands in the link {@code /invited/secret} and is shown this once. */
    record InvitationView(String secret, Instant until) {}

    @PostMapping("/people/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "invite", summary = "Make a link that lets one person in, within seven days")
    InvitationView invite(@Valid @RequestBody RoleGiven given) {
        var made = people.invite(given.role(), Visitor.member().orElseThrow().called());
        return new InvitationView(made.secret(), made.until());
    }

    @DeleteMapping("/people/invitations/{id}")
    @Operation(operationId = "withdrawInvitation", summary = "Make an invitation void")
    PeopleView withdraw(@PathVariable UUID id) {
        people.withdraw(id);
        return people();
    }

    /** What a link invites to. */
    record InvitedView(String kitchen, Role role, String by) {}

    @GetMapping("/invitations/{secret}")
    @Operation(operationId = "invited", summary = "What a link invites to; 404 where it was used or is too old")
    InvitedView invited(@PathVariable String secret) {
        return signIn.invited(secret)
                .map(i -> new InvitedView(i.kitchen(), i.role(), i.by()))
                .orElseThrow(() -> new NotFoundException("Invitation", "of this link"));
    }

    /** Name and password of a new account; absent for somebody who is signed in. */
    record Accepting(
            @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
            String name,

            @Schema(nullable = true) @Size(max = 200, message = "must have at most 200 characters")
            String password) {}

    @PostMapping("/invitations/{secret}/accepted")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "acceptInvitation", summary = "Follow an invitation; it counts once")
    void accept(
            @PathVariable String secret,
            @Valid @RequestBody Accepting accepting,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!tries.another(request.getRemoteAddr(), "")) {
            throw new TooManyTriesException();
        }
        var already = Visitor.member();
        var member = signIn.accept(
                secret,
                already,
                accepting.name() == null ? "" : accepting.name(),
                accepting.password() == null ? "" : accepting.password());
        tries.gotIn(request.getRemoteAddr(), "");
        if (already.isPresent()) {
            door.put(member, request, response);
        } else {
            door.let(member, settings.session(), request, response);
        }
    }

    /** Something that was changed: which operation of the API, at which address, and what the formula there is called. */
    record DeedView(Instant at, String by, String what, String of, Optional<String> name) {}

    record DeedList(List<DeedView> deeds) {}

    @GetMapping("/people/deeds")
    @Operation(operationId = "deeds", summary = "Who changed what lately, newest first")
    DeedList deeds() {
        return new DeedList(people.deeds().stream()
                .map(d -> new DeedView(d.at(), d.by(), d.what(), d.of(), d.name()))
                .toList());
    }
}
