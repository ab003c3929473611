package com.deftchill.server.demo;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.RevisionService;
import com.deftchill.server.tenancy.Kitchens;
import com.deftchill.server.workplace.KitchenService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.ObjectMapper;

/** Loads the made-up Tideline kitchen into an empty database, once. */
@Component
class DemoKitchen implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoKitchen.class);

    private static final List<String> OTHERS = List.of(
            "coconut-sea-buckthorn",
            "smoked-tea-honey",
            "blackcurrant-barley",
            "brown-butter-quince",
            "hazelnut-oat",
            "kiwi-elderflower",
            "chestnut-rum",
            "buckthorn-cheesecake",
            "pear-hazelnut-verrine",
            "chestnut-dome",
            "malt-cherry-bowl",
            "caramel-coconut-cup",
            "yuzu-meringue-tart",
            "rhubarb-elderflower-fool",
            "white-sabayon-plum",
            "split-ganache-pots",
            "hurried-apricot-mousse",
            "frozen-pear-dome",
            "slanted-tea-glasses",
            "sixty-pear-pots",
            "hazelnut-two-bowls");

    private final DeftChillSettings settings;
    private final FormulaService formulas;
    private final RevisionService revisions;
    private final KitchenService kitchen;
    private final DemoLog log;
    private final DemoPlans plans;
    private final JdbcTemplate jdbc;
    private final ObjectMapper json;
    private final TransactionTemplate transactions;
    private final Clock clock;

    DemoKitchen(
            DeftChillSettings settings,
            FormulaService formulas,
            RevisionService revisions,
            KitchenService kitchen,
            DemoLog log,
            DemoPlans plans,
            JdbcTemplate jdbc,
            ObjectMapper json,
            TransactionTemplate transactions,
            Clock clock) {
        this.transactions = transactions;
        this.settings = settings;
        this.formulas = formulas;
        this.revisions = revisions;
        this.kitchen = kitchen;
        this.log = log;
        this.plans = plans;
        this.jdbc = jdbc;
        this.json = json;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (settings.demo()) {
            Kitchens.in(Kitchens.FIRST, () -> transactions.executeWithoutResult(status -> load()));
        }
    }

    private void load() {
        if (!firstTime()) {
            return;
        }
        var pear = formulas.create(UUID.randomUUID(), read("pear-bay.json"));
        var ids = new HashMap<String, UUID>();
        ids.put("pear-bay", pear.getId());
        var documents = new HashMap<String, WrittenFormula>();
        documents.put("pear-bay", pear.getDocument());
        for (var name : OTHERS) {
            var stored = formulas.create(UUID.randomUUID(), read(name + ".json"));
            ids.put(name, stored.getId());
            documents.put(name, stored.getDocument());
        }
        kitchen.save(0, read("kitchen.json", WrittenKitchen.class));
        revisions.keep(pear.getId(), "First try, too firm", firmer(pear.getDocument()));
        revisions.keep(pear.getId(), "As served in the spring", pear.getDocument());
        try {
            log.load(ids, documents);
            plans.load(ids);
        } catch (IOException e) {
            throw new UncheckedIOException("the demo kitchen cannot be read", e);
        }
        LOG.info("loaded the demo kitchen");
    }

    /** The same with a fifth more gelatin, its bloom water with it. */
    private static WrittenFormula firmer(WrittenFormula f) {
        return Changes.set(Changes.set(f, "/components/0/gels/0/amount", "18 g"), "/components/0/gels/0/water", "90 g");
    }

    private boolean firstTime() {
        return jdbc.update(
                        "insert ignore into demo_load (id, loaded_at) values (1, ?)", Timestamp.from(clock.instant()))
                == 1;
    }

    private WrittenFormula read(String name) {
        return read(name, WrittenFormula.class);
    }

    private <T> T read(String name, Class<T> kind) {
        try (var stream = new ClassPathResource("demo/" + name).getInputStream()) {
            return json.readValue(stream, kind);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }
}
