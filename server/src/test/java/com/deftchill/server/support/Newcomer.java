package com.deftchill.server.support;

import com.deftchill.server.support.RunningServer.Server;
import java.util.UUID;

/** Somebody who follows an invitation of the first kitchen's head. */
public record Newcomer(String name, String password, String session) {
    public static Newcomer invited(Server server, String role) {
        return invited(server, role, role.toLowerCase(java.util.Locale.ROOT) + " " + UUID.randomUUID());
    }

    public static Newcomer invited(Server server, String role, String name) {
        var secret = new Api(server)
                .post("/api/people/invitations", "{\"role\":\"" + role + "\"}")
                .json()
                .at("/secret")
                .asString();
        var password = "a sentence for " + name;
        var account = Api.json().put("name", name).put("password", password).toString();
        var answer = Door.post(server.address(), "/api/invitations/" + secret + "/accepted", account);
        return new Newcomer(name, password, Door.session(answer));
    }
}
