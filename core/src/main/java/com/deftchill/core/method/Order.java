package com.deftchill.core.method;

import com.deftchill.core.batch.Component;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The order in which components are made: what others take from first, else bottom up. */
final class Order {
    private Order() {}

    static List<Integer> ofMaking(List<Component> components) {
        Set<Integer> order = new LinkedHashSet<>();
        for (int i = 0; i < components.size(); i++) {
            add(components, i, order);
        }
        return new ArrayList<>(order);
    }

    private static void add(List<Component> components, int index, Set<Integer> order) {
        for (var line : components.get(index).lines()) {
            line.made().ifPresent(made -> {
                for (int i = 0; i < components.size(); i++) {
                    if (i != index && components.get(i).id().equals(made.of().id())) {
                        add(components, i, order);
                    }
                }
            });
        }
        order.add(index);
    }
}
