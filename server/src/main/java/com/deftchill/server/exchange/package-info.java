/** Formulas as files: the published JSON Schema, export, and import that takes a file whole or not at all. */
package com.deftchill.server.exchange;
