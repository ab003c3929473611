package com.deftchill.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;

/** Secrets that stand in a link: drawn at random, and stored as their hash alone. They are long enough to need no slow hash. */
final class Secrets {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    static String draw() {
        var bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    /** SHA-256, in hexadecimal digits. */
    static String hash(String secret) {
        try {
            var digest = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
