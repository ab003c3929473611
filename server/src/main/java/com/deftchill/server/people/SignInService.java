package com.deftchill.server.people;

import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.tenancy.Kitchens;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.function.SingletonSupplier;

/** Lets people in: by password, by the key that ./start prints, by an invitation. */
@Service
class SignInService {
    /** Short passwords are guessed, long ones are remembered (NIST SP 800-63B, 5.1.1.2; ASVS 2.1.1). */
    static final int SHORTEST = 12;
    /** What may be hashed at once (ASVS 2.1.2). */
    static final int LONGEST = 128;

    private static final int MEASURED = 64;
    /** More than a hundred million guesses (zxcvbn's score; ASVS 2.1.7). */
    private static final int HARD_ENOUGH = 3;

    /** Who sits at the machine that Deft Chill runs on. */
    private static final String OF_THE_MACHINE = "Head of the kitchen";

    private final AccountRepository accounts;
    private final MembershipRepository memberships;
    private final KitchenNameRepository kitchens;
    private final InvitationRepository invitations;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;
    private final JdbcClient jdbc;
    private final Clock clock;
    private final PeopleSettings settings;
    private final SingletonSupplier<String> nobodys;

    SignInService(
            AccountRepository accounts,
            MembershipRepository memberships,
            KitchenNameRepository kitchens,
            InvitationRepository invitations,
            PasswordEncoder passwords,
            TransactionTemplate transactions,
            JdbcClient jdbc,
            Clock clock,
            PeopleSettings settings) {
        this.accounts = accounts;
        this.memberships = memberships;
        this.kitchens = kitchens;
        this.invitations = invitations;
        this.passwords = passwords;
        this.transactions = transactions;
        this.jdbc = jdbc;
        this.clock = clock;
        this.settings = settings;
        nobodys = SingletonSupplier.of(() -> passwords.encode(Secrets.draw()));
    }

    /** Tries it out after a start with a name that nobody has, so that the first to sign in waits no longer than others. */
    @EventListener(ApplicationReadyEvent.class)
    void rehearse() {
        CompletableFuture.runAsync(() -> byPassword("", Secrets.draw()));
    }

    /** Empty where name and password do not belong together; it takes as long whether the name is known or not. */
    public Optional<Member> byPassword(String name, String password) {
        // The first to ask waits for this one too, whoever it is.
        var nobodysHash = nobodys.obtain();
        var account = accounts.findByNameFolded(AccountEntity.folded(name));
        var hash = account.map(AccountEntity::getPasswordHash).orElse(nobodysHash);
        boolean right = passwords.matches(password.substring(0, Math.min(LONGEST, password.length())), hash);
        return account.filter(a -> right).flatMap(this::firstOf);
    }

    /** Somebody whose passkey was found right; empty where they work in no kitchen any more. */
    @Transactional(readOnly = true)
    public Optional<Member> byPasskey(UUID account) {
        return accounts.findById(account).flatMap(this::firstOf);
    }

    /** The key counts once, for the kitchen that the installation began with. */
    @Transactional
    public Optional<Member> byKey(String key) {
        int used = jdbc.sql("delete from entrance_key where hash = ?")
                .param(Secrets.hash(key))
                .update();
        if (used == 0) {
            return Optional.empty();
        }
        var account = memberships.findByKitchenOrderBySince(Kitchens.FIRST).stream()
                .filter(m -> m.getRole() == Role.HEAD)
                .findFirst()
                .flatMap(m -> accounts.findById(m.getAccountId()))
                .orElseGet(this::ofTheMachine);
        return member(account, Kitchens.FIRST);
    }

    private AccountEntity ofTheMachine() {
        var account = accounts.save(new AccountEntity(OF_THE_MACHINE, null, clock.instant()));
        memberships.save(new MembershipEntity(account.getId(), Kitchens.FIRST, Role.HEAD, clock.instant()));
        return account;
    }

    /** What a link invites to; empty where it is none, was used or is too old. */
    @Transactional(readOnly = true)
    public Optional<Invited> invited(String secret) {
        return invitations
                .findByHash(Secrets.hash(secret))
                .filter(invitation -> invitation.isOpen(clock.instant()))
                .map(invitation -> new Invited(
                        kitchenName(invitation.getKitchen()), invitation.getRole(), invitation.getInvitedBy()));
    }

    record Invited(String kitchen, Role role, String by) {}

    /**
     * Somebody follows an invitation: with an account of their own, or with a new one.
     *
     * @param already who they are where they have signed in
     */
    public Member accept(String secret, Optional<Member> already, String name, String password) {
        if (invited(secret).isEmpty()) {
            throw new NotFoundException("Invitation", "of this link");
        }
        // Hashed before the transaction begins: it takes long on purpose.
        var fresh = already.isPresent() ? Optional.<AccountEntity>empty() : Optional.of(newAccount(name, password));
        return transactions.execute(status -> accept(secret, already, fresh));
    }

