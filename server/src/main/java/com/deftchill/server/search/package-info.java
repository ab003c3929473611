/** The words that things are found by: each kept once for a kitchen, so that finding a rare one does not wait for what is stored. */
package com.deftchill.server.search;
