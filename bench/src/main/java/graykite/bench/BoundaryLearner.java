package graykite.bench;

import static graykite.hearing.BoundaryNetwork.AFTER;
import static graykite.hearing.BoundaryNetwork.BEFORE;
import static graykite.hearing.BoundaryNetwork.BIAS;
import static graykite.hearing.BoundaryNetwork.FIRST;
import static graykite.hearing.BoundaryNetwork.LEFT;
import static graykite.hearing.BoundaryNetwork.NUMBERS;
import static graykite.hearing.BoundaryNetwork.OUT;
import static graykite.hearing.BoundaryNetwork.OUT_BIAS;
import static graykite.hearing.BoundaryNetwork.RIGHT;
import static graykite.hearing.BoundaryNetwork.SECOND;
import static graykite.hearing.BoundaryNetwork.SECOND_BIAS;
import static graykite.hearing.BoundaryNetwork.SECOND_LAYER;
import static graykite.hearing.BoundaryNetwork.SIZE;

import graykite.hearing.BoundaryPlace;
import graykite.hearing.BoundaryView;
import java.util.SplittableRandom;

/** Learns the weights of a boundary network by gradients (cross entropy; Adam, Kingma & Ba 2015). */
final class BoundaryLearner {
    private static final int BATCH = 96;
    private static final double DECAY = 5e-3;

    private final float[] weights = new float[SIZE];
    private final float[] gradient = new float[SIZE];
    private final float[] mean = new float[SIZE];
    private final float[] square = new float[SIZE];
    private final float[] values = new float[BoundaryView.VALUES];
    private final float[] numbers = new float[BoundaryPlace.NUMBERS];
    private final float[] first = new float[FIRST];
    private final float[] second = new float[SECOND];
    private final float[] firstError = new float[FIRST];
    private final float[] secondError = new float[SECOND];
    private int inBatch;
    private int steps;

    BoundaryLearner(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < BIAS; i++) {
            double spread = i < LEFT ? Math.sqrt(2.0 / BoundaryView.VALUES) : 0.1;
            weights[i] = (float) (spread * random.nextGaussian());
        }
        for (int i = SECOND_LAYER; i < SECOND_BIAS; i++) {
            weights[i] = (float) (Math.sqrt(2.0 / FIRST) * random.nextGaussian());
        }
        for (int i = OUT; i < OUT_BIAS; i++) {
            weights[i] = (float) (Math.sqrt(2.0 / SECOND) * random.nextGaussian());
        }
    }

    float[] weights() {
        return weights;
    }

    /**
     * Learns from one frame.
     *
     * @param label share of the frame that belongs to the phone on the right, 0 to 1
     * @return its cross entropy before the step
     */
    double learn(BoundaryView view, BoundaryPlace place, int frame, double label, double rate) {
        view.around(frame, values);
        place.numbers(frame, numbers);
        int[] rows = {
            LEFT + place.left().ordinal() * FIRST,
            RIGHT + place.right().ordinal() * FIRST,
            BEFORE + place.before().kind().ordinal() * FIRST,
            AFTER + place.after().kind().ordinal() * FIRST
        };
        double odds = forward(rows);
        double right = 1 / (1 + Math.exp(-odds));
        backward(rows, (float) (right - label));
        if (++inBatch == BATCH) {
            step(rate);
        }
        return Math.max(odds, 0) - odds * label + Math.log1p(Math.exp(-Math.abs(odds)));
    }

    private double forward(int[] rows) {
        System.arraycopy(weights, BIAS, first, 0, FIRST);
        for (int v = 0; v < values.length; v++) {
            add(weights, v * FIRST, values[v], first);
        }
        for (int row : rows) {
            add(weights, row, 1, first);
        }
        for (int n = 0; n < numbers.length; n++) {
            add(weights, NUMBERS + n * FIRST, numbers[n], first);
        }
        System.arraycopy(weights, SECOND_BIAS, second, 0, SECOND);
        for (int i = 0; i < FIRST; i++) {
            if (first[i] > 0) {
                add(weights, SECOND_LAYER + i * SECOND, first[i], second);
            }
        }
        double odds = weights[OUT_BIAS];
        for (int j = 0; j < SECOND; j++) {
            odds += Math.max(0, second[j]) * weights[OUT + j];
        }
        return odds;
    }

    private void backward(int[] rows, float error) {
        gradient[OUT_BIAS] += error;
        for (int j = 0; j < SECOND; j++) {
            boolean on = second[j] > 0;
            gradient[OUT + j] += on ? error * second[j] : 0;
            secondError[j] = on ? error * weights[OUT + j] : 0;
            gradient[SECOND_BIAS + j] += secondError[j];
        }
        for (int i = 0; i < FIRST; i++) {
            float sum = 0;
            if (first[i] > 0) {
                int at = SECOND_LAYER + i * SECOND;
                for (int j = 0; j < SECOND; j++) {
                    sum += secondError[j] * weights[at + j];
                    gradient[at + j] += first[i] * secondError[j];
                }
            }
            firstError[i] = sum;
            gradient[BIAS + i] += sum;
        }
        for (int v = 0; v < values.length; v++) {
            spread(v * FIRST, values[v]);
        }
        for (int row : rows) {
            spread(row, 1);
        }
        for (int n = 0; n < numbers.length; n++) {
            spread(NUMBERS + n * FIRST, numbers[n]);
        }
    }

    private static void add(float[] from, int at, float factor, float[] to) {
        for (int i = 0; i < to.length; i++) {
            to[i] += factor * from[at + i];
        }
    }

    private void spread(int at, float factor) {
        for (int i = 0; i < FIRST; i++) {
            gradient[at + i] += factor * firstError[i];
        }
    }

    private void step(double rate) {
        steps++;
        double meanScale = 1 / (1 - Math.pow(0.9, steps));
        double squareScale = 1 / (1 - Math.pow(0.999, steps));
        float scale = 1f / inBatch;
        for (int i = 0; i < SIZE; i++) {
            float g = gradient[i] * scale;
            mean[i] += 0.1f * (g - mean[i]);
            square[i] += 0.001f * (g * g - square[i]);
            double change = mean[i] * meanScale / (Math.sqrt(square[i] * squareScale) + 1e-8);
            weights[i] -= (float) (rate * (change + DECAY * weights[i]));
            gradient[i] = 0;
        }
        inBatch = 0;
    }
}
