package com.deftchill.server.search;

import com.deftchill.server.database.Like;
import com.deftchill.server.tenancy.Kitchens;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The words that batches and formulas are found by, each kept once for a kitchen. A part of a word is looked for among them, which
 * are few, and not in all that is stored.
 */
@Component
public class Words {
    private static final int FEW = 2500;
    /** A part that stands in more words says little. */
    private static final int FEW_WORDS = 200;
    /** Which nothing has. */
    private static final long NO_WORD = 0;

    private final NamedParameterJdbcTemplate database;

    Words(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /** What has words, and of which part of it they are. */
    public enum Of {
        BATCH("batch_word", "batch_id", 0),
        NAME_OF_FORMULA("formula_word", "formula_id", 0),
        /** Its tags, and what is in it. */
        CONTENTS_OF_FORMULA("formula_word", "formula_id", 1);

        private final String table;
        private final String column;
        private final int part;

        Of(String table, String column, int part) {
            this.table = table;
            this.column = column;
            this.part = part;
        }
    }

    /** Words of a wish, in small letters, each once. */
    public static Set<String> wished(String text) {
        return split(text, "\\s+");
    }

    private static Set<String> split(String text, String by) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split(by))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Keeps the words of something that is stored already, in the same transaction; those of before go. */
    public void keep(Of of, UUID id, String text) {
        // Bars stand between the names of a list.
        var words = split(text, "[\\s|]+");
        var values = kitchens()
                .addValue("id", id.toString())
                .addValue("part", of.part)
                .addValue("words", words);
        database.update("delete from " + of.table + " where " + of.column + " = :id and part = :part", values);
        if (words.isEmpty()) {
            return;
        }
        var known = new HashSet<>(database.queryForList(
                "select word from found_word where kitchen = :kitchen and word in (:words)", values, String.class));
        for (var word : words) {
            if (!known.contains(word)) {
                // Another may keep the same word at the same moment.
                database.update(
                        "insert ignore into found_word (kitchen, word) values (:kitchen, :word)",
                        kitchens().addValue("word", word));
            }
        }
        database.update(
                "insert ignore into " + of.table + " (word_id, " + of.column + ", part)"
                        + " select id, :id, :part from found_word where kitchen = :kitchen and word in (:words)",
                values);
    }

    /** The ids of all kept words that something typed is a part of; absent where these are very many. */
    public Optional<List<Long>> with(String part) {
        var ids = database.queryForList(
                "select id from found_word where kitchen = :kitchen and word like :part escape '!' limit "
                        + (FEW_WORDS + 1),
                kitchens().addValue("part", Like.containing(part)),
                Long.class);
        return ids.size() > FEW_WORDS ? Optional.empty() : Optional.of(ids.isEmpty() ? List.of(NO_WORD) : ids);
    }

    /** Whether only few things have any of these words. */
    public boolean areRare(Of of, List<Long> ids) {
        var found = database.queryForObject(
                "select count(*) from (select 1 from " + of.table + " where word_id in (:ids) limit " + (FEW + 1)
                        + ") x",
                new MapSqlParameterSource("ids", ids),
                Integer.class);
        return found != null && found <= FEW;
    }

    private static MapSqlParameterSource kitchens() {
        return new MapSqlParameterSource("kitchen", Kitchens.current());
    }
}
