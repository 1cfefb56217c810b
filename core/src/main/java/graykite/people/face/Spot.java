package graykite.people.face;

import graykite.geometry.Vec;

/** A place on the face and how it belongs to the mouth; see {@link SkinGrid.Node}. */
record Spot(Vec p, double half, double lipness, double open, double across) {
    static Spot onSkin(SkinGrid.Node node) {
        return new Spot(node.point(), node.half(), node.lipness(), node.open(), node.across());
    }

    /** A place that moves with the skin of the upper face. */
    static Spot upperFace(Vec p) {
        return new Spot(p, 1, 0, 1, 0);
    }

    Spot mirrored() {
        return new Spot(new Vec(-p.x(), p.y(), p.z()), half, lipness, open, -across);
    }

    double upper() {
        return Math.max(0, half);
    }

    double lower() {
        return Math.max(0, -half);
    }
}
