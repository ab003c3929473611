package com.deftchill.server.book;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/**
 * What the Book keeps beside a formula: none of it is part of the document, so that it never stands against a save. Each change
 * writes its own columns alone: tags and answers come at the same moment.
 */
@Entity
@DynamicUpdate
@Table(name = "book_entry")
class BookEntryEntity {
    /** Between, before and after the tags and names of a list, so that each is found whole. */
    static final String BAR = "|";

    private static final int NO_VERSION = -1;

    @Id
    private UUID formulaId;

    @TenantId
    private String kitchen;

    private String tags = "";
    private long formulaVersion = NO_VERSION;
    private String rules = "";
    private String tone = "";
    private String line = "";
    private String kind = "";
    private String served = "";
    private String contents = "";
    private String allergens = "";

    @JdbcTypeCode(SqlTypes.JSON)
    private SmallCut cut;

    private Instant computedAt;

    protected BookEntryEntity() {}

    /** Takes what a formula of a version came to, by these rules. */
    void answer(long version, String byRules, BookAnswer answer, Instant now) {
        formulaVersion = version;
        rules = byRules;
        tone = answer.tone();
        line = answer.line();
        kind = answer.kind();
        served = answer.served();
        contents = answer.contents();
        allergens = barred(answer.allergens());
        cut = answer.cut();
        computedAt = now;
    }

    /** What it is found by, besides its name. */
    String foundBy() {
        return tags + " " + contents;
    }

    /** A list as it is stored. */
    static String barred(List<String> names) {
        return names.isEmpty() ? "" : BAR + String.join(BAR, names) + BAR;
    }

    /** Names of a list as it is stored. */
    static List<String> names(String barred) {
        return barred == null
                ? List.of()
                : Arrays.stream(barred.split("\\|"))
                        .filter(name -> !name.isEmpty())
                        .toList();
    }
}
