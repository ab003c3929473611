package com.deftchill.server.connections;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.WeakHashMap;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.Adapter;
import org.apache.coyote.Constants;
import org.apache.coyote.Processor;
import org.apache.coyote.Request;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.coyote.http11.Http11Processor;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * Tomcat's HTTP/1.1, which looks once a second at every connection that is open. Tomcat itself waits some seconds for each byte anew:
 * a client that sends or takes one every few seconds is never done. Here a head, a body that nobody reads and an answer have a
 * deadline as a whole, and no address has more connections than it may; what is beyond that is closed. (A body that is read has its
 * deadline where it is read, in {@code BodyLimitFilter}.)
 */
public final class BoundedProtocol extends Http11NioProtocol {
    /** @param request the same as long as it is the same one: a connection has many */
    private record Waiting(boolean answering, long request, long since) {}

    /** Which connection it works for is a processor's own to know: while it works, the connection does not. */
    private static final class Watched extends Http11Processor {
        Watched(AbstractHttp11Protocol<?> protocol, Adapter adapter) {
            super(protocol, adapter);
        }

        SocketWrapperBase<?> connection() {
            return getSocketWrapper();
        }
    }

    private final Set<Watched> processors = Collections.synchronizedSet(Collections.newSetFromMap(new WeakHashMap<>()));
    private final Map<SocketWrapperBase<?>, Waiting> waiting = new HashMap<>();
    /** In the order in which they came. */
    private final Set<SocketWrapperBase<NioChannel>> open = new LinkedHashSet<>();

    private volatile ConnectionSettings settings;
    private ScheduledFuture<?> looking;

    void bound(ConnectionSettings to) {
        settings = to;
    }

    @Override
    protected Processor createProcessor() {
        var processor = new Watched(this, getAdapter());
        processors.add(processor);
        return processor;
    }

    @Override
    public void start() throws Exception {
        super.start();
        looking = getUtilityExecutor().scheduleWithFixedDelay(this::lookAgain, 1, 1, TimeUnit.SECONDS);
    }

    @Override
    public void stop() throws Exception {
        if (looking != null) {
            looking.cancel(false);
        }
        super.stop();
    }

    /** A connection may end while it is looked at: what is thrown then must not be the last look. */
    private void lookAgain() {
        try {
            slow();
            tooMany();
        } catch (RuntimeException e) {
            getLog().warn("a look at the connections broke off", e);
        }
    }

    private void slow() {
        var still = new HashSet<SocketWrapperBase<?>>();
        for (var processor : List.copyOf(processors)) {
            var connection = processor.connection();
            if (connection != null && isWaitedFor(connection, processor.getRequest())) {
                still.add(connection);
            }
        }
        waiting.keySet().retainAll(still);
    }

    /** Whether the client is waited for; closed where that has taken too long. */
    private boolean isWaitedFor(SocketWrapperBase<?> connection, Request request) {
        int stage = request.getRequestProcessor().getStage();
        boolean serving = stage == Constants.STAGE_PREPARE || stage == Constants.STAGE_SERVICE;
        boolean answering = serving && request.getResponse().isCommitted();
        if (serving && !answering || stage == Constants.STAGE_KEEPALIVE) {
            // Ours to do, or nothing is asked: Tomcat closes what is idle.
            return false;
        }
        long number = request.getStartTimeNanos();
        var known = waiting.get(connection);
        if (known == null || known.answering() != answering || known.request() != number) {
            known = new Waiting(answering, number, System.nanoTime());
            waiting.put(connection, known);
        }
        var taken = Duration.ofNanos(System.nanoTime() - known.since());
        boolean tooSlow = answering
                ? settings.isTooSlow(request.getResponse().getBytesWritten(false), taken)
                : taken.compareTo(settings.head()) > 0;
        if (tooSlow) {
            connection.close();
        }
        return !tooSlow;
    }

    private void tooMany() {
        var now = new HashSet<>(getEndpoint().getConnections());
        open.retainAll(now);
        open.addAll(now);
        if (settings.ofAddress() == 0) {
            return;
        }
        var ofAddress = new HashMap<String, List<SocketWrapperBase<NioChannel>>>();
        for (var connection : open) {
            ofAddress
                    .computeIfAbsent(String.valueOf(connection.getRemoteAddr()), address -> new ArrayList<>())
                    .add(connection);
        }
        // Those that have been there longest: whoever asks something now gets an answer.
        ofAddress
                .values()
                .forEach(all -> all.stream()
                        .limit(Math.max(0, all.size() - settings.ofAddress()))
                        .forEach(SocketWrapperBase::close));
    }
}
