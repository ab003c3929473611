package com.deftchill.server.people;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * Somebody at work in a kitchen; kept in their session.
 *
 * @param account whose it is
 * @param called what others read
 * @param kitchen id of the kitchen they work in now
 * @param role there
 */
public record Member(UUID account, String called, String kitchen, Role role) implements Principal, Serializable {
    @Override
    public String getName() {
        return account.toString();
    }
}
