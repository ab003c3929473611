package com.deftchill.core.batch;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.formula.WrittenFormula;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads how a component is heated, folded, dipped and pressed. */
final class WorkReader {
    private static final double MOST_COLD_C = 40;
    private static final double MOST_HOT_C = 105;
    /** Caramel and syrup are far above the boil. */
    private static final double MOST_CARAMEL_C = 200;

    private static final double MOST_HELD_MIN = 24 * 60;
    private static final double MOST_FOLD_C = 95;
    private static final double FRIDGE_C = 5;

    private final FieldReader fields;

    WorkReader(FieldReader fields) {
        this.fields = fields;
    }

    Heating heating(String at, WrittenFormula.Heat heat, Kind kind) {
        double held = heat.held().isBlank()
                ? 0
                : fields.field(
                        "duration-unreadable",
                        at + "/held",
                        "Held hot",
                        heat.held(),
                        0.0,
                        text -> Typed.minutes(text, 0, MOST_HELD_MIN));
        double most = kind == Kind.CARAMEL ? MOST_CARAMEL_C : MOST_HOT_C;
        return new Heating(
                fields.optionalCelsius(at + "/hot", "Heated to", heat.hot(), 0, most),
                held,
                fields.optionalCelsius(at + "/cold", "Cold share", heat.cold(), 0, MOST_COLD_C));
    }

    Component.Fold fold(String at, WrittenFormula.Fold fold) {
        var whip = fields.known(
                Whip.of(fold.whip()),
                "whip-unknown",
                at + "/whip",
                "Whipped",
                fold.whip(),
                "must be ribbon, soft, medium or stiff");
        var school = fields.known(
                FoldSchool.of(fold.school()),
                "fold-unknown",
                at + "/school",
                "Folding",
                fold.school(),
                "must be thirds, first-beaten or beaten");
        var base = fields.optionalCelsius(at + "/base", "Base at folding", fold.base(), 0, MOST_FOLD_C);
        double foam = fields.optionalCelsius(at + "/foam", "Foam at folding", fold.foam(), 0, MOST_FOLD_C)
                .orElse(FRIDGE_C);
        return new Component.Fold(
                whip == null ? Whip.MEDIUM : whip, school == null ? FoldSchool.THIRDS : school, base, foam);
    }

    Component.Dipped dipped(String at, WrittenFormula.Soak soak) {
        double seconds = soak.dip().strip().equalsIgnoreCase("drenched")
                ? Soaking.DRENCHED_SECONDS
                : fields.number(at + "/dip", "Dip", soak.dip(), 2, 0, 600, "s");
        if (!Set.of("", "cream").contains(soak.barrier())) {
            fields.report("barrier-unknown", at + "/barrier", "Barrier", soak.barrier(), "must be cream or empty");
        }
        return new Component.Dipped(seconds, soak.barrier().equals("cream"));
    }

    Component.Pressed pressed(String at, WrittenFormula.Crust crust) {
        double thickness = fields.number(at + "/thickness", "Thickness", crust.thickness(), Double.NaN, 1, 60, "mm");
        double wall = fields.number(at + "/wall", "Wall", crust.wall(), 0, 0, 300, "mm");
        if (!Set.of("", "chilled", "baked").contains(crust.finish())) {
            fields.report("finish-unknown", at + "/finish", "Base", crust.finish(), "must be chilled or baked");
        }
        return new Component.Pressed(
                Double.isNaN(thickness) ? OptionalDouble.empty() : OptionalDouble.of(thickness),
                Double.isNaN(wall) ? 0 : wall,
                crust.finish().equals("baked"));
    }
}
