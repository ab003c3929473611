package com.deftchill.server.workplace;

import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Reads {@link Asked} from the header of a question. */
@Configuration
class AskedResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private static final Pattern FORM = Pattern.compile("([A-Za-z0-9-]{1,64})\\.([a-z-]{1,40})\\.(\\d{1,15})");

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Asked.class;
    }

    @Override
    public Asked resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        var header = request.getHeader(Asked.HEADER);
        if (header == null) {
            return Asked.NOBODY;
        }
        var parts = FORM.matcher(header);
        if (!parts.matches()) {
            throw new NotUnderstoodException(List.of(
                    Problem.of("question-unreadable", "", Asked.HEADER, header, Problem.rule("question-unreadable"))));
        }
        return new Asked(parts.group(1), parts.group(2), Long.parseLong(parts.group(3)));
    }
}
