package graykite.media.ear;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import ai.onnxruntime.OrtSession.Result;
import ai.onnxruntime.TensorInfo;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.lang.ref.Cleaner;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.HashMap;
import java.util.Map;

/** A network that ships, run by ONNX Runtime. What the runtime holds of it is given back once nobody holds the network. */
final class OnnxNetwork {
    private static final Cleaner CLEANER = Cleaner.create();

    private final OrtEnvironment runtime;
    private final OrtSession session;

    private OnnxNetwork(OrtEnvironment runtime, OrtSession session) {
        this.runtime = runtime;
        this.session = session;
        CLEANER.register(this, () -> close(session));
    }

    private static void close(OrtSession session) {
        try {
            session.close();
        } catch (OrtException failure) {
            throw new IllegalStateException("A network cannot be given back.", failure);
        }
    }

    /** True where the runtime has a library for this machine and may load it. */
    static boolean runs() {
        try {
            return OrtEnvironment.getEnvironment() != null;
        } catch (LinkageError missing) {
            return false;
        }
    }

    /**
     * Loads a network that lies beside this class; takes a second.
     *
     * @param within names of values inside the network that come out of it too, behind its own
     */
    static OnnxNetwork shipped(String name, String... within) {
        OrtEnvironment runtime = OrtEnvironment.getEnvironment();
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions();
                InputStream file = OnnxNetwork.class.getResourceAsStream(name);
                InputStream in = new SequenceInputStream(file, new ByteArrayInputStream(InnerValues.given(within)))) {
            // Threads that wait in a loop take the time of whoever plays meanwhile.
            options.addConfigEntry("session.intra_op.allow_spinning", "0");
            // Older processors would let sums of whole-numbered weights run over; newer ones do not care.
            options.addConfigEntry("session.x64quantprecision", "1");
            return new OnnxNetwork(runtime, runtime.createSession(in.readAllBytes(), options));
        } catch (IOException | OrtException failure) {
            throw new IllegalStateException("The network " + name + " cannot be loaded.", failure);
        }
    }

    /** Inputs by name that begin with a word, and the shape of each with nothing in it: one row, no columns of its third axis. */
    Map<String, long[]> nothing(String begin) throws OrtException {
        Map<String, long[]> shapes = new HashMap<>();
        session.getInputInfo().forEach((name, node) -> {
            if (name.startsWith(begin)) {
                long[] shape = ((TensorInfo) node.getInfo()).getShape();
                shapes.put(name, new long[] {1, shape[1], 0, shape[3]});
            }
        });
        return shapes;
    }

    /** What comes out; to be closed. */
    Result run(Map<String, OnnxTensor> inputs) throws OrtException {
        return session.run(inputs);
    }

    OnnxTensor tensor(float[] values, long... shape) throws OrtException {
        return OnnxTensor.createTensor(runtime, FloatBuffer.wrap(values), shape);
    }

    OnnxTensor tensor(long value) throws OrtException {
        return OnnxTensor.createTensor(runtime, LongBuffer.wrap(new long[] {value}), new long[] {1, 1});
    }

    OnnxTensor tensor(boolean value) throws OrtException {
        return OnnxTensor.createTensor(runtime, new boolean[] {value});
    }
}
