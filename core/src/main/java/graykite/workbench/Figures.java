package graykite.workbench;

import graykite.base.BadInput;
import graykite.format.character.Cast;
import graykite.people.FaceMaker;
import graykite.people.plan.PersonPlan;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.Optional;

/** The figures of a cast, opened when somebody needs them and kept. Safe for several threads. */
public final class Figures {
    private final Memo<Character> shipped = Memo.ofCount(16);
    private final Memo<Character> carved = Memo.ofCount(16);
    private final Memo<Character> finished = Memo.ofCount(64);
    private final Memo<Deformer> deformers = Memo.ofCount(64);

    /** The figure of a member of the cast, with what the user decided about it; opening one takes a moment. */
    public Character of(Member member) {
        return finished.get(() -> member.finished(base(member)), Finish.of(member));
    }

    /** The figure, when it is at hand already. */
    public Optional<Character> ready(Member member) {
        return finished.has(Finish.of(member)) ? Optional.of(of(member)) : Optional.empty();
    }

    private record Plan(PersonPlan plan) implements Memo.ByValue {}

    /** All of a member that its figure shows: the mouth chart is no part of it, so editing the chart makes no new figure. */
    private record Finish(Member.Source source, String name, Optional<Member.Library> library) implements Memo.ByValue {
        static Finish of(Member member) {
            return new Finish(member.source(), member.name(), member.library().map(Member.Library::withoutChart));
        }
    }

    private Character base(Member member) {
        return switch (member.source()) {
            case Member.Own own -> own.figure();
            case Member.Carved c -> carved.get(() -> carved(c.plan()), new Plan(c.plan()));
            case Member.Shipped s -> shipped.get(() -> Cast.byName(s.figure()), s.figure());
        };
    }

    private static Character carved(PersonPlan plan) {
        try {
            return FaceMaker.of(plan);
        } catch (IllegalArgumentException noHead) {
            throw new BadInput(plan.name() + ": " + noHead.getMessage(), noHead);
        }
    }

    /** What moves a figure's meshes; made once for each. */
    public Deformer deformer(Character figure) {
        return deformers.get(() -> new Deformer(figure), figure);
    }
}
