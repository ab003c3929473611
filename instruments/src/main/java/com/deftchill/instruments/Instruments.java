package com.deftchill.instruments;

import jakarta.websocket.DeploymentException;
import jakarta.websocket.server.ServerContainer;
import jakarta.websocket.server.ServerEndpointConfig;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.LongFunction;
import java.util.function.Supplier;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.startup.Tomcat;
import org.apache.tomcat.websocket.server.WsSci;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Serves both on loopback: {@code /probe-1}, {@code /scale-1}, and a page on which they are made to misbehave. */
public final class Instruments implements AutoCloseable {
    static final JsonMapper JSON = JsonMapper.builder().build();
    private static final long PROBE_MS = 500;
    private static final long SCALE_MS = 250;

    private final Tomcat tomcat = new Tomcat();
    private final ScheduledExecutorService ticks = Executors.newSingleThreadScheduledExecutor(task -> {
        var thread = new Thread(task, "instruments");
        thread.setDaemon(true);
        return thread;
    });
    private final Probe probe;
    private final Scale scale;
    private final Listeners probed = new Listeners();
    private final Listeners scaled = new Listeners();
    private long seq;

    /** @param port to listen at; 0: any that is free */
    public Instruments(int port, long seed) {
        long now = System.currentTimeMillis();
        probe = new Probe(new Random(seed), now);
        scale = new Scale(new Random(seed + 1), now);
        try {
            serve(port);
        } catch (LifecycleException | IOException e) {
            throw new IllegalStateException("the instruments cannot be served at port " + port, e);
        }
        ticks.scheduleAtFixedRate(() -> probed.tell(this::probeLine), 0, PROBE_MS, TimeUnit.MILLISECONDS);
        ticks.scheduleAtFixedRate(() -> scaled.tell(this::scaleLine), 0, SCALE_MS, TimeUnit.MILLISECONDS);
    }

    private void serve(int port) throws LifecycleException, IOException {
        tomcat.setBaseDir(Files.createTempDirectory("instruments").toString());
        tomcat.setPort(port);
        tomcat.getConnector().setProperty("address", "127.0.0.1");
        var context = tomcat.addContext("", null);
        context.addServletContainerInitializer(new WsSci(), null);
        context.addServletContainerInitializer(
                (classes, servlets) -> {
                    servlets.addServlet("page", new ControlPage()).addMapping("/");
                    servlets.addFilter("local", new LocalOnly()).addMappingForUrlPatterns(null, false, "/*");
                    var container = (ServerContainer) servlets.getAttribute(ServerContainer.class.getName());
                    try {
                        container.addEndpoint(
                                endpoint("/probe-1", probed, this::toProbe, () -> hello("probe-1", "probe")));
                        container.addEndpoint(
                                endpoint("/scale-1", scaled, this::toScale, () -> hello("scale-1", "scale")));
                    } catch (DeploymentException e) {
                        throw new IllegalStateException(e);
                    }
                },
                null);
        tomcat.start();
    }

    private static ServerEndpointConfig endpoint(
            String path, Listeners listeners, Commands commands, Supplier<String> hello) {
        return ServerEndpointConfig.Builder.create(Socket.class, path)
                .configurator(new ServerEndpointConfig.Configurator() {
                    @Override
                    public <T> T getEndpointInstance(Class<T> type) {
                        return type.cast(new Socket(listeners, commands, hello));
                    }

                    @Override
                    public boolean checkOrigin(String origin) {
                        return LocalOnly.isOurs(origin);
                    }
                })
                .build();
    }

    /** What is done with a command; what is wrong with it is answered. */
    interface Commands {
        void take(Map<String, Object> command);
    }

    public int port() {
        return tomcat.getConnector().getLocalPort();
    }

    private String hello(String instrument, String what) {
        return JSON.createObjectNode()
                .put("kind", "hello")
                .put("protocol", 1)
                .put("instrument", instrument)
                .put("what", what)
                .put("simulated", true)
                .toString();
    }

    private ObjectNode reading(String instrument, long now) {
        return JSON.createObjectNode()
                .put("kind", "reading")
                .put("instrument", instrument)
                .put("seq", ++seq)
                .put("at", now);
    }

    private synchronized String probeLine(long now) {
        var line = reading("probe-1", now);
        var shown = probe.read(now);
        shown.ifPresent(celsius -> line.put("celsius", Math.rint(celsius * 100) / 100));
        return line.put("state", shown.isPresent() ? "ok" : "open").toString();
    }

    private synchronized String scaleLine(long now) {
        var shown = scale.read(now);
        return reading("scale-1", now)
                .put("value", Math.rint(shown.value() * 100) / 100)
                .put("unit", shown.unit())
                .put("grams", Math.rint(shown.grams() * 100) / 100)
                .put("stable", shown.stable())
                .put("state", shown.state())
                .toString();
    }

    private synchronized void toProbe(Map<String, Object> command) {
        switch (String.valueOf(command.get("do"))) {
            case "follow" ->
                probe.follow(
                        JSON.convertValue(command.get("curve"), double[][].class),
                        (long) Probe.number(command, "from", System.currentTimeMillis()),
                        Probe.number(command, "lag", Probe.LIQUID_LAG));
            case "misbehave" -> probe.misbehave(command);
            default -> throw unknown(command);
        }
    }

    private synchronized void toScale(Map<String, Object> command) {
        switch (String.valueOf(command.get("do"))) {
            case "tare" -> scale.tare();
            case "unit" -> scale.unit(String.valueOf(command.get("unit")));
            case "misbehave" -> scale.misbehave(command, System.currentTimeMillis());
            default -> throw unknown(command);
        }
    }

    private static IllegalArgumentException unknown(Map<String, Object> command) {
        return new IllegalArgumentException("'do' must be a command of this instrument, not " + command.get("do"));
    }

    /** A line for a moment. */
    interface Line extends LongFunction<String> {}

    @Override
    public void close() {
        ticks.shutdownNow();
        try {
            tomcat.stop();
            tomcat.destroy();
        } catch (LifecycleException e) {
            throw new UncheckedIOException(new IOException(e));
        }
    }

    /** @param args the port, 8095 when left out */
    public static void main(String[] args) {
        var instruments = new Instruments(args.length > 0 ? Integer.parseInt(args[0]) : 8095, System.nanoTime());
        System.out.println("Stand-in instruments: http://127.0.0.1:" + instruments.port());
        Runtime.getRuntime().addShutdownHook(new Thread(instruments::close));
        instruments.tomcat.getServer().await();
    }
}
