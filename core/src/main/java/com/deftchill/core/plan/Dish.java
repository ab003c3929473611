package com.deftchill.core.plan;

/**
 * A dessert of a plan.
 *
 * @param id key within the plan
 * @param name as the cook reads it
 * @param count moulds or glasses
 * @param due when it is served, minutes since 1970
 * @param service name of the service
 */
public record Dish(String id, String name, int count, long due, String service) {}
