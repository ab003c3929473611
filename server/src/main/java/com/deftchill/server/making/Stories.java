package com.deftchill.server.making;

import com.deftchill.core.making.ColdChain;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Making;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.KitchenService;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How a batch was made, for its record on paper: its steps by the clock, and the moments that food safety asks for. */
@Component
public class Stories {
    private final MakingService makings;
    private final Computing computing;
    private final KitchenService kitchens;
    private final MessageWriter messages;
    private final Clock clock;

    Stories(MakingService makings, Computing computing, KitchenService kitchens, MessageWriter messages, Clock clock) {
        this.makings = makings;
        this.computing = computing;
        this.kitchens = kitchens;
        this.messages = messages;
        this.clock = clock;
    }

    /**
     * A step as it was made.
     *
     * @param wanted temperature to reach or keep; may be empty
     * @param measured what was measured meanwhile, as typed or read
     */
    public record Moment(
            Optional<Instant> began,
            Optional<Instant> ended,
            String title,
            String component,
            String wanted,
            List<String> measured,
            String by) {}

    /** Its core, measured while it cooled; {@code instrument} is empty where it was typed. */
    public record Core(Instant at, String celsius, String instrument, String by) {}

    /**
     * A limit of the kitchen's rule set.
     *
     * @param words such as {@code below 21 °C: in time}
     * @param by when
     * @param reached when it was first measured below it
     */
    public record Limit(String words, Instant by, Optional<Instant> reached) {}

    /** All of it. */
    public record Story(ZoneId zone, List<Moment> moments, List<Core> cores, List<Limit> limits) {}

    public Story of(UUID id, Asked asked) {
        var kept = makings.get(id);
        var making = kept.making();
        var method = computing.<List<Step>>light(asked, (assessor, workplace) -> {
            var answer = assessor.assess(making.made(), workplace);
            return answer.value()
                    .orElseThrow(() -> new NotUnderstoodException(answer.problems()))
                    .method();
        });
        return new Story(kept.entity().getZone(), moments(making, method), cores(making), limits(making));
    }

    private List<Moment> moments(Making making, List<Step> method) {
        var moments = new ArrayList<Moment>();
        for (var step : method) {
            var run = making.runs().get(step.id());
            if (run != null) {
                var of = making.events().stream()
                        .filter(event -> event.step().equals(step.id()))
                        .toList();
                moments.add(new Moment(
                        instant(run.began()),
                        instant(run.ended()),
                        write(step.title()),
                        step.component(),
                        step.temperature().map(this::write).orElse(""),
                        of.stream()
                                .filter(event -> event.kind() == Kind.MEASURED)
                                .flatMap(event -> event.changes().stream())
                                .map(Change::value)
                                .toList(),
                        of.stream()
                                .map(Event::by)
                                .filter(by -> !by.isBlank())
                                .findFirst()
                                .orElse("")));
            }
        }
        return moments;
    }

    private static List<Core> cores(Making making) {
        return making.events().stream()
                .filter(event -> event.kind() == Kind.CHECKED)
                .map(event -> new Core(Instant.ofEpochMilli(event.at()), event.text(), event.instrument(), event.by()))
                .toList();
    }

    private List<Limit> limits(Making making) {
        var kitchen = kitchens.workplace().kitchen();
        return ColdChain.of(making, kitchen, clock.instant().getEpochSecond()).stream()
                .map(limit -> new Limit(
                        write(MakingService.said(limit)), Instant.ofEpochSecond(limit.by()), instant(limit.reached())))
                .toList();
    }

    private static Optional<Instant> instant(OptionalLong second) {
        return second.isPresent() ? Optional.of(Instant.ofEpochSecond(second.getAsLong())) : Optional.empty();
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }
}
