package graykite.hearing;

/** Triangular filters spaced evenly on the mel scale (Davis & Mermelstein 1980), as power spectra are summed up by them. */
final class MelBank {
    private MelBank() {}

    /**
     * @param count of filters
     * @param lowest frequency in hertz at which the first begins
     * @param highest frequency at which the last ends
     * @param fft length of the transform
     * @param rate samples a second
     * @return by filter and bin of the transform's lower half; each filter has an area of one
     */
    static float[][] filters(int count, double lowest, double highest, int fft, int rate) {
        double lowMel = mel(lowest);
        double step = (mel(highest) - lowMel) / (count + 1);
        double bin = rate / (double) fft;
        double[] edges = new double[count + 2];
        for (int i = 0; i < edges.length; i++) {
            edges[i] = Math.round(hertz(lowMel + i * step) / bin) * bin;
            if (i > 0 && edges[i] <= edges[i - 1]) {
                edges[i] = edges[i - 1] + bin;
            }
        }
        float[][] filters = new float[count][fft / 2];
        for (int b = 0; b < count; b++) {
            double left = edges[b];
            double centre = edges[b + 1];
            double right = edges[b + 2];
            double height = 2 / (right - left);
            for (int k = 0; k < fft / 2; k++) {
                double frequency = k * bin;
                if (frequency > left && frequency <= centre) {
                    filters[b][k] = (float) (height * (frequency - left) / (centre - left));
                } else if (frequency > centre && frequency < right) {
                    filters[b][k] = (float) (height * (right - frequency) / (right - centre));
                }
            }
        }
        return filters;
    }

    /** First bin of each filter that counts, and the one after the last. */
    static int[][] reach(float[][] filters) {
        int[][] reach = new int[filters.length][2];
        for (int b = 0; b < filters.length; b++) {
            int from = 0;
            while (from < filters[b].length && filters[b][from] == 0) {
                from++;
            }
            int to = filters[b].length;
            while (to > from && filters[b][to - 1] == 0) {
                to--;
            }
            reach[b][0] = from;
            reach[b][1] = to;
        }
        return reach;
    }

    static float[] hamming(int length) {
        float[] window = new float[length];
        for (int i = 0; i < length; i++) {
            window[i] = (float) (0.54 - 0.46 * Math.cos(2 * Math.PI * i / (length - 1)));
        }
        return window;
    }

    private static double mel(double hertz) {
        return 2595 * Math.log10(1 + hertz / 700);
    }

    private static double hertz(double mel) {
        return 700 * (Math.pow(10, mel / 2595) - 1);
    }
}
