package com.deftchill.server.support;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;

/** Comes in through the door of a server, and says at each question that it did. */
public final class Door {
    /** Whoever asks says the same in a cookie and in a header: another site's page could not read the cookie. */
    public static final String TOKEN = "0123456789";

    public static final String COOKIE = "deft-chill";

    private Door() {}

    /** The session that a key begins. */
    public static String byKey(String address, String key) {
        return session(post(address, "/api/session/key", "{\"key\":\"" + key + "\"}"));
    }

    /** The session that an answer begins; the answer's text is the message where it begins none. */
    public static String session(HttpResponse<String> answer) {
        return answer.headers().allValues("Set-Cookie").stream()
                .filter(cookie -> cookie.startsWith(COOKIE + "="))
                .map(cookie -> cookie.substring(COOKIE.length() + 1, cookie.indexOf(';')))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("not let in: " + answer.body()));
    }

    /** A question of somebody who has not come in yet. */
    public static HttpResponse<String> post(String address, String path, String body) {
        try {
            var request = with(HttpRequest.newBuilder(URI.create(address + path)), "")
                    .header("Content-Type", "application/json")
                    .POST(BodyPublishers.ofString(body))
                    .build();
            return HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException("no answer from " + address, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A question of whoever has this session; empty: of somebody outside. */
    public static HttpRequest.Builder with(HttpRequest.Builder request, String session) {
        var cookies = "XSRF-TOKEN=" + TOKEN + (session.isEmpty() ? "" : "; " + COOKIE + "=" + session);
        return request.header("Cookie", cookies).header("X-XSRF-TOKEN", TOKEN);
    }
}
