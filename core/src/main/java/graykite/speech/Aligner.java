package graykite.speech;

import graykite.base.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds the most likely times of a list of words in a recording: a time-synchronous Viterbi search over
 * {@link AlignmentGraph} that keeps only paths near the best one, and widens that beam until a path through every word
 * reaches the end. Memory grows with the number of phones, not with the length of the recording.
 */
final class Aligner {
    /** A phone or pause that was heard from a frame up to, not including, another. */
    record Heard(int word, int variant, int index, Phone phone, int startFrame, int endFrame, double score) {}

    private static final double[] BEAMS = {120, 250, 600, 2000, Double.POSITIVE_INFINITY};
    private static final float STAY = (float) Math.log(0.8);
    private static final float MOVE = (float) Math.log(0.2);
    private static final float NEVER = Float.NEGATIVE_INFINITY;

    /** How a path came to be in a node. */
    private record Trace(int node, int frame, float score, Trace before) {}

    private final SpeechModel model;

    Aligner(SpeechModel model) {
        this.model = model;
    }

    /**
     * Aligns all words.
     *
     * @return what is heard from the first frame to the last without gaps; empty when the sound is too short for the
     *     words
     */
    Optional<List<Heard>> align(Features features, List<WordChoice> words, Progress progress) {
        AlignmentGraph graph = new AlignmentGraph(model, words);
        for (int attempt = 0; attempt < BEAMS.length; attempt++) {
            Search search = new Search(graph, features, BEAMS[attempt]);
            Optional<List<Heard>> found = search.run(progress);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private final class Search {
        private final List<AlignmentGraph.Node> nodes;
        private final AlignmentGraph graph;
        private final Features features;
        private final Scorer scorer;
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

        Search(AlignmentGraph graph, Features features, double beam) {
            this.graph = graph;
            this.nodes = graph.nodes;
            this.features = features;
            this.beam = beam;
            this.scorer = new Scorer(model, features);
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

        Optional<List<Heard>> run(Progress progress) {
            int frames = features.frames();
            scorer.frame(0);
            for (int entry : graph.entries) {
                enter(entry, 0, 0, null);
            }
            finishFrame(0);
            for (int frame = 1; frame < frames; frame++) {
                if (activeCount == 0) {
                    return Optional.empty();
                }
                if ((frame & 127) == 0) {
                    progress.step(frame / (double) frames);
                }
                scorer.frame(frame);
                for (int i = 0; i < activeCount; i++) {
                    advance(active[i], frame);
                }
                finishFrame(frame);
            }
            return best(frames);
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
                } else {
                    Trace from = trace[at + s];
                    for (int next : here.next) {
                        enter(next, frame, value + MOVE, from);
                    }
                }
            }
        }

        private float heard(AlignmentGraph.Node node, int state) {
            return 0.5f * (scorer.score(node.senones[state]) + scorer.score(node.plain[state]));
        }

        private void enter(int node, int frame, float value, Trace before) {
            int at = node * SpeechModel.STATES;
            float entered = value + heard(nodes.get(node), 0);
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

        private Optional<List<Heard>> best(int frames) {
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
            List<Heard> heard = new ArrayList<>();
            int stop = frames;
            float after = best;
            for (Trace t = end; t != null; t = t.before) {
                AlignmentGraph.Node node = nodes.get(t.node);
                heard.add(new Heard(node.word, node.variant, node.index, node.phone, t.frame, stop, after - t.score));
                stop = t.frame;
                after = t.score;
            }
            return Optional.of(heard.reversed());
        }
    }
}
