package com.deftchill.server.people;

import com.deftchill.server.problem.NotLetInException;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Passkeys of our accounts, as Spring Security asks for them: an account's id is the user's handle. */
@Component
class Passkeys implements PublicKeyCredentialUserEntityRepository, UserCredentialRepository {
    private static final int UUID_BYTES = 16;

    private final AccountRepository accounts;
    private final UserCredentialRepository stored;
    private final TransactionTemplate transactions;

    Passkeys(AccountRepository accounts, JdbcOperations jdbc, TransactionTemplate transactions) {
        this.accounts = accounts;
        this.stored = new JdbcUserCredentialRepository(jdbc);
        this.transactions = transactions;
    }

    static Bytes handle(UUID account) {
        return new Bytes(ByteBuffer.allocate(UUID_BYTES)
                .putLong(account.getMostSignificantBits())
                .putLong(account.getLeastSignificantBits())
                .array());
    }

    static UUID account(Bytes handle) {
        var bytes = ByteBuffer.wrap(handle.getBytes());
        if (bytes.remaining() != UUID_BYTES) {
            throw new NotLetInException("this passkey is of nobody here");
        }
        return new UUID(bytes.getLong(), bytes.getLong());
    }

    @Override
    public PublicKeyCredentialUserEntity findById(Bytes id) {
        return accounts.findById(account(id)).map(Passkeys::entity).orElse(null);
    }

    /** @param username name of the session's member: the account's id */
    @Override
    public PublicKeyCredentialUserEntity findByUsername(String username) {
        return accounts.findById(UUID.fromString(username))
                .map(Passkeys::entity)
                .orElse(null);
    }

    private static PublicKeyCredentialUserEntity entity(AccountEntity account) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle(account.getId()))
                .name(account.getName())
                .displayName(account.getName())
                .build();
    }

    /** Accounts are made by invitation, not here. */
    @Override
    public void save(PublicKeyCredentialUserEntity entity) {
        throw new UnsupportedOperationException("an account is made by following an invitation");
    }

    /** What a passkey adds: the name that its authenticator shows is the cook's, the label the cook's own. */
    @Override
    public void save(CredentialRecord passkey) {
        transactions.executeWithoutResult(status -> stored.save(passkey));
    }

    @Override
    public void delete(Bytes id) {
        transactions.executeWithoutResult(status -> stored.delete(id));
    }

    @Override
    public CredentialRecord findByCredentialId(Bytes id) {
        return transactions.execute(status -> stored.findByCredentialId(id));
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes user) {
        return transactions.execute(status -> stored.findByUserId(user));
    }

    /** Somebody's own passkey; empty where it is another's. */
    Optional<CredentialRecord> own(UUID account, String id) {
        return findByUserId(handle(account)).stream()
                .filter(passkey -> passkey.getCredentialId().toBase64UrlString().equals(id))
                .findFirst();
    }
}
