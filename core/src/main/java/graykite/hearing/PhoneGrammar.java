package graykite.hearing;

import graykite.text.Phone;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * How likely one phone follows another when no words are known: counted over the dictionary, inside words and across their
 * edges (bench: PhonePairs), and made milder so that other languages are not ruled out.
 */
final class PhoneGrammar {
    private static final String SHIPPED = "phone-pairs.txt";
    private static final double LEAST = 2e-3;

    private final float[][] logarithms;

    private PhoneGrammar(float[][] logarithms) {
        this.logarithms = logarithms;
    }

    /** The pairs that ship with Gray Kite. */
    static PhoneGrammar shipped() {
        try (InputStream in = PhoneGrammar.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                throw new IllegalStateException("The shipped phone pairs are missing.");
            }
            return read(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)));
        } catch (IOException failure) {
            throw new IllegalStateException("The shipped phone pairs cannot be read.", failure);
        }
    }

    private static PhoneGrammar read(BufferedReader lines) throws IOException {
        int count = Phone.values().length;
        float[][] logarithms = new float[count][count];
        for (float[] row : logarithms) {
            Arrays.fill(row, (float) Math.log(LEAST));
        }
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            String[] fields = line.split(" ");
            if (fields.length == 3) {
                double share = Math.max(LEAST, Double.parseDouble(fields[2]));
                logarithms[Phone.valueOf(fields[0]).ordinal()][
                        Phone.valueOf(fields[1]).ordinal()] = (float) Math.log(share);
            }
        }
        return new PhoneGrammar(logarithms);
    }

    /** Natural logarithm of the share of cases in which a phone is followed by another. */
    float after(int left, int right) {
        return logarithms[left][right];
    }
}
