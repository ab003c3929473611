package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.body.Nature;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.json.JsonMapper;

/** What chocolate or butter makes firm waits for its fat: fat that takes twice as long sets the dessert later. */
@Execution(ExecutionMode.CONCURRENT)
class FatTakesTimeTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    private static final List<String> TIMES = List.of(
            "fat.cocoaTime5",
            "fat.cocoaTime12",
            "fat.cocoaTime20",
            "fat.milkTime5",
            "fat.milkTime12",
            "fat.milkTime16");

    private static Workplace workplace(double slower) {
        var parameters = Parameters.shipped();
        for (var time : Parameters.shipped().all()) {
            if (TIMES.contains(time.id())) {
                parameters = parameters.with(time.id(), slower * time.value());
            }
        }
        return new Workplace(LarderFiles.shipped(), KitchenReader.standard(), parameters);
    }

    private static List<Study> studies(WrittenFormula formula, Workplace workplace) {
        return ASSESSOR.study(formula, workplace).value().orElseThrow().portraits().stream()
                .flatMap(p -> p.study().stream())
                .toList();
    }

    /** Firm by solid fat more than by anything else, and not poured so cold that the fat is already as solid as it gets. */
    private static boolean byFat(Study study) {
        double fat = study.plastic().fat().restPa(5) * (1 - study.plastic().air());
        return study.nature() == Nature.PLASTIC && fat > study.plastic().restPa(5) / 2;
    }

    @Test
    void slowerFatSetsLater() throws IOException {
        int layers = 0;
        int later = 0;
        var asShipped = workplace(1);
        var slower = workplace(2);
        try (var files = Files.list(Path.of("src/test/resources/practice"))) {
            for (var file : files.sorted().toList()) {
                var formula = JSON.treeToValue(JSON.readTree(file.toFile()).get("document"), WrittenFormula.class);
                var usual = studies(formula, asShipped);
                if (usual.stream().noneMatch(FatTakesTimeTest::byFat)) {
                    continue;
                }
                var slow = studies(formula, slower);
                for (int i = 0; i < usual.size(); i++) {
                    double before = usual.get(i).history().setSeconds();
                    if (byFat(usual.get(i)) && before > 0) {
                        double after = slow.get(i).history().setSeconds();
                        layers++;
                        later += after > before + 1 ? 1 : 0;
                        assertThat(after).as("%s, layer %d", file, i).isGreaterThan(before);
                    }
                }
            }
        }
        System.out.println("fat twice as slow sets later: " + later + " of " + layers + " layers");
        assertThat(layers).isGreaterThan(5);
    }
}
