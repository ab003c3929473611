/**
 * REST, storage and delivery. One package per feature: {@code assessment} (compute, store nothing), {@code formula}
 * (stored documents and their revisions, optimistic locking), {@code batchlog} (what was made), {@code larder} (what can
 * be written), {@code workplace} (settings, own larder entries, and computing in them), {@code exchange} (files),
 * {@code demo} (the made-up kitchen of an empty database), {@code problem} (errors as RFC 9457 problem details), {@code site} (the web pages).
 * No rule of the job here: those are in the core.
 */
package com.deftchill.server;
