package com.deftchill.core.sums;

import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** One question, answered. */
abstract class Sum {
    private static final String SOURCE = "as in a dessert";
    /** What fields start with, by sum and field: {@code sum-examples.csv}. */
    private static final Map<String, String> EXAMPLES =
            LarderFiles.read("sum-examples.csv", Function.identity()).stream()
                    .collect(Collectors.toMap(row -> row.get("sum") + "/" + row.get("field"), row -> row.get("id")));

    private final String id;
    private final String title;
    private final String question;
    private final List<SumField> fields;

    Sum(String id, String title, String question, SumField... fields) {
        this.id = id;
        this.title = title;
        this.question = question;
        this.fields = Arrays.stream(fields)
                .map(field -> field.isOfLarder() ? field.startingWith(example(id, field.name())) : field)
                .toList();
    }

    private static String example(String sum, String field) {
        var id = EXAMPLES.get(sum + "/" + field);
        if (id == null) {
            throw new IllegalStateException("sum-examples.csv has no row " + sum + "," + field);
        }
        return id;
    }

    String id() {
        return id;
    }

    String title() {
        return title;
    }

    String question() {
        return question;
    }

    List<SumField> fields() {
        return fields;
    }

    /** Reads what it needs; null when something could not be read, which the reader then knows. */
    abstract SumAnswer answer(SumReader in);

    static SumAnswer.SumFigure figure(String name, String value) {
        return new SumAnswer.SumFigure(name, value);
    }

    static String g(double grams) {
        return Notation.write(grams, grams < 100 ? 1 : 0) + " g";
    }

    static String ml(double ml) {
        return Notation.write(ml, 0) + " ml";
    }

    static String percent(double share) {
        return Notation.write(100 * share, 0) + " %";
    }

    static Evidence evidence(
            List<Given> inputs, String rule, String uncertainty, String wouldChange, Constant... constants) {
        return new Evidence(inputs, rule, List.of(constants), uncertainty, wouldChange);
    }

    static Constant constant(String name, String value, String grade) {
        return new Constant(name, value, grade, SOURCE);
    }

    static Line line(String ingredient, double grams) {
        return new Line("", ingredient, "", g(grams), "", "");
    }

    static Line whipped(String ingredient, double grams) {
        return new Line("", ingredient, "", g(grams), "", "f1");
    }

    /** A component of a sum's ingredients, to be put into a dessert. */
    static Component component(String id, String name, String kind, List<Line> lines, Work... work) {
        var foams = lines.stream().anyMatch(line -> !line.foam().isEmpty())
                ? List.of(new Foam("f1", "", "", ""))
                : List.<Foam>of();
        return new Component(id, name, kind, "", lines, List.of(), foams, List.of(work));
    }
}
