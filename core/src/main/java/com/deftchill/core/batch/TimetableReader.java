package com.deftchill.core.batch;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;

/** Understands where a dessert stands, or says what stands in the way. */
final class TimetableReader {
    static final double LEAST_AIR_C = -40;
    static final double MOST_AIR_C = 40;
    private static final int MOST_PLACES = 20;
    private static final double DAY_MINUTES = 24 * 60;
    private static final double MOST_MINUTES = 14 * DAY_MINUTES;
    private static final double MOST_DOORS = 120;
    private static final double LEAST_ROOM_C = 5;
    private static final double MOST_PLATE_C = 80;

    private final FieldReader fields;
    private final Larder larder;
    private final Kitchen kitchen;
    private final WrittenFormula formula;
    private final WrittenFormula.Cooling written;

    TimetableReader(FieldReader fields, Larder larder, Kitchen kitchen, WrittenFormula formula) {
        this.fields = fields;
        this.larder = larder;
        this.kitchen = kitchen;
        this.formula = formula;
        this.written = formula.cooler();
    }

    /**
     * @param home the cooler that it mostly stands in; null where that could not be read
     * @param homeC its air, °C
     */
    Timetable read(Cooler home, double homeC) {
        double doors = fields.number("/cooler/doors", "Opened, times an hour", written.doors(), 0, 0, MOST_DOORS, "");
        double room = celsius("/room", "Room", formula.room(), kitchen.roomC(), LEAST_ROOM_C, MOST_AIR_C);
        double plate = celsius("/plate", "Plate", formula.plate(), room, 0, MOST_PLATE_C);
        var stays = stays(home, homeC);
        return stays.isEmpty() ? null : new Timetable(stays, doors, room, plate);
    }

    private List<Stay> stays(Cooler home, double homeC) {
        var places = written.places();
        if (places.isEmpty()) {
            return home == null
                    ? List.of()
                    : List.of(new Stay(home, homeC, Double.POSITIVE_INFINITY, Stay.Cover.OPEN, Stay.Stand.USUAL));
        }
        if (places.size() > MOST_PLACES) {
            fields.report(
                    "places-count",
                    "/cooler/places",
                    "Places",
                    Integer.toString(places.size()),
                    Problem.rule("at-most").with("most", Argument.figure(MOST_PLACES, 0)));
            return List.of();
        }
        var stays = new ArrayList<Stay>();
        for (int i = 0; i < places.size(); i++) {
            stays.add(stay(places.get(i), i, home, homeC));
        }
        double minutes = stays.stream()
                        .mapToDouble(Stay::seconds)
                        .filter(Double::isFinite)
                        .sum()
                / 60;
        if (minutes > MOST_MINUTES) {
            fields.report(
                    "places-too-long",
                    "/cooler/places",
                    "Places",
                    Notation.write(minutes / DAY_MINUTES, 1) + " days",
                    Problem.rule("places-too-long"));
        }
        return stays;
    }

    private Stay stay(WrittenFormula.Stay place, int index, Cooler home, double homeC) {
        var at = "/cooler/places/" + index;
        var name = "Place " + (index + 1);
        boolean atHome = place.of().isEmpty();
        var cooler =
                atHome ? home : fields.known(larder.cooler(place.of()), "cooler-unknown", at + "/of", name, place.of());
        double usual = atHome || cooler == null ? homeC : cooler.airC();
        double air = celsius(at + "/air", name + ", its air", place.air(), usual, LEAST_AIR_C, MOST_AIR_C);
        var cover = fields.known(
                Stay.Cover.of(place.cover()),
                "cover-unknown",
                at + "/cover",
                name + ", cover",
                place.cover(),
                Problem.rule("cover-unknown"));
        var stand = fields.known(
                Stay.Stand.of(place.stand()),
                "stand-unknown",
                at + "/stand",
                name + ", stands on",
                place.stand(),
                Problem.rule("stand-unknown"));
        return new Stay(cooler, air, seconds(place, index), cover, stand);
    }

    private double seconds(WrittenFormula.Stay place, int index) {
        boolean last = index == written.places().size() - 1;
        var path = "/cooler/places/" + index + "/stay";
        var field = "Place " + (index + 1) + ", how long";
        if (place.stay().isBlank()) {
            if (!last) {
                fields.report("stay-missing", path, field, "", Problem.rule("stay-missing"));
            }
            return Double.POSITIVE_INFINITY;
        }
        return 60
                * fields.field(
                        "stay-unreadable",
                        path,
                        field,
                        place.stay(),
                        Double.NaN,
                        text -> Typed.minutes(text, 1, MOST_MINUTES));
    }

    private double celsius(String path, String field, String text, double blank, double least, double most) {
        return text.isBlank() ? blank : fields.celsius(path, field, text, least, most);
    }
}
