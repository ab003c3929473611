package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Several desserts planned together: from the Book to who does what when, moved, late, and where nothing fits. */
class DayErrandsTest extends Errands {
    private static final Pattern IN_TIME = Pattern.compile("everything is ready in time");

    private String formula(String demo, String name) {
        return api.post("/api/formulas", Api.demo(demo).put("name", name).toString())
                .json()
                .at("/id")
                .asString();
    }

    /** A stored plan of two desserts for a day far ahead. */
    private ObjectNode plan(String name) {
        var plan = (ObjectNode) api.get("/api/plan-starts?zone=Europe/Berlin").json();
        plan.put("name", name);
        ((ObjectNode) plan.at("/services/0")).put("on", "2031-03-29");
        var dishes = (ArrayNode) plan.at("/dishes");
        for (var id :
                new String[] {formula("pear-bay", name + " pear"), formula("brown-butter-quince", name + " quince")}) {
            dishes.addObject()
                    .put("id", "d" + dishes.size())
                    .put("formula", id)
                    .put("version", 0)
                    .put("service", "s1");
        }
        return plan;
    }

    private Page open(ObjectNode plan) {
        var stored = api.post(
                "/api/plans",
                JsonNodeFactory.instance.objectNode().set("document", plan).toString());
        return browser.page("/day/" + stored.json().at("/id").asString());
    }

