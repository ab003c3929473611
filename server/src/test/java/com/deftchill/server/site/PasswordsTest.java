package com.deftchill.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.people.PeopleSettings;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.context.properties.bind.Binder;
import org.springframework.boot.context.properties.source.MapConfigurationPropertySource;

/** How passwords are hashed where nobody sets anything: other tests hash them faster. */
class PasswordsTest {
    private static final PeopleSettings SHIPPED = new Binder(new MapConfigurationPropertySource(Map.of()))
            .bindOrCreate("deftchill.people", PeopleSettings.class);

    @Test
    void theyAreHashedAsSlowlyAsOwaspAsksForAtLeast() {
        var passwords = new SecurityConfiguration().passwords(SHIPPED);

        var hash = passwords.encode("a pear and a bay leaf");

        assertThat(hash).startsWith("$argon2id$v=19$m=19456,t=2,p=1$");
        assertThat(passwords.matches("a pear and a bay leaf", hash)).isTrue();
        assertThat(passwords.matches("a pear and a bay leaf ", hash)).isFalse();
    }
}
