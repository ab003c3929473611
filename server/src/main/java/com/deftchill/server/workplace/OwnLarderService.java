package com.deftchill.server.workplace;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.OwnEntries;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.larder.OwnItems;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.problem.StaleVersionException;
import java.text.Normalizer;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the kitchen added to its larder; only what is understood is stored. */
@Service
public class OwnLarderService {
    private static final int SLUG_LENGTH = 40;

    private final OwnEntryRepository entries;
    private final Larder shipped;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    OwnLarderService(OwnEntryRepository entries, Larder shipped, ApplicationEventPublisher events, Clock clock) {
        this.entries = entries;
        this.shipped = shipped;
        this.events = events;
        this.clock = clock;
    }

    /** An entry, the key it is stored under and its version. */
    public record Stored(UUID key, long version, OwnEntry entry) {}

    @Transactional(readOnly = true)
    public List<Stored> list() {
        return entries.findAllByOrderByCreatedAt().stream()
                .map(OwnLarderService::stored)
                .toList();
    }

    /** All entries, understood. */
    @Transactional(readOnly = true)
    public OwnItems items() {
        var all = entries.findAllByOrderByCreatedAt().stream()
                .map(OwnEntryEntity::getEntry)
                .toList();
        return OwnEntries.read(all, "", shipped).items();
    }

    @Transactional(readOnly = true)
    public Optional<OwnEntry> find(String kind, String id) {
        return entries.findByKindAndEntryId(kind, id).map(OwnEntryEntity::getEntry);
    }

    /** Adds an entry under an id made from its name. */
    @Transactional
    public Stored add(OwnEntry typed) {
        return insert(new OwnEntry(typed.kind(), newId(typed), typed.fields()));
    }

    /** Adds an entry under the id it has. */
    @Transactional
    public Stored insert(OwnEntry entry) {
        understood(entry);
        events.publishEvent(new WorkplaceChanged());
        return stored(entries.saveAndFlush(new OwnEntryEntity(entry, clock.instant())));
    }

    /** Stores new fields of an entry; its kind and id stay. */
    @Transactional
    public Stored save(UUID key, long version, Map<String, String> fields) {
        var entity = entity(key, version);
        var entry = new OwnEntry(entity.getEntry().kind(), entity.getEntry().id(), fields);
        understood(entry);
        events.publishEvent(new WorkplaceChanged());
        entity.write(entry);
        return stored(entries.saveAndFlush(entity));
    }

    @Transactional
    public void delete(UUID key, long version) {
        entries.delete(entity(key, version));
        events.publishEvent(new WorkplaceChanged());
    }

    private OwnEntryEntity entity(UUID key, long version) {
        var entity = entries.findById(key).orElseThrow(() -> new NotFoundException("Larder entry", key));
        if (entity.getVersion() != version) {
            throw new StaleVersionException(entity.getVersion());
        }
        return entity;
    }

    /** What an entry comes to, without keeping it. */
    public OwnItems preview(OwnEntry entry) {
        understood(entry);
        return OwnEntries.read(List.of(entry), "", shipped).items();
    }

    private void understood(OwnEntry entry) {
        var problems = OwnEntries.read(List.of(entry), "", shipped).problems().stream()
                .map(p -> new Problem(
                        p.code(), p.path().replaceFirst("^/0", ""), p.field(), p.value(), p.rule(), p.fixes()))
                .toList();
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
    }

    /** Readable where the name is in Latin letters; always unlike the shipped ids, which never begin so. */
    private String newId(OwnEntry typed) {
        var plain = Normalizer.normalize(typed.text("name"), Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        var slug = plain.substring(0, Math.min(SLUG_LENGTH, plain.length()));
        var first = "own-" + (slug.isEmpty() ? typed.kind() : slug);
        var id = first;
        for (int n = 2; entries.findByKindAndEntryId(typed.kind(), id).isPresent(); n++) {
            id = first + "-" + n;
        }
        return id;
    }

    private static Stored stored(OwnEntryEntity e) {
        return new Stored(e.getId(), e.getVersion(), e.getEntry());
    }
}
