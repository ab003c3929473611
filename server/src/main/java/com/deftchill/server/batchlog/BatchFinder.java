package com.deftchill.server.batchlog;

import com.deftchill.server.batchlog.BatchRepository.DayCount;
import com.deftchill.server.database.Like;
import com.deftchill.server.search.Words;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Which batches a wish finds. Only what is wished for is asked of the database, so that an index alone can tell: the rows of batches are
 * wide.
 */
@Component
class BatchFinder {
    private static final String ORDER = " order by b.madeOn desc, b.pouredAt desc, b.createdAt desc";

    private final EntityManager database;
    private final Words words;

    BatchFinder(EntityManager database, Words words) {
        this.database = database;
        this.words = words;
    }

    /** Those of a wish: its words are looked up once, whatever is asked of them. */
    Found find(LogWish wish) {
        var values = new LinkedHashMap<String, Object>();
        var text = new StringBuilder();
        add(text, values, "b.formulaId = :formula", "formula", wish.formula());
        add(text, values, "b.outcome = :outcome", "outcome", wish.outcome());
        add(text, values, "b.cook = :cook", "cook", wish.cookOrNull());
        add(text, values, "b.madeOn >= :since", "since", wish.since());
        add(text, values, "b.madeOn <= :until", "until", wish.until());
        int number = 0;
        for (var word : wish.wordsOrNone()) {
            var name = "word" + number++;
            add(text, values, "b.foundBy like :" + name + " escape '!'", name, Like.containing(word));
        }
        // A word that many have needs no help: it is soon met while the log is read in its order.
        wish.wordsOrNone().stream()
                .flatMap(word -> words.with(word).stream())
                .filter(ids -> words.areRare(Words.Of.BATCH, ids))
                .findFirst()
                .ifPresent(ids -> add(text, values, "exists (select 1 from b.words w where w in :rare)", "rare", ids));
        return new Found(text.toString(), values);
    }

    private static void add(
            StringBuilder text, Map<String, Object> values, String condition, String name, Object value) {
        if (value != null) {
            text.append(text.isEmpty() ? " where " : " and ").append(condition);
            values.put(name, value);
        }
    }

    /** What a wish finds, by a condition and what it is about. */
    final class Found {
        private final String where;
        private final Map<String, Object> values;

        private Found(String where, Map<String, Object> values) {
            this.where = where;
            this.values = values;
        }

        private <T> TypedQuery<T> query(String text, Class<T> of) {
            var query = database.createQuery(text, of);
            values.forEach(query::setParameter);
            return query;
        }

        /** Newest first. */
        List<UUID> ids(int page, int size) {
            return query("select b.id from BatchEntity b" + where + ORDER, UUID.class)
                    .setFirstResult(page * size)
                    .setMaxResults(size)
                    .getResultList();
        }

        /** How many there are, of so many at most. */
        long count(int most) {
            return query(
                            "select count(*) from (select b.id as id from BatchEntity b" + where + ORDER
                                    + " limit :most) found",
                            Long.class)
                    .setParameter("most", most)
                    .getSingleResult();
        }

        /** How many of each outcome were made on each day. */
        List<DayCount> days() {
            return query(
                            "select new com.deftchill.server.batchlog.BatchRepository$DayCount(b.madeOn, b.outcome, count(b.id))"
                                    + " from BatchEntity b" + where
                                    + " group by b.madeOn, b.outcome order by b.madeOn, b.outcome",
                            DayCount.class)
                    .getResultList();
        }
    }
}
