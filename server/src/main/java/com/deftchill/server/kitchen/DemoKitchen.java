package com.deftchill.server.kitchen;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.formula.FormulaService;
import java.io.IOException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Loads the made-up Tideline kitchen into an empty database, once. */
@Component
class DemoKitchen implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoKitchen.class);

    private final DeftChillSettings settings;
    private final FormulaService formulas;
    private final BatchService batches;
    private final JdbcTemplate jdbc;
    private final ObjectMapper json;
    private final Clock clock;

    DemoKitchen(
            DeftChillSettings settings,
            FormulaService formulas,
            BatchService batches,
            JdbcTemplate jdbc,
            ObjectMapper json,
            Clock clock) {
        this.settings = settings;
        this.formulas = formulas;
        this.batches = batches;
        this.jdbc = jdbc;
        this.json = json;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments args) throws IOException {
        if (!settings.demo() || !firstTime()) {
            return;
        }
        var pear = formulas.create(read("pear-bay.json"));
        formulas.create(read("coconut-sea-buckthorn.json"));
        var today = LocalDate.now(clock);
        batches.logDemo(pear.getId(), pear.getDocument(), today.minusDays(9), "CLEAN", 44.0, "Trembles as it should.");
        batches.logDemo(
                pear.getId(),
                pear.getDocument(),
                today.minusDays(2),
                "SMALL_DIVOTS",
                43.0,
                "Two seconds too long in the water.");
        LOG.info("loaded the demo kitchen");
    }

    private boolean firstTime() {
        return jdbc.update(
                        "insert ignore into demo_load (id, loaded_at) values (1, ?)", Timestamp.from(clock.instant()))
                == 1;
    }

    private WrittenFormula read(String name) throws IOException {
        try (var stream = new ClassPathResource("demo/" + name).getInputStream()) {
            return json.readValue(stream, WrittenFormula.class);
        }
    }
}
