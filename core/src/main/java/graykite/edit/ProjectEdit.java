package graykite.edit;

import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.picture.Dressing;
import graykite.project.KeptView;
import graykite.project.Project;
import graykite.project.Version;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** Changes of the project as a whole. */
public sealed interface ProjectEdit extends Edit {
    private static <T> List<T> without(List<T> all, Predicate<T> forgotten, String what) {
        List<T> left = all.stream().filter(forgotten.negate()).toList();
        if (left.size() == all.size()) {
            throw new BadInput("There is no " + what + ".");
        }
        return left;
    }

    record NameProject(String title) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Name the project";
        }

        @Override
        public Project on(Project project) {
            return project.withTitle(title);
        }
    }

    record SetRate(FrameRate rate) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Frames a second";
        }

        @Override
        public Project on(Project project) {
            return project.rate().equals(rate) ? project : project.withRate(rate);
        }
    }

    /** Says a word in a way of its own in every line. @param word as in the dictionary, in lower case */
    record SayWord(String word, Pronunciation said) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Say \"" + word + "\" so";
        }

        @Override
        public Project on(Project project) {
            return project.withWord(word, said);
        }
    }

    /** Says a word as the dictionary has it again. */
    record ForgetWord(String word) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Forget \"" + word + "\"";
        }

        @Override
        public Project on(Project project) {
            return project.withoutWord(word);
        }
    }

    /** Another list of words and how they are said. */
    record SetWords(Map<String, Pronunciation> words) implements ProjectEdit {
        public SetWords {
            words = Map.copyOf(words);
        }

        @Override
        public String inWords() {
            return "Load words";
        }

        @Override
        public Project on(Project project) {
            return project.withDictionary(words);
        }
    }

    /** Keeps from where a face is looked at; a view of the same name is replaced. */
    record KeepView(KeptView view) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Keep the view \"" + view.name() + "\"";
        }

        @Override
        public Project on(Project project) {
            return project.with(view);
        }
    }

    /**
     * Lights a line or scene and chooses what is behind it.
     *
     * @param of id or title of a line or scene; empty for all of them
     */
    record DressStage(String of, Dressing dressing) implements ProjectEdit {
        @Override
        public String inWords() {
            return of.isEmpty() ? "Light every stage alike" : "Light the stage";
        }

        @Override
        public Project on(Project project) {
            String id = of.isEmpty() ? Project.EVERYWHERE : Find.lineOrScene(project, of);
            Project after = project.dressed(id, dressing);
            return after.dressings().equals(project.dressings()) ? project : after;
        }
    }

    /** Keeps a performance for any line and character; one of the same name is replaced. */
    record KeepPerformance(Performed performance) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Keep the performance \"" + performance.name() + "\"";
        }

        @Override
        public Project on(Project project) {
            return project.with(performance);
        }
    }

    /** Forgets a performance that was kept; clips made of it stay. */
    record ForgetPerformance(String name) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Forget the performance \"" + name + "\"";
        }

        @Override
        public Project on(Project project) {
            return project.withPerformances(
                    without(project.performances(), v -> v.name().equals(name), "performance \"" + name + "\""));
        }
    }

    /** Forgets a view that was kept. */
    record ForgetView(String name) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Forget the view \"" + name + "\"";
        }

        @Override
        public Project on(Project project) {
            return project.withViews(without(project.views(), v -> v.name().equals(name), "view \"" + name + "\""));
        }
    }

    /** Keeps the project as it is under a name; a version of the same name is replaced. @param when milliseconds since 1970 (UTC) */
    record KeepVersion(String name, long when) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Keep the version " + name.strip();
        }

        @Override
        public Project on(Project project) {
            return project.with(new Version(name, when, project.withVersions(List.of())));
        }
    }

    /** Forgets a version. */
    record ForgetVersion(String name) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Forget the version " + name;
        }

        @Override
        public Project on(Project project) {
            Version version = version(project, name);
            return project.withVersions(
                    project.versions().stream().filter(v -> v != version).toList());
        }
    }

    /** Makes the project what it was in a version; the versions stay. */
    record GoBackTo(String name) implements ProjectEdit {
        @Override
        public String inWords() {
            return "Go back to the version " + name;
        }

        @Override
        public Project on(Project project) {
            return version(project, name).project().withVersions(project.versions());
        }
    }

    private static Version version(Project project, String name) {
        return project.versions().stream()
                .filter(v -> v.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .orElseThrow(() -> new BadInput("There is no version \"" + name + "\" of the project."));
    }
}
