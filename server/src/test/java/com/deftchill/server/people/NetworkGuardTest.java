package com.deftchill.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.Proxy;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

class NetworkGuardTest {
    private static NetworkGuard guard(String address, String certificate, boolean httpsBefore, boolean passwords) {
        var settings = new PeopleSettings(
                "deft-chill",
                Duration.ofDays(30),
                Duration.ofDays(365),
                8,
                60,
                20,
                64,
                "localhost",
                List.of(),
                httpsBefore);
        var accounts = (AccountRepository) Proxy.newProxyInstance(
                NetworkGuardTest.class.getClassLoader(),
                new Class<?>[] {AccountRepository.class},
                (proxy, method, arguments) -> {
                    assertThat(method.getName()).isEqualTo("existsByPasswordHashIsNotNull");
                    return passwords;
                });
        return new NetworkGuard(address, certificate, settings, accounts);
    }

    @Test
    void thisMachineIsServedAsItIs() {
        for (var address : new String[] {"127.0.0.1", "::1", "localhost"}) {
            assertThatCode(() -> guard(address, "", false, false).afterSingletonsInstantiated())
                    .doesNotThrowAnyException();
        }
    }

    @Test
    void aNetworkIsServedOverHttpsToWhoeverHasAPasswordOnly() {
        for (var address : new String[] {"0.0.0.0", "", "192.0.2.7"}) {
            assertThatThrownBy(() -> guard(address, "", false, true).afterSingletonsInstantiated())
                    .hasMessageContaining("over HTTPS only");
            assertThatThrownBy(() -> guard(address, "cert.pem", false, false).afterSingletonsInstantiated())
                    .hasMessageContaining("nobody has a password yet");
            assertThatCode(() -> guard(address, "cert.pem", false, true).afterSingletonsInstantiated())
                    .doesNotThrowAnyException();
            assertThatCode(() -> guard(address, "", true, true).afterSingletonsInstantiated())
                    .doesNotThrowAnyException();
        }
    }

    @Test
    void browsersAreNamedInTwoWords() {
        assertThat(
                        Devices.of(
                                "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0 Safari/537.36"))
                .isEqualTo("Chrome on Linux");
        assertThat(Devices.of("Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X) Version/17.0 Safari/604.1"))
                .isEqualTo("Safari on iPad");
        assertThat(Devices.of("Java-http-client/17")).isEqualTo("Java-http-client/17");
        assertThat(Devices.of(null)).isEmpty();
    }
}
