/** Where what the core says becomes text: message files by family, read by ICU in the units of the kitchen. */
package com.deftchill.server.text;
