package graykite.media.ear;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;

/**
 * How likely each phone is by a row of features: multinomial logistic regression. {@code ./kite bench train-phones} learns one.
 *
 * @param weights by {@link Phone#ordinal()} and feature
 * @param bias by phone
 * @param counted by phone, how many moments it had in what was learnt from, at least 1
 */
public record PhoneLayer(float[][] weights, float[] bias, int[] counted) {
    public PhoneLayer {
        int phones = Phone.values().length;
        requireThat(
                weights.length == phones && bias.length == phones && counted.length == phones,
                "A layer tells of %s phones.",
                phones);
        requireThat(Arrays.stream(counted).allMatch(c -> c > 0), "Every phone was met once at least.");
    }

    /** @throws IOException when it is another file, or of other phones */
    public static PhoneLayer read(InputStream stream) throws IOException {
        DataInputStream in = new DataInputStream(stream);
        int features = in.readInt();
        if (features < 1 || features > 4096) {
            throw new IOException("a layer has " + features + " features");
        }
        Phone[] phones = Phone.values();
        float[][] weights = new float[phones.length][features];
        float[] bias = new float[phones.length];
        int[] counted = new int[phones.length];
        for (int p = 0; p < phones.length; p++) {
            String name = in.readUTF();
            if (!name.equals(phones[p].name())) {
                throw new IOException("a layer tells of " + name + " where " + phones[p] + " is asked for");
            }
            counted[p] = in.readInt();
            bias[p] = in.readFloat();
            for (int i = 0; i < features; i++) {
                weights[p][i] = in.readFloat();
            }
        }
        return new PhoneLayer(weights, bias, counted);
    }

    public void write(OutputStream stream) throws IOException {
        DataOutputStream out = new DataOutputStream(stream);
        out.writeInt(weights[0].length);
        for (Phone phone : Phone.values()) {
            int p = phone.ordinal();
            out.writeUTF(phone.name());
            out.writeInt(counted[p]);
            out.writeFloat(bias[p]);
            for (float weight : weights[p]) {
                out.writeFloat(weight);
            }
        }
        out.flush();
    }

    /** Fills in how likely each phone is by a row of features; all together are 1. */
    public void chances(float[] features, double[] out) {
        double most = Double.NEGATIVE_INFINITY;
        for (int p = 0; p < out.length; p++) {
            double sum = bias[p];
            float[] own = weights[p];
            for (int i = 0; i < own.length; i++) {
                sum += own[i] * features[i];
            }
            out[p] = sum;
            most = Math.max(most, sum);
        }
        double all = 0;
        for (int p = 0; p < out.length; p++) {
            out[p] = Math.exp(out[p] - most);
            all += out[p];
        }
        for (int p = 0; p < out.length; p++) {
            out[p] /= all;
        }
    }

    /** By phone, the natural logarithm of how likely it is anywhere. */
    double[] priors() {
        double all = Arrays.stream(counted).sum();
        return Arrays.stream(counted).mapToDouble(c -> Math.log(c / all)).toArray();
    }
}
