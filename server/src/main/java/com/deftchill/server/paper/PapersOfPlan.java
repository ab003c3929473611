package com.deftchill.server.paper;

import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.plan.SolvedPlans.Solved;
import com.deftchill.server.workplace.Asked;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;

/** Everything on paper that a service needs: the day plan, and of each dessert its card and its labels, for as many as are wanted. */
@Service
class PapersOfPlan {
    private static final int SECONDS = 60;
    private static final int MOST_LABELS = 200;

    private final PaperService papers;
    private final DayPaper day;

    PapersOfPlan(PaperService papers, DayPaper day) {
        this.papers = papers;
        this.day = day;
    }

    /** By name; in the order in which they stand in the zip. */
    Map<String, byte[]> of(Solved plan, Format format, Asked asked) {
        var all = new LinkedHashMap<String, byte[]>();
        all.put("day plan.pdf", day.of(plan, format));
        all.put("day plan.ics", plan.calendar().getBytes(StandardCharsets.UTF_8));
        all.put("day plan.csv", plan.table().getBytes(StandardCharsets.UTF_8));
        var names = new HashSet<String>();
        for (var dish : plan.day().dishes()) {
            var document = plan.scaled().get(dish.id());
            var name = PaperNames.file(dish.name());
            var once = names.add(name) ? name : name + " " + dish.id();
            all.put(once + " card.pdf", papers.card(document, format, asked));
            var made = Instant.ofEpochSecond(plan.made(dish) * SECONDS)
                    .atZone(plan.day().zone())
                    .toLocalDateTime();
            all.put(
                    once + " labels.pdf",
                    papers.labels(document, made, Math.min(MOST_LABELS, Math.max(1, dish.count())), asked));
        }
        return all;
    }

    static void write(Map<String, byte[]> files, OutputStream to) throws IOException {
        try (var zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            for (var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
    }
}
