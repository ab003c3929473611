package com.deftchill.bench;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A wire between two programs that can be cut. What a file says counts from then on: {@code whole}, {@code cut} (whoever calls is hung
 * up on), {@code silent} (nothing gets through and nobody is told) or {@code slow} (everything takes 150 ms longer).
 */
public final class Wire {
    private static final int BUFFER = 64 * 1024;
    private static final int LOOK_MS = 20;
    private static final int SLOW_MS = 150;

    private final Path says;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile String state = "whole";

    private Wire(Path says) {
        this.says = says;
    }

    /** @param args {@code PORT TO FILE} */
    public static void main(String[] args) throws IOException {
        var wire = new Wire(Path.of(args[2]));
        var watch = new Thread(wire::watch);
        watch.setDaemon(true);
        watch.start();
        int to = Integer.parseInt(args[1]);
        try (var server = new ServerSocket(Integer.parseInt(args[0]), 50, InetAddress.getLoopbackAddress())) {
            while (true) {
                var caller = server.accept();
                wire.open.add(caller);
                new Thread(() -> wire.join(caller, to)).start();
            }
        }
    }

    private void watch() {
        while (true) {
            try {
                Thread.sleep(LOOK_MS);
                state = Files.readString(says).strip();
                if (state.equals("cut")) {
                    open.forEach(Wire::close);
                    open.clear();
                }
            } catch (IOException | InterruptedException e) {
                // Said nothing yet.
                state = "whole";
            }
        }
    }

    private void join(Socket caller, int to) {
        try {
            if (state.equals("cut")) {
                return;
            }
            var called = new Socket(InetAddress.getLoopbackAddress(), to);
            open.add(called);
            var back = new Thread(() -> carry(called, caller));
            back.start();
            carry(caller, called);
        } catch (IOException e) {
            // Nobody there.
        } finally {
            close(caller);
        }
    }

    private void carry(Socket from, Socket to) {
        var buffer = new byte[BUFFER];
        try {
            for (int read = from.getInputStream().read(buffer);
                    read >= 0;
                    read = from.getInputStream().read(buffer)) {
                while (state.equals("silent")) {
                    Thread.sleep(LOOK_MS);
                }
                if (state.equals("slow")) {
                    Thread.sleep(SLOW_MS);
                }
                to.getOutputStream().write(buffer, 0, read);
                to.getOutputStream().flush();
            }
        } catch (IOException | InterruptedException e) {
            // Hung up.
        } finally {
            close(from);
            close(to);
            open.remove(from);
            open.remove(to);
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // It is gone either way.
        }
    }
}
