/** The formula document as JSON: its versions, how older ones are lifted, and the migration of what is stored. */
package com.deftchill.server.document;
