/** The demo data: a made-up kitchen. */
package com.deftchill.server.demo;
