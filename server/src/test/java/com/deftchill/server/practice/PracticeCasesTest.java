package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PracticeCasesTest {
    @Test
    void everyCaseComesOutAsACookKnows() {
        var all = PracticeCase.all();
        all.forEach(c -> System.out.println(c.row()));
        long right = all.stream().filter(c -> c.wrong().isEmpty()).count();
        System.out.println("practice cases right: " + right + " of " + all.size());
        assertThat(all).allSatisfy(c -> assertThat(c.wrong()).as(c.name()).isEmpty());
    }
}
