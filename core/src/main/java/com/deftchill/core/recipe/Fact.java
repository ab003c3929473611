package com.deftchill.core.recipe;

/**
 * A value that was read.
 *
 * @param path address in the document that it was put at
 * @param component number of its component; -1 for the whole
 * @param what it is, in words
 * @param value as the document has it
 * @param from where the words that it was read from begin in the text
 * @param to where they end
 * @param sure whether the words leave no other meaning; what is not sure is to be looked at
 */
public record Fact(String path, int component, String what, String value, int from, int to, boolean sure) {}
