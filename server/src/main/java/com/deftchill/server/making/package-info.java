/** Batches while they are made: what happened is stored as it happened, the rest is computed from it. */
package com.deftchill.server.making;
