package com.deftchill.core.recipe;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Cooling;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.paste.PastedLine;
import com.deftchill.core.paste.PastedList;
import com.deftchill.core.recipe.ReadRecipe.Left;
import com.deftchill.core.text.Notation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads a whole recipe. One reader reads one text. */
public final class RecipeReader {
    /** Where nothing else is said: the fridge, filled in the morning. Neither is told as read. */
    private static final Cooling FRIDGE = new Cooling(Roles.FRIDGE, "4 °C");

    private static final String MORNING = "10:00";
    private static final String USUAL_GLASS = Roles.GLASS;
    private static final int LONGEST_OWN = 400;
    private static final int MOST_OWN = 20;
    /** A sentence that says hardly more than where it goes. */
    private static final int SHORT_SENTENCE = 40;

    private static final double MINUTES_PER_HOUR = 60;
    private static final Pattern BLOOM_WATER = Pattern.compile(
            "(?i)^(\\d+(?:[.,/]\\d+)?\\s*(?:ml|g|tbsp|tablespoons?|tsp|teaspoons?))\\s+(?:of )?(?:cold |iced |tap )?water\\b.*\\b(?:gelatine?|bloom|soak|sheets|leaves).*$");

    private final Larder larder;
    private final Measures measures;
    private final VesselWords vessels;
    private final List<Draft> drafts = new ArrayList<>();
    private final List<Fact> facts = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private final List<Told> told = new ArrayList<>();
    private String name = "";
    private VesselWords.Vessel vessel;
    private int vesselAt;
    private VesselWords.Count count;
    private int countAt;
    private Span served;
    private String servedAs = "";
    private Chill lastChill;
    private double frozenMin;
    private Span frozen;

    /** A value of a component, its place known once all components are. */
    private record Told(Draft draft, String part, String what, String value, int from, int to, boolean sure) {}

    private record Span(int from, int to) {}

    private record Chill(Draft draft, double minutes, int from, int to, boolean sure) {}

    private RecipeReader(Larder larder, Measures measures) {
        this.larder = larder;
        this.measures = measures;
        vessels = new VesselWords(larder);
    }

    /** What a text says. Without an ingredient in it the document has no component. */
    public static ReadRecipe read(String text, Larder larder, Measures measures) {
        return new RecipeReader(larder, measures).recipe(text.replace("\r", ""));
    }

    private ReadRecipe recipe(String text) {
        var lines = new RecipeLines(new PastedList(larder, measures), vessels).read(text);
        for (var line : lines) {
            switch (line.kind()) {
                case TITLE -> title(line);
                case INGREDIENT -> ingredient(line);
                case YIELD -> portions(line);
                default -> {
                    // The method follows once all components are known; headings stand with their lines.
                }
            }
        }
        var method = new MethodReader(new Notes());
        Draft now = drafts.isEmpty() ? null : drafts.get(0);
        for (var line : lines) {
            if (line.kind() == RecipeLine.Kind.METHOD) {
                now = sentences(method, line, now);
            } else if (line.kind() == RecipeLine.Kind.OTHER && !isYield(line)) {
                left.add(new Left(line.text(), line.from(), line.to()));
            }
        }
        var document = written().withNotes(text);
        untold(text, lines);
        facts.sort(Comparator.comparingInt(Fact::from).thenComparing(Fact::to));
        left.sort(Comparator.comparingInt(Left::from));
        return new ReadRecipe(document, facts, left);
    }

    /** Sentences of which nothing was told yet, neither as read nor as left: lines beyond the most, headings of nothing. */
    private void untold(String text, List<RecipeLine> lines) {
        int at = 0;
        for (var line : text.split("\n", -1)) {
            for (var span : MethodReader.sentences(line)) {
                var raw = line.substring(span[0], span[1]);
                var words = raw.strip();
                int from = at + span[0] + raw.length() - raw.stripLeading().length();
                int to = from + words.length();
                boolean told = facts.stream().anyMatch(f -> f.from() < to && f.to() > from)
                        || left.stream().anyMatch(l -> l.from() < to && l.to() > from)
                        || RecipeLines.isSection(words)
                        || lines.stream().anyMatch(l -> l.from() < to && l.to() > from && names(l));
                if (!told && words.chars().anyMatch(Character::isLetterOrDigit)) {
                    left.add(new Left(words, from, to));
                }
            }
            at += line.length() + 1;
        }
    }

