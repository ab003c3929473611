package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Lists as they come out of messages, torn and mangled: always an answer, never one of ours; how long they take is printed. */
@Asking
class PastedListsApiTest {
    private static final int LISTS = Boolean.getBoolean("deftchill.long") ? 5_000 : 120;
    private static final int MOST_CHARACTERS = 20_000;

    private static final List<String> AMOUNTS = List.of(
            "one and a half cups",
            "300 g",
            "1½",
            "2 (7 g) packets",
            "half a pint (284 ml)",
            "1 x 400 g tin",
            "just under 2 oz",
            "3-4 tbsp",
            "zest of 2",
            "a knob of",
            "1,5 dl",
            "2/3 cup",
            "",
            "0",
            "-5 g",
            "1e9 kg",
            "9999999999999999999999 g");
    private static final List<String> NAMES = List.of(
            "double cream",
            "peanut butter",
            "leaf gelatine, soaked",
            "caster sugar (or honey)",
            "lemons",
            "cream cheese, at room temperature",
            "unicorn tears",
            "ПЕРСИКИ",
            "🍐 pears",
            "");
    private static final List<String> ENDS = List.of("\n", "\r\n", "; ", "\n\n", "\t", ", ");

    @Test
    void noListBreaksTheServer(Server server) {
        var api = new Api(server);
        var random = new Random(20_261_126);
        double slowest = 0;
        for (int i = 0; i < LISTS; i++) {
            var body = Api.json().put("text", list(random)).put("measures", pick(List.of("metric", "us", ""), random));
            long start = System.nanoTime();
            var answer = api.post("/api/pasted-lists", body.toString());
            slowest = Math.max(slowest, (System.nanoTime() - start) / 1e6);
            assertThat(answer.status()).as(body.toString()).isIn(200, 400, 422);
        }
        System.out.printf("%d broken lists: slowest answer %.0f ms%n", LISTS, slowest);
    }

    /** Most are of a few lines with something wrong; one in fifty is of one thing over and over, as long as may be. */
    private static String list(Random random) {
        if (random.nextInt(50) == 0) {
            var piece = pick(List.of("(", "1 1/2 ", "9", "½", "cream of ", "a ", " x 2 (7 g) ", "-", "  "), random);
            return piece.repeat(MOST_CHARACTERS / piece.length());
        }
        var text = new StringBuilder();
        int lines = random.nextInt(20);
        for (int line = 0; line < lines; line++) {
            text.append(pick(AMOUNTS, random))
                    .append(' ')
                    .append(pick(NAMES, random))
                    .append(pick(ENDS, random));
        }
        for (int slips = random.nextInt(6); slips > 0 && !text.isEmpty(); slips--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, (char) (1 + random.nextInt(0x2fff)));
                case 2 -> text.setCharAt(at, "0123456789½⅔°:.,/()x-".charAt(random.nextInt(21)));
                default -> text.delete(at, Math.min(text.length(), at + random.nextInt(12)));
            }
        }
        return text.toString();
    }

    private static <T> T pick(List<T> of, Random random) {
        return of.get(random.nextInt(of.size()));
    }
}
