package com.deftchill.server.people;

import com.deftchill.server.address.Address;
import com.deftchill.server.problem.NotLetInException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * A second wall, where the router has decided already: the pattern that it matched is held against {@link Access} once more. However
 * an address was spelt, nothing is answered that its pattern keeps for somebody else.
 */
@Configuration
class HandlerWall implements HandlerInterceptor, WebMvcConfigurer {
    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        var pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        var address = pattern == null ? Address.of(request) : Address.of(pattern.toString());
        if (!Access.allows(() -> Visitor.member().map(Member::role), request.getMethod(), address)) {
            throw new NotLetInException("sign in first");
        }
        return true;
    }
}
