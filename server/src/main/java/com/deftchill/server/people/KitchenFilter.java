package com.deftchill.server.people;

import com.deftchill.server.address.Address;
import com.deftchill.server.tenancy.Kitchens;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/** A request works for the kitchen of whoever sent it. */
public class KitchenFilter extends OncePerRequestFilter {
    /** Pages and their files are the same for all: no session is looked up for them. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !Address.of(request).isOfTheApi();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var kitchen = Visitor.member().map(Member::kitchen).orElse(Kitchens.NOBODYS);
        var failed = new Exception[1];
        Kitchens.in(kitchen, () -> {
            try {
                chain.doFilter(request, response);
            } catch (IOException | ServletException e) {
                failed[0] = e;
            }
        });
        if (failed[0] instanceof IOException e) {
            throw e;
        }
        if (failed[0] instanceof ServletException e) {
            throw e;
        }
    }
}
