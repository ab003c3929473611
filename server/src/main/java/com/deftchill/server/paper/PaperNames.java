package com.deftchill.server.paper;

import com.deftchill.server.text.FileNames;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** What papers are called as files. */
final class PaperNames {
    private static final int LONGEST = 80;

    private PaperNames() {}

    /** Without what file systems refuse; never empty. */
    static String file(String name) {
        var file = FileNames.of(name, "dessert");
        return file.substring(0, Math.min(LONGEST, file.length()));
    }

    static String shown(String name) {
        return ContentDisposition.inline()
                .filename(file(name) + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString();
    }

    static String kept(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
