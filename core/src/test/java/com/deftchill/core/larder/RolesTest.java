package com.deftchill.core.larder;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Code asks for an entry of the larder by the part it plays; which entry that is stands in a file. */
class RolesTest {
    private static final Larder LARDER = LarderFiles.shipped();

    @Test
    void whoeverPlaysAPartIsInTheLarder() {
        for (var id : List.of(
                Roles.YOLK, Roles.WHITE, Roles.SUGAR, Roles.WATER, Roles.SKIMMED, Roles.RICH_CREAM, Roles.SOAK)) {
            assertThat(LARDER.ingredient(id)).as(id).isPresent();
        }
        for (var id : List.of(Roles.FRIDGE, Roles.FAN_FRIDGE, Roles.FREEZER, Roles.ICE_BATH)) {
            assertThat(LARDER.cooler(id)).as(id).isPresent();
        }
        assertThat(LARDER.mould(Roles.GLASS)).isPresent();
        assertThat(LARDER.gel(Roles.SHEET)).isPresent();
    }

    /** Ids of one word are words of the language too ("water" names a field); those of several are nothing else. */
    @Test
    void noIdOfTheLarderStandsInCode() throws IOException {
        var ids = Stream.of(
                        LARDER.ingredients().stream().map(Ingredient::id),
                        LARDER.gels().stream().map(GelProduct::id),
                        LARDER.moulds().stream().map(Mould::id),
                        LARDER.coolers().stream().map(Cooler::id))
                .flatMap(all -> all)
                .filter(id -> id.contains("-"))
                .map(id -> '"' + id + '"')
                .toList();
        assertThat(ids).hasSizeGreaterThan(300);
        try (var files = Files.walk(Path.of("src/main/java"))) {
            for (var file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                assertThat(named(file, ids)).as(file.toString()).isEmpty();
            }
        }
    }

    private static List<String> named(Path file, List<String> ids) throws IOException {
        var code = Files.readString(file);
        return ids.stream().filter(code::contains).toList();
    }
}
