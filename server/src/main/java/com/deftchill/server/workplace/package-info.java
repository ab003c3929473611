/** The kitchen as it is set up: its settings and what it added to the larder; every computation is made in it. */
package com.deftchill.server.workplace;
