package graykite.proof.checks;

import graykite.acting.PassesLayer;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.motion.Curve;
import graykite.motion.Keyed;
import graykite.mouth.TakenCurve;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Keys and expressions that ask of channels what they cannot do. Limit: by which share of the range. */
record OutOfRange(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<TakenCurve> own = shot.line().mouth().curves();
        Map<String, Integer> index = shot.character().channelIndex();
        for (int i = 0; i < own.size(); i++) {
            TakenCurve taken = own.get(i);
            Integer c = index.get(taken.channel());
            if (c == null) {
                continue;
            }
            Channel channel = shot.character().channels().get(c);
            if (Clamping.beyond(taken.curve(), channel) > rule.limit("beyond")) {
                Curve placed = taken.in(shot.words()).orElse(taken.curve());
                notes.add(shot.note(
                        rule,
                        placed.start(),
                        placed.end(),
                        List.of(Fix.of(
                                "Bring the keys into its range",
                                new MouthEdit.ChangeCurve(shot.line().id(), i, Clamping.curve(placed, channel)))),
                        "The own curve of %s asks for more than its range of %.2f to %.2f.",
                        taken.channel(),
                        channel.min(),
                        channel.max()));
            }
        }
        for (OnLine<PassesLayer.Ready> pass : Mending.passes(shot)) {
            if (pass.what().pass().what().motion() instanceof Keyed keyed) {
                keyed(shot, pass, keyed, notes);
            }
        }
        return notes;
    }

    private void keyed(Shot shot, OnLine<PassesLayer.Ready> pass, Keyed keyed, List<ProofNote> notes) {
        Map<String, Integer> index = shot.character().channelIndex();
        for (int k = 0; k < keyed.controls().size(); k++) {
            String control = keyed.controls().get(k);
            Integer c = index.get(control);
            if (c == null) {
                continue;
            }
            Channel channel = shot.character().channels().get(c);
            if (Clamping.beyond(keyed.curves().get(k), channel) > rule.limit("beyond")) {
                notes.add(shot.note(
                        rule,
                        pass.what().start(),
                        pass.what().end(),
                        List.of(Fix.of(
                                "Bring the keys into its range",
                                new PassEdit.SetCurve(
                                        shot.line().id(),
                                        pass.layer(),
                                        pass.what().index(),
                                        control,
                                        Clamping.curve(keyed.curves().get(k), channel)))),
                        "%s of the pass %s asks for more than its range of %.2f to %.2f.",
                        control,
                        pass.what().pass().what().name(),
                        channel.min(),
                        channel.max()));
            }
        }
    }
}
