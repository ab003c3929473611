package com.deftchill.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;

/** The Bench as a cook finds things on it: by role and label. */
record Bench(Page page) {
    Locator line() {
        return page.getByTestId("line");
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Opens where the figures of a good verdict come from: good ones are folded together. */
    void whyGood(String headline) {
        var good = page.locator("details.good-ones");
        if (good.getAttribute("open") == null) {
            good.locator("summary").click();
        }
        button("Why: " + headline).click();
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator status() {
        return page.getByRole(AriaRole.STATUS);
    }

    /** Chooses from a short list, or types what is wanted into a long one and takes it. */
    void choose(String label, String option) {
        choose(field(label), option);
    }

    void choose(Locator field, String option) {
        if ("combobox".equals(field.getAttribute("role"))) {
            field.fill(option);
            options()
                    .getByText(option, new Locator.GetByTextOptions().setExact(true))
                    .first()
                    .click();
        } else {
            field.selectOption(new SelectOption().setLabel(option));
        }
    }

    /** What a long list offers while it is open. */
    Locator options() {
        return page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION);
    }

    Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** An entry of the formula's menu. */
    void menu(String entry) {
        button("Formula ▾").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(entry))
                .click();
    }

    /** Opens another formula by way of the Book; in the Cold, where one was. */
    void open(String formula) {
        boolean inTheCold = page.url().contains("/cold");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Book").setExact(true))
                .click();
        page.getByLabel("Search the Book").fill(formula);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(formula).setExact(true))
                .first()
                .click();
        if (inTheCold) {
            page.waitForURL("**/bench/**");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Cold").setExact(true))
                    .click();
        }
    }
}
