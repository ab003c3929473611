package com.deftchill.server.support;

import com.deftchill.server.DeftChillApplication;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Another copy of the application, as a process of its own on the database of a test server, so that it can be killed. */
public final class Copy implements AutoCloseable {
    private final Map<String, String> environment;
    private final Path log;
    private final int port;
    private Process process;

    Copy(Map<String, String> environment, Path log) {
        this.environment = environment;
        this.log = log;
        try (var free = new ServerSocket(0)) {
            port = free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        begin();
    }

    private void begin() {
        var command = List.of(
                ProcessHandle.current().info().command().orElse("java"),
                "-Xmx256m",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                DeftChillApplication.class.getName(),
                "--server.port=" + port,
                "--deftchill.learn-ahead=0s",
                "--deftchill.people.tries-of-address=2000");
        var builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        builder.environment().putAll(environment);
        try {
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** At the same address before and after it was killed. */
    public Server at(String session) {
        return new Server("http://127.0.0.1:" + port, "", session);
    }

    /** Killed at once, whatever it does, and begun again. */
    public void kill() {
        close();
        begin();
    }

    @Override
    public void close() {
        process.destroyForcibly().onExit().join();
    }
}
