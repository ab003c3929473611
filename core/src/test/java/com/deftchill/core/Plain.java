package com.deftchill.core;

import com.deftchill.core.formula.Shares;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.OwnEntry;
import java.util.ArrayList;
import java.util.List;

/** A short way to write a dessert of tests: the everyday fields of a component side by side, put into its work. */
public final class Plain {
    private Plain() {}

    /** An ingredient, or {@code @id} of another component, and how it joins. */
    public record Line(String id, String ingredient, String amount, String treatment, String share) {
        public Line(String ingredient, String amount, String treatment, String share) {
            this("", ingredient, amount, treatment, share);
        }

        WrittenFormula.Line lifted(String given) {
            boolean part = ingredient.startsWith("@");
            return new WrittenFormula.Line(
                    id.isEmpty() ? given : id,
                    part ? "" : ingredient,
                    part ? ingredient.substring(1) : "",
                    amount,
                    treatment,
                    "");
        }
    }

    public record Gel(String product, String amount, String bloom, String bloomWater) {
        List<WrittenFormula.Gel> lifted() {
            boolean none = (product + amount + bloom + bloomWater).isEmpty();
            return none ? List.of() : List.of(new WrittenFormula.Gel("g1", product, amount, bloom, bloomWater));
        }
    }

    public record Heat(String hot, String held, String cold) {}

    public record Fold(String whip, String school, String base, String foam) {}

    public record Cook(String join, String minutes, String boiledAway, String stage) {}

    public record Soak(String dip, String barrier) {}

    public record Crust(String thickness, String wall, String finish) {}

    public record Component(
            String id,
            String name,
            String kind,
            String place,
            List<Line> lines,
            Gel gel,
            Heat heat,
            Fold fold,
            Cook cook,
            Soak soak,
            Crust crust,
            List<Work> own,
            String pourTemperature) {
        public Component {
            gel = gel == null ? new Gel("", "", "", "") : gel;
            heat = heat == null ? new Heat("", "", "") : heat;
            fold = fold == null ? new Fold("", "", "", "") : fold;
            cook = cook == null ? new Cook("", "", "", "") : cook;
            soak = soak == null ? new Soak("", "") : soak;
            crust = crust == null ? new Crust("", "", "") : crust;
            own = own == null ? List.of() : own;
        }

        /** A set cream. */
        public Component(String name, List<Line> lines, Gel gel, Heat heat, String pourTemperature) {
            this("", name, "", "", lines, gel, heat, null, null, null, null, null, pourTemperature);
        }

        public WrittenFormula.Component lifted() {
            var work = new ArrayList<Work>();
            add(work, "heat", "to", heat.hot, "stage", cook.stage);
            add(work, "hold", "lasts", heat.held);
            add(work, "join", "at", heat.cold, "way", cook.join);
            add(work, "boil", "lasts", cook.minutes, "away", cook.boiledAway);
            add(work, "soak", "lasts", soak.dip, "barrier", soak.barrier);
            add(work, "press", "thickness", crust.thickness, "wall", crust.wall, "way", crust.finish);
            add(work, "fold", "way", fold.school, "base", fold.base);
            add(work, "pour", "at", pourTemperature);
            work.addAll(own);
            boolean foam = !(fold.whip + fold.foam).isEmpty();
            var foams = foam ? List.of(new Foam("f1", fold.whip, fold.foam, "")) : List.<Foam>of();
            var bare = new WrittenFormula.Component(id, name, kind, place, List.of(), gel.lifted(), foams, work);
            return withLines(bare, lines);
        }

        private static void add(List<Work> work, String verb, String... fieldsAndTexts) {
            var entry = Work.of(verb);
            for (int i = 0; i < fieldsAndTexts.length; i += 2) {
                entry = entry.with(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
            }
            if (!entry.equals(Work.of(verb))) {
                work.add(entry);
            }
        }
    }

    /** A component with other lines, each joining as it says. */
    public static WrittenFormula.Component withLines(WrittenFormula.Component component, List<Line> lines) {
        var lifted = new ArrayList<WrittenFormula.Line>();
        for (int i = 0; i < lines.size(); i++) {
            lifted.add(lines.get(i).lifted("l" + (i + 1)));
        }
        var with = component.withLines(lifted);
        for (int i = 0; i < lines.size(); i++) {
            if (!lines.get(i).share().isEmpty()) {
                with = Shares.with(with, lifted.get(i).id(), lines.get(i).share());
            }
        }
        return with;
    }

    public record Moulds(String mould, String count, String loss, String slant) {
        public Moulds(String mould, String count, String loss) {
            this(mould, count, loss, "");
        }

        public WrittenFormula.Moulds lifted() {
            return new WrittenFormula.Moulds(mould, count, "", loss, slant);
        }
    }

    public record Cooling(String cooler, String air, List<Stay> places, String doors, String room, String plate) {
        public Cooling(String cooler, String air) {
            this(cooler, air, null, "", "", "");
        }
    }

    /** A dessert of such components. */
    public static WrittenFormula formula(
            String name,
            String measures,
            String served,
            String wanted,
            List<Component> components,
            Moulds moulds,
            Cooling cooler,
            String starts,
            List<OwnEntry> own) {
        return new WrittenFormula(
                WrittenFormula.SCHEMA,
                name,
                measures,
                served,
                wanted,
                "",
                components == null
                        ? null
                        : components.stream().map(Component::lifted).toList(),
                moulds == null ? null : moulds.lifted(),
                cooler == null
                        ? null
                        : new WrittenFormula.Cooling(cooler.cooler, cooler.air, cooler.places, cooler.doors),
                cooler == null ? "" : cooler.room,
                cooler == null ? "" : cooler.plate,
                starts,
                "",
                "",
                "",
                List.of(),
                own,
                "");
    }
}
