package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.problem.StaleVersionException;
import com.deftchill.server.tenancy.Kitchens;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the settings, and gives the workplace that everything is computed in. */
@Service
public class KitchenService {
    private static final int MOST_KITCHENS = 500;

    private final KitchenRepository kitchens;
    private final OwnLarderService own;
    private final Larder shipped;
    private final Parameters parameters;
    private final KitchenNumbers numbers;
    private final WorkplaceCache cache;
    private final ApplicationEventPublisher events;

    KitchenService(
            KitchenRepository kitchens,
            OwnLarderService own,
            Larder shipped,
            Parameters parameters,
            KitchenNumbers numbers,
            WorkplaceCache cache,
            ApplicationEventPublisher events) {
        this.kitchens = kitchens;
        this.own = own;
        this.shipped = shipped;
        this.parameters = parameters;
        this.numbers = numbers;
        this.cache = cache;
        this.events = events;
    }

    /** Settings and the version they are at; version 0 and the standard ones before anything was set. */
    public record Settings(long version, WrittenKitchen settings) {}

    @Transactional(readOnly = true)
    public Settings settings() {
        return kitchens.findById(Kitchens.current())
                .map(k -> new Settings(k.getVersion() + 1, k.getSettings()))
                .orElseGet(() -> new Settings(0, WrittenKitchen.standard()));
    }

    /** The shipped larder with the kitchen's own entries, and how it works. */
    public Workplace workplace() {
        return cache.get(this::read);
    }

    /** What a workplace is made of: while it is the same, so is the workplace, and what was computed in it still holds. */
    private record Made(WrittenKitchen settings, List<OwnEntry> own, String numbers, Workplace workplace) {
        boolean isOf(WrittenKitchen otherSettings, List<OwnEntry> otherOwn, String otherNumbers) {
            return settings.equals(otherSettings) && own.equals(otherOwn) && numbers.equals(otherNumbers);
        }
    }

    /** Of each kitchen what was made last; one that nobody works in is forgotten. */
    private final Cache<String, Made> made = Caffeine.newBuilder()
            .maximumSize(MOST_KITCHENS)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    private Workplace read() {
        var settings = settings().settings();
        var entries = own.list().stream().map(OwnLarderService.Stored::entry).toList();
        var accepted = numbers.fingerprint();
        var known = made.getIfPresent(Kitchens.current());
        if (known != null && known.isOf(settings, entries, accepted)) {
            return known.workplace();
        }
        var workplace = numbers.put(handbook());
        made.put(Kitchens.current(), new Made(settings, entries, accepted, workplace));
        return workplace;
    }

    /** The same by the handbook's numbers, before anything was learnt. */
    public Workplace handbook() {
        var kitchen = KitchenReader.read(settings().settings()).kitchen().orElseGet(KitchenReader::standard);
        return new Workplace(shipped.with(own.items()), kitchen, parameters);
    }

    /**
     * Stores new settings.
     *
     * @throws StaleVersionException when they were changed from another version than the stored one
     * @throws NotUnderstoodException when a field cannot be understood
     */
    @Transactional
    public Settings save(long version, WrittenKitchen written) {
        var reading = KitchenReader.read(written);
        if (reading.kitchen().isEmpty()) {
            throw new NotUnderstoodException(reading.problems());
        }
        var now = settings().version();
        if (now != version) {
            throw new StaleVersionException(now);
        }
        var kitchen =
                kitchens.findById(Kitchens.current()).orElseGet(() -> new KitchenEntity(Kitchens.current(), written));
        kitchen.write(written);
        events.publishEvent(new WorkplaceChanged());
        return new Settings(kitchens.saveAndFlush(kitchen).getVersion() + 1, written);
    }
}
