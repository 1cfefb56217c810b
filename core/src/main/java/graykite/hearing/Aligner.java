package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.Phone;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Finds the most likely times of a list of words in a recording: a time-synchronous Viterbi search over
 * {@link AlignmentGraph} that keeps only paths near the best one, and widens that beam until a path through every word
 * reaches the end. Memory grows with the number of phones, not with the length of the recording.
 */
final class Aligner {
    /** How far below the best one paths are followed, at the least as far as the tongue asks for. */
    private static final double[] BEAMS = {90, 200, 600, 2000, Double.POSITIVE_INFINITY};
    /** Wide enough through a fraction of a second: wider ones found the same words. */
    private static final double WIDE = 40;

    /** Analysis frames a step: the model was trained with steps of 10 ms. */
    static final int STEP = 2;

    private static final float STAY = (float) Math.log(0.65);
    private static final float MOVE = (float) Math.log(0.32);
    /** Short sounds of fast speech pass over a state. */
    private static final float SKIP = (float) Math.log(0.03);

    /** What it costs a step that a phone sounds like another, or the closure of a stop like a pause. */
    private static final float ALIKE = 1;

    private static final float NEVER = Float.NEGATIVE_INFINITY;

    /**
     * @param words what is heard of the words, from the first frame to the last without gaps
     * @param phones what is heard when no words are known; empty when the search was strict
     * @param ceiling by frame, the logarithmic likelihood of the best explanation of all frames up to it
     */
    record Found(List<HeardPhone> words, List<HeardPhone> phones, double[] ceiling) {}

    /** How a path came to be in a node. */
    private record Trace(int node, int frame, float score, Trace before) {}

    private final SpeechModel model;
    private final PhoneGrammar grammar;
    private final Tongue tongue;
    private final Map<Phone, List<Phone>> alike;
    private final double[] beams;

    /** @param alike phones of the words' language that may sound like others of the model's */
    Aligner(SpeechModel model, PhoneGrammar grammar, Tongue tongue, Map<Phone, List<Phone>> alike) {
        this.alike = alike;
        this.model = model;
        this.grammar = grammar;
        this.tongue = tongue;
        this.beams = Arrays.stream(BEAMS)
                .map(b -> Math.max(b, tongue.beam))
                .distinct()
                .toArray();
    }

    /**
     * Aligns all words, each of them taken as said and nothing else.
     *
     * @param pins times that are given
     * @return empty when the sound is too short for the words, or the pins leave them no room
     */
    Optional<Found> align(Features features, List<WordChoice> words, Pins pins, Progress progress) {
        return align(new AlignmentGraph(model, words, alike, true), features, pins, Looseness.none(), progress);
    }

    /**
     * Aligns words of which some may not have been said, and sound that none of them explains.
     *
     * @param looseness with which they are looked for
     * @return empty when the sound is too short, or the pins leave the words no room
     */
    Optional<Found> alignLoosely(
            Features features, List<WordChoice> words, Pins pins, Looseness looseness, Progress progress) {
        return align(new AlignmentGraph(model, words, alike, false), features, pins, looseness, progress);
    }

