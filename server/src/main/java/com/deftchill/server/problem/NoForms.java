package com.deftchill.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Forms, which any web page may post anywhere, are refused before a parameter of theirs is read. */
@Configuration
class NoForms implements HandlerInterceptor, WebMvcConfigurer {
    private static final List<String> FORMS =
            List.of(MediaType.APPLICATION_FORM_URLENCODED_VALUE, MediaType.MULTIPART_FORM_DATA_VALUE);

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws HttpMediaTypeNotSupportedException {
        var type = request.getContentType();
        if (type != null && FORMS.stream().anyMatch(type.strip().toLowerCase(Locale.ROOT)::startsWith)) {
            throw new HttpMediaTypeNotSupportedException("forms are not taken: send JSON");
        }
        return true;
    }
}
