package com.deftchill.server.workplace;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.parameters.Parameters;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Short names of what an answer was computed from: document, own entries of the larder, settings, constants of the models. Two
 * answers of one fingerprint are the same answer; where it differs, each part tells what has changed.
 */
@Component
public class Fingerprints {
    private static final int BYTES = 6;

    private final OwnLarderService own;
    private final KitchenService kitchens;
    private final Parameters parameters;
    private final KitchenNumbers numbers;
    private final JsonMapper json;

    Fingerprints(
            OwnLarderService own,
            KitchenService kitchens,
            Parameters parameters,
            KitchenNumbers numbers,
            JsonMapper json) {
        this.own = own;
        this.kitchens = kitchens;
        this.parameters = parameters;
        this.numbers = numbers;
        this.json = json;
    }

    /** Such as {@code d:1f0c...-l:...-s:...-p:...}. */
    public String of(WrittenFormula document) {
        return "d:" + hash(document) + "-" + rules();
    }

    /** Of all that a formula is computed by: larder, settings, parameters and models. */
    public String rules() {
        var learnt = numbers.fingerprint();
        return "l:"
                + hash(own.list().stream().map(OwnLarderService.Stored::entry).toList()) + "-s:"
                + hash(kitchens.settings().settings()) + "-p:" + parameters.fingerprint()
                + (learnt.isEmpty() ? "" : "-k:" + learnt);
    }

    private String hash(Object value) {
        try {
            var digest = MessageDigest.getInstance("SHA-256").digest(json.writeValueAsBytes(value));
            return HexFormat.of().formatHex(digest, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
