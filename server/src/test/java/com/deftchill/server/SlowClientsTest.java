package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Door;
import com.deftchill.server.support.TestServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Hundreds of connections that send or take a byte now and then: everybody else is answered, and they are let go. */
@Apart
class SlowClientsTest {
    private static final int MANY = 250;
    private static final int READ_FOR = 12;

    private static TestServer server;
    private static URI address;
    private static Api api;

    @BeforeAll
    static void start() {
        server = TestServer.fresh("deftchill.connections.head=3s", "deftchill.connections.grace=4s");
        address = URI.create(server.server().address());
        api = new Api(server.server());
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    enum Slow {
        HEAD("GET /api/formulas HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Slow: "),
        /** Nobody reads it: whoever sends it has not signed in. */
        UNREAD_BODY("POST /api/assessments HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                + "Content-Length: 60000\r\n\r\n{"),
        BODY("POST /api/session HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                + "Cookie: XSRF-TOKEN=" + Door.TOKEN + "\r\nX-XSRF-TOKEN: " + Door.TOKEN
                + "\r\nContent-Length: 60000\r\n\r\n{"),
        CHUNKS("POST /api/session HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                + "Cookie: XSRF-TOKEN=" + Door.TOKEN + "\r\nX-XSRF-TOKEN: " + Door.TOKEN
                + "\r\nTransfer-Encoding: chunked\r\n\r\n1\r\n{\r\n"),
        /** Asks for the same large answer over and over and takes a byte a second: what is on its way to it hides that it is let go. */
        READER(null);

        private final String begins;

        Slow(String begins) {
            this.begins = begins;
        }
    }

    private static Socket open(Slow slow, String from) throws IOException {
        var socket = new Socket();
        socket.setReceiveBufferSize(1024);
        socket.bind(new InetSocketAddress(InetAddress.getByName(from), 0));
        socket.connect(new InetSocketAddress(address.getHost(), address.getPort()));
        var begins = slow.begins;
        if (begins == null) {
            begins = ("GET /api/larder HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: " + Door.COOKIE + "="
                            + server.server().session() + "\r\n\r\n")
                    .repeat(40);
        }
        socket.getOutputStream().write(begins.getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    /** Sends one more byte; false where nobody is there any more. */
    private static boolean another(Socket socket, Slow slow) {
        try {
            if (slow != Slow.READER) {
                socket.getOutputStream()
                        .write(slow == Slow.CHUNKS ? "1\r\n \r\n".getBytes(StandardCharsets.UTF_8) : new byte[] {' '});
            }
            socket.setSoTimeout(1);
            if (slow == Slow.READER) {
                return socket.getInputStream().read() >= 0;
            }
            while (socket.getInputStream().read() >= 0) {
                // An answer was given; whether the connection is open is what counts.
            }
            return false;
        } catch (java.net.SocketTimeoutException e) {
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    private static double seconds() {
        long before = System.nanoTime();
        assertThat(api.get("/api/formulas").status()).isEqualTo(200);
        assertThat(api.post("/api/documents/lifted", Api.demo("pear-bay").toString())
                        .status())
                .isEqualTo(200);
        return (System.nanoTime() - before) / 1e9;
    }

    @ParameterizedTest
    @EnumSource(Slow.class)
    void everybodyElseIsAnsweredAndTheyAreLetGo(Slow slow) throws IOException {
        seconds();
        var sockets = new ArrayList<Socket>();
        try {
            for (int i = 0; i < MANY; i++) {
                sockets.add(open(slow, "127.0.0.1"));
            }
            var left = new ArrayList<>(sockets);
            var longest = new double[1];
            var looked = new int[1];
            Awaitility.await()
                    .atMost(Duration.ofSeconds(60))
                    .pollDelay(Duration.ZERO)
                    .pollInterval(Duration.ofMillis(500))
                    .until(() -> {
                        longest[0] = Math.max(longest[0], seconds());
                        left.removeIf(socket -> !another(socket, slow));
                        looked[0]++;
                        return left.isEmpty() || slow == Slow.READER && looked[0] > READ_FOR;
                    });
            System.out.printf("%d slow connections (%s): others answered within %.2f s%n", MANY, slow, longest[0]);
        } finally {
            close(sockets);
        }
    }

    @Test
    void oneAddressHasNoMoreConnectionsThanItMay() throws IOException {
        var sockets = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 420; i++) {
                sockets.add(open(Slow.BODY, "127.0.0.7"));
                assertThat(i % 20 == 0 ? seconds() : 0).isLessThan(30);
            }
            Awaitility.await()
                    .atMost(Duration.ofSeconds(30))
                    .until(() ->
                            sockets.stream().filter(s -> another(s, Slow.BODY)).count() <= 300);
        } finally {
            close(sockets);
        }
    }

    private static void close(List<Socket> sockets) {
        sockets.forEach(socket -> {
            try {
                socket.close();
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
    }
}
