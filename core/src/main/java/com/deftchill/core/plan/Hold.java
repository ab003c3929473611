package com.deftchill.core.plan;

/**
 * Something that a dessert holds from one task to another: its place in a cooler, its moulds, a bowl.
 *
 * @param what id of the store that it is taken from
 * @param dish id of the dish
 * @param amount how much of the store
 * @param from id of the task with whose start it begins
 * @param until id of the task with which it ends; empty: when the dish is served
 * @param through whether it lasts through that task; else it ends as that begins
 */
public record Hold(String what, String dish, int amount, String from, String until, boolean through) {
    public Hold(String what, String dish, int amount, String from, String until) {
        this(what, dish, amount, from, until, false);
    }
}
