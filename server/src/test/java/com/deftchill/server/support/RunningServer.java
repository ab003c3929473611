package com.deftchill.server.support;

import com.deftchill.server.DeftChillApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real server on a free port with a MariaDB of its own, started once for the whole test run and stopped with it.
 * Tests take it as a parameter.
 */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {
    private static final ExtensionContext.Namespace NAMESPACE = ExtensionContext.Namespace.create(RunningServer.class);

    /** Where it answers. */
    public record Server(String address) {}

    @Override
    public void beforeAll(ExtensionContext context) {
        started(context);
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Server.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return started(context).server;
    }

    private static Started started(ExtensionContext context) {
        return context.getRoot()
                .getStore(NAMESPACE)
                .getOrComputeIfAbsent("server", key -> Started.now(), Started.class);
    }

    private static final class Started implements AutoCloseable {
        private final Path directory;
        private final ConfigurableApplicationContext application;
        private final Server server;

        private Started(Path directory, ConfigurableApplicationContext application) {
            this.directory = directory;
            this.application = application;
            this.server = new Server(
                    "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port"));
        }

        static Started now() {
            try {
                var directory = Files.createTempDirectory("deftchill-test");
                mariadb("start", directory, "--throwaway");
                var connection = new Properties();
                try (var reader = Files.newBufferedReader(directory.resolve("connection.env"))) {
                    connection.load(reader);
                }
                try {
                    var application = new SpringApplicationBuilder(DeftChillApplication.class)
                            .properties(connection)
                            .properties("server.port=0", "deftchill.heavy-deadline=8s", "deftchill.max-answer=1200KB")
                            .run();
                    return new Started(directory, application);
                } catch (RuntimeException failed) {
                    mariadb("stop", directory);
                    throw failed;
                }
            } catch (IOException e) {
                throw new IllegalStateException("the test server did not start", e);
            }
        }

        @Override
        public void close() {
            application.close();
            mariadb("stop", directory);
            try (var files = Files.walk(directory)) {
                files.sorted(java.util.Comparator.reverseOrder())
                        .forEach(path -> path.toFile().delete());
            } catch (IOException e) {
                throw new IllegalStateException("cannot clear " + directory, e);
            }
        }

        private static void mariadb(String command, Path directory, String... more) {
            var script = root().resolve("ops/mariadb.sh").toString();
            var line = new java.util.ArrayList<>(java.util.List.of(script, command, directory.toString()));
            line.addAll(java.util.List.of(more));
            try {
                int code = new ProcessBuilder(line)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .start()
                        .waitFor();
                if (code != 0) {
                    throw new IllegalStateException(line + " ended with " + code);
                }
            } catch (IOException e) {
                throw new IllegalStateException(line.toString(), e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(line.toString(), e);
            }
        }

        private static Path root() {
            var here = Path.of("").toAbsolutePath();
            return Files.exists(here.resolve("ops")) ? here : here.getParent();
        }
    }
}
