package com.deftchill.server.people;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.problem.ProblemWriter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.AbstractSet;
import java.util.HashSet;
import java.util.Iterator;
import java.util.Set;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationFilter;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;

/** Signing in by passkey: the ceremony is Spring Security's, whom it lets in and how long is ours. */
@Configuration
class PasskeyConfiguration {
    private final PeopleSettings settings;
    private final DeftChillSettings served;
    private volatile int port;

    PasskeyConfiguration(PeopleSettings settings, DeftChillSettings served) {
        this.settings = settings;
        this.served = served;
    }

    @EventListener
    void listening(WebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    /** A browser binds a passkey to the host's name and says from which origin it is used. */
    @Bean
    WebAuthnRelyingPartyOperations relyingParty(Passkeys passkeys) {
        var party = PublicKeyCredentialRpEntity.builder()
                .id(settings.passkeyHost())
                .name("Deft Chill")
                .build();
        return new Webauthn4JRelyingPartyOperations(passkeys, passkeys, party, new Origins());
    }

    /** Those that were configured, else this machine's own; the port is known when it listens. */
    private final class Origins extends AbstractSet<String> {
        private Set<String> now() {
            if (!settings.origins().isEmpty()) {
                return Set.copyOf(settings.origins());
            }
            var origins = new HashSet<String>();
            served.hosts().forEach(host -> origins.add("http://" + host + ":" + port));
            return origins;
        }

        @Override
        public Iterator<String> iterator() {
            return now().iterator();
        }

        @Override
        public int size() {
            return now().size();
        }
    }

    /** Asked for once a passkey was found right: what somebody may do is their membership's. */
    @Bean
    UserDetailsService whoever() {
        return name ->
                User.withUsername(name).password("").authorities("PASSKEY").build();
    }

    /** Puts our own session in place of the one that the ceremony would begin. */
    @Bean
    ObjectPostProcessor<WebAuthnAuthenticationFilter> letIn(SignInService signIn, Door door, ProblemWriter problems) {
        return new ObjectPostProcessor<>() {
            @Override
            public <O extends WebAuthnAuthenticationFilter> O postProcess(O filter) {
                filter.setAuthenticationSuccessHandler(
                        (request, response, of) -> let(of, request, response, signIn, door, problems));
                filter.setAuthenticationFailureHandler((request, response, e) -> refuse(response, problems));
                return filter;
            }
        };
    }

    private void let(
            Authentication of,
            HttpServletRequest request,
            HttpServletResponse response,
            SignInService signIn,
            Door door,
            ProblemWriter problems)
            throws IOException {
        var user = (PublicKeyCredentialUserEntity) of.getPrincipal();
        var member = signIn.byPasskey(Passkeys.account(user.getId()));
        if (member.isEmpty()) {
            door.end(request);
            refuse(response, problems);
        } else {
            door.let(member.get(), settings.session(), request, response);
            response.setStatus(HttpStatus.NO_CONTENT.value());
        }
    }

    private static void refuse(HttpServletResponse response, ProblemWriter problems) throws IOException {
        problems.write(
                response, HttpStatus.UNAUTHORIZED, "not-let-in", "Not signed in", "this passkey is of nobody here");
    }
}
