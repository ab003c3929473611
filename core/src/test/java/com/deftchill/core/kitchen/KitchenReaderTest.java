package com.deftchill.core.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Kitchens;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Problem;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

class KitchenReaderTest {
    @Test
    void theStandardOneIsUnderstood() {
        var kitchen = KitchenReader.standard();
        assertThat(kitchen.scaleG()).isEqualTo(1);
        assertThat(kitchen.weighed(7.44)).isEqualTo(7.4, within(1e-12));
        assertThat(kitchen.weighed(62.4)).isEqualTo(62);
        assertThat(kitchen.weighed(0.001)).as("never nothing").isEqualTo(0.1, within(1e-12));
    }

    @Test
    void fahrenheitKitchensTypeFahrenheit() {
        var written = new WrittenKitchen(
                "x",
                "us",
                "fahrenheit",
                "sheets",
                "dry",
                "no",
                "us-code",
                "us",
                "1 g",
                "0.1 g",
                "50 g",
                "68 °F",
                "$",
                "sugar = 1.50",
                "America/Halifax");
        var kitchen = KitchenReader.read(written).kitchen().orElseThrow();
        assertThat(kitchen.roomC()).isCloseTo(20, within(1e-9));
        assertThat(kitchen.usAllergens()).isTrue();
        assertThat(kitchen.strains()).isFalse();
        assertThat(kitchen.zone()).contains(ZoneId.of("America/Halifax"));
        assertThat(kitchen.pricePerKg()).containsExactly(java.util.Map.entry("sugar", 1.5));
    }

    @Test
    void everyFieldAtFaultIsNamedAtOnce() {
        var wrong = new WrittenKitchen(
                "",
                "roman",
                "kelvin",
                "x",
                "x",
                "perhaps",
                "x",
                "x",
                "0 g",
                "much",
                "-1 g",
                "90 °C",
                "far too long",
                "sugar is dear",
                "Nowhere/At all");
        var reading = KitchenReader.read(wrong);
        assertThat(reading.kitchen()).isEmpty();
        assertThat(reading.problems())
                .extracting(Problem::path)
                .contains(
                        "/name",
                        "/measures",
                        "/temperature",
                        "/swapSchool",
                        "/bloomSchool",
                        "/straining",
                        "/safetyRules",
                        "/allergenList",
                        "/scale",
                        "/fineScale",
                        "/fineBelow",
                        "/room",
                        "/currency",
                        "/zone",
                        "/prices");
        assertThat(reading.problems())
                .allSatisfy(p -> assertThat(p.rule().key()).startsWith("problems."));
    }

    @Test
    void everyRuleSetIsReadWithItsStages() {
        assertThat(SafetyRuleFile.shipped()).hasSizeGreaterThanOrEqualTo(3).allSatisfy(rules -> {
            assertThat(rules.stages()).isNotEmpty();
            assertThat(rules.words(TemperatureScale.CELSIUS)).contains("°C after");
            assertThat(Kitchens.workplace(Kitchens.written("celsius", rules.id(), "eu", "1 g"))
                            .kitchen()
                            .safety())
                    .isEqualTo(rules);
        });
    }
}
