package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.SafetyRuleFile;
import com.deftchill.core.kitchen.SwapSchool;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.server.workplace.KitchenService.Settings;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the kitchen works. */
@RestController
@RequestMapping("/api/kitchen")
@Tag(name = "Kitchen")
class KitchenController {
    private final KitchenService kitchen;

    KitchenController(KitchenService kitchen) {
        this.kitchen = kitchen;
    }

    /** Time zones named for places, not for their distance from Greenwich. */
    private static final List<String> ZONES = ZoneId.getAvailableZoneIds().stream()
            .filter(id -> id.contains("/") && !id.startsWith("Etc/") && !id.startsWith("SystemV/"))
            .sorted()
            .toList();

    /** Something to choose, and what it means. */
    record SettingChoice(String id, String name, String meaning) {}

    /** The settings with their version, and what can be chosen. */
    record KitchenView(
            long version,
            WrittenKitchen settings,
            List<SettingChoice> safetyRules,
            List<SettingChoice> swapSchools,
            List<String> zones) {}

    /** New settings, made on a version. */
    record SaveKitchen(
            long version,

            @NotNull(message = "are missing: the settings to store")
            WrittenKitchen settings) {}

    @GetMapping
    @Operation(operationId = "getKitchen", summary = "Read how the kitchen works")
    KitchenView get() {
        return view(kitchen.settings());
    }

    @PutMapping
    @Operation(
            operationId = "saveKitchen",
            summary = "Store how the kitchen works",
            description = "409 when the stored version is newer than the one given; 422 names every field at fault.")
    KitchenView save(@Valid @RequestBody SaveKitchen save) {
        return view(kitchen.save(save.version(), save.settings()));
    }

    private KitchenView view(Settings settings) {
        var scale = kitchen.workplace().kitchen().temperature();
        return new KitchenView(
                settings.version(),
                settings.settings(),
                SafetyRuleFile.shipped().stream()
                        .map(rules -> new SettingChoice(rules.id(), rules.name(), rules.words(scale)))
                        .toList(),
                Arrays.stream(SwapSchool.values())
                        .map(school -> new SettingChoice(school.id(), school.words(), school.rule()))
                        .toList(),
                ZONES);
    }
}
