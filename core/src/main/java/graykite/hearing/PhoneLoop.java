package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Hears phones without knowing words: a search in which every phone may follow every other, as likely as the grammar says. It
 * goes along frame by frame with the search for words and shows it how well the sound could be explained at best; what lies
 * far below that was not said (Witt & Young 2000 call the ratio goodness of pronunciation). Its own path stands in where no
 * words are known.
 */
final class PhoneLoop {
    /** How much the grammar counts against the sound, and what each new phone costs. */
    private static final float GRAMMAR = 1.5f;

    private static final float NEW_PHONE = -2;
    /** A phone whose cepstra alone are so much less likely than the best phone's is not looked at. */
    static final float FAR = 15;

    private static final float STAY = (float) Math.log(0.7);
    private static final float MOVE = (float) Math.log(0.3);
    private static final int STATES = SpeechModel.STATES;
    /** Frames between the ones that are scored: the model was trained with frames of 10 ms. */
    private static final int STEP = 2;

    private record Trace(int phone, int frame, float score, Trace before) {}

    private final Scorer scorer;
    private final PhoneGrammar grammar;
    private final int[][] senones;
    private final int[] bases;
    private final boolean[] heard;
    private final int phones = Phone.values().length;
    private float[] score = new float[phones * STATES];
    private float[] next = new float[phones * STATES];
    private Trace[] trace = new Trace[phones * STATES];
    private Trace[] nextTrace = new Trace[phones * STATES];
    private float best;
    private float gain;

    PhoneLoop(SpeechModel model, PhoneGrammar grammar, Scorer scorer) {
        this.scorer = scorer;
        this.grammar = grammar;
        senones = new int[phones][];
        bases = new int[phones];
        heard = new boolean[phones];
        for (Phone phone : Phone.values()) {
            bases[phone.ordinal()] = model.baseOf(phone.name());
            senones[phone.ordinal()] = model.plainSenones(bases[phone.ordinal()]);
        }
        Arrays.fill(score, Float.NEGATIVE_INFINITY);
    }

    /**
     * Goes on to a frame, which the scorer has been set to.
     *
     * @return by how much the best explanation of the sound so far changed its logarithmic likelihood with this frame
     */
    float step(int frame) {
        if (frame % STEP == 0) {
            float before = best;
            if (frame == 0) {
                begin();
            } else {
                advance(frame);
            }
            gain = best - before;
        }
        return gain;
    }

    /** Leaves out the phones that at first impression are far from the sound. */
    private void listen() {
        float most = Float.NEGATIVE_INFINITY;
        for (int base : bases) {
            most = Math.max(most, scorer.ownImpression(base));
        }
        for (int p = 0; p < phones; p++) {
            heard[p] = scorer.ownImpression(bases[p]) >= most - FAR;
        }
    }

    private void begin() {
        listen();
        for (int p = 0; p < phones; p++) {
            score[p * STATES] = scorer.score(senones[p][0]);
            trace[p * STATES] = new Trace(p, 0, 0, null);
        }
        findBest(score);
    }

    private void advance(int frame) {
        Arrays.fill(next, Float.NEGATIVE_INFINITY);
        Arrays.fill(nextTrace, null);
        listen();
        for (int p = 0; p < phones; p++) {
            if (!heard[p]) {
                continue;
            }
            for (int s = 0; s < STATES; s++) {
                int at = p * STATES + s;
                float stay = score[at] + STAY;
                float move = s == 0 ? Float.NEGATIVE_INFINITY : score[at - 1] + MOVE;
                next[at] = Math.max(stay, move) + scorer.score(senones[p][s]);
                nextTrace[at] = stay >= move ? trace[at] : trace[at - 1];
            }
        }
        for (int p = 0; p < phones; p++) {
            if (heard[p]) {
                enter(p, frame);
            }
        }
        float[] swap = score;
        score = next;
        next = swap;
        Trace[] swapTrace = trace;
        trace = nextTrace;
        nextTrace = swapTrace;
        findBest(score);
    }

    private void enter(int phone, int frame) {
        float most = Float.NEGATIVE_INFINITY;
        int from = -1;
        for (int q = 0; q < phones; q++) {
            float value = score[q * STATES + STATES - 1] + GRAMMAR * grammar.after(q, phone);
            if (value > most) {
                most = value;
                from = q;
            }
        }
        if (from < 0) {
            return;
        }
        float entered = most + MOVE + NEW_PHONE + scorer.score(senones[phone][0]);
        int at = phone * STATES;
        if (entered > next[at]) {
            next[at] = entered;
            nextTrace[at] = new Trace(phone, frame, most + MOVE + NEW_PHONE, trace[from * STATES + STATES - 1]);
        }
    }

    private void findBest(float[] scores) {
        best = Float.NEGATIVE_INFINITY;
        for (float value : scores) {
            best = Math.max(best, value);
        }
    }

    /**
     * The phones and pauses heard up to now, without gaps.
     *
     * @param frames how many frames the sound has
     */
    List<HeardPhone> heard(int frames) {
        int end = -1;
        for (int p = 0; p < phones; p++) {
            int at = p * STATES + STATES - 1;
            if (trace[at] != null && (end < 0 || score[at] > score[end])) {
                end = at;
            }
        }
        List<HeardPhone> heard = new ArrayList<>();
        if (end < 0) {
            return heard;
        }
        int stop = frames;
        float after = score[end];
        for (Trace t = trace[end]; t != null; t = t.before) {
            heard.add(new HeardPhone(-1, 0, heard.size(), Phone.values()[t.phone], t.frame, stop, after - t.score));
            stop = t.frame;
            after = t.score;
        }
        return heard.reversed();
    }
}
