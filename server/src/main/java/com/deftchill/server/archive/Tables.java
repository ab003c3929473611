package com.deftchill.server.archive;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.making.Event;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.server.archive.Column.Kind;
import com.deftchill.server.batchlog.BatchRecord;
import com.deftchill.server.batchlog.CameOut;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.ladder.Layout;
import com.deftchill.server.learn.StoredFigure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.core.type.TypeReference;

/**
 * What goes into an archive, in the order in which it can be stored again. Not in it: people, their sessions and who changed what;
 * what is computed anew; readings of instruments that nobody kept with a batch.
 */
final class Tables {
    static final String PHOTO = "photo";

    private static final Table REVISION = new Table(
            "revision",
            "revisions",
            "formula_id",
            List.of("formula_id", "number"),
            List.of("number"),
            columns("id ID number WHOLE name TEXT created_at MOMENT", Column.json("document", WrittenFormula.class)),
            List.of());

    static final Table FORMULA = new Table(
            "formula",
            "formulas",
            "",
            List.of(),
            List.of(),
            columns(
                    "id ID name TEXT version WHOLE created_at MOMENT updated_at MOMENT put_away_at MOMENT",
                    Column.json("document", WrittenFormula.class)),
            List.of(REVISION));

    static final Table PLAN = new Table(
            "plan",
            "plans",
            "",
            List.of(),
            List.of(),
            columns(
                    "id ID name TEXT version WHOLE changed_by TEXT begins_at MOMENT created_at MOMENT"
                            + " updated_at MOMENT",
                    Column.json("document", WrittenPlan.class),
                    Column.json("schedule", Schedule.class)),
            List.of());

    private static final Table EVENT = new Table(
            "making_event",
            "events",
            "making_id",
            List.of(),
            List.of("happened", "stored_at"),
            columns("id ID happened MOMENT stored_at MOMENT", Column.json("event", Event.class)),
            List.of());

    static final Table MAKING = new Table(
            "making",
            "makings",
            "",
            List.of(),
            List.of(),
            columns(
                    "id ID name TEXT begun_by TEXT formula_id ID zone TEXT begun_at MOMENT finished_at MOMENT batch_id ID"
                            + " plan_id ID plan_dish TEXT",
                    Column.json("document", WrittenFormula.class)),
            List.of(EVENT));

    private static final Table CHANGE = new Table(
            "batch_change",
            "corrections",
            "batch_id",
            List.of(),
            List.of("changed_at"),
            columns("id ID changed_by TEXT changed_at MOMENT", Column.json("earlier", CameOut.class)),
            List.of());

    private static final Table PHOTOS = new Table(
            PHOTO,
            "photos",
            "batch_id",
            List.of(),
            List.of("created_at"),
            columns("id ID taken_by TEXT caption TEXT width WHOLE height WHOLE created_at MOMENT"),
            List.of());

    static final Table BATCH = new Table(
            "batch",
            "log",
            "",
            List.of(),
            List.of(),
            columns(
                    "id ID made_on DAY poured_at TIME outcome TEXT standing_mm FIGURE cook TEXT note TEXT formula_id ID"
                            + " making_id ID version WHOLE found_by TEXT created_at MOMENT changed_at MOMENT",
                    Column.json("record", BatchRecord.class),
                    Column.json("predicted", StoredPrediction.class),
                    Column.json("document", WrittenFormula.class)),
            List.of(CHANGE, PHOTOS));

    static final Table LADDER = new Table(
            "ladder",
            "ladders",
            "",
            List.of(),
            List.of(),
            columns(
                    "id ID name TEXT version WHOLE formula_id ID made_by TEXT made_at MOMENT shown_at MOMENT",
                    Column.json("layout", Layout.class),
                    Column.json("scores", new TypeReference<Map<String, Map<String, Integer>>>() {}.getType())),
            List.of());

    static final Table OWN_ENTRY = new Table(
            "own_entry",
            "larder",
            "",
            List.of("kind", "entry_id"),
            List.of("kind", "entry_id"),
            columns(
                    "id ID kind TEXT entry_id TEXT version WHOLE created_at MOMENT",
                    Column.json("entry", OwnEntry.class)),
            List.of());

    static final Table LEARNED = new Table(
            "learned_set",
            "numbers",
            "",
            List.of("number"),
            List.of("number"),
            columns(
                    "id ID number WHOLE current YES_OR_NO accepted_by TEXT accepted_at MOMENT",
                    Column.json("figures", new TypeReference<List<StoredFigure>>() {}.getType()),
                    Column.json("batches", new TypeReference<List<UUID>>() {}.getType())),
            List.of());

    static final Table IN_USE = new Table(
            "in_use", "in-use", "", List.of("what"), List.of("what"), columns("id ID what TEXT which TEXT"), List.of());

    static final Table CALIBRATION = new Table(
            "calibration",
            "calibrations",
            "",
            List.of(),
            List.of("tried_at"),
            columns(
                    "id ID instrument TEXT tried_by TEXT tried_at MOMENT ice FIGURE boil FIGURE boils FIGURE offset_k FIGURE"
                            + " slope FIGURE"),
            List.of());

    /** Each row in a file of its own, in a folder of the table's key. */
    static final List<Table> ONE_FILE_EACH = List.of(FORMULA, PLAN, MAKING, BATCH, LADDER);

    /** All rows in one file. */
    static final List<Table> TOGETHER = List.of(OWN_ENTRY, LEARNED, IN_USE, CALIBRATION);

    private Tables() {}

    /** @param plain names and kinds, one after the other */
    private static List<Column> columns(String plain, Column... documents) {
        var words = plain.split(" ");
        var columns = new ArrayList<Column>();
        for (int i = 0; i < words.length; i += 2) {
            columns.add(Column.of(words[i], Kind.valueOf(words[i + 1])));
        }
        columns.addAll(List.of(documents));
        return List.copyOf(columns);
    }
}
