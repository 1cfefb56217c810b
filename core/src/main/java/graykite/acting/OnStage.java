package graykite.acting;

import graykite.layer.Layer;

/** A layer that depends on who and what is around on the stage. */
public interface OnStage extends Layer {
    /** The same for one who stands elsewhere. */
    Layer in(Surroundings surroundings);
}
