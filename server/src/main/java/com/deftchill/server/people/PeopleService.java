package com.deftchill.server.people;

import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.tenancy.Kitchens;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Who works in this kitchen, who is invited, who changed what. */
@Service
class PeopleService {
    private static final Duration OPEN_FOR = Duration.ofDays(7);
    private static final Pattern OF_FORMULA = Pattern.compile("^/api/(?:formulas|book)/([0-9a-f-]{36})");
    private static final int MOST_DEEDS = 200;
    private static final int LONGEST_OF = 200;
    private static final Duration ONE_DEED = Duration.ofMinutes(10);

    private final AccountRepository accounts;
    private final MembershipRepository memberships;
    private final KitchenNameRepository kitchens;
    private final InvitationRepository invitations;
    private final Sessions sessions;
    private final JdbcClient jdbc;
    private final Clock clock;

    PeopleService(
            AccountRepository accounts,
            MembershipRepository memberships,
            KitchenNameRepository kitchens,
            InvitationRepository invitations,
            Sessions sessions,
            JdbcClient jdbc,
            Clock clock) {
        this.accounts = accounts;
        this.memberships = memberships;
        this.kitchens = kitchens;
        this.invitations = invitations;
        this.sessions = sessions;
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Somebody of this kitchen. */
    record Person(UUID id, String name, Role role, Instant since) {}

    /** Somebody who was invited and did not come yet. */
    record Waiting(UUID id, Role role, String by, Instant until) {}

    /** A link's secret: shown once, kept by nobody. */
    record NewInvitation(String secret, Instant until) {}

    @Transactional(readOnly = true)
    public List<Person> people() {
        return memberships.findByKitchenOrderBySince(Kitchens.current()).stream()
                .map(m -> new Person(
                        m.getAccountId(),
                        accounts.findById(m.getAccountId())
                                .map(AccountEntity::getName)
                                .orElse(""),
                        m.getRole(),
                        m.getSince()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Waiting> waiting() {
        return invitations
                .findByKitchenAndUsedAtIsNullAndUntilAfterOrderByMadeAt(Kitchens.current(), clock.instant())
                .stream()
                .map(i -> new Waiting(i.getId(), i.getRole(), i.getInvitedBy(), i.getUntil()))
                .toList();
    }

    @Transactional
    public NewInvitation invite(Role role, String by) {
        var secret = Secrets.draw();
        var now = clock.instant();
        var until = now.plus(OPEN_FOR);
        invitations.save(new InvitationEntity(Kitchens.current(), role, Secrets.hash(secret), by, now, until));
        return new NewInvitation(secret, until);
    }

    @Transactional
    public void withdraw(UUID invitation) {
        if (invitations.deleteByIdAndKitchen(invitation, Kitchens.current()) == 0) {
            throw new NotFoundException("Invitation", invitation);
        }
    }

    /** Another role, which counts from the next request on. */
    @Transactional
    public void changeRole(UUID account, Role role) {
        var membership = membership(account);
        if (role != Role.HEAD) {
            keepAHead(account);
        }
        membership.setRole(role);
    }

    /** Somebody leaves; what they made stays. */
    @Transactional
    public void remove(UUID account) {
        var membership = membership(account);
        keepAHead(account);
        memberships.delete(membership);
        sessions.endAllIn(account, Kitchens.current());
    }

    private MembershipEntity membership(UUID account) {
        return memberships
                .findByKitchenAndAccountId(Kitchens.current(), account)
                .orElseThrow(() -> new NotFoundException("Person", account));
    }

    /** A kitchen without a head could let nobody in any more; two heads who let each other go at once wait for each other. */
    private void keepAHead(UUID without) {
        boolean another = memberships.findForChangeByKitchenOrderBySince(Kitchens.current()).stream()
                .anyMatch(m -> m.getRole() == Role.HEAD && !m.getAccountId().equals(without));
        if (!another) {
            throw SignInService.refused("role", "", "people.last-head");
        }
    }

    @Transactional
    public void rename(String name) {
        if (name.isBlank()) {
            throw SignInService.refused("name", name, "people.name");
        }
        kitchens.findById(Kitchens.current()).orElseThrow().setName(name.strip());
    }

    /**
     * Something that was changed.
     *
     * @param of address of the API
     * @param name of the formula there
     */
    record Deed(Instant at, String by, String what, String of, Optional<String> name) {}

    @Transactional(readOnly = true)
    public List<Deed> deeds() {
        var names = new HashMap<String, String>();
        return jdbc
                .sql("select done_at, done_by, what, of_what from deed where kitchen = ? order by done_at desc, id desc"
                        + " limit " + MOST_DEEDS)
                .param(Kitchens.current())
                .query((row, n) -> new Deed(
                        row.getObject(1, LocalDateTime.class).toInstant(ZoneOffset.UTC),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        Optional.empty()))
                .list()
                .stream()
                .map(deed -> new Deed(deed.at(), deed.by(), deed.what(), deed.of(), name(deed.of(), names)))
                .toList();
    }

    private Optional<String> name(String of, Map<String, String> known) {
        var matcher = OF_FORMULA.matcher(of);
        return matcher.find()
                ? Optional.of(known.computeIfAbsent(matcher.group(1), this::formulaName))
                        .filter(name -> !name.isEmpty())
                : Optional.empty();
    }

    private String formulaName(String id) {
        return jdbc.sql("select name from formula where kitchen = ? and id = ?")
                .params(Kitchens.current(), id)
                .query(String.class)
                .optional()
                .orElse("");
    }

    /**
     * Notes something that was changed; what somebody does again and again is one deed for some minutes. Of what
     * others note at the same moment nothing is waited for.
     */
    @Transactional(isolation = Isolation.READ_COMMITTED)
    public void done(String by, String what, String of) {
        var now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        var shortened = of.substring(0, Math.min(LONGEST_OF, of.length()));
        int again = jdbc.sql(
                        "update deed set done_at = ? where kitchen = ? and done_at > ? and done_by = ? and what = ?"
                                + " and of_what = ?")
                .params(now, Kitchens.current(), now.minus(ONE_DEED), by, what, shortened)
                .update();
        if (again == 0) {
            jdbc.sql("insert into deed (kitchen, done_by, done_at, what, of_what) values (?, ?, ?, ?, ?)")
                    .params(Kitchens.current(), by, now, what, shortened)
                    .update();
        }
    }
}
