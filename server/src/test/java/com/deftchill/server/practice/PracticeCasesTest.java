package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.method.Step;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Desserts whose outcome any experienced cook knows: none that works is called bad, and what fails is named. */
@Execution(ExecutionMode.CONCURRENT)
class PracticeCasesTest {
    private static final Path PAGE = Path.of("../docs/practice.md");
    private static final List<PracticeCase> CASES = PracticeCase.all();

    @Test
    void everyCaseComesOutAsACookKnows() {
        long right = CASES.stream().filter(c -> c.wrong().isEmpty()).count();
        System.out.println("practice cases right: " + right + " of " + CASES.size());
        assertThat(CASES).allSatisfy(c -> assertThat(c.wrong()).as(c.name()).isEmpty());
    }

    /** A fix whose address leads nowhere would be left out in silence. */
    @Test
    void everyFixChangesWhatIsThere() {
        assertThat(Answered.all())
                .allSatisfy(dessert -> assertThat(dessert.fixes())
                        .as(dessert.name())
                        .allSatisfy(fix -> Changes.take(dessert.formula(), fix.changes())));
    }

    @Test
    void thePageOfTheDocsIsMadeFromThem() throws IOException {
        var page = """
                # Practice cases

                Generic desserts whose outcome any experienced cook knows, and what the product says of them: made from
                `server/src/test/resources/practice` by `PracticeCasesTest` (with `-DupdateDocs=true`). Each starts at 10:00.

                | case | what the product says |
                | --- | --- |
                """ + CASES.stream().map(PracticeCase::row).collect(Collectors.joining("\n", "", "\n"));
        if (Boolean.getBoolean("updateDocs")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).as("run with -DupdateDocs=true").isEqualTo(page);
    }

    /** What a cook stands beside is done within an evening. */
    @Test
    void nobodyStandsAtAPanForDays() {
        assertThat(CASES)
                .allSatisfy(c -> assertThat(c.told().method().stream()
                                .filter(step -> step.kind() != Step.Kind.WAITING)
                                .filter(step -> step.minutes() > 180)
                                .map(step -> step.id() + " " + step.minutes() + " min"))
                        .as(c.name())
                        .isEmpty());
    }
}
