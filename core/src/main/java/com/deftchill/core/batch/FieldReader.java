package com.deftchill.core.batch;

import com.deftchill.core.amount.Amount;
import com.deftchill.core.amount.AmountReader;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads fields of a document and keeps every problem met, so that all are said at once. */
public final class FieldReader {
    private final List<Problem> problems = new ArrayList<>();
    private final Measures measures;
    private final TemperatureScale scale;

    public FieldReader(Measures measures, TemperatureScale scale) {
        this.measures = measures;
        this.scale = scale;
    }

    /** Something that reads a text or says why it cannot. */
    public interface Reading<T> {
        T read(String text) throws UnreadableException;
    }

    public List<Problem> problems() {
        return problems;
    }

    public boolean allRead() {
        return problems.isEmpty();
    }

    /** What a field says; the value for want of better when it cannot be read. */
    public <T> T field(String code, String path, String field, String text, T otherwise, Reading<T> reading) {
        try {
            return reading.read(text);
        } catch (UnreadableException e) {
            problem(code, path, field, text, e);
            return otherwise;
        }
    }

    /** What a field says, or what counts when nothing is written. */
    public double number(String path, String field, String text, double blank, double least, double most, String unit) {
        return text.isBlank()
                ? blank
                : field("number-unreadable", path, field, text, Double.NaN, t -> Typed.number(t, least, most, unit));
    }

    public Amount amount(String path, String field, String value, Subject subject, double least, double most) {
        try {
            var amount = AmountReader.read(value, subject, measures);
            Typed.within(amount.grams(), least, most, "g");
            return amount;
        } catch (UnreadableException e) {
            problem(e.ambiguous() ? "amount-ambiguous" : "amount-unreadable", path, field, value, e);
            return new Amount(Double.NaN, "");
        }
    }

    public double celsius(String path, String field, String value, double least, double most) {
        return field(
                "temperature-unreadable",
                path,
                field,
                value,
                Double.NaN,
                text -> Typed.celsius(text, least, most, scale));
    }

    OptionalDouble optionalCelsius(String path, String field, String text, double least, double most) {
        return text.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(celsius(path, field, text, least, most));
    }

    public <T> T known(Optional<T> found, String code, String path, String field, String value) {
        return known(found, code, path, field, value, Problem.rule("of-the-larder"));
    }

    <T> T known(Optional<T> found, String code, String path, String field, String value, Message rule) {
        if (found.isEmpty()) {
            report(code, path, field, value, rule);
        }
        return found.orElse(null);
    }

    /** What cannot be read, with what it may mean as changes to be taken. */
    void problem(String code, String path, String field, String value, UnreadableException e) {
        var fixes = e.choices().stream()
                .map(choice -> new Fix(choice.text(), choice.meaning(), List.of(new Fix.Change(path, choice.text()))))
                .toList();
        problems.add(new Problem(code, path, field, value, e.rule(), fixes));
    }

    void report(String code, String path, String field, String value, Message rule) {
        problems.add(Problem.of(code, path, field, value, rule));
    }
}
