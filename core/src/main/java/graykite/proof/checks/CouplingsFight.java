package graykite.proof.checks;

import graykite.edit.CastEdit;
import graykite.project.Member;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.rig.Coupling;
import java.util.ArrayList;
import java.util.List;

/** Rules between channels of which one undoes the other. */
record CouplingsFight(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<Coupling> rules = shot.character().couplings();
        for (int i = 0; i < rules.size(); i++) {
            for (int k = i + 1; k < rules.size(); k++) {
                if (fight(rules.get(i), rules.get(k))) {
                    notes.add(shot.noteOfLine(
                            rule,
                            List.of(without(shot, rules.get(k))),
                            "Two couplings fight: %s, and %s.",
                            rules.get(i).inWords(),
                            rules.get(k).inWords()));
                }
            }
        }
        return notes;
    }

    private static boolean fight(Coupling a, Coupling b) {
        boolean same = a.driver().equals(b.driver()) && a.driven().equals(b.driven());
        boolean crossed = a.driver().equals(b.driven()) && a.driven().equals(b.driver());
        return (same || crossed) && a.rule() != b.rule() || crossed && a.rule() == Coupling.Rule.HOLDS_BACK;
    }

    private static Member.Library library(Member member, Shot shot) {
        return member.library().orElseGet(() -> Member.Library.of(shot.character()));
    }

    private static Fix without(Shot shot, Coupling second) {
        Member member = shot.project().speakerOf(shot.line());
        List<Coupling> left =
                shot.character().couplings().stream().filter(c -> c != second).toList();
        return Fix.of(
                "Remove the second",
                new CastEdit.SetLibrary(member.id(), library(member, shot).withCouplings(left), "Couplings"));
    }
}
