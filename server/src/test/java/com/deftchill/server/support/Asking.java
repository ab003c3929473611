package com.deftchill.server.support;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Asks the shared server and changes nothing there: runs beside others, but not while a {@link Changing} one has it. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(RunningServer.class)
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(value = Changing.WORKPLACE, mode = ResourceAccessMode.READ)
@Order(Turn.ASKING)
public @interface Asking {}
