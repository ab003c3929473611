package com.deftchill.server.book;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** One entry for each formula that was opened, tagged or listed. */
interface BookRepository extends JpaRepository<BookEntryEntity, UUID> {
    /** Lists of tags as they are stored, each once, of formulas at hand. */
    @Query("""
            select distinct e.tags from BookEntryEntity e join FormulaEntity f on f.id = e.formulaId
            where e.tags <> '' and f.putAwayAt is null
            """)
    List<String> tagLists();
}
