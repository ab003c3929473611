package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.Door;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a web page of someone else's tries: a name of its own for this machine, its own origin, a form, a frame. */
@Asking
class StrangersApiTest {
    private static final String FORMULA = Api.demo("pear-bay").toString();

    private URI address;
    private String session;
    private Api api;

    @BeforeEach
    void connect(Server server) {
        address = URI.create(server.address());
        session = server.session();
        api = new Api(server);
    }

    /** A request as raw as a browser of someone else's sends it; the whole answer in lower case. */
    private String raw(String method, String path, String headers, String body) throws IOException {
        try (var socket = new Socket(address.getHost(), address.getPort())) {
            var bytes = body.getBytes(StandardCharsets.UTF_8);
            // Of somebody who has signed in: what is turned away is so for what it is.
            var request = method + " " + path + " HTTP/1.1\r\n" + headers + "Cookie: XSRF-TOKEN=" + Door.TOKEN + "; "
                    + Door.COOKIE + "=" + session + "\r\nX-XSRF-TOKEN: " + Door.TOKEN
                    + "\r\nConnection: close\r\nContent-Length: "
                    + bytes.length + "\r\n\r\n" + body;
            socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
        }
    }

    private String host(String name) {
        return "Host: " + name + ":" + address.getPort() + "\r\n";
    }

    @ParameterizedTest
    @CsvSource({"GET, /api/formulas", "GET, /", "POST, /api/assessments"})
    void aNameThatTheServerWasNotStartedForIsTurnedAway(String method, String path) throws IOException {
        var answer = raw(method, path, host("pastry.example") + "Content-Type: application/json\r\n", "{\"schema\":4}");
        assertThat(answer).startsWith("http/1.1 421").contains("\"code\":\"other-host\"");
        assertThat(answer).doesNotContain("pear and bay");
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "[::1]"})
    void itsOwnNamesAreAnswered(String name) throws IOException {
        assertThat(raw("GET", "/api/formulas", host(name), "")).startsWith("http/1.1 200");
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://pastry.example", "http://127.0.0.1:1", "null", "https://127.0.0.1"})
    void aPageOfAnotherOriginReadsAndWritesNothing(String origin) throws IOException {
        var headers = host("127.0.0.1") + "Origin: " + origin + "\r\nContent-Type: application/json\r\n";
        assertThat(raw("POST", "/api/formulas", headers, FORMULA))
                .startsWith("http/1.1 403")
                .contains("\"code\":\"other-origin\"");
        assertThat(raw("GET", "/api/formulas", headers, "")).startsWith("http/1.1 403");
        assertThat(raw("OPTIONS", "/api/formulas", headers + "Access-Control-Request-Method: PUT\r\n", ""))
                .startsWith("http/1.1 403");
    }

    @Test
    void itsOwnPagesAreAnswered() throws IOException {
        var headers = host("127.0.0.1") + "Origin: http://127.0.0.1:" + address.getPort()
                + "\r\nContent-Type: application/json\r\n";
        assertThat(raw("POST", "/api/assessments", headers, FORMULA)).startsWith("http/1.1 200");
    }

    @ParameterizedTest
    @ValueSource(strings = {"application/x-www-form-urlencoded", "multipart/form-data; boundary=x", "text/plain"})
    void aFormIsNotTaken(String contentType) {
        assertThat(api.postText("/api/formulas", FORMULA, contentType).status()).isEqualTo(415);
        assertThat(api.postText("/api/imports", FORMULA, contentType).status()).isEqualTo(415);
        assertThat(api.postText("/api/assessments", FORMULA, contentType).status())
                .isEqualTo(415);
    }

    @Test
    void aQueryThatCannotBeDecodedIsRefused() throws IOException {
        var path = "/api/formulas/00000000-0000-0000-0000-000000000000?version=%zz";
        assertThat(raw("DELETE", path, host("127.0.0.1"), "")).startsWith("http/1.1 400");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/bench/x", "/api/formulas", "/api/nothing-here"})
    void everyAnswerSaysWhatABrowserMayDoWithIt(String path) {
        assertThat(api.head(path, "Content-Security-Policy"))
                .contains("script-src 'self';")
                .contains("frame-ancestors 'none'");
        assertThat(api.head(path, "X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(api.head(path, "Referrer-Policy")).isEqualTo("same-origin");
        assertThat(api.head(path, "X-Frame-Options")).isEqualTo("DENY");
    }

    @Test
    void eachRequestHasANumberAndAPasswordIsNeverSaidBack() {
        assertThat(api.head("/api/formulas", "X-Request-Id")).matches("[0-9a-f]{12}");
        var long200 = "x".repeat(250);
        var refused = api.post(
                "/api/session",
                Api.json().put("name", "a").put("password", long200).toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).doesNotContain(long200).contains("password");
    }
}
