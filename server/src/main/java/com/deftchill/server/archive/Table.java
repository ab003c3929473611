package com.deftchill.server.archive;

import java.util.List;

/**
 * What of a table goes into an archive.
 *
 * @param name in the database; it has a column {@code kitchen} and a UUID {@code id}
 * @param key what its rows are called in the file
 * @param parent column of the row that it belongs to; empty where its rows stand by themselves
 * @param natural columns besides its id that must be once in a kitchen: what is there stays as it is
 * @param order columns by which rows that stand together are put in order
 * @param columns all that are kept, the id first
 * @param parts what belongs to each row
 */
record Table(
        String name,
        String key,
        String parent,
        List<String> natural,
        List<String> order,
        List<Column> columns,
        List<Table> parts) {}
