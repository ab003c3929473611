package com.deftchill.core.rescue;

/**
 * Something that a cook can look at afterwards.
 *
 * @param otherwise how often it is found although it is not the cause, 0 to 1
 * @param measures address of the document that it is a measurement of; empty where it is a matter of yes or no
 * @param hours found where the batch is older than this, h; 0 where age does not tell
 */
public record Look(String id, double otherwise, String measures, double hours) {}
