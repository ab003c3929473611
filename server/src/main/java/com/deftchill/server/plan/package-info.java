/** Day plans: stored, solved, explained, and out as calendar, list and table. The rules are the core's. */
package com.deftchill.server.plan;
