package graykite.people.face;

import graykite.geometry.Vec;
import java.util.List;

/**
 * Many solids blended one after another, in one pass: what lies too far away to matter at a place is passed over there.
 */
public final class Blend implements Field {
    /**
     * A solid of a blend.
     *
     * @param solid its distance
     * @param middle of a ball that holds it
     * @param reach radius of that ball
     * @param over millimetres over which it runs into what came before
     * @param mirrored on both sides of the face
     * @param cut taken away
     */
    public record Piece(Field solid, Vec middle, double reach, double over, boolean mirrored, boolean cut) {}

    private final Field[] solids;
    private final double[] middles;
    private final double[] reaches;
    private final double[] overs;
    private final boolean[] mirrored;
    private final boolean[] cut;

    /** @param pieces at least one; the first is there, the others are blended with it in turn */
    public Blend(List<Piece> pieces) {
        int n = pieces.size();
        solids = new Field[n];
        middles = new double[3 * n];
        reaches = new double[n];
        overs = new double[n];
        mirrored = new boolean[n];
        cut = new boolean[n];
        for (int i = 0; i < n; i++) {
            Piece p = pieces.get(i);
            solids[i] = p.solid();
            middles[3 * i] = p.middle().x();
            middles[3 * i + 1] = p.middle().y();
            middles[3 * i + 2] = p.middle().z();
            reaches[i] = p.reach();
            overs[i] = p.over();
            mirrored[i] = p.mirrored();
            cut[i] = p.cut();
        }
    }

    @Override
    public double at(double x, double y, double z) {
        double side = Math.abs(x);
        double distance = solids[0].at(mirrored[0] ? side : x, y, z);
        for (int i = 1; i < solids.length; i++) {
            double px = mirrored[i] ? side : x;
            // Nearer than this it changes something.
            double near = reaches[i] + overs[i] + (cut[i] ? -distance : distance);
            double dx = px - middles[3 * i];
            double dy = y - middles[3 * i + 1];
            double dz = z - middles[3 * i + 2];
            if (near <= 0 || dx * dx + dy * dy + dz * dz > near * near) {
                continue;
            }
            double other = solids[i].at(px, y, z);
            distance =
                    cut[i] ? -Field.smoothMin(-distance, other, overs[i]) : Field.smoothMin(distance, other, overs[i]);
        }
        return distance;
    }
}