    private static Locator line(Page page) {
        return page.getByTestId("line");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static void settled(Page page) {
        assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Search")))
                .containsText("Plan anew");
        assertThat(line(page)).containsText(IN_TIME);
    }

    @Test
    void aDessertOfThePlanIsMadeInItsNumber() {
        var plan = plan("To be made");
        ((ObjectNode) plan.at("/dishes/0")).put("count", "5");
        var page = open(plan);
        settled(page);
        page.locator("[data-task^='d1/']").first().click();
        button(page, "Make To be made pear now").click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Weigh");
        var making =
                api.get("/api/makings/" + page.url().replaceAll(".*/make/", "")).json();
        assertThat(making.at("/made/moulds/count").asString()).isEqualTo("5");
    }

    @Test
    void whatBeganLateAtTheStoveIsPlannedAroundOnceItIsSeen() {
        var plan = plan("Late at the stove");
        // A day that is over: nothing happens in the future.
        ((ObjectNode) plan.at("/services/0")).put("on", "2025-03-29");
        var page = open(plan);
        settled(page);
        var id = page.url().replaceAll(".*/day/", "");
        page.waitForCondition(
                () -> !api.get("/api/plans/" + id).json().at("/schedule/slots").isEmpty());
        long planned = api.get("/api/plans/" + id)
                .json()
                .at("/schedule/slots")
                .path("d1/0.weigh")
                .path("start")
                .asLong();
        var making = UUID.randomUUID().toString();
        var begun = JsonNodeFactory.instance
                .objectNode()
                .put("id", making)
                .put("formulaId", plan.at("/dishes/0/formula").asString())
                .put("planId", id)
                .put("planDish", "d1");
        assertThat(api.post("/api/makings", begun.toString()).status()).isEqualTo(201);
        var late = "{\"events\":[{\"id\":\"%s\",\"at\":%d,\"kind\":\"BEGAN\",\"step\":\"0.weigh\"}]}"
                .formatted(UUID.randomUUID(), (planned + 9) * 60_000);
        api.post("/api/makings/" + making + "/events", late);
        assertThat(page.getByText("At the stove “Weigh” began 9 min late")).isVisible();
        button(page, "What then?").first().click();
        assertThat(page.getByLabel("What then")).isVisible();
    }

    @Test
    void whatDoesNotKeepTheRulesIsSaidAboveTheLanes() {
        var page = open(plan("With a broken rule"));
        settled(page);
        assertThat(page.getByLabel("Rules that are not kept")).isHidden();
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        var id = page.url().replaceAll(".*/day/", "");
        page.close();
        var stored = (ObjectNode) api.get("/api/plans/" + id).json();
        var weighing = (ObjectNode) stored.at("/schedule/slots").path("d1/0.weigh");
        weighing.put("start", weighing.path("start").asLong() + 20);
        var moved = JsonNodeFactory.instance
                .objectNode()
                .put("version", stored.path("version").asLong());
        moved.set("document", stored.path("document"));
        moved.set("schedule", stored.path("schedule"));
        assertThat(api.put("/api/plans/" + id, moved.toString()).status()).isEqualTo(200);
        var again = browser.page("/day/" + id);
        var broken = again.getByLabel("Rules that are not kept");
        assertThat(broken).containsText("marked red");
        broken.getByRole(AriaRole.BUTTON).first().click();
        assertThat(again).hasURL(Pattern.compile("step="));
    }

    @Test
    void aPhoneBeginsWithTheList() {
        var page = open(plan("On a phone"));
        settled(page);
        page.setViewportSize(400, 850);
        assertThat(page.getByLabel("The plan in words")).containsText("Weigh");
        page.setViewportSize(1280, 800);
        assertThat(page.getByLabel("The plan in words")).isHidden();
    }

    @Test
    void dessertsOfTheBookArePlannedTogether() {
        formula("pear-bay", "Plannable pear");
        formula("brown-butter-quince", "Plannable quince");
        var page = browser.page("/");
        for (var name : new String[] {"Plannable pear", "Plannable quince"}) {
            page.getByLabel("Search the Book").fill(name);
            assertThat(page.getByRole(AriaRole.STATUS)).hasText("1 formula like that");
            button(page, "More for " + name).click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Plan it for a day…"))
                    .click();
        }
        page.getByText("Plan these for a day").click();
        button(page, "Plan 2").click();
        settled(page);
        page.getByText("In words", new Page.GetByTextOptions().setExact(true)).click();
        var words = page.getByLabel("The plan in words");
        assertThat(words).containsText("Turn out");
        assertThat(words).containsText("Dinner: 12 Plannable pear");
        page.getByText("Fetch and weigh", new Page.GetByTextOptions().setExact(true))
                .click();
        var list = page.getByLabel("What to fetch and weigh");
        assertThat(list).containsText("Cream 35 % fat");
        list.getByLabel("In order").selectOption("tray");
        assertThat(page.getByTestId("tray").first()).containsText("Pastry cook");
        page.reload();
        settled(page);
    }

    @Test
    void aStepSaysWhyItStandsThereAndIsSettledElsewhere() {
        var page = open(plan("Settle"));
        settled(page);
        var weigh = page.locator("[data-task='d1/0.weigh']");
        weigh.click();
        var step = page.getByLabel("The step", new Page.GetByLabelOptions().setExact(true));
        assertThat(step).containsText("Why not sooner");
        assertThat(step).containsText("begins");
        var before = page.getByLabel("Begins at").inputValue();
        page.getByLabel("Begins at").fill("soon");
        assertThat(step).containsText("must be a clock time");
        page.getByLabel("Begins at").fill("11:11");
        button(page, "Settle it there").click();
        assertThat(button(page, "Let it go")).isVisible();
        assertThat(step).containsText("11:11 to");
        settled(page);

        weigh.focus();
        page.keyboard().press("ArrowLeft");
        assertThat(step).containsText("11:06");
        button(page, "Undo").click();
        assertThat(step).containsText("11:11");
        button(page, "Let it go").click();
        assertThat(button(page, "Let it go")).hasCount(0);
        assertThat(before).isNotEqualTo("11:11");
    }

    @Test
    void aStepIsDraggedAndSaysWhereItCannotGo() {
        var page = open(plan("Drag"));
        settled(page);
        var fill = page.locator("[data-task='d1/0.fill']").boundingBox();
        page.mouse().move(fill.x + 3, fill.y + 5);
        page.mouse().down();
        page.mouse().move(fill.x - 60, fill.y + 5);
        page.mouse().move(fill.x - 90, fill.y + 5);
        assertThat(page.getByText("cannot be:")).containsText("too soon after");
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(page.getByText("cannot be:")).hasCount(0);
        settled(page);
    }

    /** A finger that moves scrolls; one that rests first takes the step up. */
    @Test
    void aRestingFingerTakesAStepUp() {
        var page = open(plan("Touch"));
        settled(page);
        finger(page, "pointerdown 0", "pointermove -70");
        assertThat(page.locator(".held")).hasCount(0);
        finger(page, "pointerup -70");

        finger(page, "pointerdown 0");
        assertThat(page.locator(".held").first()).isVisible();
        finger(page, "pointermove -90");
        assertThat(page.getByText("cannot be:")).containsText("too soon after");
        page.keyboard().press("Escape");
        assertThat(page.getByText("cannot be:")).hasCount(0);
        settled(page);
    }

    /** What a finger does on a step, one right after the other, each so far beside where it stands. */
    private static void finger(Page page, String... does) {
        page.locator("[data-task='d1/0.fill']").first().evaluate("""
                (step, does) => {
                  const box = step.getBoundingClientRect()
                  for (const [type, by] of does.map(d => d.split(' ')))
                    step.dispatchEvent(new PointerEvent(type, {
                      pointerType: 'touch', button: 0, bubbles: true,
                      clientX: box.x + 3 + Number(by), clientY: box.y + 5,
                    }))
                }
                """, List.of(does));
    }

    @Test
    void aDelayIsLookedAtBeforeItIsTaken() {
        var page = open(plan("Late"));
        settled(page);
        page.locator("[data-task='d1/0.heat']").click();
        page.getByLabel("Late by, min").fill("15");
        button(page, "What then?").click();
        var then = page.getByLabel("What then", new Page.GetByLabelOptions().setExact(true));
        assertThat(then).containsText("15 min late");
        button(page, "Leave it").click();
        assertThat(then).hasCount(0);
        button(page, "What then?").click();
        button(page, "Plan it so").click();
        // Told years ahead, it is fixed to its new moment, and nothing has begun.
        assertThat(button(page, "Let it go")).isVisible();
        assertThat(button(page, "It has not begun")).hasCount(0);
        page.reload();
        page.locator("[data-task='d1/0.heat']").click();
        assertThat(button(page, "Let it go")).isVisible();
    }

    @Test
    void aDelayOfADayThatHasComeMarksWhatHasBegun() {
        var plan = plan("Late then");
        ((ObjectNode) plan.at("/services/0")).put("on", "2025-03-29");
        var page = open(plan);
        settled(page);
        page.locator("[data-task='d1/0.heat']").click();
        page.getByLabel("Late by, min").fill("15");
        button(page, "What then?").click();
        button(page, "Plan it so").click();
        assertThat(button(page, "It has not begun")).isVisible();
        page.locator("[data-task='d1/0.weigh']").click();
        assertThat(button(page, "It has not begun")).isVisible();
        page.locator("[data-task='d1/0.fill']").click();
        assertThat(button(page, "It has not begun")).hasCount(0);
    }

    @Test
    void whereNothingFitsOneTouchHelps() {
        var plan = plan("Too much");
        plan.put("daysBefore", "0");
        ((ObjectNode) plan.at("/services/0")).put("at", "12:30");
        ((ObjectNode) plan.at("/people/0/shifts/0")).put("from", "08:30").put("to", "12:40");
        var page = open(plan);
        var why = page.getByLabel("Why it does not fit");
        assertThat(why).containsText("These cannot all be had");
        assertThat(why).containsText("12:30");
        why.getByRole(AriaRole.BUTTON).first().click();
        settled(page);
    }

    @Test
    void whatIsWishedForIsNamedWhereItIsWrongAndStaysTyped() {
        var page = open(plan("Wishes"));
        settled(page);
        page.getByText("What is wished for", new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Burners").fill("0");
        assertThat(line(page)).containsText("at least 1");
        assertThat(page.getByLabel("Burners")).hasValue("0");
        page.getByLabel("Burners").fill("2");
        settled(page);
        page.getByLabel("How many").first().fill("24");
        assertThat(page.getByText("24 Wishes pear").first()).isVisible();
        settled(page);
        page.getByLabel("Date").fill("");
        assertThat(line(page)).containsText("must be a date");
        page.getByLabel("Date").fill("2031-03-30");
        settled(page);
        assertThat(page.getByText("Sun 19:30").first()).isVisible();
    }
}