    private Member accept(String secret, Optional<Member> already, Optional<AccountEntity> fresh) {
        var invitation = invitations
                .findForUseByHash(Secrets.hash(secret))
                .filter(open -> open.isOpen(clock.instant()))
                .orElseThrow(() -> new NotFoundException("Invitation", "of this link"));
        var account = already.flatMap(member -> accounts.findById(member.account()))
                .orElseGet(() -> accounts.saveAndFlush(fresh.orElseThrow()));
        memberships
                .findByKitchenAndAccountId(invitation.getKitchen(), account.getId())
                .ifPresentOrElse(
                        known -> {},
                        () -> memberships.save(new MembershipEntity(
                                account.getId(), invitation.getKitchen(), invitation.getRole(), clock.instant())));
        invitation.use(clock.instant());
        return member(account, invitation.getKitchen()).orElseThrow();
    }

    private AccountEntity newAccount(String name, String password) {
        checkName(name, null);
        checkPassword(password, name);
        return new AccountEntity(name, passwords.encode(password), clock.instant());
    }

    /** Another name or another password of one's own. */
    public Member change(Member member, String name, Optional<String> password) {
        password.ifPresent(chosen -> checkPassword(chosen, name));
        var hash = password.map(passwords::encode);
        return transactions.execute(status -> changed(member, name, hash));
    }

    private Member changed(Member member, String name, Optional<String> hash) {
        var account = accounts.findById(member.account()).orElseThrow();
        checkName(name, account.getId());
        account.rename(name);
        hash.ifPresent(account::setPasswordHash);
        return new Member(account.getId(), account.getName(), member.kitchen(), member.role());
    }

    private void checkName(String name, UUID own) {
        if (name.isBlank()) {
            throw refused("name", name, "people.name");
        }
        accounts.findByNameFolded(AccountEntity.folded(name))
                .filter(other -> !other.getId().equals(own))
                .ifPresent(other -> {
                    throw refused("name", name, "people.name-taken");
                });
    }

    private static void checkPassword(String password, String name) {
        if (password.length() < SHORTEST || password.length() > LONGEST) {
            throw refused("password", "", "people.password");
        }
        // Of a long one the beginning tells: what is guessed early is guessed by it.
        var told = password.substring(0, Math.min(MEASURED, password.length()));
        if (new Zxcvbn().measure(told, List.of(name, "deft chill")).getScore() < HARD_ENOUGH) {
            throw refused("password", "", "people.password-guessed");
        }
    }

    /** The same person at work in another of their kitchens; empty where it is none of theirs. */
    @Transactional(readOnly = true)
    public Optional<Member> in(Member member, String kitchen) {
        return accounts.findById(member.account()).flatMap(account -> member(account, kitchen));
    }

    @Transactional(readOnly = true)
    public List<Place> placesOf(UUID account) {
        return memberships.findByAccountIdOrderBySince(account).stream()
                .map(m -> new Place(m.getKitchen(), kitchenName(m.getKitchen()), m.getRole()))
                .toList();
    }

    /** A kitchen that somebody works in. */
    record Place(String id, String name, Role role) {}

    /** Whether somebody signs in by password: without, whoever loses the key's session asks ./start for another. */
    @Transactional(readOnly = true)
    public boolean hasPassword(UUID account) {
        return accounts.findById(account).map(AccountEntity::getPasswordHash).isPresent();
    }

    /** A kitchen of one's own, with nothing in it but its head. */
    @Transactional
    public Member open(Member member, String name) {
        if (name.isBlank()) {
            throw refused("name", name, "people.name");
        }
        if (memberships.countByAccountIdAndRole(member.account(), Role.HEAD) >= settings.kitchens()) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "field-invalid",
                    "/name",
                    "name",
                    name,
                    Problem.rule("people.kitchens").with("most", Argument.figure(settings.kitchens(), 0)))));
        }
        var kitchen = kitchens.save(new KitchenNameEntity(UUID.randomUUID().toString(), name.strip(), clock.instant()));
        memberships.save(new MembershipEntity(member.account(), kitchen.getId(), Role.HEAD, clock.instant()));
        return new Member(member.account(), member.called(), kitchen.getId(), Role.HEAD);
    }

    private Optional<Member> firstOf(AccountEntity account) {
        return memberships.findByAccountIdOrderBySince(account.getId()).stream()
                .findFirst()
                .flatMap(m -> member(account, m.getKitchen()));
    }

    private Optional<Member> member(AccountEntity account, String kitchen) {
        return memberships
                .findByKitchenAndAccountId(kitchen, account.getId())
                .map(m -> new Member(account.getId(), account.getName(), kitchen, m.getRole()));
    }

    private String kitchenName(String id) {
        return kitchens.findById(id).map(KitchenNameEntity::getName).orElse("");
    }

    static NotUnderstoodException refused(String field, String value, String rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("field-invalid", "/" + field, field, value, Problem.rule(rule))));
    }
}
