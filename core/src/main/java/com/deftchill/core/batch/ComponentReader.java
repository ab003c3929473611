package com.deftchill.core.batch;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.cook.Caramel;
import com.deftchill.core.cook.Oven;
import com.deftchill.core.formula.Shares;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.GelModels;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Understands the components of a dessert, those first that others take from. */
final class ComponentReader {
    static final double LEAST_G = 0.01;
    static final double MOST_G = 100_000;
    private static final double MOST_GEL_G = 10_000;
    private static final double LEAST_POUR_C = 0;
    private static final double MOST_POUR_C = 100;

    private static final double MOST_HELD_MIN = 24 * 60;
    private static final int MOST_LINES = 200;
    private static final int MOST_NAME = 200;
    private static final int MOST_STEPS = 60;
    private static final int MOST_NESTED = 6;
    private static final double ROOM_C = 20;
    private static final double LEAST_PAN_CM = 8;
    private static final double MOST_PAN_CM = 80;

    private final FieldReader fields;
    private final WorkReader work;
    private final Larder larder;
    private final Parameters parameters;
    private final List<WrittenFormula.Component> written;
    private final LocalTime starts;
    private final Map<String, Integer> byId = new HashMap<>();
    private final Map<Integer, Component> read = new HashMap<>();
    private final Set<Integer> reading = new HashSet<>();

    ComponentReader(
            FieldReader fields, Larder larder, Parameters parameters, WrittenFormula formula, LocalTime starts) {
        this.fields = fields;
        work = new WorkReader(fields);
        this.larder = larder;
        this.parameters = parameters;
        this.written = formula.components();
        this.starts = starts;
        for (int i = 0; i < written.size(); i++) {
            var id = written.get(i).id();
            if (!id.isEmpty() && byId.putIfAbsent(id, i) != null) {
                fields.report(
                        "component-id-twice",
                        "/components/" + i + "/id",
                        "Component",
                        id,
                        Problem.rule("component-id-twice"));
            }
        }
    }

    /** All components in the order of the formula; those that cannot be understood are null. */
    List<Component> all() {
        var all = new ArrayList<Component>();
        for (int i = 0; i < written.size(); i++) {
            all.add(component(i));
        }
        return all;
    }

    private Component component(int index) {
        if (read.containsKey(index)) {
            return read.get(index);
        }
        reading.add(index);
        read.put(index, understood("/components/" + index, written.get(index)));
        reading.remove(index);
        return read.get(index);
    }

    /** The component, or null: an unread part makes a problem, and no figure is computed from what is left. */
    private Component understood(String at, WrittenFormula.Component from) {
        int before = fields.problems().size();
        var kind = fields.known(
                Kind.of(from.kind()), "kind-unknown", at + "/kind", "Kind", from.kind(), Problem.rule("kind-unknown"));
        if (from.name().length() > MOST_NAME) {
            var start = from.name().substring(0, 40) + "...";
            fields.report(
                    "name-too-long",
                    at + "/name",
                    "Name",
                    start,
                    Problem.rule("most-characters").with("most", Argument.figure(MOST_NAME, 0)));
        }
        if (!Set.of("", "layer", "part").contains(from.role())) {
            fields.report("place-unknown", at + "/role", "Place", from.role(), Problem.rule("place-unknown"));
        }
        if (from.work().size() > MOST_STEPS) {
            fields.report(
                    "steps-count",
                    at + "/work",
                    "What is done",
                    Integer.toString(from.work().size()),
                    Problem.rule("at-most").with("most", Argument.figure(MOST_STEPS, 0)));
        }
        var lines = lines(at, from);
        kind = kind == null ? Kind.SET_CREAM : kind;
        work.once(at, from);
        var gel = gel(at + "/gels", from, kind);
        var heating = work.heating(at, from, kind);
        var foams = work.foams(at, from);
        var dipped = work.dipped(at + "/work/soak", from.work("soak"));
        var pressed = work.pressed(at + "/work/press", from.work("press"));
        double pour = pour(at, from, kind);
        var pourTime = work.pourTime(at + "/work/pour", from.work("pour"), starts);
        var cooked = cooked(at, from, lines, kind);
        if (!lines.complete() || fields.problems().size() > before) {
            return null;
        }
        var component = new Component(
                from.id(),
                from.name().isBlank() ? kind.words() : from.name(),
                kind,
                !from.role().equals("part"),
                lines.read(),
                gel,
                heating,
                foams,
                cooked,
                dipped,
                pressed,
                from.work(),
                pour,
                pourTime,
                parameters);
        var foaming = new Foaming(component);
        return from.work("pour").at().isBlank() && !kind.isSolid() && foaming.any()
                ? component.pouredAt(foaming.meetC())
                : component;
    }