    /** Whether a line is the heading of a component. */
    private boolean names(RecipeLine line) {
        return line.kind() == RecipeLine.Kind.HEADING
                && byHeading(line.text())
                        .filter(d -> !d.items.isEmpty() || d.gelled())
                        .isPresent();
    }

    private void title(RecipeLine line) {
        name = line.text();
        facts.add(new Fact("/name", -1, "Name", name, line.from(), line.to(), true));
    }

    private void portions(RecipeLine line) {
        vessels.count(line.text()).ifPresent(found -> counted(found, line.from()));
        vessels.vessel(line.text()).ifPresent(found -> filled(found, line.from()));
    }

    /** In what and for how many, in a line of its own: "One 23 cm fluted tin, 10 portions". */
    private boolean isYield(RecipeLine line) {
        boolean found = !RecipeLines.isSentence(line.text())
                && (vessels.count(line.text()).isPresent()
                        || vessels.vessel(line.text()).isPresent());
        if (found) {
            portions(line);
        }
        return found;
    }

    private void counted(VesselWords.Count found, int at) {
        // How many glasses is worth more than for how many.
        if (count == null || count.portions() && !found.portions()) {
            count = found;
            countAt = at;
        }
    }

    private void filled(VesselWords.Vessel found, int at) {
        if (vessel == null || found.sure() && !vessel.sure()) {
            vessel = found;
            vesselAt = at;
        }
    }

    private void ingredient(RecipeLine line) {
        var draft = draftOf(line);
        if (bloomWater(draft, line)) {
            return;
        }
        var read = line.read();
        boolean unclear =
                read.kind() == PastedLine.Kind.NOT_UNDERSTOOD || read.kind() == PastedLine.Kind.AMOUNT_UNCLEAR;
        if (unclear && read.amount().isBlank()) {
            left.add(new Left(line.text(), line.from(), line.to()));
            return;
        }
        if (read.gel()) {
            if (draft.gelled()) {
                left.add(new Left(line.text(), line.from(), line.to()));
            } else {
                draft.gel = line;
            }
            return;
        }
        draft.items.add(new Draft.Item(line, larder.ingredient(read.id()), "l" + (draft.items.size() + 1)));
    }

    /** Water that a list has for the gelatin alone. */
    private boolean bloomWater(Draft draft, RecipeLine line) {
        var water = BLOOM_WATER.matcher(line.text());
        if (!draft.water.isEmpty() || !water.matches()) {
            return false;
        }
        draft.water = water.group(1).strip();
        draft.bloom = "weighed";
        told.add(new Told(draft, "gels/g1/water", "Bloom water", draft.water, line.from(), line.to(), true));
        return true;
    }

    private Draft draftOf(RecipeLine line) {
        var key = Draft.key(line.under());
        var known = drafts.stream().filter(d -> d.key().equals(key)).findFirst();
        if (known.isPresent()) {
            return known.get();
        }
        var named = line.under().isEmpty() ? "" : tidy(line.under());
        var made = new Draft(named, key, line.from(), line.from());
        drafts.add(made);
        return made;
    }

    private static String tidy(String heading) {
        var plain = heading.replaceAll("(?i)^for (?:the|a|an|each)\\s+", "")
                .replaceAll("(?i)^the\\s+", "")
                .strip();
        var lower = plain.equals(plain.toUpperCase(Locale.ROOT)) ? plain.toLowerCase(Locale.ROOT) : plain;
        return lower.isEmpty() ? "" : Character.toUpperCase(lower.charAt(0)) + lower.substring(1);
    }

