package com.deftchill.server.book;

import com.deftchill.server.database.Like;
import com.deftchill.server.search.Words;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import jakarta.persistence.Tuple;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The list of the Book as one query over formulas and what is kept beside them; no document is read. */
final class BookQuery {
    /** A part of so many words that it is soon met. */
    private static final String PART =
            "(f.name like :%1$s escape '!' or e.tags like :%1$s escape '!' or e.contents like :%1$s escape '!')";

    private static final String FROM = " from FormulaEntity f left join BookEntryEntity e on e.formulaId = f.id";

    /** In which order. */
    enum Order {
        OPENED("f.shownAt desc, f.id"),
        NAME("f.name, f.id"),
        UPDATED("f.updatedAt desc, f.id"),
        MADE("f.madeOn desc, f.name, f.id"),
        WORST("f.worstFirst, f.name, f.id");

        private final String by;

        Order(String by) {
            this.by = by;
        }
    }

    /** Whether it was ever made. */
    enum Made {
        EITHER,
        MADE,
        NEVER
    }

    /**
     * What to list.
     *
     * @param search words, each of them in the name, in a tag or in an ingredient
     * @param kind id; empty for all, as are the others
     * @param tone one of {@link BookAnswer#tone}
     * @param without id of an allergen that is in none of it
     */
    record Wanted(
            String search,
            String kind,
            String tone,
            String without,
            String tag,
            Made made,
            boolean putAway,
            Order order,
            int page,
            int size) {}

    private final List<String> conditions = new ArrayList<>();
    /** Whether anything that is kept beside a formula is asked for: else it is not looked up. */
    private boolean asksBeside;

    private final Map<String, Object> values = new LinkedHashMap<>();
    private final Wanted wanted;

    BookQuery(Wanted wanted, Words words) {
        this.wanted = wanted;
        conditions.add(wanted.putAway() ? "f.putAwayAt is not null" : "f.putAwayAt is null");
        int number = 0;
        for (var word : Words.wished(wanted.search())) {
            var name = "word" + number++;
            words.with(word)
                    .ifPresentOrElse(
                            ids -> {
                                conditions.add("exists (select 1 from f.words w where w in :" + name + ")");
                                values.put(name, ids);
                            },
                            () -> {
                                beside(PART.formatted(name));
                                values.put(name, Like.containing(word));
                            });
        }
        if (!wanted.kind().isEmpty()) {
            conditions.add("f.kind = :kind");
            values.put("kind", wanted.kind());
        }
        if (!wanted.tone().isEmpty()) {
            conditions.add("f.worstFirst = :place");
            values.put("place", BookAnswer.place(wanted.tone()));
        }
        if (!wanted.tag().isEmpty()) {
            beside("e.tags like :tag escape '!'");
            values.put("tag", Like.containing("|" + wanted.tag() + "|"));
        }
        if (!wanted.without().isEmpty()) {
            // What is not understood yet may contain anything.
            beside("e.kind <> '' and e.allergens not like :without escape '!'");
            values.put("without", Like.containing("|" + wanted.without() + "|"));
        }
        if (wanted.made() != Made.EITHER) {
            conditions.add(wanted.made() == Made.MADE ? "f.madeOn is not null" : "f.madeOn is null");
        }
    }

    private void beside(String condition) {
        asksBeside = true;
        conditions.add(condition);
    }

    /** The page in its order first, then its rows alone: what is drawn is not sorted with the whole list. */
    List<Tuple> rows(EntityManager entities) {
        var ids = ids(entities);
        if (ids.isEmpty()) {
            return List.of();
        }
        return entities
                .createQuery(
                        "select f.id as id, f.name as name, f.version as version, f.updatedAt as updatedAt, e.tags as tags,"
                                + " e.tone as tone, e.line as line, e.kind as kind, e.served as served, e.cut as cut,"
                                + " e.formulaVersion as formulaVersion, e.rules as rules, f.madeOn as madeOn"
                                + FROM + " where f.id in :ids",
                        Tuple.class)
                .setParameter("ids", ids)
                .getResultList()
                .stream()
                .sorted(Comparator.comparingInt(row -> ids.indexOf(row.get("id", UUID.class))))
                .toList();
    }

    private List<UUID> ids(EntityManager entities) {
        var query =
                entities.createQuery("select f.id" + from() + where() + " order by " + wanted.order().by, UUID.class);
        bind(query);
        return query.setFirstResult(wanted.page() * wanted.size())
                .setMaxResults(wanted.size())
                .getResultList();
    }

    /** How many there are, of so many at most. */
    long count(EntityManager entities, int most) {
        var query = entities.createQuery(
                "select count(*) from (select f.id as id" + from() + where()
                        + " order by f.shownAt desc, f.id limit :most) found",
                Long.class);
        bind(query);
        return query.setParameter("most", most).getSingleResult();
    }

    private String from() {
        return asksBeside ? FROM : " from FormulaEntity f";
    }

    private String where() {
        return " where " + String.join(" and ", conditions);
    }

    private void bind(Query query) {
        values.forEach(query::setParameter);
    }
}
