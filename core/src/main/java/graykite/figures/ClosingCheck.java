package graykite.figures;

import graykite.figures.RigReport.Finding;
import graykite.figures.RigReport.Weight;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import java.util.List;
import java.util.Locale;

/** The part of the check of a rig that asks whether lids and lips close, and whether each shape of the mouth can be made. */
final class ClosingCheck {
    private final Character character;
    private final List<Finding> findings;

    /** @param findings receives what was found */
    ClosingCheck(Character character, List<Finding> findings) {
        this.character = character;
        this.findings = findings;
    }

    private void add(Weight weight, String subject, String says, String advice) {
        findings.add(new Finding(weight, subject, says, advice));
    }

    void findOpenLids() {
        double[] rest = new double[character.channels().size()];
        for (String side : List.of(".L", ".R")) {
            if (!character.has("lidClose" + side)) {
                add(
                        Weight.DOUBT,
                        "lidClose" + side,
                        "no channel closes this eye: the character cannot blink.",
                        "Assign one.");
                continue;
            }
            double open = EyeWindow.seen(character, rest, side);
            double closed = EyeWindow.seen(character, character.values(Pose.of("lidClose" + side, 1)), side);
            if (open < 0) {
                add(Weight.NOTE, "lidClose" + side, "could not be measured: no mesh is called an eye.", "");
                return;
            }
            if (closed > 0.02 * open) {
                add(
                        closed > 0.15 * open ? Weight.FAULT : Weight.DOUBT,
                        "lidClose" + side,
                        String.format(Locale.ROOT, "leaves %.0f %% of the eye open.", 100 * closed / Math.max(open, 1)),
                        "Let the lids meet at full strength.");
            }
        }
    }

    void findOpenLips() {
        Pose shut = character.poses().get(Viseme.LIPS_SHUT.title());
        if (character.kind() == Character.Kind.DRAWN || shut == null) {
            return;
        }
        if (character.lips().isEmpty()) {
            add(
                    Weight.NOTE,
                    Viseme.LIPS_SHUT.title(),
                    "could not be measured: it is not known where the lips meet.",
                    "");
            return;
        }
        LipGap gap = new LipGap(character);
        double apart = gap.at(character.values(shut));
        if (apart > LipGap.SHUT) {
            double share = 100 * apart / gap.mouthWidth();
            add(
                    share > 3 ? Weight.FAULT : Weight.DOUBT,
                    Viseme.LIPS_SHUT.title(),
                    String.format(
                            Locale.ROOT, "leaves the lips %.1f mm apart, %.0f %% of the mouth's width.", apart, share),
                    "p, b and m need lips that meet.");
        }
    }

    void findMissing() {
        for (Viseme viseme : MouthChart.missing(character)) {
            add(
                    Weight.FAULT,
                    viseme.title(),
                    "no channel makes this shape (" + viseme.sounds() + ").",
                    "Assign one; until then the nearest shape stands in.");
        }
    }
}