    private Draft sentences(MethodReader method, RecipeLine line, Draft before) {
        var now = byHeading(line.under()).orElse(before);
        for (var span : MethodReader.sentences(line.text())) {
            var raw = line.text().substring(span[0], span[1]);
            int lead = raw.length() - raw.stripLeading().length();
            var sentence = raw.strip();
            int at = line.from() + span[0] + lead;
            if (now == null) {
                left.add(new Left(sentence, at, at + sentence.length()));
                continue;
            }
            if (byHeading(line.under()).isEmpty()) {
                now = about(sentence, now);
            }
            boolean understood = method.read(now, sentence, at);
            var into = vessels.vessel(sentence).filter(v -> fills(sentence));
            into.ifPresent(found -> filled(found, at));
            understood |= into.isPresent() && sentence.length() < SHORT_SENTENCE;
            if (fills(sentence)) {
                vessels.count(sentence).filter(c -> !c.portions()).ifPresent(found -> counted(found, at));
            }
            if (!understood) {
                left.add(new Left(sentence, at, at + sentence.length()));
                if (now.own.size() < MOST_OWN) {
                    now.own.add(sentence.substring(0, Math.min(LONGEST_OWN, sentence.length())));
                }
            }
        }
        return now;
    }

    private static boolean fills(String sentence) {
        return sentence.toLowerCase(Locale.ROOT)
                .matches(
                        "(?s).*\\b(?:pour|divide|fill|spoon|ladle|pipe|press|line|layer|into|in a|spread|tin|dish|mould|mold|glasses).*");
    }

    private Optional<Draft> byHeading(String heading) {
        var key = Draft.key(heading);
        return key.isEmpty()
                ? Optional.empty()
                : drafts.stream()
                        .filter(d -> !d.key().isEmpty() && (d.key().contains(key) || key.contains(d.key())))
                        .findFirst();
    }

    /** Which component a sentence is about: the one that it names, or most of whose ingredients it names; else the last one. */
    private Draft about(String sentence, Draft before) {
        if (drafts.size() == 1) {
            return before;
        }
        var s = sentence.toLowerCase(Locale.ROOT);
        var best = drafts.stream()
                .max(Comparator.comparingInt((Draft d) -> score(d, s)).thenComparing(d -> d == before))
                .orElse(before);
        int more = score(best, s) - score(before, s);
        // "The base" may be what is folded into: such a name alone does not change what is spoken of.
        boolean byName = more == 1 && !GENERAL.contains(best.key()) && best.namedIn(s) == before.namedIn(s);
        return more >= 2 || byName ? best : before;
    }

    private static final Set<String> GENERAL = Set.of("base", "cream", "filling", "top", "topping", "mix");

    private static int score(Draft draft, String sentence) {
        boolean named = !draft.key().isEmpty()
                && sentence.contains(draft.key())
                && !sentence.matches("(?s).*\\b(?:over|onto|on|into) the (?:set |cold |chilled )?"
                        + Pattern.quote(draft.key()) + ".*");
        // What is poured over another component is named there too; its ingredients tell more.
        return 2 * draft.namedIn(sentence) + (named ? 1 : 0) + (draft.gelled() && sentence.contains("gelatin") ? 1 : 0);
    }

    private final class Notes implements MethodReader.Heard {
        @Override
        public void fact(Draft draft, String part, String what, String value, int from, int to, boolean sure) {
            told.add(new Told(draft, part, what, value, from, to, sure));
        }

        @Override
        public void chills(Draft draft, double minutes, int from, int to, boolean sure) {
            lastChill = new Chill(draft, minutes, from, to, sure);
            waits.add(lastChill);
        }

        @Override
        public void freezes(double minutes, int from, int to) {
            frozenMin = minutes;
            frozen = new Span(from, to);
        }

