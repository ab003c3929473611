package com.deftchill.server.book;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** One entry for each formula that was opened, tagged or listed. */
interface BookRepository extends JpaRepository<BookEntryEntity, UUID> {
    /** Makes sure that there is an entry, whoever else makes it at the same moment. */
    @Modifying
    @Query(nativeQuery = true, value = """
                    insert ignore into book_entry
                        (formula_id, kitchen, tags, formula_version, rules, tone, line, kind, served, contents, allergens)
                    select f.id, f.kitchen, '', -1, '', '', '', '', '', '', '' from formula f where f.id = :formulaId
                    """)
    void ensure(UUID formulaId);

    /** Alone: what is computed at the same moment stays. */
    @Modifying
    @Query("update BookEntryEntity e set e.tags = :tags where e.formulaId = :formulaId")
    void tag(UUID formulaId, String tags);

    @Modifying
    @Query("update FormulaEntity f set f.shownAt = :now where f.id = :formulaId")
    void open(UUID formulaId, Instant now);

    /** Where it stands among those of which the worst come first, and among those of a kind. */
    @Modifying
    @Query("update FormulaEntity f set f.worstFirst = :place, f.kind = :kind where f.id = :formulaId")
    void place(UUID formulaId, byte place, String kind);

    /** Lists of tags as they are stored, each once, of formulas at hand. */
    @Query("""
            select distinct e.tags from BookEntryEntity e join FormulaEntity f on f.id = e.formulaId
            where e.tags <> '' and f.putAwayAt is null
            """)
    List<String> tagLists();
}
