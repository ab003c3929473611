package com.deftchill.server.workplace;

import com.deftchill.core.chill.Stop;
import com.deftchill.server.problem.NewerQuestionException;
import com.deftchill.server.problem.TooLongException;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;

/** The questions being answered by this copy of the application; of one page and kind, only the newest goes on. */
final class Questions {
    private final ConcurrentMap<String, Question> newest = new ConcurrentHashMap<>();

    /** A question begins; an older one of the same page and kind ends. */
    private volatile boolean closing;

    /** The application ends: whatever is being computed ends with it, and its page asks again. */
    void close() {
        closing = true;
    }

    Question begin(Asked asked, Duration deadline) {
        var question = new Question(asked, deadline);
        if (!asked.page().isEmpty()) {
            newest.compute(asked.key(), (key, before) -> {
                if (before == null) {
                    return question;
                }
                boolean older = before.asked.number() > asked.number();
                (older ? question : before).superseded = true;
                return older ? before : question;
            });
        }
        return question;
    }

    /** A question being answered: looked at, once a step, by whatever computes the answer. */
    final class Question implements Stop {
        private final Asked asked;
        private final Duration deadline;
        private final long until;
        private volatile boolean superseded;
        private volatile boolean ended;

        private Question(Asked asked, Duration deadline) {
            this.asked = asked;
            this.deadline = deadline;
            until = System.nanoTime() + deadline.toNanos();
        }

        @Override
        public void check() {
            if (superseded || ended || closing) {
                throw new NewerQuestionException();
            }
            if (System.nanoTime() - until > 0) {
                throw new TooLongException(deadline);
            }
        }

        /** The answer is there, or nobody wants it. */
        void end() {
            ended = true;
            newest.remove(asked.key(), this);
        }
    }
}
