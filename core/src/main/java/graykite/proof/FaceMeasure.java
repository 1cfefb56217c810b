package graykite.proof;

import graykite.rig.Character;
import graykite.rig.LidGap;
import graykite.rig.LipGap;
import graykite.rig.LipsInTeeth;
import graykite.rig.TongueInLips;
import java.util.Optional;

/** What is measured on somebody's mesh at every frame; made once a character. Safe for several threads. */
public final class FaceMeasure {
    /** What is measured, in the order of the figures. */
    enum What {
        /** The widest opening of the lips, in millimetres. */
        LIPS,
        /** The opening of the left lids, in millimetres. */
        LID_LEFT,
        /** The opening of the right lids, in millimetres. */
        LID_RIGHT,
        /** How deep the lips lie within the teeth, in millimetres. */
        TEETH,
        /** How far the tongue lies within a lip, in millimetres. */
        TONGUE
    }

    private final Character character;
    private final Optional<LipGap> lips;
    private final Optional<LidGap> left;
    private final Optional<LidGap> right;
    private final Optional<LipsInTeeth> teeth;
    private final Optional<TongueInLips> tongue;
    private final boolean[] carries;

    public FaceMeasure(Character character) {
        this.character = character;
        boolean modelled = character.kind() == Character.Kind.MODELLED;
        lips = modelled && character.lips().isPresent() ? Optional.of(new LipGap(character)) : Optional.empty();
        left = LidGap.of(character, ".L");
        right = LidGap.of(character, ".R");
        teeth = LipsInTeeth.of(character);
        tongue = TongueInLips.of(character);
        carries = new boolean[character.channels().size()];
        for (int c = 0; c < carries.length; c++) {
            carries[c] = character.channels().get(c).carriesFace();
        }
    }

    public Character character() {
        return character;
    }

    /** The lips; nothing where it is not known where they meet. */
    public Optional<LipGap> lips() {
        return lips;
    }

    /** The lids of a side; nothing where it is not known where they are. */
    public Optional<LidGap> lids(boolean ofLeft) {
        return ofLeft ? left : right;
    }

    boolean has(What what) {
        return switch (what) {
            case LIPS -> lips.isPresent();
            case LID_LEFT -> left.isPresent();
            case LID_RIGHT -> right.isPresent();
            case TEETH -> teeth.isPresent();
            case TONGUE -> tongue.isPresent();
        };
    }

    /** The same values with head and body straight, so that up is up. */
    public double[] straight(double[] values) {
        double[] still = values.clone();
        for (int c = 0; c < still.length; c++) {
            still[c] = carries[c] ? 0 : still[c];
        }
        return still;
    }

    /** All figures at given values; 0 for what cannot be measured. */
    void at(double[] values, float[] figures, int from) {
        double[] still = straight(values);
        figures[from + What.LIPS.ordinal()] =
                (float) (lips.isPresent() ? lips.get().at(still) : 0);
        figures[from + What.LID_LEFT.ordinal()] =
                (float) (left.isPresent() ? left.get().at(still) : 0);
        figures[from + What.LID_RIGHT.ordinal()] =
                (float) (right.isPresent() ? right.get().at(still) : 0);
        figures[from + What.TEETH.ordinal()] =
                (float) (teeth.isPresent() ? teeth.get().at(still) : 0);
        figures[from + What.TONGUE.ordinal()] =
                (float) (tongue.isPresent() ? tongue.get().at(still) : 0);
    }
}
