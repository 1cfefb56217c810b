package graykite.proof.checks;

import graykite.acting.ClipsPlan;
import graykite.acting.CuesPlan;
import graykite.acting.LayerPlan;
import graykite.acting.LooksPlan;
import graykite.acting.PassesPlan;
import graykite.edit.ActingEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Layers that do nothing, though nobody muted them. */
record IdleLayer(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<LayerPlan> plans = shot.line().layers().plans();
        for (int i = 0; i < plans.size(); i++) {
            LayerPlan plan = plans.get(i);
            String why = why(shot, plan);
            if (!plan.setting().muted() && !why.isEmpty()) {
                notes.add(shot.noteOfLine(
                        rule,
                        List.of(Fix.of(
                                "Remove the layer",
                                new ActingEdit.RemoveLayer(shot.line().id(), i))),
                        "The layer %s does nothing: %s.",
                        plan.setting().name(),
                        why));
            }
        }
        return notes;
    }

    private static String why(Shot shot, LayerPlan plan) {
        if (plan.setting().weight().keys().stream().allMatch(k -> k.value() == 0)) {
            return "its weight is 0 throughout";
        }
        if (shot.character().channels().stream().noneMatch(plan.setting().mask()::allows)) {
            return "its mask lets it act on nothing that " + shot.character().name() + " has";
        }
        boolean empty = switch (plan) {
            case ClipsPlan clips -> clips.clips().isEmpty();
            case PassesPlan passes -> passes.passes().isEmpty();
            case LooksPlan looks -> looks.looks().isEmpty();
            case CuesPlan cues -> cues.cues().isEmpty();
            default -> false;
        };
        return empty ? "there is nothing on it" : "";
    }
}
