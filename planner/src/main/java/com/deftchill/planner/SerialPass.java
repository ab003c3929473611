package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.planner.Job.Held;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * A schedule made in one pass from the last task to the first: piece by piece, each as late as what stands already leaves
 * it. Tasks that must follow each other within a limit are one piece; within it other places are tried until all fit. A
 * pass takes about a tenth of a millisecond and finds one schedule for one order of the pieces: whoever asks tries many orders.
 */
final class SerialPass {
    /** Places that are tried for the tasks of one piece. */
    private static final int MOST_TRIES = 30;

    /** What does not fit is noted in the bits of a number. */
    private static final int MOST_IN_PIECE = Long.SIZE;

    private static final int NONE = Job.NONE;

    /**
     * Of pieces that may be placed next, that of the greatest rank is. Of two who can do something equally late the one who
     * works last is asked first where a piece is turned.
     */
    record Order(double[] ranks, boolean[] turned) {
        static Order any(int pieces, Random random) {
            var turned = new boolean[pieces];
            for (int piece = 0; piece < pieces; piece++) {
                turned[piece] = random.nextBoolean();
            }
            return new Order(random.doubles(pieces).toArray(), turned);
        }

        /** Once or twice, one piece ranked anew or two that change their ranks. */
        Order changed(Random random) {
            double[] other = ranks.clone();
            var otherTurned = turned.clone();
            for (int change = random.nextInt(2); change < 2; change++) {
                int one = random.nextInt(other.length);
                if (random.nextBoolean()) {
                    other[one] = random.nextDouble();
                    otherTurned[one] = random.nextBoolean();
                } else {
                    int two = random.nextInt(other.length);
                    double rank = other[one];
                    other[one] = other[two];
                    other[two] = rank;
                }
            }
            return new Order(other, otherTurned);
        }
    }

    private final Day day;
    private final Occupancy occupancy;
    private final List<Job> jobs;
    /** Of each piece its jobs, what waits before what it waits for. */
    private final int[][] pieces;

    private final int[] pieceOf;
    /** Of each job of a piece, by its place in it: those placed before it that may be why it has no place, as bits. */
    private final long[][] rivals;

    /** Of each piece how many links lead from it to jobs of others, and the pieces from which links lead to it. */
    private final int[] waiting;

    private final int[][] earlier;
    /** The pieces that may be placed next. */
    private final int[] free;

    private final int[] starts;
    private final int[] hands;
    private Order order;
    private int handsFrom;
    private int tries;
    /** Why there was no place for a job: jobs of its piece, as bits. */
    private long culprits;
    /** The job that would have to begin at a certain minute or before, so that there is a place; -1: none is known. */
    private int asked = NONE;

    private int askedFor;

    /** @param day in which nothing has begun */
    SerialPass(Day day) {
        this.day = day;
        occupancy = new Occupancy(day);
        jobs = Job.of(day, occupancy);
        starts = new int[jobs.size()];
        hands = new int[jobs.size()];
        pieceOf = tied(jobs);
        int count = Arrays.stream(pieceOf).max().orElse(NONE) + 1;
        pieces = IntStream.range(0, count).mapToObj(this::ordered).toArray(int[][]::new);
        waiting = new int[count];
        earlier = linked();
        free = new int[count];
        rivals = Arrays.stream(pieces)
                .map(piece -> IntStream.range(0, piece.length)
                        .mapToLong(place -> rivals(piece, place))
                        .toArray())
                .toArray(long[][]::new);
    }

    /** The number of each job's piece, from 0 on. */
    private static int[] tied(List<Job> jobs) {
        int[] root = IntStream.range(0, jobs.size()).toArray();
        for (int job = 0; job < root.length; job++) {
            for (var next : jobs.get(job).next()) {
                if (next.most() != NONE) {
                    int from = root[job];
                    int to = root[next.job()];
                    Arrays.setAll(root, i -> root[i] == from ? to : root[i]);
                }
            }
        }
        int[] names = Arrays.stream(root).distinct().toArray();
        return Arrays.stream(root)
                .map(name -> IntStream.range(0, names.length)
                        .filter(i -> names[i] == name)
                        .findFirst()
                        .orElseThrow())
                .toArray();
    }

