package com.deftchill.server.text;

/** Names of people's things as names of files. */
public final class FileNames {
    private FileNames() {}

    /** Without what file systems refuse; {@code otherwise} where nothing is left. */
    public static String of(String name, String otherwise) {
        var file = name.replaceAll("[\\p{Cntrl}/\\\\:*?\"<>|]+", " ").strip();
        return file.isEmpty() ? otherwise : file;
    }
}
