package com.deftchill.server.support;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Changes what every answer of the shared server rests on (settings, own entries), or keeps all of it busy. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(RunningServer.class)
@ResourceLock(Changing.WORKPLACE)
@Order(Turn.CHANGING)
public @interface Changing {
    /** The kitchen's settings, its own larder and the server's threads. */
    String WORKPLACE = "the shared server's workplace";
}
