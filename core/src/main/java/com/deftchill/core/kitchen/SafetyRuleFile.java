package com.deftchill.core.kitchen;

import com.deftchill.core.kitchen.SafetyRules.Stage;
import com.deftchill.core.larder.LarderFiles;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/** The rule sets that ship with the product, from safety-rules.csv. */
public final class SafetyRuleFile {
    private static final List<SafetyRules> SHIPPED = LarderFiles.read("safety-rules.csv", SafetyRuleFile::rules);

    private SafetyRuleFile() {}

    public static List<SafetyRules> shipped() {
        return SHIPPED;
    }

    /** Reads stages such as {@code 21@2 5@6}: °C, at hours. */
    private static SafetyRules rules(CSVRecord row) {
        var stages = Stream.of(row.get("stages").split(" "))
                .map(stage -> stage.split("@"))
                .map(stage -> new Stage(Double.parseDouble(stage[0]), Double.parseDouble(stage[1])))
                .toList();
        return new SafetyRules(
                row.get("id"), row.get("name"), stages, Double.parseDouble(row.get("keep")), LarderFiles.source(row));
    }
}
