package com.deftchill.server.support;

import com.deftchill.instruments.Instruments;
import com.deftchill.server.DeftChillApplication;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Properties;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** The real server on a free port with a MariaDB of its own, empty or filled from a dump. */
public final class TestServer implements AutoCloseable {
    private static final Pattern PORT = Pattern.compile(":(\\d+)/");

    private final Path directory;
    private final Instruments instruments;
    private final ConfigurableApplicationContext application;
    private final String session;

    private TestServer(Path directory, Instruments instruments, ConfigurableApplicationContext application) {
        this.directory = directory;
        this.instruments = instruments;
        this.application = application;
        session = Door.byKey(address(), newKey());
    }

    /** A key as ./start makes one: only its hash is kept. */
    public String newKey() {
        var key = UUID.randomUUID().toString();
        inDatabase(database -> database.update(
                "insert into entrance_key (hash, made_at) values (sha2(?, 256), utc_timestamp(6))", key));
        return key;
    }

    private String address() {
        return "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
    }

    /** Begins with the demo kitchen. */
    public static TestServer fresh(String... properties) {
        return begin(null, properties);
    }

    /** Begins with what a dump holds: a gzipped resource. */
    public static TestServer of(String dump) {
        return begin(TestServer.class.getResourceAsStream(dump), new String[0]);
    }

    /** One after the other: each looks for a port that is free. */
    private static synchronized TestServer begin(InputStream dump, String[] properties) {
        try {
            var directory = Files.createTempDirectory("deftchill-test");
            run(List.of(script(), "start", directory.toString(), "--throwaway"), null);
            var instruments = new Instruments(0, 1);
            try {
                var connection = connection(directory);
                if (dump != null) {
                    load(connection, dump);
                }
                var application = new SpringApplicationBuilder(DeftChillApplication.class)
                        .properties(connection)
                        .properties("DEFTCHILL_INSTRUMENTS=" + sockets(instruments))
                        .properties(
                                "server.port=0",
                                "deftchill.tables=validate",
                                "deftchill.queries=default",
                                "deftchill.max-answer=1200KB",
                                "deftchill.learn-ahead=0s",
                                // All who ever come in sit at one address.
                                "deftchill.people.tries=100",
                                "deftchill.people.tries-of-address=2000",
                                // Made slow on purpose, which PasswordsTest asks of it as shipped.
                                "deftchill.people.hash-kib=64",
                                // A machine that is shared stalls for longer.
                                "deftchill.heavy-deadline=60s",
                                "deftchill.database-answers-ms=60000")
                        .properties(properties)
                        .run();
                return new TestServer(directory, instruments, application);
            } catch (RuntimeException failed) {
                instruments.close();
                run(List.of(script(), "stop", directory.toString()), null);
                throw failed;
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the test server did not start", e);
        }
    }

    private static Properties connection(Path directory) {
        var connection = new Properties();
        try (var reader = Files.newBufferedReader(directory.resolve("connection.env"))) {
            connection.load(reader);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return connection;
    }

    /** Another copy on the same database. */
    public Copy copy() {
        var environment = new TreeMap<String, String>();
        connection(directory).forEach((name, value) -> environment.put(name.toString(), value.toString()));
        return new Copy(environment, directory.resolve("copy.log"));
    }

    private static void load(Properties connection, InputStream dump) throws IOException {
        var port = PORT.matcher(connection.getProperty("DEFTCHILL_DB_URL"));
        if (!port.find()) {
            throw new IllegalStateException(connection.toString());
        }
        try (var sql = new GZIPInputStream(dump)) {
            run(
                    List.of(
                            "mariadb",
                            "--no-defaults",
                            "--protocol=tcp",
                            "-h127.0.0.1",
                            "-P" + port.group(1),
                            "-u" + connection.getProperty("DEFTCHILL_DB_USER"),
                            "-p" + connection.getProperty("DEFTCHILL_DB_PASSWORD"),
                            "deftchill"),
                    sql);
        }
    }

    private static String sockets(Instruments of) {
        var at = "ws://127.0.0.1:" + of.port();
        return at + "/probe-1," + at + "/scale-1";
    }

    /** Where it answers. */
    public Server server() {
        return new Server(address(), "ws://127.0.0.1:" + instruments.port(), session);
    }

    /** The database goes, as if it had been killed, */
    public void stopDatabase() {
        run(List.of(script(), "stop", directory.toString()), null);
    }

    /** and comes back where it was. */
    public void startDatabase() {
        run(List.of(script(), "start", directory.toString(), "--throwaway"), null);
    }

    /** From now on what it has acknowledged is on the disk. */
    public void makeDatabaseDurable() {
        stopDatabase();
        run(List.of(script(), "start", directory.toString()), null);
    }

    /** Killed at once and started again, durable. */
    public void killDatabase() {
        run(
                List.of(
                        "sh",
                        "-c",
                        "kill -9 $(cat %1$s/mariadb.pid); while %2$s running %1$s; do sleep 0.05; done"
                                .formatted(directory, script())),
                null);
        run(List.of(script(), "start", directory.toString()), null);
    }

    /** The database stays there, but says nothing any more; until it is let go on. */
    public void holdDatabase() {
        run(List.of("sh", "-c", "kill -STOP $(cat " + directory.resolve("mariadb.pid") + ")"), null);
    }

    public void letDatabaseGoOn() {
        run(List.of("sh", "-c", "kill -CONT $(cat " + directory.resolve("mariadb.pid") + ")"), null);
    }

    /** What no client can do: making up thousands of rows, in one transaction. */
    public void inDatabase(Consumer<JdbcTemplate> work) {
        application
                .getBean(TransactionTemplate.class)
                .executeWithoutResult(status -> work.accept(application.getBean(JdbcTemplate.class)));
    }

    @Override
    public void close() {
        application.close();
        instruments.close();
        run(List.of(script(), "stop", directory.toString()), null);
        try (var files = Files.walk(directory)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(path -> path.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException("cannot clear " + directory, e);
        }
    }

    private static void run(List<String> line, InputStream input) {
        try {
            var process = new ProcessBuilder(new ArrayList<>(line))
                    .redirectOutput(Redirect.DISCARD)
                    .redirectError(Redirect.INHERIT)
                    .start();
            try (var into = process.getOutputStream()) {
                if (input != null) {
                    input.transferTo(into);
                }
            }
            int code = process.waitFor();
            if (code != 0) {
                throw new IllegalStateException(line.get(0) + " ended with " + code);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(line.get(0), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(line.get(0), e);
        }
    }

    private static String script() {
        var here = Path.of("").toAbsolutePath();
        var root = Files.exists(here.resolve("ops")) ? here : here.getParent();
        return root.resolve("ops/mariadb.sh").toString();
    }
}
