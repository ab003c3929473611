package com.deftchill.server.support;

import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * The real server on a free port with a MariaDB of its own, started once for the whole test run and stopped with it.
 * Tests take it as a parameter.
 */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {
    private static final ExtensionContext.Namespace NAMESPACE = ExtensionContext.Namespace.create(RunningServer.class);

    /**
     * Where it answers.
     *
     * @param instruments address of its stand-in instruments' sockets, such as ws://127.0.0.1:1234
     * @param session of the head of its first kitchen
     */
    public record Server(String address, String instruments, String session) {}

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
        return started(context).server();
    }

    private static TestServer started(ExtensionContext context) {
        return context.getRoot()
                .getStore(NAMESPACE)
                // Whoever asks for the most that there is waits for its end (BoundsApiTest).
                .getOrComputeIfAbsent(
                        "server", key -> TestServer.fresh("deftchill.heavy-deadline=8s"), TestServer.class);
    }
}