    private Optional<Found> align(
            AlignmentGraph graph, Features features, Pins pins, Looseness looseness, Progress progress) {
        for (double beam : beams) {
            Optional<Found> found = new Search(graph, features, pins, beam, true, looseness).run(progress);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** What is heard of a few words in a short sound, each taken as said; empty when it is too short for them. */
    Optional<List<HeardPhone>> alignBriefly(Features features, List<WordChoice> words) {
        AlignmentGraph graph = new AlignmentGraph(model, words, alike, true);
        return new Search(graph, features, Pins.none(), WIDE, false, Looseness.none())
                .run(Progress.none())
                .map(Found::words);
    }

    private final class Search {
        private final List<AlignmentGraph.Node> nodes;
        private final AlignmentGraph graph;
        private final Features features;
        private final Pins pins;
        private final Looseness looseness;
        private final Scorer scorer;
        private final Optional<PhoneLoop> loop;
        private final Optional<Ceiling> ceiling;
        private float unscripted;
        /** How likely this frame is in a pause. */
        private float still;

        private final float unscriptedFrame;
        private final double beam;
        private final float[] score;
        private final Trace[] trace;
        private final float[] nextScore;
        private final Trace[] nextTrace;
        private final int[] marked;
        private int[] active;
        private int activeCount;
        private int[] nextActive;
        private int nextCount;

        /**
         * @param judged whether it is wanted how likely the sound is at best
         * @param looseness with which words are looked for
         */
        Search(AlignmentGraph graph, Features features, Pins pins, double beam, boolean judged, Looseness looseness) {
            this.looseness = looseness;
            this.pins = pins;
            this.unscriptedFrame = (float) (tongue.unscriptedFrame + looseness.allowance());
            this.graph = graph;
            this.nodes = graph.nodes;
            this.features = features;
            this.beam = beam;
            this.scorer = new Scorer(model, features);
            this.loop = graph.strict ? Optional.empty() : Optional.of(new PhoneLoop(model, grammar, scorer));
            this.ceiling = judged ? Optional.of(new Ceiling(model, scorer, features.frames())) : Optional.empty();
            int states = nodes.size() * SpeechModel.STATES;
            score = new float[states];
            nextScore = new float[states];
            trace = new Trace[states];
            nextTrace = new Trace[states];
            marked = new int[nodes.size()];
            active = new int[nodes.size()];
            nextActive = new int[nodes.size()];
            Arrays.fill(score, NEVER);
            Arrays.fill(nextScore, NEVER);
            Arrays.fill(marked, -1);
        }

        Optional<Found> run(Progress progress) {
            int frames = features.frames();
            listen(0);
            for (int entry : graph.entries) {
                enter(entry, 0, 0, null);
            }
            finishFrame(0);
            for (int frame = STEP; frame < frames; frame += STEP) {
                if (activeCount == 0) {
                    return Optional.empty();
                }
                if (frame % 128 == 0) {
                    progress.step(frame / (double) frames);
                }
                listen(frame);
                for (int i = 0; i < activeCount; i++) {
                    advance(active[i], frame);
                }
                finishFrame(frame);
            }
            return best(frames);
        }

        private void listen(int frame) {
            scorer.frame(frame);
            still = NEVER;
            for (int senone : graph.stillness()) {
                still = Math.max(still, scorer.score(senone));
            }
            ceiling.ifPresent(c -> c.step(frame));
            loop.ifPresent(phones -> unscripted = phones.step(frame) - unscriptedFrame);
        }

        private void advance(int node, int frame) {
            int at = node * SpeechModel.STATES;
            AlignmentGraph.Node here = nodes.get(node);
            for (int s = 0; s < SpeechModel.STATES; s++) {
                float value = score[at + s];
                if (value == NEVER) {
                    continue;
                }
                offer(node, at + s, value + STAY + heard(here, s), trace[at + s], frame);
                if (s + 1 < SpeechModel.STATES) {
                    offer(node, at + s + 1, value + MOVE + heard(here, s + 1), trace[at + s], frame);
                    if (s + 2 < SpeechModel.STATES) {
                        offer(node, at + s + 2, value + SKIP + heard(here, s + 2), trace[at + s], frame);
                    }
                } else if (here.word < 0 || pins.mayEnd(here.word, here.index, frame)) {
                    Trace from = trace[at + s];
                    for (int next : here.next) {
                        enter(next, frame, value + MOVE + cost(here, nodes.get(next)), from);
                    }
                }
            }
        }

        private float cost(AlignmentGraph.Node here, AlignmentGraph.Node next) {
            if (next.word == HeardPhone.PAUSE) {
                return here.word >= 0 && graph.strict ? graph.pauses.after(here.word) : 0;
            }
            if (next.word != HeardPhone.UNSCRIPTED) {
                return 0;
            }
            if (here.word != HeardPhone.UNSCRIPTED) {
                return tongue.unscriptedStart;
            }
            // From the gap before a word to the gap after it: a word that was set by hand is never passed over.
            return pins.holds(here.index) ? NEVER : (float) looseness.missing()[here.index];
        }

        private float heard(AlignmentGraph.Node node, int state) {
            if (node.word == HeardPhone.UNSCRIPTED) {
                return unscripted;
            }
            float best = 0.5f * (scorer.score(node.senones[state]) + scorer.score(node.plain[state]));
            if (state == 0 && node.closes) {
                best = Math.max(best, still - ALIKE);
            }
            for (int[] other : node.alike) {
                best = Math.max(best, scorer.score(other[state]) - ALIKE);
            }
            return best;
        }

        private void enter(int node, int frame, float value, Trace before) {
            int at = node * SpeechModel.STATES;
            AlignmentGraph.Node begun = nodes.get(node);
            if (begun.word >= 0 && !pins.mayBegin(begun.word, begun.index, frame)) {
                return;
            }
            float entered = value + heard(begun, 0);
            if (entered > nextScore[at]) {
                mark(node, frame);
                nextScore[at] = entered;
                nextTrace[at] = new Trace(node, frame, value, before);
            }
        }

        private void offer(int node, int state, float value, Trace from, int frame) {
            if (value > nextScore[state]) {
                mark(node, frame);
                nextScore[state] = value;
                nextTrace[state] = from;
            }
        }

        private void mark(int node, int frame) {
            if (marked[node] != frame) {
                marked[node] = frame;
                nextActive[nextCount++] = node;
            }
        }

        private void finishFrame(int frame) {
            float best = NEVER;
            for (int i = 0; i < nextCount; i++) {
                int at = nextActive[i] * SpeechModel.STATES;
                for (int s = 0; s < SpeechModel.STATES; s++) {
                    best = Math.max(best, nextScore[at + s]);
                }
            }
            float limit = (float) (best - beam);
            for (int i = 0; i < activeCount; i++) {
                int at = active[i] * SpeechModel.STATES;
                for (int s = 0; s < SpeechModel.STATES; s++) {
                    score[at + s] = NEVER;
                    trace[at + s] = null;
                }
            }
            activeCount = 0;
            for (int i = 0; i < nextCount; i++) {
                int at = nextActive[i] * SpeechModel.STATES;
                boolean alive = false;
                for (int s = 0; s < SpeechModel.STATES; s++) {
                    if (nextScore[at + s] >= limit && nextScore[at + s] != NEVER) {
                        score[at + s] = nextScore[at + s];
                        trace[at + s] = nextTrace[at + s];
                        alive = true;
                    }
                    nextScore[at + s] = NEVER;
                    nextTrace[at + s] = null;
                }
                if (alive) {
                    active[activeCount++] = nextActive[i];
                }
            }
            nextCount = 0;
        }

        private Optional<Found> best(int frames) {
            Trace end = null;
            float best = NEVER;
            for (int i = 0; i < activeCount; i++) {
                int node = active[i];
                int state = node * SpeechModel.STATES + SpeechModel.STATES - 1;
                if (graph.exits[node] && score[state] > best) {
                    best = score[state];
                    end = trace[state];
                }
            }
            if (end == null) {
                return Optional.empty();
            }
            List<HeardPhone> heard = new ArrayList<>();
            int stop = frames;
            float after = best;
            for (Trace t = end; t != null; t = t.before) {
                AlignmentGraph.Node node = nodes.get(t.node);
                heard.add(new HeardPhone(
                        node.word, node.variant, node.index, node.phone, t.frame, stop, after - t.score));
                stop = t.frame;
                after = t.score;
            }
            return Optional.of(new Found(
                    heard.reversed(),
                    loop.map(l -> l.heard(frames)).orElse(List.of()),
                    ceiling.map(Ceiling::sums).orElse(new double[0])));
        }
    }
}
