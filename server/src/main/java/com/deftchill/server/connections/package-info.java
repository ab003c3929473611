/** Connections of clients that are slow, on purpose or not: none holds up others. */
package com.deftchill.server.connections;
