package graykite.proof.checks;

import graykite.acting.PassesLayer;
import graykite.acting.Performed;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.mouth.TakenCurve;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;

/** Stepped keys that lie between frames: what they hold is seen a frame late. Limit: how far off, in frames. */
record KeyBetweenFrames(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        FrameRate rate = shot.project().rate();
        List<ProofNote> notes = new ArrayList<>();
        List<TakenCurve> own = shot.line().mouth().curves();
        for (int i = 0; i < own.size(); i++) {
            int index = i;
            own.get(i).in(shot.words()).ifPresent(curve -> {
                int off = off(curve, 0, 1, rate);
                if (off > 0) {
                    notes.add(shot.note(
                            rule,
                            curve.start(),
                            curve.end(),
                            List.of(Fix.of(
                                    "Put them on frames",
                                    new MouthEdit.ChangeCurve(
                                            shot.line().id(), index, Clamping.onFrames(curve, 0, 1, rate)))),
                            "%d stepped %s of %s between frames.",
                            off,
                            off == 1 ? "key lies" : "keys lie",
                            own.get(index).channel()));
                }
            });
        }
        for (OnLine<PassesLayer.Ready> pass : Mending.passes(shot)) {
            if (pass.what().pass().what().motion() instanceof Keyed keyed) {
                passed(shot, pass, keyed, rate, notes);
            }
        }
        return notes;
    }

    private void passed(Shot shot, OnLine<PassesLayer.Ready> pass, Keyed keyed, FrameRate rate, List<ProofNote> notes) {
        Performed what = pass.what().pass().what();
        double stretch = (pass.what().end() - pass.what().start()) / what.length();
        double start = pass.what().start() - stretch * what.from();
        for (int k = 0; k < keyed.controls().size(); k++) {
            Curve curve = keyed.curves().get(k);
            int off = off(curve, start, stretch, rate);
            if (off > 0) {
                notes.add(shot.note(
                        rule,
                        pass.what().start(),
                        pass.what().end(),
                        List.of(Fix.of(
                                "Put them on frames",
                                new PassEdit.SetCurve(
                                        shot.line().id(),
                                        pass.layer(),
                                        pass.what().index(),
                                        keyed.controls().get(k),
                                        Clamping.onFrames(curve, start, stretch, rate)))),
                        "%d stepped %s of %s between frames.",
                        off,
                        off == 1 ? "key lies" : "keys lie",
                        keyed.controls().get(k)));
            }
        }
    }

    /** How many stepped keys lie between frames. @param start seconds of the line at the curve's 0 @param stretch seconds of the line a second of the curve */
    private int off(Curve curve, double start, double stretch, FrameRate rate) {
        int off = 0;
        for (int k = 0; k < curve.keys().size(); k++) {
            boolean holds = curve.keys().get(k).way() == Key.Way.STEPPED
                    || k > 0 && curve.keys().get(k - 1).way() == Key.Way.STEPPED;
            double frames = (start + stretch * curve.keys().get(k).time()) * rate.perSecond();
            off += holds && Math.abs(frames - Math.rint(frames)) > rule.limit("frames") ? 1 : 0;
        }
        return off;
    }
}
