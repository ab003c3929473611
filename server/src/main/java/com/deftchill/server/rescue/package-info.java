/** What went wrong with a batch, and what to do about it, as the page asks for it. */
package com.deftchill.server.rescue;
