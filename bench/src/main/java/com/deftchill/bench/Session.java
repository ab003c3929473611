package com.deftchill.bench;

import java.net.http.HttpRequest;

/** Says at each question who asks: {@code DEFTCHILL_SESSION}, as ops/common.sh's {@code enter} gives it. */
final class Session {
    private static final String TOKEN = "0123456789";

    private Session() {}

    static HttpRequest.Builder of(HttpRequest.Builder request) {
        var session = System.getenv().getOrDefault("DEFTCHILL_SESSION", "");
        return request.header("Cookie", "XSRF-TOKEN=" + TOKEN + "; " + session).header("X-XSRF-TOKEN", TOKEN);
    }
}
