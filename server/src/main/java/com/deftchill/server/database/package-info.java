/**
 * What is done while the database is away: whoever needs it is told so at once, sessions that were known stay known, and everything goes
 * on by itself when it is back.
 */
package com.deftchill.server.database;