    /** Of what may be placed next, what has a machine for itself for longest goes first. */
    private int[] ordered(int piece) {
        var left = new ArrayList<>(IntStream.range(0, jobs.size())
                .filter(job -> pieceOf[job] == piece)
                .boxed()
                .toList());
        int[] order = new int[left.size()];
        for (int place = 0; place < order.length; place++) {
            int best = NONE;
            for (int job : left) {
                boolean free = Arrays.stream(jobs.get(job).next()).noneMatch(next -> left.contains(next.job()));
                if (free
                        && (best == NONE
                                || jobs.get(job).claimed() > jobs.get(best).claimed())) {
                    best = job;
                }
            }
            order[place] = best;
            left.remove((Integer) best);
        }
        return order;
    }

    private int[][] linked() {
        var from = IntStream.range(0, pieces.length)
                .mapToObj(piece -> new ArrayList<Integer>())
                .toList();
        for (int job = 0; job < pieceOf.length; job++) {
            for (var next : jobs.get(job).next()) {
                int later = pieceOf[next.job()];
                if (later != pieceOf[job]) {
                    waiting[pieceOf[job]]++;
                    from.get(later).add(pieceOf[job]);
                }
            }
        }
        return from.stream()
                .map(all -> all.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private long rivals(int[] piece, int place) {
        if (piece.length > MOST_IN_PIECE) {
            return -1L;
        }
        var job = jobs.get(piece[place]);
        long bits = 0;
        for (int before = 0; before < place; before++) {
            int index = piece[before];
            var other = jobs.get(index);
            if (job.hands().length > 0 && other.hands().length > 0
                    || job.claimsWhatAnotherClaims(other)
                    || Arrays.stream(job.next()).anyMatch(next -> next.job() == index)
                    || Arrays.stream(job.holds()).anyMatch(held -> held.until() == index)) {
                bits |= 1L << before;
            }
        }
        return bits;
    }

    int pieces() {
        return pieces.length;
    }

    int jobs() {
        return jobs.size();
    }

    boolean needsHands(int job) {
        return jobs.get(job).hands().length > 0;
    }

    /** When a job begins, min from the span's beginning. */
    int start(int job) {
        return starts[job];
    }

    /**
     * @param since nobody's hands are wanted before that, min from the span's beginning
     * @return whether there was a place for all
     */
    boolean place(Order in, int since) {
        order = in;
        handsFrom = since;
        occupancy.clear();
        Arrays.fill(starts, NONE);
        Arrays.fill(hands, NONE);
        int[] waits = waiting.clone();
        int ready = 0;
        for (int piece = 0; piece < pieces.length; piece++) {
            if (waits[piece] == 0) {
                free[ready++] = piece;
            }
        }
        for (int placed = 0; placed < pieces.length; placed++) {
            if (ready == 0) {
                return false;
            }
            int next = takeFirst(ready--);
            tries = MOST_TRIES;
            if (!place(next, 0)) {
                return false;
            }
            for (int before : earlier[next]) {
                if (--waits[before] == 0) {
                    free[ready++] = before;
                }
            }
        }
        return true;
    }

    /** Takes the piece of the greatest rank out of those that may be placed next. */
    private int takeFirst(int ready) {
        int best = 0;
        for (int place = 1; place < ready; place++) {
            if (order.ranks[free[place]] > order.ranks[free[best]]) {
                best = place;
            }
        }
        int first = free[best];
        free[best] = free[ready - 1];
        return first;
    }

    /** Places the jobs of a piece from one on; false where there is no place, and then it is noted why. */
    private boolean place(int piece, int place) {
        if (place == pieces[piece].length) {
            return true;
        }
        int index = pieces[piece][place];
        var job = jobs.get(index);
        int earliest = job.hands().length == 0 ? job.earliest() : Math.max(job.earliest(), handsFrom);
        int from = earliest;
        int at = job.latest();
        for (var next : job.next()) {
            at = Math.min(at, starts[next.job()] - next.least() - job.minutes());
            if (next.most() != NONE) {
                from = Math.max(from, starts[next.job()] - next.most() - job.minutes());
            }
        }
        long why = rivals[piece][place];
        while (true) {
            int last = at;
            at = latest(index, at, from);
            if (at < from) {
                ask(job, latest(index, last, earliest), earliest);
                culprits = why;
                return false;
            }
            starts[index] = at;
            occupy(index, 1);
            if (place(piece, place + 1)) {
                return true;
            }
            occupy(index, -1);
            starts[index] = NONE;
            tries--;
            long bit = 1L << place;
            if (tries < 0 || (culprits & bit) == 0) {
                return false;
            }
            why |= culprits & ~bit;
            at = asked == index ? Math.min(at - 1, askedFor) : at - 1;
            asked = NONE;
        }
    }

    /** There would be a place for a job at a minute, if what follows it within a limit began sooner. */
    private void ask(Job job, int at, int earliest) {
        asked = NONE;
        for (var next : job.next()) {
            int latest = at + job.minutes() + next.most();
            if (at >= earliest && next.most() != NONE && starts[next.job()] > latest) {
                asked = next.job();
                askedFor = latest;
            }
        }
    }

    /** The latest minute at which a job may begin with what is left; less than {@code from} where there is none. */
    private int latest(int index, int at, int from) {
        var job = jobs.get(index);
        int best = job.attention() == 0 ? latest(job, NONE, at, from) : from - 1;
        int[] able = job.hands();
        for (int i = 0; i < able.length; i++) {
            int hand = able[order.turned[pieceOf[index]] ? able.length - 1 - i : i];
            int found = latest(job, hand, at, best + 1);
            if (found > best) {
                best = found;
                hands[index] = hand;
            }
        }
        if (best >= from) {
            for (var held : job.holds()) {
                if (lacks(held, best)) {
                    return from - 1;
                }
            }
        }
        return best;
    }

    /** The same for one who does it. */
    private int latest(Job job, int hand, int at, int from) {
        int start = at;
        int before;
        do {
            before = start;
            if (hand != NONE) {
                start = occupancy.latest(hand, start, from, job.minutes(), job.attention());
            }
            for (var claim : job.claims()) {
                start = occupancy.latest(claim.row(), start, from, claim.minutes(), 1);
            }
        } while (start != before);
        return start;
    }

    private boolean lacks(Held held, int from) {
        return occupancy.lacks(held.row(), from, until(held, from), held.amount());
    }

    private int until(Held held, int from) {
        int base = held.until() == NONE ? 0 : starts[held.until()];
        return Math.max(from, base + held.after());
    }

    /** Takes what a job needs from where it begins, or gives it back: {@code sign} -1. */
    private void occupy(int index, int sign) {
        var job = jobs.get(index);
        int start = starts[index];
        if (hands[index] != NONE) {
            occupancy.take(hands[index], start, start + job.minutes(), sign * job.attention());
        }
        for (var claim : job.claims()) {
            occupancy.take(claim.row(), start, start + claim.minutes(), sign);
        }
        for (var held : job.holds()) {
            occupancy.take(held.row(), start, until(held, start), sign * held.amount());
        }
    }

    /** Where every job was placed. */
    Schedule schedule() {
        var slots = new LinkedHashMap<String, Slot>();
        for (int index = 0; index < jobs.size(); index++) {
            var id = day.tasks().get(index).id();
            var hand = hands[index] == NONE ? "" : day.hands().get(hands[index]).id();
            slots.put(
                    id,
                    new Slot(day.span().from() + starts[index], jobs.get(index).minutes(), hand));
        }
        return new Schedule(slots);
    }
}
