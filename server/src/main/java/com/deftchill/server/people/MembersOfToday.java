package com.deftchill.server.people;

import com.deftchill.server.database.Away;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/**
 * A session says who somebody is and which kitchen they went into; what they may do there is asked at every request, so that another
 * role or leaving counts at once, also for a session that is only just beginning. While the database is away, they are who they were.
 */
@Component
class MembersOfToday implements SecurityContextRepository {
    private final SecurityContextRepository sessions = new HttpSessionSecurityContextRepository();
    private final JdbcClient jdbc;

    MembersOfToday(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        var stored = sessions.loadDeferredContext(request);
        return new DeferredSecurityContext() {
            private SecurityContext asOfNow;

            @Override
            public SecurityContext get() {
                if (asOfNow == null) {
                    asOfNow = asOfNow(stored.get());
                }
                return asOfNow;
            }

            @Override
            public boolean isGenerated() {
                return stored.isGenerated();
            }
        };
    }

    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return loadDeferredContext(holder.getRequest()).get();
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        sessions.saveContext(context, request, response);
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return sessions.containsContext(request);
    }

    private SecurityContext asOfNow(SecurityContext stored) {
        if (!(Optional.ofNullable(stored.getAuthentication())
                        .map(Authentication::getPrincipal)
                        .orElse(null)
                instanceof Member member)) {
            return stored;
        }
        try {
            return asOfNow(member)
                    .map(now -> now.equals(member) ? stored : context(now))
                    .orElseGet(SecurityContextHolder::createEmptyContext);
        } catch (DataAccessException e) {
            if (Away.isAway(e)) {
                return stored;
            }
            throw e;
        }
    }

    /** Empty where they have left. */
    private Optional<Member> asOfNow(Member member) {
        return jdbc.sql("""
                        select account.name, membership.role
                        from membership join account on account.id = membership.account_id
                        where membership.kitchen = ? and membership.account_id = ?
                        """)
                .params(member.kitchen(), member.account().toString())
                .query((row, number) -> new Member(
                        member.account(), row.getString("name"), member.kitchen(), Role.valueOf(row.getString("role"))))
                .optional();
    }

    static SecurityContext context(Member member) {
        return new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(
                member, null, List.of(new SimpleGrantedAuthority("ROLE_" + member.role()))));
    }
}
