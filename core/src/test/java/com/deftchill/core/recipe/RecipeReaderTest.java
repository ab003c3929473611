package com.deftchill.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Kitchens;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Twenty made-up recipes, as cooks of different countries write them, with the facts that they state: nine of ten are read
 * right, and nothing is taken for sure that the text does not say.
 */
class RecipeReaderTest {
    private static final Path RECIPES = Path.of("src/test/resources/com/deftchill/core/recipe");
    private static final Larder LARDER = LarderFiles.shipped();
    private static final double RIGHT = 0.9;

    private static ReadRecipe read(String text) {
        return RecipeReader.read(text, LARDER, Measures.US);
    }

    private static Map<String, String> texts() throws IOException {
        var texts = new TreeMap<String, String>();
        try (var files = Files.list(RECIPES)) {
            for (var file : files.filter(f -> f.toString().endsWith(".txt")).toList()) {
                texts.put(file.getFileName().toString().replace(".txt", ""), Files.readString(file));
            }
        }
        return texts;
    }

    /** Facts as {@code path=value}; of a line with what it is. */
    private static List<String> facts(ReadRecipe recipe, boolean sureAlone) {
        return recipe.facts().stream()
                .filter(fact -> fact.sure() || !sureAlone)
                .map(fact ->
                        fact.path() + "=" + (fact.path().contains("/lines/") ? fact.what() + ": " : "") + fact.value())
                .toList();
    }

    @Test
    void nineOfTenFactsAreRightAndNothingIsInvented() throws IOException {
        int stated = 0;
        int right = 0;
        var missed = new ArrayList<String>();
        var invented = new ArrayList<String>();
        for (var recipe : texts().entrySet()) {
            var expected = Files.readAllLines(RECIPES.resolve(recipe.getKey() + ".facts"));
            var read = read(recipe.getValue());
            var all = facts(read, false);
            stated += expected.size();
            for (var fact : expected) {
                if (all.contains(fact)) {
                    right++;
                } else {
                    missed.add(recipe.getKey() + " " + fact);
                }
            }
            facts(read, true).stream()
                    .filter(fact -> !expected.contains(fact))
                    .forEach(fact -> invented.add(recipe.getKey() + " " + fact));
        }
        System.out.println("recipes: " + right + " of " + stated + " facts right; missed " + missed);
        assertThat(invented).isEmpty();
        assertThat((double) right / stated).isGreaterThanOrEqualTo(RIGHT);
    }

    /** Each word with a letter or a figure in it is read, marked as left, the name of a component, or of a part of the recipe. */
    private static List<String> silent(String text) {
        var read = read(text);
        var told = new boolean[text.length()];
        read.facts().stream().filter(f -> !f.path().endsWith("/kind")).forEach(f -> mark(told, f.from(), f.to()));
        read.left().forEach(l -> mark(told, l.from(), l.to()));
        var names = read.document().components().stream()
                .map(c -> c.name().toLowerCase(java.util.Locale.ROOT))
                .toList();
        var silent = new ArrayList<String>();
        int at = 0;
        for (var line : text.split("\n", -1)) {
            for (var sentence : MethodReader.sentences(line)) {
                var words = line.substring(sentence[0], sentence[1]).strip();
                var name = Draft.key(words.replaceAll("[:*#_]", "").strip());
                boolean named = !name.isEmpty() && names.stream().anyMatch(n -> n.contains(name) || name.contains(n));
                boolean anything = false;
                for (int i = at + sentence[0]; i < at + sentence[1]; i++) {
                    anything |= told[i];
                }
                if (!anything && !named && !RecipeLines.isSection(words) && words.matches("(?s).*[\\p{L}\\d].*")) {
                    silent.add(words);
                }
            }
            at += line.length() + 1;
        }
        return silent;
    }

    private static void mark(boolean[] told, int from, int to) {
        java.util.Arrays.fill(told, from, to, true);
    }