        @Override
        public void served(String id, int from, int to) {
            // How a component leaves its mould says more than how a portion is cut.
            if (servedAs.isEmpty() || id.equals("turned-out") && !servedAs.equals("sliced")) {
                servedAs = id;
                served = new Span(from, to);
            }
        }
    }

    private final List<Chill> waits = new ArrayList<>();

    private WrittenFormula written() {
        var filled =
                drafts.stream().filter(d -> !d.items.isEmpty() || d.gelled()).toList();
        for (var chill : waits) {
            int index = filled.indexOf(chill.draft());
            boolean last = chill == lastChill && frozen == null;
            // What is poured on a layer waits for it; after the last pour the whole waits.
            var next = index >= 0 && index + 1 < filled.size() && !last ? filled.get(index + 1) : null;
            if (next != null && !next.work.containsKey("pour/after")) {
                var lasts = hours(chill.minutes());
                var pour = next.work.getOrDefault("pour", Work.of("pour"));
                next.work.put("pour", pour.with("when", "after").with("lasts", lasts));
                told.add(new Told(
                        next, "work/pour/lasts", "Poured after", lasts, chill.from(), chill.to(), chill.sure()));
            }
        }
        var components = new ArrayList<Component>();
        for (int i = 0; i < filled.size(); i++) {
            components.add(component(filled.get(i), i, filled.size()));
        }
        told.forEach(t -> {
            int index = filled.indexOf(t.draft());
            if (index >= 0) {
                facts.add(new Fact(
                        "/components/" + index + "/" + t.part(),
                        index,
                        t.what(),
                        t.value(),
                        t.from(),
                        t.to(),
                        t.sure()));
            }
        });
        return new WrittenFormula(
                WrittenFormula.SCHEMA,
                name,
                measures == Measures.UNKNOWN ? "" : measures.id(),
                served(),
                "",
                "",
                components,
                moulds(),
                cooler(),
                "",
                "",
                MORNING,
                "",
                "",
                "",
                null,
                null,
                "");
    }

    private Component component(Draft draft, int index, int of) {
        var guess = KindGuess.of(draft, draft.name().isEmpty() && of == 1 ? name : draft.name());
        var at = "/components/" + index;
        var called = draft.name().isEmpty() ? named(guess.kind(), of) : draft.name();
        int from = draft.items.isEmpty()
                ? draft.gel.from()
                : draft.items.get(0).line.from();
        int to = draft.items.isEmpty()
                ? draft.gel.to()
                : draft.items.get(draft.items.size() - 1).line.to();
        facts.add(new Fact(at + "/kind", index, "Kind", guess.kind().words(), from, to, guess.sure()));
        var lines = new ArrayList<Line>();
        for (var item : draft.items) {
            var read = item.read();
            lines.add(new Line(item.id, read.id(), "", read.amount(), "", item.foam));
            boolean sure = read.sure() && read.kind() == PastedLine.Kind.UNDERSTOOD;
            facts.add(new Fact(
                    at + "/lines/" + item.id + "/amount",
                    index,
                    read.name().isEmpty() ? item.words() : read.name(),
                    read.amount(),
                    item.line.from(),
                    item.line.to(),
                    sure));
        }
        coolsToFold(draft);
        var gels = draft.gelled() ? List.of(gel(draft, at, index)) : List.<Gel>of();
        var foams = draft.foams.stream()
                .map(f -> new Foam(f.id, f.stage, f.at, f.cooking))
                .toList();
        var work = new ArrayList<>(draft.work.values());
        draft.own.forEach(text -> work.add(Work.of("own").with("text", text)));
        return new Component("c" + (index + 1), called, guess.kind().id(), "", lines, gels, foams, work);
    }

