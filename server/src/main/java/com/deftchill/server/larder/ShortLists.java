package com.deftchill.server.larder;

import com.deftchill.server.larder.LarderView.ChoiceView;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;

/** What a cook chooses from in short lists, by what is chosen: {@code text/choices.csv}. */
final class ShortLists {
    private static final String FILE = "/com/deftchill/server/text/choices.csv";
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .get();

    static final Map<String, List<ChoiceView>> ALL = read();

    private ShortLists() {}

    private static Map<String, List<ChoiceView>> read() {
        var lists = new LinkedHashMap<String, List<ChoiceView>>();
        try (var in = ShortLists.class.getResourceAsStream(FILE);
                var rows = FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (var row : rows) {
                lists.computeIfAbsent(row.get("field"), field -> new ArrayList<>())
                        .add(new ChoiceView(row.get("value"), row.get("label"), row.get("also")));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return lists;
    }
}
