package com.deftchill.server.support;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Set;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.api.parallel.ResourceLocksProvider;

/** Starts a server of its own: runs beside all other classes, its tests one after the other. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(providers = Apart.OwnServer.class)
@Order(Turn.APART)
public @interface Apart {
    /** What a class wants for itself alone, its tests cannot share either. */
    class OwnServer implements ResourceLocksProvider {
        @Override
        public Set<Lock> provideForClass(Class<?> test) {
            return Set.of(new Lock("the server of " + test.getName()));
        }
    }
}
