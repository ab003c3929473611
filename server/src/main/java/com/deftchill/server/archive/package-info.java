/**
 * A kitchen as one archive, out and in again. {@link com.deftchill.server.archive.Tables} says what goes into it and under which
 * names; {@code ArchiveWriter} writes it, {@code ArchiveReader} understands and checks a whole one before
 * {@code ArchiveKeeper} stores anything of it.
 */
package com.deftchill.server.archive;
