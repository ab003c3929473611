package com.deftchill.server.making;

import com.deftchill.core.alternative.Comparison;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.learn.Quantity;
import com.deftchill.core.making.ColdChain;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Making;
import com.deftchill.core.text.Message;
import com.deftchill.server.batchlog.BatchRecord;
import com.deftchill.server.batchlog.BatchRecord.LotUsed;
import com.deftchill.server.batchlog.BatchRecord.PortionCame;
import com.deftchill.server.batchlog.BatchRecord.ReadingMade;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.batchlog.Outcome;
import com.deftchill.server.batchlog.Probes;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.KitchenService;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What the log keeps of a batch that was made step by step. */
@Component
class MakingRecords {
    private static final double SECONDS = 60;
    private static final int MOST_LINES = 200;
    private static final int LONGEST_LINE = 500;

    private final KitchenService kitchens;
    private final MessageWriter messages;
    private final Probes probes;

    MakingRecords(KitchenService kitchens, MessageWriter messages, Probes probes) {
        this.probes = probes;
        this.kitchens = kitchens;
        this.messages = messages;
    }

    BatchRecord of(Making making) {
        return new BatchRecord(lots(making), portions(making), List.of(), List.of(), cores(making), happened(making));
    }

    private static List<LotUsed> lots(Making making) {
        var lots = new ArrayList<LotUsed>();
        making.saidOf(Kind.LOT).forEach((address, lot) -> {
            var of = Changes.text(making.planned(), address.replaceAll("/[^/]*$", "/of"));
            if (!of.isBlank() && !lot.isBlank()) {
                lots.add(new LotUsed(of, lot.strip()));
            }
        });
        return lots;
    }

    private static List<PortionCame> portions(Making making) {
        var portions = new ArrayList<PortionCame>();
        making.saidOf(Kind.CAME_OUT).forEach((number, outcome) -> {
            if (number.matches("\\d{1,3}") && BatchService.isOutcome(outcome)) {
                portions.add(new PortionCame(Integer.parseInt(number), Outcome.valueOf(outcome), null));
            }
        });
        return portions;
    }

    /** Temperatures of the core, by minutes after the pour; before it there is none. */
    private List<ReadingMade> cores(Making making) {
        var readings = new ArrayList<ReadingMade>();
        var poured = making.poured();
        for (var event : making.events()) {
            if (event.kind() == Kind.CHECKED && poured.isPresent() && event.second() > poured.getAsLong()) {
                celsius(event)
                        .ifPresent(c -> readings.add(core((event.second() - poured.getAsLong()) / SECONDS, c, event)));
            }
        }
        return readings;
    }

    private ReadingMade core(double minutes, double celsius, Event event) {
        boolean typed = event.instrument().isEmpty();
        double corrected = typed ? 0 : probes.learntOffset(event.instrument());
        return new ReadingMade(
                Quantity.CORE_AT.id(),
                null,
                minutes,
                celsius,
                typed ? null : event.instrument(),
                corrected == 0 ? null : corrected);
    }

    private Optional<Double> celsius(Event event) {
        try {
            return Optional.of(
                    ColdChain.celsius(event.text(), kitchens.workplace().kitchen()));
        } catch (UnreadableException e) {
            return Optional.empty();
        }
    }

    /** What was made otherwise than written, what went wrong, what was done about it. */
    private List<String> happened(Making making) {
        var lines = new ArrayList<String>();
        for (var row : Comparison.changes(making.planned(), making.made(), kitchens.workplace())) {
            lines.add(write(Message.of("making.otherwise")
                    .with("name", row.name().said())
                    .with("before", row.before().said())
                    .with("after", row.after().said())));
        }
        making.wentWrong().forEach(symptom -> lines.add(write(Message.of("rescue.symptom." + symptom))));
        for (var event : making.events()) {
            if (event.kind() == Kind.TOOK && !event.text().isEmpty()) {
                lines.add(event.text());
            }
        }
        return lines.stream()
                .distinct()
                .limit(MOST_LINES)
                .map(line -> line.substring(0, Math.min(LONGEST_LINE, line.length())))
                .toList();
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }
}
