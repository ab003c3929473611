/** The address of a request, read once and the same way by all who decide by it. */
package com.deftchill.server.address;
