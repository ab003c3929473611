package com.deftchill.server.people;

import com.deftchill.server.address.Address;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Notes who changed what: whatever was asked that only a cook or a head may do, and was done. */
@Configuration
class DeedsInterceptor implements HandlerInterceptor, WebMvcConfigurer {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final int FAILED = 400;

    private final PeopleService people;

    DeedsInterceptor(PeopleService people) {
        this.people = people;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failed) {
        if (READING.contains(request.getMethod())
                || response.getStatus() >= FAILED
                || !(handler instanceof HandlerMethod method)) {
            return;
        }
        boolean stored = Access.needed(request.getMethod(), Address.of(request))
                .filter(role -> role != Role.GUEST)
                .isPresent();
        var operation = method.getMethodAnnotation(Operation.class);
        if (stored && operation != null) {
            Visitor.member()
                    .ifPresent(member -> people.done(
                            member.called(),
                            operation.operationId(),
                            Address.of(request).toString()));
        }
    }
}
