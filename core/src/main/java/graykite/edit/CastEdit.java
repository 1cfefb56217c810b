package graykite.edit;

import graykite.base.BadInput;
import graykite.format.character.Cast;
import graykite.mouth.MouthChart;
import graykite.mouth.TouchUp;
import graykite.people.plan.PersonPlan;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.rig.Character;
import graykite.rig.Pose;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/** Changes of the cast. A character is named by id, or by its name. */
public sealed interface CastEdit extends Edit {
    private static Project changed(Project project, String named, UnaryOperator<Member> change) {
        Member before = Find.member(project, named);
        Member after = change.apply(before);
        return after.equals(before) ? project : project.with(after);
    }

    /** What was decided about a character, or what it came with. */
    private static Member.Library library(Member member) {
        return member.library().orElseGet(() -> Member.Library.of(figure(member)));
    }

    private static Character figure(Member member) {
        return switch (member.source()) {
            case Member.Own own -> own.figure();
            case Member.Shipped shipped -> Cast.byName(shipped.figure());
            // All carved faces come with the same poses, roles and couplings; hers are at hand.
            case Member.Carved carved -> Cast.byName("odile");
        };
    }

    record AddMember(Member member) implements CastEdit {
        @Override
        public String inWords() {
            return "Bring in " + member.name();
        }

        @Override
        public Project on(Project project) {
            if (project.member(member.id()).isPresent()) {
                throw new BadInput("There is a character of the id \"" + member.id() + "\" already.");
            }
            return project.with(member);
        }
    }

    /**
     * Shapes a face that is carved of a plan.
     *
     * @param what was done, in words
     */
    record ShapeFace(String member, PersonPlan plan, String what) implements CastEdit {
        @Override
        public String inWords() {
            return what;
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> {
                if (!(m.source() instanceof Member.Carved)) {
                    throw new BadInput(
                            m.name() + " came finished and cannot be shaped. Make a face of your own first.");
                }
                return m.withSource(new Member.Carved(plan));
            });
        }
    }

    record RemoveMember(String member) implements CastEdit {
        @Override
        public String inWords() {
            return "Remove from the cast";
        }

        @Override
        public Project on(Project project) {
            if (project.cast().size() == 1) {
                throw new BadInput("The last character of a cast stays.");
            }
            return project.withoutMember(Find.member(project, member).id());
        }
    }

    record NameMember(String member, String name) implements CastEdit {
        @Override
        public String inWords() {
            return "Rename " + member;
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> m.withName(name));
        }
    }

    /**
     * All that is decided about a character: poses, roles, couplings, chart.
     *
     * @param what was done, in words
     */
    record SetLibrary(String member, Member.Library library, String what) implements CastEdit {
        @Override
        public String inWords() {
            return what;
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> m.withLibrary(library));
        }
    }

    /** Adds or replaces a pose of the library; visemes and expressions are poses. */
    record SetPose(String member, String name, Pose pose) implements CastEdit {
        @Override
        public String inWords() {
            return "Pose " + name;
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> {
                Map<String, Pose> poses = new TreeMap<>(library(m).poses());
                poses.put(name, pose);
                return m.withLibrary(library(m).withPoses(poses));
            });
        }
    }

    record RemovePose(String member, String name) implements CastEdit {
        @Override
        public String inWords() {
            return "Delete pose " + name;
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> {
                Map<String, Pose> poses = new TreeMap<>(library(m).poses());
                if (poses.remove(name) == null) {
                    throw new BadInput(m.name() + " has no pose \"" + name + "\".");
                }
                return m.withLibrary(library(m).withPoses(poses));
            });
        }
    }

    /** The mouth chart of a character. */
    record SetChart(String member, MouthChart chart) implements CastEdit {
        @Override
        public String inWords() {
            return "Mouth chart";
        }

        @Override
        public Project on(Project project) {
            return changed(project, member, m -> m.withLibrary(library(m).withChart(chart)));
        }
    }

    /** A shape gets another name: in the chart, in the poses, and in every touch-up of this character's lines. */
    record RenameShape(String member, String from, String to) implements CastEdit {
        @Override
        public String inWords() {
            return "Rename " + from;
        }

        @Override
        public Project on(Project project) {
            Member own = Find.member(project, member);
            MouthChart chart = own.chart();
            if (!chart.shapes().containsKey(from)) {
                throw new BadInput("The chart of " + own.name() + " has no shape \"" + from + "\".");
            }
            if (chart.shapes().containsKey(to)) {
                throw new BadInput("There is a shape \"" + to + "\" already: merge into it, or choose another name.");
            }
            Member.Library library = library(own);
            Map<String, Pose> poses = new TreeMap<>(library.poses());
            Optional.ofNullable(poses.get(from)).ifPresent(p -> poses.put(to, p));
            Project changed =
                    project.with(own.withLibrary(library.withPoses(poses).withChart(chart.renamed(from, to))));
            for (Line line : project.lines()) {
                if (project.speakerOf(line).id().equals(own.id())) {
                    changed = changed.with(line.withMouth(line.mouth().withTouchUps(renamed(line))));
                }
            }
            return changed;
        }

        private List<TouchUp> renamed(Line line) {
            return line.mouth().touchUps().stream()
                    .map(t -> t.renamed(from, to))
                    .toList();
        }
    }
}