    /** What cools before something is folded into it is cooled for that. */
    private void coolsToFold(Draft draft) {
        var pour = draft.work.get("pour");
        boolean folds = draft.folded()
                && pour != null
                && !pour.at().isEmpty()
                && (!draft.work.containsKey("fold")
                        || draft.work.get("fold").base().isEmpty());
        if (!folds) {
            return;
        }
        draft.work.put("fold", draft.work.getOrDefault("fold", Work.of("fold")).with("base", pour.at()));
        if (pour.when().isEmpty()) {
            draft.work.remove("pour");
        } else {
            draft.work.put("pour", pour.with("at", ""));
        }
        told.replaceAll(t -> t.draft() == draft && t.part().equals("work/pour/at")
                ? new Told(draft, "work/fold/base", "Base at folding", t.value(), t.from(), t.to(), t.sure())
                : t);
    }

    private Gel gel(Draft draft, String at, int index) {
        var read = draft.gel.read();
        boolean sure = read.sure() && read.kind() == PastedLine.Kind.UNDERSTOOD;
        facts.add(new Fact(
                at + "/gels/g1/amount", index, read.name(), read.amount(), draft.gel.from(), draft.gel.to(), sure));
        return new Gel("g1", read.id(), read.amount(), draft.bloom, draft.water);
    }

    private String named(Kind kind, int of) {
        var words = kind.words();
        return of == 1 && !name.isEmpty() ? name : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String served() {
        if (!servedAs.isEmpty()) {
            facts.add(new Fact("/served", -1, "Served", servedAs, served.from(), served.to(), true));
            return servedAs;
        }
        var by = vessel == null ? "in-glass" : byVessel();
        if (vessel != null) {
            facts.add(new Fact("/served", -1, "Served", by, vesselAt + vessel.from(), vesselAt + vessel.to(), false));
        }
        return by;
    }

    private String byVessel() {
        double ml = vessel.mould().vessel().profile().brimMl();
        return switch (vessel.mould().release()) {
            case LIFT -> "sliced";
            case PEEL -> "turned-out";
            default -> ml > 700 ? "from-dish" : "in-glass";
        };
    }

    private Moulds moulds() {
        var mould = vessel == null ? USUAL_GLASS : vessel.mould().id();
        if (vessel != null) {
            facts.add(new Fact(
                    "/moulds/of",
                    -1,
                    "Filled into",
                    vessel.mould().name(),
                    vesselAt + vessel.from(),
                    vesselAt + vessel.to(),
                    vessel.sure()));
        }
        boolean large = vessel != null && vessel.mould().vessel().profile().brimMl() > 700;
        if (count == null) {
            return new Moulds(mould, large ? "1" : "", "", "", "");
        }
        int from = countAt + count.from();
        int to = countAt + count.to();
        var number = Integer.toString(count.number());
        if (large && (count.portions() || count.number() > 2)) {
            facts.add(new Fact("/moulds/portions", -1, "Portions", number, from, to, true));
            return new Moulds(mould, "1", number, "", "");
        }
        facts.add(new Fact("/moulds/count", -1, "How many", number, from, to, !count.portions()));
        return new Moulds(mould, number, "", "", "");
    }

    private Cooling cooler() {
        var places = new ArrayList<Stay>();
        if (frozen != null) {
            var lasts = hours(frozenMin);
            places.add(new Stay(Roles.FREEZER, "", lasts, "", ""));
            facts.add(new Fact("/cooler/places/0/stay", -1, "Frozen for", lasts, frozen.from(), frozen.to(), true));
        }
        if (lastChill != null) {
            var lasts = hours(lastChill.minutes());
            places.add(new Stay("", "", lasts, "", ""));
            facts.add(new Fact(
                    "/cooler/places/" + (places.size() - 1) + "/stay",
                    -1,
                    "Chilled for",
                    lasts,
                    lastChill.from(),
                    lastChill.to(),
                    lastChill.sure()));
        } else if (frozen != null) {
            places.add(new Stay("", "", "", "", ""));
        }
        return places.isEmpty() ? FRIDGE : FRIDGE.withPlaces(places);
    }

    private static String hours(double minutes) {
        return minutes >= MINUTES_PER_HOUR
                ? Notation.write(minutes / MINUTES_PER_HOUR, 2) + " h"
                : Notation.write(minutes, 0) + " min";
    }
}
