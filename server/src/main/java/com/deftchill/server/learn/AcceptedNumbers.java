package com.deftchill.server.learn;

import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Unknown;
import com.deftchill.server.workplace.KitchenNumbers;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The current set, as far as it is of the lots that are open and of whoever works. */
@Component
class AcceptedNumbers implements KitchenNumbers {
    static final String COOK = "cook";

    private final LearnedSetRepository sets;
    private final InUseRepository inUse;

    AcceptedNumbers(LearnedSetRepository sets, InUseRepository inUse) {
        this.sets = sets;
        this.inUse = inUse;
    }

    @Override
    @Transactional(readOnly = true)
    public Workplace put(Workplace handbook) {
        return sets.findFirstByCurrentTrue()
                .map(set -> put(handbook, set.getFigures(), using()))
                .orElse(handbook);
    }

    @Override
    @Transactional(readOnly = true)
    public double probeOffset(String probe) {
        var unknown = Unknown.probe(probe);
        return sets.findFirstByCurrentTrue().stream()
                .flatMap(set -> set.getFigures().stream())
                .filter(figure -> figure.unknown().equals(unknown))
                .mapToDouble(StoredFigure::value)
                .findFirst()
                .orElse(0);
    }

    /** Of several lots or cooks only those in use count. */
    static Workplace put(Workplace handbook, List<StoredFigure> figures, Map<String, String> using) {
        var now = handbook;
        for (var figure : figures) {
            if (counts(figure, using)) {
                now = figure.unknown().put(now, figure.value());
            }
        }
        return now;
    }

    static boolean counts(StoredFigure figure, Map<String, String> using) {
        var unknown = figure.unknown();
        return switch (figure.scope()) {
            case LOT -> unknown.lotName().equals(using.getOrDefault(unknown.gelatin(), ""));
            case COOK -> figure.of().equals(using.getOrDefault(COOK, ""));
            // Of a probe that was tried anew since, no reading asks for it any more.
            case COOLER, INGREDIENT, PROBE, KITCHEN, MODEL -> true;
        };
    }

    Map<String, String> using() {
        var using = new HashMap<String, String>();
        inUse.findAll().forEach(one -> using.put(one.getWhat(), one.getWhich()));
        return using;
    }

    @Override
    @Transactional(readOnly = true)
    public String fingerprint() {
        return sets.findFirstByCurrentTrue()
                .map(set -> set.getNumber() + "." + Integer.toHexString(new TreeMap<>(using()).hashCode()))
                .orElse("");
    }
}