    /** Lines read, and whether all could be. */
    private record Lines(List<Component.Line> read, boolean complete) {
        double waterG() {
            return read.stream()
                    .mapToDouble(line -> line.part().grams()
                            * line.part().ingredient().composition().share(Constituent.WATER))
                    .sum();
        }

        double grams() {
            return read.stream().mapToDouble(line -> line.part().grams()).sum();
        }
    }

    private Lines lines(String at, WrittenFormula.Component from) {
        var lines = from.lines();
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            fields.report(
                    "lines-count",
                    at + "/lines",
                    "Ingredients",
                    Integer.toString(lines.size()),
                    Problem.rule("lines-count").with("most", Argument.figure(MOST_LINES, 0)));
            return new Lines(List.of(), false);
        }
        var read = new ArrayList<Component.Line>();
        var ids = new HashSet<String>();
        for (int i = 0; i < lines.size(); i++) {
            if (!ids.add(lines.get(i).id())) {
                fields.report(
                        "line-id-twice",
                        at + "/lines/" + i + "/id",
                        "Line",
                        lines.get(i).id(),
                        Problem.rule("line-id-twice"));
            }
            line(at + "/lines/" + i, from, lines.get(i)).ifPresent(read::add);
        }
        return new Lines(read, read.size() == lines.size());
    }

    private Optional<Component.Line> line(String at, WrittenFormula.Component from, WrittenFormula.Line line) {
        if (!line.component().isEmpty()) {
            return fromComponent(at, from, line);
        }
        var found = larder.ingredient(line.of());
        if (found.isEmpty()) {
            fields.report("ingredient-unknown", at + "/of", "Ingredient", line.of(), Problem.rule("of-the-larder"));
            return Optional.empty();
        }
        var ingredient = found.get();
        var treatment = fields.known(
                Treatment.of(line.treatment()),
                "treatment-unknown",
                at + "/treatment",
                ingredient.name(),
                line.treatment(),
                Problem.rule("treatment-unknown"));
        var share = share(at, from, line, ingredient.name());
        var subject = ingredient.subject();
        var amount = fields.amount(at + "/amount", subject.name(), line.amount(), subject, LEAST_G, MOST_G);
        boolean complete = treatment != null && share != null && !Double.isNaN(amount.grams());
        return complete
                ? Optional.of(new Component.Line(
                        line.id(),
                        new Mix.Part(ingredient, amount.grams(), cookedInFoam(from, line, ingredient, treatment)),
                        share,
                        amount.how(),
                        line.foam(),
                        Optional.empty()))
                : Optional.empty();
    }

    /** Egg that is whipped over water or with hot syrup is cooked in its foam. */
    private static Treatment cookedInFoam(
            WrittenFormula.Component from, WrittenFormula.Line line, Ingredient ingredient, Treatment written) {
        boolean cooked = from.foams().stream()
                .anyMatch(foam -> foam.id().equals(line.foam())
                        && (foam.cooking().equals("over-water")
                                || foam.cooking().equals("hot-syrup")));
        return cooked && written == Treatment.AS_BOUGHT && ingredient.has(Trait.EGG) ? Treatment.HEATED : written;
    }

    private Share share(String at, WrittenFormula.Component from, WrittenFormula.Line line, String name) {
        boolean known = line.foam().isEmpty()
                || from.foams().stream().anyMatch(foam -> foam.id().equals(line.foam()));
        if (!known) {
            fields.report("foam-unknown", at + "/foam", name, line.foam(), Problem.rule("foam-unknown"));
            return null;
        }
        return Share.of(Shares.of(from, line)).orElseThrow();
    }

    /** A line that takes from another component. */
    private Optional<Component.Line> fromComponent(String at, WrittenFormula.Component from, WrittenFormula.Line line) {
        var id = line.component();
        var index = byId.get(id);
        if (index == null) {
            fields.report("component-unknown", at + "/component", "Component", id, Problem.rule("component-unknown"));
            return Optional.empty();
        }
        if (reading.contains(index) || reading.size() >= MOST_NESTED) {
            var rule = reading.contains(index)
                    ? Problem.rule("takes-from-itself")
                    : Problem.rule("nested-too-deep").with("most", Argument.figure(MOST_NESTED, 0));
            fields.report("component-in-itself", at + "/component", "Component", id, rule);
            return Optional.empty();
        }
        var component = component(index);
        var share = share(at, from, line, id);
        if (component == null || share == null) {
            return Optional.empty();
        }
        var mix = Mixing.of(component);
        var taken = Taken.read(fields, at + "/amount", component, mix, line.amount());
        if (taken.isEmpty()) {
            return Optional.empty();
        }
        double used = taken.get().share();
        var part = new Mix.Part(AsIngredient.of(component, mix), used * mix.massG());
        var made = new Component.Made(component, used, mix, taken.get().asShare());
        return Optional.of(new Component.Line(line.id(), part, share, "", line.foam(), Optional.of(made)));
    }

    private Component.Gel gel(String list, WrittenFormula.Component written, Kind kind) {
        if (written.gels().size() > 1) {
            fields.report(
                    "gels-count",
                    list + "/1/of",
                    "Gelling agent",
                    written.gels().get(1).of(),
                    Problem.rule("gels-count"));
        }
        var from = written.gel();
        var at = list + "/0";
        if (from.of().isBlank() && from.amount().isBlank() && !kind.needsGel()) {
            return Component.Gel.NONE;
        }
        var product = fields.known(larder.gel(from.of()), "gel-unknown", at + "/of", "Gelling agent", from.of());
        if (!kind.mayGel()) {
            fields.report(
                    "gel-not-here",
                    at + "/of",
                    "Gelling agent",
                    from.of(),
                    Problem.rule("gel-not-here").with("kind", kind.words()));
        }
        var bloom = fields.known(
                BloomSchool.of(from.bloom()),
                "bloom-unknown",
                at + "/bloom",
                "Blooming",
                from.bloom(),
                Problem.rule("bloom-unknown"));
        var subject = product == null ? Subject.water("Gelling agent") : product.subject();
        var name = product == null || product.isGelatin() ? "Gelatin" : product.name();
        var amount = fields.amount(at + "/amount", name, from.amount(), subject, LEAST_G, MOST_GEL_G);
        bloom = bloom == null ? BloomSchool.WEIGHED : bloom;
        double water = bloomWater(at + "/water", from, product, bloom, amount.grams());
        var model = product == null ? GelModels.NONE : GelModels.of(parameters.gel(), product);
        return new Component.Gel(product, amount.grams(), amount.how(), bloom, water, model);
    }

    /** What it keeps: as weighed; estimated for squeezed sheets that were not weighed; none when stirred in dry. */
    private double bloomWater(
            String path, WrittenFormula.Gel from, GelProduct product, BloomSchool bloom, double gelG) {
        if (from.water().isBlank()) {
            boolean none = bloom == BloomSchool.DRY || (product != null && !product.isGelatin());
            if (none) {
                return 0;
            }
            if (bloom == BloomSchool.SQUEEZED) {
                return parameters.gel().squeezedKeeps().value() * gelG;
            }
        }
        return fields.amount(path, "Bloom water", from.water(), Subject.water("Bloom water"), 0, MOST_G)
                .grams();
    }

    private Component.Cooked cooked(String at, WrittenFormula.Component from, Lines lines, Kind kind) {
        var boil = from.work("boil");
        var join = fields.known(
                GanacheJoin.of(from.work("join").way()),
                "join-unknown",
                at + "/work/join/way",
                "Joined",
                from.work("join").way(),
                Problem.rule("join-unknown"));
        var stage = fields.known(
                Caramel.of(from.work("heat").stage()),
                "stage-unknown",
                at + "/work/heat/stage",
                "Burnt to",
                from.work("heat").stage(),
                Problem.rule("stage-unknown"));
        double minutes = boil.lasts().isBlank()
                ? 0
                : fields.field(
                        "duration-unreadable",
                        at + "/work/boil/lasts",
                        "Cooked for",
                        boil.lasts(),
                        0.0,
                        text -> Typed.minutes(text, 0, MOST_HELD_MIN));
        double pan = panCm(at, boil.pan(), lines);
        double away = away(at + "/work/boil/away", boil.away(), from.work(), lines, kind, minutes, pan);
        var how = boil.away().isBlank() && away > 0 ? "estimated" : "";
        return new Component.Cooked(
                join == null ? GanacheJoin.HOT_CREAM : join,
                minutes,
                away,
                how,
                pan,
                stage == null ? Caramel.MEDIUM : stage,
                work.ovenC(at, from),
                work.ovenMinutes(at, from));
    }

    /** Water that fruit or nuts lose in the oven, g; never more than they have. */
    private double inTheOven(List<WrittenFormula.Work> done, Lines lines) {
        var p = parameters.pan();
        return done.stream()
                .flatMap(entry -> SideWork.of(entry.verb()).stream())
                .mapToDouble(side -> switch (side) {
                    case ROAST -> Oven.loses(p.roastLoses(), lines.grams(), lines.waterG());
                    case TOAST -> Oven.loses(p.toastLoses(), lines.grams(), lines.waterG());
                    default -> 0;
                })
                .max()
                .orElse(0);
    }

    /** Width of the pan it boils in, cm: as named, else the smallest that it fills at most half. */
    private double panCm(String at, String text, Lines lines) {
        return text.isBlank()
                ? Boiling.panCm(lines.grams())
                : fields.number(at + "/work/boil/pan", "Pan", text, 20, LEAST_PAN_CM, MOST_PAN_CM, "cm");
    }

    /** Water that boils away: as written, or estimated from the time of a compote; all added water of a caramel. */
    private double away(
            String at,
            String text,
            List<WrittenFormula.Work> done,
            Lines lines,
            Kind kind,
            double minutes,
            double panCm) {
        if (text.isBlank()) {
            if (kind == Kind.CARAMEL) {
                return lines.read().stream()
                        .filter(line -> line.share() == Share.HOT
                                && line.part().ingredient().id().equals(Roles.WATER))
                        .mapToDouble(line -> line.part().grams())
                        .sum();
            }
            return kind == Kind.COMPOTE
                    ? Boiling.away(parameters.pan(), panCm, minutes, lines.waterG())
                    : inTheOven(done, lines);
        }
        double away = text.strip().endsWith("%")
                ? lines.grams()
                        * fields.field(
                                "boiled-away-unreadable", at, "Boiled away", text, 0.0, t -> Typed.share(t, 0, 99))
                : fields.amount(at, "Boiled away", text, Subject.water("Boiled away"), 0, MOST_G)
                        .grams();
        if (lines.complete() && away > lines.waterG()) {
            fields.report(
                    "boiled-away-too-much",
                    at,
                    "Boiled away",
                    text,
                    Problem.rule("boiled-away-too-much").with("water", Argument.figure(lines.waterG(), 0)));
        }
        return away;
    }

    private double pour(String at, WrittenFormula.Component from, Kind kind) {
        boolean blank = from.work("pour").at().isBlank();
        if (kind.isSolid() && blank) {
            return ROOM_C;
        }
        boolean folded = from.lines().stream().anyMatch(line -> !line.foam().isEmpty());
        if (blank && folded) {
            return Double.NaN;
        }
        return fields.celsius(
                at + "/work/pour/at", "Pour temperature", from.work("pour").at(), LEAST_POUR_C, MOST_POUR_C);
    }
}
