package com.deftchill.core.alternative;

import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.List;

/** What only comes whole: eggs and gelatin sheets, and what is left of them. */
final class Wholes {
    private static final double CRUMB_G = 0.5;

    private Wholes() {}

    static String of(Dessert dessert) {
        var found = new ArrayList<String>();
        double yolks = pieces(dessert, Roles.YOLK, "yolk");
        double whites = pieces(dessert, Roles.WHITE, "white");
        for (var portrait : dessert.portraits()) {
            for (var line : portrait.component().lines()) {
                egg(line).forEach(found::add);
            }
            sheets(portrait.component()).forEach(found::add);
        }
        double spare = Math.ceil(yolks - 0.02) - Math.ceil(whites - 0.02);
        if (spare > 0) {
            found.add(Notation.write(spare, 0) + (spare == 1 ? " white is" : " whites are") + " left over.");
        } else if (spare < 0) {
            found.add(Notation.write(-spare, 0) + (spare == -1 ? " yolk is" : " yolks are") + " left over.");
        }
        return String.join(" ", found);
    }

    private static double pieces(Dessert dessert, String id, String piece) {
        return dessert.portraits().stream()
                .flatMap(portrait -> portrait.component().lines().stream())
                .filter(line -> line.part().ingredient().id().equals(id))
                .mapToDouble(line -> line.part().grams()
                        / line.part().ingredient().spooned().pieces().getOrDefault(piece, 1.0))
                .sum();
    }

    private static List<String> egg(Component.Line line) {
        var ingredient = line.part().ingredient();
        if (!ingredient.has(Trait.EGG) || ingredient.spooned().pieces().isEmpty()) {
            return List.of();
        }
        var piece = ingredient.spooned().pieces().entrySet().iterator().next();
        double exact = line.part().grams() / piece.getValue();
        double whole = Math.max(1, Math.ceil(exact - 0.02));
        double left = whole * piece.getValue() - line.part().grams();
        return List.of(Words.grams(line.part().grams()) + " of " + ingredient.name() + " is "
                + Notation.write(whole, 0) + " " + piece.getKey() + (whole == 1 ? "" : "s")
                + (left > CRUMB_G ? ", " + Words.grams(left) + " of it left over." : "."));
    }

    private static List<String> sheets(Component component) {
        var product = component.gel().product();
        if (component.gel() == Component.Gel.NONE || product.form() != Form.SHEET) {
            return List.of();
        }
        double exact = component.gel().grams() / product.sheetG();
        double half = Math.max(0.5, Math.rint(exact * 2) / 2);
        return Math.abs(half - exact) < 0.02
                ? List.of()
                : List.of("In sheets: " + Notation.write(half, 1) + " instead of " + Notation.write(exact, 2) + " ("
                        + Words.grams(half * product.sheetG()) + ").");
    }
}