    @Test
    void nothingOfARecipeIsLostInSilence() throws IOException {
        for (var recipe : texts().entrySet()) {
            assertThat(read(recipe.getValue()).document().notes())
                    .as(recipe.getKey())
                    .isEqualTo(recipe.getValue());
            assertThat(silent(recipe.getValue())).as(recipe.getKey()).isEmpty();
        }
        var odd = """
                From the blue notebook, page 12. It was good.

                Rhubarb: 400g rhubarb, trimmed, 60g sugar, zest of an orange

                For the cream:
                300 ml whipping cream
                3 sheets gold gelatine
                2 sheets silver gelatine
                mint to decorate

                Cook the rhubarb until soft. Soak the gelatine. Heat the cream to 65 °C. Sing a song meanwhile.
                Rhubarb: 400g
                """ + "a line of its own\n".repeat(450) + "the last one";
        assertThat(read(odd).document().notes()).isEqualTo(odd);
        assertThat(silent(odd)).isEmpty();
        assertThat(read(odd).left())
                .extracting(ReadRecipe.Left::text)
                .contains("mint to decorate", "2 sheets silver gelatine", "Sing a song meanwhile.", "the last one");
        // Words without one ingredient are kept too.
        assertThat(read("Only\nwords here.").document().notes()).isEqualTo("Only\nwords here.");
    }

    /** Every fact stands where it says, and what is understood and what is left make up no more than the text. */
    @Test
    void everyFactIsLinkedToItsWords() throws IOException {
        for (var recipe : texts().entrySet()) {
            var text = recipe.getValue();
            var read = read(text);
            assertThat(read.document().components()).as(recipe.getKey()).isNotEmpty();
            for (var fact : read.facts()) {
                assertThat(fact.from()).as(fact.toString()).isBetween(0, text.length());
                assertThat(fact.to()).as(fact.toString()).isBetween(fact.from() + 1, text.length());
            }
            for (var left : read.left()) {
                assertThat(text.substring(left.from(), left.to())).isEqualTo(left.text());
            }
        }
    }

    /** What was read can be computed, or what is missing is asked for by name. */
    @Test
    void whatIsReadIsUnderstoodOrAsked() throws IOException {
        int computed = 0;
        for (var recipe : texts().entrySet()) {
            var answer = Kitchens.ASSESSOR.assess(read(recipe.getValue()).document(), Kitchens.STANDARD);
            computed += answer.value().isPresent() ? 1 : 0;
            answer.problems()
                    .forEach(p -> assertThat(p.path()).as(recipe.getKey()).startsWith("/"));
        }
        System.out.println("recipes that are computed as they are read: " + computed + " of " + texts().size());
        assertThat(computed).isGreaterThanOrEqualTo(10);
    }

    @Test
    void whatIsNotUnderstoodIsKeptAsText() {
        var read = read("Fruit cream\n\n300 g pear puree\n3 unobtainable roots\n\nSing to it. Cool to 20 °C.");
        assertThat(read.left().stream().map(ReadRecipe.Left::text).collect(Collectors.joining("|")))
                .isEqualTo("3 unobtainable roots|Sing to it.");
        assertThat(read.document().components().get(0).work())
                .anyMatch(w -> w.text().equals("Sing to it."));
    }

    /** What the larder does not have is asked about, with its amount; its name still says what kind of component it is in. */
    @Test
    void anIngredientThatTheLarderDoesNotHaveIsAskedAbout() {
        var read = read("Cups\n\nFor the base\n200 g malt biscuits\n80 g butter\n\nCrush and press.");
        var base = read.document().components().get(0);
        assertThat(base.kind()).isEqualTo("crumb");
        assertThat(base.lines().get(0).of()).isEmpty();
        assertThat(read.facts())
                .filteredOn(fact -> fact.path().equals("/components/0/lines/l1/amount"))
                .singleElement()
                .satisfies(fact -> {
                    assertThat(fact.what()).isEqualTo("malt biscuits");
                    assertThat(fact.value()).isEqualTo("200 g");
                    assertThat(fact.sure()).isFalse();
                });
    }

    @Test
    void textsThatAreNoRecipeAreNone() {
        for (var text : List.of("", " \n ", "hello", "12", ":::", "# \n##", "🍐🍐🍐", "a".repeat(5000))) {
            assertThat(read(text).document().components()).as(text).isEmpty();
        }
    }

    /** Any mixture of the lines of all recipes is read without an error, within a second. */
    @Test
    void mixedUpLinesBreakNothing() throws IOException {
        var random = new Random(20_261_126);
        var lines = texts().values().stream().flatMap(String::lines).toList();
        for (int i = 0; i < 200; i++) {
            var text = random.ints(40, 0, lines.size())
                    .mapToObj(lines::get)
                    .map(line -> random.nextInt(5) == 0 && !line.isEmpty()
                            ? line.substring(random.nextInt(line.length()))
                            : line)
                    .collect(Collectors.joining("\n"));
            var read = read(text);
            assertThat(read.facts()).allSatisfy(f -> assertThat(f.to()).isLessThanOrEqualTo(text.length()));
        }
    }
}
